package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.vehicle.VehicleService;
import unbo.app.workshop.WorkshopForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.UnitSystem;
import unbo.core.vehicle.VehicleInput;

/** What a vehicle went through is written down on a phone, and a decision is made with records in a table. */
@Served
class DecideStory {

    @LocalServerPort
    private int port;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private WorkshopService workshops;

    @BeforeEach
    void metric() {
        workshops.change(new WorkshopForm("Harbour", UnitSystem.METRIC, "A", "yearly"));
    }

    @Test
    void aBlowIsWrittenDownOnAPhone() {
        long van = vehicles.add(new VehicleInput("van", "Story van", "SV 1", "S.V.", "km", 9000.0, "dry", 1))
                .id();
        try (Browser b = new Browser(port, 390, 844)) {
            b.open("/vehicles/" + van);
            assertThat(b.number("document.documentElement.scrollWidth")).isLessThanOrEqualTo(390);
            b.click("#events input[value=blow]");
            b.press("#events details.more summary");
            b.choose("place", "front left hub");
            b.press("#events form .button.go");
            b.untilText("main", "One place is due sooner");
            assertThat(b.text("#events")).contains("kerb or pothole blow");
            b.open("/due?by=vehicle");
            assertThat(b.text("main")).contains("Story van").contains("a blow dents races");
        }
    }

    /** A record is added below the others by typing into the empty row; the answer follows. */
    @Test
    void recordsAreWrittenInATable() {
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/bench/lives");
            b.until(d -> d.findElements(By.cssSelector("[data-cell='0']")).size() == 10);
            assertThat(b.text("#answer")).contains("5 failed of 9 runs");
            b.click("[data-record='9'][data-cell='0']");
            b.keys("35000");
            b.until(d -> d.findElements(By.cssSelector("[data-cell='0']")).size() == 11);
            b.tabTo("[data-record='9'][data-cell='1']");
            b.keys("f", Keys.TAB);
            b.untilText("#answer", "6 failed of 10 runs");
            assertThat(b.driver.getCurrentUrl()).contains("35000");
        }
    }

    @Test
    void aDecisionStandsUpright() {
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/bench/run-or-replace");
            b.until(d -> !d.findElements(By.cssSelector("[data-record='2'][data-cell='1']"))
                    .isEmpty());
            assertThat(b.text("#answer .figure .num")).contains("leave it and look");
            b.click("[data-record='2'][data-cell='1']");
            b.keys(Keys.chord(Keys.CONTROL, "a"), "2");
            b.click("[data-record='2'][data-cell='2']");
            b.keys(Keys.chord(Keys.CONTROL, "a"), "0", Keys.TAB);
            b.untilText("#answer .figure .num", "renew while it is open");
        }
    }
}
