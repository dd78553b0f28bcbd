package unbo.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

import org.junit.jupiter.api.Test;

class DayPlanTest {

    private static final Duration SHORT = Duration.ofMillis(50);
    private static final DayWork.Times WHENEVER = new DayWork.Times(null, null, null);

    private static DayWork.Task task(String code, int minutes, List<String> uses, String... after) {
        return new DayWork.Task(code, minutes, uses, new DayWork.Order(List.of(after), 0, null), WHENEVER, false);
    }

    private static DayWork.Task waits(String code, int minutes, List<String> uses, String... after) {
        return new DayWork.Task(code, minutes, uses, new DayWork.Order(List.of(after), 0, null), WHENEVER, true);
    }

    private static DayWork.Task promised(DayWork.Task task, Integer due, Integer promised) {
        return new DayWork.Task(
                task.code(), task.minutes(), task.uses(), task.order(), new DayWork.Times(null, due, promised), false);
    }

    /** While the oven warms, hands are free: 50 in the oven, then 10 at once; 40 of other work fits before. */
    @Test
    void aWaitLeavesHandsFree() {
        DayPlan plan = DayPlan.of(new DayWork(
                480,
                Map.of("oven", 1),
                List.of(
                        waits("case in the oven", 50, List.of("oven")),
                        new DayWork.Task(
                                "bearings in",
                                10,
                                List.of(),
                                new DayWork.Order(List.of("case in the oven"), 0, 1),
                                WHENEVER,
                                false),
                        task("hub", 40, List.of()))));
        assertThat(plan.makespan()).isEqualTo(60);
        assertThat(plan.lowerBound()).isEqualTo(60);
        assertThat(plan.proven()).isTrue();
        assertThat(plan.broken()).isNull();
    }

    /**
     * Nobody is free when it comes out of the oven unless the other work moves: it must not be planned hot and alone.
     */
    @Test
    void aHotRingNeverWaits() {
        DayPlan plan = DayPlan.of(new DayWork(
                480,
                Map.of("oven", 1),
                List.of(
                        task("long work", 120, List.of()),
                        waits("ring in the oven", 30, List.of("oven")),
                        new DayWork.Task(
                                "ring on",
                                5,
                                List.of(),
                                new DayWork.Order(List.of("ring in the oven"), 0, 0),
                                WHENEVER,
                                false))));
        assertThat(plan.broken()).isNull();
        DayPlan.Step out = plan.steps().get(1);
        assertThat(plan.steps().get(2).begin()).isEqualTo(out.end());
        assertThat(plan.makespan()).isEqualTo(125);
    }

    /** Two on the only lift, one promised at 40: that one first, though it stands second. */
    @Test
    void promisesGoFirst() {
        DayPlan plan = DayPlan.of(new DayWork(
                480,
                Map.of("lift", 1),
                List.of(task("a", 60, List.of("lift")), promised(task("b", 30, List.of("lift")), null, 40))));
        assertThat(plan.lateMinutes()).isZero();
        assertThat(plan.steps().get(1).begin()).isZero();
    }

    @Test
    void aDueThatCannotBeMetIsToldAndCountedAsLate() {
        DayPlan plan = DayPlan.of(new DayWork(480, Map.of(), List.of(promised(task("a", 60, List.of()), 40, null))));
        assertThat(plan.dueMissed()).isTrue();
        assertThat(plan.lateMinutes()).isEqualTo(20);
        assertThat(plan.fits()).isTrue();
    }

    @Test
    void whatTheDayDoesNotHoldIsNotPlanned() {
        DayPlan plan =
                DayPlan.of(new DayWork(50, Map.of(), List.of(task("a", 30, List.of()), task("b", 30, List.of()))));
        assertThat(plan.fits()).isFalse();
        assertThat(plan.lowerBound()).isEqualTo(60);
        assertThatThrownBy(() -> DayPlan.of(
                        new DayWork(50, Map.of(), List.of(task("a", 5, List.of(), "b"), task("b", 5, List.of(), "a")))))
                .isInstanceOf(IllegalArgumentException.class);
    }

    private static DayWork.Task warming(String code, int celsius) {
        return new DayWork.Task(
                code, 40, List.of("oven"), new DayWork.Order(List.of(), 0, null), WHENEVER, true, celsius);
    }

