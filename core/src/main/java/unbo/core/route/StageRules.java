package unbo.core.route;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.apart.ApartInput;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.designation.SealSize;
import unbo.core.diagnosis.Verdict;
import unbo.core.diagnosis.VerdictInput;
import unbo.core.fact.BearingKeys;
import unbo.core.fact.FactKey;
import unbo.core.identify.HubInput;
import unbo.core.identify.IdentifiedBearing;
import unbo.core.identify.IdentifiedHub;
import unbo.core.identify.Size;
import unbo.core.inspect.Inspection;
import unbo.core.intake.Intake;
import unbo.core.intake.IntakeInput;
import unbo.core.lubrication.HubGreaseInput;
import unbo.core.measure.Show;
import unbo.core.mount.FittedShaft;
import unbo.core.mount.Mounting;
import unbo.core.service.DueInput;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.strip.RemovalInput;
import unbo.core.tools.diagnosing.VerdictFields;
import unbo.core.tools.diagnosing.VerdictWords;
import unbo.core.tools.identify.HubFields;
import unbo.core.tools.identify.HubWords;
import unbo.core.tools.intake.IntakeFields;
import unbo.core.tools.intake.IntakeWords;
import unbo.core.tools.proving.DueTool;
import unbo.core.tools.running.HubGreaseTool;
import unbo.core.tools.setting.FittedShaftFields;
import unbo.core.tools.setting.FittedShaftWords;
import unbo.core.tools.setting.MountTool;
import unbo.core.tools.strip.ApartFields;
import unbo.core.tools.strip.ApartTool;
import unbo.core.tools.strip.InspectionFields;
import unbo.core.tools.strip.InspectionWords;
import unbo.core.tools.strip.RemovalFields;
import unbo.core.tools.strip.RemovalTool;
import unbo.core.vehicle.Place;

/** The stations of a hub's job. */
public final class StageRules {

    private static final Map<RouteStage, StageRule<?>> RULES = rules();

    private static final StageRule<RemovalInput> ONE_BEARING = oneBearing();

    private StageRules() {}

    /** @throws IllegalArgumentException for a station this job does not use */
    public static StageRule<?> of(RouteStage stage) {
        StageRule<?> rule = RULES.get(stage);
        if (rule == null) {
            throw new IllegalArgumentException(stage + " is not used in this job");
        }
        return rule;
    }

    /**
     * The rule of a station for what the sheet knows: Set asks by the place or the kind of hub, Prove by the kind of
     * assembly.
     */
    public static @Nullable StageRule<?> of(RouteStage stage, Sheet sheet) {
        return of(stage, sheet, Map.of());
    }

    /** The same, where the texts of Set may name another way than the usual one, those of Prove another kind. */
    public static @Nullable StageRule<?> of(RouteStage stage, Sheet sheet, Map<String, String> texts) {
        return switch (stage) {
            case SET ->
                SetWay.of(texts.getOrDefault(SetWay.BY, ""))
                        .orElse(SetWay.usual(sheet))
                        .rule();
            case PROVE -> ProveRules.of(kind(sheet, texts));
            case STRIP -> texts.getOrDefault("tight", "").isBlank() ? of(stage) : ONE_BEARING;
            default -> of(stage);
        };
    }

    /** The kind of assembly that Prove asks by: as its texts say, else as the sheet tells. */
    public static AssemblyKind kind(Sheet sheet, Map<String, String> texts) {
        return AssemblyKind.find(texts.getOrDefault(ProveRules.KIND, ""))
                .or(() -> AssemblyKind.of(sheet))
                .orElseGet(ProveRules::usual);
    }

    private static Map<RouteStage, StageRule<?>> rules() {
        Map<RouteStage, StageRule<?>> rules = new EnumMap<>(RouteStage.class);
        for (StageRule<?> rule : List.of(
                intake(),
                diagnose(),
                identify(),
                strip(),
                inspect(),
                fit(),
                grease(),
                SetWay.usual(Sheet.of(List.of())).rule(),
                ProveRules.of(ProveRules.usual()),
                log())) {
            rules.put(rule.stage(), rule);
        }
        return rules;
    }

