package unbo.core.tools.identify;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.bearing.Boundary;
import unbo.core.identify.SeriesLadder;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** Which series is it, by eye? */
@AutoService(Offered.class)
public final class LadderTool implements Tool<SeriesLadder.Rung, SeriesLadder.Rung> {

    /** A listed bearing. */
    public record Rung(String designation, String series, double boreMm, double outsideMm, double widthMm) {

        private static Rung of(Boundary b) {
            return new Rung(b.designation(), b.series(), b.boreMm(), b.outsideMm(), b.widthMm());
        }
    }

    /** Those of one bore. */
    public record Ladder(List<Rung> candidates) {}

    @Override
    public About about() {
        return new About("ladder", "Series of one bore", "Which series is it, by eye?", Work.IDENTIFY, 30);
    }

    @Override
    public FieldList<SeriesLadder.Rung> fields() {
        return SeriesLadderFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("bore", "25");
    }

    @Override
    public SeriesLadder.Rung compute(SeriesLadder.Rung in) {
        return in;
    }

    @Override
    public Answer print(SeriesLadder.Rung result) {
        return SeriesLadderWords.answer(result);
    }

    @Override
    public List<Call<SeriesLadder.Rung>> calls() {
        return List.of(Call.post(
                "ladder",
                "The listed bearings of one bore, the smallest outside first",
                Shape.of(SeriesLadderFields.LIST),
                Ladder.class,
                of -> new Ladder(SeriesLadder.rungs(of).stream().map(Rung::of).toList())));
    }
}
