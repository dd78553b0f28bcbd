package unbo.core.tools.deciding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.decide.InspectionInterval;
import unbo.core.drawing.Chart;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
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

/** How often must it be looked at? */
@AutoService(Offered.class)
public final class InspectionIntervalTool implements Tool<InspectionInterval, InspectionInterval> {

    private static final double MOST = 1e9;
    /** Over this share most failures are not caught by looking. */
    private static final double MANY = 0.25;
    /** The least share that is asked for. */
    private static final double LEAST_SHARE = 1e-4;

    private static final FieldList<InspectionInterval> FIELDS = FieldList.of(
            List.of(
                    Field.quantity("meanWarning", "Warns before it fails, on average", Quantity.RATIO, "", 1e-3, MOST)
                            .hint("from first noise, warmth or milky grease to failure; or the two boxes below"),
                    Field.list("underWarning", "Ran under warning, each", Quantity.RATIO, "", 0, MOST)
                            .many(1, 200)
                            .hint("distances of those that were renewed in time as well"),
                    Field.whole("failedWarned", "Of these failed", 1, 200),
                    Field.quantity("share", "May fail between two looks, share", Quantity.RATIO, "", LEAST_SHARE, 0.95)
                            .usually(0.01, 0.2),
                    Field.quantity("interval", "Looked at every", Quantity.RATIO, "", 1e-3, MOST)
                            .hint("in the same counter; or the share above"),
                    Field.quantity("sees", "A look sees a warning that is there, chance", Quantity.RATIO, "", 0.05, 1)
                            .orElse("1", "a look that misses nothing")
                            .seldom()),
            InspectionIntervalTool::rules,
            InspectionIntervalTool::make);

    /** As JSON. */
    public record IntervalJson(double interval, double share, double meanWarning) {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (v.has("meanWarning") == v.has("underWarning")) {
            problems.add(new Problem(
                    "meanWarning",
                    "Write how long it warns on average, or the distances under warning with how many failed: one of "
                            + "them.",
                    false));
        }
        if (v.has("underWarning") != v.has("failedWarned")) {
            problems.add(new Problem(
                    v.has("underWarning") ? "failedWarned" : "underWarning",
                    "Distances under warning and how many of these failed go together.",
                    false));
        } else if (v.has("underWarning")
                && v.list("underWarning").stream()
                                .mapToDouble(Double::doubleValue)
                                .sum()
                        <= 0) {
            problems.add(Problem.impossible("underWarning", "Nothing ran under warning: leave it empty."));
        }
        if (v.has("share") == v.has("interval")) {
            problems.add(new Problem(
                    "share", "Write the share that may slip through, or the interval: one of them.", false));
        }
        return problems;
    }

    private static InspectionInterval make(Values v) {
        double warning = v.has("meanWarning")
                ? v.number("meanWarning")
                : v.list("underWarning").stream()
                                .mapToDouble(Double::doubleValue)
                                .sum()
                        / v.whole("failedWarned");
        return v.has("share")
                ? InspectionInterval.missing(v.number("share"), warning, v.number("sees"))
                : InspectionInterval.every(v.number("interval"), warning, v.number("sees"));
    }

    @Override
    public About about() {
        return new About(
                "inspection-interval", "How often to look", "How often must it be looked at?", Work.DECIDE, 30);
    }

    @Override
    public FieldList<InspectionInterval> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("underWarning", "300; 500; 800; 400", "failedWarned", "2", "share", "0.05");
    }

    @Override
    public InspectionInterval compute(InspectionInterval in) {
        return in;
    }

    @Override
    public List<Finding> findings(InspectionInterval i) {
        return List.of(
                i.share() > MANY
                        ? new Finding(
                                "looks-too-seldom",
                                Level.SOON,
                                percent(i.share()) + " of failures come between two looks: look more often, or renew "
                                        + "by age.")
                        : new Finding(
                                "looks-often-enough",
                                Level.RIGHT,
                                "Looked at every " + Show.rough(i.interval()) + ", " + percent(i.share())
                                        + " of failures slip through between two looks."));
    }

    private static String percent(double share) {
        return Show.number(share * 100, share < 0.1 ? 1 : 0) + " %";
    }

    @Override
    public Answer print(InspectionInterval i) {
        Chart.Axis x = new Chart.Axis("looked at every", 0.001 * i.warning(), 2 * i.warning(), false);
        List<Chart.Line> lines = List.of(new Chart.Line(
                "slip through",
                every -> InspectionInterval.every(every, i.warning(), i.sees()).share() * 100));
        Chart chart = new Chart(
                "inspection-interval",
                "Share of failures that come between two looks",
                x,
                new Chart.Axis("%", 0, 100, false),
                lines,
                i.interval() <= 2 * i.warning()
                        ? List.of(new Chart.Spot(i.interval(), i.share() * 100, percent(i.share())))
                        : List.of(),
                List.of());
        return new Answer(
                        List.of(
                                new Answer.Figure(
                                                "look every",
                                                Show.rough(i.interval()),
                                                "",
                                                "in the counter of the warning")
                                        .of(i.interval()),
                                Answer.Figure.number(
                                        "fail between two looks", i.share() * 100, 1, "%", "of all that fail")),
                        findings(i),
                        List.of("After a warning it is renewed at once, not at the next look. Where a failure can hurt "
                                + "somebody, the maker's interval comes first."),
                        worksheet(i),
                        List.of())
                .with(chart);
    }

    private static Worksheet worksheet(InspectionInterval i) {
        return new Worksheet(
                "How often must it be looked at?",
                List.of(
                        Worksheet.given("h", "mean warning", Show.number(i.warning(), 2)),
                        Worksheet.given("p", "a look sees it", Show.number(i.sees(), 2)),
                        Worksheet.given("I", "interval", Show.number(i.interval(), 2)),
                        Worksheet.computed(
                                "q", "there is a look at all", "(h/I)·(1 − e^(−I/h))", Show.number(met(i), 4)),
                        Worksheet.judged(
                                "b",
                                "fail between two looks",
                                i.sees() < 1 ? "1 − p·q/(1 − (1 − p)·e^(−I/h))" : "1 − q",
                                Show.number(i.share(), 4),
                                "over " + percent(MANY) + " soon")),
                List.of(
                        "Warnings that last exponentially and begin at any time between two looks: delay-time model, "
                                + "Christer 1987.",
                        "Mean warning from the record: distance run under warning over the number that failed."));
    }

    private static double met(InspectionInterval i) {
        return 1 - InspectionInterval.every(i.interval(), i.warning(), 1).share();
    }

    @Override
    public List<Call<InspectionInterval>> calls() {
        return List.of(Call.post(
                "inspection-interval",
                "How often to look at what warns before it fails, or what slips through at an interval",
                Shape.of(FIELDS),
                IntervalJson.class,
                i -> new IntervalJson(i.interval(), i.share(), i.warning())));
    }
}
