package unbo.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

import unbo.core.fact.FactKey;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.route.Asking.Because;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

/** What is asked next: what cannot be used, what is needed, what would move the answer, in that order. */
class AskingTest {

    private static final Sheet PAIR =
            Sheet.of(List.of(Fact.words(FactKey.ASSEMBLY, "ball-pair", How.TYPED, "identify")));

    private static Asking asked(RouteStage stage, Map<String, String> texts, boolean kept, String... begins) {
        Typed typed = Typed.of(texts, UnitSystem.METRIC);
        StageRule<?> rule = StageRules.of(stage, PAIR, typed.texts());
        StageRule.Work work = rule.work(typed, PAIR, Knowledge.SHIPPED);
        return Asking.of(
                new Asking.Stand(rule, work, typed, PAIR, Knowledge.SHIPPED, kept), List.of(begins), Set.of("way"));
    }

    private static Map<String, String> fit(String... more) {
        Map<String, String> texts = new HashMap<>(Map.of("which", "left", "ring", "outer", "designation", "6204-2RS"));
        texts.putAll(Map.of("seat", "N7", "material", "aluminium"));
        for (int i = 0; i < more.length; i += 2) {
            texts.put(more[i], more[i + 1]);
        }
        return texts;
    }

    private static List<String> fields(Asking asking) {
        return asking.now().stream().map(Asking.Question::field).toList();
    }

    @Test
    void whatCannotBeUsedStandsBeforeWhatIsNeeded() {
        Asking asking = asked(RouteStage.SET, Map.of(SetWay.BY, "nut", "slots", "many"), false);
        assertThat(asking.now())
                .extracting(Asking.Question::because)
                .startsWith(Because.REFUSED)
                .contains(Because.NEEDED);
        assertThat(fields(asking)).startsWith("slots").contains("pitch");
        assertThat(asking.settled()).isFalse();
        assertThat(fields(asked(RouteStage.FIT, fit("seat", ""), false))).contains("seat");
    }

    @Test
    void whatAStageBeginsWithIsAskedUntilItIsSaid() {
        assertThat(fields(asked(RouteStage.INTAKE, Map.of("day", "2026-05-04"), false, "complaint", "counter")))
                .startsWith("complaint", "counter");
        assertThat(fields(asked(
                        RouteStage.INTAKE,
                        Map.of("day", "2026-05-04", "complaint", "hums", "counter", "1200"),
                        false,
                        "complaint",
                        "counter")))
                .doesNotContain("complaint", "counter");
    }

    /** Warmth over the bench opens an aluminium housing by 23 µm/m·K: of all that is open it turns what is found. */
    @Test
    void whatTurnsTheVerdictStandsBeforeWhatOnlyMovesTheFigure() {
        Asking asking = asked(RouteStage.FIT, fit(), false);
        assertThat(asking.now()).as("nobody needs them: two at once").hasSizeBetween(1, 2);
        List<Because> order =
                asking.now().stream().map(Asking.Question::because).toList();
        assertThat(order).isSorted().doesNotContain(Because.REFUSED, Because.NEEDED);
        asking.now().stream()
                .filter(question -> question.because() == Because.MOVES_THE_ANSWER)
                .forEach(question -> assertThat(question.moves()).isGreaterThan(0.02));
    }

    @Test
    void anAskedBoxReallyMovesTheAnswer() {
        Asking asking = asked(RouteStage.FIT, fit(), false);
        assertThat(asking.now()).isNotEmpty();
        Typed typed = Typed.of(fit(), UnitSystem.METRIC);
        StageRule<?> rule = StageRules.of(RouteStage.FIT, PAIR, typed.texts());
        var base = rule.work(typed, PAIR, Knowledge.SHIPPED).outcome().answer();
        String first = asking.now().get(0).field();
        var field = rule.fields().field(first).orElseThrow();
        List<String> tried = field.choices().isEmpty()
                ? List.of(
                        field.usualMin() + " " + field.unit().symbol(),
                        field.usualMax() + " " + field.unit().symbol())
                : field.choices().stream().map(choice -> choice.code()).toList();
        assertThat(tried).anySatisfy(text -> {
            var outcome = rule.work(typed.with(first, text, UnitSystem.METRIC), PAIR, Knowledge.SHIPPED)
                    .outcome();
            assertThat(outcome).isNotNull();
            assertThat(outcome.answer().level() != base.level()
                            || !outcome.answer()
                                    .figures()
                                    .get(0)
                                    .equals(base.figures().get(0)))
                    .isTrue();
        });
    }

    @Test
    void whatIsKeptIsNotAskedAgain() {
        assertThat(asked(RouteStage.FIT, fit(), true).now()).isEmpty();
        assertThat(asked(RouteStage.FIT, fit("seat", ""), true).now())
                .extracting(Asking.Question::because)
                .contains(Because.NEEDED);
    }

    @Test
    void atMostThreeAreAskedAtOnceAndNoneThatStandsApart() {
        for (RouteStage stage : List.of(RouteStage.IDENTIFY, RouteStage.FIT, RouteStage.GREASE, RouteStage.PROVE)) {
            Asking asking = asked(stage, Map.of("which", "left", "ring", "outer"), false);
            assertThat(asking.now().size()).as(stage.title()).isLessThanOrEqualTo(Asking.MOST);
            assertThat(fields(asking)).as(stage.title()).doesNotContain("way");
        }
    }
}
