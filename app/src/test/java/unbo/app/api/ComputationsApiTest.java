package unbo.app.api;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

import unbo.app.Served;

@Served
class ComputationsApiTest {

    @Autowired
    private MockMvc mvc;

    private ResultActions ask(String call, String body) throws Exception {
        return mvc.perform(
                post("/api/v1/" + call).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    @Test
    void decodesAndMatchesTapers() throws Exception {
        mvc.perform(get("/api/v1/decode").param("marking", "32008X"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.kind").value("tapered-roller"))
                .andExpect(jsonPath("$.boreMm").value(40))
                .andExpect(jsonPath("$.outsideMm").value(68))
                .andExpect(jsonPath("$.parts[0].role").value("type"));
        mvc.perform(get("/api/v1/match").param("cone", "L44649").param("cup", "L44610"))
                .andExpect(jsonPath("$.match").value(true));
        mvc.perform(get("/api/v1/match").param("cone", "L44649").param("cup", "L45410"))
                .andExpect(jsonPath("$.match").value(false))
                .andExpect(jsonPath("$.reason", containsString("own series")));
        mvc.perform(get("/api/v1/decode"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("marking"));
        mvc.perform(get("/api/v1/decode").param("marking", " ")).andExpect(status().isBadRequest());
    }

    @Test
    void readsEveryKindOfMarking() throws Exception {
        mvc.perform(get("/api/v1/decode").param("marking", "6305-2RS1/C3"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.kind").value("deep-groove-ball"))
                .andExpect(jsonPath("$.sealing").value("two-seals"))
                .andExpect(jsonPath("$.clearanceClass").value("C3"))
                .andExpect(jsonPath("$.toleranceClass").isEmpty())
                .andExpect(jsonPath("$.widthMm").value(17))
                .andExpect(jsonPath("$.designation").value("6305-2RS1/C3"));
        mvc.perform(get("/api/v1/decode").param("marking", "6?05"))
                .andExpect(jsonPath("$.recognised").value(false))
                .andExpect(jsonPath("$.completions", hasItem("6305")));
    }

    @Test
    void findsAndJudgesBearings() throws Exception {
        mvc.perform(get("/api/v1/find")
                        .param("bore", "25.0")
                        .param("outside", "1.8504in")
                        .param("width", "12.05"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.candidates[0].designation").value("6005"))
                .andExpect(jsonPath("$.candidates[0].exact").value(true))
                .andExpect(jsonPath("$.candidates[?(@.designation == '16005')].exact", hasItem(false)));
        mvc.perform(get("/api/v1/find").param("bore", "25")).andExpect(status().isBadRequest());
        mvc.perform(get("/api/v1/find").param("bore", "25").param("height", "9"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("height"));
        mvc.perform(get("/api/v1/interchange").param("marking", "6207"))
                .andExpect(jsonPath("$.candidates[*].designation", hasItem("NU207")))
                .andExpect(jsonPath("$.candidates[0].verdict").isNotEmpty());
        mvc.perform(get("/api/v1/suitability").param("marking", "6305-2RS").param("place", "gearbox"))
                .andExpect(jsonPath("$.verdict").value("wrong"))
                .andExpect(jsonPath("$.reasons[0]", containsString("cooks")));
        mvc.perform(get("/api/v1/suitability").param("marking", "6305-2RS").param("place", "attic"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].message", containsString("gearbox")));
    }

    @Test
    void answersAboutGrease() throws Exception {
        ask(
                        "grease",
                        "{\"boreMm\":25,\"outsideMm\":52,\"widthMm\":15,\"massKg\":\"128 "
                                + "g\",\"rpm\":800,\"use\":\"wheel\",\"strokeGrams\":1.2}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.freeVolumeCm3", closeTo(8.08, 0.01)))
                .andExpect(jsonPath("$.fillShare[1]").value(0.5))
                .andExpect(jsonPath("$.strokes").value(3.5));
        ask("grease", "{}").andExpect(status().isBadRequest());
        mvc.perform(get("/api/v1/grease/mix").param("a", "PU").param("b", "LiX"))
                .andExpect(jsonPath("$.verdict").value("doubtful"));
        mvc.perform(get("/api/v1/grease/mix").param("a", "butter").param("b", "LiX"))
                .andExpect(status().isBadRequest());
        ask(
                        "hub-grease",
                        "{\"outerBore\":25,\"outerOutside\":52,\"outerWidth\":16.25,\"innerBore\":30,"
                                + "\"innerOutside\":62,\"innerWidth\":17.25,\"betweenCups\":40,"
                                + "\"hubBore\":46,\"spindle\":30,\"kind\":\"CaS\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.cavityCm3", closeTo(38.2, 0.1)));
    }

    @Test
    void answersAboutProofsAndDueDates() throws Exception {
        ask(
                        "end-play",
                        "{\"push\":[0,0.01,0],\"pull\":[0.08,0.09,0.08],\"hubTemperature\":\"100F\","
                                + "\"twinTemperature\":36}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.endPlayMm", closeTo(0.08, 1e-9)))
                .andExpect(jsonPath("$.missing", hasItem("nut locked")));
        ask(
                        "service-due",
                        "{\"cause\":\"regular-service\",\"day\":\"2026-04-30\",\"use\":\"immersed\",\"yearly\":1000}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.dueOn").value("2027-04-30"))
                .andExpect(jsonPath("$.dueImmersions").value(20))
                .andExpect(jsonPath("$.dueCounter").doesNotExist());
    }

    @Test
    void openApiIsMadeFromTheFieldLists() throws Exception {
        mvc.perform(get("/api/openapi.json"))
                .andExpect(status().isOk())
                .andExpect(jsonPath(
                        "$.paths['/api/v1/castle-nut'].post.requestBody."
                                + "content['application/json'].schema.properties.endPlayMax.description",
                        containsString("Default 0.125")));
    }
}
