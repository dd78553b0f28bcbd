package unbo.core.tools.deciding;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.input.FieldList;
import unbo.core.survival.Lives;
import unbo.core.survival.Survival;
import unbo.core.survival.Weibull;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** How long do these bearings last? */
@AutoService(Offered.class)
public final class LivesTool implements Tool<Lives.Input, Lives> {

    /** A step of survival. */
    public record SurvivalStep(double at, double s, double low, double high, int atRisk) {}

    /**
     * @param eta null where nothing failed, as is b10
     * @param betaLow null where the slope is held, as is betaHigh
     * @param etaHigh upper limit by the profile of the likelihood; null where the slope is held
     * @param held the slope where it is held, else null
     */
    public record WeibullJson(
            double beta,
            @Nullable Double eta,
            @Nullable Double b10,
            @Nullable Double betaLow,
            @Nullable Double betaHigh,
            double etaLow,
            @Nullable Double etaHigh,
            @Nullable Double held) {

        static WeibullJson of(Weibull w) {
            Weibull.Limits slope = w.betaLimits();
            Weibull.Limits life = w.etaLimits();
            return new WeibullJson(
                    w.beta(),
                    w.eta(),
                    w.b10(),
                    slope == null ? null : Double.valueOf(slope.low()),
                    slope == null ? null : Double.valueOf(slope.high()),
                    w.etaLow(),
                    life == null ? null : Double.valueOf(life.high()),
                    w.held() ? Double.valueOf(w.beta()) : null);
        }
    }

    /** A group by itself. */
    public record GroupJson(String name, int runs, int failed, WeibullJson weibull) {}

    /** @param ratio null where one of them has no failure */
    public record ComparisonJson(
            String first,
            String other,
            double expectedFirst,
            double chiSquare,
            double chance,
            @Nullable Double ratio,
            boolean differ,
            int needed) {}

    /**
     * @param greenwood a standard error for each step, null where none is left
     * @param needed failures still wanted before the slope is told
     */
    public record LivesJson(
            List<SurvivalStep> survival,
            List<@Nullable Double> greenwood,
            WeibullJson weibull,
            boolean enough,
            int needed,
            List<GroupJson> groups,
            List<ComparisonJson> comparisons) {}

    @Override
    public About about() {
        return new About("lives", "Lives from runs", "How long do these bearings last?", Work.DECIDE, 10);
    }

    @Override
    public FieldList<Lives.Input> fields() {
        return LivesFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "runs",
                "12000; failed\n18000; failed\n18000; sound\n22000; failed\n25000; failed\n30000; running\n"
                        + "31000; failed\n40000; running\n40000; sound",
                "counter",
                "km",
                "computed",
                "60000");
    }

    @Override
    public Lives compute(Lives.Input in) {
        return Lives.of(in);
    }

    @Override
    public Answer print(Lives lives) {
        return LivesWords.answer(lives);
    }

    @Override
    public List<Finding> findings(Lives lives) {
        return LivesWords.findings(lives);
    }

    @Override
    public List<Call<Lives>> calls() {
        return List.of(Call.post(
                "lives",
                "How long bearings last by their runs: survival, Weibull, groups compared; runs: [{at or from, to, "
                        + "ended (failed, sound, running), entry, group}]",
                LivesFields.SHAPE,
                LivesJson.class,
                LivesTool::json));
    }

    private static LivesJson json(Lives lives) {
        Weibull w = lives.weibull();
        return new LivesJson(
                lives.survival().steps().stream()
                        .map(s -> new SurvivalStep(s.at(), s.share(), s.low(), s.high(), s.atRisk()))
                        .toList(),
                java.util.Collections.unmodifiableList(lives.survival().steps().stream()
                        .map(Survival.Step::error)
                        .collect(java.util.stream.Collectors.toList())),
                WeibullJson.of(w),
                w.wanted() == 0,
                w.wanted(),
                lives.groups().stream()
                        .map(g -> new GroupJson(
                                g.name(), g.runs().size(), g.survival().failures(), WeibullJson.of(g.weibull())))
                        .toList(),
                lives.comparisons().stream().map(LivesTool::comparison).toList());
    }

    private static ComparisonJson comparison(Lives.Comparison c) {
        double ratio = c.rank().ratio();
        return new ComparisonJson(
                c.first(),
                c.other(),
                c.rank().first().expected(),
                c.rank().chiSquare(),
                c.rank().chance(),
                Double.isFinite(ratio) && ratio > 0 ? Double.valueOf(ratio) : null,
                c.rank().differ(),
                c.wanted());
    }
}
