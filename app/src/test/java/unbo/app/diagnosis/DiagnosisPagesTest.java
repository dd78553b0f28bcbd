package unbo.app.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.List;
import java.util.Map;

import jakarta.persistence.EntityManager;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.job.JobState;
import unbo.app.vehicle.VehicleService;
import unbo.app.workshop.WorkshopService;
import unbo.core.fact.FactKey;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleInput;

@Served
@Transactional
class DiagnosisPagesTest {

    private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");
    private static final String TYRE =
            "noise-follows=road-speed noise-surface=changes noise-turning=no-change tread@rear-left=cupped";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private WorkshopService workshops;

    @Autowired
    private CaseService cases;

    @Autowired
    private EntityManager entities;

    private ResultActions send(String address, String... pairs) throws Exception {
        MockHttpServletRequestBuilder request = post(address).with(csrf());
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        return mvc.perform(request);
    }

    private ResultActions page(String address) throws Exception {
        return mvc.perform(get(java.net.URI.create(address))).andExpect(status().isOk());
    }

    private long open(String kind, String position) {
        return jobs.open(
                vehicles.add(new VehicleInput(kind, "Diagnosed " + kind, "DG 1", "X.Y.", "km", 9000.0, "wet", 1))
                        .id(),
                position,
                NOW);
    }

    @Test
    void onTheBenchATouchStandsInTheAddress() throws Exception {
        mvc.perform(get("/bench/diagnose").param("vehicle", "car").param("note", "noise-follows=road-speed"))
                .andExpect(redirectedUrl("/bench/diagnose?vehicle=car&checks=noise-follows%3Droad-speed"));
        mvc.perform(get("/bench/diagnose")
                        .param("vehicle", "car")
                        .param("checks", "noise-follows=road-speed noise-surface=same")
                        .param("undo", "noise-follows"))
                .andExpect(redirectedUrl("/bench/diagnose?vehicle=car&checks=noise-surface%3Dsame"));
        page("/bench/diagnose?vehicle=car&checks=noise-follows%3Droad-speed")
                .andExpect(content().string(containsString("Pitch follows: road speed")));
    }

    @Test
    void anotherKindOfVehicleBeginsAnew() throws Exception {
        page("/bench/diagnose?vehicle=bicycle&was=car&checks=listen-probe@front-left%3Drumble&complaint=grinds")
                .andExpect(content()
                        .string(allOf(
                                containsString("Touch a result"),
                                containsString("grinds"),
                                containsString("bottom bracket"))));
    }

    @Test
    void whatCannotBeReadIsSaidAndNothingBreaks() throws Exception {
        page("/bench/diagnose?vehicle=car&checks=ear%3Dloud")
                .andExpect(content().string(containsString("There is no check “ear”")));
        page("/bench/diagnose/road?vehicle=boat").andExpect(content().string(containsString("No card")));
        page("/bench/diagnose/table?vehicle=boat");
    }

    @Test
    void theRoadCardIsHeldWhileSomethingIsLoose() throws Exception {
        page("/bench/diagnose/road?vehicle=car")
                .andExpect(content()
                        .string(allOf(
                                containsString("One drives, a second person notes"), containsString("empty road"))));
        page("/bench/diagnose/road?vehicle=car&complaint=clunks")
                .andExpect(content().string(allOf(containsString("No road test"), not(containsString("One drives")))));
    }

    @Test
    void inTheJobATouchIsKeptAndTheStageStays() throws Exception {
        long job = open("car", Place.UNKNOWN);
        send("/jobs/" + job + "/diagnose", "version", "-1", "note", "noise-follows=road-speed")
                .andExpect(redirectedUrl("/jobs/" + job + "/diagnose"));
        assertThat(jobs.view(job).orElseThrow().station(RouteStage.DIAGNOSE).texts())
                .containsEntry("checks", "noise-follows=road-speed");
        send(
                        "/jobs/" + job + "/diagnose/preview",
                        "checks",
                        "noise-follows=road-speed",
                        "look",
                        "listen-probe@front-left")
                .andExpect(content().string(containsString("Listen, front left")));
        page("/jobs/" + job + "/diagnose/road").andExpect(content().string(containsString("Road-test card")));
    }

