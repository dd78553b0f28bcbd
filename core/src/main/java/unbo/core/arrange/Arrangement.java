package unbo.core.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import unbo.core.answer.Answer;
import unbo.core.answer.Question;
import unbo.core.catalogue.Kind;
import unbo.core.designation.Decoded;
import unbo.core.designation.Decoder;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.fit.Material;
import unbo.core.identify.Interchange;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * Two bearings on a shaft: is the shaft located exactly once each way, can it grow when hot, and does closing the case
 * side-load it? A bearing carries the shaft one way when its inner ring is stopped on the shaft, its kind takes thrust that
 * way, and its outer ring is stopped in the case.
 *
 * @param toLeft   bearings that hold the shaft from going left
 * @param toRight  bearings that hold it from going right
 * @param growsMm  what case and shaft differ by when warm
 */
public record Arrangement(Input input, int toLeft, int toRight, double growsMm, boolean floating, boolean twice, boolean adjusted) {

    /** Axial stops of a ring: between shoulder and clip, on one side only, or none. A tight ring counts as stopped. */
    public enum Stop { BOTH, LEFT, RIGHT, NONE }

    /** One bearing. @param opens which way a taper or angular bearing takes thrust; of others not used */
    public record End(Decoded bearing, Stop inner, boolean innerTight, Stop outer, boolean outerTight, String opens) {

        /** True when it keeps the shaft from going that way. */
        boolean holds(boolean right) {
            boolean ringInner = innerTight || inner == Stop.BOTH || inner == (right ? Stop.LEFT : Stop.RIGHT);
            boolean ringOuter = outerTight || outer == Stop.BOTH || outer == (right ? Stop.RIGHT : Stop.LEFT);
            return ringInner && ringOuter && takes(right);
        }

        private boolean takes(boolean right) {
            String thrust = Kind.of(bearing.kind()).map(Kind::thrust).orElse("both");
            if (bearing.kind().equals("cylindrical-roller")) {
                String s = bearing.series();
                thrust = s.startsWith("NUP") ? "both" : s.startsWith("NJ") || s.startsWith("NF") ? "one" : "none";
            }
            return thrust.startsWith("both") || thrust.startsWith("one") && opens.equals(right ? "right" : "left");
        }

        boolean oneWay() {
            return bearing.kind().contains("taper") || bearing.kind().equals("angular-contact-ball") || bearing.kind().equals("magneto-ball");
        }
    }

    public record Input(End left, End right, double betweenMm, Material housing, double warmerK) {
    }

    private static final List<Field.Choice> STOPS = List.of(new Field.Choice("both", "stopped both ways"), new Field.Choice("left", "stopped on its left"), new Field.Choice("right", "stopped on its right"), new Field.Choice("none", "free to slide"));
    private static final List<Field.Choice> WAYS = List.of(new Field.Choice("right", "holds the shaft from going right"), new Field.Choice("left", "holds the shaft from going left"));
    public static final FieldList<Input> LIST = FieldList.of(List.of(
            number("leftBearing", "Left bearing"), stop("leftInner", "its inner ring"), tight("leftInnerTight", "inner ring tight on the shaft"), stop("leftOuter", "its outer ring"), tight("leftOuterTight", "outer ring tight in the case"),
            Field.choice("leftWay", "Left, if it takes thrust one way", WAYS).orElse("left", "pair back to back: holds from going left"),
            number("rightBearing", "Right bearing"), stop("rightInner", "its inner ring"), tight("rightInnerTight", "inner ring tight on the shaft"), stop("rightOuter", "its outer ring"), tight("rightOuterTight", "outer ring tight in the case"),
            Field.choice("rightWay", "Right, if it takes thrust one way", WAYS).orElse("right", "pair back to back: holds from going right"),
            Field.quantity("between", "Between them", Quantity.LENGTH, "mm", 5, 1000).usually(20, 400).orElse("100", null), Field.choice("housing", "Case of", Material.choices()).orElse("aluminium", null),
            Field.quantity("warmer", "Runs warmer than the bench by", Quantity.TEMPERATURE_DIFFERENCE, "K", 0, 200).usually(20, 120).orElse("80", "an engine or gearbox")), Arrangement::rules, Arrangement::make);

