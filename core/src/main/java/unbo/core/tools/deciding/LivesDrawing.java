package unbo.core.tools.deciding;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.drawing.Chart;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.measure.Show;
import unbo.core.survival.Lives;
import unbo.core.survival.Observed;
import unbo.core.survival.Survival;

/**
 * How many still run over the distance: steps down at each failure within their band, a stroke for each run that ended
 * otherwise, Weibull's line, and the number at risk under the axis.
 */
final class LivesDrawing {

    private static final double WIDTH = 420;
    private static final double HEIGHT = 200;
    private static final double TEXT = 13;
    private static final double TICK = 5;
    private static final int STEPS = 60;
    private static final Known[] STROKES = {Known.MEASURED, Known.ESTIMATED, Known.TABLE};

    private final Lives lives;
    private final Chart.Axis axis;
    private final List<Shape> shapes = new ArrayList<>();
    private final List<Double> named = new ArrayList<>();

    private LivesDrawing(Lives lives) {
        this.lives = lives;
        double longest = lives.input().runs().stream()
                .mapToDouble(run -> run.observed().end())
                .max()
                .orElse(1);
        this.axis = new Chart.Axis(lives.input().unit(), 0, longest * 1.05, false);
    }

    static Drawing of(Lives lives) {
        return of(lives, null);
    }

    /** The same with where one bearing stands. @param at what it has run; null for none */
    static Drawing of(Lives lives, @Nullable Double at) {
        LivesDrawing d = new LivesDrawing(lives);
        d.frame();
        if (lives.groups().isEmpty()) {
            d.alone();
        } else {
            d.groups();
        }
        d.computed();
        if (at != null) {
            d.here(at);
        }
        int rows = Math.max(1, lives.groups().size());
        return new Drawing(
                "lives",
                "Share that still runs over " + lives.input().unit(),
                -60,
                -28,
                WIDTH + 170,
                HEIGHT + 62 + rows * 17,
                d.shapes);
    }

    private double x(double at) {
        return Math.min(1, at / axis.to()) * WIDTH;
    }

    private static double y(double share) {
        return HEIGHT * (1 - share);
    }

    private void frame() {
        for (double at : axis.ticks()) {
            shapes.add(Shape.line(Role.THIN, Point.of(x(at), 0), Point.of(x(at), HEIGHT)));
            label(x(at), HEIGHT + 15, LivesWords.counted(at), "middle", Role.MARK);
        }
        for (int tenth = 0; tenth <= 10; tenth += 2) {
            double at = y(tenth / 10.0);
            shapes.add(Shape.line(Role.THIN, Point.of(0, at), Point.of(WIDTH, at)));
            label(-6, at, tenth * 10 + " %", "end", Role.MARK);
        }
        label(WIDTH + 8, HEIGHT + 15, lives.input().unit(), "start", Role.MARK);
        label(-56, -14, "still running", "start", Role.MARK);
    }

    private void alone() {
        band(lives.survival());
        fitted();
        steps(lives.survival(), STROKES[0], "");
        List<Observed> runs =
                lives.input().runs().stream().map(Lives.Run::observed).toList();
        censored(lives.survival(), runs);
        atRisk(runs, "at risk", 0);
    }

    private void groups() {
        for (int i = 0; i < lives.groups().size(); i++) {
            Lives.Group group = lives.groups().get(i);
            steps(group.survival(), STROKES[i % STROKES.length], LivesWords.cut(group.name()));
            censored(group.survival(), group.runs());
            atRisk(group.runs(), LivesWords.cut(group.name()), i);
        }
    }

    private void band(Survival survival) {
        List<Point> upper = new ArrayList<>();
        List<Point> lower = new ArrayList<>();
        List<Survival.Step> steps = survival.steps();
        for (int i = 0; i < steps.size(); i++) {
            Survival.Step step = steps.get(i);
            double to = i + 1 < steps.size() ? steps.get(i + 1).at() : axis.to() / 1.05;
            upper.add(Point.of(x(step.at()), y(step.high())));
            upper.add(Point.of(x(to), y(step.high())));
            lower.add(0, Point.of(x(step.at()), y(step.low())));
            lower.add(0, Point.of(x(to), y(step.low())));
        }
        if (!upper.isEmpty()) {
            upper.addAll(lower);
            shapes.add(new Shape.Outline(upper, true, Role.BAND, Known.ESTIMATED));
        }
    }

    private void steps(Survival survival, Known stroke, String name) {
        List<Point> points = new ArrayList<>(List.of(Point.of(0, 0)));
        double share = 1;
        for (Survival.Step step : survival.steps()) {
            points.add(Point.of(x(step.at()), y(share)));
            share = step.share();
            points.add(Point.of(x(step.at()), y(share)));
        }
        points.add(Point.of(x(axis.to() / 1.05), y(share)));
        shapes.add(new Shape.Outline(points, false, Role.FRAME, stroke));
        if (!name.isEmpty()) {
            label(x(axis.to() / 1.05) + 8, apart(y(share)), name, "start", Role.MARK);
        }
    }

    /** A height for a name at which none stands yet. */
    private double apart(double wanted) {
        double at = wanted;
        while (taken(at)) {
            at -= 1;
        }
        named.add(at);
        return at;
    }

    private boolean taken(double at) {
        return named.stream().anyMatch(other -> Math.abs(other - at) < TEXT);
    }

    private void fitted() {
        if (lives.weibull().eta() == null) {
            return;
        }
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double at = axis.to() * i / STEPS;
            points.add(Point.of(x(at), y(lives.weibull().survives(at))));
        }
        shapes.add(new Shape.Outline(points, false, Role.MARK, Known.ESTIMATED));
        Point last = points.get(points.size() - 1);
        label(last.x() + 6, last.y() + 4, "Weibull", "start", Role.MARK);
    }

    private void censored(Survival survival, List<Observed> runs) {
        runs.stream().filter(run -> !run.failed()).forEach(run -> {
            double at = y(survival.at(run.end()));
            shapes.add(Shape.line(Role.MARK, Point.of(x(run.end()), at - TICK), Point.of(x(run.end()), at + TICK)));
        });
    }

    private void atRisk(List<Observed> runs, String name, int row) {
        double at = HEIGHT + 34 + row * 17;
        label(-18, at, name, "end", Role.MARK);
        for (double tick : axis.ticks()) {
            long left = runs.stream()
                    .filter(run -> run.entry() <= tick && run.end() >= tick)
                    .count();
            label(x(tick), at, String.valueOf(left), "middle", Role.MARK);
        }
    }

    private void computed() {
        Double computed = lives.input().computed();
        if (computed != null && computed <= axis.to()) {
            shapes.add(Shape.line(Role.CENTRE, Point.of(x(computed), -6), Point.of(x(computed), HEIGHT)));
            label(x(computed), -10, "L10 computed " + Show.rough(computed), "middle", Role.MARK);
        }
    }

    private void here(double at) {
        double y = y(lives.survival().at(at));
        shapes.add(Shape.line(Role.ANSWER, Point.of(x(at), y), Point.of(x(at), HEIGHT)));
        shapes.add(new Shape.Circle(Point.of(x(at), y), TICK, Role.ANSWER, Known.MEASURED));
        label(x(at) + 9, y - 10, "this one", "start", Role.ANSWER);
    }

    private void label(double x, double y, String text, String anchor, Role role) {
        shapes.add(new Shape.Label(Point.of(x, y), text, anchor, TEXT, role));
    }
}
