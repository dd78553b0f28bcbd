package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

import unbo.app.Served;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.fact.FactKey;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

@Served
class JobServiceTest {

    private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private long open(String name) {
        Vehicle trailer = vehicles.add(new VehicleInput("trailer", name, "T 1", "X.Y.", "none", 2000.0, "immersed", 1));
        return jobs.open(trailer.id(), "axle1-left", NOW);
    }

    private JobService.Kept keep(long job, RouteStage stage, int version, String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return jobs.keep(job, stage, version, texts, NOW);
    }

    private void upToProve(long job) {
        keep(job, RouteStage.INTAKE, -1, "complaint", "hum", "day", "2026-05-04", "load", "300");
        keep(
                job,
                RouteStage.IDENTIFY,
                -1,
                "outerCone",
                "L44643",
                "outerCup",
                "L44610",
                "innerCone",
                "L68149",
                "innerCup",
                "L68110",
                "seal",
                "38x59x9");
        keep(job, RouteStage.GREASE, -1, "kind", "CaS", "oldKind", "CaS");
        keep(
                job,
                RouteStage.SET,
                -1,
                "pitch",
                "1.5",
                "slots",
                "6",
                "pinHolesDeg",
                "0 180",
                "freeAngleDeg",
                "42",
                "school",
                "A");
    }

    private JobService.Kept prove(long job, int version, String pull) {
        return keep(
                job,
                RouteStage.PROVE,
                version,
                "push",
                "0 0 0",
                "pull",
                pull,
                "hubTemperature",
                "35",
                "twinTemperature",
                "34",
                "proof-nut-locked",
                "right",
                "initials",
                "AH");
    }

    @Test
    void aWholeJobIsSignedAndLeavesItsFactsAndDueDateBehind() {
        long job = open("whole job trailer");
        upToProve(job);
        prove(job, -1, "0.07 0.07 0.08");
        keep(job, RouteStage.LOG, -1, "cause", "seal", "serviceSchool", "yearly");
        assertThat(jobs.sign(job, NOW)).isEmpty();

        JobView view = jobs.view(job).orElseThrow();
        assertThat(view.job().state()).isEqualTo(JobState.SIGNED);
        assertThat(view.job().cause()).isEqualTo("seal");
        assertThat(view.position().dueOn()).isEqualTo(LocalDate.of(2027, 5, 4));
        assertThat(view.position().dueImmersions()).isEqualTo(20);
        assertThat(view.position().numbers()).contains("L44643 L44610");
        assertThat(keep(job, RouteStage.GREASE, 0, "kind", "Li")).isEqualTo(JobService.Kept.FROZEN);

        long next = jobs.open(view.vehicle().id(), "axle1-left", NOW);
        assertThat(jobs.view(next).orElseThrow().sheetFor(RouteStage.IDENTIFY).text(FactKey.OUTER_CONE))
                .isEqualTo("L44643");
        assertThat(jobs.view(next).orElseThrow().sheetFor(RouteStage.INTAKE).text(FactKey.LAST_DAY))
                .isEqualTo("2026-05-04");
        assertThat(jobs.newest(view.position().id(), 10))
                .singleElement()
                .satisfies(line -> assertThat(line.cause()).isEqualTo("seal dragging or letting water in"));
    }

    @Test
    void nobodySignsWhileAStopFindingIsOpenOrAProofIsMissing() {
        long job = open("stopped trailer");
        upToProve(job);
        prove(job, -1, "0.2 0.2 0.2");
        keep(job, RouteStage.LOG, -1, "cause", "regular-service");
        assertThat(jobs.sign(job, NOW)).singleElement().asString().contains("do not drive");
        keep(job, RouteStage.PROVE, 0, "push", "0 0 0", "pull", "0.08 0.08 0.08", "initials", "AH");
        assertThat(jobs.sign(job, NOW)).singleElement().asString().contains("a needed proof is missing");
        prove(job, 1, "0.08 0.08 0.08");
        assertThat(jobs.sign(job, NOW)).isEmpty();
    }

    @Test
    void whenAFactChangesTheStageThatUsedItAsksToRecalculateAndNothingChangesByItself() {
        long job = open("changed trailer");
        upToProve(job);
        String before = figure(job);
        keep(
                job,
                RouteStage.IDENTIFY,
                0,
                "outerCone",
                "LM67048",
                "outerCup",
                "LM67010",
                "innerCone",
                "LM501349",
                "innerCup",
                "LM501310");
        assertThat(jobs.view(job).orElseThrow().station(RouteStage.GREASE).recalculate())
                .isTrue();
        assertThat(jobs.view(job).orElseThrow().station(RouteStage.SET).recalculate())
                .isFalse();
        assertThat(figure(job)).isEqualTo(before);
        prove(job, -1, "0.08 0.08 0.08");
        keep(job, RouteStage.LOG, -1, "cause", "regular-service");
        assertThat(jobs.sign(job, NOW)).singleElement().asString().contains("Grease hangs on a fact that has changed");
        keep(job, RouteStage.GREASE, 0, "kind", "CaS", "oldKind", "CaS");
        assertThat(figure(job)).isNotEqualTo(before);
        assertThat(jobs.sign(job, NOW)).isEmpty();
    }

    private String figure(long job) {
        return jobs.view(job)
                .orElseThrow()
                .station(RouteStage.GREASE)
                .answer()
                .figures()
                .get(0)
                .value();
    }

