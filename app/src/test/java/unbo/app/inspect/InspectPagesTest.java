package unbo.app.inspect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.timer.TimerService;
import unbo.app.vehicle.VehicleService;
import unbo.app.workshop.WorkshopForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.UnitSystem;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

@Served
@Transactional
class InspectPagesTest {

    private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");
    private static final String ETCHED = "dark-line/60 0:50 18:50 36:50 54:50 72:50 90:50 108:50 126:50 144:50 162:50 "
            + "180:50 198:50 216:50 234:50 252:50 270:50 288:50 306:50 324:50 342:50";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private TimerService timers;

    @Autowired
    private WorkshopService workshops;

    private long id;
    private String job;

    @BeforeEach
    void open() {
        workshops.change(new WorkshopForm("Inspect yard", UnitSystem.METRIC, "A", "yearly"));
        long vehicle = vehicles.add(
                        new VehicleInput("trailer", "Inspect trailer", "IN 1", "X.Y.", "none", 2000.0, "immersed", 1))
                .id();
        id = jobs.open(vehicle, "axle1-left", AT);
        job = "/jobs/" + id;
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

    private ResultActions json(String call, String body) throws Exception {
        return mvc.perform(
                post("/api/v1/" + call).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private void inspect(int version, String... pairs) {
        Map<String, String> texts =
                new HashMap<>(Map.of("designation", "L44643", "elements", "20", "turning", "outer", "outer", ETCHED));
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        assertThat(jobs.keep(id, RouteStage.INSPECT, version, texts, AT)).isEqualTo(JobService.Kept.DONE);
    }

    @Test
    void aPaintingIsReadByJson() throws Exception {
        StringBuilder points = new StringBuilder();
        for (int i = 0; i < 17; i++) {
            points.append(i == 0 ? "" : ",")
                    .append("{\"angleDeg\":")
                    .append(360.0 / 17 * i)
                    .append(",\"across\":0.5}");
        }
        json(
                        "race-map",
                        "{\"ring\":\"outer\",\"kind\":\"tapered\",\"elements\":17,"
                                + "\"strokes\":[{\"mark\":\"dark-line\",\"width\":0.6,\"points\":[" + points + "]}]}")
                .andExpect(jsonPath("$.modes[0].id").value("etching"))
                .andExpect(jsonPath("$.features.outer.dark-line.atElementPitch").value(true))
                .andExpect(jsonPath("$.scrap").value(true));
        json(
                        "race-map",
                        "{\"ring\":\"inner\",\"strokes\":[{\"mark\":\"track\",\"width\":0.3,"
                                + "\"points\":[{\"angleDeg\":0,\"across\":0.5}]}],\"other\":{\"ring\":\"inner\","
                                + "\"strokes\":[]}}")
                .andExpect(status().isUnprocessableEntity());
        json("race-map", "{\"ring\":\"inner\",\"strokes\":[{\"mark\":\"moon\",\"points\":[]}]}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("strokes[0].mark"));
        json("race-map", "{\"ring\":\"side\",\"strokes\":[]}").andExpect(status().isBadRequest());
        json("race-map", "{\"ring\":\"inner\",\"strokes\":[],\"colour\":1}")
                .andExpect(status().isBadRequest())
                .andExpect(content().string(containsString("no field colour")));
    }

    /** What lies beside the races is told part by part; a look that is none is named by its path. */
    @Test
    void whatLiesBesideTheRacesIsReadByJson() throws Exception {
        json("race-map", "{\"ring\":\"inner\",\"strokes\":[],\"seen\":{\"cage\":\"broken\",\"grease\":\"milky\"}}")
                .andExpect(jsonPath("$.modes[0].id").value("cage-damage"))
                .andExpect(jsonPath("$.modes[1].id").value("etching"))
                .andExpect(jsonPath("$.scrap").value(true));
        json("race-map", "{\"ring\":\"inner\",\"strokes\":[],\"seen\":{\"cage\":\"moon\"}}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("seen.cage"));
        json("race-map", "{\"ring\":\"inner\",\"strokes\":[],\"seen\":{\"bell\":\"moon\"}}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("seen.bell"));
    }

    @Test
    void theOtherToolsAnswerByJson() throws Exception {
        json(
                        "removal",
                        "{\"tight\":\"outer\",\"access\":\"none\",\"spacer\":\"soft\",\"corner\":0.3,"
                                + "\"tools\":\"expander hammer tube\"}")
                .andExpect(jsonPath("$.scrap").value(true))
                .andExpect(jsonPath("$.ways[0].code").value("spacer-drift"))
                .andExpect(jsonPath("$.refused[*].why", org.hamcrest.Matchers.hasItem(containsString("find 0.3 mm"))));
        json("bearing-check", "{\"designation\":\"6305\",\"shake\":0.15}")
                .andExpect(jsonPath("$.verdict").value("reuse"))
                .andExpect(jsonPath("$.shakeInside").value(true));
        json("bearing-check", "{\"designation\":\"6305\",\"shake\":0.40}")
                .andExpect(jsonPath("$.verdict").value("scrap"));
        json("seat", "{\"designation\":\"L44610\",\"plane1\":[50.38,50.385,50.39],\"cureAt\":8}")
                .andExpect(jsonPath("$.verdict").value("spun"))
                .andExpect(jsonPath("$.compoundToMm").value(0.12));
        json("fit", "{\"designation\":\"6205\",\"seat\":\"k5\",\"ring\":\"inner\"}")
                .andExpect(jsonPath("$.interferenceUm.mean").value(11.5))
                .andExpect(jsonPath("$.verdict").value("clearance"))
                .andExpect(jsonPath("$.level").value("watch"))
                .andExpect(jsonPath("$.findings[0].code").value("about-zero"))
                .andExpect(jsonPath("$.hold.removeKN.least").value(org.hamcrest.Matchers.closeTo(3.8, 0.1)));
        json("fit", "{\"bore\":25,\"outside\":52,\"width\":15,\"measured\":{\"minMm\":24.95,\"maxMm\":24.96}}")
                .andExpect(jsonPath("$.pressureMPa").value(0))
                .andExpect(jsonPath("$.verdict").value("clearance"));
        json("fit", "{\"bore\":25,\"measured\":7}").andExpect(status().isBadRequest());
    }

    @Test
    void theBenchPaintsByNumbersAndKeepsThePaintingInItsAddress() throws Exception {
        String to = mvc.perform(get("/bench/race-map?designation=6205&outer=&inner=&paint=yes&brush-ring=outer&"
                        + "brush-mark=dent&brush-angle=10&brush-across=50&brush-width=12&brush-repeat=9"))
                .andExpect(redirectedUrlPattern("/bench/race-map?*"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        mvc.perform(get(java.net.URI.create(to)))
                .andExpect(content()
                        .string(allOf(containsString("True brinelling"), containsString("dent/12 10:50 50:50"))));
        mvc.perform(get("/bench/race-map?outer=dent/12 10:50|track/30 0:50&unpaint=outer"))
                .andExpect(redirectedUrlPattern("/bench/race-map?*outer=dent*"));
        mvc.perform(get("/bench/race-map?outer=moon"))
                .andExpect(content().string(allOf(containsString("cannot be read"), containsString("value=\"moon\""))));
        mvc.perform(get("/bench/race-map/plates"))
                .andExpect(content().string(allOf(containsString("Electrical fluting"), containsString("Change:"))));
    }

    @Test
    void aLooseSeatBeginsATimerThatGoesWhenTheSeatIsPutRight() throws Exception {
        inspect(-1, "plane1", "50.38 50.385 50.39", "remedy", "compound", "cureAt", "8");
        assertThat(timers.of(id))
                .singleElement()
                .satisfies(t -> assertThat(t.words()).contains("55 h"));
        mvc.perform(get("/"))
                .andExpect(content().string(allOf(containsString("Running"), containsString("compound cures"))));
        inspect(0, "plane1", "50.25 50.25 50.25");
        assertThat(timers.of(id)).isEmpty();
    }

    @Test
    void aTimerIsTakenOffTheBoard() throws Exception {
        inspect(-1, "plane1", "50.38 50.385 50.39");
        assertThat(timers.of(id)).as("no remedy was chosen").isEmpty();
        inspect(0, "plane1", "50.38 50.385 50.39", "remedy", "compound", "cureAt", "20");
        mvc.perform(post("/timers/" + timers.of(id).get(0).id() + "/seen").with(csrf()))
                .andExpect(redirectedUrl("/"));
        assertThat(timers.of(id)).isEmpty();
    }

    @Test
    void whatInspectFoundIsSaidWhereItMatters() throws Exception {
        inspect(-1);
        mvc.perform(get(job + "/grease"))
                .andExpect(content()
                        .string(allOf(containsString("Inspect found"), containsString("water-resistant grease"))));
        mvc.perform(get(job + "/prove")).andExpect(content().string(not(containsString("Inspect found"))));
        assertThat(jobs.view(id).orElseThrow().sheet().text(PlaceProperty.DAMAGE.at(FactKey.FIRST)))
                .isEqualTo("etching");
    }

    @Test
    void aBearingPulledThroughItsElementsIsScrapOnThePartsList() throws Exception {
        jobs.keep(
                id,
                RouteStage.STRIP,
                -1,
                Map.of(
                        "designation",
                        "L44643",
                        "tight",
                        "outer",
                        "access",
                        "none",
                        "spacer",
                        "steel",
                        "tools",
                        "tube hammer",
                        "clip",
                        "yes"),
                AT);
        mvc.perform(get(job + "/parts"))
                .andExpect(content()
                        .string(allOf(
                                containsString("is scrap by the way it comes out"),
                                containsString("old one scrap"),
                                containsString("value=\"clip ring\""))));
    }

    @Test
    void stripTakesTheWholeHubApartWithTheCautionBeforeEachStep() throws Exception {
        String page = mvc.perform(get(job + "/strip")).andReturn().getResponse().getContentAsString();
        assertThat(page)
                .contains("data-part=\"inner-cup\"", "name=\"tick-pin-draw-pin\"", "id=\"notches\"")
                .doesNotContain("name=\"rust\"");
        assertThat(page.indexOf("both hands, toes clear"))
                .isPositive()
                .isLessThan(page.indexOf("draw the hub off the spindle"));
    }

    private static byte[] picture(int width, int height, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), format, out);
        return out.toByteArray();
    }

    private ResultActions send(byte[] file, String name) throws Exception {
        return mvc.perform(multipart(job + "/photos")
                .file(new MockMultipartFile("photo", name, "image/jpeg", file))
                .param("words", "outer race")
                .with(csrf()));
    }

    @Test
    void aLargePhotoIsStoredScaledAndShown() throws Exception {
        send(picture(4000, 3000, "jpeg"), "race.jpg")
                .andExpect(flash().attribute("good", containsString("1600 × 1200")));
        Matcher m = Pattern.compile(job + "/photos/(\\d+)\\.jpg")
                .matcher(mvc.perform(get(job + "/photos"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString());
        assertThat(m.find()).isTrue();
        byte[] jpeg = mvc.perform(get(m.group()))
                .andExpect(content().contentType(MediaType.IMAGE_JPEG))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(ImageIO.read(new ByteArrayInputStream(jpeg)).getWidth()).isEqualTo(1600);
        mvc.perform(post(job + "/photos/" + m.group(1) + "/forget").with(csrf()))
                .andExpect(redirectedUrl(job + "/photos"));
        mvc.perform(get(m.group())).andExpect(status().isNotFound());
    }

    @Test
    void fakeDamagedAndEmptyPhotosAreRefusedInASentence() throws Exception {
        send("GIF89a not a photo".getBytes(), "race.jpg")
                .andExpect(flash().attribute("bad", containsString("neither PNG nor JPEG")));
        send(Arrays.copyOf(picture(400, 300, "png"), 60), "race.png")
                .andExpect(flash().attribute("bad", containsString("damaged")));
        send(new byte[0], "race.png").andExpect(flash().attribute("bad", containsString("empty")));
        send(new byte[25 << 20], "race.png").andExpect(flash().attribute("bad", containsString("25 MB")));
        byte[] bomb = picture(20, 20, "png");
        bomb[16] = 0x7F;
        send(bomb, "race.png")
                .andExpect(flash().attribute(
                                "bad",
                                org.hamcrest.Matchers.anyOf(containsString("megapixels"), containsString("damaged"))));
        assertThat(mvc.perform(get(job + "/photos")).andReturn().getResponse().getContentAsString())
                .contains("No photo yet");
    }

    @Test
    void toolsAreSetOnceAndRankTheWays() throws Exception {
        mvc.perform(post("/settings")
                        .with(csrf())
                        .param("name", "Yard")
                        .param("units", "METRIC")
                        .param("settingSchool", "A")
                        .param("serviceSchool", "yearly")
                        .param("tool-hammer", "yes")
                        .param("tool-tube", "yes"))
                .andExpect(status().is3xxRedirection());
        mvc.perform(get(job + "/strip")).andExpect(content().string(containsString("value=\"hammer tube\"")));
    }
}
