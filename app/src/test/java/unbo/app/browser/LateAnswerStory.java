package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.vehicle.VehicleInput;

/** An answer that comes two seconds late finds another stage there, and does not land on it. */
@Served
class LateAnswerStory {

    /** Holds back every preview by two seconds; counts those that are held and those that have come. */
    private static final String HOLD = "window.held = 0; window.come = 0;"
            + "const open = XMLHttpRequest.prototype.open, send = XMLHttpRequest.prototype.send;"
            + "XMLHttpRequest.prototype.open = function (how, where, ...more) {"
            + " this.late = where.includes('/preview'); return open.call(this, how, where, ...more); };"
            + "XMLHttpRequest.prototype.send = function (body) {"
            + " if (!this.late) return send.call(this, body);"
            + " window.held++; this.addEventListener('loadend', () => window.come++);"
            + " setTimeout(() => send.call(this, body), 2000); };";

    @LocalServerPort
    private int port;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Test
    void itNeverLandsOnAnotherStage() {
        long vehicle = vehicles.add(new VehicleInput("trailer", "Late trailer", "L 1", "L.T.", "km", 900.0, "wet", 1))
                .id();
        long job = jobs.open(vehicle, "axle1-left", Instant.now());
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/jobs/" + job + "/intake");
            b.driver.executeScript(HOLD);
            b.write("complaint", "Hums on the road.");
            b.until(d -> b.number("window.held") > 0);
            b.find("[name=complaint]").sendKeys(Keys.chord(Keys.CONTROL, Keys.ENTER));
            b.until(d -> !d.findElement(By.tagName("h1")).getText().equals("Intake"));
            String stage = b.find("#answer").getDomAttribute("data-stage");
            String text = b.text("#answer");
            b.until(d -> b.number("window.come") >= b.number("window.held"));
            assertThat(b.find("#answer").getDomAttribute("data-stage"))
                    .isEqualTo(stage)
                    .isNotEqualTo("intake");
            assertThat(b.text("#answer")).isEqualTo(text);
            assertThat(b.address()).contains("/" + stage);
        }
    }
}
