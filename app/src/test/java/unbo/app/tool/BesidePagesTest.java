package unbo.app.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.AnswerService;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/** Numbers kept beside the stages of a job, and answers saved as files. */
@Served
@Transactional
class BesidePagesTest {

    private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private AnswerService answers;

    private long job() {
        long vehicle = vehicles.add(
                        new VehicleInput("trailer", "Numbered trailer", "NU 1", "X.Y.", "none", 2000.0, "immersed", 1))
                .id();
        long id = jobs.open(vehicle, "axle1-left", AT);
        jobs.keep(id, RouteStage.INTAKE, -1, Map.of("complaint", "hums", "day", "2026-05-04", "load", "450"), AT);
        jobs.keep(
                id,
                RouteStage.IDENTIFY,
                -1,
                Map.of(
                        "outerCone",
                        "L44643",
                        "outerCup",
                        "L44610",
                        "innerCone",
                        "L68149",
                        "innerCup",
                        "L68110",
                        "betweenCups",
                        "42",
                        "hubBore",
                        "44",
                        "spindle",
                        "30"),
                AT);
        return id;
    }

    @Test
    void whatTheJobKnowsStandsInTheBoxes() throws Exception {
        long id = job();
        String page = mvc.perform(get("/jobs/" + id + "/numbers/wheel-life"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page)
                .contains("value=\"L44643/L44610\"", "value=\"L68149/L68110\"", "value=\"4413 N\"")
                .containsPattern("value=\"trailer\"\\s+selected")
                .containsPattern("name=\"spreadMm\"\\s+value=\"6\\d(\\.\\d)? mm\"");
        mvc.perform(get("/jobs/" + id + "/numbers/inside"))
                .andExpect(content().string(allOf(containsString("elements"), containsString("Keep in the job"))));
        mvc.perform(get("/jobs/" + id + "/numbers/viscosity"))
                .andExpect(content().string(not(containsString("is needed: "))));
    }

    @Test
    void anAnswerIsKeptOncePerQuestionAndStandsInTheReport() throws Exception {
        long id = job();
        String to = "/jobs/" + id + "/numbers";
        mvc.perform(post(to + "/viscosity")
                        .with(csrf())
                        .param("nu40", "220")
                        .param("nu100", "19.5")
                        .param("temperature", "70")
                        .param("rpm", "800")
                        .param("pitchMm", "40"))
                .andExpect(redirectedUrl(to));
        mvc.perform(post(to + "/viscosity")
                        .with(csrf())
                        .param("nu40", "100")
                        .param("nu100", "11")
                        .param("temperature", "70")
                        .param("rpm", "800")
                        .param("pitchMm", "40"))
                .andExpect(redirectedUrl(to));
        assertThat(answers.of(id))
                .singleElement()
                .satisfies(k -> assertThat(k.texts()).containsEntry("nu40", "100"));
        mvc.perform(get(to))
                .andExpect(content().string(allOf(containsString("Viscosity"), containsString("Ask again"))));
        mvc.perform(get(to + "/viscosity")).andExpect(content().string(containsString("value=\"100\"")));
        mvc.perform(get("/jobs/" + id + "/report"))
                .andExpect(content().string(containsString("id=\"answer-viscosity\"")));
        mvc.perform(get("/jobs/" + id + "/report.pdf")).andExpect(status().isOk());
        mvc.perform(post(to + "/viscosity/drop").with(csrf())).andExpect(redirectedUrl(to));
        assertThat(answers.of(id)).isEmpty();
    }

    @Test
    void whatWasTypedAtThisPositionBeforeIsNotTypedAgain() throws Exception {
        long first = job();
        mvc.perform(post("/jobs/" + first + "/numbers/wheel-life")
                        .with(csrf())
                        .param("vehicle", "trailer")
                        .param("wheelLoadN", "9999")
                        .param("rollingRadiusM", "0.287")
                        .param("spreadMm", "60")
                        .param("outerDesignation", "32008X")
                        .param("innerDesignation", "32010X"))
                .andExpect(redirectedUrl("/jobs/" + first + "/numbers"));
        long vehicle = jobs.view(first).orElseThrow().vehicle().id();
        long second = jobs.open(vehicle, "axle1-left", AT);
        jobs.keep(second, RouteStage.INTAKE, -1, Map.of("complaint", "again", "day", "2026-06-04", "load", "450"), AT);
        mvc.perform(get("/jobs/" + second + "/numbers/wheel-life"))
                .andExpect(content()
                        .string(allOf(
                                containsString("value=\"0.287\""),
                                containsString("value=\"4413 N\""),
                                containsString("as it was kept at this position"),
                                not(containsString("9999")))));
        long other = jobs.open(vehicle, "axle1-right", AT);
        mvc.perform(get("/jobs/" + other + "/numbers/wheel-life"))
                .andExpect(content().string(not(containsString("0.287"))));
    }

    @Test
    void badInputIsNotKeptAndStaysAsTyped() throws Exception {
        long id = job();
        mvc.perform(post("/jobs/" + id + "/numbers/viscosity")
                        .with(csrf())
                        .param("nu40", "20")
                        .param("nu100", "30")
                        .param("rpm", "800")
                        .param("pitchMm", "forty"))
                .andExpect(content().string(allOf(containsString("Not kept"), containsString("value=\"forty\""))));
        assertThat(answers.of(id)).isEmpty();
    }

    @Test
    void aClosedJobKeepsItsNumbersAsTheyWere() throws Exception {
        long id = job();
        jobs.abandon(id, "sold", AT);
        mvc.perform(post("/jobs/" + id + "/numbers/viscosity")
                        .with(csrf())
                        .param("nu40", "220")
                        .param("nu100", "19.5")
                        .param("rpm", "800")
                        .param("pitchMm", "40"))
                .andExpect(content().string(containsString("this job is closed")));
        mvc.perform(get("/jobs/" + id + "/numbers")).andExpect(content().string(containsString("This job is closed")));
        assertThat(answers.of(id)).isEmpty();
    }

    @Test
    void whatAStageAsksIsNotAskedBesideIt() throws Exception {
        long id = job();
        mvc.perform(get("/jobs/" + id + "/numbers/hub-grease")).andExpect(status().isNotFound());
        mvc.perform(get("/jobs/" + id + "/numbers/nothing")).andExpect(status().isNotFound());
    }

    @Test
    void drawingsAndValuesAreSavedAsFiles() throws Exception {
        String inputs = "?nu40=220&nu100=19.5&temperature=70&rpm=800&pitchMm=40";
        mvc.perform(get("/bench/viscosity/viscosity.svg" + inputs))
                .andExpect(content().contentTypeCompatibleWith("image/svg+xml"))
                .andExpect(content().string(allOf(containsString("<svg"), containsString("<style>"))));
        mvc.perform(get("/bench/viscosity/viscosity.csv" + inputs))
                .andExpect(content().contentTypeCompatibleWith("text/csv"))
                .andExpect(content().string(allOf(containsString("°C,mm²/s\r\n"), containsString("40"))));
        mvc.perform(get("/bench/viscosity")
                        .param("nu40", "220")
                        .param("nu100", "19.5")
                        .param("rpm", "800")
                        .param("pitchMm", "40")
                        .param("{odd}", "1"))
                .andExpect(status().isOk())
                .andExpect(content().string(not(containsString("odd"))));
        mvc.perform(get("/bench/viscosity/other.svg" + inputs)).andExpect(status().isNotFound());
        mvc.perform(get("/bench/viscosity/viscosity.csv?nu40=20&nu100=30&rpm=800&pitchMm=40"))
                .andExpect(status().isNotFound());
        mvc.perform(get("/bench/worth"))
                .andExpect(content()
                        .string(allOf(
                                containsString("/bench/worth/worth-candidates.csv"), containsString("chain cleaned"))));
        mvc.perform(get("/bench/wheel-life"))
                .andExpect(content()
                        .string(allOf(
                                containsString("data-slide=\"newOffset\""),
                                containsString("data-from=\"offsetMm\""),
                                containsString("Values of the chart"))));
        mvc.perform(get("/bench/speed")).andExpect(content().string(containsString("data-spin=\"")));
    }
}
