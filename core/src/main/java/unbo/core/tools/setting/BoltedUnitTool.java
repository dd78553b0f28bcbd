package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.unit.BoltedUnit;
import unbo.core.worksheet.Worksheet;

/** Is the knuckle clean and true, in which order go the bolts, and does the sensor see its ring? */
@AutoService(Offered.class)
public final class BoltedUnitTool implements Tool<BoltedUnitTool.Knuckle, BoltedUnitTool.Bolted> {

    /** Runout that a cleaned face keeps where its maker is silent, mm. */
    private static final double FACE_MM = 0.05;
    /** The same at the disc. */
    private static final double DISC_MM = 0.1;
    /** Two wheels nearer to each other than this turn alike: tyres differ by as much. */
    private static final double ALIKE = 0.05;

    private static final double RADIUS = 70;
    private static final double TEXT = 13;

    private static final List<Field.Choice> RINGS = List.of(
            new Field.Choice("none", "none"),
            new Field.Choice("magnetic", "magnetic, in the seal"),
            new Field.Choice("toothed", "toothed, pressed on"));

    private static final List<Field.Choice> SIDES = List.of(
            new Field.Choice("sensor", "towards the sensor"),
            new Field.Choice("away", "away from it"),
            new Field.Choice("unseen", "not looked at"));

    private static final FieldList<Knuckle> FIELDS = FieldList.of(
            List.of(
                    Field.whole("bolts", "Bolts of the unit", 2, 12).orElse("4", null),
                    Field.quantity("torque", "Their torque, by the maker", Quantity.TORQUE, "N·m", 2, 2000),
                    Field.quantity("thenDeg", "and then by an angle", Quantity.ANGLE, "°", 1, 720)
                            .hint("by the maker; bolts are new then"),
                    Field.quantity("faceMm", "Runout at the knuckle's face", Quantity.LENGTH, "mm", 0, 5)
                            .hint("cleaned; a dial swept round"),
                    Field.quantity("faceRadiusMm", "swept at a radius of", Quantity.LENGTH, "mm", 10, 200)
                            .orElse("45", null),
                    Field.quantity("faceLimitMm", "Most that its maker allows", Quantity.LENGTH, "mm", 0.001, 1)
                            .orElse("0.05", "a usual limit of a cleaned face"),
                    Field.quantity("discRadiusMm", "Radius at the brake pads", Quantity.LENGTH, "mm", 30, 400)
                            .orElse("120", null),
                    Field.choice("ring", "Wheel-speed ring", RINGS).orElse("none", null),
                    Field.choice("side", "It lies", SIDES).orElse("unseen", "a viewing card tells"),
                    Field.whole("pairs", "Its pairs of poles, or teeth", 10, 200)
                            .hint("counted on a viewing card"),
                    Field.quantity("rollingRadiusM", "Rolling radius, m", Quantity.RATIO, "", 0.05, 1)
                            .orElse("0.3", null),
                    Field.quantity("speedKmh", "At a speed of", Quantity.SPEED, "km/h", 1, 250)
                            .orElse("30", null),
                    Field.quantity("readHz", "This sensor reads, Hz", Quantity.RATIO, "", 0, 100_000),
                    Field.quantity("twinHz", "its twin across the axle, Hz", Quantity.RATIO, "", 0, 100_000)),
            BoltedUnitTool::rules,
            v -> new Knuckle(
                    v.whole("bolts"),
                    v.maybe("torque"),
                    v.maybe("thenDeg"),
                    v.has("faceMm")
                            ? new Face(
                                    v.number("faceMm"),
                                    v.number("faceLimitMm"),
                                    BoltedUnit.runoutAtMm(
                                            v.number("faceMm"), v.number("faceRadiusMm"), v.number("discRadiusMm")))
                            : null,
                    new Ring(
                            v.text("ring"),
                            v.text("side"),
                            v.has("pairs")
                                    ? Double.valueOf(BoltedUnit.pulsesHz(
                                            v.number("speedKmh"), v.number("rollingRadiusM"), v.whole("pairs")))
                                    : null,
                            v.maybe("readHz"),
                            v.maybe("twinHz"))));

