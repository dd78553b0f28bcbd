package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

@Served
class NoScriptStory {

    @LocalServerPort
    private int port;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Test
    void theNutAndAStageWorkWithoutScript() {
        long trailer = vehicles.add(
                        new VehicleInput("trailer", "Plain trailer", "PL 1", "X.Y.", "none", null, "wet", 1))
                .id();
        long job = jobs.open(trailer, "axle1-left", Instant.now());
        try (Browser b = new Browser(port, 1280, 800)) {
            b.driver.executeCdpCommand("Emulation.setScriptExecutionDisabled", Map.of("value", true));
            b.open("/bench/nut");
            b.write("pinHolesDeg", "0 90 180 270");
            b.click("#nut button.go");
            b.untilText(".figure .num", "10°");

            b.open("/jobs/" + job + "/intake");
            b.write("complaint", "Hums without script");
            b.click(".foot button.go");
            b.untilText("h1", "Diagnose");
            b.open("/jobs/" + job + "/report");
            assertThat(b.text("main")).contains("Hums without script");
        }
    }

    private long hub() {
        long trailer = vehicles.add(new VehicleInput("trailer", "Part by part", "PL 2", "X.Y.", "none", null, "wet", 1))
                .id();
        long job = jobs.open(trailer, "axle1-left", Instant.now());
        jobs.keep(
                job,
                RouteStage.IDENTIFY,
                jobs.view(job).orElseThrow().station(RouteStage.IDENTIFY).version(),
                Map.of("outerCone", "L44643", "outerCup", "L44610", "innerCone", "L68149", "innerCup", "L68110"),
                Instant.now());
        return job;
    }

    @Test
    void everyPartOfTheSectionIsReachedWithoutScript() {
        long job = hub();
        try (Browser b = new Browser(port, 1280, 800)) {
            b.driver.executeCdpCommand("Emulation.setScriptExecutionDisabled", Map.of("value", true));
            b.open("/jobs/" + job + "/strip");
            List<String> drawn = b.all("#section a.part-of").stream()
                    .map(part -> part.getDomAttribute("href"))
                    .distinct()
                    .toList();
            assertThat(drawn).hasSizeGreaterThan(8);
            assertThat(b.all(".chip").stream().map(chip -> chip.getDomAttribute("href")))
                    .containsAll(drawn);
            b.click(".chips summary");
            b.click(".chip[href$='at=inner-cup']");
            b.untilText("#part", "inner cup, L68149/L68110");
            assertThat(b.text("#part")).contains("inner bearing, outside", "Look at it", "Fit it");
            assertThat(b.find("#section .part-now").getDomAttribute("data-part"))
                    .isEqualTo("inner-cup");

            b.open("/jobs/" + job + "/fit");
            String address = b.find("#section [data-part='inner-cup']").getDomAttribute("href");
            assertThat(address).endsWith("fit?which=inner&ring=outer&at=inner-cup");
            b.open(address);
            assertThat(b.text("#places [aria-current]")).contains("outer ring");
            assertThat(b.find("#places tr:has([aria-current])").getText()).contains("inner bearing");
        }
    }

    @Test
    void aStageIsSkippedByAReadyReasonAndTheRecordSaysThatAlone() {
        long job = hub();
        try (Browser b = new Browser(port, 1280, 800)) {
            b.driver.executeCdpCommand("Emulation.setScriptExecutionDisabled", Map.of("value", true));
            b.open("/jobs/" + job + "/diagnose");
            b.click(".skipper summary");
            b.click(".skipper button[value='done before']");
            b.untilText("h1", "Identify");
            assertThat(jobs.view(job).orElseThrow().station(RouteStage.DIAGNOSE).skipped())
                    .isEqualTo("done before");
            b.open("/jobs/" + job + "/diagnose");
            b.click(".skipper summary");
            b.find("#why").sendKeys("fetched by its owner", Keys.ENTER);
            b.untilText("h1", "Identify");
            assertThat(jobs.view(job).orElseThrow().station(RouteStage.DIAGNOSE).skipped())
                    .isEqualTo("fetched by its owner");
        }
    }

    /** The foot switch is a Space bar: it does the step that is shown; with Ctrl+Enter the stage is kept. */
    @Test
    void aHubIsTakenApartByTheSpaceBar() {
        long job = hub();
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/jobs/" + job + "/strip");
            b.untilText("#step-now", "step 1 of");
            int steps = Integer.parseInt(b.text("#step-now").replaceAll("(?s).*step 1 of (\\d+).*", "$1"));
            assertThat(steps).isGreaterThan(8);
            b.keys(Keys.SPACE);
            b.untilText("#step-now", "step 2 of");
            b.keys(Keys.BACK_SPACE);
            b.untilText("#step-now", "step 1 of");
            for (int step = 2; step <= steps; step++) {
                b.keys(Keys.SPACE);
                b.untilText("#step-now", "step " + step + " of");
            }
            assertThat(b.all("#section .part-now"))
                    .as("the part that comes out last")
                    .isNotEmpty();
            b.keys(Keys.SPACE);
            b.untilText("#step-now", "All " + steps + " steps are done");
            b.keys(Keys.chord(Keys.CONTROL, Keys.ENTER));
            b.untilText("h1", "Inspect");
            Map<String, String> texts =
                    jobs.view(job).orElseThrow().station(RouteStage.STRIP).texts();
            assertThat(texts.entrySet().stream().filter(text -> text.getKey().startsWith("tick-")))
                    .hasSize(steps)
                    .allSatisfy(text -> assertThat(text.getValue()).matches("\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d"));
        }
    }
}