    /** An oven for two: rings of one limit share it, those of two go in one after the other. */
    @Test
    void ringsOfOneLimitShareTheOvenOthersDoNot() {
        DayPlan same = DayPlan.of(new DayWork(480, Map.of("oven", 2), List.of(warming("a", 80), warming("b", 80))));
        assertThat(same.makespan()).isEqualTo(40);
        DayPlan other = DayPlan.of(new DayWork(480, Map.of("oven", 2), List.of(warming("a", 80), warming("b", 120))));
        assertThat(other.makespan()).isEqualTo(80);
        assertThat(other.broken()).isNull();
        DayPlan together = new DayPlan(
                other.day(),
                other.day().tasks().stream()
                        .map(task -> new DayPlan.Step(task, 0))
                        .toList(),
                0,
                40,
                40,
                false,
                false);
        assertThat(together.broken()).contains("sets otherwise");
    }

    /** The ring comes out when the cold work is done, not when it is warm first: 50 of cold work, 30 in the oven. */
    @Test
    void aRingStaysInTheOvenUntilTheWorkBeforeIsDone() {
        DayPlan plan = DayPlan.of(new DayWork(
                480,
                Map.of("oven", 1),
                List.of(
                        task("cold", 50, List.of()),
                        waits("ring in the oven", 30, List.of("oven")),
                        new DayWork.Task(
                                "hot",
                                10,
                                List.of(),
                                new DayWork.Order(List.of("cold", "ring in the oven"), 0, 1, "ring in the oven"),
                                WHENEVER,
                                false))));
        assertThat(plan.broken()).isNull();
        assertThat(plan.makespan()).isEqualTo(60);
        assertThat(plan.steps().get(1).end()).isBetween(49, 50);
    }

    /** 300 random days: no rule is ever broken, and no plan is worse than first come, first served. */
    @Test
    void randomDaysBreakNoRule() {
        SplittableRandom random = new SplittableRandom(300);
        int planned = 0;
        for (int i = 0; i < 300; i++) {
            DayWork day = day(random, 3 + random.nextInt(9), 600);
            DayPlan plan = DayPlan.of(day, SHORT);
            assertThat(plan.broken()).isNull();
            if (plan.fits()) {
                planned++;
                assertThat(plan.makespan()).isGreaterThanOrEqualTo(plan.lowerBound());
                Starts plain = new FirstCome(day, plan.dueMissed()).plain();
                if (plain != null) {
                    assertThat((long) plan.lateMinutes() * Starts.weight(day) + plan.makespan())
                            .isLessThanOrEqualTo(plain.worth());
                }
            }
        }
        assertThat(planned).isGreaterThan(200);
    }

