package unbo.core.tools.strip;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.fact.FactKey;
import unbo.core.fit.Fit;
import unbo.core.input.FieldList;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.stage.RouteStage;
import unbo.core.strip.Removal;
import unbo.core.strip.RemovalInput;
import unbo.core.strip.Tools;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** How does it come out without wrecking what stays, and may it run again? */
@AutoService(Offered.class)
public final class RemovalTool implements Tool<RemovalInput, Removal> {

    /** A way it comes out. */
    public record WayOut(String code, String name, boolean crossesElements, boolean shock, double minutes) {}

    /** A way that is refused. */
    public record NoWay(String name, String why) {}

    /** Ways, the best first; forces by the fit, where it is known. */
    public record RemovalPlan(
            List<WayOut> ways,
            List<NoWay> refused,
            boolean scrap,
            @Nullable Double forceLeastN,
            @Nullable Double forceMostN,
            @Nullable Double housingC,
            List<String> alwaysNew,
            List<Step> steps) {

        private static RemovalPlan of(Removal r) {
            Fit fit = r.fit();
            return new RemovalPlan(
                    r.ways().stream()
                            .map(w -> new WayOut(w.code(), w.name(), w.crosses(), w.shock(), w.minutes()))
                            .toList(),
                    r.refused().stream().map(f -> new NoWay(f.name(), f.why())).toList(),
                    r.scrap(),
                    fit == null ? null : Double.valueOf(fit.remove().leastN()),
                    fit == null ? null : Double.valueOf(fit.remove().mostN()),
                    r.heatC(),
                    RemovalWords.alwaysNew(r.input()),
                    RemovalWords.answer(r).steps());
        }
    }

    @Override
    public About about() {
        return new About(
                "removal",
                "Get it out",
                "How does it come out without wrecking what stays, and may it run again?",
                Work.STRIP,
                10);
    }

    @Override
    public FieldList<RemovalInput> fields() {
        return RemovalFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "designation",
                "6005-2RS",
                "tight",
                "outer",
                "access",
                "none",
                "spacer",
                "soft",
                "chamfer",
                "0.5",
                "corner",
                "0.3",
                "material",
                "aluminium",
                "tools",
                Tools.USUAL + " expander");
    }

    @Override
    public Removal compute(RemovalInput in) {
        return Removal.of(in);
    }

    @Override
    public Answer print(Removal result) {
        return RemovalWords.answer(result);
    }

    @Override
    public List<Call<Removal>> calls() {
        return List.of(Call.post(
                "removal",
                "Ways to get a bearing out, ranked, with the verdict on using it again",
                Shape.of(RemovalFields.LIST),
                RemovalPlan.class,
                RemovalPlan::of));
    }

    @Override
    public List<Fact> gives(Removal removal) {
        String what = removal.input().designation().isBlank()
                ? "the bearing"
                : removal.input().designation();
        Removal.Way best = removal.best();
        return new Facts(RouteStage.STRIP)
                .words(FactKey.REMOVAL, best == null ? "" : best.name(), How.COMPUTED)
                .words(FactKey.SCRAP, best != null && removal.scrap() ? what : "", How.COMPUTED)
                .words(FactKey.ALWAYS_NEW, String.join("; ", RemovalWords.alwaysNew(removal.input())), How.COMPUTED)
                .list();
    }

    @Override
    public boolean complete(Removal removal) {
        return removal.best() != null;
    }
}
