package unbo.app.api;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.workshop.WorkshopService;

@Served
@Transactional
class DiagnosisApiTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private WorkshopService workshops;

    private ResultActions ask(String body) throws Exception {
        return mvc.perform(
                post("/api/v1/diagnose").contentType(MediaType.APPLICATION_JSON).content(body));
    }

    @Test
    void playInANoisyHubStopsTheCar() throws Exception {
        workshops.learn(false);
        ask("""
                {"vehicle":"car","checks":[{"id":"noise-follows","result":"road-speed"},
                {"id":"noise-turning","position":null,"result":"louder-left"},
                {"id":"listen-probe","position":"front-right","result":"rumble"},
                {"id":"rock-12-6","position":"front-right","result":"play-gone-with-brake"}]}""")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.causes[0].id").value("wheel-bearing"))
                .andExpect(jsonPath("$.causes[0].position").value("front-right"))
                .andExpect(jsonPath("$.causes[0].probability", greaterThan(0.85)))
                .andExpect(jsonPath("$.causes[0].evidence", hasSize(4)))
                .andExpect(jsonPath("$.causes[0].evidence[2].words", containsString("for")))
                .andExpect(jsonPath("$.urgency").value("stop"))
                .andExpect(jsonPath("$.urgencyReasons", not(hasSize(0))))
                .andExpect(jsonPath("$.roadTestHeld", containsString("No road test")));
    }

    @Test
    void ownCasesCountWhereTheyAreAskedFor() throws Exception {
        ask("{\"vehicle\":\"car\",\"checks\":[],\"own\":true}").andExpect(status().isOk());
        ask("{\"vehicle\":\"car\",\"checks\":[],\"own\":false}").andExpect(status().isOk());
        ask("{\"vehicle\":\"car\",\"checks\":[],\"own\":{}}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("own"));
    }

    @Test
    void nothingNotedIsAnAnswerToo() throws Exception {
        ask("{\"vehicle\":\"bicycle\",\"checks\":[]}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.urgency").value("none"))
                .andExpect(jsonPath("$.contradictions", hasSize(0)))
                .andExpect(jsonPath("$.nextChecks[0].gainBits", greaterThan(0.0)))
                .andExpect(jsonPath("$.causes[*].id", hasItem("none-of-these")));
    }

    @Test
    void aPositionOnTheSecondAxleMeansThereAreTwo() throws Exception {
        ask("{\"vehicle\":\"trailer\",\"checks\":[{\"id\":\"grease-out\","
                        + "\"position\":\"axle2-left\",\"result\":\"milky\"}]}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.causes[*].position", hasItem("axle2-right")));
        ask("{\"vehicle\":\"trailer\",\"checks\":[]}")
                .andExpect(jsonPath("$.causes[*].position", not(hasItem("axle2-right"))));
    }

    @Test
    void whatCannotBeIsSaidInASentence() throws Exception {
        ask("{\"vehicle\":\"boat\",\"checks\":[]}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("vehicle"));
        ask("{\"vehicle\":\"car\",\"checks\":[{\"id\":\"listen-probe\",\"position\":\"bow\",\"result\":\"rumble\"}]}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.errors[0].message", allOf(containsString("bow"), containsString("front-left"))));
        ask("{\"vehicle\":\"car\",\"checks\":[{\"id\":\"listen-probe\",\"result\":\"rumble\"}]}")
                .andExpect(status().isUnprocessableEntity());
        ask("{\"vehicle\":\"car\",\"checks\":[{\"id\":\"ear\",\"result\":\"rumble\"}]}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.detail", containsString("ear")));
        ask("{\"vehicle\":\"car\",\"checks\":[{\"id\":\"noise-follows\",\"result\":\"road-speed\",\"loud\":true}]}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("checks[0].loud"));
        ask("{\"vehicle\":\"car\",\"checks\":\"noise-follows\"}").andExpect(status().isBadRequest());
        ask("{\"vehicle\":\"car\",\"checks\":[7]}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("checks[0]"));
    }

    @Test
    void theChecksOfEachKindOfVehicleAreListed() throws Exception {
        for (String vehicle : new String[] {"car", "van", "motorcycle", "bicycle", "trailer"}) {
            mvc.perform(get("/api/v1/diagnose/checks").param("vehicle", vehicle))
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$.checks[*].id", hasItem("spin-by-hand")))
                    .andExpect(jsonPath("$.checks[0].results[0].label").isNotEmpty())
                    .andExpect(jsonPath("$.checks[0].minutes").isNumber());
        }
        mvc.perform(get("/api/v1/diagnose/checks").param("vehicle", "boat")).andExpect(status().isBadRequest());
        mvc.perform(get("/api/openapi.json"))
                .andExpect(jsonPath(
                        "$.paths['/api/v1/diagnose'].post.requestBody."
                                + "content['application/json'].schema.properties.checks.items.required",
                        hasItem("result")));
    }

    @Test
    void probabilitiesSumToOne() throws Exception {
        String body = ask("{\"vehicle\":\"van\",\"checks\":[{\"id\":\"noise-character\",\"result\":\"whine\"}]}")
                .andReturn()
                .getResponse()
                .getContentAsString();
        double sum = 0;
        for (com.fasterxml.jackson.databind.JsonNode cause :
                new com.fasterxml.jackson.databind.ObjectMapper().readTree(body).get("causes")) {
            sum += cause.get("probability").asDouble();
        }
        org.hamcrest.MatcherAssert.assertThat(sum, closeTo(1, 1e-9));
    }
}
