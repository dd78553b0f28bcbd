package unbo.core.tools.record;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;

/** What a vehicle went through, over time: a row for each kind, a mark for each day, larger where it was hard. */
public final class EventStrip {

    private static final double WIDTH = 300;
    private static final double ROW = 21;
    private static final double TEXT = 12;
    /** Words under the strip stand so far apart. */
    private static final double APART = 54;

    private static final double SMALL = 2.2;
    private static final double STEP = 1.3;
    /** A shorter record is drawn over so many days all the same. */
    private static final int LEAST_DAYS = 90;

    private static final int DAYS_A_YEAR = 366;

    private EventStrip() {}

    /**
     * A mark.
     *
     * @param row what stands before its row
     * @param hard 1 easy to 3 hard
     * @param judged true where it is what is looked back from, a job
     */
    public record Mark(String row, LocalDate day, int hard, boolean judged) {}

    /** @param marks in any order, one at least @param today the right edge */
    public static Drawing of(List<Mark> marks, LocalDate today) {
        Map<String, List<Mark>> rows = new LinkedHashMap<>();
        marks.forEach(mark ->
                rows.computeIfAbsent(mark.row(), row -> new ArrayList<>()).add(mark));
        LocalDate first =
                marks.stream().map(Mark::day).min(LocalDate::compareTo).orElse(today);
        LocalDate last = marks.stream().map(Mark::day).max(LocalDate::compareTo).orElse(today);
        LocalDate to = last.isAfter(today) ? last : today;
        long days = Math.max(LEAST_DAYS, ChronoUnit.DAYS.between(first, to) + 5);
        LocalDate from = to.minusDays(days);
        List<Shape> shapes = new ArrayList<>();
        double high = rows.size() * ROW;
        scale(from, to, days, high, shapes);
        double y = ROW / 2;
        for (Map.Entry<String, List<Mark>> row : rows.entrySet()) {
            shapes.add(Shape.line(Role.THIN, Point.of(0, y), Point.of(WIDTH, y)));
            shapes.add(new Shape.Label(Point.of(-8, y), row.getKey(), "end", TEXT, Role.MARK));
            for (Mark mark : row.getValue()) {
                shapes.add(mark(mark, at(from, mark.day(), days), y));
            }
            y += ROW;
        }
        return new Drawing("events", "What it went through since " + from, -150, -6, WIDTH + 168, high + 30, shapes);
    }

    private static double at(LocalDate from, LocalDate day, long days) {
        return ChronoUnit.DAYS.between(from, day) * WIDTH / days;
    }

    private static Shape mark(Mark mark, double x, double y) {
        double half = SMALL + STEP * mark.hard();
        return mark.judged()
                ? Shape.area(
                        Role.ANSWER,
                        Known.TABLE,
                        Point.of(x - half, y - half),
                        Point.of(x + half, y - half),
                        Point.of(x + half, y + half),
                        Point.of(x - half, y + half))
                : new Shape.Circle(Point.of(x, y), half, Role.SIGN, Known.TABLE);
    }

    /** Months, or years where there are many. */
    private static void scale(LocalDate from, LocalDate to, long days, double high, List<Shape> shapes) {
        boolean years = days > 3 * DAYS_A_YEAR;
        boolean quarters = days > DAYS_A_YEAR;
        LocalDate tick = years
                ? from.withDayOfYear(1).plusYears(1)
                : from.withDayOfMonth(1).plusMonths(1);
        double told = Double.NEGATIVE_INFINITY;
        while (!tick.isAfter(to)) {
            if (years || !quarters || tick.getMonthValue() % 3 == 1) {
                double x = at(from, tick, days);
                shapes.add(Shape.line(Role.THIN, Point.of(x, 0), Point.of(x, high)));
                String words = years || tick.getMonthValue() == 1
                        ? String.valueOf(tick.getYear())
                        : tick.getYear() + "-" + String.format("%02d", tick.getMonthValue());
                if (x - told >= APART) {
                    shapes.add(new Shape.Label(Point.of(x, high + 14), words, "middle", TEXT - 1, Role.MARK));
                    told = x;
                }
            }
            tick = years ? tick.plusYears(1) : tick.plusMonths(1);
        }
    }
}
