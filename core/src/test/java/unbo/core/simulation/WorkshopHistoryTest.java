package unbo.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

import unbo.core.logbook.RecordedLives;
import unbo.core.logbook.Run;
import unbo.core.logbook.Runs;
import unbo.core.logbook.SignedJob;
import unbo.core.survival.Lives;
import unbo.core.survival.Survival;
import unbo.core.survival.Weibull;

/** Statistics of the record against a truth that only the history knows. */
class WorkshopHistoryTest {

    private static final int WORKSHOPS = 200;

    private static WorkshopHistory.Plan plan(int vehicles) {
        return new WorkshopHistory.Plan(
                vehicles,
                List.of("front-left", "front-right", "rear-left", "rear-right"),
                LocalDate.parse("2016-03-01"),
                LocalDate.parse("2026-03-01"),
                18_000,
                2.0,
                70_000);
    }

    /** The history read as the record reads it: signed jobs, runs, lives. */
    private static Lives lives(WorkshopHistory history) {
        List<RecordedLives.Row> rows = new ArrayList<>();
        for (int vehicle = 0; vehicle < history.plan().vehicles(); vehicle++) {
            for (String position : history.plan().positions()) {
                int here = vehicle;
                List<SignedJob> jobs = history.visits().stream()
                        .filter(visit ->
                                visit.vehicle() == here && visit.position().equals(position))
                        .map(visit -> new SignedJob(
                                visit.day().toEpochDay(),
                                visit.day(),
                                visit.counter(),
                                Map.of("unit", "HB 40-74"),
                                Set.of("unit"),
                                visit.failed(),
                                Map.of()))
                        .toList();
                for (Run run : Runs.of(jobs)) {
                    Run.Point to = run.to();
                    rows.add(new RecordedLives.Row(
                            "",
                            run.fitted(),
                            run.ended(),
                            run.from().counter(),
                            to == null ? Double.valueOf(history.lastCounter(vehicle)) : to.counter(),
                            null));
                }
            }
        }
        return Lives.of(new Lives.Input(RecordedLives.of(rows, true).runs(), "km", 0.90, Weibull.WEAR_OUT, null));
    }

    @Test
    void theTruthLiesInItsBandsAsOftenAsTheySay() {
        int slope = 0;
        int life = 0;
        int half = 0;
        for (int seed = 1; seed <= WORKSHOPS; seed++) {
            WorkshopHistory history = WorkshopHistory.of(plan(6), seed);
            Lives lives = lives(history);
            Weibull.Limits beta = lives.weibull().betaLimits();
            Weibull.Limits eta = lives.weibull().etaLimits();
            slope += beta.low() <= 2 && 2 <= beta.high() ? 1 : 0;
            life += eta.low() <= 70_000 && 70_000 <= eta.high() ? 1 : 0;
            Survival.Step step = lives.survival().last(50_000);
            double truth = Math.exp(-Math.pow(50_000 / 70_000.0, 2));
            half += step != null && step.low() <= truth && truth <= step.high() ? 1 : 0;
        }
        System.out.println("truth within its 90 % band in " + WORKSHOPS + " workshops: slope " + slope + ", life "
                + life + ", survival at 50 000 km " + half);
        assertThat(List.of(slope, life, half)).allMatch(within -> within >= 170 && within <= 190);
    }

    @Test
    void oneSeedOneHistory() {
        assertThat(WorkshopHistory.of(plan(2), 5)).isEqualTo(WorkshopHistory.of(plan(2), 5));
        assertThat(WorkshopHistory.of(plan(2), 5)).isNotEqualTo(WorkshopHistory.of(plan(2), 6));
    }

    /** Three failures and no more: the slope is held, whatever they say. */
    @Test
    void fewFailuresAreNeverCalledACurve() {
        WorkshopHistory history = WorkshopHistory.of(plan(1), 3);
        List<Lives.Run> few = lives(history).input().runs().stream()
                .filter(run -> run.observed().failed())
                .limit(3)
                .toList();
        Lives lives = Lives.of(new Lives.Input(few, "km", 0.90, Weibull.WEAR_OUT, null));
        assertThat(lives.weibull().held()).isTrue();
        assertThat(lives.weibull().wanted()).isEqualTo(2);
    }

    @Test
    void countersGoOnWithTheDays() {
        for (WorkshopHistory.Visit visit : WorkshopHistory.of(plan(3), 8).visits()) {
            assertThat(visit.counter()).isPositive();
            assertThat(visit.day()).isBetween(plan(3).from(), plan(3).to());
        }
    }
}
