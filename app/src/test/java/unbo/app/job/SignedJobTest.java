package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import java.time.Instant;
import java.util.Map;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.answer.Answer;
import unbo.core.fact.FactKey;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.route.Knowledge;
import unbo.core.route.StageRules;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/** What is signed stands: later changes of vehicle, position or settings do not reach it. */
@Served
@Transactional
class SignedJobTest {

    private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private MockMvc web;

    private Vehicle trailer;
    private long job;

    @BeforeEach
    void sign() {
        trailer = vehicles.add(new VehicleInput("trailer", "Signed trailer", "SG 1", "X.Y.", "km", 2000.0, "wet", 1));
        job = open("2026-05-04", "12000");
        assertThat(jobs.sign(job, NOW)).isEmpty();
    }

    private long open(String day, String counter) {
        long id = jobs.open(trailer.id(), "axle1-left", NOW);
        keep(id, RouteStage.INTAKE, Map.of("complaint", "service", "day", day, "counter", counter, "load", "300"));
        keep(
                id,
                RouteStage.IDENTIFY,
                Map.of(
                        "outerCone",
                        "L44643",
                        "outerCup",
                        "L44610",
                        "innerCone",
                        "L68149",
                        "innerCup",
                        "L68110",
                        "hubBore",
                        "43"));
        keep(id, RouteStage.GREASE, Map.of("kind", "LiX", "oldKind", "Li"));
        keep(
                id,
                RouteStage.SET,
                Map.of(
                        "pitch",
                        "1.5",
                        "slots",
                        "6",
                        "pinHolesDeg",
                        "0 180",
                        "freeAngleDeg",
                        "45",
                        "endPlayMax",
                        "0.10"));
        keep(
                id,
                RouteStage.PROVE,
                Map.of(
                        "push",
                        "0 0 0",
                        "pull",
                        "0.06 0.06 0.06",
                        "hubTemperature",
                        "30",
                        "twinTemperature",
                        "30",
                        "proof-nut-locked",
                        "right",
                        "initials",
                        "ab"));
        keep(id, RouteStage.LOG, Map.of("cause", "regular-service", "serviceSchool", "yearly", "season", ""));
        return id;
    }

    private void keep(long id, RouteStage stage, Map<String, String> texts) {
        assertThat(jobs.keep(id, stage, -1, texts, NOW)).as(stage.title()).isEqualTo(JobService.Kept.DONE);
    }

    @Test
    void answersWorksheetsAndFactsAreFrozen() {
        Answer before = jobs.view(job).orElseThrow().station(RouteStage.GREASE).answer();
        assertThat(before.worksheet().lines()).isNotEmpty();
        vehicles.change(
                trailer.id(),
                trailer.version(),
                new VehicleInput("trailer", "Renamed", "SG 2", "X.Y.", "mi", 9000.0, "immersed", 1));
        JobView after = jobs.view(job).orElseThrow();
        assertThat(after.station(RouteStage.GREASE).answer()).isEqualTo(before);
        assertThat(after.sheet().text(FactKey.USE)).isEqualTo("wet");
        assertThat(after.stations()).noneMatch(JobView.Station::recalculate);
    }

    /** Its paper names what it was signed for, and says where that is not what it stands with now. */
    @Test
    void thePaperSaysWhereItsVehicleIsCalledOtherwise() throws Exception {
        web.perform(get("/jobs/" + job + "/report"))
                .andExpect(content().string(containsString("Signed trailer")))
                .andExpect(content().string(not(containsString("The record speaks of"))));
        vehicles.change(
                trailer.id(),
                trailer.version(),
                new VehicleInput("trailer", "Renamed", "SG 2", "X.Y.", "km", 2000.0, "wet", 1));
        web.perform(get("/jobs/" + job + "/report"))
                .andExpect(content().string(containsString("The record speaks of <b>Signed trailer</b>")))
                .andExpect(content().string(containsString("now with <b>Renamed</b>")));
    }

