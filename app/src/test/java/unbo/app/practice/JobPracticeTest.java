package unbo.app.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.job.JobState;
import unbo.app.job.JobView;
import unbo.core.route.StageRules;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.practice.PracticeJob;

/** A job on a hidden hub stands on the stages of any job, is never signed, and no list of the workshop shows it. */
@Served
@Transactional
class JobPracticeTest {

    /** A hub on two tapered bearings at axle 1 right, 32005X outside, 32007X inside. */
    private static final long TRAILER = 2;

    private static final Instant NOW = Instant.parse("2026-05-04T09:00:00Z");

    @Autowired
    private MockMvc web;

    @Autowired
    private JobService jobs;

    @Autowired
    private JobPractice practice;

    @Autowired
    private PracticeRecord record;

    private void keep(long id, RouteStage stage, Map<String, String> said) {
        JobView view = jobs.view(id).orElseThrow();
        Sheet sheet = view.sheetFor(stage);
        Map<String, String> texts =
                new TreeMap<>(StageRules.of(stage, sheet, said).prefill(sheet, said));
        texts.putAll(said);
        assertThat(jobs.keep(id, stage, view.station(stage).version(), texts, NOW))
                .as("%s %s", stage, said)
                .isEqualTo(JobService.Kept.DONE);
    }

    private long begun(long seed) {
        return practice.begin(1, seed, "JP", NOW);
    }

    private void hands(long id, long seed, RouteStage stage) throws Exception {
        for (String move : PracticeJob.best(seed, 1)) {
            if (move.startsWith(stage.code() + "/")) {
                web.perform(post("/practice/jobs/" + id + "/" + stage.code())
                                .with(csrf())
                                .header("HX-Request", "true")
                                .param("move", move.substring(move.indexOf('/') + 1)))
                        .andExpect(status().isOk());
            }
        }
    }

    private Map<String, String> boxes(long id, RouteStage stage) {
        return new TreeMap<>(practice.find(id).orElseThrow().job().at(stage, "").boxes());
    }

    @Test
    void aWholeJobIsDoneOnTheStagesHandedInAndPassed() throws Exception {
        long id = begun(TRAILER);
        keep(id, RouteStage.INTAKE, Map.of("complaint", "growls", "day", "2026-05-04"));
        hands(id, TRAILER, RouteStage.DIAGNOSE);
        Map<String, String> seen = boxes(id, RouteStage.DIAGNOSE);
        seen.put("initials", "JP");
        keep(id, RouteStage.DIAGNOSE, seen);
        assertThat(jobs.move(id, "axle1-right", NOW)).isTrue();
        hands(id, TRAILER, RouteStage.IDENTIFY);
        assertThat(practice.find(id)
                        .orElseThrow()
                        .job()
                        .at(RouteStage.IDENTIFY, "")
                        .log())
                .anyMatch(line -> line.contains("32005X"));
        keep(id, RouteStage.IDENTIFY, Map.of("outerCone", "32005X", "innerCone", "32007X"));
        hands(id, TRAILER, RouteStage.STRIP);
        keep(id, RouteStage.STRIP, Map.of());
        hands(id, TRAILER, RouteStage.INSPECT);
        keep(id, RouteStage.INSPECT, boxes(id, RouteStage.INSPECT));
        jobs.skip(id, RouteStage.FIT, "done elsewhere", NOW);
        keep(id, RouteStage.GREASE, Map.of("kind", "CaS", "oldKind", "CaS"));
        hands(id, TRAILER, RouteStage.SET);
        keep(
                id,
                RouteStage.SET,
                Map.of("pitch", "1.0", "slots", "6", "pinHolesDeg", "0 180", "freeAngleDeg", "10", "school", "A"));
        hands(id, TRAILER, RouteStage.PROVE);
        Map<String, String> proved = boxes(id, RouteStage.PROVE);
        proved.putAll(Map.of("run", "10", "proof-nut-locked", "right", "proof-turns-free", "right", "initials", "JP"));
        keep(id, RouteStage.PROVE, proved);
        keep(
                id,
                RouteStage.LOG,
                Map.of("cause", "wheel-bearing", "serviceSchool", "yearly", "season", "20", "note", ""));
        assertThat(jobs.view(id).orElseThrow().signOff().reasons()).isEmpty();
        assertThat(jobs.sign(id, NOW)).anyMatch(reason -> reason.contains("never signed"));
        web.perform(get("/jobs/" + id + "/log"))
                .andExpect(content().string(not(containsString("Keep, sign and close"))));
        web.perform(get("/practice/jobs/" + id + "/log")).andExpect(content().string(containsString("Hand it in")));
        web.perform(get("/practice/jobs/" + id)).andExpect(redirectedUrl("/jobs/" + id));

        web.perform(post("/practice/jobs/" + id).with(csrf())).andExpect(redirectedUrl("/practice/jobs/" + id));
        web.perform(get("/practice/jobs/" + id))
                .andExpect(content().string(containsString("Passed")))
                .andExpect(content().string(not(containsString("Not passed"))))
                .andExpect(content().string(containsString("The best hand")));
        assertThat(jobs.view(id).orElseThrow().job().state()).isEqualTo(JobState.ABANDONED);
        assertThat(record.lines())
                .filteredOn(line -> line.who().equals("JP"))
                .singleElement()
                .satisfies(line -> assertThat(line.skill().right()).isEqualTo(1));
        web.perform(get("/practice")).andExpect(content().string(containsString("A job on the stages, level 1")));
    }

