package unbo.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;

import unbo.app.Served;

/** Whatever is sent, a call answers 200, 400 or 422, with a problem in JSON and never with a fault of its own. */
@Served
class WildBodiesTest {

    private static final String[] CALLS = {"castle-nut", "grease", "hub-grease", "end-play", "service-due"};

    @Autowired
    private MockMvc mvc;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "null",
                "1",
                "\"x\"",
                "[]",
                "{}",
                "{",
                "{\"pitch\":{}}",
                "{\"pitch\":[[1]]}",
                "{\"pitch\":1e999}",
                "{\"pitch\":-1e-999}",
                "{\"slots\":6.5}",
                "{\"push\":[1,null,\"x\"],\"pull\":[]}",
                "{\"push\":\"1,234\"}",
                "{\"kind\":true}",
                "{\"day\":20260430}",
                "{\"pinHolesDeg\":[0,180,\"\\u0000\"]}",
                "{\"boreMm\":\"1/0 in\",\"outsideMm\":\"½\"}",
                "{\"__proto__\":1}",
                "{\"pitch\":\"M20x1.5\",\"slots\":6,\"pinHolesDeg\":[],\"freeAngleDeg\":0}"
            })
    void isAnsweredOrRefusedInJson(String body) throws Exception {
        for (String call : CALLS) {
            MockHttpServletResponse response = mvc.perform(post("/api/v1/" + call)
                            .contentType(MediaType.APPLICATION_JSON)
                            .content(body))
                    .andReturn()
                    .getResponse();
            assertThat(response.getStatus()).as(call + " " + body).isIn(200, 400, 422);
            if (response.getStatus() != 200) {
                assertThat(response.getContentType()).isEqualTo("application/problem+json");
                assertThat(response.getContentAsString())
                        .contains("\"errors\":")
                        .doesNotContain("Exception")
                        .doesNotContain("at unbo.");
            }
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "'; drop table job; --",
                "%00",
                "\u0000",
                "....",
                "?????",
                "L44649/L44610",
                "ＬＭ６７０４８",
                "-",
                "/////",
                "320/28X",
                "<b>",
                "a b c d e f g h i j k l m n o p q r s t u v w x y z"
            })
    void anyMarkingIsAnsweredOrRefused(String marking) throws Exception {
        assertThat(mvc.perform(get("/api/v1/decode").param("marking", marking))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isIn(200, 400);
        assertThat(mvc.perform(get("/api/v1/match").param("cone", marking).param("cup", "L44610"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isIn(200, 400);
    }
}
