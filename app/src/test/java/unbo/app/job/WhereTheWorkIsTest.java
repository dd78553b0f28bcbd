package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.vehicle.VehicleService;
import unbo.core.assembly.AssemblyKind;
import unbo.core.fact.FactKey;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleInput;

/** Places are touched on a drawing of the vehicle, and what is other there stays with them. */
@Served
@Transactional
class WhereTheWorkIsTest {

    private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private long vehicle(String kind, int axles) {
        return vehicles.add(new VehicleInput(kind, "A " + kind, "", "X.Y.", "km", 900.0, "wet", axles))
                .id();
    }

    private String page(String address) throws Exception {
        return mvc.perform(get(address))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private MvcResult send(String address, Map<String, String> texts) throws Exception {
        MockHttpServletRequestBuilder request = post(address).with(csrf());
        texts.forEach(request::param);
        return mvc.perform(request).andReturn();
    }

    @ParameterizedTest
    @CsvSource({"trailer,3", "wheelchair,1", "tractor,1", "bicycle,1"})
    void everyPlaceIsALinkOnTheVehicleAndAChoiceOfANewVisit(String kind, int axles) throws Exception {
        long id = vehicle(kind, axles);
        String shown = page("/vehicles/" + id);
        String choice = page("/visits/new?vehicle=" + id);
        for (Place place : Place.of(kind)) {
            assertThat(shown)
                    .contains("data-part=\"" + place.code() + "\"")
                    .contains("data-for=\"" + place.code() + "\"");
            assertThat(choice).contains("name=\"position\" value=\"" + place.code() + "\"");
        }
    }

    @Test
    void aJobWhosePlaceIsNotKnownGoesToOneOfTheWorkshopsOwn() throws Exception {
        long id = vehicle("van", 1);
        Place winch = Place.named("van", "Tow winch").orElseThrow();
        assertThat(vehicles.place(
                        id, winch, jobs.facts(AssemblyKind.find("pulley").orElseThrow())))
                .isTrue();
        long job = jobs.open(id, Place.UNKNOWN, NOW);
        assertThat(page("/jobs/" + job + "/identify")).contains("value=\"" + winch.code() + "\"", "id=\"where\"");
        send("/jobs/" + job + "/do/move", Map.of("text", winch.code(), "back", "identify"));
        assertThat(jobs.view(job).orElseThrow().position().code()).isEqualTo(winch.code());
        assertThat(page("/jobs/" + job + "/identify")).doesNotContain("id=\"where\"");
    }

    /** A bolted unit has nothing to inspect, fit or grease: from Strip one goes on to Set. */
    @Test
    void goingOnPassesWhatTheKindDoesNotHave() throws Exception {
        long job = jobs.open(vehicle("van", 1), "rear-left", NOW);
        send(
                "/jobs/" + job + "/identify",
                Map.of(
                        "version",
                        "-1",
                        "assembly",
                        "unit-bolted",
                        "outerBore",
                        "30",
                        "outerOutside",
                        "70",
                        "outerWidth",
                        "40"));
        assertThat(page("/jobs/" + job + "/strip")).contains("Keep and go on to Set");
        assertThat(send("/jobs/" + job + "/strip", Map.of("version", "-1", "kind", "unit-bolted"))
                        .getResponse()
                        .getRedirectedUrl())
                .isEqualTo("/jobs/" + job + "/set");
        assertThat(page("/jobs/" + job + "/log")).doesNotContain("Keep and go on");
    }

    @Test
    void aPartThatIsNotThereIsLeftOutOfThePlanAndKeptWithThePosition() throws Exception {
        long job = jobs.open(vehicle("motorcycle", 1), "front", NOW);
        String before = page("/jobs/" + job + "/strip");
        assertThat(before).contains("name=\"here-clip\"", "name=\"number-left\"", "tick-clip-");
        assertThat(send(
                                "/jobs/" + job + "/strip",
                                Map.ofEntries(
                                        Map.entry("version", "-1"),
                                        Map.entry("stay", "yes"),
                                        Map.entry("kind", "ball-pair"),
                                        Map.entry("rows-of", "ball-pair"),
                                        Map.entry("number-left", "6204-2RS"),
                                        Map.entry("name-clip", "clip of the located side"),
                                        Map.entry("name-left-seal", "left seal with two lips"),
                                        Map.entry("here-left-seal", "yes"),
                                        Map.entry("moreName", "thin shim"),
                                        Map.entry("moreKind", "shim"),
                                        Map.entry("moreSide", "inboard"),
                                        Map.entry("moreBy", "left-bearing")))
                        .getResponse()
                        .getStatus())
                .isEqualTo(302);
        String after = page("/jobs/" + job + "/strip");
        assertThat(after)
                .contains("left seal with two lips", "tick-own-thin-shim-", "3 other than usual", "left 6204-2RS")
                .doesNotContain("tick-clip-", "data-part=\"clip\"");
        assertThat(jobs.view(job).orElseThrow().sheet().text(FactKey.PARTS))
                .contains("without clip", "left-seal is left seal with two lips", "thin shim");
        assertThat(jobs.view(job).orElseThrow().station(RouteStage.STRIP).state())
                .isEqualTo("DONE");
    }

    @Test
    void whatDoesNotFitIsSaidWithItsBoxAndNothingIsLost() throws Exception {
        long job = jobs.open(vehicle("motorcycle", 1), "front", NOW);
        String page = send(
                        "/jobs/" + job + "/strip",
                        Map.of(
                                "version",
                                "-1",
                                "stay",
                                "yes",
                                "kind",
                                "ball-pair",
                                "rows-of",
                                "ball-pair",
                                "moreName",
                                "second hub",
                                "moreKind",
                                "hub",
                                "moreSide",
                                "inboard",
                                "moreBy",
                                "axle"))
                .getResponse()
                .getContentAsString();
        assertThat(page).contains("A hub makes the kind and cannot be added", "second hub");
    }
}
