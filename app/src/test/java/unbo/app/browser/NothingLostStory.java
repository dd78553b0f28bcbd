package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Map;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

@Served
class NothingLostStory {

    @LocalServerPort
    private int port;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private long job;

    @BeforeEach
    void open() {
        job = jobs.open(
                vehicles.add(new VehicleInput("trailer", "Windward trailer", "WT 1", "X.Y.", "none", null, "wet", 1))
                        .id(),
                "axle1-left",
                Instant.now());
    }

    private static String box(Browser b, String name) {
        return b.find("[name='" + name + "']").getDomProperty("value");
    }

    private boolean drafted(Browser b) {
        b.open("/jobs/" + job + "/intake");
        return b.driver.findElements(By.id("draft")).stream()
                .anyMatch(draft -> draft.getText().contains("Not kept yet"));
    }

    private String complaint() {
        return jobs.view(job).orElseThrow().station(RouteStage.INTAKE).texts().getOrDefault("complaint", "");
    }

    @Test
    void whatWasTypedIsThereAfterLeavingAfterBackAndAfterTheLineWasGone() {
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/jobs/" + job + "/intake");
            b.write("complaint", "Hums when loaded");
            b.open("/vehicles");
            b.until(d -> drafted(b)); // what is sent while leaving is heard in its own time
            assertThat(box(b, "complaint")).isEqualTo("Hums when loaded");
            b.open("/");
            b.driver.navigate().back();
            b.untilText("h1", "Intake");
            assertThat(box(b, "complaint")).isEqualTo("Hums when loaded");

            line(b, false);
            b.write("complaint", "Hums when loaded and wet");
            b.untilText("#line", "There is no connection to Unbo.");
            b.press(".foot button.go");
            b.untilText("#line", "sent again by itself");
            assertThat(complaint()).isEmpty();
            line(b, true);
            b.untilText("h1", "Diagnose");
            assertThat(complaint()).isEqualTo("Hums when loaded and wet");

            b.open("/jobs/" + job + "/identify");
            line(b, false);
            b.write("outerCone", "L44649");
            b.untilText("#line", "There is no connection to Unbo.");
            b.driver.executeScript(
                    "navigator.sendBeacon = () => false"); // a browser that was closed hard says nothing more
            b.driver.navigate().refresh();
            line(b, true);
            b.open("/jobs/" + job + "/identify");
            b.untilText("#line", "it stands in the boxes again");
            assertThat(box(b, "outerCone")).isEqualTo("L44649");
            b.until(d ->
                    (Boolean) b.driver.executeScript("return localStorage.length === 0")); // by now the server has it
            b.open("/jobs/" + job + "/identify");
            b.untilText("#draft", "Not kept yet");
        }
    }

    @Test
    void theSecondOfTwoBrowsersSeesBothVersionsAndMergesFieldByField() {
        try (Browser tablet = new Browser(port, 1280, 800);
                Browser laptop = new Browser(port, 1280, 800)) {
            tablet.open("/jobs/" + job + "/intake");
            laptop.open("/jobs/" + job + "/intake");
            tablet.write("complaint", "Rumbles");
            laptop.write("complaint", "Hums");
            laptop.write("load", "300 kg");
            laptop.keep("Diagnose");
            tablet.press(".foot button.go");
            tablet.untilText("#merge", "Kept on another screen");
            assertThat(tablet.text("#merge"))
                    .contains("Rumbles", "Hums", "300 kg", "both changed it", "only the other screen changed it");
            tablet.press("#merge button.go");
            tablet.untilText(".kept", "Intake is kept");
            Map<String, String> kept =
                    jobs.view(job).orElseThrow().station(RouteStage.INTAKE).texts();
            assertThat(kept).containsEntry("complaint", "Rumbles").containsEntry("load", "300 kg");
        }
    }

    private static void line(Browser b, boolean there) {
        b.driver.executeCdpCommand("Network.enable", Map.of());
        b.driver.executeCdpCommand(
                "Network.emulateNetworkConditions",
                Map.of("offline", !there, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
    }
}