    private static StageRule<IntakeInput> intake() {
        return new StageRule<>(
                RouteStage.INTAKE,
                IntakeFields.LIST,
                List.of("complaint", "day", "counter", "load"),
                StageRule.from(
                        "complaint",
                        FactKey.COMPLAINT,
                        "day",
                        FactKey.DAY,
                        "counter",
                        FactKey.COUNTER,
                        "load",
                        FactKey.LOAD,
                        "counterUnit",
                        FactKey.COUNTER_UNIT,
                        "yearly",
                        FactKey.YEARLY,
                        "lastCounter",
                        FactKey.LAST_COUNTER,
                        "lastDay",
                        FactKey.LAST_DAY),
                in -> {
                    Facts facts = new Facts(RouteStage.INTAKE);
                    facts.words(FactKey.COMPLAINT, in.complaint(), How.TYPED);
                    facts.words(FactKey.DAY, in.day().toString(), How.TYPED);
                    facts.words(FactKey.COUNTER, in.counter() == null ? "" : Show.number(in.counter(), 1), How.TYPED);
                    facts.number(FactKey.LOAD, in.loadKg(), How.TYPED);
                    return new StageRule.Outcome(IntakeWords.answer(Intake.of(in)), facts.list(), true);
                });
    }

    private static StageRule<VerdictInput> diagnose() {
        return new StageRule<>(
                RouteStage.DIAGNOSE,
                VerdictFields.LIST,
                VerdictFields.ASKED,
                StageRule.from(
                        "vehicle",
                        FactKey.VEHICLE_KIND,
                        "axles",
                        FactKey.AXLES,
                        "position",
                        FactKey.POSITION,
                        "failures",
                        FactKey.FAILURES,
                        "complaint",
                        FactKey.COMPLAINT,
                        "circumstances",
                        FactKey.CIRCUMSTANCES,
                        "hubType",
                        FactKey.HUB_TYPE,
                        "counter",
                        FactKey.COUNTER,
                        "lastCounter",
                        FactKey.LAST_COUNTER,
                        "counterUnit",
                        FactKey.COUNTER_UNIT,
                        "day",
                        FactKey.DAY,
                        "lastDay",
                        FactKey.LAST_DAY),
                (in, known) -> {
                    Verdict verdict = Verdict.of(in, known.cases());
                    Facts facts = new Facts(RouteStage.DIAGNOSE);
                    facts.words(FactKey.HUB_TYPE, in.asked().hubType().code(), How.TYPED);
                    facts.words(FactKey.INITIALS, in.initials(), How.TYPED);
                    if (verdict.settled()) {
                        facts.words(
                                FactKey.VERDICT,
                                verdict.hypothesis().words(in.asked().vehicle()),
                                How.COMPUTED);
                        facts.words(
                                FactKey.VERDICT_CAUSE,
                                verdict.hypothesis().cause().code(),
                                How.COMPUTED);
                        facts.words(
                                FactKey.VERDICT_AT,
                                verdict.hypothesis().position() == null
                                        ? ""
                                        : verdict.hypothesis().position(),
                                How.COMPUTED);
                    }
                    return new StageRule.Outcome(VerdictWords.answer(verdict), facts.list(), verdict.settled());
                });
    }

    private static StageRule<HubInput> identify() {
        return new StageRule<>(
                RouteStage.IDENTIFY,
                HubFields.LIST,
                HubFields.LIST.fields().stream().map(f -> f.name()).toList(),
                StageRule.from(
                        "outerCone",
                        FactKey.OUTER_CONE,
                        "outerCup",
                        FactKey.OUTER_CUP,
                        "innerCone",
                        FactKey.INNER_CONE,
                        "innerCup",
                        FactKey.INNER_CUP,
                        "seal",
                        FactKey.SEAL),
                (in, known) -> {
                    IdentifiedHub hub = IdentifiedHub.of(in, known.bearings());
                    Facts facts = new Facts(RouteStage.IDENTIFY);
                    bearing(facts, hub.outer(), in.outer(), BearingKeys.OUTER);
                    facts.words(FactKey.OUTER_KIND, hub.outer().cone().kind().code(), How.COMPUTED);
                    facts.words(FactKey.HUB_TYPE, hub.hubType(), How.COMPUTED);
                    if (hub.inner() != null) {
                        bearing(facts, hub.inner(), in.inner(), BearingKeys.INNER);
                        facts.words(
                                FactKey.INNER_KIND, hub.inner().cone().kind().code(), How.COMPUTED);
                        size(facts, FactKey.BETWEEN_CUPS, requireNonNull(hub.betweenCups()));
                        size(facts, FactKey.HUB_BORE, requireNonNull(hub.hubBore()));
                        size(facts, FactKey.SPINDLE, requireNonNull(hub.spindle()));
                    }
                    facts.words(FactKey.SEAL, hub.seal().map(StageRules::seal).orElse(""), How.TYPED);
                    return new StageRule.Outcome(HubWords.answer(hub), facts.list(), true);
                });
    }

