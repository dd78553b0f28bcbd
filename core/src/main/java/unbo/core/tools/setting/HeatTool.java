package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.heat.HeatInput;
import unbo.core.heat.HeatPlan;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** How hot, how cold, and how many seconds? */
@AutoService(Offered.class)
public final class HeatTool implements Tool<HeatInput, HeatPlan> {

    /** @param secondsAvailable null without mass and sizes @param pressForceN at the largest interference, dry */
    public record Heated(
            double ringC,
            boolean withinLimit,
            double gripC,
            String advice,
            @Nullable Double secondsAvailable,
            @Nullable Double chillC,
            @Nullable Double pressForceN,
            AtLimit atLimit) {}

    /**
     * At the limit temperature: how far the seat opens, what is left over the largest, mean and smallest interference
     * (negative where it grips), µm, and seconds until it grips.
     */
    public record AtLimit(
            double opensUm,
            double leftLargestUm,
            double leftMeanUm,
            double leftSmallestUm,
            @Nullable Double seconds) {

        private static AtLimit of(HeatPlan p) {
            HeatInput.Hold hold = p.input().hold();
            return new AtLimit(
                    p.opensUm(),
                    p.atLimitUm(hold.interferenceUm()),
                    p.atLimitUm(hold.meanUm()),
                    p.atLimitUm(hold.leastUm() == null ? hold.interferenceUm() : hold.leastUm()),
                    p.secondsAtLimit());
        }
    }

    @Override
    public About about() {
        return new About("heat", "Heat and cold", "How hot, how cold, and how many seconds?", Work.SET, 20);
    }

    @Override
    public FieldList<HeatInput> fields() {
        return HeatFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("designation", "6205", "interferenceUm", "20", "slidingUm", "25", "shaft", "-18");
    }

    @Override
    public HeatPlan compute(HeatInput in) {
        return HeatPlan.of(in);
    }

    @Override
    public Answer print(HeatPlan result) {
        return HeatWords.answer(result);
    }

    @Override
    public List<Call<HeatPlan>> calls() {
        return List.of(Call.post(
                "heat",
                "How hot a ring must be, when it grips, and the seconds there are",
                Shape.of(HeatFields.LIST),
                Heated.class,
                HeatTool::heated));
    }

    private static Heated heated(HeatPlan p) {
        return new Heated(
                p.ringC(),
                p.withinLimit(),
                p.gripC(),
                HeatWords.advice(p),
                p.secondsAvailable(),
                p.chillC(),
                p.press() == null ? null : Double.valueOf(p.press().mostN()),
                AtLimit.of(p));
    }

    @Override
    public @Nullable Double seconds(HeatPlan plan) {
        return plan.secondsAvailable();
    }
}
