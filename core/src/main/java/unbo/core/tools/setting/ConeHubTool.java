package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.arrange.ConeHub;
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

/** How far back is the cone, and what play does that leave? */
@AutoService(Offered.class)
public final class ConeHubTool implements Tool<ConeHub, ConeHub> {

    /** Play before clamping. */
    public record ConePlay(double playMm) {}

    @Override
    public About about() {
        return new About(
                "cone-hub", "Cup and cone", "How far back is the cone, and what play does that leave?", Work.SET, 80);
    }

    @Override
    public FieldList<ConeHub> fields() {
        return ConeHubFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("back", "15", "clamped", "none");
    }

    @Override
    public ConeHub compute(ConeHub in) {
        return in;
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.assembly("cup-and-cone");
    }

    @Override
    public Answer print(ConeHub result) {
        return ConeHubWords.answer(result);
    }

    @Override
    public List<Call<ConeHub>> calls() {
        return List.of(Call.post(
                "cone-hub",
                "Cup and cone: the play a cone turned back leaves",
                Shape.of(ConeHubFields.LIST),
                ConePlay.class,
                hub -> new ConePlay(hub.playMm())));
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.set("cone", "cone and locknut", "cup-and-cone"));
    }

    @Override
    public List<Fact> gives(ConeHub hub) {
        return NoPlay.with(new Facts(RouteStage.SET).number(FactKey.CONE_BACK, hub.backDeg(), How.MEASURED))
                .list();
    }
}
