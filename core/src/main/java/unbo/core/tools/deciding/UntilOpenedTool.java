package unbo.core.tools.deciding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.decide.UntilOpened;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
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
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** What may be found, what does it cost, and what is had before it is opened? */
@AutoService(Offered.class)
public final class UntilOpenedTool implements Tool<UntilOpened.Input, UntilOpened> {

    private static final double MOST = 1e7;
    private static final int MOST_BRANCHES = 12;
    /** Chances that were written may sum to so much more or less than 1. */
    private static final double ROUNDED = 0.011;

    private static final double WIDE = 300;
    private static final double ROW = 42;
    private static final double HIGH = 18;
    private static final double TEXT = 12;

    private static final FieldList<UntilOpened.Branch> BRANCH = FieldList.of(
            List.of(
                    Field.text("found", "What may be found", 60).must(),
                    Field.quantity("chance", "Chance, 0 to 1", Quantity.RATIO, "", 0, 1)
                            .must(),
                    Field.text("plan", "What is done then", 120),
                    Field.quantity("parts", "Parts", Quantity.RATIO, "", 0, MOST)
                            .orElse("0", null),
                    Field.quantity("hours", "Hours", Quantity.RATIO, "", 0, 1000)
                            .orElse("0", null)),
            v -> new UntilOpened.Branch(
                    v.text("found"), v.number("chance"), v.text("plan"), v.number("parts"), v.number("hours")));

    private static final TypedRows<UntilOpened.Branch> BRANCHES = new TypedRows<>("branches", BRANCH, 2, MOST_BRANCHES);

    private static final FieldList<UntilOpened.Input> FIELDS = FieldList.of(
            List.of(
                    Field.rows("branches", "One of these, until it is opened", BRANCH.fields())
                            .must()
                            .hint("their chances sum to 1"),
                    Field.quantity("hourRate", "An hour's work", Quantity.RATIO, "", 0, 1000)
                            .usually(15, 150)
                            .orElse("50", null),
                    Field.quantity("standingStill", "Waiting for a part costs", Quantity.RATIO, "", 0, MOST)
                            .orElse("0", null)
                            .hint("lift taken, vehicle missed, way"),
                    Field.quantity("lost", "Lost where a part is taken back, share", Quantity.RATIO, "", 0, 1)
                            .orElse("0.15", "usual at the counter")),
            UntilOpenedTool::rules,
            v -> new UntilOpened.Input(
                    BRANCHES.records(v), v.number("hourRate"), v.number("standingStill"), v.number("lost")));

    private static final unbo.core.tool.Shape SHAPE = unbo.core.tool.Shape.of(
                    FIELDS, "hourRate", "standingStill", "lost")
            .andLines("branches", unbo.core.tool.Shape.of(BRANCH));

    /** A branch with its price. */
    public record BranchPrice(String found, double chance, double price, boolean orderBefore) {}

    /** The likeliest first. */
    public record Opened(double expected, double least, double most, List<BranchPrice> branches) {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(BRANCHES.problems(v));
        if (problems.isEmpty()) {
            double sum = BRANCHES.records(v).stream()
                    .mapToDouble(UntilOpened.Branch::chance)
                    .sum();
            if (Math.abs(sum - 1) > ROUNDED) {
                problems.add(Problem.impossible(
                        "branches",
                        "The chances sum to " + Show.number(sum, 2) + ": one of these is found for certain, so they "
                                + "sum "
                                + "to 1. Write what else may be found."));
            }
        }
        return problems;
    }

    @Override
    public About about() {
        return new About(
                "until-opened",
                "Until it is opened",
                "What may be found, what does it cost, and what is had before it is opened?",
                Work.DECIDE,
                45);
    }

