package unbo.core.tools.running;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.input.FieldList;
import unbo.core.lubrication.Mixing;
import unbo.core.lubrication.Mixture;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** May this grease go onto that one? */
@AutoService(Offered.class)
public final class MixTool implements Tool<Mixture.Pair, Mixture.Pair> {

    /** @param verdict compatible, doubtful or incompatible */
    public record GreaseMix(String verdict, String advice) {}

    @Override
    public About about() {
        return new About("grease-mix", "Mixing greases", "May this grease go onto that one?", Work.RUN, 30);
    }

    @Override
    public FieldList<Mixture.Pair> fields() {
        return MixtureFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("a", "PU", "b", "LiX");
    }

    @Override
    public Mixture.Pair compute(Mixture.Pair in) {
        return in;
    }

    @Override
    public Answer print(Mixture.Pair result) {
        return MixtureWords.answer(result);
    }

    @Override
    public List<Call<Mixture.Pair>> calls() {
        return List.of(Call.get(
                "grease/mix",
                "Whether two thickeners mix",
                Shape.of(MixtureFields.LIST),
                GreaseMix.class,
                pair -> new GreaseMix(Mixing.of(pair.a(), pair.b()).word(), Mixing.sentence(pair.a(), pair.b()))));
    }
}
