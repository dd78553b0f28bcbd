package unbo.core.tools.strength;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.form.TypedRows;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.strength.HubPart;
import unbo.core.strength.ShoulderFillet;
import unbo.core.strength.TiltedPlate;
import unbo.core.strength.WheelLoad;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** Which of two hubs or spindles is bent harder? */
@AutoService(Offered.class)
public final class HubStressTool implements Tool<HubStressTool.Hard, HubStressTool.Bent> {

    private static final int MOST_PARTS = 6;
    /** Nearer to each other than this two parts are told apart by nothing: the curves' own error. */
    private static final double APART = 0.1;

    /** A flange is drawn so much of the bolts' circle past its middle. */
    private static final double OVER_BOLTS = 0.575;

    private static final FieldList<HubPart> PART = FieldList.of(
            List.of(
                    Field.text("name", "Part", 40).must(),
                    length("journalMm", "Journal at the shoulder", 4, 400).must(),
                    length("shoulderMm", "Shoulder", 4, 500).must(),
                    length("filletMm", "Fillet radius", 0.05, 30).must(),
                    length("reachMm", "From the wheel's plane", 0, 400).must(),
                    length("boreMm", "Bore through it", 0, 390).orElse("0", "solid"),
                    length("flangeMm", "Flange, thick at its root", 1, 60),
                    length("boltsMm", "Circle of its bolts", 20, 600)),
            HubStressTool::partRules,
            v -> new HubPart(
                    v.text("name"),
                    v.number("journalMm"),
                    v.number("boreMm"),
                    v.number("shoulderMm"),
                    v.number("filletMm"),
                    v.number("reachMm"),
                    v.has("flangeMm") ? new HubPart.Flange(v.number("flangeMm"), v.number("boltsMm")) : null));

    private static final TypedRows<HubPart> PARTS = new TypedRows<>("parts", PART, 1, MOST_PARTS);

    private static final FieldList<Hard> FIELDS = FieldList.of(
            List.of(
                    Field.rows("parts", "Parts, the one that is there first", PART.fields())
                            .must(),
                    Field.quantity("loadN", "Load on the wheel", Quantity.FORCE, "N", 10, 200_000)
                            .must()
                            .hint("in the bend: the outer wheel carries more than standing"),
                    Field.quantity("sideShare", "Side force, share of it", Quantity.RATIO, "", 0, 3)
                            .orElse("0.9", "a road tyre at its limit on a dry road; slicks 1.3 and more"),
                    length("rollingRadiusMm", "Rolling radius", 50, 900).must(),
                    Field.quantity("camberDeg", "Camber, top inwards", Quantity.ANGLE, "°", -15, 15)
                            .orElse("0", "upright"),
                    Field.quantity("kerbN", "Kerb, sideways at the tyre", Quantity.FORCE, "N", 0, 500_000)
                            .hint("on top of the bend, where one is struck")),
            HubStressTool::rules,
            v -> new Hard(
                    PARTS.records(v),
                    new WheelLoad(
                            v.number("loadN"),
                            v.number("sideShare") * v.number("loadN") + v.number("kerbN", 0),
                            v.number("camberDeg"),
                            v.number("rollingRadiusMm"))));

    private static final Shape SHAPE = Shape.of(FIELDS, "loadN", "sideShare", "rollingRadiusMm", "camberDeg", "kerbN")
            .andLines("parts", Shape.of(PART));

    /** @param parts that which is there first */
    public record Hard(List<HubPart> parts, WheelLoad load) {

        public Hard {
            parts = List.copyOf(parts);
        }
    }

    /**
     * A part under the load.
     *
     * @param flangeMPa at the root of its flange; null where it has none
     * @param againstFirst its worst stress over that of the first part
     */
    public record Stressed(
            HubPart part,
            double momentNm,
            double localMPa,
            @Nullable Double flangeMPa,
            double againstFirst) {

        double worstMPa() {
            return Math.max(localMPa, flangeMPa == null ? 0 : flangeMPa);
        }
    }

    /** All parts, in the order they were written. */
    public record Bent(Hard hard, List<Stressed> parts) {}