    @Test
    void theJobMovesToWhereItsCauseWasFound() throws Exception {
        long job = open("car", Place.UNKNOWN);
        jobs.keep(
                job,
                RouteStage.DIAGNOSE,
                -1,
                Map.of("checks", "listen-probe@front-right=rumble noise-turning=louder-left"),
                NOW);
        page("/jobs/" + job + "/diagnose")
                .andExpect(content().string(containsString("Keep, and move the job to front right")));
        send("/jobs/" + job + "/do/move", "text", "front-right").andExpect(redirectedUrl("/jobs/" + job + "/diagnose"));
        assertThat(jobs.view(job).orElseThrow().position().code()).isEqualTo("front-right");
        send("/jobs/" + job + "/do/move", "text", "bow");
        assertThat(jobs.view(job).orElseThrow().position().code()).isEqualTo("front-right");
    }

    @Test
    void aJobMayEndWithNoBearingAtFaultAndTeachesTheTable() {
        int before = cases.all().truths("car");
        long job = open("car", Place.UNKNOWN);
        jobs.keep(job, RouteStage.INTAKE, -1, Map.of("complaint", "drones", "day", "2026-05-04"), NOW);
        jobs.keep(job, RouteStage.DIAGNOSE, -1, Map.of("checks", TYRE, "initials", "BW"), NOW);
        assertThat(jobs.view(job).orElseThrow().hubWork()).isFalse();
        assertThat(jobs.noHubWork(job, "a tyre", NOW)).isTrue();
        assertThat(jobs.view(job).orElseThrow().sheetFor(RouteStage.LOG).text(FactKey.VERDICT_CAUSE))
                .isEqualTo("tyre");
        jobs.keep(job, RouteStage.LOG, -1, Map.of("cause", "tyre", "serviceSchool", "yearly"), NOW);
        jobs.move(job, "rear-left", NOW);
        assertThat(jobs.sign(job, NOW)).isEmpty();
        assertThat(jobs.view(job).orElseThrow().job().state()).isEqualTo(JobState.SIGNED);
        entities.flush();
        assertThat(cases.all().truths("car")).isEqualTo(before + 1);
        jobs.reopen(job, "wrong tyre", NOW);
        entities.flush();
        assertThat(cases.all().truths("car")).isEqualTo(before);
    }

    @Test
    void aWheelBearingIsNotSignedAwayWithoutItsHub() {
        long job = open("trailer", "axle1-left");
        jobs.keep(
                job,
                RouteStage.DIAGNOSE,
                -1,
                Map.of("checks", "grease-out@axle1-left=milky spin-by-hand@axle1-left=rough", "initials", "BW"),
                NOW);
        assertThat(jobs.noHubWork(job, "no time", NOW)).isFalse();
        assertThat(jobs.sign(job, NOW)).anyMatch(r -> r.startsWith("Prove is not done"));
    }

    @Test
    void aHubThatWasSetIsProvedWhateverTheVerdict() {
        long job = open("trailer", "axle1-left");
        jobs.keep(
                job,
                RouteStage.DIAGNOSE,
                -1,
                Map.of("checks", "brake-drag@axle1-left=yes heat-after-run@axle1-left=warmer-15", "initials", "BW"),
                NOW);
        assertThat(jobs.view(job).orElseThrow().hubWork()).isFalse();
        jobs.keep(
                job,
                RouteStage.SET,
                -1,
                Map.of("pitch", "1.5", "slots", "6", "pinHolesDeg", "0 180", "freeAngleDeg", "42", "school", "A"),
                NOW);
        assertThat(jobs.view(job).orElseThrow().hubWork()).isTrue();
        assertThat(jobs.skip(job, RouteStage.PROVE, "no time", NOW)).isFalse();
    }

    @Test
    void theWorkshopsCasesCanBeSwitchedOff() throws Exception {
        page("/bench/diagnose/table?vehicle=trailer")
                .andExpect(content().string(allOf(containsString("shipped %"), containsString("everything else"))));
        send("/bench/diagnose/table", "vehicle", "trailer")
                .andExpect(redirectedUrl("/bench/diagnose/table?vehicle=trailer"));
        entities.flush();
        assertThat(List.of(cases.current().cases())).containsExactly(0);
        send("/bench/diagnose/table", "vehicle", "trailer", "learns", "yes");
        assertThat(cases.current().cases()).isEqualTo(cases.all().cases());
    }
}
