package unbo.core.tools.setting;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.heat.HeatInput;
import unbo.core.heat.HeatPlan;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A heat plan in print. */
public final class HeatWords {

    private static final double MAKERS_C = 120;

    private static final String CURVE = "heat-curve";
    /** So many times the seconds in the hand are drawn. */
    private static final double SHOWN = 1.3;

    private HeatWords() {}

    public static Answer answer(HeatPlan p) {
        HeatInput in = p.input();
        List<Answer.Figure> figures = new ArrayList<>(List.of(
                p.chillAlone()
                        ? new Answer.Figure("heat", "none", "", "the chill alone gives the room to slide")
                        : new Answer.Figure(
                                        in.housing() ? "heat the housing to" : "heat the ring to",
                                        c(p.fromC()),
                                        "°C",
                                        Show.number(p.fromC() * 1.8 + 32, 0) + " °F; limit " + c(in.limitC()) + " °C"
                                                + (p.withinLimit()
                                                        ? ""
                                                        : "; " + Show.number(p.slidingUm(), 0)
                                                                + " µm of room would take " + c(p.ringC())))
                                .of(p.fromC()),
                new Answer.Figure("grips at", c(p.gripC()), "°C", "").of(p.gripC())));
        figures.add(Answer.Figure.number(
                "open at " + c(in.limitC()) + " °C",
                p.atLimitUm(in.interferenceUm()),
                0,
                "µm",
                "over the largest; " + Show.number(p.atLimitUm(in.hold().meanUm()), 0) + " over the mean"
                        + (in.hold().leastUm() == null
                                ? ""
                                : ", " + Show.number(p.atLimitUm(in.hold().leastUm()), 0) + " over the smallest")));
        if (p.secondsAvailable() != null) {
            figures.add(Answer.Figure.number(
                    "in the hand", p.secondsAvailable(), 0, "s", "from " + c(p.fromC()) + " °C, in still air"));
        }
        List<Drawing> drawings = p.tauS() == null || p.secondsAvailable() == null || p.secondsAvailable() <= 0
                ? List.of()
                : List.of(curve(p));
        Answer answer = new Answer(
                figures,
                findings(p),
                List.of("Temperature by probe or crayon, not by spit. One movement, straight, to the "
                        + "shoulder; hold it until it grips, then a second or two and it is fast."),
                worksheet(p),
                drawings,
                steps(p));
        return drawings.isEmpty()
                ? answer
                : answer.with(ValueTable.over(
                        CURVE,
                        "Opening as it cools",
                        List.of("seconds", "opening, µm"),
                        0,
                        requireNonNull(p.secondsAvailable()) * SHOWN,
                        List.of(p::openingUm)));
    }

    /** What to do where the limit does not suffice, or that it does. */
    public static String advice(HeatPlan p) {
        HeatInput in = p.input();
        String part = in.housing() ? "housing" : "ring";
        if (p.chillAlone()) {
            return "No heat: chilled to " + c(in.otherC()) + " °C the " + (in.housing() ? "bearing" : "shaft")
                    + " slides by itself.";
        }
        if (p.withinLimit()) {
            return "Heat the " + part + " to " + c(p.ringC()) + " °C, within its limit of " + c(in.limitC()) + " °C.";
        }
        String other = in.housing() ? "bearing" : "shaft";
        String first = "For " + Show.number(p.slidingUm(), 0) + " µm to slide by it would take " + c(p.ringC())
                + " °C, over the limit of " + c(in.limitC()) + " °C. ";
        if (p.slidesAtLimit()) {
            first += "At " + c(in.limitC()) + " °C it stands open " + open(p) + seconds(p)
                    + ": it slides in one quick movement. For more room: ";
        }
        return first + chill(p, part, other);
    }

    /** What is open at the limit, over the largest interference to the mean one, µm. */
    private static String open(HeatPlan p) {
        double least = p.atLimitUm(p.input().interferenceUm());
        double mean = p.atLimitUm(p.input().hold().meanUm());
        return Show.number(least, 0) + (mean - least < 0.5 ? "" : " to " + Show.number(mean, 0)) + " µm";
    }

    private static String seconds(HeatPlan p) {
        return p.secondsAtLimit() == null ? "" : " for some " + Show.number(p.secondsAtLimit(), 0) + " s";
    }

