package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.PartKind;
import unbo.core.bearing.Bearing;
import unbo.core.designation.SealSize;
import unbo.core.designation.TaperMatch;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.identify.HubInput;
import unbo.core.identify.IdentifiedBearing;
import unbo.core.identify.IdentifiedHub;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/**
 * What is asked to identify the bearings of an assembly, a number or sizes for each of its places. Boxes are named by
 * the order of the places, so that what was typed stays where the kind turns out to be another.
 */
public final class HubFields {

    /** Name of the box that says what kind it is. */
    public static final String KIND = "assembly";

    /** Name of the box by which all places carry the first one's number. */
    public static final String SAME = "allSame";

    private static final List<String> ORDER = FactKey.IN_ORDER;

    /** Where nobody said the kind: two bearings, or one that does all. */
    public static final FieldList<HubInput> LIST = list(null);

    private static final Map<String, FieldList<HubInput>> BY_KIND = byKind();

    private HubFields() {}

    /** What is asked of a kind. */
    public static FieldList<HubInput> of(AssemblyKind kind) {
        return requireNonNull(BY_KIND.get(kind.code()));
    }

    /** The boxes of a place. @param cup name of the box of its cup; null where it has none */
    public record Boxes(
            KindPlace place,
            String name,
            @Nullable String cone,
            @Nullable String cup,
            List<String> seldom) {}

    /** The boxes of every place of a kind. @param kind null where nobody said it */
    public static List<Boxes> boxes(@Nullable AssemblyKind kind) {
        List<Boxes> boxes = new ArrayList<>();
        List<KindPlace> places = places(kind);
        for (int i = 0; i < places.size(); i++) {
            String name = ORDER.get(i);
            KindPlace place = places.get(i);
            boxes.add(
                    place.loose()
                            ? new Boxes(place, name, null, null, List.of(name + "Balls", name + "BallMm"))
                            : new Boxes(
                                    place,
                                    name,
                                    name + "Cone",
                                    cupped(place) ? name + "Cup" : null,
                                    List.of(
                                            name + "Bore",
                                            name + "Outside",
                                            name + "Width",
                                            name + "Maker",
                                            name + "Batch")));
        }
        return boxes;
    }

    private static List<KindPlace> places(@Nullable AssemblyKind kind) {
        return KindPlace.of((kind == null ? AssemblyKind.all().get(0) : kind).code());
    }

    private static boolean cupped(KindPlace place) {
        return place.usual().kind().taper();
    }

    private static Map<String, FieldList<HubInput>> byKind() {
        Map<String, FieldList<HubInput>> lists = new HashMap<>();
        AssemblyKind.all().forEach(kind -> lists.put(kind.code(), list(kind)));
        return Map.copyOf(lists);
    }

    private static FieldList<HubInput> list(@Nullable AssemblyKind kind) {
        List<KindPlace> places = places(kind);
        List<Field> fields = new ArrayList<>();
        fields.add(Field.choice(KIND, "What it is", AssemblyKind.choices())
                .from(FactKey.ASSEMBLY)
                .hint("asked once, and kept with the position"));
        for (int i = 0; i < places.size(); i++) {
            place(ORDER.get(i), places.get(i), kind == null && i == 1, fields);
        }
        if (alike(places)) {
            fields.add(Field.yesNo(SAME, "All of the first one's number"));
        }
        if (kind == null || Assembly.has(kind.code(), PartKind.SEAL)) {
            fields.add(Field.text("seal", "Seal", 40)
                    .from(FactKey.SEAL)
                    .hint("shaft × outside × width, for instance 45x65x10"));
        }
        if (places.size() > 1 && !places.get(0).loose()) {
            fields.add(Field.quantity("betweenCups", "Between the cups", Quantity.LENGTH, "mm", 0, 400)
                    .usually(10, 150)
                    .hint("back to back of the outer rings, in the hub"));
            fields.add(Field.quantity("hubBore", "Hub bore between", Quantity.LENGTH, "mm", 10, 400)
                    .usually(25, 120)
                    .hint("the hollow between the cups"));
            fields.add(Field.quantity("spindle", "Spindle between", Quantity.LENGTH, "mm", 5, 300)
                    .usually(15, 100)
                    .hint("diameter between the cones"));
        }
        return FieldList.of(fields, v -> rules(v, kind), v -> make(v, kind)).asking(v -> early(v, places));
    }

    private static boolean alike(List<KindPlace> places) {
        return places.size() > 1
                && places.stream().noneMatch(place -> cupped(place) || place.loose())
                && places.stream().map(KindPlace::usual).distinct().count() == 1;
    }

