package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;

/** A wheel is taken apart on the bench, step by step, by pointer and by keyboard. */
@Served
class ApartStory {

    private static final String NEXT = ".actions button.go[name=step]";

    @LocalServerPort
    private int port;

    @Test
    void aWheelComesApartStepByStep() {
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/bench/apart");
            b.choose("kind", "two ball bearings on a spacer");
            b.until(d -> !d.findElements(By.cssSelector("[data-part=spacer]")).isEmpty());
            assertThat(b.all("[data-part=nut]")).isEmpty();
            assertThat(b.number("document.querySelectorAll('.steprow button').length"))
                    .isEqualTo(10);

            b.press(".steprow button[value='7']");
            b.untilText(".nowstep", "tip the spacer aside");
            assertThat(b.find(".part-now").getDomAttribute("data-part")).isEqualTo("left-bearing");
            assertThat(b.all("[data-part=axle]")).isEmpty();
            assertThat(b.text("main")).contains("Force through the elements, by the inner ring");

            b.press(NEXT);
            b.untilText(".nowstep", "8.");
            b.tabTo(NEXT);
            b.keys(Keys.ENTER);
            b.untilText(".nowstep", "full-face drift");
            b.press(NEXT);
            b.untilText(".answer", "steps");

            b.click("[data-part=spacer] polygon");
            b.untilText(".nowstep", "lift the spacer out");
            b.press(".steprow button[value='0']");
            b.untilText(".answer", "steps");

            b.press("details.more:not(#its-parts) summary");
            b.click("[name=tool-expander]");
            b.write("spacerChamferMm", "0.5");
            b.keys(Keys.TAB);
            b.untilText("table.words", "expanding puller");
            b.click("[name=keep-left-bearing]");
            b.untilText(".answer + .say", "which is to be used again");
        }
    }

    @Test
    void itIsReadOnAPhone() {
        try (Browser b = new Browser(port, 390, 844)) {
            b.open("/bench/apart?page=1&kind=steering-head&step=8&tool-splitter=yes");
            assertThat(b.number("document.documentElement.scrollWidth")).isLessThanOrEqualTo(390);
            assertThat(b.text(".nowstep")).contains("Lower cone");
        }
    }
}
