package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.arrange.Preload;
import unbo.core.drawing.Drawing;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.input.FieldList;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.stage.RouteStage;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** Is the preload right, and what torque stands for it? */
@AutoService(Offered.class)
public final class PreloadTool implements Tool<Preload.Input, Preload> {

    /** @param inside null where there is nothing to hold it against */
    public record Preloaded(
            @Nullable Double torqueNm,
            @Nullable Double preloadN,
            @Nullable Double expectedTorqueNm,
            @Nullable Boolean inside,
            List<String> reasons) {}

    @Override
    public About about() {
        return new About(
                "preload",
                "Preload by turning torque",
                "Is the preload right, and what torque stands for it?",
                Work.SET,
                100);
    }

    @Override
    public FieldList<Preload.Input> fields() {
        return PreloadFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("place", "pinion", "scale", "72", "radius", "36", "seal", "0.3", "crushSleeve", "yes");
    }

    @Override
    public Preload compute(Preload.Input in) {
        return Preload.of(in);
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.assembly("pinion");
    }

    @Override
    public Answer print(Preload result) {
        return PreloadWords.answer(result);
    }

    @Override
    public List<Call<Preload>> calls() {
        return List.of(Call.post(
                "preload",
                "Preload from turning torque and back",
                Shape.of(PreloadFields.LIST),
                Preloaded.class,
                PreloadTool::preloaded));
    }

    private static Preloaded preloaded(Preload p) {
        return new Preloaded(
                p.torqueNm(),
                p.preloadN(),
                p.expectedNm(),
                p.inside(),
                PreloadWords.answer(p).findings().stream()
                        .map(Finding::sentence)
                        .toList());
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.set("torque", "turning torque (preload)", "steering-head", "headset", "pinion"));
    }

    @Override
    public List<Fact> gives(Preload preload) {
        return new Facts(RouteStage.SET)
                .number(FactKey.TURNING_TORQUE, preload.torqueNm(), How.MEASURED)
                .list();
    }

    @Override
    public boolean complete(Preload preload) {
        return preload.torqueNm() != null;
    }
}
