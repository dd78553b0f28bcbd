package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

import jakarta.persistence.EntityManager;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

@Served
@Transactional
class VisitPagesTest {

    private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VisitService visits;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private EntityManager entities;

    private long job;
    private long visit;

    @BeforeEach
    void aTrailerHasCome() {
        Vehicle trailer = vehicles.add(
                new VehicleInput("trailer", "Visiting trailer", "V 1", "X.Y.", "km", 900.0, "immersed", 2));
        job = jobs.open(trailer.id(), "axle1-left", NOW);
        keep(job, RouteStage.INTAKE, "complaint", "Hums on the road.", "day", "2026-05-04", "counter", "812");
        keep(
                job,
                RouteStage.IDENTIFY,
                "outerCone",
                "L44643",
                "outerCup",
                "L44610",
                "innerCone",
                "L68149",
                "innerCup",
                "L68110");
        keep(job, RouteStage.GREASE, "kind", "CaS", "oldKind", "CaS");
        visit = view(job).visit();
    }

    private void keep(long id, RouteStage stage, String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        jobs.keep(id, stage, -1, texts, NOW);
    }

    private JobView view(long id) {
        return jobs.view(id).orElseThrow();
    }

    private String page(String address) throws Exception {
        return mvc.perform(get(address))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void aFurtherPlaceKnowsWhatTheVisitWasTold() throws Exception {
        mvc.perform(post("/visits/" + visit + "/jobs").with(csrf()).param("text", "axle2-left"))
                .andExpect(status().is3xxRedirection());
        JobView other = visits.find(visit).orElseThrow().jobs().get(1);
        assertThat(other.position().code()).isEqualTo("axle2-left");
        assertThat(other.station(RouteStage.INTAKE).texts())
                .containsEntry("complaint", "Hums on the road.")
                .containsEntry("counter", "812");
        assertThat(other.station(RouteStage.IDENTIFY).state()).isEqualTo("OPEN");
        mvc.perform(post("/visits/" + visit + "/jobs").with(csrf()).param("text", "axle2-left"));
        assertThat(visits.find(visit).orElseThrow().jobs()).hasSize(2);
    }

    @Test
    void aPlaceThatTheVehicleLacksIsRefusedInASentence() throws Exception {
        mvc.perform(post("/visits/" + visit + "/jobs").with(csrf()).param("text", "bottom-bracket"))
                .andExpect(status().is3xxRedirection());
        assertThat(visits.find(visit).orElseThrow().jobs()).hasSize(1);
        mvc.perform(get("/visits/999999")).andExpect(status().isNotFound());
    }

    @Test
    void theOtherSideKeepsWhatItIsAndClaimsNoWork() {
        long twin = jobs.openTwin(job, NOW).orElseThrow();
        JobView other = view(twin);
        assertThat(other.station(RouteStage.INTAKE).state()).isEqualTo("DONE");
        assertThat(other.station(RouteStage.IDENTIFY).state()).isEqualTo("DONE");
        assertThat(other.station(RouteStage.GREASE).state()).isEqualTo("DRAFT");
        assertThat(other.station(RouteStage.DIAGNOSE).state()).isEqualTo("OPEN");
        assertThat(other.station(RouteStage.PROVE).state()).isEqualTo("OPEN");
        assertThat(other.station(RouteStage.INSPECT).state()).isEqualTo("OPEN");
        assertThat(other.visit()).isEqualTo(visit);
        assertThat(visits.find(visit).orElseThrow().twinWanted(view(job))).isFalse();
    }

    @Test
    void thePageListsItsJobsWithTheirNextSteps() throws Exception {
        assertThat(page("/visits/" + visit))
                .contains("Hums on the road.", "axle 1 left hub", "axle 1 right hub: the same", "Visiting trailer");
        assertThat(page("/visits/" + visit + "/report")).contains("Job #" + job, "L44643");
    }

    @Test
    void theCustomersPageSaysWhatIsUnderWayAndStandsOnOneSheetOfPaper() throws Exception {
        mvc.perform(get("/visits/" + visit + "/sheet"))
                .andExpect(content().string(containsString("Still under way:")))
                .andExpect(content().string(containsString("Complaint: Hums on the road.")))
                .andExpect(content().string(not(containsString("What was done</h3>"))));
        byte[] pdf = mvc.perform(get("/visits/" + visit + "/sheet.pdf"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument paper = Loader.loadPDF(pdf)) {
            assertThat(paper.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(paper)).contains("Hums on the road.", "calcium sulfonate");
        }
    }

    @Test
    void partsOfItsJobsAreTotalledOnIt() throws Exception {
        mvc.perform(post("/jobs/" + job + "/parts")
                        .with(csrf())
                        .param("version", String.valueOf(jobs.parts(job).version()))
                        .param("kind-0", "bearing")
                        .param("what-0", "L44643")
                        .param("count-0", "2")
                        .param("priceA-0", "7.50")
                        .param("state-0", "here")
                        .param("old-0", "L44649"))
                .andExpect(status().is3xxRedirection());
        entities.flush();
        entities.clear();
        assertThat(page("/visits/" + visit + "/sheet")).contains("2 × L44643", "Parts come to <b>15.00</b>");
        assertThat(page("/jobs/" + job + "/parts")).contains("value=\"L44649\"");
        assertThat(page("/jobs/" + job + "/parts/list.csv")).contains("old one", "L44649", "here");
        assertThat(Optional.of(jobs.parts(job).texts()))
                .get()
                .extracting("state-0")
                .isEqualTo("here");
    }
}
