package unbo.app.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;

import jakarta.persistence.EntityManager;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

import unbo.app.Served;
import unbo.app.exchange.ExchangeService;
import unbo.core.input.UnitSystem;
import unbo.core.vehicle.VehicleInput;

/** What of a vehicle is looked after by a rule of its own: due like its bearings, ticked off, carried in files. */
@Served
@Transactional
class CareTest {

    private static final LocalDate TODAY = LocalDate.now();

    @Autowired
    private MockMvc web;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private CareService cares;

    @Autowired
    private ExchangeService exchange;

    @Autowired
    private JdbcTemplate rows;

    @Autowired
    private TransactionTemplate whole;

    @Autowired
    private EntityManager entities;

    private long van;

    @BeforeEach
    void aVan() {
        if (!TransactionSynchronizationManager.isActualTransactionActive()) {
            return;
        }
        van = vehicles.add(new VehicleInput("van", "Care van", "CV 1", "C.V.", "km", 20_000.0, "dry", 1))
                .id();
        entities.flush();
        entities.clear();
    }

    private MockHttpServletRequestBuilder oil(String months, String counter) {
        return post("/vehicles/" + van + "/care")
                .with(csrf())
                .param("what", "gearbox oil")
                .param("everyMonths", months)
                .param("everyCounter", counter)
                .param("doneOn", TODAY.minusMonths(5).toString())
                .param("doneCounter", "40000");
    }

    private VehicleCare only() {
        entities.flush();
        entities.clear();
        assertThat(cares.of(van)).hasSize(1);
        return cares.of(van).get(0);
    }

    @Test
    void isDueByWhatComesFirstAndStandsInTheListAndTheCalendar() throws Exception {
        web.perform(oil("12", "10000")).andExpect(status().is3xxRedirection());
        assertThat(only().dueOn()).isEqualTo(TODAY.minusMonths(5).plusDays(182));
        assertThat(only().dueCounter()).isEqualTo(50_000);
        web.perform(get("/due?by=vehicle"))
                .andExpect(content().string(containsString("gearbox oil")))
                .andExpect(content().string(containsString("/vehicles/" + van + "#care")));
        web.perform(get("/due.ics")).andExpect(content().string(containsString("Due: Care van")));
        web.perform(get("/vehicles/" + van)).andExpect(content().string(containsString("or at 50000 km")));
    }

    @Test
    void aCounterThatIsReachedMakesItDueAndDoneBeginsAnew() throws Exception {
        web.perform(oil("", "10000"));
        vehicles.went(van, "", new VehicleEvent.Told("run", TODAY, 1, 300.0, 50_200.0, 2, ""));
        assertThat(only().dueOn()).isEqualTo(TODAY);
        assertThat(only().dueWhy()).startsWith("the counter reached 50200");
        web.perform(post("/vehicles/" + van + "/care/" + only().id() + "/done")
                .with(csrf())
                .param("day", TODAY.toString())
                .param("counter", "50200"));
        assertThat(only().dueCounter()).isEqualTo(60_200);
        assertThat(only().dueWhy()).isEmpty();
        web.perform(post("/vehicles/" + van + "/care/" + only().id() + "/drop").with(csrf()));
        assertThat(cares.of(van)).isEmpty();
    }

    @Test
    void badInputSaysWhyAndKeepsWhatWasTyped() throws Exception {
        web.perform(oil("", ""))
                .andExpect(flash().attribute("bad", containsString("after how many months")))
                .andExpect(flash().attributeExists("care"));
        web.perform(oil("12", "").param("doneOn", "")).andExpect(status().is3xxRedirection());
        web.perform(post("/vehicles/999999/care").with(csrf()).param("what", "oil"))
                .andExpect(status().isNotFound());
        web.perform(post("/vehicles/" + van + "/care/999999/done").with(csrf()).param("day", TODAY.toString()))
                .andExpect(status().isNotFound());
    }

    @Test
    void goesWithTheFileOfEverythingAndComesBack() throws Exception {
        web.perform(oil("12", "10000"));
        entities.flush();
        MvcResult begun = web.perform(get("/export.json")).andReturn();
        byte[] file = (begun.getRequest().isAsyncStarted()
                        ? web.perform(asyncDispatch(begun)).andReturn()
                        : begun)
                .getResponse()
                .getContentAsByteArray();
        assertThat(exchange.take(() -> new ByteArrayInputStream(file), UnitSystem.METRIC)
                        .faults())
                .isEmpty();
        entities.flush();
        assertThat(rows.queryForList("SELECT due_counter FROM vehicle_care WHERE what = 'gearbox oil'", Double.class))
                .containsExactly(50_000.0, 50_000.0);
        byte[] bad = new String(file, StandardCharsets.UTF_8)
                .replace("\"everyMonths\" : 12", "\"everyMonths\" : 0")
                .getBytes(StandardCharsets.UTF_8);
        assertThat(exchange.take(() -> new ByteArrayInputStream(bad), UnitSystem.METRIC)
                        .faults())
                .anyMatch(fault -> fault.contains("what else is looked after"));
    }

    /** Outside of any transaction, as a browser asks. */
    @Test
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    void theVehiclesPageIsWhole() throws Exception {
        van = vehicles.add(new VehicleInput("van", "Seen van", "SV 1", "S.V.", "km", 20_000.0, "dry", 1))
                .id();
        try {
            web.perform(oil("12", "10000")).andExpect(status().is3xxRedirection());
            web.perform(get("/vehicles/" + van))
                    .andExpect(content().string(containsString("or at 50000 km")))
                    .andExpect(content().string(containsString("</html>")));
        } finally {
            whole.executeWithoutResult(in -> {
                rows.update("DELETE FROM vehicle_position WHERE vehicle_id = ?", van);
                rows.update("DELETE FROM vehicle WHERE id = ?", van);
            });
        }
    }
}
