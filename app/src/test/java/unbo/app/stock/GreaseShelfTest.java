package unbo.app.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;

import java.time.Instant;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

@Served
@Transactional
class GreaseShelfTest {

    private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private GreaseShelf shelf;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private ResultActions tub(String name, String family, String grams) throws Exception {
        return mvc.perform(post("/stock/grease")
                .with(csrf())
                .param("name", name)
                .param("thickener", family)
                .param("nlgi", "2")
                .param("hot", "150")
                .param("grams", grams));
    }

    private double left(String name) {
        return shelf.tubs().stream()
                .filter(t -> t.grease().name().equals(name))
                .findFirst()
                .orElseThrow()
                .grams();
    }

    @Test
    void aTubComesAndGoesByTheGram() throws Exception {
        tub("test tub", "CaS", "500").andExpect(redirectedUrl("/stock/grease"));
        mvc.perform(post("/stock/grease/take")
                        .with(csrf())
                        .param("name", "test tub")
                        .param("grams", "62.5")
                        .param("words", "a hub"))
                .andExpect(flash().attribute("good", "Taken off the shelf."));
        assertThat(left("test tub")).isEqualTo(437.5);
        mvc.perform(post("/stock/grease/take")
                        .with(csrf())
                        .param("name", "test tub")
                        .param("grams", "900"))
                .andExpect(flash().attribute("bad", containsString("900 g are wanted, 437.5 g")));
        mvc.perform(post("/stock/grease/take")
                        .with(csrf())
                        .param("name", "no tub")
                        .param("grams", "9"))
                .andExpect(flash().attribute("bad", containsString("is not on the shelf")));
        tub("test tub", "CaS", "-600").andExpect(content().string(containsString("There is not so much of it")));
        assertThat(left("test tub")).isEqualTo(437.5);
        mvc.perform(get("/stock/grease"))
                .andExpect(content()
                        .string(allOf(containsString("test tub"), containsString("a hub"), containsString("−62.5 g"))));
    }

    @Test
    void theSameNameChangesItsSheet() throws Exception {
        tub("test tub", "CaS", "500");
        tub("test tub", "LiX", "0").andExpect(redirectedUrl("/stock/grease"));
        assertThat(shelf.tubs())
                .filteredOn(t -> t.grease().name().equals("test tub"))
                .singleElement()
                .satisfies(t -> assertThat(t.grease().thickener()).isEqualTo("LiX"));
        assertThat(left("test tub")).isEqualTo(500);
    }

    @Test
    void badSheetsLoseNothingTyped() throws Exception {
        mvc.perform(post("/stock/grease")
                        .with(csrf())
                        .param("name", "odd tub")
                        .param("thickener", "Li")
                        .param("nu40", "20")
                        .param("nu100", "30"))
                .andExpect(content()
                        .string(allOf(containsString("value=\"odd tub\""), containsString("thinner when hot"))));
        mvc.perform(post("/stock/grease/gun")
                        .with(csrf())
                        .param("gun", "odd gun")
                        .param("weighed", "heavy"))
                .andExpect(content()
                        .string(allOf(containsString("value=\"odd gun\""), containsString("value=\"heavy\""))));
        assertThat(shelf.tubs()).extracting(t -> t.grease().name()).doesNotContain("odd tub");
    }

    @Test
    void aGunIsKeptAsLastWeighed() throws Exception {
        for (String grams : new String[] {"12", "13"}) {
            mvc.perform(post("/stock/grease/gun")
                            .with(csrf())
                            .param("gun", "test gun")
                            .param("strokes", "10")
                            .param("weighed", grams))
                    .andExpect(redirectedUrl("/stock/grease"));
        }
        assertThat(shelf.guns())
                .filteredOn(g -> g.name().equals("test gun"))
                .singleElement()
                .satisfies(g -> assertThat(g.strokeG()).isEqualTo(1.3));
    }

    private ResultActions take(long job, String name, String grams, String once) throws Exception {
        return mvc.perform(post("/jobs/" + job + "/take/grease")
                .with(csrf())
                .param("name", name)
                .param("grams", grams)
                .param("once", once));
    }

    @Test
    void aJobsGreaseOffersWhatSuitsFirstAndTakesFromTheShelf() throws Exception {
        tub("suits", "CaS", "500");
        tub("mixes not", "clay", "500");
        long vehicle = vehicles.add(
                        new VehicleInput("trailer", "Greased trailer", "GR 1", "X.Y.", "none", 2000.0, "immersed", 1))
                .id();
        long id = jobs.open(vehicle, "axle1-left", AT);
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
                        "betweenCups",
                        "42",
                        "hubBore",
                        "44",
                        "spindle",
                        "30"),
                AT);
        assertThat(jobs.keep(id, RouteStage.GREASE, -1, Map.of("kind", "CaS", "oldKind", "CaS"), AT))
                .isEqualTo(JobService.Kept.DONE);
        String page = mvc.perform(get("/jobs/" + id + "/grease"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page).contains("On the shelf", "Wash what was in out: incompatible.");
        assertThat(page.indexOf(">suits<")).isBetween(0, page.indexOf(">mixes not<"));
        take(id, "suits", "40", "1".repeat(32)).andExpect(redirectedUrl("/jobs/" + id + "/grease"));
        take(id, "suits", "40", "1".repeat(32));
        assertThat(left("suits")).as("sent twice, taken once").isEqualTo(460);
        mvc.perform(get("/jobs/" + id + "/report"))
                .andExpect(content().string(allOf(containsString("suits"), containsString("40 g"))));
        take(id, "mixes not", "40", "2".repeat(32))
                .andExpect(flash().attribute("bad", containsString("this job says calcium sulfonate complex")));
        assertThat(left("mixes not")).isEqualTo(500);
        mvc.perform(post("/jobs/" + id + "/take/grease")
                        .with(csrf())
                        .param("name", "mixes not")
                        .param("grams", "40")
                        .param("once", "3".repeat(32))
                        .param("sure", "yes"))
                .andExpect(flash().attribute("good", "Taken off the shelf."));
        assertThat(jobs.notes(id)).anySatisfy(note -> assertThat(note.text()).contains("“mixes not” was taken"));
        mvc.perform(get("/jobs/" + id + "/grease?method=gun&strokeGrams=1.3"))
                .andExpect(content().string(allOf(containsString("strokes"), containsString("surgical emergency"))));
    }
}
