package unbo.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;

class DayAgainTest {

    private static DayWork.Task task(String code, int minutes, Integer notBefore, Integer promised, String... after) {
        return new DayWork.Task(
                code,
                minutes,
                List.of(),
                new DayWork.Order(List.of(after), 0, null),
                new DayWork.Times(notBefore, null, promised),
                false);
    }

    private static DayWork day(DayWork.Task... tasks) {
        return new DayWork(540, Map.of(), List.of(tasks));
    }

    private static Map<String, Integer> begins(DayPlan plan) {
        return plan.steps().stream()
                .collect(Collectors.toMap(step -> step.task().code(), DayPlan.Step::begin));
    }

    @Test
    void nothingToDoIsAPlan() {
        assertThat(DayPlan.again(day(), Map.of()).fits()).isTrue();
        assertThat(DayChance.of(DayPlan.of(day()), 0.3).kept()).isEmpty();
    }

    /** Four steps of an hour in any order: the order of before stays, whichever it was. */
    @Test
    void anOrderThatIsAsGoodIsKept() {
        DayWork day = day(task("a", 60, null, null), task("b", 60, null, null), task("c", 60, null, null));
        DayPlan again = DayPlan.again(day, Map.of("c", 0, "a", 60, "b", 120));
        assertThat(begins(again)).isEqualTo(Map.of("c", 0, "a", 60, "b", 120));
        assertThat(again.broken()).isNull();
    }

    /** A part that comes late moves its own step; the others close up in their order. */
    @Test
    void aLatePartMovesItsOwnStep() {
        DayWork late = day(task("a", 60, null, null), task("b", 60, 240, null), task("c", 60, null, null));
        assertThat(begins(DayPlan.again(late, Map.of("a", 0, "c", 60, "b", 120))))
                .isEqualTo(Map.of("a", 0, "c", 60, "b", 240));
    }

    /** A promise that the old order would break by half an hour is worth a new one. */
    @Test
    void aPromiseIsWorthANewOrder() {
        DayWork day = day(task("a", 60, null, null), task("b", 60, null, 90));
        assertThat(begins(DayPlan.again(day, Map.of("a", 0, "b", 60)))).containsEntry("b", 0);
    }

    /** One step of 60 minutes, promised for 60: in time in half of the draws; for 90 nearly always. */
    @Test
    void theChanceToKeepAPromise() {
        double half = DayChance.of(DayPlan.of(day(task("a", 60, null, 60))), 0.3)
                .kept()
                .get("a");
        assertThat(half).isCloseTo(0.5, within(0.07));
        double most = DayChance.of(DayPlan.of(day(task("a", 60, null, 90))), 0.3)
                .kept()
                .get("a");
        assertThat(most).isCloseTo(0.912, within(0.04));
        assertThat(DayChance.of(DayPlan.of(day(task("a", 60, null, 60))), 0)
                        .kept()
                        .get("a"))
                .isEqualTo(1);
    }

    /** A wait takes what it takes. */
    @Test
    void aWaitIsNotSpread() {
        List<DayWork.Task> tasks = new ArrayList<>(List.of(new DayWork.Task(
                "cures",
                100,
                List.of(),
                new DayWork.Order(List.of(), 0, null),
                new DayWork.Times(null, null, 100),
                true)));
        assertThat(DayChance.of(DayPlan.of(new DayWork(540, Map.of(), tasks)), 0.3)
                        .kept())
                .containsEntry("cures", 1.0);
    }
}
