package unbo.app.seek;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.net.URI;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.app.job.JobLine;
import unbo.app.job.JobService;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.seek.Meaning.Kind;

@Served
@ExtendWith(LoadedDemo.class)
class SeekTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private SeekService seek;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private JobService jobs;

    private Reading first(String text) {
        return seek.of(text, Optional.empty()).get(0);
    }

    private ResultActions asked(String text) throws Exception {
        return mvc.perform(get("/api/v1/ask").param("q", text)).andExpect(status().isOk());
    }

    @ParameterizedTest
    @CsvSource({
        "6305-2RS, bearing",
        "LM67048/LM67010, taper-pair",
        "25x52x15, sizes",
        "seal 35 52 7, seal",
        "4 thou, quantity",
        "castle nut, tool",
        "growls turning left, complaint",
        "Dory trailer, vehicle",
        "dory trailer axle 1 left, position"
    })
    void everySortOfTextIsAnsweredByItsKind(String text, String kind) throws Exception {
        asked(text)
                .andExpect(jsonPath("$.readings[0].kind").value(kind))
                .andExpect(jsonPath("$.readings[0].title").isNotEmpty())
                .andExpect(jsonPath("$.readings[0].address").value(org.hamcrest.Matchers.startsWith("/")))
                .andExpect(jsonPath("$.readings[0].score").isNumber())
                .andExpect(jsonPath("$.readings[0].says").isArray());
    }

    @Test
    void nothingTypedHasNoReadingAndNonsenseASentence() throws Exception {
        asked(" ").andExpect(jsonPath("$.readings").isEmpty());
        asked("xyzzy plugh")
                .andExpect(jsonPath("$.readings[0].score").value(0.0))
                .andExpect(jsonPath("$.readings[0].address").value(containsString("complaint=xyzzy%20plugh")));
    }

    @Test
    void aJobIsFoundByItsNumberAndByWordsInItsMargin() {
        Vehicle dory = vehicles.search("Dory").get(0);
        long job = jobs.open(dory.id(), "axle1-right", Instant.now());
        jobs.note(job, "grease cap cross-threaded by somebody", Instant.now());
        assertThat(first("#" + job).address()).isEqualTo("/jobs/" + job);
        assertThat(first("job " + job).kind()).isEqualTo(Kind.JOB);
        assertThat(seek.of("cross-threaded", Optional.empty()))
                .anyMatch(r -> r.address().equals("/jobs/" + job));
        jobs.abandon(job, "counted", Instant.now());
    }

    @Test
    void aVehicleIsFoundWithASlipInItsName() {
        assertThat(first("dory trialer").title()).isEqualTo("Dory trailer");
        assertThat(first("HB377").title()).isEqualTo("Dory trailer");
    }

    @Test
    void aPositionSaysWhatItBearsAndWhenItIsDue() {
        Reading position = first("dory trailer axle 1 left");
        assertThat(position.title()).isEqualTo("Dory trailer, axle 1 left hub");
        assertThat(position.says()).anyMatch(s -> s.contains("LM67048")).anyMatch(s -> s.startsWith("Due"));
    }

    @Test
    void whatIsLookedUpOnAJobsPagesGoesToItsPlaces() throws Exception {
        long open = openJob();
        mvc.perform(get("/ask/found").param("q", "6305-2RS").param("in", String.valueOf(open)))
                .andExpect(content().string(containsString("Into #" + open)))
                .andExpect(content().string(containsString("/jobs/" + open + "/identify?")));
        mvc.perform(get("/ask/found").param("q", "6305-2RS"))
                .andExpect(content().string(not(containsString("Into #"))))
                .andExpect(content().string(containsString("bearing-small")));
    }

    @Test
    void aSignedJobTakesNothingIn() throws Exception {
        JobLine signed = jobs.search("L45449").stream()
                .filter(line -> line.state().frozen())
                .findFirst()
                .orElseGet(() -> jobs.search("LM67048").stream()
                        .filter(line -> line.state().frozen())
                        .findFirst()
                        .orElseThrow());
        mvc.perform(get("/ask/found").param("q", "6305-2RS").param("in", String.valueOf(signed.id())))
                .andExpect(content().string(not(containsString("Into #"))));
    }

    @Test
    void theAddressThatItHadStillLeadsThere() throws Exception {
        mvc.perform(get("/search").param("q", "a b&c")).andExpect(redirectedUrl("/ask?q=a%20b%26c"));
    }

    @Test
    void everyAddressThatIsOfferedOpens() throws Exception {
        for (String text : List.of(
                "6305-2RS",
                "LM67048",
                "34 64 37",
                "25 k6",
                "230F",
                "50 lbf.ft",
                "M20x1.5",
                "creep",
                "headset",
                "stock",
                "settings",
                "due",
                "new visit",
                "own catalogue",
                "grease gun",
                "import",
                "vehicles",
                "noise recording",
                "what kind of bearing",
                "LiX + PU",
                "growls turning left",
                "Dory trailer")) {
            for (Reading reading : seek.of(text, Optional.of(openJob()))) {
                for (Reading.Way way : reading.ways()) {
                    assertThat(mvc.perform(get(URI.create(way.address())))
                                    .andReturn()
                                    .getResponse()
                                    .getStatus())
                            .as(way.address())
                            .isLessThan(400);
                }
            }
        }
    }

    private long openJob() {
        return jobs.underWay(0, 1).get(0).id();
    }
}