    public static final Question<Input> QUESTION = new Question<>("arrangement", "Arrangement", "Is the shaft located once each way, free to grow, and not side-loaded?", LIST,
            Map.of("leftBearing", "6305", "leftInner", "both", "leftInnerTight", "yes", "leftOuter", "both", "leftOuterTight", "yes", "rightBearing", "NU305", "rightInner", "both", "rightInnerTight", "yes", "rightOuter", "both", "rightOuterTight", "yes"),
            in -> of(in).answer());

    private static Field number(String name, String label) {
        return Field.text(name, label, Decoder.LONGEST).must();
    }

    private static Field stop(String name, String label) {
        return Field.choice(name, label, STOPS).orElse("both", null);
    }

    private static Field tight(String name, String label) {
        return Field.yesNo(name, label);
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        for (String side : List.of("left", "right")) {
            Decoded d = Decoder.decode(v.text(side + "Bearing"));
            if (!d.recognised()) {
                problems.add(Problem.impossible(side + "Bearing", "“" + v.text(side + "Bearing") + "” is not known here: read the number again."));
            }
        }
        return problems;
    }

    private static Input make(Values v) {
        return new Input(end(v, "left"), end(v, "right"), v.number("between"), Material.of(v.text("housing")), v.number("warmer"));
    }

    private static End end(Values v, String side) {
        return new End(Decoder.decode(v.text(side + "Bearing")), stop(v.text(side + "Inner")), v.yes(side + "InnerTight"), stop(v.text(side + "Outer")), v.yes(side + "OuterTight"), v.text(side + "Way"));
    }

    private static Stop stop(String code) {
        return Stop.valueOf(code.toUpperCase(java.util.Locale.ROOT));
    }

    public static Arrangement of(Input in) {
        int left = (in.left().holds(false) ? 1 : 0) + (in.right().holds(false) ? 1 : 0);
        int right = (in.left().holds(true) ? 1 : 0) + (in.right().holds(true) ? 1 : 0);
        double grows = (in.housing().perK() - Material.STEEL.perK()) * in.betweenMm() * in.warmerK();
        boolean adjusted = left == 1 && right == 1 && in.left().holds(false) != in.left().holds(true);
        return new Arrangement(in, left, right, grows, left == 0 || right == 0, left > 1 && right > 1, adjusted);
    }

    /** True when closing the case can press both bearings sideways: both hold it both ways. */
    public boolean sideLoads() {
        return twice;
    }

    /** It in print. */
    public Answer answer() {
        List<Finding> findings = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        if (floating) {
            findings.add(new Finding("floats", Level.STOP, "Nothing holds the shaft from going " + (toLeft == 0 && toRight == 0 ? "either way" : toLeft == 0 ? "left" : "right") + ": one end must locate it."));
        } else if (twice) {
            findings.add(new Finding("located-twice", Level.SOON, "Both bearings hold the shaft both ways: pulling the case together side-loads them, and nothing lets it grow (" + Show.fixed(Math.abs(growsMm), 3) + " mm when " + Show.number(input.warmerK(), 0) + " K warmer)."));
            List<String> rollers = Interchange.of(input.right().bearing()).candidates().stream().filter(c -> c.kind().equals("cylindrical-roller") && c.designation().matches("NU?\\d+.*")).map(Interchange.Candidate::designation).toList();
            sentences.add("Ways out: let one outer ring slide (H7, no clip), put a cylindrical roller of the same size at one end" + (rollers.isEmpty() ? "" : " (" + String.join(" or ", rollers) + " in place of " + input.right().bearing().designation() + ")")
                    + ", or use C3 and tap the shaft across after closing until it turns freely.");
        } else if (adjusted) {
            findings.add(new Finding("adjusted", Level.RIGHT, "An adjusted pair: each holds one way, the play between them is set."));
            if (Math.abs(growsMm) > 0.03) {
                findings.add(new Finding("adjusted-grows", Level.WATCH, "Warm, the case grows " + Show.fixed(Math.abs(growsMm), 3) + " mm " + (growsMm > 0 ? "more than the shaft" : "less than the shaft") + ": count it into the setting."));
            }
        } else {
            findings.add(new Finding("located-once", Level.RIGHT, "Located once each way, and free to grow by " + Show.fixed(Math.abs(growsMm), 3) + " mm at the other end."));
        }
        for (End end : List.of(input.left(), input.right())) {
            if (end.bearing().kind().equals("deep-groove-ball") && end.innerTight() && end.outerTight() && !twice) {
                sentences.add(end.bearing().designation() + ": both rings tight takes its clearance: see Fit, C3 as a rule.");
            }
        }
        return new Answer(List.of(new Answer.Figure("shaft is located", floating ? "not" : twice ? "twice" : "once each way", "", adjusted ? "adjusted pair" : ""),
                new Answer.Figure("grows when warm", Show.fixed(Math.abs(growsMm), 3), "mm", growsMm >= 0 ? "case more than shaft" : "shaft more than case")), findings, sentences, new Worksheet("Is the shaft located once each way?", List.of(
                        Worksheet.judged("", "held from going left", "by", by(false), "one"), Worksheet.judged("", "held from going right", "by", by(true), "one"),
                        Worksheet.computed("Δ", "growth", "(αcase − αshaft)·L·ΔT", Show.fixed(growsMm, 3) + " mm")), List.of("Locating and floating bearings as in textbooks of machine elements; free thermal expansion.")), List.of(drawing()));
    }

