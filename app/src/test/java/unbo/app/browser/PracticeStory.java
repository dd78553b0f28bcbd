package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.support.ui.Select;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.core.tools.practice.Lesson;
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
}
