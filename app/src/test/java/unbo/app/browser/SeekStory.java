package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.app.job.JobService;

/** The box in the head of every page, by keyboard alone, and the drawn index of the bench. */
@Served
@ExtendWith(LoadedDemo.class)
class SeekStory {

    @LocalServerPort
    private int port;

    @Autowired
    private JobService jobs;

    @Test
    void whateverIsTypedAnswersUnderTheBoxAndLeadsOn() {
        try (Browser browser = new Browser(port, 1280, 800)) {
            browser.open("/");
            browser.find("body").sendKeys("/");
            WebElement box = browser.find("#search");
            box.sendKeys("4 thou");
            browser.untilText("#found .reading", "4 thou = 0.102 mm");
            box.sendKeys(Keys.ESCAPE);
            assertThat(browser.driver.findElements(By.cssSelector("#found .reading")))
                    .isEmpty();

            box.clear();
            box.sendKeys("6305-2RS");
            browser.untilText("#found .reading", "6305-2RS");
            assertThat(browser.find("#found svg").getDomAttribute("data-drawing"))
                    .isEqualTo("bearing-small");
            box.sendKeys(Keys.ARROW_DOWN, Keys.ARROW_DOWN);
            browser.keys(Keys.ENTER);
            browser.until(d -> d.getCurrentUrl().contains("/bench/interchange?marking=6305-2RS"));

            browser.find("#search").sendKeys("castelated nut");
            browser.untilText("#found .reading", "Castellated nut");
            browser.find("#search").sendKeys(Keys.ENTER);
            browser.until(d -> d.getCurrentUrl().endsWith("/bench/nut"));
        }
    }

    @Test
    void onAJobsPageANumberGoesIntoItsPlaceUnkept() {
        long job = jobs.underWay(0, 20).stream()
                .filter(line -> line.vehicle().startsWith("Cutter cradle"))
                .findFirst()
                .orElseThrow()
                .id();
        try (Browser browser = new Browser(port, 390, 844)) {
            browser.open("/jobs/" + job + "/fit");
            browser.find("#search").sendKeys("LM67048");
            browser.untilText("#found", "Into #" + job);
            browser.find("#found")
                    .findElement(By.partialLinkText("Into #" + job))
                    .click();
            browser.until(d -> d.getCurrentUrl().contains("/jobs/" + job + "/identify"));
            assertThat(browser.driver.getPageSource()).contains("LM67048");
            assertThat(browser.number("document.documentElement.scrollWidth")).isLessThanOrEqualTo(390);
        }
    }

    @Test
    void anAnswerThatComesLateIsNotTakenForAnotherText() {
        try (Browser browser = new Browser(port, 1280, 800)) {
            browser.open("/");
            WebElement box = browser.find("#search");
            box.sendKeys("6305");
            browser.untilText("#found .reading", "6305");
            box.sendKeys("-2RS", Keys.ENTER);
            browser.until(d -> d.getCurrentUrl().contains("/ask?q=6305-2RS")
                    || d.getCurrentUrl().contains("marking=6305-2RS"));
        }
    }

    @Test
    void theBenchIsSiftedAsOneTypesAndRemembersWhatWasUsed() {
        try (Browser browser = new Browser(port, 1280, 800)) {
            browser.open("/bench");
            assertThat(browser.driver.executeScript("return [...document.querySelectorAll('[data-tool]')]"
                            + ".filter((tool) => !tool.querySelector('.picture svg'))"
                            + ".filter((tool) => !tool.dataset.tool.startsWith('trial'))"
                            + ".map((tool) => tool.dataset.tool).join()"))
                    .isEqualTo("");
            browser.find("#sift").sendKeys("cotter pin");
            browser.untilText("[data-sifted]", "1 of ");
            browser.find("#sift").sendKeys(Keys.ENTER);
            browser.until(d -> d.getCurrentUrl().endsWith("/bench/nut"));
            browser.open("/bench");
            assertThat(browser.text("[data-last] li")).contains("Castellated nut");
            browser.find("#sift").sendKeys("qqqq");
            browser.untilText("[data-sifted]", "None: ask the box above");
        }
    }
}