    private String by(boolean right) {
        List<String> names = new ArrayList<>();
        if (input.left().holds(right)) {
            names.add("left " + input.left().bearing().designation());
        }
        if (input.right().holds(right)) {
            names.add("right " + input.right().bearing().designation());
        }
        return names.isEmpty() ? "nothing" : String.join(" and ", names);
    }

    private Drawing drawing() {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(box(Role.PART, -190, 190, 0, 26));
        end(shapes, input.left(), -120);
        end(shapes, input.right(), 120);
        shapes.add(box(Role.SOLID, -160, 160, 92, 122));
        shapes.add(Shape.line(Role.CENTRE, Point.of(-205, 0), Point.of(205, 0)));
        arrow(shapes, -30, -1, toLeft);
        arrow(shapes, 30, 1, toRight);
        return new Drawing("arrangement", "Both bearings in half section, scheme; arrows: how often the shaft is held each way", -215, -140, 430, 180, shapes);
    }

    private static Shape box(Role role, double left, double right, double low, double high) {
        return Shape.area(role, Known.TABLE, Point.of(left, -low), Point.of(right, -low), Point.of(right, -high), Point.of(left, -high));
    }

    private static void end(List<Shape> shapes, End e, double x) {
        shapes.add(box(Role.SOLID_TWIN, x - 22, x + 22, 26, 46));
        shapes.add(box(Role.SOLID_TWIN, x - 22, x + 22, 72, 92));
        boolean roller = e.bearing().kind().contains("roller");
        shapes.add(roller ? box(Role.PART, x - 14, x + 14, 46, 72) : new Shape.Circle(Point.of(x, -59), 16, Role.PART, Known.TABLE));
        stops(shapes, e.inner(), x, 26, 36);
        stops(shapes, e.outer(), x, 82, 92);
        if (e.innerTight()) {
            shapes.add(Shape.line(Role.ANSWER, Point.of(x - 22, -26), Point.of(x + 22, -26)));
        }
        if (e.outerTight()) {
            shapes.add(Shape.line(Role.ANSWER, Point.of(x - 22, -92), Point.of(x + 22, -92)));
        }
        shapes.add(new Shape.Label(Point.of(x, 16), e.bearing().designation(), "middle", 13, Role.MARK));
    }

    private static void stops(List<Shape> shapes, Stop stop, double x, double low, double high) {
        if (stop == Stop.BOTH || stop == Stop.LEFT) {
            shapes.add(box(Role.PART, x - 30, x - 23, low, high));
        }
        if (stop == Stop.BOTH || stop == Stop.RIGHT) {
            shapes.add(box(Role.PART, x + 23, x + 30, low, high));
        }
    }

    private static void arrow(List<Shape> shapes, double x, int way, int held) {
        Role role = held == 1 ? Role.ANSWER : Role.OUT;
        shapes.add(Shape.line(role, Point.of(x - way * 16, -13), Point.of(x + way * 16, -13)));
        shapes.add(Shape.area(role, Known.MEASURED, Point.of(x + way * 26, -13), Point.of(x + way * 14, -19), Point.of(x + way * 14, -7)));
        shapes.add(new Shape.Label(Point.of(x, 16), "held " + (held == 0 ? "by none" : held == 1 ? "once" : "twice"), way < 0 ? "end" : "start", 12, held == 1 ? Role.ANSWER : Role.OUT));
    }
}
