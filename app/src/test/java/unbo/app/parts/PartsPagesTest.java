package unbo.app.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.time.Instant;
import java.util.Map;
import javax.imageio.ImageIO;

import jakarta.persistence.EntityManager;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

@Served
@Transactional
class PartsPagesTest {

    private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private EntityManager entities;

    private long id;
    private String parts;

    @BeforeEach
    void open() {
        long vehicle = vehicles.add(
                        new VehicleInput("trailer", "Parts trailer", "PA 1", "X.Y.", "none", 2000.0, "wet", 1))
                .id();
        id = jobs.open(vehicle, "axle1-left", AT);
        parts = "/jobs/" + id + "/parts";
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
                        "seal",
                        "38x59x9"),
                AT);
    }

    private ResultActions send(String... pairs) throws Exception {
        MockHttpServletRequestBuilder request = post(parts).with(csrf());
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        ResultActions sent = mvc.perform(request);
        entities.flush();
        entities.clear();
        return sent;
    }

    private String page(String address) throws Exception {
        return mvc.perform(get(address))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void theListProposesWhatTheSheetCallsForAndKeepsNothingByItself() throws Exception {
        assertThat(page(parts))
                .contains(
                        "value=\"L44643\"",
                        "value=\"L68110\"",
                        "value=\"shaft seal 38x59x9\"",
                        "value=\"split pin\"",
                        "proposed from what the job knows");
        assertThat(jobs.parts(id).texts()).isEmpty();
    }

    @Test
    void aKeptListIsPricedOrderedAndWrittenAsTable() throws Exception {
        send(
                        "version",
                        "0",
                        "kind-0",
                        "bearing",
                        "what-0",
                        "L44643",
                        "count-0",
                        "2",
                        "priceA-0",
                        "8,50",
                        "priceB-0",
                        "9",
                        "kind-1",
                        "pin",
                        "what-1",
                        "=split pin",
                        "alwaysNew-1",
                        "yes",
                        "priceB-1",
                        "0.4",
                        "supplierA",
                        "Quay stores")
                .andExpect(redirectedUrl(parts));
        assertThat(page(parts)).contains("17.40", "value=\"Quay stores\"");
        assertThat(page(parts + "/order")).contains("Quay stores", "17.00", "supplier B", "0.40");
        assertThat(page(parts + "/list.csv"))
                .startsWith("kind,part,where")
                .contains("bearing,L44643,,2.0,pieces,,8.5,9.0,A,17.0")
                .contains("'=split pin");
    }

    @Test
    void aRowThatCannotBeUsedKeepsNothingAndLosesNothing() throws Exception {
        send("version", "0", "what-0", "L44643", "count-0", "many", "what-1", "pin")
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("Nothing was kept"),
                                containsString("Line 1, How many"),
                                containsString("value=\"many\""),
                                containsString("value=\"pin\""))));
        assertThat(jobs.parts(id).texts()).isEmpty();
    }

    @Test
    void ofTwoWhoKeepAtOnceTheSecondIsShownBoth() throws Exception {
        send("version", "0", "what-0", "first list").andExpect(redirectedUrl(parts));
        send("version", "0", "what-0", "second list")
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("kept on another screen"),
                                containsString("first list"),
                                containsString("value=\"second list\""))));
        assertThat(jobs.parts(id).texts()).containsEntry("what-0", "first list");
    }

    @Test
    void keepingAStageLeavesTheListAlone() throws Exception {
        send("version", "0", "what-0", "tube of compound");
        jobs.keep(id, RouteStage.INTAKE, -1, Map.of("complaint", "hums", "day", "2026-05-04"), AT);
        entities.flush();
        entities.clear();
        assertThat(jobs.parts(id).texts()).containsEntry("what-0", "tube of compound");
    }

    @Test
    void theLabelsCodeReadsAsPositionAndDesignation() throws Exception {
        send("version", "0", "what-0", "L44643", "place-0", "outer bearing");
        byte[] png = mvc.perform(get(parts + "/0/label.png"))
                .andExpect(content().contentType(MediaType.IMAGE_PNG))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        var image = ImageIO.read(new ByteArrayInputStream(png));
        int[] dots = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        String read = new QRCodeReader()
                .decode(new BinaryBitmap(new GlobalHistogramBinarizer(
                        new RGBLuminanceSource(image.getWidth(), image.getHeight(), dots))))
                .getText();
        assertThat(read).contains("Parts trailer").contains("outer bearing").endsWith("| L44643");
        assertThat(page(parts + "/0/label.svg")).contains("<svg").contains("L44643");
        mvc.perform(get(parts + "/7/label.svg")).andExpect(status().isNotFound());
    }

    @Test
    void theAssemblyIsComparedOnceItsPriceIsTyped() throws Exception {
        mvc.perform(post(parts + "/preview")
                        .with(csrf())
                        .param("what-0", "pair")
                        .param("priceA-0", "38")
                        .param("minutes", "60")
                        .param("hourly", "54")
                        .param("assembly", "149")
                        .param("assemblyMinutes", "30")
                        .param("bush", "sound")
                        .param("housing", "sound")
                        .param("shaft", "gone"))
                .andExpect(content()
                        .string(allOf(
                                containsString("92.00"),
                                containsString("176.00"),
                                containsString("its shaft is gone"))));
        assertThat(page(parts)).doesNotContain("its shaft is gone");
    }

    @Test
    void theSameByJson() throws Exception {
        mvc.perform(post("/api/v1/parts")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"lines\":[{\"what\":\"L44643\",\"count\":2,\"priceA\":8.5,\"priceB\":9},"
                                + "{\"what\":\"pin\"}]}"))
                .andExpect(jsonPath("$.total").value(17))
                .andExpect(jsonPath("$.totalA").isEmpty())
                .andExpect(jsonPath("$.unpriced[0]").value("pin"));
        mvc.perform(post("/api/v1/parts")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"lines\":[{\"count\":2}]}"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("lines[0].what"));
        mvc.perform(post("/api/v1/parts")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"line\":[]}"))
                .andExpect(status().isBadRequest())
                .andExpect(content().string(containsString("no field line")));
        mvc.perform(post("/api/v1/rebuild")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"parts\":38,\"minutes\":60,\"hourly\":54,\"assembly\":149,\"assemblyMinutes\":30}"))
                .andExpect(jsonPath("$.choice").value("look-first"))
                .andExpect(jsonPath("$.rebuildCost").value(92));
        mvc.perform(get("/api/v1/seal-find?shaft=34.95&housing=52.02"))
                .andExpect(jsonPath("$.candidates[0].outsideMm").value(52))
                .andExpect(jsonPath("$.candidates[0].exact").value(true));
        mvc.perform(get("/api/v1/type"))
                .andExpect(jsonPath("$.options.length()").value(3));
        mvc.perform(get("/api/v1/type?at=unit"))
                .andExpect(jsonPath("$.hubType").value("unit"))
                .andExpect(jsonPath("$.options").isEmpty());
        mvc.perform(get("/api/v1/type?at=moon")).andExpect(status().isBadRequest());
        mvc.perform(get("/api/v1/suitability?marking=6205-2RS&place=motorcycle-wheel&rpm=9000&loadN=500"))
                .andExpect(jsonPath("$.verdict").value("wrong"));
        mvc.perform(get("/api/v1/suitability?marking=6205-2RS&place=motorcycle-wheel&rpm=fast"))
                .andExpect(status().isBadRequest());
    }

    @Test
    void picturesLeadToAKindOfBearing() throws Exception {
        assertThat(page("/bench/type")).contains("What turns?", "at=wheel");
        assertThat(page("/bench/type?at=needle-pivot"))
                .contains("Needle bearing on a sleeve", "Start again")
                .doesNotContain("What turns?");
        mvc.perform(get("/bench/type?at=moon"))
                .andExpect(status().isNotFound())
                .andExpect(content().string(not(containsString("What turns?"))));
    }
}
