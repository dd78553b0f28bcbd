package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.form.TypedRows;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.running.Candidate;
import unbo.core.running.DragSum;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** What do all bearings of a vehicle drag, hold and ask for, and what is a change worth? */
@AutoService(Offered.class)
public final class DragSumTool implements Tool<DragSum.Input, DragSum> {

    private static final int MOST = 40;
    private static final double WIDE = 240;
    private static final double ROW = 24;
    private static final double HIGH = 12;
    private static final double TEXT = 12;

    private static final List<Field.Choice> TURNS = List.of(
            new Field.Choice("wheel", "wheel"),
            new Field.Choice("crank", "crank"),
            new Field.Choice("jockey", "jockey wheel"),
            new Field.Choice("still", "hardly turns"));

    private static final List<Field.Choice> FILLS = List.of(
            new Field.Choice("quarter", "quarter, clean racing"),
            new Field.Choice("half", "half, hubs"),
            new Field.Choice("most", "85 %, pivots and heads"));

    private static final FieldList<Row> ROWS = FieldList.of(
            List.of(
                    Field.text("name", "Place", 40).must(),
                    Field.bearing("designation", "Bearing").must(),
                    Field.whole("count", "How many", 1, 60).orElse("2", null),
                    Field.choice("turns", "Turns with", TURNS).orElse("wheel", null),
                    Field.quantity("loadN", "Load on each", Quantity.FORCE, "N", 0, 100_000)
                            .orElse("300", "half a rider on each hub bearing"),
                    Field.choice("fill", "Grease", FILLS).orElse("half", null),
                    Field.quantity("minutes", "Care a year, min", Quantity.RATIO, "", 0, 10_000)
                            .orElse("0", null),
                    Field.quantity("price", "One with lighter seals", Quantity.RATIO, "", 0, 10_000)),
            v -> new Row(
                    v.text("name"),
                    v.text("designation"),
                    v.whole("count"),
                    DragSum.Turns.valueOf(v.text("turns").toUpperCase(Locale.ROOT)),
                    v.number("loadN"),
                    fill(v.text("fill")),
                    v.number("minutes"),
                    v.maybe("price")));

    private static final FieldList<DragSum.Alternative> OTHER = FieldList.of(
            List.of(
                    Field.text("name", "Instead", 60).must(),
                    Field.quantity("savedW", "Saves, W", Quantity.RATIO, "", 0, 500)
                            .must(),
                    Field.quantity("price", "Price", Quantity.RATIO, "", 0, 10_000)
                            .must()),
            v -> new DragSum.Alternative(v.text("name"), v.number("savedW"), v.number("price")));

    private static final TypedRows<Row> PLACES = new TypedRows<>("places", ROWS, 1, MOST);
    private static final TypedRows<DragSum.Alternative> OTHERS = new TypedRows<>("alternatives", OTHER, 0, MOST);

    private static final FieldList<DragSum.Input> FIELDS = FieldList.of(
            List.of(
                    Field.rows("places", "Bearings", ROWS.fields()).must(),
                    Field.quantity("kmh", "Speed", Quantity.SPEED, "km/h", 1, 200)
                            .orElse("20", null),
                    Field.quantity("wheelM", "Rolling radius, m", Quantity.RATIO, "", 0.05, 1)
                            .orElse("0.34", "a bicycle of 28 inches"),
                    Field.quantity("cranks", "Cranks", Quantity.ROTATION, "rpm", 1, 200)
                            .orElse("70", null),
                    Field.quantity("jockeys", "Jockey turns for one of them", Quantity.RATIO, "", 1, 20)
                            .orElse("3.5", "38 teeth over 11"),
                    Field.quantity("nu", "Oil of the grease, warm", Quantity.VISCOSITY, "mm²/s", 1, 10_000)
                            .orElse("100", null),
                    Field.rows("alternatives", "Instead of it", OTHER.fields()).hint("chain cleaned and oiled; 3; 1")),
            DragSumTool::rules,
            v -> new DragSum.Input(
                    PLACES.records(v).stream().map(row -> row.place(v.book())).toList(),
                    new DragSum.Ride(
                            v.number("kmh"),
                            v.number("wheelM"),
                            v.number("cranks"),
                            v.number("jockeys"),
                            v.number("nu")),
                    OTHERS.records(v)));

