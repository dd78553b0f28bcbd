package unbo.app.api;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
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
class SettingApiTest {

    @Autowired
    private MockMvc mvc;

    private ResultActions nut(String body) throws Exception {
        return mvc.perform(post("/api/v1/castle-nut")
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    @Test
    void answersWithEveryPositionTheBestAndAdvice() throws Exception {
        nut("{\"pitch\":1.5,\"slots\":6,\"pinHolesDeg\":[0,90,180,270],\"freeAngleDeg\":20}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.positions", hasSize(12)))
                .andExpect(jsonPath("$.best").value(0))
                .andExpect(jsonPath("$.axialPerStepMm").value(0.125))
                .andExpect(jsonPath("$.advice", containsString("Back off 10°")));
    }

    @Test
    void takesQuantitiesAsTextsWithUnits() throws Exception {
        nut("{\"pitch\":\"16 tpi\",\"slots\":6,\"pinHolesDeg\":[0,180],\"freeAngleDeg\":\"20 "
                        + "deg\",\"endPlayMax\":\"5 thou\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.axialPerStepMm").value(1.5875 / 6))
                .andExpect(jsonPath("$.best").doesNotExist());
    }

    @Test
    void cannotReadIs400WithAllFieldsNamed() throws Exception {
        nut("{\"pitch\":\"abc\",\"slots\":6,\"pinHolesDeg\":[0],\"freeAngleDeg\":20,\"colour\":1}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[*].field", hasItem("pitch")))
                .andExpect(jsonPath("$.errors[*].field", hasItem("colour")))
                .andExpect(jsonPath("$.detail").isNotEmpty());
        nut("[1,2").andExpect(status().isBadRequest());
        nut("{\"pitch\":1e999,\"slots\":6,\"pinHolesDeg\":[0],\"freeAngleDeg\":20}")
                .andExpect(status().isBadRequest());
    }

    @Test
    void readButImpossibleIs422() throws Exception {
        nut("{\"pitch\":1.5,\"slots\":6,\"pinHolesDeg\":[0],\"freeAngleDeg\":20,\"endPlayMax\":40}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.errors[0].message", containsString("cannot be 40 mm")));
    }

    @Test
    void wrongContentTypeIs415AndAForeignHostIsRefused() throws Exception {
        mvc.perform(post("/api/v1/castle-nut").contentType(MediaType.TEXT_PLAIN).content("x"))
                .andExpect(status().isUnsupportedMediaType());
        mvc.perform(get("/bench/nut").with(request -> {
                    request.setServerName("elsewhere.example");
                    return request;
                }))
                .andExpect(status().is(421));
    }
}
