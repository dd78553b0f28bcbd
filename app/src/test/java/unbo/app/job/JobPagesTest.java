package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.vehicle.VehicleService;
import unbo.core.vehicle.VehicleInput;

@Served
@Transactional
class JobPagesTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private long vehicle;
    private String job;

    @BeforeEach
    void open() {
        vehicle = vehicles.add(new VehicleInput("trailer", "Page trailer", "PT 1", "X.Y.", "none", 2000.0, "wet", 1))
                .id();
        job = "/jobs/" + jobs.open(vehicle, "axle1-left", Instant.parse("2026-05-04T08:00:00Z"));
    }

    private ResultActions send(String address, String... pairs) throws Exception {
        MockHttpServletRequestBuilder request = post(address).with(csrf());
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        return mvc.perform(request);
    }

    private ResultActions page(String address) throws Exception {
        return mvc.perform(get(address));
    }

    @Test
    void aVisitAsksForThePositionBeforeItStarts() throws Exception {
        send("/visits", "vehicle", String.valueOf(vehicle)).andExpect(redirectedUrl("/visits/new?vehicle=" + vehicle));
        send("/visits", "vehicle", String.valueOf(vehicle), "position", "axle1-right")
                .andExpect(redirectedUrlPattern("/jobs/*/intake"));
    }

    @Test
    void anUntouchedStageAsksWithoutScoldingAndIsPrefilled() throws Exception {
        page(job + "/intake")
                .andExpect(status().isOk())
                .andExpect(content().string(not(containsString("class=\"refusal\""))));
        page(job + "/set")
                .andExpect(content().string(containsString("Slots in the nut")))
                .andExpect(content().string(containsString("A vehicle on a jack alone comes down")));
    }

    @Test
    void aStageThatNeedsAnEarlierOneSaysWhichFactsAreMissing() throws Exception {
        page(job + "/grease")
                .andExpect(content().string(containsString("Not on the sheet yet")))
                .andExpect(content().string(containsString("Outer bearing, bore")));
    }

    @Test
    void aDraftIsKeptWithItsSentencesAndWhatWasTyped() throws Exception {
        send(job + "/identify", "version", "-1", "outerCone", "L44649", "outerCup", "L45410", "innerCone", "")
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Kept as a draft")))
                .andExpect(content().string(containsString("own series")))
                .andExpect(content().string(containsString("A taper never stands alone")))
                .andExpect(content().string(containsString("value=\"L45410\"")));
        page(job + "/identify").andExpect(content().string(containsString("value=\"L45410\"")));
    }

    @Test
    void keepingGoesOnToTheNextStageOrStays() throws Exception {
        send(job + "/intake", "version", "-1", "complaint", "hum", "day", "2026-05-04")
                .andExpect(redirectedUrl(job + "/diagnose"));
        send(job + "/intake", "version", "0", "complaint", "hum", "day", "2026-05-04", "stay", "yes")
                .andExpect(redirectedUrl(job + "/intake"));
    }

    @Test
    void secondsThatRunOutStandInTheStepInWhichTheyDo() throws Exception {
        String crank = "/jobs/"
                + jobs.open(
                        vehicles.add(new VehicleInput("motorcycle", "Warm", "W 1", "X.Y.", "km", 2000.0, "wet", 1))
                                .id(),
                        "crank",
                        Instant.parse("2026-05-04T08:00:00Z"));
        List<String> texts = new ArrayList<>(List.of("designation", "6305", "ring", "inner", "seat", "k5"));
        for (String step : List.of("check", "seat", "now", "way", "ready")) {
            texts.addAll(List.of("tick-" + step, "yes"));
        }
        String heated = shown(crank, texts);
        assertThat(Jsoup.parse(heated).select("#step-now [data-countdown]")).isEmpty();
        assertThat(Jsoup.parse(heated).select("#answer [data-countdown]")).hasSize(1);
        texts.addAll(List.of("tick-heat", "yes"));
        String inHand = shown(crank, texts);
        assertThat(Jsoup.parse(inHand).select("#step-now").text()).contains("Push it home", "Start or stop");
        assertThat(Jsoup.parse(inHand).select("[data-countdown]")).hasSize(1);
    }

    private String shown(String crank, List<String> texts) throws Exception {
        return send(crank + "/fit/preview", texts.toArray(String[]::new))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void theNutCanBeTurnedBeforeItsAngleIsTyped() throws Exception {
        send(job + "/set/preview", "pitch", "1.5", "slots", "6", "pinHolesDeg", "0 180")
                .andExpect(content().string(containsString("Turn the nut")))
                .andExpect(content().string(containsString("data-turn=\"nut\"")));
        send(job + "/set/preview", "pitch", "1.5", "slots", "6", "pinHolesDeg", "0 180", "freeAngleDeg", "45")
                .andExpect(content().string(not(containsString("Turn the nut"))))
                .andExpect(content().string(containsString("data-turn=\"nut\"")));
        send(job + "/set/preview", "pitch", "1.5", "freeAngleDeg", "x")
                .andExpect(content().string(not(containsString("data-turn"))));
    }

    @Test
    void previewingKeepsNothing() throws Exception {
        send(job + "/intake/preview", "complaint", "smoke from the hub", "day", "2026-05-04", "load", "300")
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("2.94")))
                .andExpect(content().string(containsString("No road test until they pass")));
        page(job + "/intake").andExpect(content().string(not(containsString("smoke from the hub"))));
    }

    @Test
    void aStageChangedMeanwhileShowsBothVersions() throws Exception {
        send(job + "/intake", "version", "-1", "complaint", "theirs came first", "day", "2026-05-04");
        send(job + "/intake", "version", "-1", "complaint", "mine came second", "day", "2026-05-04")
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Kept on another screen")))
                .andExpect(content().string(containsString("mine came second")))
                .andExpect(content().string(containsString("theirs came first")));
    }

    @Test
    void storedScriptIsShownAsText() throws Exception {
        send(job + "/intake", "version", "-1", "complaint", "<script>alert(1)</script>", "day", "2026-05-04");
        page(job + "/report")
                .andExpect(content().string(containsString("&lt;script&gt;")))
                .andExpect(content().string(not(containsString("<script>alert"))));
    }

    @Test
    void signingTooEarlySaysEveryReason() throws Exception {
        var refused =
                send(job + "/do/sign").andExpect(redirectedUrl(job + "/log")).andReturn();
        mvc.perform(get(job + "/log").cookie(refused.getResponse().getCookie("said")))
                .andExpect(content().string(containsString("Not signed")))
                .andExpect(content().string(containsString("Prove is not done.")));
    }

    @Test
    void skippingNeedsAWord() throws Exception {
        send(job + "/grease/skip", "why", "").andExpect(redirectedUrl(job + "/grease"));
        send(job + "/grease/skip", "why", "packed by its owner").andExpect(redirectedUrl(job + "/set"));
        page(job + "/report").andExpect(content().string(containsString("packed by its owner")));
    }

    @Test
    void waitingAbandoningAndReopeningAskForWords() throws Exception {
        send(job + "/do/wait", "text", " ").andExpect(redirectedUrl(job + "/report"));
        send(job + "/do/wait", "text", "x".repeat(600)).andExpect(redirectedUrl("/"));
        send(job + "/do/go-on");
        send(job + "/do/wait", "text", "seal 38x59x9").andExpect(redirectedUrl("/"));
        page(job + "/report").andExpect(content().string(containsString("Parts are here")));
        send(job + "/do/go-on").andExpect(redirectedUrl(job));
        send(job + "/do/abandon", "text", "sold").andExpect(redirectedUrl("/"));
        page(job).andExpect(redirectedUrl(job + "/report"));
        page(job + "/intake")
                .andExpect(content()
                        .string(org.hamcrest.Matchers.allOf(
                                containsString("it stands as it was"),
                                org.hamcrest.Matchers.not(containsString("name=\"complaint\"")))));
        send(job + "/do/reopen", "text", "").andExpect(redirectedUrl(job + "/report"));
        send(job + "/do/reopen", "text", "bought back").andExpect(redirectedUrl(job));
        page(job + "/report").andExpect(content().string(containsString("bought back")));
    }

    @Test
    void notesAreKeptCutAtTheirLength() throws Exception {
        send(job + "/do/note", "text", "x".repeat(600));
        page(job + "/report")
                .andExpect(content().string(containsString("x".repeat(500))))
                .andExpect(content().string(not(containsString("x".repeat(501)))));
        send(job + "/do/note", "text", " ").andExpect(redirectedUrl(job + "/report"));
    }

    @Test
    void theOtherSideIsOneTouchAway() throws Exception {
        send(job + "/do/twin").andExpect(redirectedUrlPattern("/jobs/*"));
    }

    @Test
    void addressesThatLeadNowhereSaySo() throws Exception {
        for (String address : new String[] {
            "/jobs/999999",
            "/jobs/999999/intake",
            job + "/nonsense",
            "/positions/999999",
            "/vehicles/999999",
            "/visits/new?vehicle=999999"
        }) {
            page(address).andExpect(status().isNotFound());
        }
        send(job + "/do/nonsense").andExpect(status().isNotFound());
    }

    @Test
    void twoWhoPutOneVehicleRightAtOnceAreKeptApart() throws Exception {
        String address = "/vehicles/" + vehicle;
        page(address + "/edit").andExpect(content().string(containsString("value=\"Page trailer\"")));
        send(address, "version", "7", "kind", "trailer", "name", "Mine", "counterUnit", "none", "use", "wet")
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("somebody else changed this vehicle")))
                .andExpect(content().string(containsString("value=\"Mine\"")));
        send(
                        address,
                        "version",
                        "0",
                        "kind",
                        "trailer",
                        "name",
                        "Mine",
                        "counterUnit",
                        "none",
                        "use",
                        "wet",
                        "axles",
                        "2")
                .andExpect(redirectedUrl(address));
        page(address).andExpect(content().string(containsString("axle 2 right hub")));
    }

    @Test
    void aPositionPageKnowsNothingBeforeItsFirstJob() throws Exception {
        long position = vehicles.find(vehicle).orElseThrow().positions().get(0).id();
        page("/positions/" + position)
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Never worked on here")));
    }

    @Test
    void hostsOfOthersAreRefusedOnEveryPage() throws Exception {
        mvc.perform(get(job + "/intake").with((MockHttpServletRequest request) -> {
                    request.setServerName("evil.example");
                    return request;
                }))
                .andExpect(status().is(421));
    }

    /** As one types only the answer and the echoes of the boxes come; where it is asked what comes next, boxes too. */
    @Test
    void aPreviewHoldsWhatIsSwappedAndNoMore() throws Exception {
        MockHttpServletRequestBuilder typed = post(job + "/identify/preview")
                .with(csrf())
                .header("HX-Request", "true")
                .header("HX-Target", "answer")
                .param("version", "-1")
                .param("base", "{}")
                .param("outerCone", "LM67048");
        String part = mvc.perform(typed).andReturn().getResponse().getContentAsString();
        assertThat(part)
                .contains("id=\"answer\"", "id=\"section\"", "id=\"echo-outerCone\"", "id=\"steps\"")
                .doesNotContain("id=\"rail\"", "<input id=\"outerCone\"", "id=\"card-boxes\"", "Skip this stage");
        String whole = mvc.perform(typed.param("asks", "yes"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(whole).contains("id=\"answer\"", "id=\"card-boxes\"", "id=\"field-outerCone\"");
        assertThat(part.length()).isLessThan(whole.length() / 2);
    }

    /** What cannot be used of the rows of a whole assembly is said as one types, without the rows. */
    @Test
    void aPreviewOfRowsSaysWhatCannotBeUsed() throws Exception {
        String part = mvc.perform(post(job + "/strip/preview")
                        .with(csrf())
                        .header("HX-Request", "true")
                        .header("HX-Target", "answer")
                        .param("version", "-1")
                        .param("base", "{}")
                        .param("rows-of", "adjustable-taper")
                        .param("kind", "adjustable-taper")
                        .param("number-outer", "6305 ".repeat(2000)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(Jsoup.parse(part).getElementById("echo-numbers").text()).isNotBlank();
        assertThat(part).contains("id=\"differs\"").doesNotContain("name=\"number-outer\"");
    }
}
