package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
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
            b.find("#nut button.go").click();
            b.untilText(".figure .num", "10°");

            b.open("/jobs/" + job + "/intake");
            b.write("complaint", "Hums without script");
            b.find("#stage-form button.go").click();
            b.untilText("h1", "Diagnose");
            b.open("/jobs/" + job + "/report");
            assertThat(b.text("main")).contains("Hums without script");
        }
    }
}
