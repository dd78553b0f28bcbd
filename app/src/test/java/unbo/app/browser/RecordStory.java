package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.logging.Level;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.app.workshop.WorkshopForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.fact.FactKey;
import unbo.core.input.UnitSystem;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/** The record tells the truth, seen by whoever stands before the page. */
@Served
class RecordStory {

    private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");

    @LocalServerPort
    private int port;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private WorkshopService workshops;

    @BeforeEach
    @AfterEach
    void metric() {
        units(UnitSystem.METRIC);
    }

    private void units(UnitSystem system) {
        workshops.change(new WorkshopForm("Story yard", system, "A", "yearly"));
    }

    private long open(String kind, String position) {
        return jobs.open(
                vehicles.add(new VehicleInput(
                                kind,
                                "Told " + kind,
                                "TD 1",
                                "X.Y.",
                                kind.equals("trailer") ? "none" : "km",
                                5000.0,
                                "wet",
                                1))
                        .id(),
                position,
                NOW);
    }

    private void keep(long job, RouteStage stage, Map<String, String> texts) {
        assertThat(jobs.keep(
                        job, stage, jobs.view(job).orElseThrow().station(stage).version(), texts, NOW))
                .as(stage.title())
                .isEqualTo(JobService.Kept.DONE);
    }

    private long hub() {
        long job = open("trailer", "axle1-left");
        keep(job, RouteStage.INTAKE, Map.of("complaint", "hum", "day", "2026-05-04"));
        keep(
                job,
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
        keep(job, RouteStage.GREASE, Map.of("kind", "CaS", "oldKind", "CaS"));
        keep(
                job,
                RouteStage.SET,
                Map.of("pitch", "1.5", "slots", "6", "pinHolesDeg", "0 180", "freeAngleDeg", "42", "school", "A"));
        keep(
                job,
                RouteStage.PROVE,
                Map.of(
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
                        "AH"));
        keep(job, RouteStage.LOG, Map.of("cause", "regular-service", "serviceSchool", "yearly"));
        return job;
    }

    private static String box(Browser b, String name) {
        return b.find("[name='" + name + "']").getDomProperty("value");
    }

    /** What a stage page says once its photos were asked for too. */
    private static String whole(Browser b, String address) {
        b.open(address);
        b.untilText("main", "No photo yet.");
        return b.text("main");
    }

    @Test
    void aSignedJobSaysTheSameWhateverItsAddressAsksAndWhateverTheWorkshopMeasuresIn() {
        long job = hub();
        assertThat(jobs.sign(job, NOW)).isEmpty();
        try (Browser b = new Browser(port, 1280, 800)) {
            String before = whole(b, "/jobs/" + job + "/prove");
            assertThat(before).contains("it stands as it was", "inside 0.025 to 0.125 mm", "0.06 mm");
            assertThat(b.all("main input:not([type=hidden]), main select")).isEmpty();
            assertThat(whole(b, "/jobs/" + job + "/prove?pull=0.9%200.9%200.9"))
                    .isEqualTo(before)
                    .doesNotContain("do not drive");
            units(UnitSystem.INCH);
            assertThat(whole(b, "/jobs/" + job + "/prove")).isEqualTo(before);
        }
    }

    @Test
    void whatWasTypedInMillimetresStaysSoInAWorkshopOfInches() {
        long job = hub();
        units(UnitSystem.INCH);
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/jobs/" + job + "/identify");
            assertThat(box(b, "hubBore")).isEqualTo("43");
            b.unfold("hubBore");
            b.untilText("#echo-hubBore", "43 mm = 1.6929 in");
            b.write("betweenCups", "1.625");
            b.untilText("#echo-betweenCups", "41.275 mm");
            b.untilText("#echo-hubBore", "43 mm = 1.6929 in");
            b.keep("Strip");
            assertThat(jobs.view(job).orElseThrow().sheet().number(FactKey.HUB_BORE))
                    .isEqualTo(43);
            assertThat(jobs.view(job).orElseThrow().sheet().number(FactKey.BETWEEN_CUPS))
                    .isEqualTo(41.275);
        }
    }

