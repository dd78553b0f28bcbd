package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.logging.Level;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.workshop.WorkshopForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.UnitSystem;

/** A script written into every free text box of the product stays a text on every page that shows it. */
@Served
class HostileTextStory {

    private static final String SCRIPT =
            "'\"><script>window.taken=1</script><img src=x onerror=window.taken=1>${7*7}{{7*7}}";

    @LocalServerPort
    private int port;

    @Autowired
    private WorkshopService workshops;

    @Test
    void aScriptInEveryFreeTextStaysText() {
        workshops.change(new WorkshopForm("Story yard", UnitSystem.METRIC, "A", "yearly"));
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/vehicles/new?visit=yes");
            fill(b, "form[action='/vehicles']");
            select(b, "kind", "trailer");
            select(b, "counterUnit", "none");
            select(b, "use", "wet");
            set(b, "yearly", "1200");
            set(b, "axles", "1");
            submit(b, "form[action='/vehicles']");
            b.untilText("main", "Which position");
            String vehicle = "/vehicles/" + b.find("input[name=vehicle]").getDomProperty("value");
            b.click("input[name=position]");
            submit(b, "form[action='/visits']");
            b.untilText("h1", "Intake");
            String job = b.driver.getCurrentUrl().replaceAll(".*(/jobs/\\d+)/.*", "$1");

            for (String stage : new String[] {"intake", "identify", "grease", "set", "prove", "log"}) {
                b.open(job + "/" + stage);
                fill(b, "#stage-form");
                submit(b, "#stage-form");
                b.until(d -> d.findElements(By.cssSelector("h1")).size() == 1);
                safe(b, job + "/" + stage + " kept");
            }
            b.open(job + "/intake");
            fill(b, "#stage-form");
            set(b, "day", "2026-05-04");
            set(b, "counter", "");
            set(b, "load", "");
            submit(b, "#stage-form");
            b.untilText("h1", "Diagnose");

            act(b, job + "/grease", "form[action$='/skip']");
            act(b, job + "/report", "form[action$='/do/note']");
            act(b, job + "/report", "form[action$='/do/wait']");
            act(b, vehicle, "form[action$='/events']");
            act(b, vehicle, "form[action$='/events/rows']");
            b.open("/settings");
            fill(b, "form[action='/settings']");
            submit(b, "form[action='/settings']");

            String everything = "/ask?q=%3Cscript%3Ewindow.taken%3D1%3C%2Fscript%3E";
            for (String page : new String[] {
                "/",
                "/vehicles",
                vehicle,
                vehicle + "/edit",
                "/visits/new",
                job + "/intake",
                job + "/identify",
                job + "/grease",
                job + "/set",
                job + "/prove",
                job + "/log",
                job + "/report",
                "/settings",
                everything,
                "/bench/decode?marking=%3Cscript%3Ewindow.taken%3D1%3C%2Fscript%3E",
                "/bench/nut?pitch=%3Cimg+src%3Dx+onerror%3Dwindow.taken%3D1%3E"
            }) {
                b.open(page);
                safe(b, page);
            }
            act(b, job + "/report", "form[action$='/do/abandon']");
            act(b, job + "/report", "form[action$='/do/reopen']");
            b.open(job + "/report");
            safe(b, "report after all");
            assertThat(b.text("main")).contains("<script>window.taken=1</script>");

            List<String> blocked = new ArrayList<>();
            for (LogEntry entry : b.driver.manage().logs().get(LogType.BROWSER).getAll()) {
                if (entry.getLevel().intValue() >= Level.SEVERE.intValue()
                        && entry.getMessage().contains("Content Security Policy")) {
                    blocked.add(entry.getMessage());
                }
            }
            assertThat(blocked).isEmpty();
        }
        workshops.change(new WorkshopForm("Story yard", UnitSystem.METRIC, "A", "yearly"));
    }

    private static void safe(Browser b, String where) {
        assertThat(b.driver.executeScript("return window.taken === undefined"))
                .as(where)
                .isEqualTo(true);
        assertThat(b.number("document.querySelectorAll('img:not(.kindlist img), script:not([src]), iframe, [onerror]')"
                        + ".length"))
                .as(where)
                .isZero();
        assertThat(b.text("body")).as(where).doesNotContain("49{{");
    }

    private static void act(Browser b, String page, String form) {
        b.open(page);
        b.driver.executeScript("document.querySelectorAll('details').forEach(d => d.open = true)");
        fill(b, form);
        submit(b, form);
        b.until(d -> d.findElements(By.cssSelector("h1")).size() == 1);
        safe(b, page + " " + form);
    }

    /** Writes the script into every text box of a form, as far as the box takes it. */
    private static void fill(Browser b, String form) {
        for (WebElement box :
                b.all(form + " input[type=text], " + form + " input:not([type]), " + form + " textarea")) {
            String name = box.getDomAttribute("name");
            if (name == null) {
                continue;
            }
            int longest = box.getDomAttribute("maxlength") == null
                    ? limit(name)
                    : Integer.parseInt(box.getDomAttribute("maxlength"));
            if (longest > 0) {
                b.driver.executeScript(
                        "arguments[0].value = arguments[1]",
                        box,
                        SCRIPT.substring(0, Math.min(SCRIPT.length(), longest)));
            }
        }
    }

    /** Boxes that must stay readable for the form to be kept are left alone. */
    private static int limit(String name) {
        return switch (name) {
            case "owner", "initials" -> 10;
            case "mark" -> 30;
            case "name" -> 80;
            case "times", "axles", "yearly" -> 0;
            default -> 200;
        };
    }

    private static void set(Browser b, String name, String text) {
        b.driver.executeScript("arguments[0].value = arguments[1]", b.find("[name='" + name + "']"), text);
    }

    private static void select(Browser b, String name, String code) {
        set(b, name, code);
    }

    private static void submit(Browser b, String form) {
        b.driver.executeScript(
                "arguments[0].dataset.left = 'yes'; const f = "
                        + "document.querySelector(arguments[1]); f.removeAttribute('hx-boost'); "
                        + "HTMLFormElement.prototype.submit.call(f)",
                b.find("body"),
                form);
        b.until(d -> d.findElements(By.cssSelector("body[data-left]")).isEmpty());
    }
}
