package unbo.core.tools.strip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.damage.Mark;
import unbo.core.damage.RaceMapInput;
import unbo.core.damage.Seen;
import unbo.core.damage.Stroke;
import unbo.core.fact.FactKey;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.tool.Shape;

/** What is asked of the races of a removed bearing. */
public final class RaceMapFields {

    private static final int LONGEST = Field.LONGEST_TEXT;
    private static final List<Field.Choice> KINDS = List.of(
            new Field.Choice("ball", "balls"),
            new Field.Choice("angular", "balls at an angle: angular contact, hub cartridge"),
            new Field.Choice("cylindrical", "cylindrical rollers"),
            new Field.Choice("tapered", "tapered rollers"),
            new Field.Choice("needle", "needles"));
    private static final List<Field.Choice> TURNING = List.of(
            new Field.Choice("inner", "the inner ring turns"),
            new Field.Choice("outer", "the outer ring turns (a wheel on its axle)"));
    private static final List<Field> FIELDS = Stream.concat(races(), beside()).toList();

    public static final FieldList<RaceMapInput> LIST = FieldList.of(FIELDS, RaceMapFields::rules, RaceMapFields::make);

    public static final Map<String, String> SAMPLE = Map.of(
            "designation",
            "32008X",
            "elements",
            "20",
            "turning",
            "outer",
            "outer",
            "dark-line/60 6:50 24:50 42:50 60:50 78:50 96:50 114:50 132:50 150:50 168:50 "
                    + "186:50 204:50 222:50 240:50 258:50 276:50 294:50 312:50 330:50 348:50|rust/20 "
                    + "60:30 96:70 150:40 204:60",
            "inner",
            "track/40 0:50 30:50 60:50 90:50 120:50 150:50 180:50 210:50 240:50 270:50 300:50 330:50");

    private static final BearingInput BEARING = BearingInput.numbered("designation");

    private RaceMapFields() {}

    private static Stream<Field> races() {
        return Stream.of(
                Field.bearing("designation", "Bearing, as stamped")
                        .from(FactKey.OUTER_CONE)
                        .hint("for its size and number of elements"),
                Field.choice("kind", "Elements", KINDS).hint("by the number when it tells"),
                Field.choice("turning", "Turning", TURNING).orElse("inner", null),
                Field.whole("elements", "Elements in a row", 3, 80)
                        .hint("counted; estimated from the number when empty"),
                Field.text("inner", "Inner race, painted", LONGEST),
                Field.text("outer", "Outer race, painted", LONGEST),
                Field.quantity("up", "Mark that stood up, on the still ring", Quantity.ANGLE, "°", 0, 360),
                Field.quantity("load", "Middle of the load zone, on the still ring", Quantity.ANGLE, "°", 0, 360)
                        .hint("where the load pressed, if the mounting tells it"));
    }

    /** What lies beside the races: looked at with them, and told only where it was. */
    private static Stream<Field> beside() {
        return Arrays.stream(Seen.Part.values())
                .map(part -> Field.choice(
                                part.box(),
                                part.label(),
                                Seen.of(part).stream()
                                        .map(seen -> new Field.Choice(seen.code(), seen.label()))
                                        .toList())
                        .seldom());
    }

    /** What is seen beside the races, as it is called from outside: a member for each part. */
    public static Shape beside(FieldList<?> list) {
        Shape shape = Shape.EMPTY;
        for (Seen.Part part : Seen.Part.values()) {
            shape = shape.and(part.code(), list, part.box());
        }
        return shape;
    }

    /** The fields, for a stage that asks more than the map. */
    public static List<Field> fields() {
        return FIELDS;
    }

    /** Rules of the map, wherever it is asked. */
    public static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        for (String ring : List.of("inner", "outer")) {
            if (Stroke.read(v.text(ring)).isEmpty()) {
                problems.add(new Problem(
                        ring,
                        "The painting of the " + ring
                                + " race cannot be read: strokes are written mark/width angle:across, for "
                                + "instance dent/5 40:50 80:50, parted by bars; marks are "
                                + String.join(
                                        ", ",
                                        Mark.all().stream().map(Mark::code).toList()) + ".",
                        false));
            }
        }
        return problems;
    }

    /** Makes the input of values that passed {@link #rules}. */
    public static RaceMapInput make(Values v) {
        Bearing d = BEARING.named(v) ? BEARING.of(v) : null;
        RaceMapInput.Kind kind = !v.text("kind").isEmpty()
                ? RaceMapInput.Kind.valueOf(v.text("kind").toUpperCase(Locale.ROOT))
                : d == null ? RaceMapInput.Kind.BALL : kind(d.kind());
        Integer elements = v.has("elements")
                ? Integer.valueOf(v.whole("elements"))
                : d == null
                        ? null
                        : d.inside().map(i -> i.geometry().elements()).orElse(null);
        return new RaceMapInput(
                kind,
                !v.text("turning").equals("outer"),
                elements,
                Stroke.read(v.text("inner")).orElseThrow(),
                Stroke.read(v.text("outer")).orElseThrow(),
                new RaceMapInput.Size(
                        d == null ? null : d.boreMm(),
                        d == null ? null : d.outsideMm(),
                        d == null ? null : d.widthMm()),
                new RaceMapInput.Stood(
                        v.maybe("up"),
                        v.maybe("load"),
                        Arrays.stream(Seen.Part.values())
                                .flatMap(part -> Seen.find(part, v.text(part.box())).stream())
                                .toList()),
                !v.has("elements") && elements != null);
    }

    private static RaceMapInput.Kind kind(BearingKind kind) {
        return switch (kind.element()) {
            case TAPER -> RaceMapInput.Kind.TAPERED;
            case NEEDLE -> RaceMapInput.Kind.NEEDLE;
            case CYLINDER, BARREL -> RaceMapInput.Kind.CYLINDRICAL;
            case BALL, UNKNOWN -> kind.angular() ? RaceMapInput.Kind.ANGULAR : RaceMapInput.Kind.BALL;
        };
    }
}
