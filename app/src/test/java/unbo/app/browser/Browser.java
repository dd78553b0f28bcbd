package unbo.app.browser;

import java.io.File;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

import org.openqa.selenium.By;
import org.openqa.selenium.ElementNotInteractableException;
import org.openqa.selenium.Keys;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.TimeoutException;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedCondition;
import org.openqa.selenium.support.ui.WebDriverWait;

/** Debian's Chromium, headless, with its viewport set by device metrics. */
final class Browser implements AutoCloseable {

    private static final Duration LONGEST = Duration.ofSeconds(60);
    private static final Duration LOOK = Duration.ofMillis(50);

    final ChromeDriver driver;
    private final String root;

    /** @param more arguments of Chromium beside the usual ones */
    Browser(int port, int width, int height, String... more) {
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync");
        options.addArguments(more);
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(new File("/usr/bin/chromedriver"))
                .build();
        driver = new ChromeDriver(service, options);
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
        root = "http://127.0.0.1:" + port;
    }

    void open(String address) {
        driver.get(root + address);
    }

    /** Where the page stands, without the server's name. */
    String address() {
        return driver.getCurrentUrl().substring(root.length());
    }

    WebElement find(String css) {
        return driver.findElement(By.cssSelector(css));
    }

    /** Clicks what a pointer would reach: brought to the middle first, for a bar lies over the foot of the page. */
    void click(String css) {
        WebElement element = find(css);
        driver.executeScript("arguments[0].scrollIntoView({ block: 'center', inline: 'nearest' })", element);
        element.click();
    }

    List<WebElement> all(String css) {
        return driver.findElements(By.cssSelector(css));
    }

    String text(String css) {
        return find(css).getText();
    }

    /** Types into whatever has the focus; while a part of the page is being replaced, nothing has it for a moment. */
    void keys(CharSequence... keys) {
        new WebDriverWait(driver, LONGEST, LOOK)
                .ignoring(ElementNotInteractableException.class)
                .ignoring(StaleElementReferenceException.class)
                .until(d -> {
                    WebElement active = d.switchTo().activeElement();
                    if ("file".equals(active.getDomAttribute("type"))) {
                        new Actions(driver).sendKeys(keys).perform(); // a box for files takes names of files otherwise
                    } else {
                        active.sendKeys(keys);
                    }
                    return true;
                });
    }

    /** Moves the focus by Tab until it stands on {@code css}. */
    void tabTo(String css) {
        for (int i = 0; i < 120; i++) {
            if (driver.switchTo().activeElement().equals(find(css))) {
                return;
            }
            keys(Keys.TAB);
        }
        throw new AssertionError("the keyboard does not reach " + css);
    }

    /** Opens what a box folds away in, by keyboard, as somebody would who wants to change it. */
    void unfold(String name) {
        for (int i = 0; i < 4; i++) {
            Object summary = driver.executeScript(
                    "const closed = document.querySelector(arguments[0])?.closest('details:not([open])');"
                            + "closed?.querySelector('summary').focus(); return closed;",
                    "[name='" + name + "']");
            if (summary == null) {
                return;
            }
            keys(Keys.ENTER);
        }
    }

    /** Reaches a box by keyboard and writes into it, over what stands there. */
    void write(String name, String text) {
        unfold(name);
        tabTo("[name='" + name + "']");
        keys(Keys.chord(Keys.CONTROL, "a"), Keys.DELETE);
        keys(text);
    }

    /** Reaches a choice by keyboard and types the beginning of its label. */
    void choose(String name, String label) {
        unfold(name);
        tabTo("select[name='" + name + "']");
        keys(label);
    }

    /** Reaches a link or button by keyboard and presses it. */
    void press(String css) {
        tabTo(css);
        keys(Keys.ENTER);
    }

    /** Keeps the stage by keyboard and waits for the next one. */
    void keep(String next) {
        press(".foot button[name=onward]");
        untilText("h1", next);
    }

    void until(ExpectedCondition<?> condition) {
        new WebDriverWait(driver, LONGEST, LOOK).until(condition);
    }

    /** Waits until the element's text has {@code words}. */
    void untilText(String css, String words) {
        try {
            new WebDriverWait(driver, LONGEST, LOOK)
                    .ignoring(WebDriverException.class)
                    .until(d -> d.findElement(By.cssSelector(css)).getText().contains(words));
        } catch (TimeoutException e) {
            throw new AssertionError(
                    "“" + words + "” does not appear in " + css + "; the page says: " + text("body"), e);
        }
    }

    /** Waits until the element's text has one of some words, while pages may be coming and going. @return the text */
    String untilAny(String css, String... words) {
        try {
            return new WebDriverWait(driver, LONGEST, LOOK)
                    .ignoring(WebDriverException.class)
                    .until(d -> {
                        String text = d.findElement(By.cssSelector(css)).getText();
                        return Arrays.stream(words).anyMatch(text::contains) ? text : null;
                    });
        } catch (TimeoutException e) {
            throw new AssertionError("none of " + List.of(words) + " appears; the page says: " + text("body"), e);
        }
    }

    long number(String script) {
        return ((Number) driver.executeScript("return " + script)).longValue();
    }

    @Override
    public void close() {
        driver.quit();
    }
}
