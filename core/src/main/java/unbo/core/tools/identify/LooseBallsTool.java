package unbo.core.tools.identify;

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
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.geometry.LooseBalls;
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

/** How many loose balls go in? */
@AutoService(Offered.class)
public final class LooseBallsTool implements Tool<LooseBallsTool.Race, LooseBallsTool.Filled> {

    private static final double RADIUS = 80;
    private static final double TEXT = 11;
    /** A gap of so many balls or more: one was lost, or it is another size. */
    private static final double WIDE = 2.2;

    private static final FieldList<Race> FIELDS = FieldList.of(
            List.of(
                    length("ballMm", "Ball", 0.5, 60).must().usually(2, 15).hint("3/16 in, 1/4 in, 5 mm"),
                    length("circleMm", "Circle through their middles", 2, 600).hint("measured, or by what follows"),
                    length("cupMm", "or: cup, where the balls touch", 2, 600)
                            .hint("across the worn line; less a ball by its angle"),
                    Field.quantity("angleDeg", "Angle at which they touch", Quantity.ANGLE, "°", 0, 80)
                            .orElse("45", "cup and cone"),
                    Field.whole("count", "Balls that were in it", 1, 200).hint("held against what fits")),
            LooseBallsTool::rules,
            v -> new Race(
                    LooseBalls.of(v.number("ballMm"), circle(v)),
                    v.has("count") ? Integer.valueOf(v.whole("count")) : null));

    /** @param counted that were in it; null where nobody counted */
    public record Race(LooseBalls balls, @Nullable Integer counted) {}

    /** What comes of it. */
    public record Filled(Race race) {}

    /** @param gapMm with as many as are put in */
    public record LooseBallsJson(int fit, int putIn, double gapMm, double circleMm) {}

