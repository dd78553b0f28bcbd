package unbo.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.vehicle.VehicleInput;

@Served
@Transactional
class CataloguePagesTest {

    private static final String HEAD = "designation,kind,bore,outside,width,c,c0,price,shelf\n";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private OwnCatalogue own;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private ResultActions take(String csv) throws Exception {
        return mvc.perform(multipart("/catalogue/take-in")
                .file(new MockMultipartFile("file", "own.csv", "text/csv", csv.getBytes()))
                .with(csrf()));
    }

    @Test
    void oneIsAddedFoundAndTakenOut() throws Exception {
        mvc.perform(post("/catalogue")
                        .param("designation", "QX 4711")
                        .param("kind", "deep-groove-ball")
                        .param("bore", "33")
                        .param("outside", "61")
                        .param("width", "13")
                        .param("price", "7.5")
                        .with(csrf()))
                .andExpect(redirectedUrl("/catalogue"));
        mvc.perform(get("/catalogue"))
                .andExpect(content()
                        .string(allOf(
                                containsString("QX 4711"), containsString("33 × 61 × 13"), containsString("7.50"))));
        mvc.perform(get("/bench/find?bore=33&outside=61&width=13"))
                .andExpect(content().string(containsString("QX 4711")));
        mvc.perform(get("/api/v1/decode").param("marking", "qx4711"))
                .andExpect(jsonPath("$.outsideMm").value(61));
        mvc.perform(get("/bench/decode").param("marking", "QX-4711"))
                .andExpect(content().string(containsString("own catalogue")));
        mvc.perform(post("/catalogue/forget").param("designation", "QX 4711").with(csrf()))
                .andExpect(redirectedUrl("/catalogue"));
        assertThat(own.all()).noneMatch(b -> b.boundary().designation().equals("QX 4711"));
    }

    @Test
    void anOwnBearingsRatingsCountOnTheBenchInAJobAndByJson() throws Exception {
        take(HEAD + "QX 5,deep-groove-ball,25,47,14,11200,5900,,\n").andExpect(redirectedUrl("/catalogue"));
        mvc.perform(get("/bench/inside").param("designation", "qx5"))
                .andExpect(content()
                        .string(allOf(
                                containsString("deep groove ball bearing, 25 × 47 × 14 mm"),
                                containsString("11.2"),
                                containsString("Ratings from the catalogue."))));
        mvc.perform(post("/api/v1/inside")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"designation\":\"QX-5\"}"))
                .andExpect(jsonPath("$.cN").value(11200))
                .andExpect(jsonPath("$.ratingsEstimated").value(false));
        long vehicle = vehicles.add(
                        new VehicleInput("trailer", "Own trailer", "OW 1", "X.Y.", "none", 2000.0, "immersed", 1))
                .id();
        long job = jobs.open(vehicle, "axle1-left", Instant.parse("2026-05-04T08:00:00Z"));
        mvc.perform(get("/jobs/" + job + "/numbers/inside").param("designation", "QX 5"))
                .andExpect(content().string(containsString("Ratings from the catalogue.")));
        mvc.perform(get("/jobs/" + job + "/fit")
                        .param("designation", "QX 5")
                        .param("ring", "inner")
                        .param("seat", "k5"))
                .andExpect(content().string(containsString("deep groove ball bearing, 25 × 47 × 14 mm")));
    }

    @Test
    void whatCannotBeIsSaidAndWhatWasTypedStays() throws Exception {
        mvc.perform(post("/catalogue")
                        .param("designation", "QX 4712")
                        .param("kind", "deep-groove-ball")
                        .param("bore", "61")
                        .param("outside", "33")
                        .param("width", "13")
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("value=\"QX 4712\""),
                                containsString("The outside must be larger than the bore"))));
    }

    @Test
    void aTableComesInWholeOrNotAtAll() throws Exception {
        take(HEAD + "QX1,deep-groove-ball,31,57,11,,,,2\nQX2,deep-groove-ball,57,31,11,,,,\n")
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("Nothing was taken in"),
                                containsString("Row 3: The outside must be larger"),
                                not(containsString(">QX1<")))));
        assertThat(own.book().own()).noneMatch(b -> b.boundary().designation().startsWith("QX"));
        take(HEAD + "QX1,deep-groove-ball,31,57,11,,,,2\nQX2,deep-groove-ball,31,67,11,,,,\n")
                .andExpect(redirectedUrl("/catalogue"));
        mvc.perform(get("/catalogue.csv"))
                .andExpect(content().string(containsString("QX1,deep-groove-ball,31,57,11,,,,2")));
        take("").andExpect(content().string(containsString("No file was chosen")));
    }
}
