package unbo.core.tools.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.geometry.PlayTilt;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** What play in the hub does at rim, disc and steering. */
@AutoService(Offered.class)
public final class PlayTiltTool implements Tool<PlayTiltTool.Wheel, PlayTiltTool.Tilted> {

    /** Sets a pad back by more than its usual running clearance. */
    private static final double KNOCK_MM = 0.15;
    /** Half a usual tolerance of camber or toe: fifteen minutes of arc. */
    private static final double ALIGNED_DEG = 0.25;
    /** Play of tapers beyond which a hub no longer stands: our own guide. */
    private static final double STANDS_END_PLAY_MM = 0.5;
    /** The same of balls: over twice the widest clearance of their class, a wrecked bearing. */
    private static final double STANDS_CLEARANCE_MM = 0.15;

    /** A spoked wheel that gives more than this sideways has slack or few spokes: our own guide, N/mm. */
    private static final double SOFT_N_MM = 30;

    private static final FieldList<Wheel> FIELDS = FieldList.of(
            List.of(
                    Field.quantity("endPlay", "End play of the pair", Quantity.LENGTH, "mm", 0, 2)
                            .from(FactKey.END_PLAY, FactKey.SET_END_PLAY)
                            .usually(0.01, 0.3)
                            .hint("tapers; for balls the clearance below instead"),
                    Field.quantity("halfCupAngle", "Half cup angle", Quantity.ANGLE, "°", 5, 45)
                            .from(FactKey.OUTER_HALF_ANGLE)
                            .usually(9, 30)
                            .orElse("14", "middle of usual wheel hub tapers"),
                    Field.quantity("clearance", "Clearance of each bearing, mounted", Quantity.LENGTH, "µm", 0, 500)
                            .usually(0, 60)
                            .hint("radial; ball bearings and cartridges"),
                    Field.quantity("spread", "Between pressure centres", Quantity.LENGTH, "mm", 10, 400)
                            .from(FactKey.SPREAD)
                            .usually(20, 150)
                            .must(),
                    Field.quantity("rimRadius", "Radius of rim or tyre", Quantity.LENGTH, "mm", 50, 800)
                            .usually(120, 450)
                            .must(),
                    Field.quantity("discRadius", "Radius at the brake pads", Quantity.LENGTH, "mm", 20, 400)
                            .usually(60, 180)
                            .hint("where there is a disc"),
                    Field.quantity("wandered", "Camber or toe that wandered", Quantity.ANGLE, "°", 0, 10)
                            .usually(0.02, 1)
                            .hint("asks which play would explain it"),
                    Field.quantity("sideForce", "Pushed sideways at the rim", Quantity.FORCE, "N", 1, 5000)
                            .usually(20, 200)
                            .hint("a spoked wheel: how much is play, how much gives")
                            .seldom(),
                    Field.quantity("rimGives", "and it moves there by", Quantity.LENGTH, "mm", 0, 50)
                            .usually(0.2, 6)
                            .seldom()),
            PlayTiltTool::rules,
            v -> new Wheel(
                    v.has("endPlay")
                            ? PlayTilt.ofEndPlay(v.number("endPlay"), v.number("halfCupAngle"), v.number("spread"))
                            : PlayTilt.ofLooseness(v.number("clearance") / 1000, v.number("spread")),
                    v.has("endPlay") ? Double.valueOf(v.number("halfCupAngle")) : null,
                    v.number("rimRadius"),
                    v.maybe("discRadius"),
                    v.maybe("wandered"),
                    v.has("sideForce") && v.has("rimGives")
                            ? new Pushed(v.number("sideForce"), v.number("rimGives"))
                            : null));

    /**
     * What is asked.
     *
     * @param halfCupDeg of tapers; null for balls and cartridges
     * @param wanderedDeg null where nothing wandered
     * @param pushed null where nobody pushed at the rim
     */
    public record Wheel(
            PlayTilt tilt,
            @Nullable Double halfCupDeg,
            double rimMm,
            @Nullable Double discMm,
            @Nullable Double wanderedDeg,
            @Nullable Pushed pushed) {}

