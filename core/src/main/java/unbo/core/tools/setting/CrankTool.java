package unbo.core.tools.setting;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.arrange.CrankTruing;
import unbo.core.fact.FactKey;
import unbo.core.input.FieldList;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.stage.RouteStage;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** Which way is it bent, and what is the next move? */
@AutoService(Offered.class)
public final class CrankTool implements Tool<CrankTruing.Input, CrankTruing> {

    /** @param move squeeze, spread, twist … or done @param mayRun true where no work is needed though it is not true */
    public record NextMove(String move, boolean inside, boolean mayRun) {}

    @Override
    public About about() {
        return new About("crank", "Crank truing", "Which way is it bent, and what is the next move?", Work.SET, 110);
    }

    @Override
    public FieldList<CrankTruing.Input> fields() {
        return CrankTruingFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("leftTir", "0.14 0.06", "leftAngle", "10 20", "rightTir", "0.12 0.05", "rightAngle", "-15 340");
    }

    @Override
    public CrankTruing compute(CrankTruing.Input in) {
        return CrankTruing.of(in);
    }

    @Override
    public Answer print(CrankTruing result) {
        return CrankTruingWords.answer(result);
    }

    @Override
    public List<Call<CrankTruing>> calls() {
        return List.of(Call.post(
                "crank",
                "The next move in truing a built-up crankshaft",
                Shape.of(CrankTruingFields.LIST),
                NextMove.class,
                CrankTool::move));
    }

    private static NextMove move(CrankTruing c) {
        return new NextMove(c.move().name().toLowerCase(Locale.ROOT).replace('_', '-'), c.inside(), c.mayRun());
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.set("crank", "crank, trued", "crank"));
    }

    @Override
    public List<Fact> gives(CrankTruing crank) {
        return new Facts(RouteStage.SET)
                .number(FactKey.CRANK_TIR, crank.largestMm(), How.MEASURED)
                .list();
    }

    @Override
    public boolean complete(CrankTruing crank) {
        return crank.inside() || crank.mayRun();
    }
}
