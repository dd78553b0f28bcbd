package unbo.core.tools.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.bearing.BearingKind;
import unbo.core.catalogue.KindChoices;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.lubrication.HubGreaseInput;
import unbo.core.lubrication.Mixing;
import unbo.core.lubrication.Share;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.vehicle.Usage;

/** What is asked to grease an assembly: the boxes of every place, its cavity, and the grease. */
public final class HubGreaseFields {

    /** What is asked on a stage's page; the others are on the sheet. */
    public static final List<String> ASKED =
            List.of("kind", "oldKind", "cavityShare", "hubTemperature", "method", "strokeGrams");

    /** Where nobody said the kind: one to four bearings, and a cavity where its lengths are given. */
    public static final FieldList<HubGreaseInput> LIST = list(null);

    private static final List<String> LENGTHS = List.of("betweenCups", "hubBore", "spindle");

    private static final Map<String, FieldList<HubGreaseInput>> BY_KIND = byKind();

    private HubGreaseFields() {}

    /** What is asked of a kind: its own places, and a cavity where it has one. */
    public static FieldList<HubGreaseInput> of(AssemblyKind kind) {
        return requireNonNull(BY_KIND.get(kind.code()));
    }

    /** A place as the boxes name it. @param code that its facts are found under */
    private record Asked(String name, String code, String label, BearingKind usual) {

        private List<String> sizes() {
            return List.of(name + "Bore", name + "Outside", name + "Width");
        }

        private String title() {
            return Character.toUpperCase(label.charAt(0)) + label.substring(1);
        }
    }

    private static List<Asked> places(@Nullable AssemblyKind kind) {
        List<Asked> asked = new ArrayList<>();
        if (kind == null) {
            for (String name : FactKey.IN_ORDER) {
                asked.add(new Asked(name, name, name + " bearing", BearingKind.TAPERED_ROLLER));
            }
            return asked;
        }
        List<KindPlace> places = KindPlace.of(kind.code());
        for (int i = 0; i < places.size(); i++) {
            KindPlace place = places.get(i);
            asked.add(new Asked(
                    FactKey.IN_ORDER.get(i),
                    place.code(),
                    place.label(),
                    place.usual().kind()));
        }
        return asked;
    }

    private static Map<String, FieldList<HubGreaseInput>> byKind() {
        Map<String, FieldList<HubGreaseInput>> lists = new HashMap<>();
        AssemblyKind.all().forEach(kind -> lists.put(kind.code(), list(kind)));
        return Map.copyOf(lists);
    }

    private static FieldList<HubGreaseInput> list(@Nullable AssemblyKind kind) {
        List<Asked> places = places(kind);
        boolean cavity = kind == null || kind.route().cavity();
        boolean cool =
                kind != null && List.of("pivot", "slow").contains(kind.route().packed());
        List<Field> fields = new ArrayList<>();
        places.forEach(place -> bearing(place, fields));
        if (cavity) {
            fields.add(mm("betweenCups", "Between the cups", 0, 400).from(FactKey.BETWEEN_CUPS));
            fields.add(mm("hubBore", "Hub bore between", 10, 400).from(FactKey.HUB_BORE));
            fields.add(mm("spindle", "Spindle between", 5, 300).from(FactKey.SPINDLE));
        }
        fields.add(Field.choice("kind", "New grease", Mixing.choices())
                .from(FactKey.GREASE_KIND)
                .must());
        fields.add(Field.choice("oldKind", "Grease that was in", oldChoices())
                .from(FactKey.GREASE_KIND)
                .orElse("unknown", "washing out is always right"));
        if (cavity) {
            fields.add(Field.quantity("cavityShare", "Share of the cavity", Quantity.RATIO, "", 0.2, 0.5)
                    .usually(0.3, 0.5)
                    .orElse("0.333", "a third; never over a half"));
        }
        fields.add(Field.quantity("hubTemperature", "The hub's heat", Quantity.TEMPERATURE, "°C", -30, 250)
                .from(FactKey.HUB_HEAT)
                .usually(20, 140)
                .orElse(cool ? "30" : "70", cool ? "it hardly warms" : "a braked wheel, expected"));
        fields.add(Field.choice(
                        "method",
                        "Greased",
                        List.of(
                                new Field.Choice("hand", "by hand"),
                                new Field.Choice("packer", "with a packer"),
                                new Field.Choice("gun", "by gun, through its nipple")))
                .orElse("hand", null));
        fields.add(Field.quantity("strokeGrams", "One stroke of the gun", Quantity.MASS, "g", 0.05, 20)
                .usually(0.5, 3)
                .hint("ten strokes on a scale, divided by ten"));
        fields.add(Field.choice("use", "Use", Usage.USES).from(FactKey.USE).orElse("wet", "when not said"));
        fields.add(Field.choice("packed", "What it does", Share.USES)
                .orElse(kind == null ? "wheel" : kind.route().packed(), "tapers are packed by hand whatever they do"));
        return FieldList.of(fields, v -> rules(v, places), v -> make(v, places, kind != null))
                .asking(v -> missing(v, places, kind != null));
    }