    private static void size(Facts facts, FactKey key, Size size) {
        facts.number(key, size.mm(), size.how());
    }

    private static String seal(SealSize seal) {
        return Show.number(seal.shaftMm(), 2) + "x" + Show.number(seal.outsideMm(), 2) + "x"
                + Show.number(seal.widthMm(), 2);
    }

    private static void bearing(Facts facts, IdentifiedBearing taper, HubInput.Taper typed, BearingKeys keys) {
        facts.words(keys.cone(), taper.cone().marking(), How.TYPED);
        facts.words(keys.cup(), typed.cup().isBlank() ? "" : taper.cup().marking(), How.TYPED);
        size(facts, keys.bore(), taper.bore());
        size(facts, keys.outside(), taper.outside());
        size(facts, keys.width(), taper.width());
        size(facts, keys.halfAngle(), taper.halfAngleDeg());
    }

    /** The whole assembly, of the kind that is here, with the numbers that Identify told. */
    private static StageRule<ApartInput> strip() {
        return StageRule.of(
                        RouteStage.STRIP,
                        new ApartTool(),
                        ApartFields.LIST.fields().stream()
                                .map(f -> f.name())
                                .filter(name -> !name.equals(ApartFields.KEEP))
                                .toList())
                .usually(StageRules::stripFills);
    }

    private static List<Fill> stripFills(Sheet sheet) {
        List<Fill> fills = new ArrayList<>();
        AssemblyKind.of(sheet).ifPresent(kind -> {
            List<FactKey> told = List.of(FactKey.VEHICLE_KIND, FactKey.WHERE, FactKey.HUB_TYPE, FactKey.ASSEMBLY);
            fills.add(new Fill(
                    ApartFields.KIND,
                    kind.code(),
                    told.stream().filter(sheet::has).toList()));
            List<String> lines = new ArrayList<>();
            List<FactKey> numbered = new ArrayList<>();
            List<KindPlace> places = KindPlace.of(kind.code());
            for (int i = 0; i < Math.min(places.size(), BearingKeys.values().length); i++) {
                FactKey cone = BearingKeys.values()[i].cone();
                if (sheet.has(cone)) {
                    lines.add(new ApartFields.Numbered(places.get(i).code(), FromSheet.set(sheet, cone)).line());
                    numbered.add(cone);
                }
            }
            fills.add(new Fill(ApartFields.NUMBERS, String.join("\n", lines), numbered));
        });
        return fills;
    }

    /** One bearing by itself, as it was asked before whole assemblies were: entries of that time are read by it. */
    private static StageRule<RemovalInput> oneBearing() {
        return StageRule.of(
                        RouteStage.STRIP,
                        new RemovalTool(),
                        RemovalFields.LIST.fields().stream().map(f -> f.name()).toList())
                .named(EntryNames::bearing);
    }

    private static StageRule<Inspection.Input> inspect() {
        return new StageRule<>(
                        RouteStage.INSPECT,
                        InspectionFields.LIST,
                        InspectionFields.LIST.fields().stream()
                                .map(f -> f.name())
                                .filter(n -> !n.equals("past") && !n.equals("vehicle"))
                                .toList(),
                        StageRule.from(
                                "designation",
                                FactKey.OUTER_CONE,
                                "vehicle",
                                FactKey.VEHICLE_KIND,
                                "past",
                                FactKey.PAST_DAMAGE),
                        in -> {
                            Inspection inspection = Inspection.of(in);
                            Facts facts = new Facts(RouteStage.INSPECT);
                            facts.words(
                                    FactKey.DAMAGE,
                                    String.join(
                                            ", ",
                                            inspection.map().likely().stream()
                                                    .map(r -> r.mode().id())
                                                    .toList()),
                                    How.COMPUTED);
                            facts.words(
                                    FactKey.SEAT_STATE,
                                    inspection.seat() == null
                                            ? ""
                                            : inspection.seat().verdict().name().toLowerCase(java.util.Locale.ROOT),
                                    How.MEASURED);
                            if (inspection.seat() != null) {
                                boolean shaft = inspection.seat().input().fit().inner();
                                facts.number(
                                        shaft ? FactKey.SHAFT_MIN : FactKey.HOUSING_MIN,
                                        inspection.seat().leastMm(),
                                        How.MEASURED);
                                facts.number(
                                        shaft ? FactKey.SHAFT_MAX : FactKey.HOUSING_MAX,
                                        inspection.seat().mostMm(),
                                        How.MEASURED);
                            }
                            facts.words(FactKey.SEAT_REMEDY, inspection.remedy(), How.TYPED);
                            facts.number(FactKey.CURE_HOURS, inspection.cureHours(), How.COMPUTED);
                            return new StageRule.Outcome(
                                    InspectionWords.answer(inspection),
                                    facts.list(),
                                    !inspection.map().empty() || inspection.seat() != null);
                        })
                .usually(sheet -> List.of(new Fill(
                        "turning",
                        AssemblyKind.of(sheet).map(AssemblyKind::housing).orElse(false) ? "outer" : "inner",
                        List.of(FactKey.HUB_TYPE))))
                .named(EntryNames::bearing);
    }

