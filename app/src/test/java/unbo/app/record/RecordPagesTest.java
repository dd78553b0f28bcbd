package unbo.app.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.Map;

import jakarta.persistence.EntityManager;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.app.workshop.WorkshopForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.UnitSystem;
import unbo.core.survival.Survival;
import unbo.core.vehicle.VehicleInput;

/** What the record tells of runs that are written into it: the worked figures, and the odd ones left out. */
@Served
@AutoConfigureMockMvc
@Transactional
class RecordPagesTest {

    private static final String KIND = "unit-bolted";

    @Autowired
    private MockMvc web;

    @Autowired
    private JdbcTemplate rows;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private WorkshopService workshops;

    @Autowired
    private LivesRecord lives;

    @Autowired
    private EntityManager entities;

    private Vehicle van;
    private long position;

    @BeforeEach
    void van() {
        workshops.change(new WorkshopForm("Record", UnitSystem.METRIC, "A", "yearly"));
        long id = vehicles.add(new VehicleInput("van", "Record van", "RV 1", "R.V.", "km", 9000.0, "dry", 1))
                .id();
        entities.flush();
        van = vehicles.find(id).orElseThrow();
        position = van.position("front-left").orElseThrow().id();
    }

    private long job(String cause) {
        rows.update("INSERT INTO visit (vehicle_id, opened_at) VALUES (?, NOW())", van.id());
        rows.update(
                "INSERT INTO job (version, visit_id, position_id, state, waiting_for, opened_at, worked_on, complaint, "
                        + "cause, signed_by, numbers) VALUES (0, LAST_INSERT_ID(), ?, 'SIGNED', '', NOW(), "
                        + "'2024-05-01', "
                        + "'', ?, 'BW', '')",
                position,
                cause);
        return rows.queryForObject("SELECT LAST_INSERT_ID()", Long.class);
    }

    /** A run of so many thousand km. @param number tells the runs of this test from any others */
    private void run(String number, double from, Double to, String ended) {
        long began = job("regular-service");
        rows.update(
                "INSERT INTO bearing_run (position_id, place, number, from_job, from_day, from_counter, fitted, "
                        + "to_job, "
                        + "to_day, to_counter, ended, kind, set_by) VALUES (?, 'unit', ?, ?, '2020-01-01', ?, TRUE, "
                        + "?, ?, "
                        + "?, ?, ?, 'BW')",
                position,
                number,
                began,
                from,
                to == null ? null : job(ended.equals("failed") ? "wheel-bearing" : "regular-service"),
                to == null ? null : LocalDate.parse("2023-01-01"),
                to,
                ended,
                KIND);
    }

    private void eight() {
        run("RP 1", 1, 13.0, "failed");
        run("RP 2", 1, 19.0, "failed");
        run("RP 3", 1, 19.0, "sound");
        run("RP 4", 1, 26.0, "failed");
        run("RP 5", 1, 31.0, "sound");
        run("RP 6", 1, 32.0, "failed");
        run("RP 7", 1, 41.0, "sound");
        run("RP 8", 1, 41.0, "sound");
    }

    private LivesRecord.Told told(String... texts) {
        Map<String, String> asked = new java.util.HashMap<>(Map.of("number", "RP", "kind", KIND));
        for (int i = 0; i < texts.length; i += 2) {
            asked.put(texts[i], texts[i + 1]);
        }
        return lives.told(RunsAsked.of(asked), null);
    }

    @Test
    void theWorkedRunsComeOutOfTheRecord() {
        eight();
        LivesRecord.Told told = told();
        assertThat(told.asked().counter()).isEqualTo("km");
        assertThat(told.lives().survival().steps())
                .extracting(Survival.Step::atRisk)
                .containsExactly(8, 7, 5, 3);
        assertThat(told.lives().weibull().eta()).isCloseTo(43.87, within(0.006));
        assertThat(told.causes()).extracting(LivesRecord.Count::what).containsExactly("wheel bearing");
    }

