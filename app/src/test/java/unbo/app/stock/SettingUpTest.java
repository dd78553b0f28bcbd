package unbo.app.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/** Heat, stacks, the shelf and the Fit stage, as they are served. */
@Served
@Transactional
class SettingUpTest {

    private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private StockService stock;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private ResultActions json(String call, String body) throws Exception {
        return mvc.perform(
                post("/api/v1/" + call).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    @Test
    void theWorkedFiguresByJson() throws Exception {
        json("heat", "{\"boreMm\":25,\"interferenceUm\":20,\"slidingUm\":25}")
                .andExpect(jsonPath("$.ringC").value(closeTo(174, 0.5), Double.class))
                .andExpect(jsonPath("$.withinLimit").value(false))
                .andExpect(jsonPath("$.secondsAvailable").isEmpty());
        json("heat", "{\"boreMm\":25,\"interferenceUm\":20,\"slidingUm\":25,\"shaft\":-18}")
                .andExpect(jsonPath("$.ringC").value(closeTo(136, 0.5), Double.class));
        json(
                        "heat-block",
                        "{\"blockMaterial\":\"aluminium\",\"blockMassKg\":0.4,\"block\":130,"
                                + "\"ringMassKg\":0.1,\"ring\":20}")
                .andExpect(jsonPath("$.finalC").value(closeTo(117, 0.5), Double.class));
        json("end-play-heat", "{\"outerRace\":50,\"innerRace\":50,\"between\":50,\"hubWarmer\":40}")
                .andExpect(jsonPath("$.changeMostMm").value(closeTo(0.070, 0.001), Double.class));
        json("spacer-hub", "{\"designation\":\"6902\",\"layout\":\"both\",\"spacer\":59.98,\"shoulders\":60}")
                .andExpect(jsonPath("$.sideLoaded").value(false));
        json("arrangement", "{\"leftBearing\":\"6305\",\"rightBearing\":\"6305\"}")
                .andExpect(jsonPath("$.sideLoaded").value(true));
        json("preload", "{\"place\":\"pinion\",\"torque\":2.5}")
                .andExpect(jsonPath("$.inside").value(true));
        json("crank", "{\"leftTir\":[0.1],\"leftAngle\":[0],\"rightTir\":[0.1],\"rightAngle\":[0]}")
                .andExpect(jsonPath("$.move").value("wedge-opposite-pin"));
        json("mount", "{\"designation\":\"6220\",\"seat\":\"k5\"}")
                .andExpect(jsonPath("$.byHeat").value(true))
                .andExpect(jsonPath("$.steps.length()").value(org.hamcrest.Matchers.greaterThan(6)));
    }

    @Test
    void filmSpeedFrictionAndLifeByJson() throws Exception {
        json("viscosity", "{\"nu40\":220,\"nu100\":19.5,\"temperature\":70,\"rpm\":800,\"pitchMm\":40}")
                .andExpect(jsonPath("$.nu").value(closeTo(52.6, 0.1), Double.class))
                .andExpect(jsonPath("$.nuRequired").value(closeTo(27.7, 0.1), Double.class));
        json(
                        "speed",
                        "{\"speedKmh\":60,\"rollingRadiusM\":0.3,\"ratio\":13.2,"
                                + "\"geometry\":{\"elements\":18,\"elementMm\":4,\"pitchMm\":38.5}}")
                .andExpect(jsonPath("$.rpm").value(closeTo(7003, 5), Double.class))
                .andExpect(jsonPath("$.verdict").value("wrong"));
        json("speed", "{\"speedKmh\":60,\"rollingRadiusM\":0.3,\"ratio\":13.2,\"designation\":\"6205\"}")
                .andExpect(jsonPath("$.verdict").value("fine"));
        json("speed", "{\"speedKmh\":60,\"rollingRadiusM\":0.3,\"designation\":\"yard\"}")
                .andExpect(status().isUnprocessableEntity());
        json("friction", "{\"designation\":\"6205\",\"loadN\":400,\"rpm\":300,\"nu\":100,\"seals\":\"contact\"}")
                .andExpect(jsonPath("$.sealsNmm").value(closeTo(40, 1), Double.class));
        json(
                        "wheel-life",
                        "{\"vehicle\":\"car\",\"wheelLoadN\":4000,\"rollingRadiusM\":0.3,"
                                + "\"spreadMm\":60,\"offsetMm\":10,\"states\":[{\"share\":1,\"lateralG\":0}],"
                                + "\"inner\":{\"designation\":\"32008X\"},\"outer\":{\"cN\":35000,\"c0N\":40000,"
                                + "\"contactDeg\":14,\"rollers\":true},\"lubrication\":{\"kappa\":2,"
                                + "\"contamination\":0.5}}")
                .andExpect(jsonPath("$.outer.radialN").value(closeTo(2667, 1), Double.class))
                .andExpect(jsonPath("$.inner.radialN").value(closeTo(1333, 1), Double.class))
                .andExpect(jsonPath("$.outer.ratingsEstimated").value(false))
                .andExpect(jsonPath("$.inner.ratingsEstimated").value(true));
        json(
                        "wheel-life",
                        "{\"vehicle\":\"car\",\"wheelLoadN\":4000,\"rollingRadiusM\":0.3,"
                                + "\"spreadMm\":60,\"inner\":{\"mood\":1},\"outer\":{}}")
                .andExpect(status().isBadRequest());
    }

    @Test
    void aStackIsSummedByJson() throws Exception {
        String chains = "\"outer\":[{\"name\":\"recess\",\"length\":6.35,\"uncertainty\":0.01,"
                + "\"material\":\"aluminium\"},{\"name\":\"gasket\",\"length\":0.25,"
                + "\"uncertainty\":0}],\"inner\":[{\"name\":\"spigot\",\"length\":%s,\"uncertainty\":0.01}],"
                + "\"target\":{\"min\":0.02,\"max\":0.08},\"stock\":[{\"thickness\":1,"
                + "\"count\":2},{\"thickness\":0.3,\"count\":2},{\"thickness\":0.15,\"count\":2},"
                + "{\"thickness\":0.1,\"count\":9}]";
        json("stack", "{" + chains.formatted("4.10") + "}")
                .andExpect(jsonPath("$.gapMm").value(closeTo(2.5, 1e-9), Double.class))
                .andExpect(jsonPath("$.shims.length()").value(4))
                .andExpect(jsonPath("$.worstCaseInside").value(true));
        json("stack", "{" + chains.formatted("41.0") + "}")
                .andExpect(jsonPath("$.questions[0]")
                        .value(containsString("spigot: did you mean 4.1 mm instead of 41 mm?")));
        json("stack", "{\"outer\":[],\"inner\":[],\"target\":{\"min\":0,\"max\":1}}")
                .andExpect(status().isBadRequest());
        json(
                        "stack",
                        "{\"outer\":[{\"name\":\"a\"}],\"inner\":[{\"name\":\"b\",\"length\":1}],"
                                + "\"target\":{\"min\":0,\"max\":1}}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("outer[0].length"));
    }

    @Test
    void shimsTakenForAStackGoDownAndNeverUnderNought() throws Exception {
        stock.put(0.3, 2, "count", AT);
        stock.put(1.0, 1, "count", AT);
        mvc.perform(post("/stock/take").with(csrf()).param("shims", "1 0.3").param("words", "gig hub"))
                .andExpect(redirectedUrl("/stock"))
                .andExpect(flash().attribute("good", containsString("2 shims")));
        assertThat(stock.shims())
                .filteredOn(s -> s.name().equals("0.300"))
                .singleElement()
                .satisfies(s -> assertThat(s.count()).isEqualTo(1));
        mvc.perform(post("/stock/take").with(csrf()).param("shims", "1 0.3"))
                .andExpect(flash().attribute("bad", containsString("Nothing was taken")));
        assertThat(stock.shims())
                .filteredOn(s -> s.name().equals("0.300"))
                .singleElement()
                .satisfies(s -> assertThat(s.count()).isEqualTo(1));
        mvc.perform(post("/stock").with(csrf()).param("thickness", "0.3").param("count", "-5"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("not so many")));
        mvc.perform(get("/stock"))
                .andExpect(content().string(allOf(containsString("0.300"), containsString("gig hub"))));
        mvc.perform(post("/stock/take").with(csrf()).param("shims", "x"))
                .andExpect(flash().attribute("bad", containsString("no shims")));
    }

    @Test
    void theStackOnTheBenchTakesItsShimsFromTheShelf() throws Exception {
        stock.put(2.45, 1, "count", AT);
        mvc.perform(get("/bench/stack"))
                .andExpect(content()
                        .string(allOf(
                                containsString("together 2.450 mm"),
                                containsString("name=\"shims\""),
                                containsString("value=\"2.45\""))));
        mvc.perform(get("/bench/stack?template=pinion"))
                .andExpect(content().string(containsString("depth of the recess")));
        mvc.perform(get("/bench/stack?name-o0=recess&length-o0=much&min=0&max=1"))
                .andExpect(content().string(allOf(containsString("No answer yet"), containsString("value=\"much\""))));
    }

    @Test
    void everyToolStandsOnTheBenchWithItsSample() throws Exception {
        for (String name : new String[] {
            "fit",
            "heat",
            "heat-block",
            "mount",
            "unit-hub",
            "cone-hub",
            "arrangement",
            "spacer-hub",
            "end-play-heat",
            "preload",
            "crank",
            "removal",
            "bearing-check",
            "seat",
            "seal-find",
            "rebuild",
            "viscosity",
            "speed",
            "friction",
            "wheel-life"
        }) {
            mvc.perform(get("/bench/" + name))
                    .andExpect(status().isOk())
                    .andExpect(content().string(allOf(containsString("Judged by"), containsString("class=\"num\""))));
        }
        mvc.perform(get("/bench/heat?boreMm=25&outsideMm=52&widthMm=15&interferenceUm=5"))
                .andExpect(content().string(containsString("data-countdown")));
    }

    @Test
    void theFitStageIsPrefilledAndGivesItsFacts() throws Exception {
        long vehicle = vehicles.add(
                        new VehicleInput("trailer", "Fit trailer", "FI 1", "X.Y.", "none", 2000.0, "wet", 1))
                .id();
        long id = jobs.open(vehicle, "axle1-left", AT);
        jobs.keep(
                id,
                RouteStage.IDENTIFY,
                -1,
                Map.of("outerCone", "L44643", "outerCup", "L44610", "innerCone", "L68149", "innerCup", "L68110"),
                AT);
        mvc.perform(get("/jobs/" + id + "/fit"))
                .andExpect(content()
                        .string(allOf(
                                containsString("value=\"L44610\""),
                                containsString("value=\"N7\""),
                                containsString("name=\"tick-press\""))));
        assertThat(jobs.keep(
                        id, RouteStage.FIT, -1, Map.of("designation", "L44610", "ring", "outer", "seat", "N7"), AT))
                .isEqualTo(JobService.Kept.DONE);
        assertThat(jobs.view(id).orElseThrow().sheet().number(PlaceProperty.HOUSING_INTERFERENCE.at(FactKey.FIRST)))
                .isPositive();
    }

    @Test
    void setAsksForTheAxleNutOfACartridgeAndForTheSpacerOfABallPair() throws Exception {
        json("unit-hub", "{\"torque\":250,\"maker\":250,\"newNut\":true}")
                .andExpect(jsonPath("$.level").value("right"));
        json("cone-hub", "{\"back\":15}").andExpect(jsonPath("$.playMm").value(closeTo(0.042, 0.001), Double.class));
        long vehicle = vehicles.add(new VehicleInput("van", "Set van", "SE 1", "X.Y.", "km", 2000.0, "wet", 2))
                .id();
        long id = jobs.open(vehicle, "front-left", AT);
        jobs.keep(id, RouteStage.IDENTIFY, -1, Map.of("outerCone", "DAC40740036/34"), AT);
        mvc.perform(get("/jobs/" + id + "/set"))
                .andExpect(content()
                        .string(allOf(
                                containsString("Axle nut tightened to"),
                                org.hamcrest.Matchers.not(containsString("pinHolesDeg")))));
        mvc.perform(post("/jobs/" + id + "/set")
                        .with(csrf())
                        .param("version", "-1")
                        .param("torque", "250")
                        .param("maker", "250")
                        .param("newNut", "yes")
                        .param("tick-nut", "yes"))
                .andExpect(redirectedUrl("/jobs/" + id + "/prove"));
        assertThat(jobs.view(id).orElseThrow().sheet().number(FactKey.AXLE_NUT)).isEqualTo(250);
        long bike = vehicles.add(new VehicleInput("bicycle", "Set bicycle", "SE 2", "X.Y.", "km", 2000.0, "wet", 1))
                .id();
        long other = jobs.open(bike, "front", AT);
        jobs.keep(other, RouteStage.IDENTIFY, -1, Map.of("outerCone", "6902-2RS", "innerCone", "6902-2RS"), AT);
        mvc.perform(get("/jobs/" + other + "/set"))
                .andExpect(content()
                        .string(allOf(containsString("Between the shoulders"), containsString("value=\"6902-2RS\""))));
        assertThat(jobs.keep(
                        other,
                        RouteStage.SET,
                        -1,
                        Map.of("designation", "6902-2RS", "layout", "both", "spacer", "59.98", "shoulders", "60"),
                        AT))
                .isEqualTo(JobService.Kept.DONE);
        assertThat(jobs.view(other).orElseThrow().sheet().number(FactKey.SPACER))
                .isEqualTo(59.98);
    }

    @Test
    void anAnswerWithoutAStageGoesBesideTheStagesOfAJob() throws Exception {
        long vehicle = vehicles.add(
                        new VehicleInput("trailer", "Note trailer", "NO 1", "X.Y.", "none", 2000.0, "wet", 1))
                .id();
        long id = jobs.open(vehicle, "axle1-left", AT);
        mvc.perform(get("/bench/viscosity?nu40=220&nu100=19.5&temperature=70&rpm=800&pitchMm=40"))
                .andExpect(content().string(containsString("/jobs/" + id + "/numbers/viscosity?nu100=19.5")));
    }

    @Test
    void anAnswerOfTheBenchOpensSetInThatWay() throws Exception {
        long vehicle = vehicles.add(
                        new VehicleInput("motorcycle", "Shim motorcycle", "SH 1", "X.Y.", "h", 100.0, "off-road", 1))
                .id();
        long id = jobs.open(vehicle, "gearbox", AT);
        mvc.perform(get("/bench/preload?place=pinion&torque=2.5"))
                .andExpect(content().string(containsString("/jobs/" + id + "/set?by=torque")));
        mvc.perform(get("/bench/stack?template=case"))
                .andExpect(content().string(containsString("/jobs/" + id + "/set?by=stack")));
        mvc.perform(get("/jobs/" + id + "/set?by=torque&torque=2.5"))
                .andExpect(content()
                        .string(allOf(containsString("Taken from the bench"), containsString("name=\"scale\""))));
        mvc.perform(get("/jobs/" + id + "/set"))
                .andExpect(content()
                        .string(allOf(
                                containsString("In the case: shoulders"),
                                org.hamcrest.Matchers.not(containsString("pinHolesDeg")))));
    }

    @Test
    void aStackIsKeptInAJobAndRefusedLinesStayAsTyped() throws Exception {
        long vehicle = vehicles.add(
                        new VehicleInput("motorcycle", "Stack motorcycle", "ST 1", "X.Y.", "h", 100.0, "off-road", 1))
                .id();
        long id = jobs.open(vehicle, "gearbox", AT);
        mvc.perform(post("/jobs/" + id + "/set")
                        .with(csrf())
                        .param("version", "-1")
                        .param("by", "stack")
                        .param("outer", "recess; deep")
                        .param("inner", "spigot; 4.10")
                        .param("min", "0.02")
                        .param("max", "0.08"))
                .andExpect(content()
                        .string(allOf(
                                containsString("Kept as a draft"),
                                containsString("recess; deep"),
                                containsString("Line 1: "))));
        mvc.perform(post("/jobs/" + id + "/set")
                        .with(csrf())
                        .param("version", "0")
                        .param("by", "stack")
                        .param("outer", "recess; 6.35; 0.01; aluminium\ngasket; 0.25")
                        .param("inner", "spigot; 4.10")
                        .param("min", "0.02")
                        .param("max", "0.08")
                        .param("shims", "1.00 x 2\n0.30 x 2\n0.15 x 2"))
                .andExpect(redirectedUrl("/jobs/" + id + "/prove"));
        assertThat(jobs.view(id).orElseThrow().sheet().text(FactKey.SHIMS)).isEqualTo("1.00 + 1.00 + 0.30 + 0.15 mm");
        mvc.perform(get("/jobs/" + id + "/set"))
                .andExpect(content()
                        .string(allOf(
                                containsString("Take these shims off the shelf"),
                                containsString("value=\"1 1 0.3 0.15\""))));
        mvc.perform(get("/jobs/" + id + "/report"))
                .andExpect(content()
                        .string(allOf(containsString("1.00 + 1.00 + 0.30 + 0.15"), containsString("id=\"section\""))));
    }

    @Test
    void fitDrawsTheShaftOfAPlaceThatIsNoWheels() throws Exception {
        long vehicle = vehicles.add(
                        new VehicleInput("motorcycle", "Shaft motorcycle", "SH 2", "X.Y.", "h", 100.0, "off-road", 1))
                .id();
        long id = jobs.open(vehicle, "crank", AT);
        assertThat(jobs.keep(
                        id,
                        RouteStage.FIT,
                        -1,
                        Map.of(
                                "designation",
                                "6305/C3",
                                "ring",
                                "inner",
                                "seat",
                                "k5",
                                "arrangement",
                                "two-tight",
                                "leftBearing",
                                "6305/C3",
                                "rightBearing",
                                "6305/C3"),
                        AT))
                .isEqualTo(JobService.Kept.DONE);
        mvc.perform(get("/jobs/" + id + "/report"))
                .andExpect(content().string(allOf(containsString("held twice"), containsString("side-loads"))));
        mvc.perform(get("/bench/arrangement?arrangement=needle-pivot&leftBearing=HK2520&rightBearing=HK2520"))
                .andExpect(content()
                        .string(allOf(
                                containsString("once each way"),
                                containsString("/jobs/" + id + "/fit?arrangement=needle-pivot"))));
    }
}