    /**
     * A push at the rim, one way and the other. What is more than the play is what spokes, rim and axle give.
     *
     * @param movesMm at the rim, end to end
     */
    public record Pushed(double forceN, double movesMm) {

        /** What gives under the push alone, mm, end to end. @param playMm that the rim is loose by */
        double springMm(double playMm) {
            return Math.max(0, movesMm - playMm);
        }

        /** N/mm to one side; null where nothing gives but the play. */
        @Nullable
        Double stiffness(double playMm) {
            return springMm(playMm) > 0 ? Double.valueOf(2 * forceN / springMm(playMm)) : null;
        }
    }

    /**
     * What the play comes to.
     *
     * @param knockMm along the axle at the pads, end to end; null without a disc
     * @param explainsMm end play of tapers, radial clearance of balls that would tilt it as far as it wandered; null
     *     where nothing did
     */
    public record Tilted(
            Wheel wheel,
            double rimMm,
            @Nullable Double knockMm,
            @Nullable Double explainsMm) {}

    /** As it is answered by JSON. */
    public record PlayGeometry(
            double tiltDeg,
            double rimMm,
            @Nullable Double knockBackMm,
            @Nullable Double endPlayForWanderedMm,
            @Nullable Double clearanceForWanderedMm,
            @Nullable Double rimStiffnessNPerMm) {}

    private static List<Problem> rules(Values v) {
        if (v.has("sideForce") != v.has("rimGives")) {
            return List.of(new Problem(
                    v.has("sideForce") ? "rimGives" : "sideForce",
                    "A push at the rim is told by its force and by how far the rim moves: write both.",
                    false));
        }
        return v.has("endPlay") != v.has("clearance")
                ? List.of()
                : List.of(new Problem(
                        v.has("endPlay") ? "clearance" : "endPlay",
                        "Write the end play of a pair of tapers, or the clearance of each ball bearing: one of them.",
                        false));
    }

    @Override
    public About about() {
        return new About(
                "play-geometry",
                "Play into geometry",
                "What does this play do to camber, toe, brake pads and rim?",
                Work.PROVE,
                25);
    }