    private static void place(String name, KindPlace place, boolean mayBeMissing, List<Field> fields) {
        String label =
                Character.toUpperCase(place.label().charAt(0)) + place.label().substring(1);
        if (place.loose()) {
            fields.add(Field.whole(name + "Balls", label + ", counted", 3, 40).hint("loose, or in their cage"));
            fields.add(Field.quantity(name + "BallMm", "Size of a ball", Quantity.LENGTH, "mm", 1, 15)
                    .usually(3, 8));
            return;
        }
        Field cone = Field.bearing(name + "Cone", label).from(PlaceProperty.CONE.at(place.code()));
        fields.add(mayBeMissing ? cone.hint("empty where one bearing does all, as a cartridge does") : cone);
        if (cupped(place)) {
            fields.add(Field.bearing(name + "Cup", label.replace("bearing", "cup"))
                    .from(PlaceProperty.CUP.at(place.code()))
                    .hint("inch tapers only: other bearings carry one number"));
        }
        fields.add(size(name + "Bore", label.replace(" bearing", "") + " bore"));
        fields.add(size(name + "Outside", label.replace(" bearing", "") + " outside"));
        fields.add(size(name + "Width", label.replace(" bearing", "") + " width"));
        fields.add(Field.text(name + "Maker", "Maker, as stamped", 60).from(PlaceProperty.MAKER.at(place.code())));
        fields.add(Field.text(name + "Batch", "Batch", 60).from(PlaceProperty.BATCH.at(place.code())));
    }

