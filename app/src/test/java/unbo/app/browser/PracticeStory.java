package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.support.ui.Select;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.core.tools.practice.Lesson;

/** Each lesson is played on a phone's width: answered, opened, on to the next five. */
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
                List<Lesson.Judged> truth = lesson.judge(seed, 1, List.of());
                for (int i = 0; i < truth.size(); i++) {
                    if (b.find("[name=answer-" + i + "]").getTagName().equals("select")) {
                        String right = truth.get(i).truth();
                        Select list = new Select(b.find("[name=answer-" + i + "]"));
                        list.getOptions().stream()
                                .filter(o -> right.startsWith(o.getText()))
                                .findFirst()
                                .ifPresent(o -> list.selectByVisibleText(o.getText()));
                    } else {
                        b.write("answer-" + i, truth.get(i).truth());
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
}
