package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.Instant;
import java.util.List;
import java.util.Map;

import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/** The section of a job says of each part how it stands, by a shape, a word and a name for those who do not see it. */
@Served
@Transactional
class SurfaceTest {

    private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private long job;

    @BeforeEach
    void open() {
        job = jobs.open(
                vehicles.add(new VehicleInput("trailer", "Marked", "M 1", "X.Y.", "none", 2000.0, "wet", 1))
                        .id(),
                "axle1-left",
                NOW);
        keep(
                RouteStage.IDENTIFY,
                Map.of("outerCone", "L44643", "outerCup", "L44610", "innerCone", "L68149", "innerCup", "L68110"));
    }

    private void keep(RouteStage stage, Map<String, String> texts) {
        int version = jobs.view(job).orElseThrow().station(stage).version();
        assertThat(jobs.keep(job, stage, version, texts, NOW)).isEqualTo(JobService.Kept.DONE);
    }

    private void seat(String readings, String remedy) {
        keep(
                RouteStage.INSPECT,
                Map.of(
                        "which",
                        "inner",
                        "designation",
                        "L68149/L68110",
                        "plane1",
                        readings,
                        "seatSymbol",
                        "N7",
                        "remedy",
                        remedy));
    }

    private Document page(String stage) throws Exception {
        return Jsoup.parse(mvc.perform(get("/jobs/" + job + "/" + stage))
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private String cup(String stage) throws Exception {
        return page(stage).select("a[data-part=inner-cup]").first().attr("aria-label");
    }

    @Test
    void whatNobodyLookedAtIsMarkedAtInspectAlone() throws Exception {
        assertThat(page("inspect").select(".standings").text()).contains("not looked at yet");
        assertThat(page("fit").select(".standings").text()).doesNotContain("not looked at yet");
        seat("59.10 59.10 59.10", "");
        assertThat(cup("inspect")).isEqualTo("inner cup, L68149/L68110, seat measured 59.1 mm, touch to see it");
    }

    @Test
    void aSpunSeatIsBadUntilItIsPutRightAndAFittedRingGoesInNew() throws Exception {
        seat("59.30 59.31 59.30", "");
        assertThat(cup("fit")).contains("measured 59.3 to 59.31 mm, bad");
        assertThat(page("fit").select(".standings").text()).contains("bad");
        seat("59.30 59.31 59.30", "sleeve");
        assertThat(cup("fit")).doesNotContain("bad");
        keep(RouteStage.FIT, Map.of("which", "inner", "ring", "outer", "designation", "L68149/L68110", "seat", "N7"));
        Document fit = page("fit");
        assertThat(fit.select("a[data-part^=inner-c][aria-label*=goes in new]")).isNotEmpty();
        assertThat(fit.select("#section svg .sign")).isNotEmpty();
    }

    @Test
    void aSideThatWasTakenIsKeptAndReportedAndOneThatIsNoneIsNot() throws Exception {
        Document inspect = page("inspect");
        assertThat(inspect.select("input[name=side-both]").eachAttr("value")).containsExactly("all", "one");
        assertThat(inspect.select("[data-take=remedy]").eachAttr("data-value")).contains("sleeve", "compound");
        for (String side : List.of("sideways", "one")) {
            JobView.Station station = jobs.view(job).orElseThrow().station(RouteStage.INSPECT);
            mvc.perform(post("/jobs/" + job + "/inspect")
                    .with(csrf())
                    .param("version", String.valueOf(station.version()))
                    .param("which", "inner")
                    .param("designation", "L68149/L68110")
                    .param("plane1", "59.10 59.10 59.10")
                    .param("seatSymbol", "N7")
                    .param("side-both", side));
            assertThat(page("report").text().contains("or the one that failed? the one that failed"))
                    .isEqualTo(side.equals("one"));
        }
        assertThat(page("inspect").select("input[name=side-both][checked]").eachAttr("value"))
                .containsExactly("one");
    }
}
