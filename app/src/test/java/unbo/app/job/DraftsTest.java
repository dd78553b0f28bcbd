package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.Map;

import jakarta.servlet.http.Cookie;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/** What is typed and not kept: held for each desk, and merged where two went apart. */
@Served
@Transactional
class DraftsTest {

    private static final String TABLET = "1".repeat(32);
    private static final String LAPTOP = "2".repeat(32);
    private static final String BASE = "{\"texts\":{\"complaint\":\"\",\"day\":\"2026-05-04\",\"counter\":\"\","
            + "\"load\":\"\"},\"units\":\"METRIC\"}";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private DraftService drafts;

    @Autowired
    private VehicleService vehicles;

    private long id;
    private String intake;

    @BeforeEach
    void open() {
        id = jobs.open(
                vehicles.add(new VehicleInput("trailer", "Draft trailer", "DT 1", "X.Y.", "none", 2000.0, "wet", 1))
                        .id(),
                "axle1-left",
                Instant.parse("2026-05-04T08:00:00Z"));
        intake = "/jobs/" + id + "/intake";
    }

    private ResultActions send(String desk, String address, String... pairs) throws Exception {
        MockHttpServletRequestBuilder request =
                post(address).with(csrf()).cookie(new Cookie("unbo-desk", desk)).param("base", BASE);
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        return mvc.perform(request);
    }

    private ResultActions page(String desk) throws Exception {
        return mvc.perform(get(intake).cookie(new Cookie("unbo-desk", desk)));
    }

    private void type(String desk, String complaint) throws Exception {
        send(desk, intake + "/preview", "version", "-1", "complaint", complaint, "day", "2026-05-04")
                .andExpect(status().isOk());
    }

    private Map<String, String> kept() {
        return jobs.view(id).orElseThrow().station(RouteStage.INTAKE).texts();
    }

    @Test
    void whatIsTypedIsThereAgainAtTheSameDeskOnlyAndKeptNowhereElse() throws Exception {
        type(TABLET, "smoke from the hub");
        page(TABLET)
                .andExpect(content().string(containsString("smoke from the hub")))
                .andExpect(content().string(containsString("Not kept yet")));
        page(LAPTOP).andExpect(content().string(not(containsString("smoke from the hub"))));
        assertThat(kept()).isEmpty();
        type(LAPTOP, "hum");
        page(TABLET).andExpect(content().string(containsString("smoke from the hub")));
    }

    @Test
    void whatIsPutBackAsItWasIsNoDraft() throws Exception {
        type(TABLET, "smoke");
        type(TABLET, "");
        assertThat(drafts.at(id, RouteStage.INTAKE, TABLET)).isEmpty();
    }

    @Test
    void keepingEndsTheDraftAndALatePreviewDoesNotBringItBack() throws Exception {
        type(TABLET, "hum");
        send(TABLET, intake, "version", "-1", "complaint", "hum", "day", "2026-05-04")
                .andExpect(redirectedUrl("/jobs/" + id + "/diagnose"));
        assertThat(drafts.at(id, RouteStage.INTAKE, TABLET)).isEmpty();
        type(TABLET, "hum");
        assertThat(drafts.at(id, RouteStage.INTAKE, TABLET)).isEmpty();
    }

    @Test
    void aDraftCanBeLetGo() throws Exception {
        type(TABLET, "smoke");
        send(TABLET, intake + "/drop").andExpect(redirectedUrl(intake));
        page(TABLET).andExpect(content().string(not(containsString("smoke"))));
    }

    @Test
    void sentTwiceBecauseTheAnswerWasLostItIsKeptOnce() throws Exception {
        for (int i = 0; i < 2; i++) {
            send(TABLET, intake, "version", "-1", "complaint", "hum", "day", "2026-05-04")
                    .andExpect(redirectedUrl("/jobs/" + id + "/diagnose"));
        }
    }

    @Test
    void theSecondOfTwoSeesBothVersionsAndChoosesFieldByField() throws Exception {
        send(LAPTOP, intake, "version", "-1", "complaint", "hum", "day", "2026-05-04", "load", "300");
        send(TABLET, intake, "version", "-1", "complaint", "rumble", "day", "2026-05-05")
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Kept on another screen")))
                .andExpect(content().string(containsString("both changed it")))
                .andExpect(content().string(containsString("only the other screen changed it")))
                .andExpect(content().string(containsString("only you changed it")));
        assertThat(kept()).containsEntry("complaint", "hum");
        page(TABLET).andExpect(content().string(containsString("Keep what is chosen")));

        String mine = "{\"texts\":{\"complaint\":\"rumble\",\"day\":\"2026-05-05\",\"counter\":\"\","
                + "\"load\":\"\"},\"units\":\"METRIC\"}";
        send(TABLET, intake + "/merge", "version", "0", "mine", mine, "pick-complaint", "theirs")
                .andExpect(redirectedUrl(intake));
        assertThat(kept())
                .containsEntry("complaint", "hum")
                .containsEntry("day", "2026-05-05")
                .containsEntry("load", "300");
        assertThat(drafts.at(id, RouteStage.INTAKE, TABLET)).isEmpty();
    }

    @Test
    void aMergeThatIsOvertakenIsAskedAgain() throws Exception {
        send(LAPTOP, intake, "version", "-1", "complaint", "hum", "day", "2026-05-04");
        send(LAPTOP, intake, "version", "0", "complaint", "hum, louder", "day", "2026-05-04");
        send(
                        TABLET,
                        intake + "/merge",
                        "version",
                        "0",
                        "mine",
                        "{\"texts\":{\"complaint\":\"rumble\",\"day\":\"2026-05-04\"},\"units\":\"METRIC\"}",
                        "pick-complaint",
                        "mine")
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("hum, louder")));
        assertThat(kept()).containsEntry("complaint", "hum, louder");
    }

    @Test
    void whoTypesIsToldThatTheStageWasKeptElsewhere() throws Exception {
        send(LAPTOP, intake, "version", "-1", "complaint", "hum", "day", "2026-05-04");
        send(TABLET, intake + "/preview", "version", "-1", "complaint", "rumble", "day", "2026-05-04")
                .andExpect(content().string(containsString("kept on another screen")));
    }

    @Test
    void aBaseThatIsNoJsonLosesNothing() throws Exception {
        mvc.perform(post(intake)
                        .with(csrf())
                        .param("base", "[1,")
                        .param("version", "-1")
                        .param("complaint", "hum")
                        .param("day", "2026-05-04"))
                .andExpect(redirectedUrl("/jobs/" + id + "/diagnose"));
    }
}
