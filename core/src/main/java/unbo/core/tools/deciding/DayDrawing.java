package unbo.core.tools.deciding;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.plan.DayPlan;
import unbo.core.plan.DayWork;

/** A day as bars over time: a row for each resource, hands-on plain, waits hatched with broken edges. */
public final class DayDrawing {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private static final double WIDTH = 860;
    private static final double ROW = 26;
    private static final double HIGH = 20;
    private static final double TEXT = 12;
    private static final double LETTER = 6.6;
    private static final int[] STEPS = {30, 60, 120, 240, 480, 1440};
    private static final int MOST_TICKS = 12;
    private static final int SHORTEST_MIN = 60;

    private final DayPlan plan;
    private final LocalDateTime from;
    private final List<Shape> shapes = new ArrayList<>();
    private final int last;

    private DayDrawing(DayPlan plan, LocalDateTime from) {
        this.plan = plan;
        this.from = from;
        this.last = Math.max(SHORTEST_MIN, plan.makespan());
    }

    static Drawing of(DayPlan plan, LocalDateTime from) {
        return of(plan, from, null);
    }

    /** @param now where a line stands through all rows; null where none does */
    public static Drawing of(DayPlan plan, LocalDateTime from, @Nullable LocalDateTime now) {
        DayDrawing d = new DayDrawing(plan, from);
        Map<String, List<DayPlan.Step>> rows = new LinkedHashMap<>();
        plan.day().capacity().keySet().stream()
                .sorted(Comparator.comparing((String code) -> !code.equals(DayWork.PERSON))
                        .thenComparing(code -> code))
                .forEach(code -> rows.put(code, d.using(code)));
        rows.put(
                "waits",
                plan.steps().stream()
                        .filter(step ->
                                step.task().waits() && step.task().uses().isEmpty())
                        .toList());
        double y = 0;
        for (Map.Entry<String, List<DayPlan.Step>> row : rows.entrySet()) {
            y = d.row(row.getKey(), row.getValue(), y);
        }
        d.scale(y);
        if (now != null) {
            d.now(now, y);
        }
        return new Drawing("day", "The day, resource by resource", -86, -8, WIDTH + 110, y + 34, d.shapes);
    }

    /** How many minutes of a plan a unit of the drawing's width is. */
    public static double minutesPerUnit(DayPlan plan) {
        return Math.max(SHORTEST_MIN, plan.makespan()) / WIDTH;
    }

    private List<DayPlan.Step> using(String code) {
        return plan.steps().stream()
                .filter(step -> step.task().uses().contains(code)
                        || code.equals(DayWork.PERSON) && !step.task().waits())
                .sorted(Comparator.comparingInt(DayPlan.Step::begin))
                .toList();
    }

    private double x(int minute) {
        return minute * WIDTH / last;
    }

    /** A resource's bars, those at the same time below each other. */
    private double row(String name, List<DayPlan.Step> steps, double top) {
        if (steps.isEmpty()) {
            return top;
        }
        List<Integer> lanes = new ArrayList<>();
        for (DayPlan.Step step : steps) {
            int lane = 0;
            while (lane < lanes.size() && lanes.get(lane) > step.begin()) {
                lane++;
            }
            if (lane == lanes.size()) {
                lanes.add(0);
            }
            lanes.set(lane, step.end());
            bar(step, top + lane * ROW);
        }
        shapes.add(new Shape.Label(Point.of(-8, top + HIGH / 2), name, "end", TEXT, Role.MARK));
        double bottom = top + lanes.size() * ROW + 6;
        shapes.add(Shape.line(Role.THIN, Point.of(-80, bottom - 4), Point.of(WIDTH, bottom - 4)));
        return bottom;
    }

    private void bar(DayPlan.Step step, double y) {
        double left = x(step.begin());
        double right = x(step.end());
        boolean waits = step.task().waits();
        shapes.add(new Shape.Tagged(
                step.task().code(),
                step.task().code() + ", " + clock(step.begin()) + " to " + clock(step.end()),
                false,
                List.of(Shape.area(
                        waits ? Role.BAND : Role.PART,
                        waits ? Known.ESTIMATED : Known.TABLE,
                        Point.of(left, y),
                        Point.of(right, y),
                        Point.of(right, y + HIGH),
                        Point.of(left, y + HIGH)))));
        int fits = (int) ((right - left - 4) / LETTER);
        String code = step.task().code();
        if (fits >= 2) {
            shapes.add(new Shape.Label(
                    Point.of(left + 3, y + HIGH / 2),
                    code.length() <= fits ? code : code.substring(0, fits - 1) + "…",
                    "start",
                    TEXT - 1,
                    Role.MARK));
        }
    }

    private String clock(int minute) {
        return from.plusMinutes(minute).format(CLOCK);
    }

    private void now(LocalDateTime now, double bottom) {
        long minute = ChronoUnit.MINUTES.between(from, now);
        if (minute >= 0 && minute <= last) {
            double x = x((int) minute);
            shapes.add(Shape.line(Role.ANSWER, Point.of(x, -6), Point.of(x, bottom)));
            shapes.add(new Shape.Label(Point.of(x, bottom + 26), "now", "middle", TEXT, Role.ANSWER));
        }
    }

    /** Hours, behind the bars. */
    private void scale(double bottom) {
        List<Shape> lines = new ArrayList<>();
        int step = STEPS[STEPS.length - 1];
        for (int i = STEPS.length - 1; i >= 0; i--) {
            if (last / STEPS[i] <= MOST_TICKS) {
                step = STEPS[i];
            }
        }
        int first = (step - (from.getHour() * 60 + from.getMinute()) % step) % step;
        for (int minute = first; minute <= last; minute += step) {
            lines.add(Shape.line(Role.THIN, Point.of(x(minute), 0), Point.of(x(minute), bottom)));
            lines.add(new Shape.Label(Point.of(x(minute), bottom + 12), clock(minute), "middle", TEXT, Role.MARK));
        }
        shapes.addAll(0, lines);
    }
}
