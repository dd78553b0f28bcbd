package unbo.core.tools.deciding;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.decide.RunOrReplace;
import unbo.core.finding.Finding;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** Leave it, watch it, or renew it now? */
@AutoService(Offered.class)
public final class RunOrReplaceTool implements Tool<RunOrReplace.Input, RunOrReplace> {

    /** An option's sums. */
    public record OptionJson(
            String name,
            double expectedCost,
            double presentValue,
            double failureChance,
            double worstInTwenty,
            double wins) {}

    /** @param chance of the first option by its own distance, or over the years ahead where it wears */
    public record TurningJson(double chance, double by, List<String> between) {}

    /** How far the second is dearer than the first. */
    public record SwingJson(String input, double low, double high) {}

    /** In the order of the request. */
    public record DecisionJson(
            List<OptionJson> options, @Nullable TurningJson turning, List<SwingJson> tornado) {}

    @Override
    public About about() {
        return new About(
                "run-or-replace", "Run it or replace it", "Leave it, watch it, or renew it now?", Work.DECIDE, 40);
    }

    @Override
    public FieldList<RunOrReplace.Input> fields() {
        return RunOrReplaceFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "years",
                "4",
                "perYear",
                "15000",
                "rate",
                "0.05",
                "options",
                "leave it; 0; 0; 0; 0; 0.02; 0.05; 0.15; 100000; ; ; ; 4000; ; ; ;\n"
                        + "leave it and look at the plug; 0; 0; 0; 0; 0.02; 0.05; 0.15; 100000; ; ; ; "
                        + "4000; ; 5000; 0.6; 900\n"
                        + "renew while it is open; 140; 6; 60; 0.8; 0.002; 0.005; 0.01; 100000; ; ; ; 4000; ; ; ;");
    }

    @Override
    public RunOrReplace compute(RunOrReplace.Input in) {
        return RunOrReplace.of(in);
    }

    @Override
    public Answer print(RunOrReplace r) {
        return RunOrReplaceWords.answer(r);
    }

    @Override
    public List<Finding> findings(RunOrReplace r) {
        return RunOrReplaceWords.findings(r);
    }

    @Override
    public List<Call<RunOrReplace>> calls() {
        return List.of(Call.post(
                "run-or-replace",
                "What each option costs over the years ahead, and the chance to fail at which the choice turns",
                RunOrReplaceFields.SHAPE,
                DecisionJson.class,
                RunOrReplaceTool::json));
    }

    private static DecisionJson json(RunOrReplace r) {
        RunOrReplace.Turning turning = r.turning();
        return new DecisionJson(
                r.sums().stream()
                        .map(s -> new OptionJson(
                                s.option().name(),
                                s.expected(),
                                s.present(),
                                s.failureChance(),
                                s.worstInTwenty(),
                                s.wins()))
                        .toList(),
                turning == null
                        ? null
                        : new TurningJson(
                                turning.chance(),
                                turning.by(),
                                List.of(turning.under().name(), turning.over().name())),
                r.tornado().stream()
                        .map(s -> new SwingJson(s.input(), s.low(), s.high()))
                        .toList());
    }
}