    private static final Shape SHAPE = Shape.of(FIELDS, "kmh", "wheelM", "cranks", "jockeys", "nu")
            .andLines("places", Shape.of(ROWS))
            .andLines("alternatives", Shape.of(OTHER));

    /** A line as it was written; its bearing is looked up when all of them can be read. */
    record Row(
            String name,
            String designation,
            int count,
            DragSum.Turns turns,
            double loadN,
            double fill,
            double minutes,
            @Nullable Double price) {

        DragSum.Place place(BearingBook book) {
            return new DragSum.Place(
                    name, Candidate.of(book.find(designation)), count, turns, loadN, fill, minutes, price);
        }
    }

    /** A place of the sheet. */
    public record DragLineJson(String name, double rpm, double watts, double sealsW, double grams, double minutes) {}

    /** What a change saves. @param perMoney null without a price */
    public record DragChangeJson(
            String name,
            double savedW,
            @Nullable Double price,
            @Nullable Double perMoney) {}

    /** The sheet. */
    public record DragSumJson(
            double watts, double grams, double minutes, List<DragLineJson> places, List<DragChangeJson> changes) {}

    private static double fill(String code) {
        return switch (code) {
            case "quarter" -> 0.25;
            case "most" -> 0.85;
            default -> 0.5;
        };
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(PLACES.problems(v));
        problems.addAll(OTHERS.problems(v));
        if (problems.isEmpty()) {
            int line = 0;
            for (Row row : PLACES.records(v)) {
                line++;
                Bearing bearing = v.book().find(row.designation());
                if (bearing.boreMm() == null
                        || bearing.outsideMm() == null
                        || bearing.inside().isEmpty()) {
                    problems.add(Problem.impossible(
                            "places",
                            "Line " + line + ": the inside of “" + row.designation()
                                    + "” is not known: another number of its size stands for it."));
                }
            }
        }
        return problems;
    }

    @Override
    public About about() {
        return new About(
                "drag-sum", "All bearings of a vehicle", "What do they drag, hold and ask for together?", Work.RUN, 95);
    }

