package unbo.app.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;

import jakarta.persistence.EntityManager;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/** What was taken away with a reason stands in no list, and is put back within thirty days as it was. */
@Served
@Transactional
class AwayTest {

    private static final String[] LISTS = {
        "/vehicles", "/wall", "/day", "/ask?q=Quay+float", "/visits/new", "/export.json", "/due.ics", "/history.csv"
    };

    @Autowired
    private MockMvc web;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private JobService jobs;

    @Autowired
    private EntityManager entities;

    private long vehicle() {
        long id = vehicles.add(new VehicleInput("trailer", "Quay float", "QF 1", "Q.F.", "none", 900.0, "immersed", 1))
                .id();
        entities.flush();
        entities.clear();
        return id;
    }

    private long job(long vehicle) {
        long id = jobs.open(vehicle, "axle1-left", Instant.now());
        String today = LocalDate.now().toString();
        jobs.keep(id, RouteStage.INTAKE, -1, Map.of("complaint", "howls by the mole", "day", today), Instant.now());
        return id;
    }

    private void takenAway(String path, String box, String why) throws Exception {
        web.perform(post(path).with(csrf()).param(box, why)).andExpect(status().is3xxRedirection());
        entities.flush();
        entities.clear();
    }

    private String page(String path) throws Exception {
        return web.perform(get(path)).andReturn().getResponse().getContentAsString();
    }

    @Test
    void aVehicleIsTakenAwayAndPutBack() throws Exception {
        long vehicle = vehicle();
        long job = job(vehicle);
        assertThat(page("/vehicles")).contains("Quay float");
        takenAway("/vehicles/" + vehicle + "/take-away", "why", " ");
        assertThat(page("/vehicles")).contains("Quay float");
        takenAway("/vehicles/" + vehicle + "/take-away", "why", "twice here");
        for (String list : LISTS) {
            assertThat(page(list)).as(list).doesNotContain("Quay float</").doesNotContain("\"Quay float\"");
        }
        assertThat(jobs.underWay(0, 50)).noneMatch(line -> line.id() == job);
        assertThat(page("/away")).contains("Quay float", "twice here");
        assertThat(page("/vehicles/" + vehicle)).contains("was taken away", "twice here");
        web.perform(post("/vehicles/" + vehicle + "/put-back").with(csrf()))
                .andExpect(redirectedUrl("/vehicles/" + vehicle));
        entities.flush();
        entities.clear();
        assertThat(page("/vehicles")).contains("Quay float");
        assertThat(jobs.underWay(0, 50)).anyMatch(line -> line.id() == job);
    }

    @Test
    void aJobIsTakenAwayAndPutBack() throws Exception {
        long job = job(vehicle());
        takenAway("/jobs/" + job + "/do/take-away", "text", "opened by mistake");
        assertThat(jobs.underWay(0, 50)).noneMatch(line -> line.id() == job);
        assertThat(jobs.search("howls by the mole")).isEmpty();
        assertThat(page("/away")).contains("#" + job);
        assertThat(jobs.takeAway(job, "again", Instant.now())).isFalse();
        assertThat(jobs.putBack(job, Instant.now().plus(Duration.ofDays(31)))).isFalse();
        assertThat(jobs.putBack(job, Instant.now())).isTrue();
        entities.flush();
        assertThat(jobs.underWay(0, 50)).anyMatch(line -> line.id() == job);
        assertThat(jobs.search("howls by the mole")).isNotEmpty();
    }