    /** @param runoutMm as swept @param limitMm at most @param discMm what it comes to at the pads */
    public record Face(double runoutMm, double limitMm, double discMm) {}

    /**
     * @param kind {@code none magnetic toothed}
     * @param side {@code sensor away unseen}
     * @param wantedHz pulses a second it should give; null where its poles were not counted
     */
    public record Ring(
            String kind,
            String side,
            @Nullable Double wantedHz,
            @Nullable Double readHz,
            @Nullable Double twinHz) {}

    /** @param torqueNm by the maker; null where nobody wrote it @param face null where it was not swept */
    public record Knuckle(
            int bolts,
            @Nullable Double torqueNm,
            @Nullable Double thenDeg,
            @Nullable Face face,
            Ring ring) {}

    /** @param order bolts counted clockwise from the top, in the order they are drawn home */
    public record Bolted(Knuckle knuckle, List<Integer> order) {}

    /** @param discMm runout of the seat at the pads; null where the face was not swept */
    public record BoltedUnitJson(
            List<Integer> order,
            @Nullable Double discMm,
            @Nullable Double wantedHz) {}

    private static List<Problem> rules(Values v) {
        return v.text("ring").equals("none") && (v.has("pairs") || v.has("readHz"))
                ? List.of(new Problem("ring", "Poles or pulses of which ring? Say what it is.", false))
                : List.of();
    }

