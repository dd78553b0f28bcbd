package unbo.core.tools.identify;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.designation.TaperMatch;
import unbo.core.drawing.Drawing;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** Do this cone and this cup belong together? */
@AutoService(Offered.class)
public final class MatchTool implements Tool<MarkingFields.Pair, MarkingFields.Pair> {

    /** @param match null where it cannot be told */
    public record TaperPair(@Nullable Boolean match, String reason) {}

    @Override
    public About about() {
        return new About("match", "Cone and cup", "Do this cone and this cup belong together?", Work.IDENTIFY, 50);
    }

    @Override
    public FieldList<MarkingFields.Pair> fields() {
        return MarkingFields.PAIR;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("cone", "L44649", "cup", "L45410");
    }

    @Override
    public MarkingFields.Pair compute(MarkingFields.Pair in) {
        return in;
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.bearing("L44649/L44610");
    }

    @Override
    public Answer print(MarkingFields.Pair result) {
        return MarkingWords.answer(result, TaperMatch.of(result.cone(), result.cup()));
    }

    @Override
    public List<Call<MarkingFields.Pair>> calls() {
        return List.of(Call.get(
                "match",
                "Whether a cone and a cup belong together",
                Shape.of(MarkingFields.PAIR),
                TaperPair.class,
                MatchTool::pair));
    }

    private static TaperPair pair(MarkingFields.Pair pair) {
        TaperMatch match = TaperMatch.of(pair.cone(), pair.cup());
        return new TaperPair(match.match(), match.reason());
    }
}