    private static void bearing(Asked place, List<Field> fields) {
        String label = place.title();
        boolean seldom = FactKey.IN_ORDER.indexOf(place.name()) > 1;
        Stream.of(
                        mm(place.name() + "Bore", label + ", bore", 4, 300).from(PlaceProperty.BORE.at(place.code())),
                        mm(place.name() + "Outside", label + ", outside", 8, 400)
                                .from(PlaceProperty.OUTSIDE.at(place.code())),
                        mm(place.name() + "Width", label + ", width", 3, 150)
                                .from(PlaceProperty.WIDTH.at(place.code())))
                .map(size -> seldom ? size.seldom() : size)
                .forEach(fields::add);
        fields.add(Field.choice(place.name() + "Kind", label + ", kind", KindChoices.all())
                .from(PlaceProperty.KIND.at(place.code()))
                .orElse(
                        (place.usual() == BearingKind.UNKNOWN ? BearingKind.DEEP_GROOVE_BALL : place.usual()).code(),
                        null)
                .seldom());
        fields.add(Field.choice(
                        place.name() + "Sealed",
                        label + ", seals",
                        List.of(
                                new Field.Choice("no", "open, it takes grease"),
                                new Field.Choice("yes", "greased for life")))
                .from(PlaceProperty.FITTED_GREASED.at(place.code()), PlaceProperty.GREASED.at(place.code()))
                .orElse("no", null)
                .seldom());
    }

    /** What the hub's section is drawn from when there is no job: two bearings with a cavity between. */
    public static Sheet sheet(HubGreaseInput in) {
        List<Fact> facts = new ArrayList<>();
        for (int i = 0; i < Math.min(2, in.bearings().size()); i++) {
            HubGreaseInput.Envelope e = in.bearings().get(i).envelope();
            String place = FactKey.IN_ORDER.get(i);
            if (e != null) {
                facts.add(size(PlaceProperty.BORE.at(place), e.boreMm()));
                facts.add(size(PlaceProperty.OUTSIDE.at(place), e.outsideMm()));
                facts.add(size(PlaceProperty.WIDTH.at(place), e.widthMm()));
                facts.add(Fact.words(
                        PlaceProperty.KIND.at(place),
                        e.rolls() == HubGreaseInput.Rolls.TAPER ? "tapered-roller" : "deep-groove-ball",
                        How.TYPED,
                        "bench"));
            }
        }
        HubGreaseInput.Cavity cavity = in.cavity();
        if (cavity != null) {
            facts.add(size(FactKey.BETWEEN_CUPS, cavity.betweenCupsMm()));
            facts.add(size(FactKey.HUB_BORE, cavity.hubBoreMm()));
            facts.add(size(FactKey.SPINDLE, cavity.spindleMm()));
            facts.add(size(FactKey.GREASE_CAVITY_SHARE, cavity.share()));
        }
        facts.add(Fact.words(FactKey.GREASE_KIND, in.kind(), How.TYPED, "bench"));
        return Sheet.of(facts);
    }

    private static Fact size(FactKey key, double value) {
        return Fact.number(key, value, How.TYPED, "bench");
    }

