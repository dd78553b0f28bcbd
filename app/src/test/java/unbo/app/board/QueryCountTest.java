package unbo.app.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.time.LocalDate;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;

import org.hibernate.SessionFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.app.job.JobService;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.vehicle.VehicleInput;

/**
 * How many questions a page puts to the database: the same few however many jobs there are. In this test's transaction
 * nothing is kept from one request to the next, so what is known of the workshop counts each time.
 */
@Served
@ExtendWith(LoadedDemo.class)
@Transactional
class QueryCountTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private EntityManagerFactory factory;

    @Autowired
    private EntityManager entities;

    private long vehicle;

    @BeforeEach
    void load() {
        vehicle = vehicles.all().stream()
                .filter(v -> v.name().startsWith("Rowing gig"))
                .findFirst()
                .map(Vehicle::id)
                .orElseThrow();
    }

    private long queries(String address) throws Exception {
        entities.flush();
        entities.clear();
        var statistics = factory.unwrap(SessionFactory.class).getStatistics();
        statistics.setStatisticsEnabled(true);
        statistics.clear();
        mvc.perform(get(address)).andExpect(status().isOk());
        return statistics.getPrepareStatementCount();
    }

    private long openJobs(int more) {
        long last = 0;
        for (int i = 0; i < more; i++) {
            long trailer = vehicles.add(new VehicleInput(
                            "trailer", "Counted " + i, "C " + i, "X.Y.", "none", 2000.0, "immersed", 2))
                    .id();
            last = jobs.open(trailer, "axle1-left", Instant.now());
            vehicles.immersed(trailer, LocalDate.now(), 3, "");
        }
        return last;
    }

    @Test
    void theBoardAsksTheSameFewQuestionsForThreeJobsAndForThirty() throws Exception {
        long few = queries("/");
        openJobs(30);
        assertThat(queries("/")).isEqualTo(few).isLessThanOrEqualTo(7);
    }

    @Test
    void aJobsPagesAskTheSameFewQuestionsHoweverLongItsHistory() throws Exception {
        String job = "/jobs/" + jobs.open(vehicle, "axle1-left", Instant.now());
        openJobs(5);
        for (String page : new String[] {"/intake", "/identify", "/set", "/log", "/report"}) {
            assertThat(queries(job + page)).as(page).isLessThanOrEqualTo(page.equals("/report") ? 8 : 6);
        }
        long first = queries(job + "/intake");
        for (int i = 0; i < 12; i++) {
            jobs.abandon(jobs.open(vehicle, "axle1-left", Instant.now()), "counted", Instant.now());
        }
        assertThat(queries(job + "/intake")).isEqualTo(first);
    }

    @Test
    void listsDoNotAskForEachOfTheirLines() throws Exception {
        openJobs(3);
        for (String page : new String[] {"/vehicles/" + vehicle, "/ask?q=counted", "/due", "/vehicles"}) {
            long few = queries(page);
            openJobs(20);
            assertThat(queries(page))
                    .as(page)
                    .isLessThanOrEqualTo(few)
                    .isLessThanOrEqualTo(page.startsWith("/ask") ? 10 : 7);
        }
    }
}
