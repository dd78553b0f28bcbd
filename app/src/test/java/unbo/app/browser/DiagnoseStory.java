package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;

@Served
class DiagnoseStory {

    @LocalServerPort
    private int port;

    @Test
    void fromAGrowlToTheHubByTouches() {
        try (Browser browser = new Browser(port, 1280, 800)) {
            browser.open("/bench/diagnose?vehicle=car");
            note(browser, "noise-follows=road-speed", 1);
            note(browser, "noise-turning=louder-left", 2);
            note(browser, "noise-character=growl", 3);
            browser.untilText(".dlead", "right");
            assertThat(browser.number(
                            "Math.round(document.querySelectorAll('.check .touches')[2].getBoundingClientRect().top)"))
                    .isLessThan(800);

            note(browser, "listen-probe@front-right=rumble", 4);
            browser.untilText(".dlead", "Wheel bearing, front right");
            assertThat(Integer.parseInt(browser.text(".dlead .num").replace(" %", "")))
                    .isGreaterThan(85);
            assertThat(browser.driver.getCurrentUrl()).contains("rumble");
            note(browser, "rock-12-6@front-right=play-gone-with-brake", 5);
            browser.untilText("#urgency", "stop");

            browser.press("[data-undo='rock-12-6@front-right']");
            browser.until(d -> d.findElements(By.cssSelector(".noted li")).size() == 4);
            assertThat(browser.text("#urgency")).doesNotContain("stop");

            browser.click(".check details summary");
            assertThat(browser.text(".check details[open] .peek")).contains("%");
        }
    }

    /** Asks for the check and touches one of its results by keyboard. */
    private static void note(Browser browser, String noted, int after) {
        String touch = ".touch[data-note='" + noted + "']";
        if (browser.all(touch).isEmpty()) {
            browser.driver.executeScript(
                    "const s = document.getElementById('look'); s.value = arguments[0]; "
                            + "s.dispatchEvent(new Event('change', {bubbles: true}));",
                    noted.replaceFirst("=.*", ""));
            browser.until(d -> !d.findElements(By.cssSelector(touch)).isEmpty());
        }
        browser.tabTo(touch);
        browser.keys(Keys.SPACE);
        browser.until(d -> d.findElements(By.cssSelector(".noted li")).size() == after);
    }
}
