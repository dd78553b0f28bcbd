package unbo.core.tools.listening;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;
import unbo.core.fact.FactKey;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.signal.Band;
import unbo.core.signal.NoiseInput;
import unbo.core.signal.Speed;

/** What is asked beside a recording. */
public final class NoiseFields {

    private static final double SLOWEST_RPM = 60;
    private static final double FASTEST_RPM = 20_000;
    private static final List<String> COUNTED = List.of("elements", "elementMm", "pitchMm");

    public static final FieldList<NoiseInput> LIST = new FieldList<>(
            List.of(
                    Field.choice(
                                    "speedBy",
                                    "Speed is",
                                    List.of(
                                            new Field.Choice("typed", "typed"),
                                            new Field.Choice("tacho", "one pulse a turn on the right channel"),
                                            new Field.Choice("found", "to be found from the wheel's lines")))
                            .orElse("typed", null),
                    Field.quantity("rpm", "Shaft or wheel speed", Quantity.ROTATION, "rpm", SLOWEST_RPM, FASTEST_RPM)
                            .usually(100, 3000),
                    Field.quantity(
                                    "rpmEnd",
                                    "at the end of the recording",
                                    Quantity.ROTATION,
                                    "rpm",
                                    SLOWEST_RPM,
                                    FASTEST_RPM)
                            .hint("where it changed evenly"),
                    Field.quantity("speedKmh", "or road speed", Quantity.SPEED, "km/h", 3, 300)
                            .usually(15, 160),
                    Field.quantity("rollingRadiusM", "Rolling radius", Quantity.LENGTH, "m", 0.05, 1)
                            .usually(0.12, 0.5),
                    Field.bearing("designation", "Bearing, as stamped")
                            .from(FactKey.OUTER_CONE)
                            .hint("its inside is estimated by its kind; or counted below"),
                    Field.whole("elements", "Rolling elements", 3, 60).hint("counted"),
                    Field.quantity("elementMm", "Element diameter", Quantity.LENGTH, "mm", 1, 80)
                            .usually(3, 25),
                    Field.quantity("pitchMm", "Pitch diameter", Quantity.LENGTH, "mm", 5, 500)
                            .usually(15, 120)
                            .hint("bore and outside, added and halved, is near"),
                    Field.quantity("contactDeg", "Contact angle", Quantity.ANGLE, "°", 0, 60)
                            .orElse("0", "deep groove"),
                    Field.quantity("bore", "or bore", Quantity.LENGTH, "mm", 3, 300)
                            .hint("with the outside diameter: inside estimated, deep groove"),
                    Field.quantity("outside", "and outside diameter", Quantity.LENGTH, "mm", 6, 500),
                    Field.choice("turning", "Turning ring", turnings()).orElse("inner", null),
                    Field.quantity("bandLo", "Band from", Quantity.RATIO, "", 50, 40_000)
                            .hint("Hz; empty: the spikiest octave or third-octave"),
                    Field.quantity("bandHi", "Band to", Quantity.RATIO, "", 100, 45_000)
                            .hint("Hz"),
                    Field.whole("gearTeeth", "Teeth of a gear on this shaft", 5, 200),
                    Field.whole("treadBlocks", "Blocks round the tyre", 5, 200)),
            NoiseFields::early,
            NoiseFields::rules,
            NoiseFields::make);

    private static final BearingInput BEARING = BearingInput.numbered("designation");

    private NoiseFields() {}

    private static List<Field.Choice> turnings() {
        return Arrays.stream(Turning.values())
                .map(ring -> new Field.Choice(ring.code(), ring.label()))
                .toList();
    }

