package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.time.Instant;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.instrument.AttachedInstruments;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

@Served
class InstrumentStory {

    @LocalServerPort
    private int port;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private AttachedInstruments instruments;

    private static String box(Browser b, String name) {
        return b.find("[name=" + name + "]").getDomProperty("value");
    }

    private static void set(Browser b, String css, String value) {
        b.driver.executeScript(
                "const e = document.querySelector(arguments[0]); e.value = arguments[1]; "
                        + "e.dispatchEvent(new Event('change', {bubbles: true}));",
                css,
                value);
    }

    private static void start(Browser b) {
        b.driver.executeScript("document.querySelector('[data-live]').open = true");
        b.click("[data-live-run]");
    }

    /** Captures by key so often, each time when a reading stands there. */
    private static void capture(Browser b, int times, String box) {
        for (int i = 0; i < times; i++) {
            String before = box(b, box);
            b.untilText("[data-live-value]", box.endsWith("Temperature") ? "°C" : "mm");
            b.until(d -> {
                b.find("body").sendKeys("c");
                return !box(b, box).equals(before);
            });
        }
    }

    @Test
    void proofsAreCapturedIntoAJobByKey() {
        long job = jobs.open(
                vehicles.add(new VehicleInput("trailer", "Measured trailer", "MT 1", "X.Y.", "none", 900.0, "wet", 1))
                        .id(),
                "axle1-left",
                Instant.parse("2026-05-04T08:00:00Z"));
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/jobs/" + job + "/prove");
            set(b, "[data-sim=play]", "0.08");
            start(b);
            for (int pair = 0; pair < 3; pair++) {
                capture(b, 1, "push");
                capture(b, 1, "pull");
            }
            b.untilText("#answer .figure .num", "0.0");
            b.click("[data-live-run]");
            set(b, "[data-live-into]", "hubTemperature");
            b.click("[data-live-run]");
            capture(b, 1, "hubTemperature");
            capture(b, 1, "twinTemperature");
            assertThat(box(b, "push").split(" ")).hasSize(3);
            assertThat(box(b, "pull").split(" ")).hasSize(3).allMatch(r -> r.endsWith("mm"));
            assertThat(box(b, "hubTemperature")).endsWith("°C");
            b.click(".foot button[name=stay]");
            b.until(d -> jobs.view(job).orElseThrow().station(RouteStage.PROVE).answer() != null);
            assertThat(jobs.view(job)
                            .orElseThrow()
                            .station(RouteStage.PROVE)
                            .answer()
                            .figures()
                            .get(0)
                            .what())
                    .isEqualTo("end play");
        }
    }

    @Test
    void aTurnIsCapturedMarkByMark() {
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/bench/runout?surface=disc&readings=");
            set(b, "[data-live-of]", "8");
            set(b, "[data-sim=eccentric]", "0.06");
            set(b, "[data-sim=eccentricAt]", "90");
            start(b);
            capture(b, 3, "readings");
            b.find("body").sendKeys(Keys.BACK_SPACE);
            b.until(d -> box(b, "readings").split(" ").length == 2);
            capture(b, 6, "readings");
            b.untilText("[data-live-at]", "the turn is full");
            b.untilText("#answer .figure .num", "0.1");
            assertThat(b.text("#answer")).contains("high spot");
            assertThat(Integer.parseInt(
                            b.all("#answer .figure .num").get(1).getText().replace("°", "")))
                    .isBetween(84, 96);
        }
    }

    @Test
    void aSecondProcessSpeakingTheProtocolTakesThePlaceOfTheSimulatedOne() throws IOException, InterruptedException {
        Process instrument = new ProcessBuilder(
                        "bash",
                        new File("../tools/instrument").getPath(),
                        String.valueOf(instruments.port()),
                        "indicator",
                        "story-1",
                        "12")
                .redirectErrorStream(true)
                .start();
        try (Browser b = new Browser(port, 1280, 800)) {
            b.until(d -> instruments.names().containsKey("story-1"));
            b.open("/bench/runout?surface=disc&readings=");
            set(b, "[data-live-source]", "/instruments/attached/story-1/stream");
            set(b, "[data-live-of]", "12");
            start(b);
            b.until(d ->
                    d.findElement(By.cssSelector("[data-live-run]")).getText().equals("Stop"));
            instrument.getOutputStream().write('\n');
            instrument.getOutputStream().flush();
            b.until(d -> box(b, "readings").split(" ").length == 12);
            b.untilText("#echo-readings", "12 values");
            b.until(d -> Math.abs(Integer.parseInt(b.all("#answer .figure .num")
                                    .get(1)
                                    .getText()
                                    .replace("°", ""))
                            - 130)
                    <= 10);
        } finally {
            instrument.destroy();
            instrument.waitFor(10, TimeUnit.SECONDS);
        }
    }
}
