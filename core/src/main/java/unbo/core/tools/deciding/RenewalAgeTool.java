package unbo.core.tools.deciding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.decide.RenewalAge;
import unbo.core.drawing.Chart;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** At which age does renewing cost least? */
@AutoService(Offered.class)
public final class RenewalAgeTool implements Tool<RenewalAge.Input, RenewalAge> {

    private static final double MOST = 1e9;
    /** The chart reaches so many times the characteristic life. */
    private static final double FAR = 1.5;

    private static final FieldList<RenewalAge.Input> FIELDS = FieldList.of(
            List.of(
                    Field.quantity("beta", "Slope of their lives, β", Quantity.RATIO, "", 0.1, 20)
                            .usually(0.8, 4)
                            .must()
                            .hint("by Lives from runs"),
                    Field.quantity("eta", "Characteristic life, η", Quantity.RATIO, "", 1e-3, MOST)
                            .must()
                            .hint("in any counter; the answer is in the same"),
                    Field.quantity("costPlanned", "A planned renewal costs", Quantity.RATIO, "", 0.01, MOST)
                            .must()
                            .hint("parts and work"),
                    Field.quantity("costFailure", "A failure costs", Quantity.RATIO, "", 0.01, MOST)
                            .must()
                            .hint("with what it spoils, towing and standing still")),
            v -> new RenewalAge.Input(
                    v.number("beta"), v.number("eta"), v.number("costPlanned"), v.number("costFailure")));

    /** @param bestAge null where it is run to condition; then there is no window */
    public record AgeJson(
            @Nullable Double bestAge, List<@Nullable Double> window, double costRate, double runToFailureRate) {}

    @Override
    public About about() {
        return new About("renewal-age", "Best age to renew", "At which age does renewing cost least?", Work.DECIDE, 20);
    }

    @Override
    public FieldList<RenewalAge.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("beta", "2.2", "eta", "60000", "costPlanned", "180", "costFailure", "900");
    }

    @Override
    public RenewalAge compute(RenewalAge.Input in) {
        return RenewalAge.of(in);
    }

    @Override
    public List<Finding> findings(RenewalAge a) {
        RenewalAge.Window window = a.window();
        if (a.bestAge() == null || window == null) {
            return List.of(new Finding(
                    "age-run-to-condition",
                    Level.RIGHT,
                    "No age is best: run it to condition. "
                            + (a.input().beta() <= 1
                                    ? "With a slope of one or less a new one fails as often as an old one, so renewing "
                                            + "by age only costs."
                                    : a.input().failure() <= a.input().planned()
                                            ? "A failure costs no more than a planned renewal."
                                            : "Renewing by age would save less than a thousandth.")));
        }
        return List.of(new Finding(
                "age-best",
                Level.RIGHT,
                "Renew between " + Show.rough(window.low()) + " and "
                        + (window.high() == null ? "any later age" : Show.rough(window.high()))
                        + ", when it is handy: costs differ by under " + Show.number(RenewalAge.WINDOW * 100, 1)
                        + " % in between. It saves " + Show.number(a.saves() * 100, 0)
                        + " % of what running to failure costs."));
    }

    @Override
    public Answer print(RenewalAge a) {
        List<Answer.Figure> figures = new ArrayList<>();
        Double best = a.bestAge();
        figures.add(new Answer.Figure(
                "costs least when renewed at",
                best == null ? "its condition" : Show.rough(best),
                "",
                best == null ? "no best age" : "as η is counted"));
        figures.add(Answer.Figure.number(
                "costs per 1000", a.rate() * 1000, 2, "", "run to failure " + Show.number(a.runRate() * 1000, 2)));
        Answer answer = new Answer(
                figures,
                findings(a),
                List.of("Where a failure can hurt somebody, money does not decide: renew by the maker's interval and "
                        + "on any warning."),
                worksheet(a),
                List.of());
        return best == null ? answer : answer.with(chart(a, best));
    }

    private static Chart chart(RenewalAge a, double best) {
        double to = a.input().eta() * FAR;
        Chart.Axis x = new Chart.Axis("renewed at", to / 20, to, false);
        List<Chart.Line> lines = List.of(
                new Chart.Line("by age", age -> RenewalAge.costRate(a.input(), age) * 1000),
                new Chart.Line("to failure", age -> a.runRate() * 1000));
        return new Chart(
                "renewal-age",
                "Cost per 1000 by the age at renewal",
                x,
                new Chart.Axis("cost per 1000", 0, a.runRate() * 2000, false),
                lines,
                List.of(new Chart.Spot(best, a.rate() * 1000, Show.rough(best))),
                List.of());
    }

    private static Worksheet worksheet(RenewalAge a) {
        RenewalAge.Input in = a.input();
        List<Worksheet.Line> lines = new ArrayList<>(List.of(
                Worksheet.given("β", "slope", Show.number(in.beta(), 3)),
                Worksheet.given("η", "characteristic life", Show.number(in.eta(), 2)),
                Worksheet.given("cp", "planned renewal", Show.number(in.planned(), 2)),
                Worksheet.given("cf", "failure", Show.number(in.failure(), 2)),
                Worksheet.computed(
                        "", "run to failure", "cf/(η·Γ(1 + 1/β))", Show.number(a.runRate(), 5) + " a unit")));
        if (a.bestAge() != null) {
            lines.add(Worksheet.computed("T", "best age", "least of g(T)", Show.number(a.bestAge(), 0)));
            lines.add(Worksheet.computed(
                    "g", "cost there", "(cp·S + cf·(1 − S))/∫S", Show.number(a.rate(), 5) + " a unit"));
        }
        return new Worksheet(
                "At which age does renewing cost least?",
                lines,
                List.of("Age replacement: Barlow and Hunter 1960; Barlow and Proschan, Mathematical Theory of "
                        + "Reliability."));
    }

    @Override
    public List<Call<RenewalAge>> calls() {
        return List.of(Call.post(
                "renewal-age",
                "The age at which renewing costs least, by Weibull's life and two costs",
                Shape.of(FIELDS),
                AgeJson.class,
                RenewalAgeTool::json));
    }

    private static AgeJson json(RenewalAge a) {
        RenewalAge.Window window = a.window();
        List<@Nullable Double> ends = new ArrayList<>();
        if (window != null) {
            ends.add(window.low());
            ends.add(window.high());
        }
        return new AgeJson(a.bestAge(), ends, a.rate(), a.runRate());
    }
}
