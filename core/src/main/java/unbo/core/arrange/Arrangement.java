package unbo.core.arrange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import unbo.core.answer.Answer;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.designation.Decoder;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.fit.Material;
import unbo.core.form.BearingInput;
import unbo.core.identify.Interchange;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.table.Table;
import unbo.core.worksheet.Worksheet;

/**
 * Two bearings on a shaft: is the shaft located exactly once each way, can it grow when hot, and does closing the case
 * side-load it? A bearing carries the shaft one way when its inner ring is stopped on the shaft, its kind takes thrust
 * that way, and its outer ring is stopped in the case.
 *
 * @param toLeft bearings that hold the shaft from going left
 * @param toRight bearings that hold it from going right
 * @param growsMm what case and shaft differ by when warm
 */
public record Arrangement(
        Input input, int toLeft, int toRight, double growsMm, boolean floating, boolean twice, boolean adjusted) {

    /** Axial stops of a ring: between shoulder and clip, on one side only, or none. A tight ring counts as stopped. */
    public enum Stop {
        BOTH,
        LEFT,
        RIGHT,
        NONE
    }

    /** One bearing. @param opens which way a taper or angular bearing takes thrust; of others not used */
    public record End(Bearing bearing, Stop inner, boolean innerTight, Stop outer, boolean outerTight, String opens) {

        /** True when it keeps the shaft from going that way. */
        boolean holds(boolean right) {
            boolean ringInner = innerTight || inner == Stop.BOTH || inner == (right ? Stop.LEFT : Stop.RIGHT);
            boolean ringOuter = outerTight || outer == Stop.BOTH || outer == (right ? Stop.RIGHT : Stop.LEFT);
            return ringInner && ringOuter && takes(right);
        }

        private boolean takes(boolean right) {
            String thrust = bearing.kind().thrust();
            if (bearing.kind() == BearingKind.CYLINDRICAL_ROLLER) {
                String s = bearing.series();
                thrust = s.startsWith("NUP") ? "both" : s.startsWith("NJ") || s.startsWith("NF") ? "one" : "none";
            }
            return thrust.startsWith("both") || thrust.startsWith("one") && opens.equals(right ? "right" : "left");
        }

        boolean oneWay() {
            return bearing.kind().taper()
                    || bearing.kind() == BearingKind.ANGULAR_CONTACT_BALL
                    || bearing.kind() == BearingKind.MAGNETO_BALL;
        }
    }

    /** @param washers true where thrust washers locate the shaft */
    public record Input(
            Ready ready, End left, End right, boolean washers, double betweenMm, Material housing, double warmerK) {
        /**
         * The ready arrangement it is.
         *
         * @param code of a ready arrangement, or {@code built}
         */
        public record Ready(String code, String label, String note) {}

        public String code() {
            return ready.code();
        }

        public String label() {
            return ready.label();
        }

        public String note() {
            return ready.note();
        }
    }

    private static final Pick BUILT = new Pick(Map.of("code", "built", "label", "as written below", "note", ""));
    private static final Map<String, Pick> PICKS = picks();
    private static final List<Field.Choice> STOPS = List.of(
            new Field.Choice("both", "stopped both ways"),
            new Field.Choice("left", "stopped on its left"),
            new Field.Choice("right", "stopped on its right"),
            new Field.Choice("none", "free to slide"));
    private static final List<Field.Choice> WAYS = List.of(
            new Field.Choice("right", "holds the shaft from going right"),
            new Field.Choice("left", "holds the shaft from going left"));
    private static final String FREE = "—: as the arrangement has it, else stopped both ways";

    public static final FieldList<Input> LIST = FieldList.of(fields(true), Arrangement::rules, Arrangement::make);

    /** A ready arrangement: what its rings are stopped by. */
    private record Pick(Map<String, String> row) {

        String at(String column) {
            return row.getOrDefault(column, "");
        }
    }

    private static Map<String, Pick> picks() {
        Map<String, Pick> picks = new LinkedHashMap<>();
        picks.put("built", BUILT);
        Table.read(Arrangement.class, "arrangements.csv").forEach(r -> picks.put(r.get("code"), new Pick(r.cells())));
        return picks;
    }

    /** The ready arrangements, and one as built. */
    public static List<Field.Choice> choices() {
        return PICKS.values().stream()
                .map(p -> new Field.Choice(p.at("code"), p.at("label")))
                .toList();
    }

    /**
     * The boxes. @param alone false where an arrangement may be left out altogether: then nothing is asked for unless
     * one is picked
     */
    public static List<Field> fields(boolean alone) {
        List<Field> fields = new ArrayList<>();
        Field pick = Field.choice("arrangement", "Arrangement", choices());
        fields.add(alone ? pick.orElse("built", null) : pick.hint("choose one to have it judged"));
        for (String side : List.of("left", "right")) {
            Field bearing = Field.bearing(side + "Bearing", named(side) + " bearing");
            fields.add(alone ? bearing.must() : bearing);
        }
        fields.addAll(List.of(
                Field.quantity("between", "Between them", Quantity.LENGTH, "mm", 5, 1000)
                        .usually(20, 400)
                        .orElse("100", null),
                Field.choice("housing", "Case of", Material.choices()).orElse("aluminium", null),
                Field.quantity("warmer", "Runs warmer than the bench by", Quantity.TEMPERATURE_DIFFERENCE, "K", 0, 200)
                        .usually(20, 120)
                        .orElse("80", "an engine or gearbox")));
        for (String side : List.of("left", "right")) {
            fields.addAll(List.of(
                    stop(side + "Inner", named(side) + ", inner ring"),
                    Field.yesNo(side + "InnerTight", named(side) + ", inner ring tight")
                            .seldom(),
                    stop(side + "Outer", named(side) + ", outer ring"),
                    Field.yesNo(side + "OuterTight", named(side) + ", outer ring tight")
                            .seldom(),
                    Field.choice(side + "Way", named(side) + ", if it takes thrust one way", WAYS)
                            .hint(
                                    side.equals("left")
                                            ? "—: from going right, as in a pair back to back"
                                            : "—: from going left, as in a pair back to back")
                            .seldom()));
        }
        fields.add(Field.yesNo("washers", "Thrust washers locate it").seldom());
        return List.copyOf(fields);
    }

    private static String named(String side) {
        return side.equals("left") ? "Left" : "Right";
    }

    private static Field stop(String name, String label) {
        return Field.choice(name, label, STOPS).hint(FREE).seldom();
    }

    /** What is wrong with the two numbers. */
    public static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        for (String side : List.of("left", "right")) {
            if (v.text(side + "Bearing").isEmpty()) {
                problems.add(new Problem(side + "Bearing", "Write the number of the " + side + " bearing.", false));
            } else if (!BearingInput.numbered(side + "Bearing").of(v).recognised()) {
                problems.add(Problem.impossible(
                        side + "Bearing",
                        "“" + v.text(side + "Bearing") + "” is not known here: read the number again."));
            }
        }
        return problems;
    }

    /** The input of texts that have passed the rules. */
    public static Input make(Values v) {
        Pick pick = PICKS.getOrDefault(v.text("arrangement"), BUILT);
        return new Input(
                new Input.Ready(pick.at("code"), pick.at("label"), pick.at("note")),
                end(v, pick, "left"),
                end(v, pick, "right"),
                v.yes("washers") || pick.at("code").equals("needle-pivot"),
                v.number("between"),
                Material.of(v.text("housing")),
                v.number("warmer"));
    }

    private static End end(Values v, Pick pick, String side) {
        return new End(
                BearingInput.numbered(side + "Bearing").of(v),
                stop(v, pick, side + "Inner"),
                v.yes(side + "InnerTight") || !pick.at(side + "InnerTight").isEmpty(),
                stop(v, pick, side + "Outer"),
                v.yes(side + "OuterTight") || !pick.at(side + "OuterTight").isEmpty(),
                first(v.text(side + "Way"), pick.at(side + "Way"), side.equals("left") ? "right" : "left"));
    }

    private static Stop stop(Values v, Pick pick, String name) {
        return Stop.valueOf(first(v.text(name), pick.at(name), "both").toUpperCase(java.util.Locale.ROOT));
    }

    /** The first that is not empty. */
    private static String first(String... texts) {
        return java.util.Arrays.stream(texts)
                .filter(t -> !t.isEmpty())
                .findFirst()
                .orElseThrow();
    }

    public static Arrangement of(Input in) {
        int washers = in.washers() ? 1 : 0;
        int left = washers + (in.left().holds(false) ? 1 : 0) + (in.right().holds(false) ? 1 : 0);
        int right = washers + (in.left().holds(true) ? 1 : 0) + (in.right().holds(true) ? 1 : 0);
        double grows = (in.housing().perK() - Material.STEEL.perK()) * in.betweenMm() * in.warmerK();
        boolean adjusted = !in.washers()
                && left == 1
                && right == 1
                && in.left().holds(false) != in.left().holds(true);
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
        if (!input.note().isEmpty()) {
            sentences.add(input.note());
        }
        if (floating) {
            findings.add(new Finding(
                    "floats",
                    Level.STOP,
                    "Nothing holds the shaft from going "
                            + (toLeft == 0 && toRight == 0 ? "either way" : toLeft == 0 ? "left" : "right")
                            + ": one end must locate it."));
        } else if (twice && input.code().equals("spacer-hub")) {
            findings.add(new Finding(
                    "on-a-spacer",
                    Level.WATCH,
                    "Two fixed on a spacer: the spacer's length against the shoulders decides "
                            + "whether closing it side-loads them. Measure both."));
        } else if (twice) {
            findings.add(new Finding(
                    "located-twice",
                    Level.SOON,
                    "Both bearings hold the shaft both ways: pulling the case together side-loads "
                            + "them, and nothing lets it grow ("
                            + Show.fixed(Math.abs(growsMm), 3) + " mm when " + Show.number(input.warmerK(), 0)
                            + " K warmer)."));
            List<String> rollers = Interchange.of(input.right().bearing(), Decoder.SHIPPED).candidates().stream()
                    .filter(c -> c.kind() == BearingKind.CYLINDRICAL_ROLLER
                            && c.designation().matches("NU?\\d+.*"))
                    .map(Interchange.Candidate::designation)
                    .toList();
            sentences.add("Ways out: let one outer ring slide (H7, no clip), put a cylindrical roller of "
                    + "the same size at one end"
                    + (rollers.isEmpty()
                            ? ""
                            : " (" + String.join(" or ", rollers) + " in place of "
                                    + input.right().bearing().designation() + ")")
                    + ", or use C3 and tap the shaft across after closing until it turns freely.");
        } else if (adjusted) {
            findings.add(new Finding(
                    "adjusted", Level.RIGHT, "An adjusted pair: each holds one way, the play between them is set."));
            if (Math.abs(growsMm) > 0.03) {
                findings.add(new Finding(
                        "adjusted-grows",
                        Level.WATCH,
                        "Warm, the case grows " + Show.fixed(Math.abs(growsMm), 3) + " mm "
                                + (growsMm > 0 ? "more than the shaft" : "less than the shaft")
                                + ": count it into the setting."));
            }
        } else {
            findings.add(new Finding(
                    "located-once",
                    Level.RIGHT,
                    "Located once each way, and free to grow by " + Show.fixed(Math.abs(growsMm), 3)
                            + " mm at the other end."));
        }
        for (End end : List.of(input.left(), input.right())) {
            if (end.bearing().kind() == BearingKind.DEEP_GROOVE_BALL
                    && end.innerTight()
                    && end.outerTight()
                    && !twice) {
                sentences.add(
                        end.bearing().designation() + ": both rings tight takes its clearance: see Fit, C3 as a rule.");
            }
        }
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "shaft is located",
                                floating ? "not" : twice ? "twice" : "once each way",
                                "",
                                input.code().equals("built") ? adjusted ? "adjusted pair" : "" : input.label()),
                        new Answer.Figure(
                                "grows when warm",
                                Show.fixed(Math.abs(growsMm), 3),
                                "mm",
                                growsMm >= 0 ? "case more than shaft" : "shaft more than case")),
                findings,
                sentences,
                new Worksheet(
                        "Is the shaft located once each way?",
                        List.of(
                                Worksheet.judged("", "held from going left", "by", by(false), "one"),
                                Worksheet.judged("", "held from going right", "by", by(true), "one"),
                                Worksheet.computed(
                                        "Δ", "growth", "(αcase − αshaft)·L·ΔT", Show.fixed(growsMm, 3) + " mm")),
                        List.of("Locating and floating bearings as in textbooks of machine elements; free "
                                + "thermal expansion.")),
                List.of(drawing()));
    }

    private String by(boolean right) {
        List<String> names = new ArrayList<>();
        if (input.washers()) {
            names.add("thrust washers");
        }
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
        return new Drawing(
                "arrangement",
                "Both bearings in half section, scheme; arrows: how often the shaft is held each way",
                -215,
                -140,
                430,
                180,
                shapes);
    }

    private static Shape box(Role role, double left, double right, double low, double high) {
        return Shape.area(
                role,
                Known.TABLE,
                Point.of(left, -low),
                Point.of(right, -low),
                Point.of(right, -high),
                Point.of(left, -high));
    }

    private static void end(List<Shape> shapes, End e, double x) {
        shapes.add(box(Role.SOLID_TWIN, x - 22, x + 22, 26, 46));
        shapes.add(box(Role.SOLID_TWIN, x - 22, x + 22, 72, 92));
        boolean roller = e.bearing().kind().roller();
        boolean taper = e.bearing().kind().taper();
        double large = e.opens().equals("right") ? -14 : 14;
        shapes.add(
                taper
                        ? Shape.area(
                                Role.PART,
                                Known.TABLE,
                                Point.of(x + large, -50),
                                Point.of(x - large, -48),
                                Point.of(x - large, -64),
                                Point.of(x + large, -74))
                        : roller
                                ? box(Role.PART, x - 14, x + 14, 46, 72)
                                : new Shape.Circle(Point.of(x, -59), 16, Role.PART, Known.TABLE));
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
        shapes.add(Shape.area(
                role,
                Known.MEASURED,
                Point.of(x + way * 26, -13),
                Point.of(x + way * 14, -19),
                Point.of(x + way * 14, -7)));
        shapes.add(new Shape.Label(
                Point.of(x, 16),
                "held " + (held == 0 ? "by none" : held == 1 ? "once" : "twice"),
                way < 0 ? "end" : "start",
                12,
                held == 1 ? Role.ANSWER : Role.OUT));
    }
}
