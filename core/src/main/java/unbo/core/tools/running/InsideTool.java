package unbo.core.tools.running;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.bearing.BearingGeometry;
import unbo.core.input.FieldList;
import unbo.core.running.InsideFigures;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** How many elements of what size, and what can it carry? */
@AutoService(Offered.class)
public final class InsideTool implements Tool<InsideFigures.Input, InsideFigures> {

    private static final Shape COUNTED =
            Shape.of(InsideFiguresFields.LIST, "elements", "elementMm", "pitchMm", "contactDeg");
    private static final Shape SHAPE = Shape.of(InsideFiguresFields.LIST).and("geometry", COUNTED);

    /** Elements of one row and ratings of all. @param bandPercent how far a catalogue's may be from estimated ones */
    public record Insides(
            BearingGeometry geometry,
            boolean geometryEstimated,
            double cN,
            double c0N,
            double cuN,
            boolean ratingsEstimated,
            int rows,
            double bandPercent) {}

    @Override
    public About about() {
        return new About(
                "inside", "Inside a bearing", "How many elements of what size, and what can it carry?", Work.RUN, 50);
    }

    @Override
    public FieldList<InsideFigures.Input> fields() {
        return InsideFiguresFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("designation", "6205");
    }

    @Override
    public InsideFigures compute(InsideFigures.Input in) {
        return InsideFigures.of(in);
    }

    @Override
    public Answer print(InsideFigures result) {
        return InsideFiguresWords.answer(result);
    }

    @Override
    public List<Call<InsideFigures>> calls() {
        return List.of(Call.post(
                "inside",
                "Elements and ratings of a bearing, estimated or from what was counted and measured; "
                        + "designation, or boreMm, outsideMm, widthMm, or geometry: {elements, elementMm, pitchMm, "
                        + "contactDeg}",
                SHAPE,
                Insides.class,
                InsideTool::inside));
    }

    private static Insides inside(InsideFigures i) {
        return new Insides(
                i.geometry(),
                i.geometry().estimated(),
                i.ratings().cN(),
                i.ratings().c0N(),
                i.fatigueLimitN(),
                i.ratings().estimated(),
                i.input().bearing().inside().rows(),
                i.input().bearing().inside().bandPercent());
    }
}
