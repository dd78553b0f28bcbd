package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.demo.DemoData;
import unbo.app.job.JobLine;
import unbo.app.job.JobService;
import unbo.app.job.JobState;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;

/** Every page, in the light and in the dark, on the bench and on a phone: readable, reachable, nothing sideways. */
@Served
class ReachStory {

    /**
     * What stands in a line of text may be smaller (WCAG 2.2, 2.5.8); so may a part in a drawing, for a word beside it
     * leads to the same; labels count for the boxes inside them.
     */
    private static final String SMALL_TARGETS = """
            return [...document.querySelectorAll(
                'a[href], button, input:not([type=hidden]), select, textarea, summary, svg[tabindex]')].filter(e => {
              if (e.closest('.skip, dialog:not([open])') || e.classList.contains('skip')) return false;
              if (!e.checkVisibility()) return false;
              if (e.closest('svg') && document.querySelector(`.chip[href="${e.getAttribute('href')}"]`)) return false;
              const line = e.matches('a') && ['P', 'TD', 'SPAN', 'LI', 'DIV'].includes(e.parentElement.tagName)
                && getComputedStyle(e).display === 'inline';
              if (line) return false;
              const box = (e.closest('label') ?? e).getBoundingClientRect();
              return box.height < 43.5 || box.width < 43.5;
            }).map(e => e.outerHTML.slice(0, 90) + ' ' + Math.round(e.getBoundingClientRect().width) + 'x'
                + Math.round(e.getBoundingClientRect().height));
            """;

    @LocalServerPort
    private int port;

    @Autowired
    private DemoData demo;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private final List<String> pages = new ArrayList<>();

    @BeforeEach
    void load() {
        demo.load();
        Vehicle cutter = vehicles.search("Cutter cradle").get(0);
        List<JobLine> lines = jobs.ofVehicle(cutter.id(), 0).lines();
        String open = "/jobs/"
                + lines.stream()
                        .filter(l -> l.state() == JobState.OPEN && l.position().contains("1 right"))
                        .findFirst()
                        .orElseThrow()
                        .id();
        String signed = "/jobs/"
                + lines.stream()
                        .filter(l -> l.state() == JobState.SIGNED)
                        .findFirst()
                        .orElseThrow()
                        .id();
        pages.addAll(List.of(
                "/",
                "/due",
                "/vehicles",
                "/vehicles/new",
                "/vehicles/" + cutter.id(),
                "/vehicles/" + cutter.id() + "/edit",
                "/positions/" + lines.get(0).positionId(),
                "/visits/new",
                "/visits/new?vehicle=" + cutter.id(),
                "/ask?q=cutter",
                "/ask?q=6305-2RS",
                "/wall",
                "/settings",
                "/take-in",
                "/bench",
                "/bench/nut",
                "/bench/diagnose",
                "/bench/diagnose?vehicle=trailer&checks=grease-out@axle1-left%3Dmilky",
                "/bench/diagnose/road?vehicle=car",
                "/bench/diagnose/table",
                "/bench/noise",
                "/bench/type",
                "/bench/race-map",
                "/bench/race-map/plates",
                "/bench/removal",
                "/bench/apart",
                "/bench/apart?page=1&kind=ball-pair&step=7",
                "/bench/apart?page=1&kind=pulley&shoulder=both",
                open + "/strip",
                open + "/inspect",
                open + "/photos",
                "/bench/type?at=cartridge",
                "/catalogue",
                open + "/parts",
                open + "/parts/order",
                "/style",
                "/nowhere"));
        for (String stage :
                new String[] {"intake", "diagnose", "identify", "grease", "set", "prove", "log", "report"}) {
            pages.add(open + "/" + stage);
        }
        pages.addAll(List.of(
                signed + "/grease",
                signed + "/report",
                open + "/numbers",
                open + "/numbers/wheel-life",
                "/stock/grease",
                "/bench/stack",
                "/bench/mount"));
        for (String question : new String[] {
            "decode",
            "find",
            "ladder",
            "interchange",
            "match",
            "seal",
            "hub-grease",
            "grease-mix",
            "runout",
            "end-play",
            "speed",
            "worth"
        }) {
            pages.add("/bench/" + question);
        }
    }

    /** Our pages have no frames, for which alone the newer way opens a window of its own at each page. */
    @SuppressWarnings("deprecation")
    private static AxeBuilder axe() {
        return new AxeBuilder().setLegacyMode();
    }

    @Test
    void noPageHasASeriousViolationInTheLightOrInTheDark() {
        List<String> found = new ArrayList<>();
        try (Browser b = new Browser(port, 1280, 800)) {
            for (String page : pages) {
                b.open(page);
                // what lies under the bar at the foot is scrolled from under it
                b.driver.executeScript("document.querySelector('.foot')?.style.setProperty('position', 'static')");
                b.driver.executeScript("document.querySelectorAll('details').forEach(d => d.open = true)");
                for (String scheme : new String[] {"light", "dark"}) {
                    b.driver.executeCdpCommand(
                            "Emulation.setEmulatedMedia",
                            Map.of("features", List.of(Map.of("name", "prefers-color-scheme", "value", scheme))));
                    AxeBuilder axe = scheme.equals("light")
                            ? axe().withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                            : axe().withRules(List.of("color-contrast"));
                    for (Rule rule : axe.analyze(b.driver).getViolations()) {
                        if (rule.getImpact().equals("serious")
                                || rule.getImpact().equals("critical")) {
                            rule.getNodes()
                                    .forEach(node -> found.add(scheme + " " + page + " " + rule.getId() + " "
                                            + node.getTarget() + " " + node.getHtml()));
                        }
                    }
                }
            }
        }
        assertThat(found).isEmpty();
    }

    @Test
    void onAPhoneNothingScrollsSidewaysAndEveryTargetTakesAThumb() {
        List<String> found = new ArrayList<>();
        try (Browser b = new Browser(port, 390, 844)) {
            for (String page : pages) {
                b.open(page);
                b.driver.executeScript("document.querySelectorAll('details').forEach(d => d.open = true)");
                long width = b.number("document.documentElement.scrollWidth");
                if (width > 390) {
                    found.add(page + " is " + width + " wide");
                }
                ((List<?>) b.driver.executeScript(SMALL_TARGETS)).forEach(target -> found.add(page + " " + target));
            }
        }
        assertThat(found).isEmpty();
    }

    @Test
    void whoWantsLessMotionGetsNone() {
        try (Browser b = new Browser(port, 1280, 800)) {
            b.driver.executeCdpCommand(
                    "Emulation.setEmulatedMedia",
                    Map.of("features", List.of(Map.of("name", "prefers-reduced-motion", "value", "reduce"))));
            b.open("/bench/nut");
            assertThat(b.number("[...document.querySelectorAll('*')].filter(e => { const s = "
                            + "getComputedStyle(e); return s.transitionDuration.split(',').some(d => "
                            + "parseFloat(d) > 0) && s.transitionProperty !== 'none' || s.animationName !== "
                            + "'none'; }).length"))
                    .isZero();
        }
    }
}
