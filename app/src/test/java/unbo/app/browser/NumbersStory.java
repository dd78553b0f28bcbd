package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.job.AnswerService;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/**
 * The life of a hub's bearings is asked inside its job, tried with a slider, and kept; bearings turn on the speed page.
 */
@Served
class NumbersStory {

    private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");

    @LocalServerPort
    private int port;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private AnswerService answers;

    @Test
    void aWiderTrackIsTriedWithTheSliderAndKept() {
        long vehicle = vehicles.add(
                        new VehicleInput("trailer", "Slider trailer", "SL 1", "X.Y.", "none", 2000.0, "wet", 1))
                .id();
        long id = jobs.open(vehicle, "axle1-left", AT);
        jobs.keep(id, RouteStage.INTAKE, -1, Map.of("complaint", "new wheels", "day", "2026-05-04", "load", "450"), AT);
        jobs.keep(
                id,
                RouteStage.IDENTIFY,
                -1,
                Map.of(
                        "outerCone",
                        "L44643",
                        "outerCup",
                        "L44610",
                        "innerCone",
                        "L68149",
                        "innerCup",
                        "L68110",
                        "betweenCups",
                        "42"),
                AT);
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/jobs/" + id + "/numbers/wheel-life");
            b.write("rollingRadiusM", "0.3");
            b.untilText("#answer", "life of the pair");
            assertThat(b.text("#answer")).doesNotContain("changed, the pair");
            b.tabTo("input[data-slide='newOffset']");
            b.keys(
                    Keys.chord(Keys.ARROW_RIGHT),
                    Keys.ARROW_RIGHT,
                    Keys.ARROW_RIGHT,
                    Keys.ARROW_RIGHT,
                    Keys.ARROW_RIGHT);
            b.untilText("#answer", "changed, the pair");
            assertThat(b.find("#newOffset").getDomProperty("value")).isNotBlank();
            assertThat(b.text("#answer .figure .num")).startsWith("−");
            b.press("#keep-number");
            b.untilText("h1", "Numbers");
            assertThat(b.text("body")).contains("Wheel bearings, load and life is kept in the job");
        }
        assertThat(answers.of(id))
                .singleElement()
                .satisfies(k -> assertThat(k.texts()).containsKeys("newOffset", "rollingRadiusM"));
    }

    @Test
    void twoBearingsTurnSideBySide() {
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/bench/speed");
            assertThat(b.all("g[data-spin]")).hasSizeGreaterThan(20);
            String before = b.find("g[data-spin]").getDomAttribute("transform");
            b.until(d -> !String.valueOf(b.find("g[data-spin]").getDomAttribute("transform"))
                    .equals(String.valueOf(before)));
            b.open("/bench/wheel-life");
            b.press("#answer details.more summary");
            b.until(ExpectedConditions.visibilityOfElementLocated(org.openqa.selenium.By.cssSelector("table.values")));
        }
    }
}
