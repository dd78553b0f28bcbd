package unbo.core.tools.plain;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
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
import unbo.core.plain.PlainDuty;
import unbo.core.plain.PlainForm;
import unbo.core.plain.PlainNumber;
import unbo.core.plain.PlainSize;
import unbo.core.plain.SlidingMaterial;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** Which bush, joint or rod end is it, is it worn, and does it stand its load? */
@AutoService(Offered.class)
public final class PlainTool implements Tool<PlainTool.Joint, PlainTool.JointRead> {

    /** From this share of a limit on it is watched. */
    private static final double NEAR = 0.7;

    private static final List<Field.Choice> MOVES =
            List.of(new Field.Choice("swings", "swings to and fro"), new Field.Choice("turns", "turns all round"));

    private static final List<Field.Choice> USES = List.of(
            new Field.Choice("steering", "steering or brake joint"),
            new Field.Choice("suspension", "suspension pivot"),
            new Field.Choice("lever", "lever, linkage, gear change"),
            new Field.Choice("machine", "shaft in a bush"));

    private static final FieldList<Joint> FIELDS = FieldList.of(
            List.of(
                    Field.text("marking", "As stamped, or its sizes", 40)
                            .must()
                            .hint("GE 20 ES, SIL 12 C, or a bush 20x23x20"),
                    Field.choice("material", "Slides on", SlidingMaterial.choices())
                            .hint("empty: by its marks, where they tell"),
                    Field.choice("use", "Where it works", USES).orElse("suspension", null),
                    Field.quantity("playMm", "Play, felt or by a dial", Quantity.LENGTH, "mm", 0, 20)
                            .usually(0, 1),
                    Field.quantity("limitMm", "Most that its maker allows", Quantity.LENGTH, "mm", 0, 20)
                            .hint("empty: a guide by where it works"),
                    Field.quantity("loadN", "Load on it", Quantity.FORCE, "N", 1, 1e6),
                    Field.choice("moves", "It", MOVES).orElse("swings", null),
                    Field.quantity("halfDeg", "to either side", Quantity.ANGLE, "°", 0.1, 180)
                            .orElse("10", null),
                    Field.quantity("perMinute", "Swings or turns a minute", Quantity.RATIO, "", 0.1, 30_000)
                            .orElse("60", null),
                    Field.quantity("celsius", "Warm while it works", Quantity.TEMPERATURE, "°C", -40, 300)
                            .orElse("40", null),
                    Field.quantity("slidingMm", "Sphere, where it is not listed", Quantity.LENGTH, "mm", 3, 300)
                            .seldom(),
                    Field.quantity("widthMm", "Width of its sliding face", Quantity.LENGTH, "mm", 1, 300)
                            .hint("where it is not listed")
                            .seldom()),
            PlainTool::rules,
            PlainTool::make);

    /**
     * @param material null where neither its marks nor anybody told
     * @param duty null without a load or without its sliding sizes
     * @param limitMm of play; 0 where none may be felt
     */
    public record Joint(
            PlainNumber number,
            @Nullable SlidingMaterial material,
            String use,
            @Nullable Double playMm,
            double limitMm,
            @Nullable PlainDuty duty,
            double celsius) {}

    /** As it was read. */
    public record JointRead(Joint asked) {}

    /** @param used largest share of one of its material's limits; null where nothing could be computed */
    public record PlainJson(
            String form,
            String hand,
            double boreMm,
            @Nullable Double outsideMm,
            @Nullable Double widthMm,
            String film,
            boolean sealed,
            @Nullable Double used) {}

    private static List<Problem> rules(Values v) {
        Optional<PlainNumber> number = PlainNumber.read(v.text("marking"));
        return number.isPresent()
                ? List.of()
                : List.of(new Problem(
                        "marking",
                        "“" + v.text("marking") + "” is none of GE, SI, SA with a bore, nor bore x outside x width of "
                                + "a bush: a rolling bearing is read by Number on a ring.",
                        false));
    }