    /** @param filletFactor how many times the nominal stress stands in the fillet */
    public record StressedJson(
            String name,
            double momentNm,
            double nominalMPa,
            double filletFactor,
            double filletMPa,
            @Nullable Double flangeMPa,
            double againstFirst) {}

    /** What the wheel does, and the parts. */
    public record HubStressJson(double acrossN, double alongN, List<StressedJson> parts) {}

    private static Field length(String name, String label, double min, double max) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", min, max);
    }

    private static List<Problem> partRules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (v.number("boreMm") >= v.number("journalMm")) {
            problems.add(Problem.impossible("boreMm", "The bore is no smaller than the journal around it."));
        }
        if (v.number("shoulderMm") < v.number("journalMm")) {
            problems.add(Problem.impossible("shoulderMm", "The shoulder is the thicker of the two."));
        } else if (!new ShoulderFillet(v.number("journalMm"), v.number("shoulderMm"), v.number("filletMm")).known()) {
            problems.add(Problem.impossible(
                    "filletMm",
                    "A fillet under a twentieth of the shoulder's height is a sharp corner: no curve " + "has it."));
        }
        if (v.has("flangeMm") != v.has("boltsMm")) {
            problems.add(new Problem(
                    v.has("flangeMm") ? "boltsMm" : "flangeMm",
                    "A flange is told by its thickness and the circle of its bolts: write both.",
                    false));
        } else if (v.has("boltsMm") && !TiltedPlate.known(v.number("shoulderMm") / v.number("boltsMm"))) {
            problems.add(Problem.impossible(
                    "boltsMm", "The shoulder is known from a tenth to four fifths of the bolts' circle."));
        }
        return problems;
    }

    private static List<Problem> rules(Values v) {
        return PARTS.problems(v);
    }

    @Override
    public About about() {
        return new About("hub-stress", "Hub in hard use", "Which of these hubs is bent harder?", Work.DECIDE, 70);
    }

    @Override
    public FieldList<Hard> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "parts",
                "as it came; 30; 40; 1; 45; 0; 9; 100\nracing; 34; 44; 3; 45; 12; 12; 100",
                "loadN",
                "2500",
                "rollingRadiusMm",
                "280");
    }

    @Override
    public Bent compute(Hard in) {
        List<Stressed> parts = new ArrayList<>();
        double first = 0;
        for (HubPart part : in.parts()) {
            double moment = in.load().bendingNm(part.reachMm());
            HubPart.Flange flange = part.flange();
            Double flangeMPa = flange == null
                    ? null
                    : Double.valueOf(
                            TiltedPlate.stressMPa(moment, part.shoulderMm(), flange.boltsMm(), flange.thickMm()));
            double worst = Math.max(part.localMPa(moment), flangeMPa == null ? 0 : flangeMPa);
            first = parts.isEmpty() ? worst : first;
            parts.add(new Stressed(part, moment, part.localMPa(moment), flangeMPa, first > 0 ? worst / first : 1));
        }
        return new Bent(in, List.copyOf(parts));
    }

    @Override
    public List<Finding> findings(Bent bent) {
        if (bent.parts().size() < 2) {
            return List.of(new Finding(
                    "stress-alone",
                    Level.OPEN,
                    "One part alone is held against nothing: write the one it would take the place of."));
        }
        Stressed first = bent.parts().get(0);
        List<Finding> findings = new ArrayList<>();
        for (Stressed other : bent.parts().subList(1, bent.parts().size())) {
            String name = "“" + other.part().name() + "”";
            double ratio = other.againstFirst();
            findings.add(
                    ratio > 1 + APART
                            ? new Finding(
                                    "stress-higher",
                                    Level.SOON,
                                    name + " is bent " + Show.number(ratio, 2) + " times as hard as “"
                                            + first.part().name() + "” at its worst place.")
                            : ratio < 1 - APART
                                    ? new Finding(
                                            "stress-lower",
                                            Level.RIGHT,
                                            name + " is bent " + Show.number(ratio, 2) + " times as hard as “"
                                                    + first.part().name() + "”.")
                                    : new Finding(
                                            "stress-alike",
                                            Level.OPEN,
                                            name + " and “" + first.part().name()
                                                    + "” lie within the curves' own error of a tenth: no difference "
                                                    + "is told."));
        }
        return findings;
    }

    @Override
    public Answer print(Bent bent) {
        List<Answer.Figure> figures = new ArrayList<>();
        Stressed worst = Objects.requireNonNull(bent.parts().stream()
                .max(Comparator.comparingDouble(Stressed::worstMPa))
                .orElse(null));
        Stressed last = bent.parts().get(bent.parts().size() - 1);
        figures.add(
                bent.parts().size() > 1
                        ? Answer.Figure.number(
                                last.part().name() + " against "
                                        + bent.parts().get(0).part().name(),
                                last.againstFirst(),
                                2,
                                "times the stress",
                                "at the worst place of each")
                        : Answer.Figure.number("bent by", worst.momentNm(), 0, "N·m", ""));
        for (Stressed one : bent.parts()) {
            Double flange = one.flangeMPa();
            figures.add(Answer.Figure.number(
                    one.part().name() + ", fillet",
                    one.localMPa(),
                    0,
                    "N/mm²",
                    "times " + Show.number(one.part().fillet().factor(), 2) + " by its radius"));
            if (flange != null) {
                figures.add(Answer.Figure.number(one.part().name() + ", flange", flange, 0, "N/mm²", ""));
            }
        }
        return new Answer(
                figures,
                findings(bent),
                List.of(
                        "A comparison of parts under one load, never an approval: steel, heat treatment, surface, "
                                + "bolts and welds are not in it.",
                        "Hubs in hard use are looked at for cracks at fillet and flange by dye or magnet, at every "
                                + "strip; a part that was bent or struck is not used again."),
                worksheet(bent),
                List.of(drawing(bent)));
    }

    private static Worksheet worksheet(Bent bent) {
        WheelLoad load = bent.hard().load();
        List<Worksheet.Line> lines = new ArrayList<>(List.of(
                Worksheet.computed("", "across the axle", "Fz·cos γ − Fy·sin γ", Show.number(load.acrossN(), 0) + " N"),
                Worksheet.computed("", "along the axle", "Fy·cos γ + Fz·sin γ", Show.number(load.alongN(), 0) + " N")));
        for (Stressed one : bent.parts()) {
            String name = one.part().name();
            lines.add(Worksheet.computed(
                    "M", name + ": bent by", "|across·a − along·R|", Show.number(one.momentNm(), 0) + " N·m"));
            lines.add(Worksheet.computed(
                    "σ",
                    name + ": nominal",
                    "32·M·d/(π·(d⁴ − di⁴))",
                    Show.number(one.part().nominalMPa(one.momentNm()), 0) + " N/mm²"));
            lines.add(Worksheet.computed(
                    "Kt",
                    name + ": fillet",
                    "by h/r " + Show.number(one.part().fillet().steepness(), 2) + " and 2h/D",
                    Show.number(one.part().fillet().factor(), 2)));
            Double flange = one.flangeMPa();
            if (flange != null) {
                lines.add(Worksheet.computed("", name + ": flange", "β·M/(a·t²)", Show.number(flange, 0) + " N/mm²"));
            }
        }
        return new Worksheet(
                "Which is bent harder?",
                lines,
                List.of(
                        "Peterson's Stress Concentration Factors: stepped round bar in bending.",
                        "Roark's Formulas for Stress and Strain: plate tilted by its middle, edge supported; its own "
                                + "fillet is left out.",
                        "The hub turns: each point of it is pulled and pushed once a turn by the whole of it."));
    }

    /** Halves of the parts, two about one centre line, to one scale, their shoulders in one line. */
    private static Drawing drawing(Bent bent) {
        double reach = bent.parts().stream()
                .mapToDouble(one -> outermost(one.part()))
                .max()
                .orElse(50);
        double arm = Math.max(30, reach * 0.8);
        List<unbo.core.drawing.Shape> shapes = new ArrayList<>();
        double text = Math.max(4, reach * 0.13);
        double y = reach;
        for (int i = 0; i < bent.parts().size(); i++) {
            boolean upper = i % 2 == 0;
            if (upper && i > 0) {
                y += 2 * reach + text;
            }
            if (upper) {
                shapes.add(unbo.core.drawing.Shape.line(Role.CENTRE, Point.of(-arm * 1.1, y), Point.of(arm * 1.8, y)));
            }
            half(bent.parts().get(i), upper ? -1 : 1, y, arm, text, shapes);
        }
        boolean pair = bent.parts().size() > 1;
        return new Drawing(
                "hub-stress",
                "The parts to one scale, a mark where each is bent hardest",
                -arm * 1.15,
                -text,
                arm * 3.1 + text * 4,
                y + (pair ? reach : 0) + 2 * text,
                shapes);
    }

    /** Half of a part: at its bore, its journal and its flange. */
    private static void half(
            Stressed one, int side, double y, double arm, double text, List<unbo.core.drawing.Shape> shapes) {
        HubPart part = one.part();
        shapes.add(part(part, side, y, arm));
        shapes.add(new unbo.core.drawing.Shape.Circle(
                Point.of(0, y + side * part.journalMm() / 2), text * 0.35, Role.OUT, Known.MEASURED));
        HubPart.Flange flange = part.flange();
        if (flange != null) {
            shapes.add(new unbo.core.drawing.Shape.Circle(
                    Point.of(arm - flange.thickMm(), y + side * part.shoulderMm() / 2),
                    text * 0.35,
                    Role.OUT,
                    Known.MEASURED));
        }
        double middle = y + side * text * 2;
        shapes.add(
                new unbo.core.drawing.Shape.Label(Point.of(arm * 1.1, middle), part.name(), "start", text, Role.MARK));
        shapes.add(new unbo.core.drawing.Shape.Label(
                Point.of(arm * 1.1, middle + text * 1.2),
                Show.number(one.worstMPa(), 0) + " N/mm²",
                "start",
                text,
                Role.ANSWER));
    }

    private static double outermost(HubPart part) {
        HubPart.Flange flange = part.flange();
        return Math.max(part.shoulderMm() / 2, flange == null ? 0 : flange.boltsMm() * OVER_BOLTS);
    }

    /** Bore, journal, fillet in five steps, shoulder, flange: the inboard end at the left. */
    private static unbo.core.drawing.Shape part(HubPart part, int side, double y, double arm) {
        List<Point> points = new ArrayList<>();
        double d = part.journalMm() / 2;
        double shoulder = part.shoulderMm() / 2;
        double r = Math.min(part.filletMm(), shoulder - d);
        points.add(Point.of(-arm, y + side * part.boreMm() / 2));
        points.add(Point.of(-arm, y + side * d));
        for (int i = 0; i <= 5; i++) {
            double angle = Math.PI / 2 * i / 5;
            points.add(Point.of(-r + r * Math.sin(angle), y + side * (d + r - r * Math.cos(angle))));
        }
        points.add(Point.of(0, y + side * shoulder));
        HubPart.Flange flange = part.flange();
        if (flange != null) {
            points.add(Point.of(arm - flange.thickMm(), y + side * shoulder));
            points.add(Point.of(arm - flange.thickMm(), y + side * flange.boltsMm() * OVER_BOLTS));
            points.add(Point.of(arm, y + side * flange.boltsMm() * OVER_BOLTS));
        } else {
            points.add(Point.of(arm, y + side * shoulder));
        }
        points.add(Point.of(arm, y + side * part.boreMm() / 2));
        return unbo.core.drawing.Shape.area(Role.SOLID, Known.MEASURED, points.toArray(Point[]::new));
    }

    @Override
    public List<Call<Bent>> calls() {
        return List.of(Call.post(
                "hub-stress",
                "Bending and stress of hubs or spindles under one wheel load, held against each other",
                SHAPE,
                HubStressJson.class,
                HubStressTool::json));
    }

    private static HubStressJson json(Bent bent) {
        return new HubStressJson(
                bent.hard().load().acrossN(),
                bent.hard().load().alongN(),
                bent.parts().stream()
                        .map(one -> new StressedJson(
                                one.part().name(),
                                one.momentNm(),
                                one.part().nominalMPa(one.momentNm()),
                                one.part().fillet().factor(),
                                one.localMPa(),
                                one.flangeMPa(),
                                one.againstFirst()))
                        .toList());
    }
}
