package unbo.core.tools.identify;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.designation.SealSize;
import unbo.core.drawing.Drawing;
import unbo.core.identify.SealFind;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** Which seal goes between this shaft and this housing? */
@AutoService(Offered.class)
public final class SealFindTool implements Tool<SealFind.Measured, SealFind> {

    /** A listed seal. */
    public record ListedSeal(double shaftMm, double outsideMm, double widthMm, boolean exact, boolean fitsDepth) {}

    /** The fitting ones first. */
    public record Seals(List<ListedSeal> candidates) {}

    @Override
    public About about() {
        return new About(
                "seal-find", "Find a seal", "Which seal goes between this shaft and this housing?", Work.IDENTIFY, 70);
    }

    @Override
    public FieldList<SealFind.Measured> fields() {
        return SealFindFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("shaft", "34.95", "housing", "52.02", "depth", "10");
    }

    @Override
    public SealFind compute(SealFind.Measured in) {
        return SealFind.of(in);
    }

    @Override
    public Optional<Drawing> picture() {
        return Tools.named("seal").flatMap(Pictures::of);
    }

    @Override
    public Answer print(SealFind result) {
        return SealFindWords.answer(result);
    }

    @Override
    public List<Call<SealFind>> calls() {
        return List.of(Call.get(
                "seal-find",
                "Shaft seals of a shaft and a housing, near misses behind them",
                Shape.of(SealFindFields.LIST),
                Seals.class,
                SealFindTool::seals));
    }

    private static Seals seals(SealFind find) {
        return new Seals(Stream.concat(
                        find.fitting().stream().map(s -> seal(find, s, true)),
                        find.near().stream().map(s -> seal(find, s, false)))
                .toList());
    }

    private static ListedSeal seal(SealFind find, SealSize s, boolean exact) {
        return new ListedSeal(s.shaftMm(), s.outsideMm(), s.widthMm(), exact, find.fitsDepth(s));
    }
}