    private static Joint make(Values v) {
        PlainNumber number = PlainNumber.read(v.text("marking")).orElseThrow();
        Double sliding = number.slidingMm() != null ? number.slidingMm() : v.maybe("slidingMm");
        Double width = number.widthMm() != null ? number.widthMm() : v.maybe("widthMm");
        PlainDuty duty = null;
        if (v.has("loadN") && sliding != null && width != null) {
            duty = v.text("moves").equals("turns")
                    ? PlainDuty.turning(v.number("loadN"), sliding, width, v.number("perMinute"))
                    : PlainDuty.swinging(v.number("loadN"), sliding, width, v.number("halfDeg"), v.number("perMinute"));
        }
        return new Joint(
                number,
                material(v.text("material"), number),
                v.text("use"),
                v.maybe("playMm"),
                v.number("limitMm", guide(v.text("use"), number)),
                duty,
                v.number("celsius"));
    }

    private static @Nullable SlidingMaterial material(String typed, PlainNumber number) {
        if (!typed.isEmpty()) {
            return SlidingMaterial.of(typed);
        }
        return switch (number.film()) {
            case "greased" -> SlidingMaterial.of("steel-on-steel");
            default -> null;
        };
    }

    /** Play at which it is renewed where its maker is silent, mm: our own guide. */
    private static double guide(String use, PlainNumber number) {
        return switch (use) {
            case "steering" -> 0;
            case "lever" -> 0.5;
            case "machine" -> Math.max(0.1, 0.005 * number.boreMm());
            default -> 0.3;
        };
    }

    @Override
    public About about() {
        return new About(
                "plain",
                "Bush, joint, rod end",
                "Which is it, is it worn, and does it stand its load?",
                Work.IDENTIFY,
                90);
    }