    @Test
    void aCorrectedSeatAsksFitToBeLookedAtAgain() {
        long job = open("trailer", "axle1-left");
        keep(job, RouteStage.INTAKE, Map.of("complaint", "spun cup", "day", "2026-05-04"));
        keep(job, RouteStage.IDENTIFY, Map.of("outerCone", "32008X", "innerCone", "32010X"));
        keep(
                job,
                RouteStage.INSPECT,
                Map.of(
                        "which",
                        "outer",
                        "designation",
                        "32008X",
                        "plane1",
                        "67.975 67.976 67.977",
                        "plane2",
                        "67.976 67.977 67.978",
                        "seatSymbol",
                        "N7"));
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/jobs/" + job + "/fit");
            assertThat(box(b, "measuredMinMm")).as("measured in Inspect").startsWith("67.97");
            b.untilText("#answer", "interference");
            b.keep("Grease");
            assertThat(b.text("#rail")).doesNotContain("recalculate");
            keep(
                    job,
                    RouteStage.INSPECT,
                    Map.of(
                            "which",
                            "outer",
                            "designation",
                            "32008X",
                            "plane1",
                            "68.030 68.031 68.032",
                            "plane2",
                            "68.031 68.032 68.033",
                            "seatSymbol",
                            "N7"));
            b.open("/jobs/" + job + "/fit");
            assertThat(b.text("#rail")).contains("recalculate");
            assertThat(b.text("main")).contains("has changed since");
        }
    }

    @Test
    void aBicyclesHubIsProvedAsOneAndWhatWasNotDoneIsSaid() {
        long job = open("bicycle", "rear");
        keep(job, RouteStage.INTAKE, Map.of("complaint", "rough", "day", "2026-05-04"));
        for (RouteStage stage : List.of(RouteStage.DIAGNOSE, RouteStage.IDENTIFY, RouteStage.GREASE, RouteStage.SET)) {
            jobs.skip(job, stage, "cartridges renewed", NOW);
        }
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/jobs/" + job + "/prove");
            assertThat(b.text("#stage-fields")).contains("Wheel clamped").doesNotContain("plit pin");
            b.write("initials", "AH");
            b.keep("Log");
            assertThat(b.text("#rail")).contains("incomplete");
            b.open("/jobs/" + job + "/prove");
            b.choose("proof-play-clamped", "no play");
            b.choose("proof-engages", "not done");
            b.press(".foot button.go");
            b.untilText("main", "say in a word why");
            b.write("why-engages", "the chain is on order");
            b.keep("Log");
            b.choose("cause", "wheel bearing");
            assertThat(b.text(".foot .go")).isEqualTo("Keep, sign and close");
            b.keys(Keys.chord(Keys.CONTROL, Keys.ENTER));
            b.untilText("h1", "Report of job");
            assertThat(b.text("main"))
                    .contains("Signed and closed", "not done", "the chain is on order")
                    .doesNotContain("plit pin");
        }
    }

    @Test
    void theSecondBearingStandsBesideTheFirst() {
        long job = hub();
        try (Browser b = new Browser(port, 1280, 800)) {
            for (String cup : List.of("L44610", "L68110")) {
                b.open("/jobs/" + job + "/fit" + (cup.equals("L68110") ? "?of=new" : ""));
                b.write("designation", cup);
                b.untilText("#answer", "interference");
                b.keep("Grease");
            }
            b.open("/jobs/" + job + "/fit");
            assertThat(b.text("main")).contains("L44610", "L68110");
            b.open("/jobs/" + job + "/report");
            assertThat(b.text("main")).contains("L44610", "L68110");
        }
    }

    @Test
    void aLateAnswerBelongsToTheStageThatAskedForIt() {
        long job = hub();
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/jobs/" + job + "/fit");
            b.driver.executeCdpCommand("Network.enable", Map.of());
            b.write("designation", "L44610");
            b.driver.executeCdpCommand(
                    "Network.emulateNetworkConditions",
                    Map.of("offline", false, "latency", 900, "downloadThroughput", -1, "uploadThroughput", -1));
            b.write("seat", "N7");
            b.keep("Grease");
            b.driver.executeCdpCommand(
                    "Network.emulateNetworkConditions",
                    Map.of("offline", false, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
            for (int i = 0; i < 5; i++) {
                b.write("strokeGrams", String.valueOf(i + 1));
                b.untilText("#echo-strokeGrams", (i + 1) + " g");
            }
            assertThat(b.text("main")).doesNotContain("Wipe it with thin oil", "Kept on another screen");
            b.open("/jobs/" + job + "/fit");
            assertThat(b.all("#draft"))
                    .allSatisfy(draft -> assertThat(draft.getText()).doesNotContain("Not kept yet"));
            assertThat(b.text("main")).doesNotContain("another screen");
            assertThat(b.driver.manage().logs().get(LogType.BROWSER).getAll().stream()
                            .filter(line -> line.getLevel().intValue() >= Level.SEVERE.intValue()
                                    && !line.getMessage().contains("Abort")
                                    && !line.getMessage().contains("afterRequest"))
                            .map(LogEntry::getMessage)
                            .toList())
                    .isEmpty();
        }
    }
}