    /** What it is stands on no page of its stages, nor in what they send, before it is handed in. */
    @Test
    void theTruthIsOnNoPageBefore() throws Exception {
        long id = begun(TRAILER);
        for (RouteStage stage : RouteStage.values()) {
            for (String page : List.of("/jobs/" + id + "/", "/practice/jobs/" + id + "/")) {
                web.perform(get(page + stage.code()))
                        .andExpect(status().isOk())
                        .andExpect(content().string(not(containsString("32007X"))))
                        .andExpect(content().string(not(containsString("isalignment, inner"))));
            }
        }
        // what cannot be done yet is not done, and what is no move is none
        web.perform(post("/practice/jobs/" + id + "/inspect").with(csrf()).param("move", "races:inner"))
                .andExpect(redirectedUrl("/jobs/" + id + "/inspect"));
        web.perform(post("/practice/jobs/" + id + "/diagnose").with(csrf()).param("move", "nonsense"));
        assertThat(practice.find(id).orElseThrow().moves()).isEmpty();
        web.perform(get("/practice/jobs/987654321/intake")).andExpect(status().isNotFound());
        web.perform(get("/practice/jobs/" + id + "/dance")).andExpect(status().isNotFound());
    }

    /** Neither the board, the day, the vehicles, the search nor any file of the workshop tells of it. */
    @Test
    void noListOfTheWorkshopShowsIt() throws Exception {
        web.perform(post("/practice/jobs")
                        .with(csrf())
                        .param("begin", "1")
                        .param("seed", "2")
                        .param("who", "np"))
                .andExpect(status().is3xxRedirection());
        for (String page : List.of(
                "/", "/wall", "/day", "/vehicles", "/ask?q=Practice+trailer", "/history.csv", "/export", "/jobs/new")) {
            web.perform(get(page)).andExpect(content().string(not(containsString("Practice trailer"))));
        }
    }

    /** Nothing said, nothing done: handed in all the same it says what is missing. */
    @Test
    void whatIsHandedInEmptySaysWhatIsMissing() throws Exception {
        long id = begun(TRAILER);
        practice.handIn(id, NOW);
        practice.handIn(id, NOW);
        web.perform(get("/practice/jobs/" + id))
                .andExpect(content().string(containsString("Not passed")))
                .andExpect(content().string(containsString("Strip: it was never apart.")))
                .andExpect(content().string(containsString("it was left open")));
        web.perform(post("/practice/jobs/" + id + "/diagnose").with(csrf()).param("move", "noise-character"));
        assertThat(practice.find(id).orElseThrow().moves()).isEmpty();
    }

    /** Instruments read millimetres, whatever the workshop writes: the address says so. */
    @Test
    void whatWasReadSaysItsSystem() throws Exception {
        long id = begun(TRAILER);
        hands(id, TRAILER, RouteStage.DIAGNOSE);
        web.perform(get("/practice/jobs/" + id + "/diagnose"))
                .andExpect(content().string(containsString("units=METRIC")));
    }
}