    private static Field size(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 4, 400)
                .usually(8, 200)
                .hint("only where the number is unknown or doubtful");
    }

    /** A wrong pair is said as soon as both of its numbers stand there. */
    private static List<Problem> early(Values v, List<KindPlace> places) {
        List<Problem> problems = new ArrayList<>();
        for (String name : ORDER.subList(0, places.size())) {
            if (!text(v, name + "Cone").isBlank() && !text(v, name + "Cup").isBlank()) {
                TaperMatch match = TaperMatch.of(text(v, name + "Cone"), text(v, name + "Cup"));
                if (Boolean.FALSE.equals(match.match())) {
                    problems.add(Problem.impossible(name + "Cup", match.reason()));
                }
            }
        }
        if (places.size() > 1
                && !text(v, "outerCone").isBlank()
                && text(v, "innerCone").isBlank()
                && places.stream().allMatch(HubFields::cupped)
                && IdentifiedBearing.tapered(
                        v.book().find(text(v, "outerCone")),
                        !text(v, "outerCup").isBlank())) {
            problems.add(new Problem(
                    "innerCone",
                    "A taper never stands alone: write what is stamped on the "
                            + places.get(1).label() + ".",
                    false));
        }
        return problems;
    }

    private static List<Problem> rules(Values v, @Nullable AssemblyKind kind) {
        List<Problem> problems = new ArrayList<>();
        List<HubInput.Placed> placed = placed(v, kind);
        List<KindPlace> places = places(kind);
        if (placed.stream().allMatch(HubInput.Placed::unknown)
                && placed.stream().allMatch(p -> p.cup().isBlank())) {
            return List.of(new Problem(
                    places.get(0).loose() ? "outerBalls" : "outerCone",
                    places.get(0).loose()
                            ? "Count the balls of at least one side."
                            : "Write what is stamped on " + (places.size() > 1 ? "one bearing" : "the bearing")
                                    + " at least, or all three of its sizes.",
                    false));
        }
        for (int i = 0; i < placed.size(); i++) {
            if (!placed.get(i).cone().isBlank() || !placed.get(i).cup().isBlank()) {
                bearing(v, placed.get(i), ORDER.get(i), problems);
            }
        }
        if (!text(v, "seal").isBlank() && SealSize.read(text(v, "seal")).isEmpty()) {
            problems.add(Problem.impossible(
                    "seal",
                    "“" + text(v, "seal")
                            + "” is no seal size: write shaft × outside × width, for instance 45x65x10."));
        }
        if (problems.isEmpty()) {
            lengths(v, IdentifiedHub.of(make(v, kind), v.book()), problems);
        }
        return problems;
    }

    private static void lengths(Values v, IdentifiedHub hub, List<Problem> problems) {
        IdentifiedBearing inner = hub.inner();
        if (inner == null) {
            return;
        }
        double cup = Math.min(hub.outer().outside().mm(), inner.outside().mm());
        double bore = requireNonNull(hub.hubBore()).mm();
        double spindle = requireNonNull(hub.spindle()).mm();
        if (has(v, "hubBore") && bore >= cup) {
            problems.add(Problem.impossible(
                    "hubBore",
                    "The hub bore between the cups, "
                            + Show.number(bore, 3) + " mm, must be under the smaller cup's outside, "
                            + Show.number(cup, 3) + " mm: the cups stand on its shoulders."));
        }
        if (has(v, "spindle") && has(v, "hubBore") && spindle >= bore) {
            problems.add(Problem.impossible(
                    "spindle",
                    "The spindle, " + Show.number(spindle, 3) + " mm, does not go through a hub bore of "
                            + Show.number(bore, 3) + " mm: measure both again."));
        }
    }

    private static void bearing(Values v, HubInput.Placed typed, String name, List<Problem> problems) {
        Bearing cone = v.book().find(typed.cone());
        Bearing cup = typed.cup().isBlank() ? cone : v.book().decode(typed.cup());
        if (cone.marking().isEmpty()) {
            problems.add(new Problem(name + "Cone", "Write what is stamped on the cone as well.", false));
            return;
        }
        if (!typed.cup().isBlank() && !IdentifiedBearing.tapered(cone, true)) {
            problems.add(Problem.impossible(
                    name + "Cup",
                    cone.designation()
                            + " is no taper: it carries one number, and has no cup of its own. Leave this empty."));
            return;
        }
        if (typed.cup().isBlank() && !cone.metricTaper() && (cone.cone() || cone.cup())) {
            boolean asked = cupped(typed.place());
            problems.add(new Problem(
                    name + (asked ? "Cup" : "Cone"),
                    asked
                            ? "An inch cone has a cup of another number: write what is stamped on the cup."
                            : "This is one half of an inch taper, and none sits at the "
                                    + typed.place().label() + " of this kind: read it again, or choose another kind.",
                    false));
        }
        HubInput.Measured measured = typed.measured();
        need(measured.boreMm(), cone.boreMm(), typed, name + "Bore", problems);
        need(measured.outsideMm(), cup.outsideMm(), typed, name + "Outside", problems);
        need(measured.widthMm(), IdentifiedHub.tableWidth(cone, cup), typed, name + "Width", problems);
        Double bore = measured.boreMm() != null ? measured.boreMm() : cone.boreMm();
        Double outside = measured.outsideMm() != null ? measured.outsideMm() : cup.outsideMm();
        double rings = cone.kind().needle()
                        || !cone.recognised() && typed.place().usual().kind().needle()
                ? 1.5
                : 6;
        if (bore != null && outside != null && outside <= bore + rings) {
            problems.add(Problem.impossible(
                    name + "Outside",
                    "An outside of " + Show.number(outside, 3) + " mm leaves no room for rollers over a bore of "
                            + Show.number(bore, 3) + " mm."));
        }
    }

    private static void need(
            @Nullable Double typed, @Nullable Double table, HubInput.Placed at, String name, List<Problem> problems) {
        if (typed == null && table == null) {
            String what = name.endsWith("Bore") ? "bore" : name.endsWith("Outside") ? "outside" : "width";
            problems.add(new Problem(
                    name,
                    "The numbers do not tell the " + at.place().label() + "'s " + what
                            + ": measure it and write it here.",
                    false));
        }
    }

    private static List<HubInput.Placed> placed(Values v, @Nullable AssemblyKind kind) {
        List<HubInput.Placed> placed = new ArrayList<>();
        List<KindPlace> places = places(kind);
        String first = text(v, "outerCone");
        for (int i = 0; i < places.size(); i++) {
            String name = ORDER.get(i);
            HubInput.Measured measured = new HubInput.Measured(
                    maybe(v, name + "Bore"), maybe(v, name + "Outside"), maybe(v, name + "Width"));
            boolean same = i > 0 && text(v, name + "Cone").isBlank() && v.asks(SAME) && v.yes(SAME);
            placed.add(new HubInput.Placed(
                    places.get(i),
                    same ? first : number(text(v, name + "Cone"), measured),
                    text(v, name + "Cup"),
                    measured,
                    new HubInput.Made(text(v, name + "Maker"), text(v, name + "Batch")),
                    has(v, name + "Balls")
                            ? new HubInput.Balls(v.whole(name + "Balls"), maybe(v, name + "BallMm"))
                            : null));
        }
        return placed;
    }

    /** What is stamped on it; its sizes where nothing is, and all three were measured. */
    private static String number(String stamped, HubInput.Measured by) {
        return !stamped.isBlank() || by.boreMm() == null || by.outsideMm() == null || by.widthMm() == null
                ? stamped
                : plain(by.boreMm()) + "x" + plain(by.outsideMm()) + "x" + plain(by.widthMm());
    }

    private static String plain(double mm) {
        return Show.number(mm, 3);
    }

    private static HubInput make(Values v, @Nullable AssemblyKind kind) {
        return new HubInput(
                AssemblyKind.find(text(v, KIND)).orElse(kind),
                !text(v, KIND).isEmpty(),
                placed(v, kind),
                text(v, "seal"),
                new HubInput.Lengths(maybe(v, "betweenCups"), maybe(v, "hubBore"), maybe(v, "spindle")));
    }

    /** What was typed into a box; empty where the kind has no such box. */
    private static String text(Values v, String name) {
        return v.asks(name) ? v.text(name) : "";
    }

    private static boolean has(Values v, String name) {
        return v.asks(name) && v.has(name);
    }

    private static @Nullable Double maybe(Values v, String name) {
        return v.asks(name) ? v.maybe(name) : null;
    }
}
