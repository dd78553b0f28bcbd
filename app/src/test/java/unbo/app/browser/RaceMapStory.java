package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;

/** The races of a removed bearing, painted by pointer and by keyboard. */
@Served
class RaceMapStory {

    private static final String OUTER = "svg[data-drawing=race-map] [data-turn=ring-outer] > polygon";
    private static final String INNER = "svg[data-drawing=race-map] [data-turn=ring-inner] > polygon";

    @LocalServerPort
    private int port;

    @Test
    void aTrackIsDraggedOffCentreOnBothRingsAndReadAsThrust() {
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/bench/race-map?designation=6205&elements=9&inner=&outer=");
            b.untilText("#answer", "not painted");
            drag(b, OUTER, 0.75);
            b.untilText("#answer .figure", "Thrust or preload");
            b.untilText("#answer .figure", "likely");
            drag(b, INNER, 0.75);
            b.untilText("#answer .figure", "clear");
            assertThat(b.address()).contains("outer=track");
            b.click("[data-race-undo]");
            b.click("[data-race-undo]");
            b.untilText("#answer", "not painted");
        }
    }

    @Test
    void dentsAtEveryPitchArePaintedByOneTouchAndRedPowderByKeyboard() {
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/bench/race-map?designation=6205&elements=9&inner=&outer=");
            b.click("input[name=brush-mark][value=dent]");
            b.click("[data-brush-pitch]");
            at(b, OUTER, 0.05, 0.5).click().perform();
            b.untilText("#answer .figure", "True brinelling");
            b.driver.executeScript("document.querySelector('[data-turn=ring-outer]').focus()");
            b.keys("r");
            b.keys(Keys.SPACE);
            b.untilText("#answer .figure", "False brinelling");
            assertThat(b.text("#answer")).contains("scrap");
            b.keys(Keys.BACK_SPACE);
            b.untilText("#answer .figure", "True brinelling");
        }
    }

    private static Actions at(Browser b, String ring, double along, double across) {
        WebElement race = b.find(ring);
        Dimension size = race.getSize();
        return new Actions(b.driver)
                .moveToElement(race, (int) ((along - 0.5) * size.width), (int) ((across - 0.5) * size.height));
    }

    private static void drag(Browser b, String ring, double across) {
        Dimension size = b.find(ring).getSize();
        Actions drag = at(b, ring, 0.01, across).clickAndHold();
        for (int i = 0; i < 24; i++) {
            drag.moveByOffset((int) (size.width * 0.98 / 24), 0);
        }
        drag.release().perform();
    }
}
