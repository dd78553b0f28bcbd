package unbo.core.tools.running;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.input.FieldList;
import unbo.core.running.FrictionQuestion;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** What does it drag, and how warm does that make it? */
@AutoService(Offered.class)
public final class FrictionTool implements Tool<FrictionQuestion.Input, FrictionQuestion> {

    private static final Shape COUNTED =
            Shape.of(FrictionQuestion.LIST, "elements", "elementMm", "pitchMm", "contactDeg");
    private static final Shape SHAPE = Shape.of(FrictionQuestion.LIST).and("geometry", COUNTED);

    /** Torque and its parts, power and warmth. */
    public record Drag(
            double torqueNmm, double powerW, double lubricantNmm, double loadNmm, double sealsNmm, double warmK) {}

    @Override
    public About about() {
        return new About(
                "friction", "Friction and warmth", "What does it drag, and how warm does that make it?", Work.RUN, 70);
    }

    @Override
    public FieldList<FrictionQuestion.Input> fields() {
        return FrictionQuestion.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "designation", "6205", "loadN", "400", "rpm", "3000", "nu", "100", "lubricant", "oil", "oilLevel", "8");
    }

    @Override
    public FrictionQuestion compute(FrictionQuestion.Input in) {
        return FrictionQuestion.of(in);
    }

    @Override
    public Answer print(FrictionQuestion result) {
        return result.answer();
    }

    @Override
    public List<Call<FrictionQuestion>> calls() {
        return List.of(Call.post(
                "friction",
                "Friction torque and the power it takes; designation or geometry: {elements, elementMm, "
                        + "pitchMm, contactDeg}",
                SHAPE,
                Drag.class,
                FrictionTool::drag));
    }

    private static Drag drag(FrictionQuestion f) {
        return new Drag(
                f.friction().totalNmm(),
                f.powerW(),
                f.friction().lubricantNmm(),
                f.friction().loadNmm(),
                f.friction().sealsNmm(),
                f.warmK());
    }
}