    private static Field mm(String name, String label, double min, double max) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", min, max).usually(Math.max(min, 8), 200);
    }

    private static List<Field.Choice> oldChoices() {
        List<Field.Choice> choices = new ArrayList<>();
        choices.add(new Field.Choice("unknown", "not known, all washed out"));
        choices.addAll(Mixing.choices());
        return choices;
    }

    /** Said whatever else is missing: an earlier stage gives it. */
    private static List<Problem> missing(Values v, List<Asked> places, boolean inJob) {
        List<Problem> problems = new ArrayList<>();
        boolean any = places.stream().anyMatch(place -> sealed(v, place) || sized(v, place));
        for (Asked place : places) {
            boolean wanted = sized(v, place) || !any && place.equals(places.get(0));
            place.sizes().stream()
                    .filter(size -> wanted && !sealed(v, place) && !v.has(size))
                    .forEach(size -> problems.add(new Problem(size, missing(size, place), false)));
        }
        if (v.asks("betweenCups") && (inJob || LENGTHS.stream().anyMatch(v::has))) {
            LENGTHS.stream()
                    .filter(length -> !v.has(length))
                    .forEach(length -> problems.add(new Problem(
                            length,
                            "The cavity takes grease too: write all three of its lengths, or none where it "
                                    + "is not filled.",
                            false)));
        }
        return problems;
    }

    private static boolean sized(Values v, Asked place) {
        return place.sizes().stream().anyMatch(v::has);
    }

    private static List<Problem> rules(Values v, List<Asked> places) {
        List<Problem> problems = new ArrayList<>();
        places.forEach(place -> larger(v, place.name() + "Outside", place.name() + "Bore", problems));
        if (v.asks("hubBore")) {
            larger(v, "hubBore", "spindle", problems);
        }
        return problems;
    }

    private static String missing(String size, Asked place) {
        String what = size.substring(place.name().length()).toLowerCase(java.util.Locale.ROOT);
        return "The " + place.label() + "'s " + what + " is missing: its room is worked out from all three sizes.";
    }

    private static void larger(Values v, String large, String small, List<Problem> problems) {
        if (v.has(large) && v.has(small) && v.number(large) <= v.number(small)) {
            problems.add(Problem.impossible(
                    large,
                    Show.number(v.number(large), 3) + " mm must be more than " + Show.number(v.number(small), 3)
                            + " mm inside it: measure both again."));
        }
    }

    private static boolean sealed(Values v, Asked place) {
        return v.text(place.name() + "Sealed").equals("yes");
    }

    private static HubGreaseInput make(Values v, List<Asked> places, boolean inJob) {
        List<HubGreaseInput.Bearing> bearings = new ArrayList<>();
        for (Asked place : places) {
            boolean sized = !sealed(v, place) && v.has(place.name() + "Bore");
            if (sized || sealed(v, place) || inJob) {
                bearings.add(new HubGreaseInput.Bearing(
                        place.code(), place.label(), sized ? envelope(v, place) : null, sealed(v, place)));
            }
        }
        String old = v.text("oldKind");
        return new HubGreaseInput(
                bearings,
                v.asks("betweenCups") && v.has("betweenCups")
                        ? new HubGreaseInput.Cavity(
                                v.number("betweenCups"),
                                v.number("hubBore"),
                                v.number("spindle"),
                                v.number("cavityShare"))
                        : null,
                new HubGreaseInput.Filling(v.text("kind"), old.equals("unknown") ? "" : old),
                new HubGreaseInput.Duty(v.text("use").equals("immersed"), v.number("hubTemperature")),
                new HubGreaseInput.By(v.text("method"), v.maybe("strokeGrams")));
    }

    private static HubGreaseInput.Envelope envelope(Values v, Asked place) {
        BearingKind kind = BearingKind.of(v.text(place.name() + "Kind")).orElse(place.usual());
        HubGreaseInput.Rolls rolls = switch (kind.element()) {
            case TAPER -> HubGreaseInput.Rolls.TAPER;
            case BALL, UNKNOWN -> HubGreaseInput.Rolls.BALL;
            case CYLINDER, BARREL, NEEDLE -> HubGreaseInput.Rolls.ROLLER;
        };
        return new HubGreaseInput.Envelope(
                v.number(place.name() + "Bore"),
                v.number(place.name() + "Outside"),
                v.number(place.name() + "Width"),
                rolls,
                rolls == HubGreaseInput.Rolls.TAPER ? Share.PACKED_BY_HAND : Share.of(v.text("packed"), null));
    }
}
