package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.vehicle.VehicleInput;

/** A day is planned, a part arrives late, the plan moves, the wall shows it: all by keyboard. */
@Served
class DayStory {

    @LocalServerPort
    private int port;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private long job(String name) {
        return jobs.open(
                vehicles.add(new VehicleInput("trailer", name, "DS 1", "D.S.", "none", 2000.0, "wet", 1))
                        .id(),
                "axle1-left",
                Instant.now());
    }

    @Test
    void aMorningPlanMovesWhenAPartIsLate() {
        long first = job("Day skiff trailer");
        long second = job("Day dinghy trailer");
        jobs.await(second, "seal 45x65x8", Instant.now());
        try (Browser b = new Browser(port, 1280, 800)) {
            b.open("/");
            b.keys("g", "p");
            b.untilText("h1", "The day");
            b.tabTo(".title form button");
            b.keys(Keys.ENTER);
            b.untilText(".title form button", "Plan anew from now");
            assertThat(b.text("#plan")).contains("#" + second + " Day dinghy trailer waits for parts");
            assertThat(b.text("table")).contains("#" + first + " Prove").doesNotContain("#" + second + " ");

            b.tabTo("#parts-" + second);
            b.keys("23:40", Keys.ENTER);
            b.untilText("table", "#" + second + " Prove");
            assertThat(b.text("#plan")).doesNotContain("waits for parts");

            b.tabTo("#own-task");
            b.keys("sweep the yard, 10 min", Keys.ENTER);
            b.untilText("table", "sweep the yard");

            String now = b.text("#plan .text-4xl");
            b.open("/wall");
            b.untilText("#wall h1", now);
            assertThat(b.text("#wall .at")).contains("by the plan");
        }
    }
}
