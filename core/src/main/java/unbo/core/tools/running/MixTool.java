package unbo.core.tools.running;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.input.FieldList;
import unbo.core.lubrication.MixQuestion;
import unbo.core.lubrication.Mixing;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** May this grease go onto that one? */
@AutoService(Offered.class)
public final class MixTool implements Tool<MixQuestion.Pair, MixQuestion.Pair> {

    /** @param verdict compatible, doubtful or incompatible */
    public record GreaseMix(String verdict, String advice) {}

    @Override
    public About about() {
        return new About("grease-mix", "Mixing greases", "May this grease go onto that one?", Work.RUN, 30);
    }

    @Override
    public FieldList<MixQuestion.Pair> fields() {
        return MixQuestion.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("a", "PU", "b", "LiX");
    }

    @Override
    public MixQuestion.Pair compute(MixQuestion.Pair in) {
        return in;
    }

    @Override
    public Answer print(MixQuestion.Pair result) {
        return MixQuestion.answer(result);
    }

    @Override
    public List<Call<MixQuestion.Pair>> calls() {
        return List.of(Call.get(
                "grease/mix",
                "Whether two thickeners mix",
                Shape.of(MixQuestion.LIST),
                GreaseMix.class,
                pair -> new GreaseMix(Mixing.of(pair.a(), pair.b()).word(), Mixing.sentence(pair.a(), pair.b()))));
    }
}
