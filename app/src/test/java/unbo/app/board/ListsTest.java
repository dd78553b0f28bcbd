package unbo.app.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.data.Words;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.vehicle.VehicleInput;

/** Nothing is cut in silence: what a list does not show is said, and can be come to. */
@Served
@Transactional
class ListsTest {

    private static final int VEHICLES = 230;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private JobService jobs;

    private String page(String address) throws Exception {
        return mvc.perform(get(address))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private static int count(String page, String part) {
        Matcher found = Pattern.compile(Pattern.quote(part)).matcher(page);
        int count = 0;
        while (found.find()) {
            count++;
        }
        return count;
    }

    private long manyVehicles() {
        long last = 0;
        for (int i = 1; i <= VEHICLES; i++) {
            last = vehicles.add(new VehicleInput(
                            "trailer", "Listed %03d".formatted(i), "L " + i, "X.Y.", "none", 2000.0, "wet", 1))
                    .id();
        }
        return last;
    }

    @Test
    void everyVehicleIsOnSomePageAndCanBeLookedFor() throws Exception {
        manyVehicles();
        int shown = 0;
        int pages = 0;
        for (String page = page("/vehicles"); ; page = page("/vehicles?page=" + pages)) {
            shown += count(page, "Listed ");
            pages++;
            if (!page.contains("After these")) {
                break;
            }
            assertThat(page).contains("page " + pages);
        }
        assertThat(shown).isEqualTo(VEHICLES);
        assertThat(pages).isGreaterThanOrEqualTo(5);
        assertThat(page("/visits/new?q=Listed 229")).contains("Listed 229").doesNotContain("Listed 228");
        assertThat(page("/vehicles?q=L 230")).contains("Listed 230");
        assertThat(page("/vehicles?page=99999999")).doesNotContain("Listed");
    }

    @Test
    void aPositionsHistoryGoesOnOnItsNextPage() throws Exception {
        long vehicle = manyVehicles();
        long position = 0;
        for (int i = 0; i < 60; i++) {
            long job = jobs.open(vehicle, "axle1-left", Instant.now());
            position = jobs.view(job).orElseThrow().position().id();
            jobs.abandon(job, "counted", Instant.now());
        }
        String first = page("/positions/" + position);
        String second = page("/positions/" + position + "?page=1");
        assertThat(first).contains("After these").doesNotContain("Before these");
        assertThat(second).contains("Before these").doesNotContain("After these");
        assertThat(page("/positions/" + position + "/history.csv").lines())
                .as("its head and all jobs")
                .hasSize(61);
    }

    @Test
    void aSearchSaysWhereItStops() throws Exception {
        manyVehicles();
        assertThat(page("/ask?q=Listed")).contains("Only the first " + Words.LISTED + " of each are listed");
    }
}
