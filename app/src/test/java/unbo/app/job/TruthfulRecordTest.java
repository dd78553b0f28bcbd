package unbo.app.job;

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
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

import jakarta.persistence.EntityManager;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.due.FollowUpLine;
import unbo.app.due.FollowUpService;
import unbo.app.stock.Purpose;
import unbo.app.stock.StockService;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.VehicleService;
import unbo.app.workshop.WorkshopForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.fact.FactKey;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleInput;

/** A record is never made false, changed afterwards, or lost. */
@Served
@Transactional
class TruthfulRecordTest {

    private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private WorkshopService workshops;

    @Autowired
    private FollowUpService followUps;

    @Autowired
    private StockService stock;

    @Autowired
    private EntityManager entities;

    private long vehicle(String kind) {
        return vehicles.add(new VehicleInput(
                        kind, "True " + kind, "TR 1", "X.Y.", kind.equals("trailer") ? "none" : "km", 9000.0, "wet", 1))
                .id();
    }

    private static Map<String, String> texts(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return texts;
    }

    private void done(long job, RouteStage stage, String... pairs) {
        int version = jobs.view(job).orElseThrow().station(stage).version();
        assertThat(jobs.keep(
                        job,
                        new JobService.Keeping(stage, version, "", Typed.of(texts(pairs), workshops.units())),
                        NOW))
                .as(stage.title())
                .isEqualTo(JobService.Kept.DONE);
    }

    private void units(UnitSystem system) {
        workshops.change(new WorkshopForm("Yard", system, "A", "yearly"));
    }

