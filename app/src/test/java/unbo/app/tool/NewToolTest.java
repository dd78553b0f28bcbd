package unbo.app.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/** One class that describes a tool is all there is to add: pages, calls and their description come of it. */
@Served
@Transactional
class NewToolTest {

    private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");
    private static final String CHANGED = "A fact this was computed from has changed";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private void identified(long id, String hubBore) {
        int version = jobs.view(id).orElseThrow().station(RouteStage.IDENTIFY).version();
        JobService.Kept kept = jobs.keep(
                id,
                RouteStage.IDENTIFY,
                version,
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
                        "40",
                        "hubBore",
                        hubBore,
                        "spindle",
                        "30"),
                AT);
        assertThat(kept).isEqualTo(JobService.Kept.DONE);
    }

    private long job() {
        long vehicle = vehicles.add(
                        new VehicleInput("trailer", "Trial trailer", "TR 1", "X.Y.", "none", 2000.0, "immersed", 1))
                .id();
        long id = jobs.open(vehicle, "axle1-left", AT);
        jobs.keep(id, RouteStage.INTAKE, -1, Map.of("complaint", "hums", "day", "2026-05-04", "load", "450"), AT);
        identified(id, "50");
        return id;
    }

    @Test
    void itStandsOnTheBenchWithItsSampleItsCautionAndItsSteps() throws Exception {
        mvc.perform(get("/bench"))
                .andExpect(
                        content().string(allOf(containsString("/bench/trial-cavity"), containsString("Trial cavity"))));
        mvc.perform(get("/bench/trial-cavity"))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("78.5"),
                                containsString("Never fill it whole."),
                                containsString("Gloves: grease is no food."),
                                containsString("Weigh the grease in."))));
    }

    @Test
    void besideAJobItIsFilledByTheJobsFactsKeptAndStale() throws Exception {
        long id = job();
        String list = "/jobs/" + id + "/numbers";
        mvc.perform(get(list)).andExpect(content().string(containsString(list + "/trial-cavity")));
        String page = mvc.perform(get(list + "/trial-cavity"))
                .andExpect(content()
                        .string(allOf(
                                containsString("78.5"),
                                containsString("Gloves: grease is no food."),
                                containsString("Never fill it whole."))))
                .andReturn()
                .getResponse()
                .getContentAsString();
        mvc.perform(post(list + "/trial-cavity").with(csrf()).params(form(page)))
                .andExpect(status().is3xxRedirection());
        mvc.perform(get(list)).andExpect(content().string(allOf(containsString("78.5"), not(containsString(CHANGED)))));
        identified(id, "48");
        mvc.perform(get(list)).andExpect(content().string(allOf(containsString("78.5"), containsString(CHANGED))));
    }

    /** What the form that keeps the answer would send. */
    private static org.springframework.util.MultiValueMap<String, String> form(String page) {
        Map<String, String> sent = new HashMap<>();
        org.jsoup.Jsoup.parse(page)
                .select("form:has(#keep-number) input[type=hidden]")
                .forEach(input -> sent.put(input.attr("name"), input.attr("value")));
        assertThat(sent).containsEntry("length", "40 mm").containsEntry("hub", "50 mm");
        org.springframework.util.LinkedMultiValueMap<String, String> all =
                new org.springframework.util.LinkedMultiValueMap<>();
        all.setAll(sent);
        return all;
    }

    @Test
    void itIsCalledFromOutsideAndDescribed() throws Exception {
        mvc.perform(post("/api/v1/trial-cavity")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"length\": 40, \"hub\": \"2 in\"}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.cavityVolumeCm3", closeTo(81.073, 0.001)))
                .andExpect(jsonPath("$.level").value("watch"))
                .andExpect(jsonPath("$.findings[0].code").value("trial-judged"));
        mvc.perform(get("/api/openapi.json"))
                .andExpect(jsonPath("$.paths['/api/v1/trial-cavity'].post.operationId")
                        .value("trialCavity"))
                .andExpect(jsonPath("$.paths['/api/v1/trial-cavity'].post.requestBody.content['application/json']"
                                + ".schema.properties.hub")
                        .exists())
                .andExpect(jsonPath("$.paths['/api/v1/trial-cavity'].post.responses.422")
                        .exists())
                .andExpect(jsonPath("$.components.schemas.Volume.properties.cavityVolumeCm3.type")
                        .value("number"))
                .andExpect(jsonPath("$.components.schemas.Volume.properties.findings")
                        .exists());
    }
}
