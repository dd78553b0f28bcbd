package unbo.core.route;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.apart.ApartInput;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.BearingPlaces;
import unbo.core.assembly.KindPlace;
import unbo.core.diagnosis.Verdict;
import unbo.core.diagnosis.VerdictInput;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.intake.Intake;
import unbo.core.intake.IntakeInput;
import unbo.core.measure.Show;
import unbo.core.service.DueInput;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.strip.RemovalInput;
import unbo.core.tools.diagnosing.VerdictFields;
import unbo.core.tools.diagnosing.VerdictWords;
import unbo.core.tools.intake.IntakeFields;
import unbo.core.tools.intake.IntakeWords;
import unbo.core.tools.proving.DueTool;
import unbo.core.tools.strip.ApartFields;
import unbo.core.tools.strip.ApartTool;
import unbo.core.tools.strip.PartsLookedFields;
import unbo.core.tools.strip.RemovalFields;
import unbo.core.tools.strip.RemovalTool;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleKind;

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
            case IDENTIFY -> IdentifyRule.of(IdentifyRule.kind(sheet, texts));
            case INSPECT ->
                texts.getOrDefault(BearingPlaces.NAME, "").equals(PartsLookedFields.WHICH)
                        ? PartsLookedRule.RULE
                        : of(stage);
            case GREASE -> GreaseRule.of(sheet.kind().orElse(null));
            case STRIP -> texts.getOrDefault("tight", "").isBlank() ? of(stage) : ONE_BEARING;
            default -> of(stage);
        };
    }

    /** The kind of assembly that Prove asks by: as its texts say, else as the sheet tells. */
    public static AssemblyKind kind(Sheet sheet, Map<String, String> texts) {
        return AssemblyKind.find(texts.getOrDefault(ProveRules.KIND, ""))
                .or(sheet::kind)
                .orElseGet(ProveRules::usual);
    }

    private static Map<RouteStage, StageRule<?>> rules() {
        Map<RouteStage, StageRule<?>> rules = new EnumMap<>(RouteStage.class);
        for (StageRule<?> rule : List.of(
                intake(),
                diagnose(),
                IdentifyRule.of(null),
                strip(),
                InspectRule.RULE,
                FitRule.RULE,
                GreaseRule.of(null),
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
                                "axles",
                                FactKey.AXLES,
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
                        })
                .usually(StageRules::diagnosedAs);
    }

    /** The vehicle that Diagnose takes it for, and what is known of the positions that this one has. */
    private static List<Fill> diagnosedAs(Sheet sheet) {
        String like = VehicleKind.like(sheet.text(FactKey.VEHICLE_KIND));
        List<FactKey> kind = List.of(FactKey.VEHICLE_KIND);
        String position = sheet.text(FactKey.POSITION);
        String failures = Stream.of(sheet.text(FactKey.FAILURES).split("\\s+"))
                .filter(failed -> known(like, failed.replaceFirst("=.*", "")))
                .collect(Collectors.joining(" "));
        return List.of(
                new Fill("vehicle", like, kind),
                new Fill("position", known(like, position) ? position : "", List.of(FactKey.POSITION)),
                new Fill("failures", failures, List.of(FactKey.FAILURES)));
    }

    private static boolean known(String vehicle, String position) {
        return Place.of(vehicle, position).filter(place -> !place.own()).isPresent();
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
        sheet.kind().ifPresent(kind -> {
            List<FactKey> told = List.of(FactKey.VEHICLE_KIND, FactKey.WHERE, FactKey.HUB_TYPE, FactKey.ASSEMBLY);
            fills.add(new Fill(
                    ApartFields.KIND,
                    kind.code(),
                    told.stream().filter(sheet::has).toList()));
            ApartFields.built(sheet.text(FactKey.BUILT))
                    .forEach((box, said) -> fills.add(new Fill(box, said, List.of(FactKey.BUILT))));
            List<String> lines = new ArrayList<>();
            List<FactKey> numbered = new ArrayList<>();
            for (KindPlace place : sheet.places()) {
                FactKey cone = PlaceProperty.CONE.at(place.code());
                if (sheet.has(cone)) {
                    lines.add(new ApartFields.Numbered(place.code(), sheet.found(place.code())).line());
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

    private static StageRule<DueInput> log() {
        return StageRule.of(
                RouteStage.LOG,
                new DueTool(),
                List.of("cause", "note", "serviceSchool", "season", "ownMonths", "ownCount", "ownImmersions"));
    }
}