    /** A counter that goes back, and one that nobody read: a sentence each, and nothing lost. */
    @Test
    void absurdRunsAreLeftOutAndTold() throws Exception {
        eight();
        run("RP 9", 90, 13.0, "failed");
        rows.update("UPDATE bearing_run SET from_counter = NULL WHERE number = 'RP 5'");
        assertThat(told().recorded().leftOut()).isEqualTo(2);
        web.perform(get("/record/lives?number=RP"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("1 run is left out: counter goes back.")))
                .andExpect(content().string(containsString("1 run is left out: counter was not read at both ends.")))
                .andExpect(content().string(containsString("RP 9")));
    }

    @Test
    void anEmptyRecordSaysWhatARunIs() throws Exception {
        web.perform(get("/record/lives?number=NONE-SUCH"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("No run of such a bearing can be counted yet")));
        web.perform(get("/record/lives?number=%25&by=moon&counter=moon")).andExpect(status().isOk());
        web.perform(get("/record/year?year=1969")).andExpect(content().string(containsString("No job was signed")));
        web.perform(get("/record/pairs")).andExpect(status().isOk());
    }

    /** One that runs is as old as the counter that was read last, on a job or with an event. */
    @Test
    void whatRunsIsCountedToTheLastReading() throws Exception {
        run("RP 1", 1000, null, "running");
        rows.update("UPDATE vehicle_position SET last_counter = 5000 WHERE id = ?", position);
        assertThat(told().lives().input().runs().get(0).observed().end()).isEqualTo(4000);
        vehicles.went(
                van.id(),
                "",
                new unbo.app.vehicle.VehicleEvent.Told("run", LocalDate.parse("2024-01-01"), 1, 40.0, 7500.0, 2, ""));
        entities.flush();
        assertThat(told().lives().input().runs().get(0).observed().end()).isEqualTo(6500);
        assertThat(lives.standing(position)).singleElement().satisfies(standing -> {
            assertThat(standing.ran()).isEqualTo(6500);
            assertThat(standing.finding().code()).isEqualTo("standing-unknown");
        });
        web.perform(get("/positions/" + position + "/standing").header("HX-Request", "true"))
                .andExpect(content().string(containsString("It has run 6 500 km".replace("6 5", "6\u00a05"))))
                .andExpect(content().string(not(containsString("<head>"))));
    }

    @Test
    void personsOfFewRunsAreToldTogether() {
        eight();
        rows.update("UPDATE bearing_run SET set_by = 'AH' WHERE number IN ('RP 1', 'RP 2')");
        assertThat(told("by", "person").lives().groups())
                .extracting(group -> group.name())
                .containsExactlyInAnyOrder("BW", "fewer than five each");
    }

    @Test
    void runsAndYearsAreToBeHadAsRows() throws Exception {
        eight();
        web.perform(get("/record/runs.csv?number=RP"))
                .andExpect(content().string(containsString("Record van,front left hub")))
                .andExpect(content().string(containsString("failed,km")));
        web.perform(get("/record?year=2024")).andExpect(content().string(containsString("wheel bearing")));
        web.perform(get("/record/year/causes.csv?year=2024"))
                .andExpect(content().string(containsString("wheel bearing,4")));
        web.perform(get("/record/year/moons.csv?year=2024")).andExpect(status().isNotFound());
    }

    @Test
    void theShelfCountsWhatTheFleetRunsOn() throws Exception {
        run("RP 1", 1000, null, "running");
        run("RP 1", 1000, 2000.0, "failed");
        web.perform(get("/record/shelf"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("RP 1")));
        web.perform(get("/record/shelf?days=moon&service=400"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("“moon” is not a number")))
                .andExpect(content().string(containsString("cannot be 400")))
                .andExpect(content().string(containsString("What you typed is kept")));
    }

