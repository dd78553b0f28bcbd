package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.arrange.Arrangement;
import unbo.core.finding.Finding;
import unbo.core.input.FieldList;
import unbo.core.stage.RouteStage;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** Is the shaft located once each way, free to grow, and not side-loaded? */
@AutoService(Offered.class)
public final class ArrangementTool implements Tool<Arrangement.Input, Arrangement> {

    /** How often the shaft is held each way, and by how much it grows. */
    public record Arranged(
            boolean floating,
            boolean sideLoaded,
            boolean adjusted,
            int heldFromLeft,
            int heldFromRight,
            double growthMm,
            List<String> reasons) {}

    @Override
    public About about() {
        return new About(
                "arrangement",
                "Arrangement",
                "Is the shaft located once each way, free to grow, and not side-loaded?",
                Work.SET,
                50);
    }

    @Override
    public FieldList<Arrangement.Input> fields() {
        return ArrangementFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("arrangement", "two-tight", "leftBearing", "6305", "rightBearing", "NU305");
    }

    @Override
    public Arrangement compute(Arrangement.Input in) {
        return Arrangement.of(in);
    }

    @Override
    public Answer print(Arrangement result) {
        return ArrangementWords.answer(result);
    }

    @Override
    public List<Call<Arrangement>> calls() {
        return List.of(Call.post(
                "arrangement",
                "Whether a shaft is located once each way and free to grow",
                Shape.of(ArrangementFields.LIST),
                Arranged.class,
                ArrangementTool::arranged));
    }

    private static Arranged arranged(Arrangement a) {
        return new Arranged(
                a.floating(),
                a.sideLoads(),
                a.adjusted(),
                a.toLeft(),
                a.toRight(),
                a.growsMm(),
                ArrangementWords.answer(a).findings().stream()
                        .map(Finding::sentence)
                        .toList());
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.at(RouteStage.FIT));
    }
}