    private static List<Problem> early(Values v) {
        List<Problem> problems = new ArrayList<>();
        boolean typed = v.text("speedBy").isEmpty() || v.text("speedBy").equals("typed");
        if (typed && !v.has("rpm") && !(v.has("speedKmh") && v.has("rollingRadiusM"))) {
            problems.add(new Problem(
                    "rpm", "Write the speed of the shaft, or road speed and rolling radius; or have it found.", false));
        }
        long counted = COUNTED.stream().filter(v::has).count();
        boolean boundary = v.has("bore") && v.has("outside") || BEARING.named(v);
        if (counted == 0 && !boundary) {
            problems.add(new Problem(
                    "elements",
                    "Write number, diameter and pitch diameter of the elements, or the bearing's number, or bore "
                            + "and outside diameter: then they are estimated.",
                    false));
        } else if (counted > 0 && counted < COUNTED.size()) {
            COUNTED.stream()
                    .filter(name -> !v.has(name))
                    .findFirst()
                    .ifPresent(name -> problems.add(
                            new Problem(name, "Write all three of number, diameter and pitch diameter.", false)));
        }
        return problems;
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        boolean sized = v.has("elementMm") || v.has("bore") && v.has("outside");
        if (!sized && BEARING.of(v).inside().isEmpty()) {
            problems.add(Problem.impossible(
                    "designation",
                    "“" + v.text("designation") + "” has no rule for its inside here: count its elements, measure one "
                            + "and the pitch circle."));
            return problems;
        }
        if (v.has("elementMm") && v.number("elementMm") >= v.number("pitchMm")) {
            problems.add(Problem.impossible(
                    "elementMm",
                    "An element of " + Show.number(v.number("elementMm"), 2) + " mm does not go on a pitch diameter of "
                            + Show.number(v.number("pitchMm"), 2) + " mm."));
        } else if (v.has("elementMm")
                && v.whole("elements") * v.number("elementMm") > 1.02 * Math.PI * v.number("pitchMm")) {
            problems.add(Problem.impossible(
                    "elements",
                    v.whole("elements") + " elements of " + Show.number(v.number("elementMm"), 2)
                            + " mm do not fit on a pitch diameter of " + Show.number(v.number("pitchMm"), 2)
                            + " mm: count and measure again."));
        }
        if (!v.has("elementMm")
                && v.has("bore")
                && v.has("outside")
                && v.number("outside") <= v.number("bore") * 1.05) {
            problems.add(Problem.impossible(
                    "outside", "The outside diameter must be greater than the bore by a ball or two."));
        }
        if (v.has("bandLo") != v.has("bandHi") || v.has("bandLo") && v.number("bandHi") < 1.1 * v.number("bandLo")) {
            problems.add(Problem.impossible(
                    "bandHi", "A band goes from a lower to a higher frequency: write both, or neither."));
        }
        if (v.has("rpm")
                && v.has("rpmEnd")
                && Math.max(v.number("rpm"), v.number("rpmEnd")) > 4 * Math.min(v.number("rpm"), v.number("rpmEnd"))) {
            problems.add(Problem.impossible(
                    "rpmEnd",
                    "Over a ramp of more than four to one the lines cannot be followed: record at a steadier speed."));
        }
        return problems;
    }

    private static NoiseInput make(Values v) {
        BearingGeometry geometry = v.has("elementMm")
                ? BearingGeometry.of(
                        v.whole("elements"), v.number("elementMm"), v.number("pitchMm"), v.number("contactDeg"))
                : v.has("bore") && v.has("outside")
                        ? BearingGeometry.estimated(v.number("bore"), v.number("outside"))
                        : BEARING.of(v).inside().orElseThrow().geometry();
        Band band = v.has("bandLo") ? new Band(v.number("bandLo"), v.number("bandHi")) : null;
        return new NoiseInput(
                geometry,
                Turning.of(v.text("turning")),
                speed(v),
                band,
                v.has("gearTeeth") ? v.whole("gearTeeth") : 0,
                v.has("treadBlocks") ? v.whole("treadBlocks") : 0);
    }

    private static Speed speed(Values v) {
        if (!v.text("speedBy").equals("typed")) {
            return v.text("speedBy").equals("tacho") ? Speed.tacho() : Speed.found();
        }
        double rpm = v.has("rpm")
                ? v.number("rpm")
                : v.number("speedKmh") * 1000 / 60 / (2 * Math.PI * v.number("rollingRadiusM"));
        return v.has("rpmEnd") && v.number("rpmEnd") != rpm ? Speed.ramp(rpm, v.number("rpmEnd")) : Speed.steady(rpm);
    }
}