    /** Who goes and how far becomes places with what is to be looked for, and the parts that they take. */
    /** Due in ten months or 9000 km, a fifth of both gone: the season begins with that. */
    @Test
    void aSeasonBeginsWithTheRulesOfItsOwnPositions() throws Exception {
        rows.update(
                "UPDATE vehicle_position SET last_worked_on = ?, due_on = ?, last_counter = 1000, due_counter = 10000 "
                        + "WHERE id = ?",
                LocalDate.now().minusMonths(2),
                LocalDate.now().plusMonths(8),
                position);
        rows.update(
                "INSERT INTO vehicle_event (vehicle_id, kind, day, times, counter, hard, note) "
                        + "VALUES (?, 'run', ?, 1, 2800, 1, '')",
                van.id(),
                LocalDate.now());
        entities.clear();
        String address = web.perform(get("/record/season?vehicle=" + van.id()))
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        assertThat(java.net.URLDecoder.decode(address, java.nio.charset.StandardCharsets.UTF_8))
                .startsWith("/bench/season?from=")
                .contains("; 9000; ; ; ; 10; 1800; ; ; ; 2");
        web.perform(get(java.net.URI.create(address))).andExpect(status().isOk());
    }

    @Test
    void aTripIsHandedToTheSpares() throws Exception {
        run("RP 1", 1000, null, "running");
        rows.update("UPDATE vehicle_position SET last_counter = 5000 WHERE id = ?", position);
        String address = web.perform(get("/record/trip?vehicle=" + van.id() + "&distance=1400"))
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        assertThat(address).startsWith("/bench/spares?places=Record%20van").contains("RP%201");
        web.perform(get(java.net.URI.create(address)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("come through with the kit")));
        web.perform(get("/record/trip?vehicle=" + van.id()))
                .andExpect(content().string(containsString("write how far they go")));
    }

    @Test
    void aBearingHasAPageOfItsOwn() throws Exception {
        run("RP 1", 1000, null, "running");
        long job = rows.queryForObject("SELECT from_job FROM bearing_run WHERE number = 'RP 1'", Long.class);
        vehicles.went(
                van.id(),
                "",
                new unbo.app.vehicle.VehicleEvent.Told(
                        "blow", LocalDate.parse("2024-02-03"), 1, null, null, 2, "kerb"));
        entities.flush();
        web.perform(get("/jobs/" + job + "/bearings/unit"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("kerb or pothole blow")));
        web.perform(get("/jobs/" + job + "/bearings/unit/label.svg")).andExpect(status().isOk());
        web.perform(get("/jobs/" + job + "/bearings/moon")).andExpect(status().isNotFound());
    }

    @Test
    void eventsAreWrittenDownOneByOneOrAsRowsWholeOrNotAtAll() throws Exception {
        String address = "/vehicles/" + van.id() + "/events";
        web.perform(post(address)
                        .with(SecurityMockMvcRequestPostProcessors.csrf())
                        .param("kind", "blow")
                        .param("day", "2024-03-01")
                        .param("hard", "3")
                        .param("place", "front-left"))
                .andExpect(flash().attribute("good", containsString("One place is due sooner, by 2024-03-02")));
        web.perform(post(address)
                        .with(SecurityMockMvcRequestPostProcessors.csrf())
                        .param("kind", "moon")
                        .param("day", "x"))
                .andExpect(flash().attributeExists("bad", "typed"));
        web.perform(post(address)
                        .with(SecurityMockMvcRequestPostProcessors.csrf())
                        .param("kind", "run")
                        .param("day", LocalDate.now().plusDays(9).toString()))
                .andExpect(flash().attribute("bad", containsString("yet to come")));
        web.perform(post(address + "/rows")
                        .with(SecurityMockMvcRequestPostProcessors.csrf())
                        .param("rows", "day,kind,amount\n2024-04-01,run,120\n2024-04-02,race,30"))
                .andExpect(flash().attribute("good", "2 are written down."));
        web.perform(post(address + "/rows")
                        .with(SecurityMockMvcRequestPostProcessors.csrf())
                        .param("rows", "2024-05-01; run; 120\n2024-05-02; moon"))
                .andExpect(flash().attribute("bad", containsString("Line 2")));
        entities.flush();
        assertThat(vehicles.events(van.id())).hasSize(3);
        web.perform(get("/vehicles/" + van.id()))
                .andExpect(content().string(containsString("What it went through since")))
                .andExpect(content().string(not(containsString("None written down"))));
    }
}