    @Test
    void theSameFileAgainIsRecognised() throws Exception {
        long job = job(vehicle());
        byte[] file = web.perform(get("/jobs/" + job + "/export.json"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        MockMultipartFile sent = new MockMultipartFile("file", "job.json", "application/json", file);
        web.perform(multipart("/take-in").file(sent).with(csrf())).andExpect(status().is3xxRedirection());
        web.perform(multipart("/take-in").file(sent).with(csrf()))
                .andExpect(content().string(containsString("very same file was taken in")));
        web.perform(multipart("/take-in").file(sent).param("again", "yes").with(csrf()))
                .andExpect(status().is3xxRedirection());
        byte[] other = new String(file, StandardCharsets.UTF_8)
                .replace("howls by the mole", "hums by the mole")
                .getBytes(StandardCharsets.UTF_8);
        MockMultipartFile changed = new MockMultipartFile("file", "job.json", "application/json", other);
        web.perform(multipart("/take-in").file(changed).with(csrf())).andExpect(status().is3xxRedirection());
    }

    @Test
    void aDayUnderWaterIsTakenAwayAndCountsNoMore() throws Exception {
        long vehicle = vehicle();
        vehicles.immersed(vehicle, LocalDate.now(), 3, "slipped twice");
        vehicles.immersed(vehicle, LocalDate.now(), 2, "");
        entities.flush();
        entities.clear();
        long first = vehicles.immersions(vehicle).stream()
                .filter(in -> in.times() == 3)
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(underWater(vehicle)).isEqualTo(5);
        takenAway("/immersions/" + first + "/take-away", "why", "");
        assertThat(underWater(vehicle)).isEqualTo(5);
        takenAway("/immersions/" + first + "/take-away", "why", "the other trailer");
        assertThat(underWater(vehicle)).isEqualTo(2);
        assertThat(vehicles.immersionsAfter(vehicle, null)).isEqualTo(2);
        assertThat(page("/vehicles/" + vehicle)).doesNotContain("slipped twice");
        assertThat(page("/away")).contains("the other trailer");
        assertThat(vehicles.putImmersionBack(first, Instant.now().plus(Duration.ofDays(31))))
                .isEmpty();
        takenAway("/immersions/" + first + "/put-back", "x", "");
        assertThat(underWater(vehicle)).isEqualTo(5);
    }

    private int underWater(long vehicle) {
        return vehicles.find(vehicle).orElseThrow().positions().get(0).immersed();
    }

    @Test
    void allThatCameWithOneFileIsTakenAway() throws Exception {
        long job = job(vehicle());
        byte[] file = page("/jobs/" + job + "/export.json").getBytes(StandardCharsets.UTF_8);
        MockMultipartFile sent = new MockMultipartFile("file", "job.json", "application/json", file);
        web.perform(multipart("/take-in").file(sent).with(csrf())).andExpect(status().is3xxRedirection());
        entities.flush();
        entities.clear();
        assertThat(named("Quay float")).isEqualTo(2);
        String lately = page("/take-in").replaceAll("(?s).*?/take-in/([0-9a-f]{64})/take-away.*", "$1");
        takenAway("/take-in/" + lately + "/take-away", "why", "");
        assertThat(named("Quay float")).isEqualTo(2);
        takenAway("/take-in/" + lately + "/take-away", "why", "the wrong file");
        assertThat(named("Quay float")).isEqualTo(1);
        assertThat(page("/away")).contains("the wrong file");
        assertThat(page("/take-in")).contains("0 vehicles here");
    }

    private long named(String name) {
        return vehicles.all().stream().filter(v -> v.name().equals(name)).count();
    }

    @Test
    void aJobOfAFileIsPutOntoAVehicleThatIsHere() throws Exception {
        long job = job(vehicle());
        byte[] file = page("/jobs/" + job + "/export.json").getBytes(StandardCharsets.UTF_8);
        MockMultipartFile sent = new MockMultipartFile("file", "job.json", "application/json", file);
        long other = vehicles.add(new VehicleInput("trailer", "Mole cradle", "MC 1", "M.C.", "none", 900.0, "wet", 1))
                .id();
        long van = vehicles.add(new VehicleInput("van", "Mole van", "MV 1", "M.C.", "km", 9000.0, "road", 2))
                .id();
        entities.flush();
        entities.clear();
        assertThat(page("/take-in?onto=" + other)).contains("Mole cradle");
        web.perform(multipart("/take-in")
                        .file(sent)
                        .param("onto", String.valueOf(van))
                        .with(csrf()))
                .andExpect(content().string(containsString("The file is of a trailer, Mole van is a van.")));
        web.perform(multipart("/take-in")
                        .file(sent)
                        .param("onto", String.valueOf(other))
                        .with(csrf()))
                .andExpect(status().is3xxRedirection());
        entities.flush();
        entities.clear();
        assertThat(jobs.ofVehicle(other, 0).lines())
                .singleElement()
                .satisfies(line -> assertThat(line.complaint()).isEqualTo("howls by the mole"));
        assertThat(named("Quay float")).isEqualTo(1);
        assertThat(page("/take-in")).as("nothing new came with it").doesNotContain("id=\"lately\"");
    }
}
