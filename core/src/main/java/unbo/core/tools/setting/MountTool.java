package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.heat.HeatPlan;
import unbo.core.input.FieldList;
import unbo.core.mount.Mounting;
import unbo.core.stage.RouteStage;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** How hot, how cold, how hard, which way round, in which order? */
@AutoService(Offered.class)
public final class MountTool implements Tool<Mounting.Input, Mounting> {

    /** Temperatures and seconds are null where it is pressed cold. */
    public record Mounted(
            boolean byHeat,
            @Nullable Double heatC,
            @Nullable Double gripC,
            @Nullable Double secondsAvailable,
            double pressForceKN,
            double interferenceMeanUm,
            List<Step> steps) {}

    @Override
    public About about() {
        return new About(
                "mount", "Fit it", "How hot, how cold, how hard, which way round, in which order?", Work.SET, 40);
    }

    @Override
    public FieldList<Mounting.Input> fields() {
        return MountingFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("designation", "6205-2RS/C3", "ring", "inner", "seat", "k5");
    }

    @Override
    public Mounting compute(Mounting.Input in) {
        return Mounting.of(in);
    }

    @Override
    public Answer print(Mounting result) {
        return MountingWords.answer(result);
    }

    @Override
    public List<Call<Mounting>> calls() {
        return List.of(Call.post(
                "mount",
                "How a bearing goes in: heat or force, and the steps with their cautions",
                Shape.of(MountingFields.LIST),
                Mounted.class,
                MountTool::mounted));
    }

    private static Mounted mounted(Mounting m) {
        HeatPlan heat = m.heat();
        return new Mounted(
                m.byHeat(),
                heat == null ? null : Double.valueOf(heat.ringC()),
                heat == null ? null : Double.valueOf(heat.gripC()),
                heat == null ? null : heat.secondsAvailable(),
                m.fit().mount().leastN() / 1000,
                m.fit().interference().meanUm(),
                MountingWords.answer(m).steps());
    }

    @Override
    public @Nullable Double seconds(Mounting mounting) {
        HeatPlan heat = mounting.heat();
        return heat == null ? null : heat.secondsAvailable();
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.at(RouteStage.FIT));
    }
}
