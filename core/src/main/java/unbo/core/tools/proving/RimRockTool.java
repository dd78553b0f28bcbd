package unbo.core.tools.proving;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.diagnosis.Checks;
import unbo.core.drawing.Drawing;
import unbo.core.input.FieldList;
import unbo.core.runout.RimRock;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.diagnosing.CheckDrawing;

/** What end play does this rock at the rim come from? */
@AutoService(Offered.class)
public final class RimRockTool implements Tool<RimRock.Input, RimRock> {

    /** End play with its band. */
    public record RimRockAnswer(double endPlayMm, double lowMm, double highMm) {}

    @Override
    public About about() {
        return new About(
                "rim-rock", "Rock at the rim", "What end play does this rock at the rim come from?", Work.PROVE, 20);
    }

    @Override
    public FieldList<RimRock.Input> fields() {
        return RimRockFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("rock", "0.50", "rimRadius", "300", "spread", "60", "halfCupAngle", "14");
    }

    @Override
    public RimRock compute(RimRock.Input in) {
        return RimRock.of(in);
    }

    @Override
    public Optional<Drawing> picture() {
        return CheckDrawing.of(Checks.of("rock-3-9"));
    }

    @Override
    public Answer print(RimRock result) {
        return RimRockWords.answer(result);
    }

    @Override
    public List<Call<RimRock>> calls() {
        return List.of(Call.post(
                "rim-rock",
                "End play estimated from rock at the rim",
                Shape.of(RimRockFields.LIST),
                RimRockAnswer.class,
                rock -> new RimRockAnswer(rock.endPlayMm(), rock.lowMm(), rock.highMm())));
    }
}