    @Override
    public FieldList<Wheel> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("endPlay", "0.10", "spread", "60", "rimRadius", "300", "discRadius", "140", "wandered", "0.2");
    }

    @Override
    public Tilted compute(Wheel wheel) {
        PlayTilt tilt = wheel.tilt();
        Double disc = wheel.discMm();
        return new Tilted(
                wheel,
                tilt.alongMm(wheel.rimMm()),
                disc == null ? null : Double.valueOf(tilt.alongMm(disc)),
                explains(wheel));
    }

    private static @Nullable Double explains(Wheel wheel) {
        Double wandered = wheel.wanderedDeg();
        Double halfCup = wheel.halfCupDeg();
        if (wandered == null) {
            return null;
        }
        double spread = wheel.tilt().spreadMm();
        return halfCup == null ? PlayTilt.loosenessMm(wandered, spread) : PlayTilt.endPlayMm(wandered, halfCup, spread);
    }

    @Override
    public List<Finding> findings(Tilted t) {
        List<Finding> findings = new ArrayList<>();
        double tilt = t.wheel().tilt().tiltDeg();
        findings.add(
                tilt > ALIGNED_DEG
                        ? new Finding(
                                "tilt-wanders",
                                Level.SOON,
                                "The wheel's plane wanders by " + degrees(tilt) + ", over half a usual tolerance of "
                                        + "camber or toe: "
                                        + "set or renew the bearings before the wheels are aligned or trued.")
                        : new Finding(
                                "tilt-small",
                                Level.RIGHT,
                                "The wheel's plane wanders by " + degrees(tilt)
                                        + " at most, within half a usual tolerance of camber or toe ("
                                        + degrees(ALIGNED_DEG) + ")."));
        Double knock = t.knockMm();
        if (knock != null) {
            findings.add(
                    knock > KNOCK_MM
                            ? new Finding(
                                    "pad-knock-back",
                                    Level.WATCH,
                                    "The disc pushes the pads back by up to " + Show.play(knock)
                                            + ", more than they usually run free (" + Show.play(KNOCK_MM)
                                            + "): the pedal or lever goes long after a bend.")
                            : new Finding(
                                    "pads-stay",
                                    Level.RIGHT,
                                    "The disc moves by " + Show.play(knock)
                                            + " at the pads: they stay where they are."));
        }
        Pushed pushed = t.wheel().pushed();
        if (pushed != null) {
            findings.add(pushed(t, pushed));
        }
        return findings;
    }

    /** Whether bearings or spokes let the rim move. */
    private static Finding pushed(Tilted t, Pushed pushed) {
        Double stiff = pushed.stiffness(t.rimMm());
        if (stiff == null || t.rimMm() > pushed.springMm(t.rimMm())) {
            return new Finding(
                    "rim-by-play",
                    Level.SOON,
                    "The rim moves by " + Show.play(pushed.movesMm()) + ", most of it play of the bearings: set or "
                            + "renew them before spokes are touched.");
        }
        return new Finding(
                "rim-by-spokes",
                stiff < SOFT_N_MM ? Level.WATCH : Level.RIGHT,
                "Of " + Show.play(pushed.movesMm()) + " at the rim " + Show.play(t.rimMm())
                        + " is play; the rest gives by " + Show.number(stiff, 0) + " N/mm"
                        + (stiff < SOFT_N_MM ? ", soft for a spoked wheel: look at the spokes' tension." : "."));
    }

    private static String degrees(double value) {
        return Show.fixed(value, 3) + "° (" + Show.number(value * 60, 1) + "′)";
    }

    @Override
    public Answer print(Tilted t) {
        PlayTilt tilt = t.wheel().tilt();
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(Answer.Figure.fixed(
                "the wheel tilts by", tilt.tiltDeg(), 3, "°", Show.number(tilt.tiltDeg() * 60, 1) + "′"));
        figures.add(Answer.Figure.fixed("at the rim", t.rimMm(), 2, "mm", Show.inches(t.rimMm())));
        Double knock = t.knockMm();
        if (knock != null) {
            figures.add(Answer.Figure.fixed("at the pads", knock, 3, "mm", Show.inches(knock)));
        }
        Double explains = t.explainsMm();
        List<String> sentences = new ArrayList<>();
        if (explains != null) {
            boolean tapers = t.wheel().halfCupDeg() != null;
            String play = tapers ? "end play" : "clearance";
            figures.add(Answer.Figure.fixed(
                    play + " that would explain it", explains, tapers ? 2 : 3, "mm", Show.inches(explains)));
            sentences.add(
                    explains > (tapers ? STANDS_END_PLAY_MM : STANDS_CLEARANCE_MM)
                            ? "No hub has so much " + play
                                    + " and still stands: look at joints, bushes, pivots and the " + "rim."
                            : "Measure the " + play + ": where it is less, something else gives.");
        }
        sentences.add("Play alone is counted. Bearings, rim and tyre spring under load on top of it; play of a joint "
                + "stays when the brake is held.");
        return new Answer(figures, findings(t), sentences, worksheet(t), List.of(drawing(t)));
    }

    private static Worksheet worksheet(Tilted t) {
        PlayTilt tilt = t.wheel().tilt();
        List<Worksheet.Line> lines = new ArrayList<>(List.of(
                Worksheet.computed(
                        "g", "looseness of each bearing", "e·tan α, or its clearance", Show.play(tilt.looseMm())),
                Worksheet.given("a", "between pressure centres", Show.number(tilt.spreadMm(), 1) + " mm"),
                Worksheet.judged(
                        "θ",
                        "tilt, end to end",
                        "2·g/a",
                        Show.fixed(tilt.tiltDeg(), 3) + "°",
                        "over " + Show.number(ALIGNED_DEG, 2) + "° soon"),
                Worksheet.computed("", "at the rim", "θ·R", Show.fixed(t.rimMm(), 3) + " mm")));
        Double knock = t.knockMm();
        if (knock != null) {
            lines.add(Worksheet.judged(
                    "", "at the pads", "θ·r", Show.play(knock), "over " + Show.play(KNOCK_MM) + " watch"));
        }
        Double explains = t.explainsMm();
        if (explains != null) {
            lines.add(
                    t.wheel().halfCupDeg() != null
                            ? Worksheet.computed(
                                    "e", "end play for what wandered", "θ·a/(2·tan α)", Show.play(explains))
                            : Worksheet.computed("g", "clearance for what wandered", "θ·a/2", Show.play(explains)));
        }
        Pushed pushed = t.wheel().pushed();
        if (pushed != null) {
            Double stiff = pushed.stiffness(t.rimMm());
            lines.add(Worksheet.judged(
                    "",
                    "gives beside the play",
                    "2·F/(moved − θ·R)",
                    stiff == null ? "nothing" : Show.number(stiff, 0) + " N/mm",
                    "under " + Show.number(SOFT_N_MM, 0) + " N/mm watch"));
        }
        return new Worksheet(
                "How far does the wheel tilt on its bearings?",
                lines,
                List.of(
                        "Geometry of an opposed pair.",
                        "Limits: half a usual alignment tolerance, and the usual running clearance of a pad; the "
                                + "vehicle maker's come first."));
    }

    /** The wheel from the front, its tilt a hundredfold. */
    private static Drawing drawing(Tilted t) {
        double tall = t.wheel().rimMm();
        double half = tall * 0.16;
        double lean = Math.min(tall * 0.5, t.rimMm() * 100);
        List<Shape> shapes = new ArrayList<>();
        shapes.add(Shape.area(
                Role.BAND,
                Known.ESTIMATED,
                Point.of(-half - lean, -tall),
                Point.of(half - lean, -tall),
                Point.of(half + lean, tall),
                Point.of(-half + lean, tall)));
        shapes.add(Shape.area(
                Role.PART,
                Known.TABLE,
                Point.of(-half, -tall),
                Point.of(half, -tall),
                Point.of(half, tall),
                Point.of(-half, tall)));
        double spread = t.wheel().tilt().spreadMm();
        shapes.add(Shape.line(Role.CENTRE, Point.of(-tall * 1.1, 0), Point.of(tall * 0.7, 0)));
        for (double x : new double[] {-spread / 2, spread / 2}) {
            shapes.add(new Shape.Circle(Point.of(x, -spread / 3), spread / 6, Role.ANSWER, Known.TABLE));
            shapes.add(new Shape.Circle(Point.of(x, spread / 3), spread / 6, Role.ANSWER, Known.TABLE));
        }
        Double disc = t.wheel().discMm();
        if (disc != null) {
            shapes.add(Shape.line(Role.MARK, Point.of(-half * 1.5, -disc), Point.of(-half * 1.5, disc)));
            shapes.add(new Shape.Label(Point.of(-half * 1.5 - 8, -disc), "pads", "end", tall * 0.07, Role.MARK));
        }
        shapes.add(new Shape.Label(
                Point.of(half + lean + 10, tall * 0.95),
                Show.fixed(t.rimMm(), 2) + " mm, drawn × 100",
                "start",
                tall * 0.07,
                Role.ANSWER));
        return new Drawing(
                "play-tilt",
                "Wheel from the front: tilts by " + degrees(t.wheel().tilt().tiltDeg()),
                -tall * 1.3,
                -tall * 1.1,
                tall * 3,
                tall * 2.2,
                shapes);
    }

    @Override
    public List<Call<Tilted>> calls() {
        return List.of(Call.post(
                "play-geometry",
                "What play in a hub does to camber, toe, brake pads and rim",
                unbo.core.tool.Shape.of(FIELDS),
                PlayGeometry.class,
                PlayTiltTool::json));
    }

    private static PlayGeometry json(Tilted t) {
        Pushed pushed = t.wheel().pushed();
        boolean tapers = t.wheel().halfCupDeg() != null;
        return new PlayGeometry(
                t.wheel().tilt().tiltDeg(),
                t.rimMm(),
                t.knockMm(),
                tapers ? t.explainsMm() : null,
                tapers ? null : t.explainsMm(),
                pushed == null ? null : pushed.stiffness(t.rimMm()));
    }
}
