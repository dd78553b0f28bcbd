package unbo.app.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.time.Instant;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.signal.NoiseInput;
import unbo.core.signal.WavFile;
import unbo.core.tools.listening.NoiseFields;
import unbo.core.vehicle.VehicleInput;

@Served
@Transactional
class NoisePagesTest {

    private static final String BEARING = "rpm=600&elements=9&elementMm=7.94&pitchMm=39&seconds=10";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private String page(String address) throws Exception {
        return mvc.perform(get(address))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void theSimulatedRecorderIsAnalysedByItsAddress() throws Exception {
        assertThat(page("/bench/noise?fault=inner&" + BEARING))
                .contains("inner race", "over what chance gives", "BPFI");
        assertThat(page("/bench/noise?" + BEARING)).contains("Choose a recording");
        assertThat(page("/bench/noise?fault=inner&rpm=fast&elements=9&elementMm=7.94&pitchMm=39"))
                .contains("fast", "cannot be used");
    }

    @Test
    void theSimulatedRecordingIsAWavFile() throws Exception {
        byte[] wav = mvc.perform(get("/bench/noise.wav?fault=cage&" + BEARING))
                .andExpect(status().isOk())
                .andExpect(content().contentType("audio/wav"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(WavFile.read(new ByteArrayInputStream(wav)).recording().seconds())
                .isEqualTo(10);
        mvc.perform(get("/bench/noise.wav?fault=cage")).andExpect(status().isUnprocessableEntity());
    }

    @Test
    void bothSidesAreShownBesideEachOther() throws Exception {
        byte[] bad = mvc.perform(get("/bench/noise.wav?fault=outer&" + BEARING))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        byte[] good = mvc.perform(get("/bench/noise.wav?fault=none&" + BEARING))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        mvc.perform(multipart("/bench/noise")
                        .file(new MockMultipartFile("recording", "a.wav", "audio/wav", bad))
                        .file(new MockMultipartFile("other", "b.wav", "audio/wav", good))
                        .param("rpm", "600")
                        .param("elements", "9")
                        .param("elementMm", "7.94")
                        .param("pitchMm", "39")
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("this side"),
                                containsString("other side"),
                                containsString("outer race"),
                                containsString("no bearing line above the floor"))));
    }

    @Test
    void aDamagedFileIsSaidAndWhatWasTypedStays() throws Exception {
        mvc.perform(multipart("/bench/noise")
                        .file(new MockMultipartFile("recording", "a.wav", "audio/wav", "RIFFxxxxWAVEdata".getBytes()))
                        .param("rpm", "612")
                        .param("bore", "25")
                        .param("outside", "52")
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(allOf(containsString("value=\"612\""), containsString("cut off"))));
        mvc.perform(multipart("/bench/noise").param("rpm", "612").with(csrf()))
                .andExpect(content().string(containsString("No file was chosen")));
    }

    @Test
    void theResultIsNotedInAJobsDiagnose() throws Exception {
        long job = jobs.open(
                vehicles.add(new VehicleInput("van", "Recorded van", "RV 1", "X.Y.", "none", 9000.0, "wet", 1))
                        .id(),
                "front-left",
                Instant.parse("2026-05-04T08:00:00Z"));
        assertThat(page("/bench/noise?fault=outer&" + BEARING))
                .contains("/jobs/" + job + "/diagnose?note=recording%40front-left%3Dbearing-line");
        assertThat(mvc.perform(get(java.net.URI.create(
                                "/jobs/" + job + "/diagnose?note=recording@front-left%3Dbearing-line")))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("Recording, front left: a bearing line", "Taken from the bench");
    }

    @Test
    void readingsStreamAndWhatCannotBeIsRefused() throws Exception {
        MvcResult stream = mvc.perform(stream("/instruments/simulated/stream?into=push&eccentric=0.05"))
                .andExpect(request().asyncStarted())
                .andReturn();
        for (int i = 0; i < 500 && !stream.getResponse().getContentAsString().contains("\n\n"); i++) {
            Thread.onSpinWait();
            mvc.perform(get("/bench/runout"));
        }
        assertThat(stream.getResponse().getContentAsString()).contains("event:reading", "\"typed\":\"0.4");
        stream.getRequest().getAsyncContext().complete();
        MvcResult refused = mvc.perform(stream("/instruments/simulated/stream?eccentric=wide"))
                .andReturn();
        assertThat(refused.getResponse().getContentAsString())
                .contains("event:refused")
                .contains("wide");
        assertThat(mvc.perform(stream("/instruments/attached/nobody/stream"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("No instrument named nobody");
    }

    private static MockHttpServletRequestBuilder stream(String address) {
        return get(address).accept(MediaType.TEXT_EVENT_STREAM);
    }

    @Test
    void askingForWhatIsNotThereTakesNoPlace() throws Exception {
        for (int i = 0; i < 60; i++) {
            mvc.perform(stream("/instruments/attached/nobody" + i + "/stream"));
        }
        MvcResult real = mvc.perform(stream("/instruments/simulated/stream?into=push&eccentric=0.05"))
                .andExpect(request().asyncStarted())
                .andReturn();
        assertThat(real.getResponse().getContentAsString()).doesNotContain("Too many");
        real.getRequest().getAsyncContext().complete();
    }

    @Test
    void readingsGoToPagesOfOursOnly() throws Exception {
        String address = "/instruments/simulated/stream?into=push";
        mvc.perform(stream(address).header("Sec-Fetch-Site", "cross-site")).andExpect(status().isForbidden());
        mvc.perform(stream(address).header("Host", "127.0.0.1:8080").header("Origin", "http://elsewhere.invalid"))
                .andExpect(status().isForbidden());
        mvc.perform(get(address).accept(MediaType.IMAGE_PNG, MediaType.ALL)).andExpect(status().isForbidden());
        MvcResult ours = mvc.perform(stream(address).header("Sec-Fetch-Site", "same-origin"))
                .andExpect(request().asyncStarted())
                .andReturn();
        ours.getRequest().getAsyncContext().complete();
    }

    @Test
    void aBusyRecorderIsSaidAndLetsTheOthersGoOn() throws Exception {
        NoiseService impatient = new NoiseService(1);
        NoiseInput input = FieldReader.read(
                        NoiseFields.LIST,
                        java.util.Map.of("rpm", "600", "elements", "9", "elementMm", "7.94", "pitchMm", "39"),
                        UnitSystem.METRIC)
                .record();
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch enough = new CountDownLatch(1);
        CompletableFuture<Void> first = CompletableFuture.runAsync(() -> {
            try {
                impatient.analyse(input, new InputStream() {
                    @Override
                    public int read() throws IOException {
                        begun.countDown();
                        try {
                            enough.await(10, TimeUnit.SECONDS);
                        } catch (InterruptedException e) {
                            throw new IOException(e);
                        }
                        return -1;
                    }
                });
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        assertThatThrownBy(() -> impatient.analyse(input, InputStream.nullInputStream()))
                .isInstanceOf(NoiseService.Busy.class)
                .hasMessageContaining("half a minute");
        enough.countDown();
        first.get(10, TimeUnit.SECONDS);
        assertThat(impatient.analyse(input, InputStream.nullInputStream()).refusal())
                .isNotEmpty();
    }
}
