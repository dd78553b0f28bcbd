package unbo.app.tool.trial;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** A tool that is defined nowhere but here: the volume of a hub's cavity. */
@AutoService(Offered.class)
public final class CavityTool implements Tool<CavityTool.Cavity, CavityTool.Volume> {

    static final FieldList<Cavity> FIELDS = FieldList.of(
            List.of(
                    Field.quantity("length", "Between the cups", Quantity.LENGTH, "mm", 1, 400)
                            .from(FactKey.BETWEEN_CUPS)
                            .must(),
                    Field.quantity("hub", "Hub bore", Quantity.LENGTH, "mm", 10, 400)
                            .from(FactKey.HUB_BORE)
                            .must()),
            v -> new Cavity(v.number("length"), v.number("hub")));

    /** Length and bore, millimetres. */
    public record Cavity(double lengthMm, double hubMm) {}

    /** Cubic centimetres. */
    public record Volume(double cavityVolumeCm3) {}

    @Override
    public About about() {
        return new About("trial-cavity", "Trial cavity", "How much does this cavity hold?", Work.RUN, 900);
    }

    @Override
    public FieldList<Cavity> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("length", "40", "hub", "50");
    }

    @Override
    public Volume compute(Cavity in) {
        return new Volume(Math.PI / 4 * in.hubMm() * in.hubMm() * in.lengthMm() / 1000);
    }

    @Override
    public Answer print(Volume volume) {
        String value = Show.number(volume.cavityVolumeCm3(), 1);
        return new Answer(
                List.of(new Answer.Figure("holds", value, "cm³", "")),
                List.of(new Finding("trial-judged", Level.WATCH, "Never fill it whole.")),
                List.of("A third of it."),
                new Worksheet(
                        "How much does this cavity hold?",
                        List.of(Worksheet.computed("V", "volume", "π/4·D²·L", value + " cm³")),
                        List.of("Geometry.")),
                List.of(),
                List.of(new Step("trial", "Weigh the grease in.", "Gloves: grease is no food.")));
    }

    @Override
    public List<Call<Volume>> calls() {
        return List.of(Call.post("trial-cavity", "What a cavity holds", Shape.of(FIELDS), Volume.class, v -> v));
    }
}
