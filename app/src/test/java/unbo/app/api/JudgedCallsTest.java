package unbo.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.ArrayList;
import java.util.List;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

import unbo.app.Served;

/** What every call says of its answer. */
@Served
class JudgedCallsTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private ObjectMapper mapper;

    private ResultActions send(String call, String body) throws Exception {
        return mvc.perform(
                post("/api/v1/" + call).contentType(MediaType.APPLICATION_JSON).content(body.replace('\'', '"')));
    }

    @Test
    void everyPostedCallIsDescribedWithALevelAndFindings() throws Exception {
        JsonNode api = mapper.readTree(
                mvc.perform(get("/api/openapi.json")).andReturn().getResponse().getContentAsString());
        List<String> without = new ArrayList<>();
        List<String> seen = new ArrayList<>();
        api.get("paths").properties().forEach(path -> {
            JsonNode content = path.getValue()
                    .path("post")
                    .path("responses")
                    .path("200")
                    .path("content")
                    .path(MediaType.APPLICATION_JSON_VALUE)
                    .path("schema");
            if (!content.isMissingNode()) {
                seen.add(path.getKey());
                String schema = content.path("$ref").asText().replace("#/components/schemas/", "");
                JsonNode members =
                        api.path("components").path("schemas").path(schema).path("properties");
                if (!members.has("level") || !members.path("findings").has("items")) {
                    without.add(path.getKey() + " " + schema);
                }
            }
        });
        assertThat(seen).hasSizeGreaterThan(30).contains("/api/v1/noise", "/api/v1/diagnose", "/api/v1/stack");
        assertThat(without).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "stack | {'outer':[{'name':'a','length':10}],'inner':[{'name':'b','length':9}],"
                        + "'target':{'min':0.1,'max':0.2}} | soon | no-shim",
                "parts | {'lines':[{'what':'seal','count':2}]} | unknown | unpriced",
                "race-map | {'ring':'outer','strokes':[{'mark':'spall','points':[{'angleDeg':10,'across':0.5}]}]} "
                        + "| stop | race-scrap",
                "diagnose | {'vehicle':'car','checks':[{'id':'rock-12-6','position':'front-left',"
                        + "'result':'play-gone-with-brake'}]} | stop | urgency-rock-12-6"
            })
    void callsThatAreNoToolsJudgeAsTheirPagesDo(String call, String body, String level, String code) throws Exception {
        send(call, body)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.level").value(level))
                .andExpect(
                        jsonPath("$.findings[?(@.code=='" + code + "')].level").value(level));
    }
}