    private String page(String address) throws Exception {
        return mvc.perform(get(address))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    /** A trailer's hub, all kept but signed. */
    private long hub(long vehicle, String day) {
        long job = jobs.open(vehicle, "axle1-left", NOW);
        done(job, RouteStage.INTAKE, "complaint", "hum", "day", day);
        done(
                job,
                RouteStage.IDENTIFY,
                "outerCone",
                "L44643",
                "outerCup",
                "L44610",
                "innerCone",
                "L68149",
                "innerCup",
                "L68110",
                "hubBore",
                "43");
        done(job, RouteStage.GREASE, "kind", "CaS", "oldKind", "CaS");
        done(
                job,
                RouteStage.SET,
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
        done(
                job,
                RouteStage.PROVE,
                "push",
                "0 0 0",
                "pull",
                "0.06 0.06 0.06",
                "hubTemperature",
                "35",
                "twinTemperature",
                "34",
                "proof-nut-locked",
                "right",
                "initials",
                "AH");
        done(job, RouteStage.LOG, "cause", "regular-service", "serviceSchool", "yearly");
        return job;
    }

    @Test
    void whatWasTypedInMetricIsReadInMetricWhenTheWorkshopWorksInInches() throws Exception {
        long job = hub(vehicle("trailer"), "2026-05-04");
        double bore = jobs.view(job).orElseThrow().sheet().number(FactKey.HUB_BORE);
        String grease = jobs.view(job)
                .orElseThrow()
                .station(RouteStage.GREASE)
                .answer()
                .figures()
                .get(0)
                .value();
        units(UnitSystem.INCH);
        assertThat(page("/jobs/" + job + "/identify"))
                .as("the box says in which system its text was typed")
                .contains("name=\"in-hubBore\"", "43 mm = 1.6929 in");
        mvc.perform(post("/jobs/" + job + "/identify")
                        .with(csrf())
                        .param("version", "0")
                        .param("units", "INCH")
                        .param("outerCone", "L44643")
                        .param("outerCup", "L44610")
                        .param("innerCone", "L68149")
                        .param("innerCup", "L68110")
                        .param("hubBore", "43")
                        .param("in-hubBore", "METRIC")
                        .param("betweenCups", "1.625"))
                .andExpect(status().is3xxRedirection());
        JobView view = jobs.view(job).orElseThrow();
        assertThat(view.sheet().number(FactKey.HUB_BORE)).isEqualTo(bore);
        assertThat(view.sheet().number(FactKey.BETWEEN_CUPS))
                .as("typed today, in inches")
                .isEqualTo(41.275);
        done(job, RouteStage.GREASE, "kind", "CaS", "oldKind", "CaS");
        assertThat(jobs.sign(job, NOW)).isEmpty();
        assertThat(view.station(RouteStage.GREASE).answer().figures().get(0).value())
                .isEqualTo(grease);
        assertThat(page("/jobs/" + job + "/identify")).contains("43 mm");
    }

    @Test
    void aDraftKeepsTheSystemItWasTypedIn() throws Exception {
        long job = jobs.open(vehicle("trailer"), "axle1-left", NOW);
        jakarta.servlet.http.Cookie desk = new jakarta.servlet.http.Cookie("unbo-desk", "7".repeat(32));
        mvc.perform(post("/jobs/" + job + "/identify/preview")
                        .with(csrf())
                        .cookie(desk)
                        .param("version", "-1")
                        .param("seq", "1")
                        .param("units", "METRIC")
                        .param("hubBore", "43"))
                .andExpect(status().isOk());
        units(UnitSystem.INCH);
        String page = mvc.perform(get("/jobs/" + job + "/identify").cookie(desk))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page).contains("Not kept yet", "43 mm = 1.6929 in").doesNotContain("1092");
    }

    @Test
    void whatThePageIsToldLateDoesNotLieOverWhatWasKept() throws Exception {
        long job = jobs.open(vehicle("trailer"), "axle1-left", NOW);
        jakarta.servlet.http.Cookie desk = new jakarta.servlet.http.Cookie("unbo-desk", "8".repeat(32));
        mvc.perform(post("/jobs/" + job + "/intake")
                        .with(csrf())
                        .cookie(desk)
                        .param("version", "-1")
                        .param("seq", "20")
                        .param("complaint", "hums when loaded")
                        .param("day", "2026-05-04"))
                .andExpect(status().is3xxRedirection());
        mvc.perform(post("/jobs/" + job + "/intake/preview")
                .with(csrf())
                .cookie(desk)
                .param("version", "-1")
                .param("seq", "19")
                .param("complaint", "hums wh")
                .param("day", "2026-05-04"));
        assertThat(mvc.perform(get("/jobs/" + job + "/intake").cookie(desk))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .doesNotContain("Not kept yet")
                .contains("hums when loaded");
    }

    @Test
    void whatIsGreasedForItsLifeHasNoGreaseToSkip() throws Exception {
        long unit = jobs.open(vehicle("van"), "front-left", NOW);
        long taper = jobs.open(vehicle("trailer"), "axle1-left", NOW);

        assertThat(jobs.view(unit).orElseThrow().station(RouteStage.GREASE).word())
                .isEqualTo("none here");
        assertThat(jobs.sign(unit, NOW)).noneMatch(reason -> reason.contains("Grease"));
        assertThat(page("/jobs/" + unit + "/grease")).contains("asks for nothing at this stage");
        assertThat(jobs.view(taper).orElseThrow().station(RouteStage.GREASE).word())
                .isEqualTo("open");
        long pulley = jobs.open(vehicle("van"), "pulley", NOW);
        assertThat(jobs.view(pulley).orElseThrow().station(RouteStage.SET).word())
                .isEqualTo("none here");
        assertThat(page("/jobs/" + pulley + "/strip")).contains("data-part=\"only-bearing\"");
        assertThat(jobs.sign(taper, NOW)).anyMatch(reason -> reason.contains("Grease"));
    }

    @Test
    void theSecondBearingOfAHubStandsBesideTheFirst() throws Exception {
        long job = hub(vehicle("trailer"), "2026-05-04");
        done(job, RouteStage.FIT, "designation", "L44643/L44610", "ring", "outer", "seat", "N7");
        done(job, RouteStage.FIT, "designation", "L68149/L68110", "ring", "outer", "seat", "N7");
        done(job, RouteStage.STRIP, "which", "outer", "designation", "L44643", "tight", "outer", "access", "far");
        done(
                job,
                RouteStage.STRIP,
                "which",
                "inner",
                "designation",
                "L68149",
                "tight",
                "outer",
                "access",
                "far",
                "tools",
                "hammer tube press");
        JobView view = jobs.view(job).orElseThrow();
        assertThat(view.station(RouteStage.FIT).entries())
                .hasSize(2)
                .extracting(StageEntry::words)
                .noneMatch(String::isBlank);
        assertThat(view.station(RouteStage.STRIP).entries()).hasSize(2);
        done(job, RouteStage.FIT, "designation", "L68149/L68110", "ring", "outer", "seat", "P7");
        assertThat(jobs.view(job).orElseThrow().station(RouteStage.FIT).entries())
                .as("the same bearing again takes its own place")
                .hasSize(2);
        String report = page("/jobs/" + job + "/report");
        assertThat(report).contains("L44643", "L68149");
        view.station(RouteStage.FIT)
                .entries()
                .forEach(entry -> assertThat(report).contains(entry.words()));
        assertThat(jobs.sign(job, NOW)).isEmpty();
        assertThat(page("/jobs/" + job + "/fit")).contains("L44643", "L68149");
    }

    @Test
    void aShaftSetByShimsKeepsItsTruingBesideThem() {
        long job = jobs.open(vehicle("motorcycle"), "crank", NOW);
        done(
                job,
                RouteStage.SET,
                "by",
                "crank",
                "leftTir",
                "0.02",
                "leftAngle",
                "40",
                "rightTir",
                "0.03",
                "rightAngle",
                "120");
        done(
                job,
                RouteStage.SET,
                "by",
                "stack",
                "outer",
                "case; 60.00; 0.01; aluminium",
                "inner",
                "shaft; 59.70; 0.01; steel",
                "min",
                "0.1",
                "max",
                "0.3");
        assertThat(jobs.view(job).orElseThrow().station(RouteStage.SET).entries())
                .extracting(StageEntry::of)
                .containsExactlyInAnyOrder("crank", "stack");
        assertThat(jobs.view(job).orElseThrow().sheet().has(FactKey.CRANK_TIR)).isTrue();
    }

    @Test
    void aJobWhoseProveWasSkippedIsRememberedAllTheSame() {
        long vehicle = vehicle("van");
        long job = jobs.open(vehicle, "rear-left", NOW);
        done(job, RouteStage.INTAKE, "complaint", "drones", "day", "2026-05-04", "counter", "88 210");
        done(
                job,
                RouteStage.DIAGNOSE,
                "checks",
                "noise-follows=road-speed noise-surface=changes tread@rear-left=cupped",
                "initials",
                "BW");
        assertThat(jobs.noHubWork(job, "tyre", NOW)).isTrue();
        done(job, RouteStage.LOG, "cause", "tyre");
        assertThat(jobs.sign(job, NOW)).isEmpty();
        Position position = jobs.view(job).orElseThrow().position();
        assertThat(position.lastWorkedOn()).isEqualTo(LocalDate.of(2026, 5, 4));
        assertThat(position.lastCounter()).isEqualTo(88_210);
        assertThat(position.dueOn()).as("nothing was looked after").isNull();
        assertThat(jobs.newest(position.id(), 5)).hasSize(1);
    }

    @Test
    void whereTheWorkIsMustBeSaidBeforeIdentifyAndNothingIsRememberedBefore() throws Exception {
        long vehicle = vehicle("van");
        long job = jobs.open(vehicle, Place.UNKNOWN, NOW);
        done(job, RouteStage.INTAKE, "complaint", "growls", "day", "2026-05-04");
        assertThat(jobs.keep(job, RouteStage.IDENTIFY, -1, texts("outerCone", "L44643"), NOW))
                .isEqualTo(JobService.Kept.NOWHERE);
        mvc.perform(post("/jobs/" + job + "/identify")
                        .with(csrf())
                        .param("version", "-1")
                        .param("outerCone", "L44643"))
                .andExpect(content()
                        .string(allOf(
                                containsString("say first, above, at which position the work is"),
                                containsString("value=\"L44643\""),
                                containsString("front left hub"))));
        assertThat(jobs.keep(job, RouteStage.INTAKE, 0, texts("complaint", "growls loudly", "day", "2026-05-04"), NOW))
                .isEqualTo(JobService.Kept.DONE);
        assertThat(jobs.view(job).orElseThrow().position().facts()).isEqualTo("[]");
        mvc.perform(post("/jobs/" + job + "/do/move")
                        .with(csrf())
                        .param("text", "front-left")
                        .param("back", "identify"))
                .andExpect(redirectedUrl("/jobs/" + job + "/identify"));
        assertThat(jobs.keep(job, RouteStage.IDENTIFY, -1, texts("outerCone", "L44643"), NOW))
                .isNotEqualTo(JobService.Kept.NOWHERE);
    }

    @Test
    void aJobMovesWhereItsKeptVerdictIsAndBackAgain() throws Exception {
        long job = jobs.open(vehicle("car"), "front-left", NOW);
        done(job, RouteStage.INTAKE, "complaint", "growls", "day", "2026-05-04");
        mvc.perform(post("/jobs/" + job + "/diagnose")
                        .with(csrf())
                        .param("version", "-1")
                        .param("checks", "listen-probe@front-right=rumble noise-turning=louder-left")
                        .param("move", "front-right"))
                .andExpect(status().is3xxRedirection());
        assertThat(jobs.view(job).orElseThrow().position().code()).isEqualTo("front-right");
        assertThat(page("/jobs/" + job + "/identify"))
                .contains("moved to front right hub from front left hub", "Move it back");
        mvc.perform(post("/jobs/" + job + "/do/move")
                .with(csrf())
                .param("text", "front-left")
                .param("back", "identify"));
        assertThat(jobs.view(job).orElseThrow().position().code()).isEqualTo("front-left");
    }

    @Test
    void openingAJobAgainDoesNotMakeItsOwnFailureHistory() {
        long vehicle = vehicle("car");
        long job = jobs.open(vehicle, "front-left", NOW);
        done(job, RouteStage.INTAKE, "complaint", "growls", "day", "2026-05-04", "counter", "12000");
        done(job, RouteStage.DIAGNOSE, "checks", "listen-probe@front-left=rumble", "initials", "AH");
        done(
                job,
                RouteStage.PROVE,
                "assembly",
                "unit-bolted",
                "proof-bolts",
                "right",
                "proof-axle-nut",
                "right",
                "initials",
                "AH");
        for (RouteStage stage : new RouteStage[] {RouteStage.IDENTIFY, RouteStage.GREASE, RouteStage.SET}) {
            assertThat(jobs.skip(job, stage, "bolted unit renewed whole", NOW)).isTrue();
        }
        done(job, RouteStage.LOG, "cause", "wheel-bearing");
        assertThat(jobs.sign(job, NOW)).isEmpty();
        assertThat(jobs.reopen(job, "a letter was missing", NOW)).isTrue();
        assertThat(jobs.view(job).orElseThrow().stations()).noneMatch(JobView.Station::recalculate);
        assertThat(jobs.sign(job, NOW)).isEmpty();
    }

    @Test
    void aJobOpenedAgainAfterALaterOneIsSignedOnItsOwnDay() {
        long vehicle = vehicle("trailer");
        long first = hub(vehicle, "2026-05-04");
        assertThat(jobs.sign(first, NOW)).isEmpty();
        long later = hub(vehicle, "2026-06-01");
        assertThat(jobs.sign(later, NOW)).isEmpty();
        assertThat(jobs.reopen(first, "wrong initials", NOW)).isTrue();
        done(first, RouteStage.INTAKE, "complaint", "hum, and milky grease", "day", "2026-05-04");
        assertThat(jobs.sign(first, NOW)).isEmpty();
        assertThat(jobs.view(first).orElseThrow().position().lastWorkedOn())
                .as("the later one stays the last")
                .isEqualTo(LocalDate.of(2026, 6, 1));
    }

    @Test
    void theWheelNutsComeUpAgainAndAreTickedOff() throws Exception {
        long job = hub(vehicle("trailer"), LocalDate.now().toString());
        assertThat(jobs.sign(job, NOW)).isEmpty();
        FollowUpLine nuts = followUps.open(LocalDate.of(9999, 1, 1), 1000).stream()
                .filter(line -> line.jobId() == job && line.words().contains("Wheel nuts"))
                .findFirst()
                .orElseThrow();
        assertThat(nuts.when()).startsWith("after 50 to 100 km");
        assertThat(page("/due")).contains("Wheel nuts", "True trailer");
        assertThat(page("/due.ics")).contains("Wheel nuts");
        mvc.perform(post("/follow-ups/" + nuts.id() + "/done").with(csrf())).andExpect(redirectedUrl("/due"));
        assertThat(followUps.open(LocalDate.of(9999, 1, 1), 1000))
                .extracting(FollowUpLine::id)
                .doesNotContain(nuts.id());
        assertThat(followUps.done(nuts.id(), NOW))
                .as("it was off the list already")
                .isFalse();
    }

    @Test
    void shimsAreTakenOnceAndPutBack() throws Exception {
        long job = jobs.open(vehicle("motorcycle"), "gearbox", NOW);
        stock.put(0.45, 3, "counted", NOW);
        String once = "c".repeat(32);
        for (int i = 0; i < 2; i++) {
            mvc.perform(post("/jobs/" + job + "/take/shims")
                            .with(csrf())
                            .param("shims", "0.45 0.45")
                            .param("once", once))
                    .andExpect(redirectedUrl("/jobs/" + job + "/set"));
        }
        assertThat(shelf(0.45)).isEqualTo(1);
        assertThat(page("/jobs/" + job + "/report")).contains("2 shims of 0.450 mm");
        mvc.perform(post("/jobs/" + job + "/take/back").with(csrf()));
        assertThat(shelf(0.45)).isEqualTo(3);
        stock.take(java.util.List.of(0.45), Purpose.of("by hand"), NOW);
        assertThat(shelf(0.45)).isEqualTo(2);
    }

    private int shelf(double mm) {
        return stock.shelf().stream()
                .filter(s -> s.thicknessMm() == mm)
                .mapToInt(s -> s.count())
                .sum();
    }

    @Test
    void aVisitSentTwiceIsOneVisit() throws Exception {
        long vehicle = vehicle("trailer");
        String once = "d".repeat(32);
        String first = mvc.perform(post("/visits")
                        .with(csrf())
                        .param("vehicle", String.valueOf(vehicle))
                        .param("position", "axle1-left")
                        .param("once", once))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        entities.flush();
        entities.clear();
        mvc.perform(post("/visits")
                        .with(csrf())
                        .param("vehicle", String.valueOf(vehicle))
                        .param("position", "axle1-left")
                        .param("once", once))
                .andExpect(redirectedUrl(first));
        assertThat(jobs.ofVehicle(vehicle, 0).lines()).hasSize(1);
    }

    @Test
    void aClosedJobTakesNothingFromItsAddressAndAsksNothing() throws Exception {
        long job = hub(vehicle("trailer"), "2026-05-04");
        assertThat(jobs.sign(job, NOW)).isEmpty();
        String before = page("/jobs/" + job + "/prove");
        mvc.perform(get("/jobs/" + job + "/prove").param("pull", "0.9 0.9 0.9"))
                .andExpect(content()
                        .string(allOf(
                                not(containsString("do not drive")), not(containsString("<input name=\"pull\"")))));
        assertThat(page("/jobs/" + job + "/prove?pull=0.9")).isEqualTo(before);
        assertThat(before).contains("it stands as it was", "0.06 mm", "inside 0.025 to 0.125 mm");
        assertThat(Optional.of(jobs.keep(job, RouteStage.PROVE, 0, texts("push", "0 0 0", "pull", "0.9 0.9 0.9"), NOW)))
                .contains(JobService.Kept.FROZEN);
    }
}
