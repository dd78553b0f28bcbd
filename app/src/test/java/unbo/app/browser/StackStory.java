package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;

/** The links of a stack are put in their order by dragging and by keyboard; the answer does not change by it. */
@Served
class StackStory {

    @LocalServerPort
    private int port;

    @Test
    void aLinkIsDraggedToItsPlaceAndBroughtBackByArrowKeys() {
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/bench/stack?name-o0=Recess&length-o0=6.35&name-o1=Gasket&length-o1=0.25&"
                    + "name-o2=Lip&length-o2=2.5&name-i0=Spigot&length-i0=4.10&min=0.02&max=0.08");
            b.untilText("#answer", "gap before shims");
            String gap = b.text("#answer .figure");
            b.driver.executeScript("document.getElementById('stack-form').scrollIntoView()");
            WebElement first = handle(b, "o0");
            WebElement third = handle(b, "o2");
            int down = third.getLocation().y - first.getLocation().y;
            new Actions(b.driver)
                    .moveToElement(first)
                    .clickAndHold()
                    .moveByOffset(0, down / 2)
                    .moveByOffset(0, down - down / 2)
                    .release()
                    .perform();
            b.until(ExpectedConditions.urlContains("name-o2=Recess"));
            assertThat(b.address()).contains("name-o0=Gasket", "length-o0=0.25", "name-o1=Lip", "length-o2=6.35");
            assertThat(b.text("#answer .figure")).isEqualTo(gap);
            handle(b, "o2").sendKeys(Keys.ARROW_UP);
            b.until(ExpectedConditions.urlContains("name-o1=Recess"));
            b.driver.switchTo().activeElement().sendKeys(Keys.ARROW_UP);
            b.until(ExpectedConditions.urlContains("name-o0=Recess"));
            assertThat(b.address()).contains("name-o1=Gasket", "name-o2=Lip");
        }
    }

    private static WebElement handle(Browser b, String link) {
        return b.find("input[name=name-" + link + "]").findElement(By.xpath("ancestor::tr//button"));
    }
}
