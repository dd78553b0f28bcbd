package unbo.core.tools.running;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.bearing.BearingGeometry;
import unbo.core.input.FieldList;
import unbo.core.running.InsideQuestion;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** How many elements of what size, and what can it carry? */
@AutoService(Offered.class)
public final class InsideTool implements Tool<InsideQuestion.Input, InsideQuestion> {

    private static final Shape COUNTED =
            Shape.of(InsideQuestion.LIST, "elements", "elementMm", "pitchMm", "contactDeg");
    private static final Shape SHAPE = Shape.of(InsideQuestion.LIST).and("geometry", COUNTED);

    /** Elements and ratings. */
    public record Insides(
            BearingGeometry geometry,
            boolean geometryEstimated,
            double cN,
            double c0N,
            double cuN,
            boolean ratingsEstimated) {}

    @Override
    public About about() {
        return new About(
                "inside", "Inside a bearing", "How many elements of what size, and what can it carry?", Work.RUN, 50);
    }

    @Override
    public FieldList<InsideQuestion.Input> fields() {
        return InsideQuestion.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("designation", "6205");
    }

    @Override
    public InsideQuestion compute(InsideQuestion.Input in) {
        return InsideQuestion.of(in);
    }

    @Override
    public Answer print(InsideQuestion result) {
        return result.answer();
    }

    @Override
    public List<Call<InsideQuestion>> calls() {
        return List.of(Call.post(
                "inside",
                "Elements and ratings of a bearing, estimated or from what was counted and measured; "
                        + "designation, or boreMm, outsideMm, widthMm, or geometry: {elements, elementMm, pitchMm, "
                        + "contactDeg}",
                SHAPE,
                Insides.class,
                InsideTool::inside));
    }

    private static Insides inside(InsideQuestion i) {
        return new Insides(
                i.geometry(),
                i.geometry().estimated(),
                i.ratings().cN(),
                i.ratings().c0N(),
                i.fatigueLimitN(),
                i.ratings().estimated());
    }
}