    private static String chill(HeatPlan p, String part, String other) {
        HeatInput in = p.input();
        double to = requireNonNull(p.chillC());
        if (to < HeatPlan.DRY_ICE_C) {
            return "Even dry ice on the " + other + " does not close it: press it" + press(p, "") + ".";
        }
        String both = "Heat the " + part + " to " + c(in.limitC()) + " °C and chill the " + other + " to "
                + c(Math.floor(to)) + " °C: ";
        return to >= HeatPlan.FREEZER_C
                ? both + "a freezer does it."
                : both + "dry ice does it" + press(p, ", or press it") + ".";
    }

    private static String press(HeatPlan p, String words) {
        return p.press() == null ? words : words + " with " + FitWords.kN(p.press()) + " kN";
    }

    private static List<Finding> findings(HeatPlan p) {
        HeatInput in = p.input();
        List<Finding> findings = new ArrayList<>();
        findings.add(
                p.withinLimit()
                        ? new Finding("heat-right", Level.RIGHT, advice(p))
                        : p.slidesAtLimit()
                                ? new Finding("heat-slides", Level.RIGHT, advice(p))
                                : new Finding("heat-over", Level.SOON, advice(p)));
        if (!in.housing() && in.limitC() > MAKERS_C) {
            findings.add(new Finding(
                    "heat-school",
                    Level.WATCH,
                    "Over 120 °C, the bearing makers' usual limit, the ring may grow for good and "
                            + "a polyamide cage softens: 150 °C is the engine builders' line, and the last one."));
        }
        switch (in.colour()) {
            case "straw" ->
                findings.add(new Finding(
                        "temper-straw",
                        Level.WATCH,
                        "Straw: it has been over 200 °C, unless it wipes off with solvent. If it "
                                + "stays, the ring is scrap."));
            case "brown" ->
                findings.add(
                        new Finding("temper-brown", Level.STOP, "Brown: 250 to 260 °C. Its hardness is going: scrap."));
            case "blue" ->
                findings.add(new Finding(
                        "temper-blue",
                        Level.STOP,
                        "Blue: 290 to 300 °C. Its hardness is gone: scrap, and the shaft too if it is coloured."));
            default -> {
                // nothing was seen
            }
        }
        return findings;
    }

    private static List<Step> steps(HeatPlan p) {
        HeatInput in = p.input();
        List<Step> steps = new ArrayList<>();
        steps.add(new Step(
                "ready",
                "Lay everything out: seat clean and lightly oiled, tube or drift, gloves, which side goes in first.",
                ""));
        if (in.otherC() < in.ambientC() - 5) {
            boolean ice = in.otherC() < -25;
            steps.add(new Step(
                    "chill",
                    "Chill the " + (in.housing() ? "bearing" : "shaft") + " to " + c(in.otherC())
                            + " °C, dry; wipe the frost off at the last moment.",
                    ice
                            ? "Dry ice: gloves and goggles, and air the room: the gas takes the breath without a smell."
                            : "Never wet: water on a seat is rust under the ring."));
        }
        if (!p.chillAlone()) {
            steps.add(new Step(
                    "heat",
                    "Heat the " + (in.housing() ? "housing" : "ring") + " evenly to " + c(p.fromC())
                            + " °C: oven, induction or hot plate with a probe.",
                    in.housing()
                            ? "Hot parts: gloves. No open flame on magnesium, nor near fuel, solvent, oil, "
                                    + "sensors, paint or a bonded frame; carbon and bonded shells take no heat."
                            : "No flame on a ring. Heat-proof gloves; a dropped ring burns."));
        }
        steps.add(new Step(
                Step.IN_HAND, "Push it home in one movement, straight, to the shoulder; hold it until it grips.", ""));
        steps.add(new Step(
                "cool",
                "When it has " + (p.chillAlone() ? "warmed up" : "cooled")
                        + ", push or nut it home again: it creeps off the shoulder as it "
                        + (p.chillAlone() ? "grows" : "shrinks") + ". Check with a 0.04 mm feeler.",
                ""));
        return steps;
    }