    @Test
    void textsThatCannotBeUsedAreKeptAsADraft() {
        long job = open("draft trailer");
        assertThat(keep(job, RouteStage.IDENTIFY, -1, "outerCone", "L44649", "outerCup", "L45410", "innerCone", "?"))
                .isEqualTo(JobService.Kept.DRAFT);
        JobView.Station station = jobs.view(job).orElseThrow().station(RouteStage.IDENTIFY);
        assertThat(station.state()).isEqualTo("DRAFT");
        assertThat(station.texts()).containsEntry("outerCup", "L45410");
    }

    @Test
    void twoBrowsersOnOneStageDoNotOverwriteEachOther() {
        long job = open("contested trailer");
        assertThat(keep(job, RouteStage.INTAKE, -1, "complaint", "first", "day", "2026-05-04"))
                .isEqualTo(JobService.Kept.DONE);
        assertThat(keep(job, RouteStage.INTAKE, -1, "complaint", "second", "day", "2026-05-04"))
                .isEqualTo(JobService.Kept.CHANGED_MEANWHILE);
        assertThat(jobs.view(job).orElseThrow().station(RouteStage.INTAKE).texts())
                .containsEntry("complaint", "first");
        assertThat(keep(job, RouteStage.INTAKE, 0, "complaint", "third", "day", "2026-05-04"))
                .isEqualTo(JobService.Kept.DONE);
    }

    @Test
    void theOtherSideStartsWithWhatBothSidesHaveInCommon() {
        long job = open("twin trailer");
        upToProve(job);
        long twin = jobs.openTwin(job, NOW).orElseThrow();
        JobView view = jobs.view(twin).orElseThrow();
        assertThat(view.position().code()).isEqualTo("axle1-right");
        assertThat(view.station(RouteStage.IDENTIFY).texts()).containsEntry("outerCone", "L44643");
        assertThat(view.station(RouteStage.SET).texts())
                .containsEntry("pitch", "1.5")
                .doesNotContainKey("freeAngleDeg");
        assertThat(view.station(RouteStage.PROVE).state()).isEqualTo("OPEN");
        assertThat(jobs.openTwin(job, NOW)).contains(twin);
    }

    @Test
    void whatIsTheSameOnTheOtherSideIsKeptTogetherUnlessSomethingThereStopsIt() {
        long job = open("both cups trailer");
        upToProve(job);
        keep(job, RouteStage.FIT, -1, "which", "outer", "ring", "outer", "designation", "L44643/L44610", "seat", "N7");
        keep(job, RouteStage.FIT, 0, "which", "inner", "ring", "outer", "designation", "L68149/L68110", "seat", "N7");
        long twin = jobs.openTwin(job, NOW).orElseThrow();
        JobView.Station fit = jobs.view(twin).orElseThrow().station(RouteStage.FIT);
        assertThat(fit.entries()).hasSize(2).allMatch(StageEntry::draft);
        String first = fit.entries().get(0).of();
        assertThat(jobs.waiting(jobs.view(twin).orElseThrow(), RouteStage.FIT, first))
                .isEqualTo(1);

        assertThat(keep(
                        twin,
                        RouteStage.INSPECT,
                        -1,
                        "which",
                        "inner",
                        "designation",
                        "L68149/L68110",
                        "plane1",
                        "59.30 59.31 59.30",
                        "seatSymbol",
                        "N7"))
                .isEqualTo(JobService.Kept.DONE);
        assertThat(jobs.waiting(jobs.view(twin).orElseThrow(), RouteStage.FIT, first))
                .as("its seat has spun")
                .isZero();
        assertThat(jobs.keepWaiting(twin, RouteStage.FIT, NOW)).isFalse();
        assertThat(drafts(twin)).containsExactly("outer", "inner");

        keep(
                twin,
                RouteStage.INSPECT,
                0,
                "which",
                "inner",
                "designation",
                "L68149/L68110",
                "plane1",
                "59.10 59.10 59.10",
                "seatSymbol",
                "N7");
        assertThat(jobs.keepWaiting(twin, RouteStage.FIT, NOW)).isTrue();
        assertThat(drafts(twin)).isEmpty();
    }

    private List<String> drafts(long job) {
        return jobs.view(job).orElseThrow().station(RouteStage.FIT).entries().stream()
                .filter(StageEntry::draft)
                .map(entry -> entry.typed().text("which"))
                .toList();
    }

    @Test
    void aJobWaitsIsAbandonedAndOpenedAgainWithAReason() {
        long job = open("waiting trailer");
        assertThat(jobs.await(job, "seal 38x59x9", NOW)).isTrue();
        assertThat(jobs.view(job).orElseThrow().next()).isEqualTo("waiting for seal 38x59x9");
        jobs.goOn(job);
        assertThat(jobs.abandon(job, "sold", NOW)).isTrue();
        assertThat(jobs.abandon(job, "again", NOW)).isFalse();
        assertThat(jobs.reopen(job, "bought back", NOW)).isTrue();
        assertThat(jobs.notes(job)).extracting(JobNote::kind).containsExactly("waiting", "abandoned", "reopened");
    }

    @Test
    void skippingNeedsAWordAndProveIsNeverSkipped() {
        long job = open("skipping trailer");
        assertThat(jobs.skip(job, RouteStage.GREASE, " ", NOW)).isFalse();
        assertThat(jobs.skip(job, RouteStage.GREASE, "packed by its owner", NOW))
                .isTrue();
        assertThat(jobs.skip(job, RouteStage.PROVE, "no time", NOW)).isFalse();
    }
}
