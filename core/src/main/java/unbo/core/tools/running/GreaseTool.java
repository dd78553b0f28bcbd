package unbo.core.tools.running;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.input.FieldList;
import unbo.core.lubrication.BearingGrease;
import unbo.core.lubrication.BearingGreaseInput;
import unbo.core.lubrication.Share;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** How many grams, and when again? */
@AutoService(Offered.class)
public final class GreaseTool implements Tool<BearingGreaseInput, BearingGrease> {

    /** Pairs are least and most; null where there is nothing to say. */
    public record BearingGrams(
            double freeVolumeCm3,
            List<Double> fillShare,
            List<Double> grams,
            @Nullable List<Double> handPackedGrams,
            @Nullable List<Double> cavityGrams,
            @Nullable Double relubricationHours,
            double replenishGrams,
            @Nullable Double strokes,
            @Nullable Double relubricationKm,
            @Nullable LocalDate dueOn,
            @Nullable Double strokesAYear) {}

    @Override
    public About about() {
        return new About("grease", "Grease for one bearing", "How many grams, and when again?", Work.RUN, 20);
    }

    @Override
    public FieldList<BearingGreaseInput> fields() {
        return BearingGreaseFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "boreMm",
                "25",
                "outsideMm",
                "52",
                "widthMm",
                "15",
                "massKg",
                "0.128",
                "kind",
                "ball",
                "rpm",
                "800",
                "use",
                "wheel",
                "strokeGrams",
                "1.2");
    }

    @Override
    public BearingGrease compute(BearingGreaseInput in) {
        return BearingGrease.of(in);
    }

    @Override
    public Answer print(BearingGrease result) {
        return BearingGreaseWords.answer(result);
    }

    @Override
    public List<Call<BearingGrease>> calls() {
        return List.of(Call.post(
                "grease",
                "Grease for one bearing: how much, how much again, when",
                Shape.of(BearingGreaseFields.LIST),
                BearingGrams.class,
                GreaseTool::grams));
    }

    private static BearingGrams grams(BearingGrease g) {
        return new BearingGrams(
                g.freeCm3(),
                List.of(g.share().least(), g.share().most()),
                List.of(g.grams().least(), g.grams().most()),
                range(g.handPacked()),
                range(g.cavityGrams()),
                g.hours(),
                g.replenishGrams(),
                g.strokes(),
                g.km(),
                g.dueOn(),
                g.strokesAYear());
    }

    private static @Nullable List<Double> range(Share.@Nullable Range range) {
        return range == null ? null : List.of(range.least(), range.most());
    }
}
