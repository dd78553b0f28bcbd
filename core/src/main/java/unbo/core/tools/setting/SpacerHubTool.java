package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.arrange.SpacerHub;
import unbo.core.drawing.Drawing;
import unbo.core.fact.FactKey;
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

/** Is the spacer right, or does it side-load both bearings? */
@AutoService(Offered.class)
public final class SpacerHubTool implements Tool<SpacerHub.Input, SpacerHub> {

    /** @param lifeShare of the life without side load */
    public record SpacerLoad(double axialClearanceMm, boolean sideLoaded, double sideLoadN, double lifeShare) {}

    @Override
    public About about() {
        return new About(
                "spacer-hub", "Spacer hub", "Is the spacer right, or does it side-load both bearings?", Work.SET, 60);
    }

    @Override
    public FieldList<SpacerHub.Input> fields() {
        return SpacerHubFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("designation", "6902", "layout", "both", "spacer", "59.80", "shoulders", "60.00");
    }

    @Override
    public SpacerHub compute(SpacerHub.Input in) {
        return SpacerHub.of(in);
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.assembly("ball-pair");
    }

    @Override
    public Answer print(SpacerHub result) {
        return SpacerHubWords.answer(result);
    }

    @Override
    public List<Call<SpacerHub>> calls() {
        return List.of(Call.post(
                "spacer-hub",
                "Whether a hub's spacer side-loads its bearings, by how much, and what that costs in life",
                Shape.of(SpacerHubFields.LIST),
                SpacerLoad.class,
                s -> new SpacerLoad(s.axialMm(), s.sideLoaded(), s.sideN(), s.lifeShare())));
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.set("spacer", "spacer between two bearings", "ball-pair", "sprocket-carrier"));
    }

    @Override
    public List<Fact> gives(SpacerHub spacer) {
        return NoPlay.with(new Facts(RouteStage.SET)
                        .number(FactKey.SPACER, spacer.input().spacerMm(), How.MEASURED))
                .list();
    }
}