    private static DayWork day(SplittableRandom random, int count, int minutes) {
        List<DayWork.Task> tasks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean waits = random.nextInt(4) == 0;
            List<String> uses = switch (random.nextInt(4)) {
                case 0 -> List.of("lift");
                case 1 -> random.nextBoolean() ? List.of("oven") : List.of("oven", "oven");
                default -> List.of();
            };
            List<String> after = i > 0 && random.nextBoolean() ? List.of("t" + random.nextInt(i)) : List.of();
            Integer most = !after.isEmpty() && random.nextInt(4) == 0 ? Integer.valueOf(5 + random.nextInt(20)) : null;
            tasks.add(new DayWork.Task(
                    "t" + i,
                    5 + 5 * random.nextInt(14),
                    uses,
                    new DayWork.Order(after, 0, most),
                    new DayWork.Times(
                            random.nextInt(6) == 0 ? Integer.valueOf(10 * random.nextInt(12)) : null,
                            null,
                            random.nextInt(3) == 0 ? Integer.valueOf(60 + 10 * random.nextInt(40)) : null),
                    waits,
                    uses.contains("oven") ? Integer.valueOf(random.nextBoolean() ? 80 : 120) : null));
        }
        return new DayWork(minutes, Map.of("lift", 1, "oven", 2, "person", 1 + random.nextInt(2)), tasks);
    }

    /** Six steps and fewer by trying every order: the plan is the best of them. */
    @Test
    void smallDaysAreTheBestThereIs() {
        SplittableRandom random = new SplittableRandom(77);
        for (int i = 0; i < 25; i++) {
            List<DayWork.Task> tasks = new ArrayList<>();
            for (int k = 0; k < 6; k++) {
                tasks.add(promised(
                        task("t" + k, 5 + random.nextInt(40), random.nextBoolean() ? List.of("lift") : List.of()),
                        null,
                        random.nextInt(3) == 0 ? Integer.valueOf(20 + random.nextInt(80)) : null));
            }
            DayWork day = new DayWork(600, Map.of("lift", 1, "person", 2), tasks);
            DayPlan plan = DayPlan.of(day, Duration.ofMillis(400));
            assertThat((long) plan.lateMinutes() * Starts.weight(day) + plan.makespan())
                    .isEqualTo(tried(day, new ArrayList<>(List.of(0, 1, 2, 3, 4, 5)), 0));
        }
    }

    /** The best of all lists: without steps that may not wait every best plan is one of them. */
    private static long tried(DayWork day, List<Integer> order, int from) {
        if (from == order.size()) {
            List<DayWork.Task> listed =
                    order.stream().map(i -> day.tasks().get(i)).toList();
            DayWork same = new DayWork(day.minutes(), day.capacity(), listed);
            return new FirstCome(same, false).plain().worth();
        }
        long best = Long.MAX_VALUE;
        for (int i = from; i < order.size(); i++) {
            java.util.Collections.swap(order, from, i);
            best = Math.min(best, tried(day, order, from + 1));
            java.util.Collections.swap(order, from, i);
        }
        return best;
    }

    /** Forty steps keep every rule, and end within a twentieth of what no plan can better. */
    @Test
    void fortySteps() {
        SplittableRandom random = new SplittableRandom(40);
        List<DayWork.Task> tasks = new ArrayList<>();
        for (int job = 0; job < 8; job++) {
            tasks.add(task("apart " + job, 20 + random.nextInt(30), List.of("lift")));
            tasks.add(waits("oven " + job, 30, List.of("oven"), "apart " + job));
            tasks.add(new DayWork.Task(
                    "fit " + job, 10, List.of(), new DayWork.Order(List.of("oven " + job), 0, 2), WHENEVER, false));
            tasks.add(waits("cool " + job, 40, List.of(), "fit " + job));
            tasks.add(task("close " + job, 15 + random.nextInt(30), List.of("lift"), "cool " + job));
        }
        DayPlan plan = DayPlan.of(new DayWork(960, Map.of("lift", 1, "oven", 1, "person", 2), tasks));
        assertThat(plan.fits()).isTrue();
        assertThat(plan.broken()).isNull();
        System.out.println("forty steps: " + plan.makespan() + " min, no plan under " + plan.lowerBound());
        assertThat(plan.makespan()).isLessThanOrEqualTo((int) (plan.lowerBound() * 1.05) + 1);
    }

    /** Three days of promises that cannot all be kept: sums do not run over, and no rule is broken. */
    @Test
    void threeDaysOfBrokenPromises() {
        List<DayWork.Task> tasks = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            tasks.add(promised(task("t" + i, 60, List.of()), null, 30));
        }
        DayPlan plan = DayPlan.of(new DayWork(4320, Map.of(), tasks), SHORT);
        assertThat(plan.fits()).isTrue();
        assertThat(plan.broken()).isNull();
        assertThat(plan.makespan()).isEqualTo(3600);
        assertThat(plan.lateMinutes()).isEqualTo(60 * 60 * 61 / 2 - 60 * 30);
    }

    /** What might have begun yesterday begins no sooner than the day. */
    @Test
    void nothingBeginsBeforeTheDay() {
        DayWork day = new DayWork(
                120,
                Map.of("lift", 1),
                List.of(
                        new DayWork.Task(
                                "a",
                                50,
                                List.of("lift"),
                                new DayWork.Order(List.of(), 0, null),
                                new DayWork.Times(-600, null, 40),
                                false),
                        promised(task("b", 50, List.of("lift")), null, 40)));
        assertThat(DayPlan.of(day, SHORT).broken()).isNull();
        assertThat(DayPlan.of(day, SHORT).makespan()).isEqualTo(100);
    }
}