    @Test
    void whatOutlivesTheJobIsThereNextTimeAndWhatDoesNotIsNot() {
        long next = jobs.open(trailer.id(), "axle1-left", NOW);
        assertThat(jobs.view(next).orElseThrow().sheetFor(RouteStage.SET).text(FactKey.NUT_PITCH))
                .isEqualTo("1.5 mm");
        assertThat(jobs.view(next).orElseThrow().sheetFor(RouteStage.SET).number(FactKey.BAND_MAX))
                .isEqualTo(0.10);
        assertThat(jobs.view(next).orElseThrow().sheetFor(RouteStage.GREASE).text(FactKey.GREASE_KIND))
                .isEqualTo("LiX");
        assertThat(jobs.view(next).orElseThrow().sheetFor(RouteStage.SET).has(FactKey.FREE_ANGLE))
                .isFalse();
        assertThat(jobs.view(next).orElseThrow().sheetFor(RouteStage.INTAKE).text(FactKey.LAST_COUNTER))
                .isEqualTo("12000");
    }

    @Test
    void theNextIntakeCountsFromTheSignedOne() {
        long next = jobs.open(trailer.id(), "axle1-left", NOW);
        var work = StageRules.of(RouteStage.INTAKE)
                .work(
                        Typed.of(
                                Map.of("complaint", "again", "day", "2027-05-04", "counter", "14000"),
                                UnitSystem.METRIC),
                        jobs.view(next).orElseThrow().sheetFor(RouteStage.INTAKE),
                        Knowledge.SHIPPED);
        assertThat(work.outcome().answer().figures()).anySatisfy(f -> {
            assertThat(f.value()).isEqualTo("2000");
            assertThat(f.other()).isEqualTo("by the counter");
        });
    }

    @Test
    void openedAgainItIsCorrectedAndSignedAgain() {
        assertThat(jobs.reopen(job, "wrong grease written down", NOW)).isTrue();
        JobView open = jobs.view(job).orElseThrow();
        assertThat(open.job().state()).isEqualTo(JobState.OPEN);
        assertThat(jobs.keep(
                        job,
                        RouteStage.GREASE,
                        open.station(RouteStage.GREASE).version(),
                        Map.of("kind", "CaS", "oldKind", "CaS"),
                        NOW))
                .isEqualTo(JobService.Kept.DONE);
        assertThat(jobs.sign(job, NOW)).isEmpty();
        assertThat(jobs.known(jobs.view(job).orElseThrow().position()).text(FactKey.GREASE_KIND))
                .isEqualTo("CaS");
    }

    @Test
    void signingTwiceIsRefused() {
        assertThat(jobs.sign(job, NOW)).singleElement().asString().contains("signed already");
    }

    @Test
    void searchFindsItByNumberOnTheRingAndByItsOwnNumber() {
        assertThat(jobs.search("L68149")).extracting(JobLine::id).contains(job);
        assertThat(jobs.search("#" + job)).extracting(JobLine::id).contains(job);
        assertThat(jobs.search("no such words")).isEmpty();
    }

    /** What was read off the races outlives the job: when it stands there again, Inspect says so. */
    @Test
    void damageThatComesBackAtAPositionIsNamed() {
        String etched = "dark-line/60 0:50 18:50 36:50 54:50 72:50 90:50 108:50 126:50 144:50 162:50 "
                + "180:50 198:50 216:50 234:50 252:50 270:50 288:50 306:50 324:50 342:50";
        long first = open("2026-05-05", "12100");
        keep(first, RouteStage.INSPECT, Map.of("designation", "L44643", "elements", "20", "outer", etched));
        assertThat(jobs.sign(first, NOW))
                .as("the old bearing's scrap does not hold up the new one")
                .isEmpty();
        long again = open("2027-04-06", "14000");
        keep(again, RouteStage.INSPECT, Map.of("designation", "L44643", "elements", "20", "outer", etched));
        assertThat(jobs.view(again)
                        .orElseThrow()
                        .station(RouteStage.INSPECT)
                        .answer()
                        .findings())
                .anyMatch(f -> f.code().equals("again-etching") && f.sentence().contains("2026-05-05"));
        assertThat(jobs.view(again).orElseThrow().station(RouteStage.INSPECT).word())
                .isEqualTo("done");
    }

    @Test
    void aPartsListIsKeptOnlyWhileTheJobIsOpen() {
        assertThat(jobs.keepParts(job, 0, Map.of("what-0", "seal"))).isFalse();
        long open = open("2026-06-01", "12500");
        assertThat(jobs.keepParts(open, 0, Map.of("what-0", "seal"))).isTrue();
        assertThat(jobs.keepParts(open, 0, Map.of("what-0", "other")))
                .as("kept meanwhile")
                .isFalse();
    }
}
