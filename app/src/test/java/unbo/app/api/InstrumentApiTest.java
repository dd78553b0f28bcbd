package unbo.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.hasToString;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Map;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMultipartHttpServletRequestBuilder;

import unbo.app.Served;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.simulation.Recorder;
import unbo.core.simulation.WavWriter;

@Served
class InstrumentApiTest {

    private static final String TURN = "-0.037,-0.020,-0.006,0.017,0.029,0.045,0.056,0.060,0.060,0.060,0.050,0.043,"
            + "0.022,0.006,-0.013,-0.028,-0.042,-0.024,-0.058,-0.063,-0.058,-0.055,-0.051,-0.048";

    @Autowired
    private MockMvc mvc;

    private ResultActions ask(String call, String body) throws Exception {
        return mvc.perform(
                post("/api/v1/" + call).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private ResultActions hear(byte[] recording, String... fields) throws Exception {
        MockMultipartHttpServletRequestBuilder request = multipart("/api/v1/noise");
        if (recording != null) {
            request.file(new MockMultipartFile("recording", "hub.wav", "audio/wav", recording));
        }
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return mvc.perform(request);
    }

    private static byte[] recorded(String fault) {
        Recorder recorder = FieldReader.read(Recorder.LIST, Map.of("fault", fault, "seconds", "12"), UnitSystem.METRIC)
                .record();
        return WavWriter.write(
                recorder.record(BearingGeometry.of(9, 7.94, 39, 0), Turning.INNER, 600, 600), Recorder.RATE_HZ);
    }

    @Test
    void aTurnIsReadForHighSpotAndLocalSpot() throws Exception {
        ask("runout", "{\"readings\":[" + TURN + "],\"maxMm\":0.1}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.tirMm", closeTo(0.123, 1e-9)))
                .andExpect(jsonPath("$.verdict").value("over"))
                .andExpect(jsonPath("$.firstHarmonic.highSpotDeg", closeTo(116, 3)))
                .andExpect(jsonPath("$.spikes", hasSize(1)))
                .andExpect(jsonPath("$.spikes[0].angleDeg", closeTo(250, 15)));
        ask("runout", "{\"readings\":[" + TURN + "],\"maxMm\":\"8 thou\",\"indexed\":[" + TURN + "],\"indexDeg\":144}")
                .andExpect(jsonPath("$.verdict").value("within"))
                .andExpect(jsonPath("$.indexed.disc.amplitudeMm", closeTo(0, 1e-9)));
        ask("runout", "{\"readings\":[0.1,0.2]}")
                .andExpect(status().is4xxClientError())
                .andExpect(jsonPath("$.errors[0].message", containsString("8")));
        ask("rim-rock", "{\"rock\":0.5,\"rimRadius\":300,\"spread\":60}")
                .andExpect(jsonPath("$.endPlayMm", hasToString(startsWith("0.200"))));
    }

    @Test
    void aRecordingOfADamagedOuterRaceIsHeardAsOne() throws Exception {
        String body = hear(recorded("outer"), "rpm", "600", "elements", "9", "elementMm", "7.94", "pitchMm", "39")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.finding").value("outer-race"))
                .andExpect(jsonPath("$.lines.bpfoHz", closeTo(35.84, 0.01)))
                .andExpect(jsonPath("$.lines.ftfHz", closeTo(3.982, 0.001)))
                .andExpect(jsonPath("$.lines.bpfiHz", closeTo(54.16, 0.01)))
                .andExpect(jsonPath("$.lines.bsfHz", closeTo(23.54, 0.01)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        JsonNode spectrum = new ObjectMapper().readTree(body).get("spectrum");
        assertThat(spectrum.get("stepHz").asDouble()).isLessThanOrEqualTo(0.5);
        assertThat(spectrum.get("levels").size() * spectrum.get("stepHz").asDouble())
                .isGreaterThan(5 * 54);
        hear(recorded("none"), "rpm", "600", "elements", "9", "elementMm", "7.94", "pitchMm", "39")
                .andExpect(jsonPath("$.finding").value("none"));
    }

    @Test
    void whatCannotBeHeardIsSaid() throws Exception {
        hear("not a recording at all, but a text".getBytes(), "rpm", "600", "bore", "25", "outside", "52")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.errors[0].field").value("recording"))
                .andExpect(jsonPath("$.detail", containsString("no WAV file")));
        hear(new byte[0], "rpm", "600", "bore", "25", "outside", "52")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("empty")));
        hear(WavWriter.write(new float[1], 8000), "rpm", "600", "bore", "25", "outside", "52")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("10 s or more")));
        hear(null, "rpm", "600", "bore", "25", "outside", "52")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("recording"));
        hear(new byte[3], "rpm", "600")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[*].field", hasItem("elements")));
        hear(new byte[3], "rpm", "600", "bore", "25", "outside", "52", "loudness", "3")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("loudness"));
    }

    @Test
    void bothAreInTheOpenApi() throws Exception {
        mvc.perform(get("/api/openapi.json"))
                .andExpect(jsonPath("$.paths['/api/v1/runout'].post.requestBody."
                                + "content['application/json'].schema.properties.readings")
                        .exists())
                .andExpect(jsonPath("$.paths['/api/v1/noise'].post").exists());
    }
}