    private static StageRule<FittedShaft.Input> fit() {
        return new StageRule<>(
                        RouteStage.FIT,
                        FittedShaftFields.LIST,
                        FittedShaftFields.LIST.fields().stream()
                                .map(f -> f.name())
                                .toList(),
                        StageRule.from(
                                "designation",
                                List.of(FactKey.OUTER_CUP, FactKey.OUTER_CONE),
                                "seat",
                                FactKey.FIT_SEAT,
                                "arrangement",
                                FactKey.ARRANGEMENT,
                                "leftBearing",
                                FactKey.LEFT_BEARING,
                                "rightBearing",
                                FactKey.RIGHT_BEARING),
                        in -> {
                            FittedShaft fitted = FittedShaft.of(in);
                            Mounting mounting = fitted.mounting();
                            Facts facts = new Facts(RouteStage.FIT);
                            facts.words(
                                    FactKey.FIT_SEAT,
                                    mounting.input().fit().seat() == null
                                            ? ""
                                            : mounting.input().fit().seat(),
                                    How.TYPED);
                            facts.number(
                                    FactKey.FIT_INTERFERENCE,
                                    mounting.fit().interference().meanUm() / 1000,
                                    How.COMPUTED);
                            facts.number(
                                    FactKey.FIT_HEAT,
                                    mounting.byHeat()
                                            ? Double.valueOf(requireNonNull(mounting.heat())
                                                    .ringC())
                                            : null,
                                    How.COMPUTED);
                            if (in.arrangement() != null) {
                                facts.words(
                                        FactKey.ARRANGEMENT, in.arrangement().code(), How.TYPED);
                                facts.words(
                                        FactKey.LEFT_BEARING,
                                        in.arrangement().left().bearing().designation(),
                                        How.TYPED);
                                facts.words(
                                        FactKey.RIGHT_BEARING,
                                        in.arrangement().right().bearing().designation(),
                                        How.TYPED);
                            }
                            return new StageRule.Outcome(
                                    FittedShaftWords.answer(fitted),
                                    facts.list(),
                                    true,
                                    new MountTool().seconds(mounting));
                        })
                .usually(StageRules::seats)
                .named(EntryNames::ring);
    }

    /**
     * In a wheel the outer ring or cup is the one that goes in tight; a seat that Inspect measured counts before any
     * symbol.
     */
    private static List<Fill> seats(Sheet sheet) {
        boolean wheel = Place.of(sheet.text(FactKey.VEHICLE_KIND), sheet.text(FactKey.WHERE))
                .map(Place::wheel)
                .orElse(false);
        List<Fill> fills = new ArrayList<>();
        if (wheel) {
            fills.add(new Fill("ring", "outer", List.of()));
            fills.add(new Fill(
                    "seat",
                    sheet.has(FactKey.FIT_SEAT) ? sheet.typed(FactKey.FIT_SEAT) : "N7",
                    List.of(FactKey.FIT_SEAT)));
        }
        FactKey least = wheel ? FactKey.HOUSING_MIN : FactKey.SHAFT_MIN;
        FactKey most = wheel ? FactKey.HOUSING_MAX : FactKey.SHAFT_MAX;
        fills.add(new Fill("measuredMinMm", sheet.typed(least), List.of(least)));
        fills.add(new Fill("measuredMaxMm", sheet.typed(most), List.of(most)));
        return fills;
    }

    private static StageRule<HubGreaseInput> grease() {
        return StageRule.of(
                RouteStage.GREASE,
                new HubGreaseTool(),
                List.of("kind", "oldKind", "cavityShare", "hubTemperature", "method", "strokeGrams"));
    }

    private static StageRule<DueInput> log() {
        return StageRule.of(
                RouteStage.LOG,
                new DueTool(),
                List.of("cause", "note", "serviceSchool", "season", "ownMonths", "ownCount", "ownImmersions"));
    }
}
