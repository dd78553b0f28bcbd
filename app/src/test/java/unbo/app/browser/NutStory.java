package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;

@Served
class NutStory {

    @LocalServerPort
    private int port;

    @Test
    void aMechanicTurnsTheDrawnNutAndReadsTheEndPlay() {
        try (Browser browser = new Browser(port, 1280, 800)) {
            browser.open("/bench/nut");
            assertThat(browser.text(".figure .num")).isEqualTo("40°");
            browser.write("pinHolesDeg", "0 90 180 270");
            browser.untilText(".figure .num", "10°");
            assertThat(browser.text("#nut-answer .verdict")).isEqualTo("inside");

            browser.click("svg[data-drawing=nut-face]");
            browser.write("pitch", "3/4-16");
            browser.untilText("#echo-pitch", "1.588 mm = 16 tpi");

            new Actions(browser.driver)
                    .moveToElement(browser.find("svg[data-drawing=nut-face]"), 0, -100)
                    .clickAndHold()
                    .moveByOffset(-60, 20)
                    .release()
                    .perform();
            browser.until(d -> !d.findElement(By.name("freeAngleDeg"))
                    .getDomProperty("value")
                    .equals("20"));
            double turned =
                    Double.parseDouble(browser.find("[name=freeAngleDeg]").getDomProperty("value"));
            assertThat(turned).isBetween(40.0, 75.0);
            browser.until(d -> d.getCurrentUrl().contains("freeAngleDeg=" + (int) turned));

            browser.write("endPlayMax", "1,250");
            browser.untilText("#echo-endPlayMax", "can be read as 1.250 or as 1250");
            assertThat(browser.find("[name=endPlayMax]").getDomProperty("value"))
                    .isEqualTo("1,250");

            browser.driver.executeScript("document.activeElement.blur()");
            browser.find("body").sendKeys("?");
            browser.untilText("#shortcuts", "Castellated nut");
            browser.keys(Keys.ESCAPE);
        }
    }

    @Test
    void atTheBenchNothingScrollsSideways() {
        try (Browser browser = new Browser(port, 1280, 800)) {
            for (String page : new String[] {
                "/bench/nut?pitch=3/4-16&slots=6&pinHolesDeg=0+90+180+270&freeAngleDeg=17",
                "/bench/hub-grease",
                "/bench/match",
                "/style"
            }) {
                browser.open(page);
                assertThat(browser.number("document.documentElement.scrollWidth"))
                        .as(page)
                        .isLessThanOrEqualTo(1280);
            }
        }
    }

    @Test
    void onAPhoneNothingScrollsSideways() {
        try (Browser browser = new Browser(port, 390, 844)) {
            for (String page : new String[] {
                "/bench", "/bench/nut", "/style", "/bench/nut?pitch=1.5&slots=6&pinHolesDeg=0+90&freeAngleDeg=20"
            }) {
                browser.open(page);
                assertThat(browser.number("document.documentElement.scrollWidth"))
                        .as(page)
                        .isLessThanOrEqualTo(390);
            }
        }
    }
}