    @Override
    public FieldList<UntilOpened.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "branches",
                "bearing only; 0.6; renew both of the pair; 46; 1.5\n"
                        + "seat worn as well; 0.3; sleeve, hub off again; 130; 4\n"
                        + "spindle scored; 0.1; new spindle, both hubs; 290; 5",
                "hourRate",
                "60",
                "standingStill",
                "80");
    }

    @Override
    public UntilOpened compute(UntilOpened.Input in) {
        return UntilOpened.of(in);
    }

    @Override
    public List<Finding> findings(UntilOpened u) {
        String before = u.branches().stream()
                .filter(UntilOpened.Priced::before)
                .map(p -> "those for “" + p.branch().found() + "”")
                .collect(Collectors.joining(", "));
        return List.of(
                new Finding(
                        "until-opened",
                        Level.OPEN,
                        "It costs " + money(u.least()) + " to " + money(u.most()) + ", most likely "
                                + money(u.branches().get(0).price()) + ": tell the customer both, and ask how far "
                                + "you may "
                                + "go before you open it."),
                new Finding(
                        "order-before",
                        Level.OPEN,
                        before.isEmpty()
                                ? "No parts need be here before it is opened."
                                : "Have these parts here before it is opened: " + before + "."));
    }

    private static String money(double value) {
        return RunOrReplaceWords.money(value);
    }

    @Override
    public Answer print(UntilOpened u) {
        return new Answer(
                        List.of(
                                new Answer.Figure("in the mean", money(u.expected()), "", "± " + money(u.spread()))
                                        .of(u.expected()),
                                new Answer.Figure(
                                                "most likely",
                                                money(u.branches().get(0).price()),
                                                "",
                                                "")
                                        .of(u.branches().get(0).price()),
                                new Answer.Figure("at most", money(u.most()), "", "").of(u.most())),
                        findings(u),
                        List.of("What is found decides, not what was said: take a photo of it before anything goes "
                                + "on."),
                        worksheet(u),
                        List.of(drawing(u)))
                .with(new ValueTable(
                        "branches",
                        "What may be found",
                        List.of("found", "chance", "what is done then", "price", "parts before"),
                        u.branches().stream()
                                .map(p -> List.of(
                                        p.branch().found(),
                                        Show.number(p.branch().chance() * 100, 0) + " %",
                                        p.branch().plan(),
                                        money(p.price()),
                                        p.before() ? "order now" : p.branch().parts() > 0 ? "when found" : ""))
                                .toList()));
    }

    /** A bar for each, as long as its price and as thick as it is likely. */
    private static Drawing drawing(UntilOpened u) {
        List<Shape> shapes = new ArrayList<>();
        double scale = WIDE / Math.max(1e-9, u.most());
        double y = 0;
        for (UntilOpened.Priced p : u.branches()) {
            double high = Math.max(2, HIGH * Math.sqrt(p.branch().chance()));
            double wide = Math.max(1, p.price() * scale);
            shapes.add(new Shape.Label(Point.of(0, y - 9), p.branch().found(), "start", TEXT, Role.MARK));
            shapes.add(Shape.area(
                    y == 0 ? Role.ANSWER : Role.PART,
                    Known.TABLE,
                    Point.of(0, y),
                    Point.of(wide, y),
                    Point.of(wide, y + high),
                    Point.of(0, y + high)));
            shapes.add(new Shape.Label(
                    Point.of(wide + 6, y + high / 2),
                    money(p.price()) + ", " + Show.number(p.branch().chance() * 100, 0) + " %",
                    "start",
                    TEXT,
                    Role.MARK));
            y += ROW;
        }
        double mean = u.expected() * scale;
        shapes.add(Shape.line(Role.CENTRE, Point.of(mean, -18), Point.of(mean, y - 14)));
        shapes.add(new Shape.Label(
                Point.of(mean, y - 4), "in the mean " + money(u.expected()), "middle", TEXT, Role.MARK));
        return new Drawing(
                "branches",
                "What may be found: price by length, chance by thickness",
                -6,
                -24,
                WIDE + 110,
                y + 30,
                shapes);
    }

    private static Worksheet worksheet(UntilOpened u) {
        List<Worksheet.Line> lines = new ArrayList<>();
        u.branches().forEach(p -> {
            lines.add(Worksheet.computed("", p.branch().found(), "parts + hours × rate", money(p.price())));
            lines.add(Worksheet.judged(
                    "",
                    p.branch().found() + ", its parts",
                    "p·w against (1 − p)·r·price",
                    money(p.branch().chance() * u.input().standingStill()) + " against "
                            + money((1 - p.branch().chance())
                                    * u.input().lost()
                                    * p.branch().parts()),
                    p.before() ? "ordered before" : "when found"));
        });
        lines.add(Worksheet.computed("", "in the mean", "Σ p·price", money(u.expected())));
        return new Worksheet(
                "What may be found, and what does it cost?",
                lines,
                List.of("Expected cost of a decision under uncertainty; parts before by the newsvendor's rule."));
    }

    @Override
    public List<Call<UntilOpened>> calls() {
        return List.of(Call.post(
                "until-opened",
                "What may be found when it is opened, each with its chance and price, and which parts are had before",
                SHAPE,
                Opened.class,
                u -> new Opened(
                        u.expected(),
                        u.least(),
                        u.most(),
                        u.branches().stream()
                                .map(p -> new BranchPrice(
                                        p.branch().found(), p.branch().chance(), p.price(), p.before()))
                                .toList())));
    }
}
