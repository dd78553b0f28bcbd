package unbo.core.tools.gear;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.form.TypedRows;
import unbo.core.gear.ToothContact;
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
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** Which shim does the pattern on the teeth ask for? */
@AutoService(Offered.class)
public final class ToothContactTool implements Tool<ToothContact.Input, ToothContact> {

    private static final int MOST_ROUNDS = 12;
    private static final double LONG = 150;
    private static final double HIGH = 56;
    private static final double APART = 96;
    private static final double TEXT = 8;
    private static final int CORNERS = 28;

    private static final FieldList<ToothContact.Round> ROUND = FieldList.of(
            List.of(
                    Field.quantity("shimMm", "Shim behind the pinion's head", Quantity.LENGTH, "mm", 0, 20)
                            .must(),
                    share("driveLength", "Drive side, along").must(),
                    share("driveHeight", "Drive side, up").must(),
                    share("coastLength", "Coast side, along").must(),
                    share("coastHeight", "Coast side, up").must()),
            ToothContactTool::round);

    private static final TypedRows<ToothContact.Round> EARLIER = new TypedRows<>("earlier", ROUND, 0, MOST_ROUNDS);

    private static final FieldList<ToothContact.Input> FIELDS = FieldList.of(
            List.of(
                    share("driveLength", "Drive side: along the tooth")
                            .must()
                            .slides("")
                            .hint("middle of the pattern: 0 toe, the small end, to 1 heel"),
                    share("driveHeight", "Drive side: up the tooth")
                            .must()
                            .slides("")
                            .hint("0 root to 1 tip"),
                    share("coastLength", "Coast side: along").must().slides(""),
                    share("coastHeight", "Coast side: up").must().slides(""),
                    Field.quantity("shimMm", "Shim behind the pinion's head", Quantity.LENGTH, "mm", 0, 20)
                            .orElse("0", "only the change counts")
                            .hint("with earlier rounds it tells how much a shim moves the pattern"),
                    Field.rows("earlier", "Earlier rounds", ROUND.fields()).seldom()),
            ToothContactTool::rules,
            v -> {
                List<ToothContact.Round> rounds = new ArrayList<>(EARLIER.records(v));
                rounds.add(round(v));
                return new ToothContact.Input(rounds);
            });

    private static final Shape SHAPE = Shape.of(FIELDS, "shimMm")
            .and("driveLength", FIELDS, "driveLength")
            .and("driveHeight", FIELDS, "driveHeight")
            .and("coastLength", FIELDS, "coastLength")
            .and("coastHeight", FIELDS, "coastHeight")
            .andLines("earlier", Shape.of(ROUND));

    /**
     * @param first {@code nothing pinion gear no-setting} @param depthMm shim, + in @param gearMm + toward the pinion
     */
    public record ContactJson(String first, double depthMm, double gearMm, boolean learned) {}

