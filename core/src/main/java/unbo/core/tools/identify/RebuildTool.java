package unbo.core.tools.identify;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.input.FieldList;
import unbo.core.parts.Rebuild;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** New bearings in the old part, or the whole part new? */
@AutoService(Offered.class)
public final class RebuildTool implements Tool<Rebuild.Input, Rebuild> {

    /** What each comes to, and why. */
    public record Compared(double rebuildCost, double assemblyCost, String choice, List<String> reasons) {}

    @Override
    public About about() {
        return new About(
                "rebuild",
                "Rebuild or assembly",
                "New bearings in the old part, or the whole part new?",
                Work.IDENTIFY,
                80);
    }

    @Override
    public FieldList<Rebuild.Input> fields() {
        return RebuildFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "parts",
                "38",
                "minutes",
                "75",
                "hourly",
                "54",
                "assembly",
                "149",
                "assemblyMinutes",
                "30",
                "bush",
                "sound",
                "housing",
                "sound",
                "shaft",
                "sound");
    }

    @Override
    public Rebuild compute(Rebuild.Input in) {
        return Rebuild.of(in);
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.assembly("needle-pivot");
    }

    @Override
    public Answer print(Rebuild result) {
        return RebuildWords.answer(result);
    }

    @Override
    public List<Call<Rebuild>> calls() {
        return List.of(Call.post(
                "rebuild",
                "New bearings in the old part, or the whole assembly",
                Shape.of(RebuildFields.LIST),
                Compared.class,
                RebuildTool::compared));
    }

    private static Compared compared(Rebuild r) {
        return new Compared(
                r.rebuildCost(),
                r.assemblyCost(),
                r.choice().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                RebuildWords.answer(r).findings().stream()
                        .map(Finding::sentence)
                        .toList());
    }
}
