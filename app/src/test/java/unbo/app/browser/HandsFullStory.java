package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.TimeoutException;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.job.JobState;
import unbo.app.job.VisitService;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/**
 * A whole job with both hands in grease: a foot switch that types a blank, a keyboard wedge that types digits and ends
 * each value with Enter, and Ctrl+Enter. No pointer, no Tab, no letter.
 */
@Served
class HandsFullStory {

    /** What the wedge types where the page waits with a box of that name; a digit in a list is that line of it. */
    private static final Map<String, String> SAID = Map.ofEntries(
            Map.entry("outerCone", "30205"),
            Map.entry("outerCup", "30205"),
            Map.entry("innerCone", "30206"),
            Map.entry("innerCup", "30206"),
            Map.entry("plane1", "51.96 51.962 51.961"),
            Map.entry("kind", "1"),
            Map.entry("oldKind", "1"),
            Map.entry("pitch", "1.5"),
            Map.entry("slots", "6"),
            Map.entry("pinHolesDeg", "0 90"),
            Map.entry("freeAngleDeg", "5"),
            Map.entry("push", "0.00 0.00 0.01"),
            Map.entry("pull", "0.06 0.065 0.06"),
            Map.entry("initials", "7"),
            Map.entry("cause", "1"));

    /** Name of the box that has the focus, or of the one that a figure typed at no box goes into. */
    private static final String WAITS = """
            const boxes = "input:not([type=hidden], [type=checkbox], [type=radio], [type=range]), select, textarea";
            const box = document.activeElement;
            if (box.matches(`.now :is(${boxes})`)) return box.name;
            return box !== document.body ? ""
                : [...document.querySelectorAll(`.now :is(${boxes})`)].find(one => !one.value)?.name ?? "";
            """;

    private static final String PLAYED = "return document.querySelector('#step-now .nowstep')?.innerText ?? ''";
    private static final String REFUSED = "const main = document.querySelector('main');"
            + "return !!main && (!!main.querySelector('.notice.bad') || main.textContent.includes('Not signed'))";
    private static final String QUIET =
            "return !document.querySelector('.htmx-request, .htmx-swapping, .htmx-settling')";

    private static final int MOST_PAGES = 40;

    @LocalServerPort
    private int port;

    @Autowired
    private JobService jobs;

    @Autowired
    private VisitService visits;

    @Autowired
    private VehicleService vehicles;

    private final List<String> typed = new ArrayList<>();

    @Test
    void aFootSwitchAWedgeAndCtrlEnterDoAWholeJob() {
        long job = secondPlaceOfAVisit();
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/jobs/" + job);
            for (int page = 0;
                    page < MOST_PAGES && jobs.view(job).orElseThrow().job().state() != JobState.SIGNED;
                    page++) {
                play(b);
                wedge(b);
                keep(b);
            }
            assertThat(jobs.view(job).orElseThrow().job().state())
                    .as("%s%n%s", typed, b.text("main"))
                    .isEqualTo(JobState.SIGNED);
            assertThat(b.text("main"))
                    .contains("30205", "30206", "Signed and closed")
                    .doesNotContain("kipped");
        }
    }

    /** What brought the vehicle was said at the desk, with its first place. */
    private long secondPlaceOfAVisit() {
        long vehicle = vehicles.add(new VehicleInput("trailer", "Hands full", "H 1", "H.F.", "km", 900.0, "wet", 1))
                .id();
        long first = jobs.open(vehicle, "axle1-right", Instant.now());
        jobs.keep(
                first,
                RouteStage.INTAKE,
                -1,
                Map.of("complaint", "Rumbles", "day", "2026-05-04", "load", "350"),
                Instant.now());
        long visit = jobs.view(first).orElseThrow().visit();
        return visits.add(visit, "axle1-left", Instant.now()).orElseThrow();
    }

    /** The foot switch, until nothing is played any more. */
    private void play(Browser b) {
        for (String step = played(b); !step.isEmpty(); step = played(b)) {
            String before = step;
            b.keys(" ");
            b.until(d -> !played(b).equals(before));
            typed.add("_");
        }
    }

    private static String played(Browser b) {
        b.until(d -> Boolean.TRUE.equals(b.driver.executeScript(QUIET)));
        return String.valueOf(b.driver.executeScript(PLAYED));
    }

    /** The wedge, as long as a box waits for it; where none does, its first figure finds one. */
    private void wedge(Browser b) {
        String before = "";
        for (String box = waits(b); !box.isEmpty() && !box.equals(before); box = waits(b)) {
            before = box;
            for (String value :
                    Arrays.stream(SAID.getOrDefault(box, "").split(" ")).toList()) {
                b.keys(value, Keys.ENTER);
                typed.add(box + "=" + value);
            }
            if (waits(b).equals(box)) {
                b.keys(Keys.ENTER);
            }
        }
    }

    private static String waits(Browser b) {
        return String.valueOf(b.driver.executeScript(WAITS));
    }

    private void keep(Browser b) {
        String before = b.address();
        assertThat(typed.isEmpty() ? "" : typed.get(typed.size() - 1))
                .as("the stage was refused, and nothing more was said: %s%n%s", typed, b.text("main"))
                .isNotEqualTo(before);
        b.keys(Keys.chord(Keys.CONTROL, Keys.ENTER));
        typed.add(before);
        try {
            b.until(d -> !b.address().equals(before) || refused(b));
        } catch (TimeoutException e) {
            throw new AssertionError(typed + " lead nowhere: " + waits(b) + "\n" + b.text("main"), e);
        }
        b.until(d -> Boolean.TRUE.equals(b.driver.executeScript(QUIET)));
    }

    /** A stage that cannot be used yet asks at once for what it lacks. */
    private static boolean refused(Browser b) {
        return Boolean.TRUE.equals(b.driver.executeScript(REFUSED));
    }
}
