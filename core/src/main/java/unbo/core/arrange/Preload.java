package unbo.core.arrange;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.bearing.BearingKind;
import unbo.core.drawing.LimitScale;
import unbo.core.drawing.Role;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.motion.Friction;
import unbo.core.worksheet.Worksheet;

/**
 * Preload by turning torque: a spring scale on a string or an inch-pound wrench, seal drag set apart, judged by what is
 * usual for the place; and what axial preload that torque stands for, or the other way round. A pinion's figures are
 * never a wheel hub's. Torque of a preloaded pair of tapers: twice M0 + f1·2·Y·Fa·dm, Y = 0.4·cot α; at hand speed the
 * rib's friction is left out, so the torque may be twice as much.
 *
 * @param torqueNm measured, seals and their drag taken off; null where nothing was measured
 * @param preloadN that it stands for, at most; null without torque
 * @param expectedNm for the wanted preload; null where none is wanted
 */
public record Preload(
        Input input,
        @Nullable Double torqueNm,
        @Nullable Double preloadN,
        @Nullable Double expectedNm,
        @Nullable Double leastNm,
        @Nullable Double mostNm) {

    private static final double F1 = 0.0004;
    private static final double HAND_RPM = 30;
    private static final double NU = 200;
    private static final double PINION_NEW_LEAST = 1.7;
    private static final double PINION_NEW_MOST = 3.4;
    private static final double PINION_USED_LEAST = 0.9;
    private static final double PINION_USED_MOST = 1.7;
    private static final double HUB_MOST = 0.6;

    /** @param pitchMm mean of both pitch diameters */
    public record Input(
            String place,
            boolean used,
            @Nullable Double torqueNm,
            double sealNm,
            double pitchMm,
            double contactDeg,
            Wanted wanted,
            boolean crushSleeve) {
        /** Preload wanted, and torques the maker names. */
        public record Wanted(
                @Nullable Double wantedN,
                @Nullable Double makerLeast,
                @Nullable Double makerMost) {}

        public @Nullable Double wantedN() {
            return wanted.wantedN();
        }

        public @Nullable Double makerLeast() {
            return wanted.makerLeast();
        }

        public @Nullable Double makerMost() {
            return wanted.makerMost();
        }
    }

    private static final List<Field.Choice> PLACES = List.of(
            new Field.Choice("pinion", "pinion of an axle"),
            new Field.Choice("wheel-hub", "wheel hub"),
            new Field.Choice("steering-head", "steering head"),
            new Field.Choice("gearbox", "gearbox shaft on tapers"),
            new Field.Choice("unit-hub", "unit or cartridge hub"));
    public static final FieldList<Input> LIST = FieldList.of(
            List.of(
                    Field.choice("place", "Place", PLACES).must(),
                    Field.yesNo("used", "Bearings run before"),
                    Field.quantity("torque", "Turning torque, steady", Quantity.TORQUE, "N·m", 0, 40)
                            .usually(0.05, 6)
                            .hint("by wrench; or by spring scale below"),
                    Field.quantity("scale", "Spring scale", Quantity.FORCE, "N", 0, 500)
                            .usually(2, 120),
                    Field.quantity("radius", "at a radius of", Quantity.LENGTH, "mm", 5, 500)
                            .usually(15, 400),
                    Field.quantity("seal", "Seal drag to take off", Quantity.TORQUE, "N·m", 0, 5)
                            .usually(0, 1)
                            .orElse("0", "measured before the seal is fitted"),
                    Field.quantity("pitch", "Mean pitch diameter", Quantity.LENGTH, "mm", 10, 300)
                            .usually(25, 120)
                            .orElse("55", "a middling pinion pair"),
                    Field.quantity("angle", "Half cup angle", Quantity.ANGLE, "°", 5, 45)
                            .usually(10, 30)
                            .orElse("15", null),
                    Field.quantity("wanted", "Axial preload wanted", Quantity.FORCE, "N", 1, 50_000)
                            .usually(100, 8000),
                    Field.quantity("makerMin", "Maker's least", Quantity.TORQUE, "N·m", 0, 40)
                            .usually(0.1, 6),
                    Field.quantity("makerMax", "Maker's most", Quantity.TORQUE, "N·m", 0, 40)
                            .usually(0.1, 6),
                    Field.yesNo("crushSleeve", "Set by a crush sleeve")),
            Preload::rules,
            Preload::make);

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (v.has("scale") != v.has("radius")) {
            problems.add(new Problem(
                    v.has("scale") ? "radius" : "scale",
                    "A spring scale needs both: the force and the radius it pulls at.",
                    false));
        }
        if (!v.has("torque") && !v.has("scale") && !v.has("wanted")) {
            problems.add(new Problem(
                    "torque",
                    "Write the turning torque, or the spring scale's reading, or the preload that is wanted.",
                    false));
        }
        if (v.has("makerMin") && v.has("makerMax") && v.number("makerMin") > v.number("makerMax")) {
            problems.add(Problem.impossible("makerMax", "The maker's most is under the maker's least."));
        }
        return problems;
    }

    private static Input make(Values v) {
        Double torque = v.has("torque")
                ? v.maybe("torque")
                : v.has("scale") && v.has("radius")
                        ? Double.valueOf(v.number("scale") * v.number("radius") / 1000)
                        : null;
        return new Input(
                v.text("place"),
                v.yes("used"),
                torque,
                v.number("seal"),
                v.number("pitch"),
                v.number("angle"),
                new Input.Wanted(v.maybe("wanted"), v.maybe("makerMin"), v.maybe("makerMax")),
                v.yes("crushSleeve"));
    }

    public static Preload of(Input in) {
        Double torque = in.torqueNm() == null ? null : Double.valueOf(Math.max(0, in.torqueNm() - in.sealNm()));
        boolean pinion = in.place().equals("pinion");
        Double least = in.makerLeast() != null
                ? in.makerLeast()
                : pinion ? Double.valueOf(in.used() ? PINION_USED_LEAST : PINION_NEW_LEAST) : null;
        Double most = in.makerMost() != null
                ? in.makerMost()
                : pinion
                        ? Double.valueOf(in.used() ? PINION_USED_MOST : PINION_NEW_MOST)
                        : in.place().equals("wheel-hub") ? Double.valueOf(HUB_MOST) : null;
        return new Preload(
                in,
                torque,
                torque == null ? null : Double.valueOf(preloadN(in, torque)),
                in.wantedN() == null ? null : Double.valueOf(torqueNm(in, in.wantedN())),
                least,
                most);
    }

    /** Torque of both bearings for a preload, N·m. */
    private static double torqueNm(Input in, double preloadN) {
        double y = 0.4 / Math.tan(Math.toRadians(in.contactDeg()));
        return 2
                * Friction.of(
                                new Friction.Turned(
                                        BearingKind.TAPERED_ROLLER,
                                        in.pitchMm(),
                                        in.pitchMm(),
                                        Friction.Seals.NONE,
                                        false),
                                new Friction.Oil(true, NU, HAND_RPM),
                                new Friction.Pressed(2 * y * preloadN, 0))
                        .totalNmm()
                / 1000;
    }

    private static double preloadN(Input in, double torqueNm) {
        double y = 0.4 / Math.tan(Math.toRadians(in.contactDeg()));
        double idle = torqueNm(in, 0);
        return Math.max(0, (torqueNm - idle) * 1000 / (2 * F1 * 2 * y * in.pitchMm()));
    }

    /**
     * True when the measured torque is inside what the place wants; null where nothing was measured or no band is
     * known.
     */
    public @Nullable Boolean inside() {
        if (torqueNm == null || most() == null) {
            return null;
        }
        return (leastNm == null || torqueNm >= leastNm - 1e-9) && torqueNm <= most() + 1e-9;
    }

    private @Nullable Double most() {
        return mostNm;
    }

    /** It in print. */
    public Answer answer() {
        List<Answer.Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        if (torqueNm != null) {
            figures.add(new Answer.Figure(
                    "turning torque, bearings alone",
                    Show.fixed(torqueNm, 2),
                    "N·m",
                    Show.number(torqueNm / 0.112985, 1) + " lbf·in"));
            figures.add(new Answer.Figure(
                    "stands for a preload of up to",
                    Show.number(requireNonNull(preloadN), 0),
                    "N",
                    "half of it where the ribs drag"));
            findings.add(judged());
        }
        if (expectedNm != null) {
            figures.add(new Answer.Figure(
                    "torque to expect for " + Show.number(requireNonNull(input.wantedN()), 0) + " N",
                    Show.fixed(expectedNm, 2) + "–" + Show.fixed(expectedNm * 2, 2),
                    "N·m",
                    "bearings alone"));
        }
        if (input.place().equals("wheel-hub")) {
            findings.add(new Finding(
                    "no-pinion-figures",
                    Level.WATCH,
                    "A pinion's torque figures are never used on a wheel hub: there it jams warm "
                            + "cones. Set end play, or the maker's own preload."));
        }
        if (input.place().equals("unit-hub")) {
            findings.add(new Finding(
                    "unit-hub",
                    Level.WATCH,
                    "A unit or cartridge hub has no preload to set: the axle nut's torque, the "
                            + "maker's, holds its inner rings together. Never drive, roll or lower the "
                            + "vehicle with it loose: the halves spread and the bearing is ruined."));
        }
        if (input.crushSleeve()) {
            sentences.add("Crush sleeve: take up slack in small steps and measure each time. Never back "
                    + "off; overshot means a new sleeve.");
        }
        if (input.place().equals("steering-head")) {
            sentences.add("Weight off, cables free, seat the races, back off, set by the scale at the "
                    + "bar's end, tighten the upper yoke, then check again: the yoke changes it.");
        }
        sentences.add("Measure while it turns evenly, not the jerk that starts it. Seal drag is set "
                + "apart: measure before the seal is fitted, or take it off.");
        List<unbo.core.drawing.Drawing> drawings = torqueNm == null || mostNm == null
                ? List.of()
                : List.of(LimitScale.of(
                        "preload",
                        "Turning torque against what is wanted",
                        "N·m, bearings alone",
                        new LimitScale.Range(0, Math.max(mostNm, torqueNm) * 1.3),
                        new LimitScale.Range(leastNm == null ? 0 : leastNm, mostNm),
                        List.of(new LimitScale.Marker(
                                torqueNm,
                                Show.fixed(torqueNm, 2),
                                Boolean.TRUE.equals(inside()) ? Role.ANSWER : Role.OUT))));
        return new Answer(
                figures,
                findings,
                sentences,
                new Worksheet(
                        "Is the preload right?",
                        List.of(
                                Worksheet.computed(
                                        "M",
                                        "turning torque, bearings alone",
                                        "F·r − seal drag",
                                        torqueNm == null ? "–" : Show.fixed(torqueNm, 3) + " N·m"),
                                Worksheet.judged(
                                        "",
                                        "wanted",
                                        input.makerMost() != null ? "the maker's" : "usual for this place",
                                        band(),
                                        "the maker's figure wins"),
                                Worksheet.computed(
                                        "Fa",
                                        "preload",
                                        "(M − 2·M0)/(2·f1·2·Y·dm), f1 0.0004, Y 0.4·cot α",
                                        preloadN == null ? "–" : Show.number(preloadN, 0) + " N"),
                                Worksheet.computed(
                                        "",
                                        "torque for the wanted preload",
                                        "2·(M0 + f1·2·Y·Fa·dm)",
                                        expectedNm == null ? "–" : Show.fixed(expectedNm, 3) + " N·m")),
                        List.of("Friction: Palmgren. Pinion torques (new 1.7 to 3.4, used 0.9 to 1.7 N·m "
                                + "without seal drag) are usual for passenger cars: the maker's figure wins.")),
                drawings);
    }

    private String band() {
        return mostNm == null
                ? "no usual figure: the maker's"
                : (leastNm == null ? "up to " : Show.number(leastNm, 2) + " to ") + Show.number(mostNm, 2) + " N·m";
    }

    private Finding judged() {
        if (inside() == null) {
            return new Finding(
                    "preload-unjudged",
                    Level.OPEN,
                    "No usual torque is known for this place: the maker's figure judges it.");
        }
        if (inside()) {
            return new Finding("preload-right", Level.RIGHT, "Inside " + band() + ".");
        }
        boolean over = requireNonNull(torqueNm) > requireNonNull(mostNm);
        return new Finding(
                over ? "preload-over" : "preload-under",
                over ? Level.STOP : Level.SOON,
                over
                        ? "Over " + band() + ": it will run hot and spall over its full width."
                                + (input.crushSleeve()
                                        ? " A new crush sleeve, never backed off."
                                        : " Back it off and set again.")
                        : "Under " + band() + ": take up a little more.");
    }
}
