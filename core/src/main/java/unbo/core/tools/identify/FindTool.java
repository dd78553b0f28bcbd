package unbo.core.tools.identify;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.catalogue.CaliperFind;
import unbo.core.drawing.Drawing;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** Which bearing has these sizes? */
@AutoService(Offered.class)
public final class FindTool implements Tool<CaliperFind, CaliperFind> {

    /** How far each size is off. */
    public record Deviations(
            @Nullable Double bore,
            @Nullable Double outside,
            @Nullable Double width) {}

    /** A bearing of about these sizes. */
    public record FoundBearing(
            String designation,
            String kind,
            double boreMm,
            double outsideMm,
            double widthMm,
            Deviations deviationsMm,
            boolean exact) {}

    /** The best first. */
    public record FoundList(List<FoundBearing> candidates) {}

    @Override
    public About about() {
        return new About("find", "Find by caliper", "Which bearing has these sizes?", Work.IDENTIFY, 20);
    }

    @Override
    public FieldList<CaliperFind> fields() {
        return IdentifyFields.SIZES;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("bore", "25.0", "outside", "46.98", "width", "12.05");
    }

    @Override
    public CaliperFind compute(CaliperFind in) {
        return in;
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.bearing("6005");
    }

    @Override
    public Answer print(CaliperFind result) {
        return IdentifyWords.found(result);
    }

    @Override
    public List<Call<CaliperFind>> calls() {
        return List.of(Call.get(
                "find",
                "Bearings that have two or three measured sizes, near misses behind them",
                Shape.of(IdentifyFields.SIZES),
                FoundList.class,
                FindTool::list));
    }

    private static FoundList list(CaliperFind find) {
        return new FoundList(Stream.concat(
                        find.exact().stream().map(f -> found(f, true)),
                        find.near().stream().map(f -> found(f, false)))
                .toList());
    }

    private static FoundBearing found(CaliperFind.Found f, boolean exact) {
        return new FoundBearing(
                f.bearing().designation(),
                f.bearing().kind().code(),
                f.bearing().boreMm(),
                f.bearing().outsideMm(),
                f.bearing().widthMm(),
                new Deviations(f.boreOff(), f.outsideOff(), f.widthOff()),
                exact);
    }
}