    private static Field length(String name, String label, double min, double max) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", min, max);
    }

    /** A ball touches the cup at its angle, half a ball times its cosine outside of its middle. */
    private static double circle(Values v) {
        return v.has("circleMm")
                ? v.number("circleMm")
                : v.number("cupMm") - v.number("ballMm") * Math.cos(Math.toRadians(v.number("angleDeg")));
    }

    private static List<Problem> rules(Values v) {
        if (v.has("circleMm") == v.has("cupMm")) {
            return List.of(new Problem(
                    "circleMm",
                    "Write the circle through their middles, or the cup where they touch: one of both.",
                    false));
        }
        return circle(v) < 2 * v.number("ballMm")
                ? List.of(Problem.impossible(
                        v.has("circleMm") ? "circleMm" : "cupMm",
                        "On so small a circle fewer than six such balls stand: another ball, or a slip."))
                : List.of();
    }

    @Override
    public About about() {
        return new About("loose-balls", "Loose balls", "How many go in?", Work.IDENTIFY, 85);
    }

    @Override
    public FieldList<Race> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("ballMm", "1/4 in", "circleMm", "19.9", "count", "9");
    }

    @Override
    public Filled compute(Race in) {
        return new Filled(in);
    }

    @Override
    public List<Finding> findings(Filled filled) {
        LooseBalls balls = filled.race().balls();
        Integer counted = filled.race().counted();
        List<Finding> findings = new ArrayList<>();
        if (counted == null) {
            findings.add(new Finding(
                    "balls-put-in",
                    Level.RIGHT,
                    "Put in " + balls.putIn() + ": " + balls.fit() + " fit, and one less leaves them room to roll."));
        } else if (counted > balls.fit()) {
            findings.add(new Finding(
                    "balls-too-many",
                    Level.STOP,
                    counted + " do not stand side by side on this circle: the ball or the circle is another."));
        } else if (counted == balls.fit()) {
            findings.add(new Finding(
                    "balls-full",
                    Level.WATCH,
                    "It was filled up: they rub on each other. Put in " + balls.putIn()
                            + ", unless its maker fills it, as some steering heads are."));
        } else if (balls.gapMm(counted) > WIDE * balls.ballMm()) {
            findings.add(new Finding(
                    "balls-lost",
                    Level.SOON,
                    "There is room for more than two beside the " + counted
                            + " counted: one was lost, or a size smaller " + "was put in. Look for it in the grease."));
        } else {
            findings.add(new Finding("balls-right", Level.RIGHT, counted + " are right: they have room to roll."));
        }
        return findings;
    }

    @Override
    public Answer print(Filled filled) {
        LooseBalls balls = filled.race().balls();
        return new Answer(
                List.of(
                        new Answer.Figure("put in", String.valueOf(balls.putIn()), "balls", balls.fit() + " fit")
                                .of(balls.putIn()),
                        Answer.Figure.number("gap then", balls.gapMm(), 2, "mm", "about a ball"),
                        Answer.Figure.number("circle", balls.circleMm(), 2, "mm", Show.inches(balls.circleMm()))),
                findings(filled),
                List.of(
                        "All of one box and one grade: a single larger ball carries the load of all.",
                        "Count what falls out over a tray, both sides apart: they need not be the same."),
                worksheet(filled),
                List.of(drawing(filled)));
    }

    private static Worksheet worksheet(Filled filled) {
        LooseBalls balls = filled.race().balls();
        return new Worksheet(
                "How many loose balls go in?",
                List.of(
                        Worksheet.given("d", "ball", Show.number(balls.ballMm(), 4) + " mm"),
                        Worksheet.given("D", "circle", Show.number(balls.circleMm(), 2) + " mm"),
                        Worksheet.computed("", "angle of one", "2·asin(d/D)", Show.number(balls.angleDeg(), 2) + "°"),
                        Worksheet.computed("", "fit", "360° over it, rounded down", String.valueOf(balls.fit())),
                        Worksheet.computed("", "put in", "one less", String.valueOf(balls.putIn()))),
                List.of("Chords of a circle."));
    }

    /** The balls on their circle, to scale, the gap at the top. */
    private static Drawing drawing(Filled filled) {
        LooseBalls balls = filled.race().balls();
        Integer counted = filled.race().counted();
        int count = counted == null || counted > balls.fit() ? balls.putIn() : counted;
        double scale = RADIUS / (balls.circleMm() / 2);
        double ball = balls.ballMm() / 2 * scale;
        List<unbo.core.drawing.Shape> shapes = new ArrayList<>();
        shapes.add(new unbo.core.drawing.Shape.Circle(Point.of(0, 0), RADIUS, Role.CENTRE, Known.TABLE));
        shapes.add(new unbo.core.drawing.Shape.Circle(Point.of(0, 0), RADIUS + ball, Role.BEHIND, Known.TABLE));
        shapes.add(new unbo.core.drawing.Shape.Circle(
                Point.of(0, 0), Math.max(1, RADIUS - ball), Role.BEHIND, Known.TABLE));
        double first = (360 - count * balls.angleDeg()) / 2 + balls.angleDeg() / 2;
        for (int i = 0; i < count; i++) {
            double at = Math.toRadians(first + i * balls.angleDeg());
            shapes.add(new unbo.core.drawing.Shape.Circle(
                    Point.of(RADIUS * Math.sin(at), -RADIUS * Math.cos(at)), ball, Role.PART, Known.MEASURED));
        }
        shapes.add(new unbo.core.drawing.Shape.Label(Point.of(0, 5), count + " balls", "middle", TEXT, Role.MARK));
        double reach = RADIUS + ball + 12;
        return new Drawing("loose-balls", "The balls on their circle", -reach, -reach, 2 * reach, 2 * reach, shapes);
    }

    @Override
    public List<Call<Filled>> calls() {
        return List.of(Call.post(
                "loose-balls",
                "How many loose balls go into a race, and the gap they leave",
                Shape.of(FIELDS),
                LooseBallsJson.class,
                filled -> new LooseBallsJson(
                        filled.race().balls().fit(),
                        filled.race().balls().putIn(),
                        filled.race().balls().gapMm(),
                        filled.race().balls().circleMm())));
    }
}
