package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.workshop.WorkshopForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.UnitSystem;

@Served
class JobStory {

    @LocalServerPort
    private int port;

    @Autowired
    private WorkshopService workshops;

    @Test
    void aMechanicDoesAWholeHubByKeyboardAndReadsItsReport() {
        workshops.change(new WorkshopForm("Story yard", UnitSystem.METRIC, "A", "yearly"));
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/");
            b.keys("g");
            b.keys("n");
            b.untilText("h1", "New visit");
            b.press("a[href='/vehicles/new?visit=yes']");
            b.untilText("h1", "Add a vehicle");
            b.choose("kind", "trailer");
            b.write("name", "Skiff trailer");
            b.write("mark", "HB 901");
            b.choose("counterUnit", "none");
            b.write("yearly", "1200");
            b.choose("use", "goes under");
            b.keys(Keys.chord(Keys.CONTROL, Keys.ENTER));
            b.untilText("h2", "Skiff trailer");
            b.tabTo("input[name=position]");
            b.keys(Keys.SPACE);
            b.keys(Keys.ARROW_DOWN);
            b.keys(Keys.chord(Keys.CONTROL, Keys.ENTER));

            b.untilText("h1", "Intake");
            b.write("complaint", "Hums when loaded");
            b.write("load", "280 kg");
            b.keep("Diagnose");
            b.open(b.address().replace("/diagnose", "/identify"));

            b.write("outerCone", "L44649");
            b.write("outerCup", "L45410");
            b.untilText("#echo-outerCup", "own series");
            b.write("outerCup", "L44610");
            b.write("innerCone", "L68149");
            b.write("innerCup", "L68110");
            b.write("seal", "38x59x9");
            b.write("hubBore", "1-11/16\"");
            b.untilText("#echo-hubBore", "42.863 mm = 1.6875 in");
            b.untilText("#section svg", "L44649/L44610");
            b.keep("Strip");
            b.open(b.address().replace("/strip", "/grease"));

            b.choose("kind", "calcium sulfonate");
            b.choose("oldKind", "lithium complex");
            b.untilText("#answer", "compatible");
            b.keep("Set");

            b.write("pitch", "3/4-16");
            b.write("slots", "6");
            b.write("pinHolesDeg", "0 90 180 270");
            b.write("freeAngleDeg", "17");
            b.untilText("#answer .figure .num", "13°");
            b.unfold("tick-support");
            b.tabTo("input[name='tick-support']");
            b.keys(Keys.SPACE);
            b.keep("Prove");

            b.write("push", "0 0 0.01");
            b.write("pull", "0.06 0.05 0.06");
            b.untilText("#answer", "0.053");
            b.write("hubTemperature", "100F");
            b.write("twinTemperature", "36");
            b.choose("proof-nut-locked", "new pin");
            b.write("initials", "ZK");
            b.keep("Log");

            b.choose("cause", "wheel bearing");
            b.keys(Keys.chord(Keys.CONTROL, Keys.ENTER));
            b.untilText("h1", "Report of job");
            assertThat(b.text("main"))
                    .contains(
                            "Signed and closed",
                            "Skiff trailer",
                            "Hums when loaded",
                            "L44649/L44610",
                            "wheel bearing",
                            "0.053 mm",
                            "inside 0.025 to 0.125 mm",
                            "ZK",
                            "20 immersions");
            assertThat(b.text("#section svg")).contains("play 0.053 (×10)");
        }
    }

    @Test
    void theSameStageWorksOnAPhone() {
        workshops.change(new WorkshopForm("Story yard", UnitSystem.METRIC, "A", "yearly"));
        try (Browser b = new Browser(port, 390, 844)) {
            for (String page : new String[] {
                "/",
                "/vehicles",
                "/vehicles/new",
                "/visits/new",
                "/settings",
                "/ask?q=a",
                "/bench/decode",
                "/bench/hub-grease",
                "/bench/end-play"
            }) {
                b.open(page);
                assertThat(b.number("document.documentElement.scrollWidth"))
                        .as(page)
                        .isLessThanOrEqualTo(390);
            }
        }
    }
}
