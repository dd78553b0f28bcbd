package unbo.core.tools.strip;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.input.FieldList;
import unbo.core.inspect.BearingCheck;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** Cleaned and dry: is this bearing good to run again? */
@AutoService(Offered.class)
public final class BearingCheckTool implements Tool<BearingCheck.Input, BearingCheck> {

    /** @param shakeInside null where it cannot be held against anything */
    public record Checked(
            String verdict,
            @Nullable Double axialShakeLeastMm,
            @Nullable Double axialShakeMostMm,
            @Nullable Boolean shakeInside,
            List<String> reasons) {}

    @Override
    public About about() {
        return new About(
                "bearing-check",
                "May it go back?",
                "Cleaned and dry: is this bearing good to run again?",
                Work.STRIP,
                20);
    }

    @Override
    public FieldList<BearingCheck.Input> fields() {
        return BearingCheckFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("designation", "6305", "shake", "0.15");
    }

    @Override
    public BearingCheck compute(BearingCheck.Input in) {
        return BearingCheck.of(in);
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.bearing("6305");
    }

    @Override
    public Answer print(BearingCheck result) {
        return BearingCheckWords.answer(result);
    }

    @Override
    public List<Call<BearingCheck>> calls() {
        return List.of(Call.post(
                "bearing-check",
                "Whether a cleaned bearing may go back",
                Shape.of(BearingCheckFields.LIST),
                Checked.class,
                BearingCheckTool::checked));
    }

    private static Checked checked(BearingCheck c) {
        return new Checked(
                c.verdict().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                c.leastMm(),
                c.mostMm(),
                c.shakeInside(),
                c.reasons());
    }
}