    private static Field share(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, 1).usually(0, 1);
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(EARLIER.problems(v));
        if (problems.isEmpty() && !EARLIER.records(v).isEmpty() && v.defaulted("shimMm")) {
            problems.add(new Problem(
                    "shimMm", "Earlier rounds tell by their shims: write the shim that is in it now.", false));
        }
        return problems;
    }

    private static ToothContact.Round round(Values v) {
        return new ToothContact.Round(
                v.number("shimMm"),
                new ToothContact.Side(v.number("driveLength"), v.number("driveHeight")),
                new ToothContact.Side(v.number("coastLength"), v.number("coastHeight")));
    }

    @Override
    public About about() {
        return new About(
                "tooth-contact",
                "Pattern on the teeth",
                "Which shim does the pattern on the teeth ask for?",
                Work.SET,
                74);
    }

    @Override
    public FieldList<ToothContact.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("driveLength", "0.7", "driveHeight", "0.75", "coastLength", "0.25", "coastHeight", "0.7");
    }

    @Override
    public ToothContact compute(ToothContact.Input in) {
        return ToothContact.of(in);
    }

    @Override
    public List<Finding> findings(ToothContact c) {
        String shim = Show.number(Math.abs(c.depthMm()), 2) + " mm";
        String gear = Show.number(Math.abs(c.gearMm()), 2) + " mm";
        return List.of(
                switch (c.first()) {
                    case NOTHING ->
                        new Finding("pattern-right", Level.RIGHT, "It lies where it belongs on both sides: leave it.");
                    case PINION ->
                        c.depthMm() > 0
                                ? new Finding(
                                        "pattern-pinion-out",
                                        Level.SOON,
                                        "The pinion stands too far out: put " + shim + " more behind its head.")
                                : new Finding(
                                        "pattern-pinion-in",
                                        Level.SOON,
                                        "The pinion stands too far in: take " + shim + " out behind its head.");
                    case GEAR ->
                        c.gearMm() > 0
                                ? new Finding(
                                        "pattern-gear-away",
                                        Level.SOON,
                                        "The gear stands too far away: move it " + gear + " toward the pinion, and "
                                                + "look at the backlash.")
                                : new Finding(
                                        "pattern-gear-near",
                                        Level.SOON,
                                        "The gear stands too near: move it " + gear + " away, and look at the "
                                                + "backlash.");
                    case NO_SETTING ->
                        new Finding(
                                "pattern-no-setting",
                                Level.STOP,
                                "High on one side and low on the other is no setting: a mixed set, a bent tooth, a "
                                        + "worn "
                                        + "case. Look at the numbers etched on both gears.");
                });
    }

    @Override
    public Answer print(ToothContact c) {
        List<Answer.Figure> figures = new ArrayList<>();
        switch (c.first()) {
            case PINION ->
                figures.add(Answer.Figure.number(
                        c.depthMm() > 0 ? "shim in, behind the pinion" : "shim out, behind the pinion",
                        Math.abs(c.depthMm()),
                        2,
                        "mm",
                        c.learned() ? "by the rounds" : "a first step, by a guide"));
            case GEAR ->
                figures.add(Answer.Figure.number(
                        c.gearMm() > 0 ? "gear toward the pinion" : "gear away from it",
                        Math.abs(c.gearMm()),
                        2,
                        "mm",
                        "a first step, by a guide"));
            case NOTHING -> figures.add(new Answer.Figure("first", "nothing", "", "it lies right"));
            case NO_SETTING -> figures.add(new Answer.Figure("first", "not a shim", "", "the sides contradict"));
        }
        figures.add(Answer.Figure.number("pinion out by", c.outward() * 100, 0, "%", "of a tooth; − is in"));
        figures.add(Answer.Figure.number("gear away by", c.away() * 100, 0, "%", "of a tooth; − is near"));
        return new Answer(
                figures,
                findings(c),
                List.of(
                        "Paint a few teeth thinly, brake the gear by hand, turn both ways until both sides show.",
                        "Depth first, then backlash, then preload again: each change moves the others. A small pattern "
                                + "near the toe without load is right, load moves it to the heel.",
                        "Names of the sides are of the gear's tooth: drive is the convex side of most ring gears. The "
                                + "maker's picture comes first."),
                worksheet(c),
                List.of(drawing(c)));
    }

    private static Worksheet worksheet(ToothContact c) {
        ToothContact.Round now = c.input().now();
        return new Worksheet(
                "Which shim does the pattern ask for?",
                List.of(
                        Worksheet.given("", "drive side", at(now.drive())),
                        Worksheet.given("", "coast side", at(now.coast())),
                        Worksheet.judged(
                                "o",
                                "pinion out",
                                "half of (mean height − 0.5) + half of (drive − coast along)/2",
                                Show.number(c.outward(), 3),
                                "within ± " + Show.number(ToothContact.RIGHT, 2) + " right"),
                        Worksheet.judged(
                                "a",
                                "gear away",
                                "mean along − 0.45",
                                Show.number(c.away(), 3),
                                "within ± " + Show.number(ToothContact.RIGHT, 2) + " right")),
                List.of(
                        "Textbooks of bevel and hypoid gears: depth moves both sides up or down and apart along the "
                                + "tooth, backlash moves both the same way along it.",
                        "A quarter of a tooth for a tenth of a millimetre is our own guide; steps are held to 0.15 "
                                + "mm."));
    }

    private static String at(ToothContact.Side side) {
        return Show.number(side.length(), 2) + " along, " + Show.number(side.height(), 2) + " up";
    }

    /** Both sides of a tooth with the pattern on each, toe to the left. */
    private static Drawing drawing(ToothContact c) {
        List<unbo.core.drawing.Shape> shapes = new ArrayList<>();
        ToothContact.Round now = c.input().now();
        side(shapes, 0, "drive side", now.drive(), c.first() == ToothContact.First.NOTHING);
        side(shapes, APART, "coast side", now.coast(), c.first() == ToothContact.First.NOTHING);
        return new Drawing(
                "tooth-contact",
                "Where it bears on a tooth of the gear",
                -34,
                -22,
                LONG + 78,
                APART + HIGH + 44,
                shapes);
    }

    private static void side(
            List<unbo.core.drawing.Shape> shapes, double top, String name, ToothContact.Side at, boolean right) {
        double toe = HIGH * 0.72;
        shapes.add(unbo.core.drawing.Shape.area(
                Role.PART,
                Known.TABLE,
                Point.of(0, top + HIGH),
                Point.of(0, top + HIGH - toe),
                Point.of(LONG, top),
                Point.of(LONG, top + HIGH)));
        middle(shapes, top, toe);
        double x = at.length() * LONG;
        double tall = toe + (HIGH - toe) * at.length();
        double y = top + HIGH - at.height() * tall;
        Point[] rim = new Point[CORNERS];
        for (int i = 0; i < CORNERS; i++) {
            double turn = 2 * Math.PI * i / CORNERS;
            double px = Math.max(1, Math.min(LONG - 1, x + LONG * 0.2 * Math.cos(turn)));
            double here = toe + (HIGH - toe) * px / LONG;
            double py = Math.max(top + HIGH - here + 1, Math.min(top + HIGH - 1, y + tall * 0.24 * Math.sin(turn)));
            rim[i] = Point.of(px, py);
        }
        shapes.add(unbo.core.drawing.Shape.area(right ? Role.ANSWER : Role.STAIN, Known.MEASURED, rim));
        shapes.add(label(-4, top + HIGH * 0.75, "toe", "end"));
        shapes.add(label(LONG + 4, top + HIGH * 0.5, "heel", "start"));
        shapes.add(label(LONG / 2, top + HIGH + 11, name, "middle"));
        shapes.add(label(LONG * 0.5, top + 2, "tip", "middle"));
    }

    /** Where the middle of the pattern belongs. */
    private static void middle(List<unbo.core.drawing.Shape> shapes, double top, double toe) {
        double x = 0.45 * LONG;
        double tall = toe + (HIGH - toe) * 0.45;
        double y = top + HIGH - tall / 2;
        shapes.add(unbo.core.drawing.Shape.line(Role.CENTRE, Point.of(x - 12, y), Point.of(x + 12, y)));
        shapes.add(unbo.core.drawing.Shape.line(Role.CENTRE, Point.of(x, y - 9), Point.of(x, y + 9)));
    }

    private static unbo.core.drawing.Shape label(double x, double y, String text, String anchor) {
        return new unbo.core.drawing.Shape.Label(Point.of(x, y), text, anchor, TEXT, Role.MARK);
    }

    @Override
    public List<Call<ToothContact>> calls() {
        return List.of(Call.post(
                "tooth-contact",
                "What a contact pattern on a ring gear's tooth asks for",
                SHAPE,
                ContactJson.class,
                c -> new ContactJson(
                        c.first().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                        c.depthMm(),
                        c.gearMm(),
                        c.learned())));
    }
}
