package unbo.core.tools.running;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.input.FieldList;
import unbo.core.running.BearingDrag;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** What does it drag, and how warm does that make it? */
@AutoService(Offered.class)
public final class FrictionTool implements Tool<BearingDrag.Input, BearingDrag> {

    private static final Shape COUNTED =
            Shape.of(BearingDragFields.LIST, "elements", "elementMm", "pitchMm", "contactDeg");
    private static final Shape SHAPE = Shape.of(BearingDragFields.LIST).and("geometry", COUNTED);

    /** Torque and its parts, power and warmth. */
    public record Drag(
            double torqueNmm, double powerW, double lubricantNmm, double loadNmm, double sealsNmm, double warmK) {}

    @Override
    public About about() {
        return new About(
                "friction", "Friction and warmth", "What does it drag, and how warm does that make it?", Work.RUN, 70);
    }

    @Override
    public FieldList<BearingDrag.Input> fields() {
        return BearingDragFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "designation", "6205", "loadN", "400", "rpm", "3000", "nu", "100", "lubricant", "oil", "oilLevel", "8");
    }

    @Override
    public BearingDrag compute(BearingDrag.Input in) {
        return BearingDrag.of(in);
    }

    @Override
    public Answer print(BearingDrag result) {
        return BearingDragWords.answer(result);
    }

    @Override
    public List<Call<BearingDrag>> calls() {
        return List.of(Call.post(
                "friction",
                "Friction torque and the power it takes; designation or geometry: {elements, elementMm, "
                        + "pitchMm, contactDeg}",
                SHAPE,
                Drag.class,
                FrictionTool::drag));
    }

    private static Drag drag(BearingDrag f) {
        return new Drag(
                f.friction().totalNmm(),
                f.powerW(),
                f.friction().lubricantNmm(),
                f.friction().loadNmm(),
                f.friction().sealsNmm(),
                f.warmK());
    }
}
