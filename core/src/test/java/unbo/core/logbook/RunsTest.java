package unbo.core.logbook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

class RunsTest {

    private static SignedJob job(long id, String day, double counter, Set<String> renewed, boolean failed) {
        return new SignedJob(
                id,
                LocalDate.parse(day),
                counter,
                Map.of("outer", "32008X", "inner", "32010X"),
                renewed,
                failed,
                Map.of());
    }

    private static SignedJob service(long id, String day, double counter) {
        return job(id, day, counter, Set.of(), false);
    }

    @Test
    void aBearingThatIsFoundAndLeftInIsAtRiskFromThatDay() {
        assertThat(Runs.of(List.of(service(1, "2024-05-01", 1000)))).hasSize(2).allSatisfy(run -> {
            assertThat(run.fitted()).isFalse();
            assertThat(run.ended()).isEqualTo(Run.Ended.RUNNING);
            assertThat(run.from().counter()).isEqualTo(1000);
            assertThat(run.to()).isNull();
        });
    }

    @Test
    void aServiceEndsNoRunAndBeginsNone() {
        List<Run> runs = Runs.of(List.of(service(2, "2025-05-01", 4000), service(1, "2024-05-01", 1000)));
        assertThat(runs)
                .hasSize(2)
                .allSatisfy(run -> assertThat(run.from().job()).isEqualTo(1));
    }

    @Test
    void aRenewalEndsTheRunOfItsPlaceAloneAndBeginsANewOne() {
        List<Run> runs = Runs.of(List.of(
                service(1, "2024-05-01", 1000),
                job(2, "2025-06-01", 7000, Set.of("outer"), true),
                job(3, "2026-07-01", 9000, Set.of("outer", "inner"), false)));
        assertThat(runs)
                .extracting(Run::place, run -> run.from().job(), Run::fitted, Run::ended)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("inner", 1L, false, Run.Ended.SOUND),
                        org.assertj.core.groups.Tuple.tuple("outer", 1L, false, Run.Ended.FAILED),
                        org.assertj.core.groups.Tuple.tuple("outer", 2L, true, Run.Ended.SOUND),
                        org.assertj.core.groups.Tuple.tuple("inner", 3L, true, Run.Ended.RUNNING),
                        org.assertj.core.groups.Tuple.tuple("outer", 3L, true, Run.Ended.RUNNING));
        assertThat(runs.get(1).to()).isEqualTo(new Run.Point(2, LocalDate.parse("2025-06-01"), 7000.0));
    }

    /** Where it began nobody knows: it says nothing about how long one lives. */
    @Test
    void aBearingFirstSeenComingOutHasNoRun() {
        assertThat(Runs.of(List.of(job(1, "2024-05-01", 1000, Set.of("outer", "inner"), true))))
                .hasSize(2)
                .allSatisfy(run -> assertThat(run.fitted()).isTrue());
    }

    private static SignedJob looked(boolean failed, String mode) {
        return new SignedJob(
                2,
                LocalDate.parse("2025-06-01"),
                9000.0,
                Map.of("outer", "32008X"),
                Set.of("outer"),
                failed,
                Map.of("outer", Set.of(mode)));
    }

    /** What the races say goes before what the job was for. */
    @Test
    void racesTellHowARunEnded() {
        List<SignedJob> before = List.of(service(1, "2024-05-01", 1000), service(3, "2025-01-01", 5000));
        assertThat(ended(before, looked(true, "normal")).ended()).isEqualTo(Run.Ended.SOUND);
        assertThat(ended(before, looked(true, "etching")).ended()).isEqualTo(Run.Ended.FAILED);
        assertThat(ended(before, looked(false, "normal")).ended()).isEqualTo(Run.Ended.SOUND);
        Run found = ended(before, looked(false, "fatigue"));
        assertThat(found.ended()).isEqualTo(Run.Ended.FOUND);
        assertThat(found.seen()).isEqualTo(new Run.Point(3, LocalDate.parse("2025-01-01"), 5000.0));
    }

    /** The outer one's races are hurt: the inner one, not looked at, went with it. Nobody looked: both failed. */
    @Test
    void ofAPairTheRacesTellWhichOneFailed() {
        SignedJob told = new SignedJob(
                2,
                LocalDate.parse("2025-06-01"),
                9000.0,
                Map.of("outer", "32008X", "inner", "32010X"),
                Set.of("outer", "inner"),
                true,
                Map.of("outer", Set.of("fatigue")));
        assertThat(told.ended("outer")).isEqualTo(Run.Ended.FAILED);
        assertThat(told.ended("inner")).isEqualTo(Run.Ended.SOUND);
        SignedJob untold = job(2, "2025-06-01", 9000, Set.of("outer", "inner"), true);
        assertThat(untold.ended("outer")).isEqualTo(Run.Ended.FAILED);
        assertThat(untold.ended("inner")).isEqualTo(Run.Ended.FAILED);
    }

    private static Run ended(List<SignedJob> before, SignedJob last) {
        return Runs.of(java.util.stream.Stream.concat(before.stream(), java.util.stream.Stream.of(last))
                        .toList())
                .stream()
                .filter(run -> run.place().equals("outer") && run.to() != null)
                .findFirst()
                .orElseThrow();
    }
}
