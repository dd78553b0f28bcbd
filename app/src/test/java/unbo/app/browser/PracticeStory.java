package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.support.ui.Select;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.core.tools.practice.Lesson;
import unbo.core.tools.practice.PracticeJob;
import unbo.core.tools.practice.Work;

/** Each lesson and all work is played on a phone's width: answered, opened, on to the next. */
@Served
class PracticeStory {

    @LocalServerPort
    private int port;

    @Test
    void everyLessonIsPlayedOnAPhone() {
        try (Browser b = new Browser(port, 390, 844)) {
            for (Lesson<?> lesson : Lesson.all()) {
                b.open("/practice");
                b.click("a[href*='/practice/" + lesson.code() + "?level=1']");
                b.untilText("h1", lesson.title());
                long seed = Long.parseLong(b.find("input[name=seed]").getDomProperty("value"));
                List<String> best = lesson.best(seed, 1);
                for (int i = 0; i < best.size(); i++) {
                    if (b.find("[name=answer-" + i + "]").getTagName().equals("select")) {
                        new Select(b.find("[name=answer-" + i + "]")).selectByValue(best.get(i));
                    } else {
                        b.write("answer-" + i, best.get(i));
                    }
                }
                b.click("form.sheet button.go");
                b.untilText("#judged", "5 of 5");
                assertThat(b.number("document.documentElement.scrollWidth")).isLessThanOrEqualTo(390);
                b.click("#judged a.go");
                b.untilText("form.sheet", "Open the truth");
            }
        }
    }

    /** All work, and the whole job, by touching what the best hand does; folded moves are opened first. */
    @Test
    void allWorkIsDoneOnAPhone() {
        try (Browser b = new Browser(port, 390, 844)) {
            for (Work work : Work.all()) {
                b.open("/practice");
                b.write("seed", "7");
                b.click("button[name=begin][value=" + work.code() + "-1]");
                b.untilText("h1", work.title());
                int done = 0;
                for (String move : work.best(7, 1)) {
                    b.number("(document.querySelectorAll('#work details').forEach(d => d.open = true), 1)");
                    assertThat(b.number("document.documentElement.scrollWidth")).isLessThanOrEqualTo(390);
                    b.click("button[name=move][value='" + move + "']");
                    done++;
                    b.untilAny("#done h2", "Done so far: " + done, "What you did");
                }
                b.untilText("#marks", "Passed");
                assertThat(b.text("#marks")).doesNotContain("Not passed");
            }
        }
    }

    /** A hub on cartridge bearings at the front of a bicycle, at level 1. */
    private static final long BICYCLE = 5;

    /** What hands and instruments do at a stage, by touching it; what came of each is waited for. */
    private static void hands(Browser b, String stage) {
        int done = 0;
        for (String move : PracticeJob.best(BICYCLE, 1)) {
            if (!move.startsWith(stage + "/")) {
                continue;
            }
            b.untilText("#hub", "On the bench");
            b.number("(document.querySelectorAll('#hub details').forEach(d => d.open = true), 1)");
            touch(b, "#hub button[name=move][value='" + move.substring(stage.length() + 1) + "']");
            done++;
            b.untilText(done == 1 ? "#hub [role=status]" : "#hub", done == 1 ? "" : "at this stage: " + done);
            assertThat(b.number("document.documentElement.scrollWidth")).isLessThanOrEqualTo(390);
        }
    }

    private static void says(Browser b, String name, String text) {
        b.number("(box => { box.value = '" + text + "';"
                + " box.dispatchEvent(new Event('input', { bubbles: true }));"
                + " box.dispatchEvent(new Event('change', { bubbles: true })); return 1; })"
                + "(document.querySelector(\"#stage-form [name='" + name + "']\"))");
    }

    private static void intoBoxes(Browser b) {
        b.click("#hub a.button");
        b.untilText(".foot", "Taken from the bench");
        b.untilText("#hub", "On the bench");
    }

    /** Touches what may be replaced by an answer at any moment. */
    private static void touch(Browser b, String css) {
        b.number("(document.querySelector(\"" + css + "\").click(), 1)");
    }

    private static void onTo(Browser b, String next) {
        touch(b, ".foot button[name=onward]");
        b.untilText("h1", next);
    }

    /**
     * A job on the stages of any job: begun, worked on, said, handed in and opened, on a phone's width.
     *
     * @param who initials of whom it counts for
     */
    static void aJob(Browser b, String who) {
        b.open("/practice");
        b.write("who", who);
        b.write("seed", Long.toString(BICYCLE));
        b.click("button[formaction='/practice/jobs'][value='1']");
        b.untilText("h1", "Intake");
        b.untilText("#hub", "front hub on cartridge bearings");
        says(b, "complaint", "It makes a noise");
        onTo(b, "Diagnose");
        hands(b, "diagnose");
        intoBoxes(b);
        says(b, "initials", "PS");
        b.untilText("#elsewhere", "move the job to front hub");
        touch(b, "#elsewhere button[name=move]");
        b.untilText("h1", "Identify");
        hands(b, "identify");
        assertThat(b.text("#hub")).contains("6902-2RS");
        says(b, "outerCone", "6902-2RS");
        says(b, "innerCone", "6902-2RS");
        onTo(b, "Strip");
        hands(b, "strip");
        onTo(b, "Inspect");
        hands(b, "inspect");
        intoBoxes(b);
        b.untilText("#answer", "Misalignment");
        touch(b, ".foot button[name=stay]");
        b.untilText(".foot", "kept");
        b.open(b.address().replaceFirst("/jobs/(\\d+).*", "/jobs/$1/fit"));
        b.click(".foot .skipper summary");
        b.click(".foot .skipper button[value='done elsewhere']");
        b.untilText("h1", "Prove");
        hands(b, "prove");
        intoBoxes(b);
        says(b, "proof-play-clamped", "right");
        says(b, "initials", "PS");
        onTo(b, "Log");
        says(b, "cause", "wheel-bearing");
        says(b, "serviceSchool", "condition");
        touch(b, ".foot button[name=stay]");
        b.untilText(".foot", "kept");
        b.untilText("#hub", "Hand it in");
        touch(b, "#hub button.go");
        b.untilText("h1", "What it was");
        assertThat(b.text("#marks")).contains("Passed").doesNotContain("Not passed");
        assertThat(b.text("#job")).contains("6902-2RS, misalignment");
        assertThat(b.number("document.documentElement.scrollWidth")).isLessThanOrEqualTo(390);
    }
}
