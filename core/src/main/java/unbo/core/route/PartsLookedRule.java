package unbo.core.route;

import java.util.List;
import java.util.stream.Collectors;

import unbo.core.fact.FactKey;
import unbo.core.inspect.PartsLooked;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.stage.RouteStage;
import unbo.core.tools.strip.PartsLookedFields;
import unbo.core.tools.strip.PartsLookedWords;

/** What Inspect does with its entry about the parts that are no bearing. */
final class PartsLookedRule {

    /** What tells the kind. */
    private static final List<FactKey> TOLD =
            List.of(FactKey.VEHICLE_KIND, FactKey.WHERE, FactKey.HUB_TYPE, FactKey.ASSEMBLY);

    static final StageRule<PartsLooked.Input> RULE = new StageRule<>(
                    RouteStage.INSPECT,
                    PartsLookedFields.LIST,
                    PartsLookedFields.ASKED,
                    StageRule.from("built", FactKey.BUILT, "changed", FactKey.PARTS, "spacerBefore", FactKey.SPACER),
                    input -> outcome(PartsLooked.of(input)))
            .usually(sheet -> sheet.kind()
                    .map(kind -> List.of(new Fill(
                            "kind",
                            kind.code(),
                            TOLD.stream().filter(sheet::has).toList())))
                    .orElse(List.of()))
            .named(typed -> new EntryName(PartsLookedFields.WHICH, "seals, spacer and other parts"));

    private PartsLookedRule() {}

    private static StageRule.Outcome outcome(PartsLooked looked) {
        Facts facts = new Facts(RouteStage.INSPECT);
        facts.words(
                FactKey.PARTS_RENEWED,
                looked.those(PartsLooked.Verdict.RENEW).stream()
                        .map(part -> part.part().label())
                        .collect(Collectors.joining("; ")),
                How.TYPED);
        facts.number(FactKey.SPACER, looked.input().spacerMm(), How.MEASURED);
        return new StageRule.Outcome(PartsLookedWords.answer(looked), facts.list(), true);
    }
}
