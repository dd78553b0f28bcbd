package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.openqa.selenium.WebElement;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.app.vehicle.VehicleService;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.proof.ProofItem;
import unbo.core.table.Table;
import unbo.core.table.TableRow;
import unbo.core.vehicle.VehicleInput;

/**
 * Ten whole jobs, each at another kind of place, through the pages from Intake to the signature: none needs a stage
 * skipped, and no report says what is not done at such a place.
 */
@Served
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class WholeJobsStory {

    private static final Map<String, List<TableRow>> JOBS = Table.read(WholeJobsStory.class, "whole-jobs.csv").stream()
            .collect(Collectors.groupingBy(row -> row.get("job"), LinkedHashMap::new, Collectors.toList()));
    private static final String OTHER_SIDE = "other-side";
    private static final String FORM = "#stage-form ";
    private static final String THERE = "return document.querySelector('#answer')?.dataset.stage === arguments[0]"
            + " && !document.querySelector('.htmx-request, .htmx-swapping, .htmx-settling')";

    private static final String QUIET =
            "return !document.querySelector('.htmx-request, .htmx-swapping, .htmx-settling')";
    private static final String ASKED =
            "return [...document.querySelectorAll('.now :is(input, select, textarea)')].map(e => e.name)";
    /** Enter in the last box that is asked, as often as ends a box of readings. */
    private static final String GO_ON = """
            const boxes = [...document.querySelectorAll('.now :is(input:not([type=hidden]), select)')];
            const last = boxes[boxes.length - 1];
            for (let i = 0; last && i < 2 && last.isConnected; i++) last.dispatchEvent(
                new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
            """;
    /** Marks what stands there now: it is gone once the next page is here. */
    private static final String MARK = "document.getElementById('stage-form').dataset.old = 'yes'";

    private static final String FORM_NEW = "return !document.querySelector('#stage-form[data-old]')";

    /** What boxes of some names take beside what is typed: folds opened, lines chosen or ticked, looks answered. */
    private static final String TOUCHES = """
            const boxes = arguments[0].map(name => document.querySelector(
                `#stage-form [name='${name}'], #stage-form [name='proof-${name}']`)).filter(box => !!box);
            const looks = boxes.filter(box => box.name.startsWith("proof-"));
            const others = boxes.filter(box => !looks.includes(box) && box.type !== "hidden");
            const folds = new Set();
            others.forEach(box => {
              for (let fold = box.closest("details:not([open])"); fold;
                  fold = fold.parentElement.closest("details:not([open])")) folds.add(fold);
            });
            return [folds.size, others.filter(box => box.matches("select, [type=checkbox]")).length, looks.length];
            """;

    @LocalServerPort
    private int port;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private final SurfaceFigures figures = new SurfaceFigures();
    private Browser browser;
    /** The job whose touches are counted; empty while none are. */
    private String counted = "";

    /** All but the other side, which is begun by the first side's report. */
    static List<String> jobs() {
        return JOBS.keySet().stream().filter(job -> !job.equals(OTHER_SIDE)).toList();
    }

    private Browser browser() {
        if (browser == null) {
            browser = new Browser(port, 1280, 800);
        }
        return browser;
    }

    @AfterAll
    void close() {
        figures.judge();
        if (browser != null) {
            browser.close();
        }
    }

    private long begin(String job) {
        TableRow first = JOBS.get(job).get(0);
        long vehicle = vehicles.add(
                        new VehicleInput(first.get("vehicle"), "Whole job " + job, job, "W.J.", "km", 9000.0, "wet", 1))
                .id();
        return jobs.open(vehicle, first.get("position"), Instant.now());
    }

    private void work(long id, List<TableRow> rows) {
        for (TableRow row : rows) {
            String address = "/jobs/" + id + "/" + row.get("stage") + row.get("at");
            if (!browser().driver.getCurrentUrl().endsWith(address)) {
                browser().open(address);
                touched("gone to a stage", 1);
            }
            settled(row.get("stage"));
            figures.read(browser(), row.get("job"), row.get("stage") + row.get("at"));
            fill(row.get("boxes"));
            for (String name : named(row.get("boxes"))) {
                figures.said(row.get("job"), row.get("stage") + row.get("at"), label(name));
            }
            if (!row.get("stage").equals("log")) { // that is kept by signing
                keep(row);
            }
        }
    }

    /** Waits for the stage itself: its address may stand there before it does. */
    private void settled(String stage) {
        browser().until(d -> Boolean.TRUE.equals(browser().driver.executeScript(THERE, stage)));
    }

    /** What is asked is said first, as it is asked; what is not asked by then is looked for in the folds. */
    private void fill(String boxes) {
        Map<String, String> left = new LinkedHashMap<>();
        for (String box : boxes.split(" ~ ")) {
            if (!box.isBlank()) {
                left.put(box.substring(0, box.indexOf('=')), box.substring(box.indexOf('=') + 1));
            }
        }
        for (List<String> asked = asked(left); !asked.isEmpty(); asked = asked(left)) {
            say(asked, left);
            if (!left.isEmpty()) {
                browser().driver.executeScript(GO_ON);
                browser().until(d -> Boolean.TRUE.equals(browser().driver.executeScript(QUIET)));
            }
        }
        say(List.copyOf(left.keySet()), left);
    }

    private List<String> asked(Map<String, String> left) {
        List<?> now = (List<?>) browser().driver.executeScript(ASKED);
        return left.keySet().stream().filter(now::contains).toList();
    }

    private void say(List<String> names, Map<String, String> left) {
        List<?> read = (List<?>) browser().driver.executeScript(TOUCHES, names);
        touched("unfolded", ((Number) read.get(0)).intValue());
        touched("chosen or ticked", ((Number) read.get(1)).intValue());
        touched("looked at", ((Number) read.get(2)).intValue());
        browser()
                .driver
                .executeScript(
                        "document.querySelectorAll('details').forEach(d => { d.open ||= arguments[0]; })",
                        !names.isEmpty());
        names.forEach(name -> set(name, left.remove(name).replace('|', '\n')));
    }

    private static List<String> named(String boxes) {
        return Arrays.stream(boxes.split(" ~ "))
                .filter(box -> !box.isBlank())
                .map(box -> box.substring(0, box.indexOf('=')))
                .toList();
    }

    private String label(String name) {
        return String.valueOf(browser()
                .driver
                .executeScript(
                        "return document.querySelector(`#stage-form [name='${arguments[0]}'],"
                                + " #stage-form [name='proof-${arguments[0]}']`)?.labels?.[0]?.textContent.trim()",
                        name));
    }

    private void touched(String what, int times) {
        if (!counted.isEmpty()) {
            figures.touched(counted, what, times);
        }
    }

    private void set(String name, String text) {
        List<WebElement> there = browser().all(FORM + "[name='" + name + "']");
        if (there.isEmpty()) {
            there = browser().all(FORM + "[name='proof-" + name + "']");
        }
        assertThat(there).as(name + " on " + browser().address()).isNotEmpty();
        browser()
                .driver
                .executeScript(
                        "const box = arguments[0];"
                                + "if (box.type === 'checkbox') { box.checked = arguments[1] === 'yes'; }"
                                + "else { box.value = arguments[1]; }"
                                + "box.dispatchEvent(new Event('input', { bubbles: true }));",
                        there.get(0),
                        text);
    }

    private void keep(TableRow row) {
        touched("kept", 1);
        browser().driver.executeScript(MARK);
        browser().click(".foot button.go");
        browser().until(d -> Boolean.TRUE.equals(browser().driver.executeScript(FORM_NEW)));
        assertThat(browser().untilAny("main", "is kept", "Kept as a draft", "Not kept"))
                .as(row.get("stage") + row.get("at"))
                .doesNotContain("Kept as a draft", "Not kept");
    }

    private void sign(long id) {
        touched("signed", 1);
        browser().click("#sign");
        assertThat(browser().untilAny("main", "Signed and closed", "Not signed"))
                .contains("Signed and closed")
                .doesNotContain("Not signed");
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void aWholeJobIsSignedWithNothingSkippedAndNothingUntrue(String job) {
        long id = begin(job);
        counted = job;
        work(id, JOBS.get(job));
        sign(id);
        counted = "";

        JobView view = jobs.view(id).orElseThrow();
        AssemblyKind kind = view.sheet().kind().orElseThrow();
        browser().open("/jobs/" + id + "/report");
        String report = browser().text("main");
        assertThat(report).doesNotContain("Skipped", "skipped");
        for (KindPlace place : KindPlace.of(kind.code())) {
            assertThat(report.toLowerCase(java.util.Locale.ROOT)).contains(place.label());
        }
        assertThat(report).doesNotContain(untrue(kind).toArray(String[]::new));
        asked(job).forEach(words -> assertThat(report).contains(words));
        looked(job).forEach(words -> assertThat(report).contains(words));

        browser().open("/positions/" + view.position().id());
        assertThat(browser().all("#runs tbody tr"))
                .as("bearings of the position, by place")
                .hasSize((int) KindPlace.of(kind.code()).stream()
                        .filter(place -> !place.loose())
                        .count());
        if (job.equals("trailer")) {
            assertThat(report).contains("too much end play, the hub ran tilted", "inner bearing, cone");
            otherSide(id);
        }
    }

    /** The other side: what is the same there is kept by one touch, nothing is typed but what is measured there. */
    private void otherSide(long first) {
        browser().open("/jobs/" + first + "/report");
        browser().click("form[action$='/do/twin'] button");
        browser().untilAny("h1", "Strip");
        long other = Long.parseLong(browser().address().replaceAll("\\D+(\\d+).*", "$1"));
        counted = OTHER_SIDE;
        touched("begun", 1);
        work(other, JOBS.get(OTHER_SIDE));
        sign(other);
        counted = "";
        assertThat(browser().text("main")).contains("axle 1 right hub", "L44643/L44610", "L68149/L68110");
    }

    /** What other kinds are proved by, and this one is not. */
    private static Set<String> untrue(AssemblyKind kind) {
        Set<String> own = ProofItem.of(kind).stream()
                .flatMap(item -> java.util.stream.Stream.of(item.label(), item.right()))
                .collect(Collectors.toSet());
        Set<String> others = AssemblyKind.all().stream()
                .flatMap(other -> ProofItem.of(other).stream())
                .map(ProofItem::right)
                .filter(words -> words.length() > 12 && own.stream().noneMatch(mine -> mine.contains(words)))
                .collect(Collectors.toSet());
        if (!kind.code().equals("adjustable-taper")) {
            others.addAll(Set.of("split pin", "castellated nut", "Nut locked yes"));
        }
        return others;
    }

    /** What the report must say of the proofs that were given. */
    private static List<String> asked(String job) {
        return JOBS.get(job).stream()
                .filter(row -> row.get("stage").equals("identify"))
                .flatMap(row -> java.util.Arrays.stream(row.get("boxes").split(" ~ ")))
                .filter(box -> box.contains("Cone="))
                .map(box -> box.substring(box.indexOf('=') + 1))
                .toList();
    }

    /** What the report must say of the parts that were looked at, and of those that were added. */
    private static List<String> looked(String job) {
        return JOBS.get(job).stream()
                .flatMap(row -> java.util.Arrays.stream(row.get("boxes").split(" ~ ")))
                .filter(box -> box.startsWith("seen-") || box.startsWith("moreName="))
                .map(box -> box.substring(box.indexOf('=') + 1))
                .toList();
    }

    @Test
    void aSpunSeatIsFittedWithItsGapUntilItIsPutRight() {
        long id = begin("trailer");
        List<TableRow> rows = JOBS.get("trailer");
        work(
                id,
                rows.stream()
                        .filter(row -> Set.of("intake", "identify").contains(row.get("stage")))
                        .toList());
        browser().open("/jobs/" + id + "/inspect?which=inner");
        fill("plane1=59.20 59.21 59.20 ~ plane2=59.20 59.20 59.21");
        keep(rows.get(0));
        browser().open("/jobs/" + id + "/fit?which=inner&ring=outer");
        assertThat(browser().find("[name=measuredMaxMm]").getDomProperty("value"))
                .startsWith("59.21");
        assertThat(browser().text("main")).contains("the measured seat is spun: put it right");
        browser().open("/jobs/" + id + "/inspect?which=inner");
        fill("remedy=sleeve");
        keep(rows.get(0));
        browser().open("/jobs/" + id + "/fit?which=inner&ring=outer");
        assertThat(browser().find("[name=measuredMaxMm]").getDomProperty("value"))
                .isEmpty();
        assertThat(browser().text("main")).contains("put right by: sleeve");
    }

    @Test
    void aNumberCorrectedAfterFitIsSaidWhereverItHangsAndIsNotSigned() {
        long id = begin("gearbox");
        Set<String> stages = Set.of("intake", "identify", "fit");
        work(
                id,
                JOBS.get("gearbox").stream()
                        .filter(row -> stages.contains(row.get("stage")))
                        .toList());
        browser().open("/jobs/" + id + "/identify");
        fill("innerCone=NU306");
        keep(JOBS.get("gearbox").get(1));
        assertThat(browser().text("#rail")).contains("recalculate");
        browser().open("/jobs/" + id + "/fit");
        assertThat(browser().text("#places")).contains("recalculate").contains("kept");
        browser().open("/jobs/" + id + "/log");
        fill("cause=regular-service");
        browser().click("#sign");
        browser().untilText("main", "Not signed");
        assertThat(browser().text("main")).contains("Fit hangs on a fact that has changed since");
    }
}
