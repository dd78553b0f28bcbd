package unbo.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

import unbo.core.apart.ApartInput;
import unbo.core.apart.WholePlan;
import unbo.core.assembly.Assembly;
import unbo.core.designation.Decoder;
import unbo.core.stage.RouteStage;
import unbo.core.strip.Tools;

class JobChainTest {

    private static final Map<String, Integer> ALL = Map.of("person", 1, "press", 1, "oven", Oven.SHARES);
    private static final JobChain.Told NOTHING = new JobChain.Told(null, null, null);

    private static JobChain.Left left(RouteStage stage, String what, int minutes, HubWork.Load load) {
        return new JobChain.Left(stage, new HubWork.Piece(what, minutes, List.of(), load));
    }

    private static DayWork.Task of(List<DayWork.Task> tasks, String code) {
        return tasks.stream()
                .filter(task -> task.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    /** Cold, hot, rest: the oven begins when the stage does, and the hot piece follows both. */
    @Test
    void ringsAreWarmedBesideTheColdPiece() {
        List<DayWork.Task> tasks = JobChain.of(
                7,
                List.of(
                        left(RouteStage.INSPECT, "", 15, null),
                        left(RouteStage.FIT, "what goes in cold", 30, null),
                        left(RouteStage.FIT, "hot", 12, new HubWork.Load(1, false, 2, 120, 34.2)),
                        left(RouteStage.FIT, "the rest", 9, null)),
                new JobChain.Told(null, 600, 720),
                ALL,
                10000);
        assertThat(tasks)
                .extracting(DayWork.Task::code)
                .containsExactly(
                        "#7 Inspect",
                        "#7 Fit, what goes in cold",
                        "#7 ring into the oven",
                        "#7 ring in the oven, 120 °C",
                        "#7 Fit, hot",
                        "#7 Fit, the rest");
        assertThat(of(tasks, "#7 ring into the oven").order().after()).containsExactly("#7 Inspect");
        assertThat(of(tasks, "#7 ring into the oven").times().notBefore()).isEqualTo(600);
        DayWork.Task oven = of(tasks, "#7 ring in the oven, 120 °C");
        assertThat(oven.minutes()).isEqualTo(35);
        assertThat(oven.setting()).isEqualTo(120);
        assertThat(oven.uses()).containsExactly("oven", "oven");
        DayWork.Task hot = of(tasks, "#7 Fit, hot");
        assertThat(hot.order())
                .isEqualTo(new DayWork.Order(
                        List.of("#7 Fit, what goes in cold", oven.code()), 0, JobChain.IN_HAND_MIN, oven.code()));
        assertThat(hot.uses()).isEmpty();
        assertThat(of(tasks, "#7 Fit, the rest").times().promised()).isEqualTo(720);
        // planned: put in at once, 30 of cold work meanwhile, out and fitted within its minute
        DayPlan plan = DayPlan.of(new DayWork(900, ALL, tasks));
        assertThat(plan.broken()).isNull();
        assertThat(plan.fits()).isTrue();
        assertThat(plan.makespan()).isEqualTo(600 + 2 + 35 + 12 + 9);
    }

    /** Three bearings go into one hub: that alone is warmed, and nothing stays in the oven. */
    @Test
    void aHousingIsWarmedOnce() {
        List<DayWork.Task> tasks = JobChain.of(
                3,
                List.of(left(RouteStage.FIT, "hot", 40, new HubWork.Load(0, true, 12, 80, 55))),
                NOTHING,
                ALL,
                10000);
        assertThat(tasks)
                .extracting(DayWork.Task::code)
                .containsExactly("#3 housing into the oven", "#3 housing in the oven, 80 °C", "#3 Fit, hot");
        assertThat(of(tasks, "#3 Fit, hot").uses()).isEmpty();
    }

    /** Two rings in one load: the second waits in the oven while the first is fitted. */
    @Test
    void theOthersStayInTheOven() {
        List<DayWork.Task> tasks = JobChain.of(
                3,
                List.of(left(RouteStage.FIT, "hot", 20, new HubWork.Load(2, false, 5, 80, 50))),
                NOTHING,
                ALL,
                10000);
        DayWork.Task hot = of(tasks, "#3 Fit, hot");
        assertThat(hot.uses()).hasSize(5).containsOnly("oven");
        assertThat(hot.setting()).isEqualTo(80);
    }

    @Test
    void withoutAnOvenNothingIsWarmedAndWhatComesTooLateIsLeftOut() {
        List<JobChain.Left> work = List.of(
                left(RouteStage.STRIP, "", 20, null),
                left(RouteStage.FIT, "hot", 20, new HubWork.Load(0, true, 12, 80, 50)));
        assertThat(JobChain.of(3, work, NOTHING, Map.of("person", 1), 10000))
                .extracting(DayWork.Task::code)
                .containsExactly("#3 Strip", "#3 Fit, hot");
        assertThat(JobChain.of(3, work, new JobChain.Told(null, 10000, null), ALL, 10000))
                .extracting(DayWork.Task::code)
                .containsExactly("#3 Strip");
    }

    /** All minutes of a plan are in its pieces, each once; what is ticked is not. */
    @Test
    void piecesHoldAllTheWorkOfAPlan() {
        for (String kind : List.of("adjustable-taper", "crank", "ball-pair", "bicycle-front", "unit-bolted")) {
            WholePlan plan = WholePlan.of(
                    ApartInput.of(
                            Assembly.of(
                                    new Assembly.Asked(kind, Map.of(), Assembly.Grip.USUAL, Map.of()), Decoder.SHIPPED),
                            Tools.codes(),
                            List.of()),
                    Map.of());
            double apart = plan.apart().steps().stream()
                    .mapToDouble(step -> step.minutes())
                    .sum();
            assertThat(sum(HubWork.apart(plan.apart(), Set.of(), method -> 1))).isEqualTo(apart);
            assertThat(sum(HubWork.apart(plan.apart(), Set.of(), method -> 2))).isEqualTo(2 * apart);
            assertThat(sum(HubWork.together(plan.together(), Oven.USUAL, method -> 1)))
                    .isEqualTo(plan.together().minutes());
        }
    }

    private static double sum(List<HubWork.Piece> pieces) {
        return pieces.stream().mapToDouble(HubWork.Piece::minutes).sum();
    }
}