    @Override
    public FieldList<Joint> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("marking", "GE 20 ES", "playMm", "0.2", "loadN", "4000");
    }

    @Override
    public JointRead compute(Joint in) {
        return new JointRead(in);
    }

    @Override
    public List<Finding> findings(JointRead read) {
        List<Finding> findings = new ArrayList<>();
        Joint in = read.asked();
        Double play = in.playMm();
        if (play != null) {
            boolean over = play > in.limitMm();
            findings.add(
                    over && in.use().equals("steering")
                            ? new Finding(
                                    "plain-steering-play",
                                    Level.STOP,
                                    "Play of " + Show.play(play) + " in a steering or brake joint: not driven, "
                                            + "renewed.")
                            : over
                                    ? new Finding(
                                            "plain-worn",
                                            Level.SOON,
                                            "Play of " + Show.play(play) + " is over " + Show.play(in.limitMm())
                                                    + ": renew it, and look at the pin it ran on.")
                                    : new Finding(
                                            "plain-play-fine",
                                            Level.RIGHT,
                                            "Play of " + Show.play(play) + " is within " + Show.play(in.limitMm())
                                                    + "."));
        }
        PlainDuty duty = in.duty();
        SlidingMaterial material = in.material();
        if (duty != null && material != null) {
            double used = duty.used(material);
            findings.add(
                    used > 1
                            ? new Finding(
                                    "plain-over",
                                    Level.SOON,
                                    "It works at " + percent(used) + " of what " + material.label()
                                            + " stands: it wears fast. A larger one, or another material.")
                            : used > NEAR
                                    ? new Finding(
                                            "plain-near",
                                            Level.WATCH,
                                            "It works at " + percent(used) + " of what " + material.label()
                                                    + " stands: look at it often.")
                                    : new Finding(
                                            "plain-stands",
                                            Level.RIGHT,
                                            "It works at " + percent(used) + " of what " + material.label()
                                                    + " stands."));
        }
        if (material != null && in.celsius() > material.hotC()) {
            findings.add(new Finding(
                    "plain-hot",
                    Level.SOON,
                    "At " + Show.number(in.celsius(), 0) + " °C it is over the " + Show.number(material.hotC(), 0)
                            + " °C of " + material.label() + "."));
        }
        if (findings.isEmpty()) {
            findings.add(new Finding(
                    "plain-read", Level.OPEN, "Read. Write its play or its load, and it is judged as well."));
        }
        return findings;
    }

    private static String percent(double share) {
        return Show.number(share * 100, 0) + " %";
    }

    @Override
    public Answer print(JointRead read) {
        Joint in = read.asked();
        PlainNumber n = in.number();
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(new Answer.Figure(n.form().words(), sizes(n), "mm", made(n)));
        PlainDuty duty = in.duty();
        if (duty != null) {
            SlidingMaterial material = in.material();
            if (material != null) {
                figures.add(Answer.Figure.number(
                        "of its limit", duty.used(material) * 100, 0, "%", "the nearest of three"));
            }
            figures.add(Answer.Figure.number("pressure", duty.pressMPa(), 1, "N/mm²", ""));
            figures.add(Answer.Figure.number("pressure × speed", duty.pvMPaMps(), 3, "N/mm²·m/s", ""));
        }
        return new Answer(figures, findings(read), sentences(in), worksheet(in), drawing(n));
    }

    private static String sizes(PlainNumber n) {
        Double outside = n.outsideMm();
        Double width = n.widthMm();
        return Show.number(n.boreMm(), 2)
                + (outside == null ? "" : " × " + Show.number(outside, 2))
                + (width == null ? "" : " × " + Show.number(width, 2));
    }

    private static String made(PlainNumber n) {
        List<String> parts = new ArrayList<>();
        if (n.form().threaded()) {
            parts.add(n.leftHand() ? "left-hand thread" : "right-hand thread");
            PlainSize size = n.size();
            parts.add(size == null ? "series E or K not told: measure its width" : size.thread());
        }
        parts.add(
                switch (n.film()) {
                    case "dry" -> "dry sliding film, no grease";
                    case "greased" -> "steel on steel, greased";
                    default -> "film not told: look into it";
                });
        if (n.sealed()) {
            parts.add("sealed");
        }
        return String.join(", ", parts);
    }

    private static List<String> sentences(Joint in) {
        List<String> sentences = new ArrayList<>();
        SlidingMaterial material = in.material();
        if (material == null) {
            sentences.add("Say what it slides on, and lubrication, fit and load are told.");
        } else {
            sentences.add("Lubrication: " + material.lubricant() + ".");
            sentences.add("Fit: " + material.fit() + ".");
        }
        if (in.number().form().threaded()) {
            sentences.add("At least one and a half diameters of thread in, the locknut tight, and it must still swing "
                    + "freely at both ends of its way: a rod end that is bent breaks.");
        }
        if (in.number().form() == PlainForm.SPHERICAL) {
            sentences.add("Pressed by its outer ring alone; the split of that ring across the load, never in it.");
        }
        sentences.add("Play of a joint stays when the brake is held and is felt at the joint itself with a finger "
                + "across it, while the other hand loads it.");
        return sentences;
    }

    private static Worksheet worksheet(Joint in) {
        PlainNumber n = in.number();
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given("", "read", n.form().words() + " " + sizes(n)));
        Double sphere = n.slidingMm();
        if (sphere != null && n.form() != PlainForm.BUSH) {
            lines.add(Worksheet.given("dk", "sphere", Show.number(sphere, 1) + " mm"));
        }
        PlainDuty duty = in.duty();
        if (duty != null) {
            lines.add(Worksheet.computed("p", "pressure", "F/(d·b)", Show.number(duty.pressMPa(), 2) + " N/mm²"));
            lines.add(Worksheet.computed(
                    "v", "sliding speed", "π·d·n, or 2·β·d·f", Show.number(duty.speedMps(), 4) + " m/s"));
            SlidingMaterial m = in.material();
            if (m != null) {
                lines.add(Worksheet.judged(
                        "p·v",
                        "together",
                        "",
                        Show.number(duty.pvMPaMps(), 4),
                        "p " + Show.number(m.pressMPa(), 1) + ", v " + Show.number(m.speedMps(), 2) + ", p·v "
                                + Show.number(m.pvMPaMps(), 3)));
            }
        }
        if (in.playMm() != null) {
            lines.add(Worksheet.judged(
                    "", "play", "", Show.play(requireNonNull(in.playMm())), "over " + Show.play(in.limitMm())));
        }
        return new Worksheet(
                "Which is it, and does it stand its load?",
                lines,
                List.of(
                        "Sizes: ISO 12240-1 series E, ISO 12240-4 series E and K.",
                        "Limits of sliding: Shigley's Mechanical Engineering Design, boundary-lubricated bearings; "
                                + "steel "
                                + "on steel and the limits of play are guides. The vehicle maker's come first."));
    }

    /** Cut through its middle, to scale, the load from above. */
    private static List<Drawing> drawing(PlainNumber n) {
        PlainSize size = n.size();
        if (size == null) {
            return List.of();
        }
        Double outside = size.outsideMm();
        double width = size.outerMm();
        double sliding = size.ballMm();
        double bore = n.boreMm() / 2;
        double half = width / 2;
        double out = outside != null ? outside / 2 : sliding / 2 + width / 3;
        double inner = size.innerMm() / 2;
        List<unbo.core.drawing.Shape> shapes = new ArrayList<>();
        for (int side : new int[] {-1, 1}) {
            if (n.form() == PlainForm.BUSH) {
                shapes.add(unbo.core.drawing.Shape.area(
                        Role.SOLID,
                        Known.TABLE,
                        Point.of(-half, side * bore),
                        Point.of(half, side * bore),
                        Point.of(half, side * out),
                        Point.of(-half, side * out)));
            } else {
                shapes.add(ring(side, half, sliding / 2, out));
                shapes.add(ball(side, inner, sliding / 2, bore));
            }
        }
        shapes.add(
                unbo.core.drawing.Shape.line(Role.CENTRE, Point.of(-inner * 1.5 - 3, 0), Point.of(inner * 1.5 + 3, 0)));
        shapes.add(new unbo.core.drawing.Shape.Dimension(
                Point.of(inner, -bore),
                Point.of(inner, bore),
                Point.of(inner + out * 0.35, -bore),
                Point.of(inner + out * 0.35, bore),
                Show.number(n.boreMm(), 2),
                Math.max(2, out * 0.12),
                Known.TABLE));
        double wide = Math.max(inner, half);
        double text = Math.max(2, out * 0.12);
        return List.of(new Drawing(
                "plain",
                n.form().words().substring(0, 1).toUpperCase(Locale.ROOT)
                        + n.form().words().substring(1) + ", cut through its middle",
                -wide - out * 0.4,
                -out - text,
                2 * wide + out * 1.3,
                2 * (out + text),
                shapes));
    }

    /** The outer ring: flat outside, hollow to the sphere inside. */
    private static unbo.core.drawing.Shape ring(int side, double half, double sphere, double out) {
        List<Point> points = new ArrayList<>();
        points.add(Point.of(-half, side * out));
        points.add(Point.of(half, side * out));
        for (int i = 0; i <= 8; i++) {
            double x = half - 2 * half * i / 8;
            points.add(Point.of(x, side * Math.sqrt(Math.max(0, sphere * sphere - x * x))));
        }
        return unbo.core.drawing.Shape.area(Role.SOLID, Known.TABLE, points.toArray(Point[]::new));
    }

    /** The ball ring: round outside, its bore straight. */
    private static unbo.core.drawing.Shape ball(int side, double inner, double sphere, double bore) {
        List<Point> points = new ArrayList<>();
        points.add(Point.of(-inner, side * bore));
        points.add(Point.of(inner, side * bore));
        for (int i = 0; i <= 8; i++) {
            double x = inner - 2 * inner * i / 8;
            points.add(Point.of(x, side * Math.max(bore, Math.sqrt(Math.max(0, sphere * sphere - x * x)))));
        }
        return unbo.core.drawing.Shape.area(Role.SOLID_TWIN, Known.TABLE, points.toArray(Point[]::new));
    }

    @Override
    public List<Call<JointRead>> calls() {
        return List.of(Call.post(
                "plain",
                "A bush, spherical plain bearing or rod end: read, worn, and how hard it works",
                Shape.of(FIELDS),
                PlainJson.class,
                PlainTool::json));
    }

    private static PlainJson json(JointRead read) {
        Joint in = read.asked();
        PlainNumber n = in.number();
        PlainDuty duty = in.duty();
        SlidingMaterial material = in.material();
        return new PlainJson(
                n.form().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                n.leftHand() ? "left" : "right",
                n.boreMm(),
                n.outsideMm(),
                n.widthMm(),
                n.film(),
                n.sealed(),
                duty == null || material == null ? null : Double.valueOf(duty.used(material)));
    }
}
