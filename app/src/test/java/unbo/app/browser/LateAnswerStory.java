package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
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

/** An answer that comes two seconds late finds another stage there, and does not land on it. */
@Served
class LateAnswerStory {

    /** Holds back every preview by two seconds, what keeps a stage by less; counts those held and those come. */
    private static final String HOLD = """
            window.held = 0;
            window.come = 0;
            const { open, send, abort } = XMLHttpRequest.prototype;
            XMLHttpRequest.prototype.open = function (how, where, ...more) {
              this.late = where.includes("/preview") ? 2000 : how.toLowerCase() === "post" ? 700 : 0;
              return open.call(this, how, where, ...more);
            };
            XMLHttpRequest.prototype.send = function (body) {
              if (this.late === 2000) {
                window.held++;
                this.addEventListener("loadend", () => window.come++);
              }
              this.waits = setTimeout(() => { this.waits = 0; send.call(this, body); }, this.late);
            };
            XMLHttpRequest.prototype.abort = function () {
              if (!this.waits) return abort.call(this);
              clearTimeout(this.waits);
              this.dispatchEvent(new ProgressEvent("abort"));
              this.dispatchEvent(new ProgressEvent("loadend"));
            };
            """;

    private static final String ANOTHER = "const answer = document.querySelector('main #answer');"
            + "return !!answer && answer.dataset.stage !== 'strip'"
            + " && !document.querySelector('.htmx-swapping, .htmx-settling')";

    @LocalServerPort
    private int port;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Test
    void itNeverLandsOnTheStageAfterTheOneThatIsKept() {
        long job = untilStrip();
        try (Browser b = held(job)) {
            b.click("#step-now [data-tick]");
            b.until(d -> b.number("window.held") > 0);
            b.keys(Keys.chord(Keys.CONTROL, Keys.ENTER));
            staysAsItCame(b);
        }
    }

    @Test
    void whatWasTypedJustBeforeAStageIsKeptIsNotAskedAfter() {
        long job = untilStrip();
        try (Browser b = held(job)) {
            b.click("#step-now [data-tick]");
            b.driver.executeScript("const form = document.getElementById('stage-form');"
                    + "form.requestSubmit(document.querySelector('.foot .go'));"
                    + "document.querySelector('#steps input').dispatchEvent(new Event('input', { bubbles: true }));");
            staysAsItCame(b);
        }
    }

    @Test
    void itNeverLandsOnAStageThatCameInItsPlace() {
        long job = untilStrip();
        try (Browser b = held(job)) {
            b.click("#step-now [data-tick]");
            b.until(d -> b.number("window.held") > 0);
            b.driver.executeScript("const link = document.createElement('a');"
                    + "link.href = 'identify'; link.setAttribute('hx-boost', 'true');"
                    + "document.querySelector('main').append(link); htmx.process(link); link.click();");
            staysAsItCame(b);
        }
    }

    private long untilStrip() {
        long vehicle = vehicles.add(new VehicleInput("trailer", "Late trailer", "L 1", "L.T.", "km", 900.0, "wet", 1))
                .id();
        long job = jobs.open(vehicle, "axle1-left", Instant.now());
        keep(job, RouteStage.INTAKE, Map.of("complaint", "Hums on the road.", "day", "2026-05-04"));
        keep(
                job,
                RouteStage.IDENTIFY,
                Map.of("outerCone", "L44643", "outerCup", "L44610", "innerCone", "L68149", "innerCup", "L68110"));
        return job;
    }

    private Browser held(long job) {
        Browser browser = new Browser(port, 1280, 800);
        browser.open("/jobs/" + job + "/strip");
        browser.driver.executeScript(HOLD);
        return browser;
    }

    /** The stage that comes is the one that stays, however late an answer to Strip. */
    private static void staysAsItCame(Browser b) {
        b.until(d -> Boolean.TRUE.equals(b.driver.executeScript(ANOTHER)));
        String page = b.text("main");
        b.until(d -> b.number("window.come") >= b.number("window.held"));
        b.until(d -> b.all(".htmx-swapping, .htmx-settling").isEmpty());
        assertThat(b.text("main")).isEqualTo(page);
    }

    private void keep(long job, RouteStage stage, Map<String, String> texts) {
        jobs.keep(job, stage, -1, texts, Instant.now());
    }
}