    @Override
    public About about() {
        return new About(
                "bolted-unit", "Bolted unit", "True seat, order of the bolts, ring seen by its sensor?", Work.SET, 95);
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.set("unit-bolts", "bolts, face and ring of a bolted unit"));
    }

    @Override
    public FieldList<Knuckle> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "bolts",
                "4",
                "torque",
                "90",
                "faceMm",
                "0.03",
                "ring",
                "magnetic",
                "side",
                "sensor",
                "pairs",
                "48",
                "readHz",
                "212",
                "twinHz",
                "210");
    }

    @Override
    public Bolted compute(Knuckle in) {
        return new Bolted(in, BoltedUnit.order(in.bolts()));
    }

    @Override
    public List<Finding> findings(Bolted bolted) {
        List<Finding> findings = new ArrayList<>();
        face(bolted.knuckle(), findings);
        ring(bolted.knuckle().ring(), findings);
        if (bolted.knuckle().torqueNm() == null) {
            findings.add(new Finding(
                    "unit-torque-open", Level.OPEN, "The bolts' torque is the vehicle maker's: write it here."));
        }
        return findings;
    }

    private static void face(Knuckle in, List<Finding> findings) {
        Face face = in.face();
        if (face == null) {
            findings.add(new Finding(
                    "unit-face-open", Level.OPEN, "The knuckle's face was not swept: rust under it tilts the unit."));
        } else if (face.runoutMm() > face.limitMm()) {
            findings.add(new Finding(
                    "unit-face-out",
                    Level.SOON,
                    "The face runs out by " + Show.play(face.runoutMm()) + ", over " + Show.play(face.limitMm())
                            + ": clean face and bore to metal and sweep again; a bent knuckle is renewed."));
        } else {
            findings.add(new Finding(
                    "unit-face-true",
                    face.discMm() > DISC_MM ? Level.WATCH : Level.RIGHT,
                    "The face is true within its limit; that comes to " + Show.play(face.discMm()) + " at the pads"
                            + (face.discMm() > DISC_MM ? ", over a usual " + Show.play(DISC_MM) + " there." : ".")));
        }
    }

    private static void ring(Ring ring, List<Finding> findings) {
        if (ring.kind().equals("none")) {
            return;
        }
        if (ring.side().equals("away")) {
            findings.add(new Finding(
                    "unit-ring-away",
                    Level.STOP,
                    "The ring looks away from its sensor: the unit is the wrong way round or the wrong one. Not "
                            + "fitted so."));
        } else if (ring.side().equals("unseen")) {
            findings.add(new Finding(
                    "unit-ring-unseen",
                    Level.OPEN,
                    ring.kind().equals("magnetic")
                            ? "Lay a viewing card on it: even stripes all round, towards the sensor."
                            : "Look at the teeth: none bent, none rusted thick, towards the sensor."));
        }
        Double read = ring.readHz();
        Double held = ring.twinHz() != null ? ring.twinHz() : ring.wantedHz();
        if (read != null && held != null) {
            String against = ring.twinHz() != null ? "its twin's " : "";
            findings.add(
                    read == 0
                            ? new Finding(
                                    "unit-sensor-dead",
                                    Level.SOON,
                                    "No pulses: plug, lead, gap, or a ring that is not there. Brakes may lock.")
                            : Math.abs(read - held) > ALIKE * Math.max(held, 1)
                                    ? new Finding(
                                            "unit-sensor-off",
                                            Level.SOON,
                                            Show.number(read, 0) + " Hz against " + against + Show.number(held, 0)
                                                    + ": another count of poles, a broken ring, or another tyre.")
                                    : new Finding(
                                            "unit-sensor-right",
                                            Level.RIGHT,
                                            Show.number(read, 0) + " Hz agrees with " + against + Show.number(held, 0)
                                                    + " Hz."));
        }
    }

    @Override
    public Answer print(Bolted bolted) {
        Knuckle in = bolted.knuckle();
        List<Answer.Figure> figures = new ArrayList<>();
        String order = bolted.order().stream().map(String::valueOf).collect(Collectors.joining(" "));
        figures.add(new Answer.Figure(
                "bolts home in this order",
                order,
                "",
                "counted clockwise from the top; the drawing shows the turn of each"));
        Double torque = in.torqueNm();
        if (torque != null) {
            figures.add(Answer.Figure.number("first round", torque / 2, 0, "N·m", "half"));
            figures.add(Answer.Figure.number(
                    "second round",
                    torque,
                    0,
                    "N·m",
                    in.thenDeg() == null ? "" : "then by " + Show.number(in.thenDeg(), 0) + "°, new bolts"));
        }
        Face face = in.face();
        if (face != null) {
            figures.add(Answer.Figure.fixed("at the pads", face.discMm(), 3, "mm", "by the tilt of the seat"));
        }
        Double hz = in.ring().wantedHz();
        if (hz != null) {
            figures.add(Answer.Figure.number("the ring should give", hz, 0, "Hz", ""));
        }
        return new Answer(
                figures,
                findings(bolted),
                List.of("The vehicle maker's torque, order and new bolts go before all that stands here; brakes and "
                        + "their sensors are licensed work in some places."),
                worksheet(bolted),
                List.of(drawing(bolted)),
                steps());
    }

    private static List<Step> steps() {
        return List.of(
                new Step(
                        "unit-held",
                        "Vehicle on stands, wheel off, caliper hung up, axle nut undone with the wheel clear of the "
                                + "ground, sensor lead off its clips and out.",
                        "Never under a vehicle on its jack alone. The caliper never hangs by its hose."),
                new Step(
                        "unit-rusted",
                        "Rusted in: oil it from behind and leave it, bolts a few turns out, then push on the fixed "
                                + "flange by bolts through its holes or wedges behind it, turn by turn across; warm "
                                + "the knuckle around it.",
                        "Never on the drive shaft's end, never on the sensor or its lead; a slide hammer on the wheel "
                                + "flange only where the unit is renewed. Eye protection: rust and wedges fly."),
                new Step(
                        "unit-clean",
                        "Clean face and bore to bare metal, a thin smear of anti-seize in the bore where its maker "
                                + "allows it, none on the face; "
                                + "sweep the face with a dial.",
                        ""),
                new Step(
                        "unit-in",
                        "In square by hand; its lead on the maker's way, clear of wheel and spring; bolts by hand, "
                                + "then in the order drawn, half and whole.",
                        "A unit pulled in crooked by its bolts cracks its flange."),
                new Step(
                        "unit-nut",
                        "Axle nut to the maker's torque before the wheel carries weight; a new one where it is staked "
                                + "or self-locking.",
                        "A unit that is rolled without its nut comes apart inside."),
                new Step(
                        "unit-prove",
                        "Turns evenly, no felt play; disc swept; the sensor read on both sides at one speed.",
                        ""));
    }

    private static Worksheet worksheet(Bolted bolted) {
        Knuckle in = bolted.knuckle();
        List<Worksheet.Line> lines = new ArrayList<>();
        Face face = in.face();
        if (face != null) {
            lines.add(Worksheet.judged(
                    "", "face", "swept", Show.play(face.runoutMm()), "over " + Show.play(face.limitMm()) + " soon"));
            lines.add(Worksheet.judged(
                    "",
                    "at the pads",
                    "runout·R/r",
                    Show.play(face.discMm()),
                    "over " + Show.play(DISC_MM) + " watch"));
        }
        Double hz = in.ring().wantedHz();
        if (hz != null) {
            lines.add(Worksheet.computed("f", "pulses", "v/(2π·R)·pairs", Show.number(hz, 1) + " Hz"));
        }
        lines.add(Worksheet.computed(
                "",
                "order",
                "each as far from the last as can be",
                bolted.order().stream().map(String::valueOf).collect(Collectors.joining(", "))));
        return new Worksheet(
                "True seat, order, ring?",
                lines,
                List.of(
                        "Geometry of a tilted seat.",
                        "Guides: " + Show.play(FACE_MM) + " at a face, " + Show.play(DISC_MM)
                                + " at the pads; two wheels of one axle agree within "
                                + Show.number(ALIKE * 100, 0) + " %. The maker's come first."));
    }

    /** The bolts' circle from outside, each bolt with its turn. */
    private static Drawing drawing(Bolted bolted) {
        List<unbo.core.drawing.Shape> shapes = new ArrayList<>();
        shapes.add(new unbo.core.drawing.Shape.Circle(Point.of(0, 0), RADIUS * 1.32, Role.PART, Known.TABLE));
        shapes.add(new unbo.core.drawing.Shape.Circle(Point.of(0, 0), RADIUS, Role.CENTRE, Known.TABLE));
        shapes.add(new unbo.core.drawing.Shape.Circle(Point.of(0, 0), RADIUS * 0.55, Role.BEHIND, Known.TABLE));
        int bolts = bolted.knuckle().bolts();
        List<Point> way = new ArrayList<>();
        for (int turn = 0; turn < bolts; turn++) {
            double at = 2 * Math.PI * (bolted.order().get(turn) - 1) / bolts;
            Point p = Point.of(RADIUS * Math.sin(at), -RADIUS * Math.cos(at));
            way.add(p);
        }
        shapes.add(unbo.core.drawing.Shape.line(Role.THIN, way.toArray(Point[]::new)));
        for (int turn = 0; turn < bolts; turn++) {
            Point p = way.get(turn);
            shapes.add(new unbo.core.drawing.Shape.Circle(p, 15, Role.FRAME, Known.TABLE));
            shapes.add(new unbo.core.drawing.Shape.Circle(p, 14, Role.PAPER, Known.TABLE));
            shapes.add(new unbo.core.drawing.Shape.Label(
                    Point.of(p.x(), p.y() + TEXT * 0.38), String.valueOf(turn + 1), "middle", TEXT, Role.ANSWER));
        }
        double reach = RADIUS * 1.4;
        return new Drawing(
                "bolted-unit", "The unit's bolts, by the turn of each", -reach, -reach, 2 * reach, 2 * reach, shapes);
    }

    @Override
    public List<Call<Bolted>> calls() {
        return List.of(Call.post(
                "bolted-unit",
                "A unit bolted to its knuckle: face, order of the bolts, pulses of its ring",
                Shape.of(FIELDS),
                BoltedUnitJson.class,
                bolted -> new BoltedUnitJson(
                        bolted.order(),
                        bolted.knuckle().face() == null
                                ? null
                                : Double.valueOf(bolted.knuckle().face().discMm()),
                        bolted.knuckle().ring().wantedHz())));
    }
}