    private static Worksheet worksheet(HeatPlan p) {
        HeatInput in = p.input();
        List<Worksheet.Line> lines = new ArrayList<>(List.of(
                Worksheet.given("d", "seat", Show.number(in.seatMm(), 3) + " mm"),
                Worksheet.given("δ", "largest interference", Show.number(in.interferenceUm(), 1) + " µm"),
                Worksheet.computed(
                        "s",
                        "clearance to slide by",
                        in.slidingUm() == null ? "d/1000, 20 to 50 µm" : "",
                        Show.number(p.slidingUm(), 0) + " µm"),
                Worksheet.judged(
                        "T",
                        "temperature needed",
                        "Ta + (δ + s)/(α·d) − (αo/α)·(Ta − To)",
                        c(p.ringC()) + " °C",
                        "limit " + c(in.limitC()) + " °C"),
                Worksheet.computed("Tg", "it grips at", "the same with s = 0", c(p.gripC()) + " °C")));
        if (p.tauS() != null) {
            lines.add(Worksheet.computed(
                    "τ",
                    "time constant in air",
                    "m·c/(h·A), h 12 W/m²K",
                    Show.number(p.tauS(), 0) + " s" + (in.massKg() == null ? " (mass estimated)" : "")));
        }
        if (p.secondsAvailable() != null) {
            lines.add(Worksheet.computed(
                    "t",
                    "seconds in the hand",
                    "τ·ln((T0 − Ta)/(Tg − Ta))",
                    Show.number(p.secondsAvailable(), 0) + " s"));
        }
        if (p.chillC() != null) {
            lines.add(
                    Worksheet.computed("", "chill the other part to", "To − (T − limit)·α/αo", c(p.chillC()) + " °C"));
        }
        return new Worksheet(
                "How hot, how cold, how many seconds?",
                lines,
                List.of(
                        "Free thermal expansion; cooling by Newton's law. Steel 11.7, aluminium 23, "
                                + "cast iron 10.5, magnesium 26 · 10⁻⁶/K.",
                        "Limits: sealed or greased 80 °C; open 120 °C, bearing makers' usual (default: "
                                + "it leaves hardness and cage alone); 150 °C, the engine builders' line."));
    }

    private static String c(double celsius) {
        return Show.number(celsius, 0);
    }

    /** The ring's bore over the shaft as it cools: to scale, the moment it grips marked. */
    private static Drawing curve(HeatPlan p) {
        double end = requireNonNull(p.secondsAvailable()) * SHOWN;
        double top = p.openingUm(0);
        double low = p.openingUm(end);
        double width = 420;
        double high = 150;
        double x = width / end;
        double y = high / (top - low);
        List<Shape> shapes = new ArrayList<>();
        double zero = top * y;
        shapes.add(Shape.area(
                Role.SOLID,
                Known.TABLE,
                Point.of(0, zero),
                Point.of(width, zero),
                Point.of(width, high + 26),
                Point.of(0, high + 26)));
        List<Point> line = new ArrayList<>();
        for (int i = 0; i <= 60; i++) {
            double t = end * i / 60;
            line.add(Point.of(t * x, (top - p.openingUm(t)) * y));
        }
        shapes.add(new Shape.Outline(line, false, Role.MARK, Known.MEASURED));
        double at = p.secondsAvailable() * x;
        shapes.add(new Shape.Circle(Point.of(at, zero), 5, Role.ANSWER, Known.MEASURED));
        shapes.add(new Shape.Label(
                Point.of(at + 8, zero - 14),
                "grips after " + Show.number(p.secondsAvailable(), 0) + " s",
                "start",
                15,
                Role.ANSWER));
        shapes.add(new Shape.Label(
                Point.of(6, zero + 14), p.input().housing() ? "bearing" : "shaft", "start", 12, Role.MARK));
        shapes.add(new Shape.Label(Point.of(-6, 4), Show.number(top, 0) + " µm", "end", 12, Role.THIN));
        shapes.add(new Shape.Label(Point.of(-6, zero), "0", "end", 12, Role.THIN));
        double tick = List.of(5.0, 10.0, 20.0, 30.0, 60.0, 120.0, 300.0, 600.0, 1800.0, 3600.0).stream()
                .filter(t -> end / t <= 8)
                .findFirst()
                .orElse(end / 4);
        for (double t = 0; t <= end; t += tick) {
            shapes.add(Shape.line(Role.THIN, Point.of(t * x, high + 26), Point.of(t * x, high + 31)));
            shapes.add(new Shape.Label(Point.of(t * x, high + 42), Show.number(t, 0), "middle", 12, Role.THIN));
        }
        shapes.add(new Shape.Label(Point.of(width, high + 58), "seconds in the hand", "end", 12, Role.THIN));
        return new Drawing(
                CURVE,
                "The heated part's opening over the other as it cools; it grips after "
                        + Show.number(p.secondsAvailable(), 0) + " s",
                -80,
                -14,
                width + 110,
                high + 84,
                shapes);
    }
}
