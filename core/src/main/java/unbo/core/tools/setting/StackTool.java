package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.fact.FactKey;
import unbo.core.input.FieldList;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.stack.Stack;
import unbo.core.stack.StackInput;
import unbo.core.stage.RouteStage;
import unbo.core.tool.About;
import unbo.core.tool.Offered;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** What gap is left between two chains, and which shims fill it? */
@AutoService(Offered.class)
public final class StackTool implements Tool<StackInput, Stack> {

    @Override
    public About about() {
        return new About(
                "stack",
                "Stack of shims and spacers",
                "What gap is left between two chains, and which shims fill it?",
                Work.SET,
                4);
    }

    @Override
    public FieldList<StackInput> fields() {
        return StackLines.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return StackLines.sample();
    }

    @Override
    public Stack compute(StackInput in) {
        return Stack.of(in);
    }

    @Override
    public Answer print(Stack stack) {
        return StackWords.answer(stack);
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.set("stack", "stack of shims", "gearbox", "driveline", "gearbox-shaft"));
    }

    @Override
    public List<Fact> gives(Stack stack) {
        StackInput in = stack.input();
        return new Facts(RouteStage.SET)
                .words(FactKey.OUTER_CHAIN, StackLines.lines(in.outer()), How.TYPED)
                .words(FactKey.INNER_CHAIN, StackLines.lines(in.inner()), How.TYPED)
                .number(FactKey.BAND_MIN, in.minMm(), How.TYPED)
                .number(FactKey.BAND_MAX, in.maxMm(), How.TYPED)
                .words(FactKey.SHIMS, StackWords.taken(stack), How.COMPUTED)
                .number(FactKey.SET_END_PLAY, stack.resultMm(), How.COMPUTED)
                .list();
    }

    @Override
    public boolean complete(Stack stack) {
        return stack.inside();
    }
}