    @Override
    public FieldList<DragSum.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "places",
                "front hub; 6000-2RS; 2; wheel; 400; half; 20; 6\nrear hub; 6001-2RS; 2; wheel; 600; half; 30; 7\n"
                        + "bracket; 6805-2RS; 2; crank; 400; half; 20; 9\njockeys; 608-2RS; 2; jockey; 60; half; 10;\n"
                        + "head; 6808-2RS; 2; still; 500; most; 15;",
                "alternatives",
                "chain cleaned and oiled; 3; 1\ntyres pumped up; 5; 0");
    }

    @Override
    public DragSum compute(DragSum.Input in) {
        return DragSum.of(in);
    }

    @Override
    public List<Finding> findings(DragSum sum) {
        if (sum.changes().isEmpty()) {
            return List.of(new Finding(
                    "drag-sum-least", Level.RIGHT, "No seal could drag less: what is left is load and grease."));
        }
        DragSum.Change best = sum.changes().get(0);
        boolean seal =
                sum.input().alternatives().stream().noneMatch(a -> a.name().equals(best.name()));
        return List.of(new Finding(
                seal ? "drag-sum-seal" : "drag-sum-plain",
                Level.OPEN,
                "Most for its money: " + best.name() + ", " + Show.number(best.savedW(), 2) + " W"
                        + (best.price() == null ? "" : " for " + Show.number(best.price(), 2)) + "."
                        + (seal ? " Lighter seals keep less water out: dry use or frequent care." : "")));
    }

    @Override
    public Answer print(DragSum sum) {
        return new Answer(
                        List.of(
                                Answer.Figure.number("all together drag", sum.watts(), 2, "W", ""),
                                Answer.Figure.number("grease in all", sum.grams(), 1, "g", ""),
                                Answer.Figure.number("care", sum.minutes(), 0, "min a year", "")),
                        findings(sum),
                        List.of("Drag of seals is a guide, a factor of two either way: differences between places "
                                + "stand better than their sum."),
                        worksheet(sum),
                        List.of(drawing(sum)))
                .with(places(sum))
                .with(changes(sum));
    }

    private static ValueTable places(DragSum sum) {
        return new ValueTable(
                "drag-places",
                "Place by place",
                List.of("Place", "rpm", "drag, W", "of it seals, W", "grease, g", "care, min a year"),
                sum.lines().stream()
                        .map(line -> List.of(
                                line.place().name(),
                                Show.number(line.rpm(), 0),
                                Show.fixed(line.watts(), 2),
                                Show.fixed(line.sealsW(), 2),
                                Show.fixed(line.grams(), 1),
                                Show.number(line.place().minutes(), 0)))
                        .toList());
    }

    private static ValueTable changes(DragSum sum) {
        return new ValueTable(
                "drag-changes",
                "What a change saves, the most for its money first",
                List.of("Change", "saves, W", "price", "W for one of money"),
                sum.changes().stream()
                        .map(c -> List.of(
                                c.name(),
                                Show.fixed(c.savedW(), 2),
                                c.price() == null ? "" : Show.number(c.price(), 2),
                                c.perMoney() == null
                                        ? c.price() != null && c.price() == 0 ? "nothing to pay" : ""
                                        : Show.fixed(c.perMoney(), 3)))
                        .toList());
    }

    private static Worksheet worksheet(DragSum sum) {
        return new Worksheet(
                "What do they drag together?",
                sum.lines().stream()
                        .map(line -> Worksheet.computed(
                                "",
                                line.place().name() + ", " + line.place().count() + " × "
                                        + line.place().bearing().name(),
                                "(M0 + M1 + seals)·ω at " + Show.number(line.rpm(), 0) + " rpm",
                                Show.number(line.watts(), 3) + " W"))
                        .toList(),
                List.of(
                        "Palmgren, Ball and Roller Bearing Engineering; seals by a guide.",
                        "Grease: free room by the share of steel, times the fill, at 0.90 g/cm³."));
    }

    /** A bar for each place, the seals' part of it darker. */
    private static Drawing drawing(DragSum sum) {
        double most = Math.max(
                1e-9,
                sum.lines().stream().mapToDouble(DragSum.Line::watts).max().orElse(1));
        List<unbo.core.drawing.Shape> shapes = new ArrayList<>();
        double y = 0;
        for (DragSum.Line line : sum.lines()) {
            double all = WIDE * line.watts() / most;
            double seals = WIDE * line.sealsW() / most;
            shapes.add(bar(Role.SHARE_LOW, y, 0, all));
            shapes.add(bar(Role.SHARE_HIGH, y, 0, seals));
            shapes.add(new unbo.core.drawing.Shape.Label(
                    Point.of(-8, y + HIGH - 1), line.place().name(), "end", TEXT, Role.MARK));
            shapes.add(new unbo.core.drawing.Shape.Label(
                    Point.of(all + 6, y + HIGH - 1), Show.fixed(line.watts(), 2) + " W", "start", TEXT, Role.ANSWER));
            y += ROW;
        }
        return new Drawing(
                "drag-sum", "Drag place by place; the dark part is the seals'", -150, -8, WIDE + 220, y + 8, shapes);
    }

    private static unbo.core.drawing.Shape bar(Role role, double y, double from, double to) {
        return unbo.core.drawing.Shape.area(
                role,
                Known.ESTIMATED,
                Point.of(from, y),
                Point.of(Math.max(to, from + 0.5), y),
                Point.of(Math.max(to, from + 0.5), y + HIGH),
                Point.of(from, y + HIGH));
    }

    @Override
    public List<Call<DragSum>> calls() {
        return List.of(Call.post(
                "drag-sum",
                "Drag, grease and care of all bearings of a vehicle, and what a change saves",
                SHAPE,
                DragSumJson.class,
                sum -> new DragSumJson(
                        sum.watts(),
                        sum.grams(),
                        sum.minutes(),
                        sum.lines().stream()
                                .map(l -> new DragLineJson(
                                        l.place().name(),
                                        l.rpm(),
                                        l.watts(),
                                        l.sealsW(),
                                        l.grams(),
                                        l.place().minutes()))
                                .toList(),
                        sum.changes().stream()
                                .map(c -> new DragChangeJson(c.name(), c.savedW(), c.price(), c.perMoney()))
                                .toList())));
    }
}
