package unbo.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.anyOf;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsInAnyOrder;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

import unbo.app.Served;

/** Whole assemblies by JSON. */
@Served
class AssemblyApiTest {

    private static final String PARTS = "'parts':[{'code':'seal','kind':'seal','on':'housing','order':1},"
            + "{'code':'b','kind':'bearing','on':'housing','order':2}],";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private ObjectMapper mapper;

    private ResultActions send(String call, String body) throws Exception {
        return mvc.perform(post("/api/v1/assembly/" + call)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body.replace('\'', '"')));
    }

    private JsonNode plan(String body) throws Exception {
        return mapper.readTree(send("apart", body)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private static JsonNode step(JsonNode plan, String part) {
        for (JsonNode step : plan.get("steps")) {
            if (step.get("part").asText().equals(part)) {
                return step;
            }
        }
        throw new AssertionError("no step for " + part);
    }

    @Test
    void everyKindIsTold() throws Exception {
        mvc.perform(get("/api/v1/assemblies"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.kinds", hasSize(17)))
                .andExpect(jsonPath("$.kinds[0].code").value("adjustable-taper"))
                .andExpect(jsonPath("$.kinds[0].turns").value("housing"))
                .andExpect(jsonPath("$.kinds[0].vehicles", hasItem("trailer")))
                .andExpect(jsonPath("$.kinds[0].places[*].code", containsInAnyOrder("outer", "inner")))
                .andExpect(jsonPath(
                        "$.kinds[0].parts[*].code",
                        containsInAnyOrder(
                                "cap",
                                "pin",
                                "nut",
                                "washer",
                                "outer-cone",
                                "hub",
                                "seal",
                                "inner-cone",
                                "inner-cup",
                                "outer-cup",
                                "wear-ring")))
                .andExpect(jsonPath("$.kinds[0].required", hasItems("end-play", "nut-locked")))
                .andExpect(jsonPath("$.kinds[0].due").value("counter"))
                .andExpect(jsonPath("$.kinds[0].dueBy", contains("km", "months", "immersions")))
                .andExpect(jsonPath("$.kinds[?(@.code=='unit-bolted')].stages[*]", not(hasItem("grease"))))
                .andExpect(jsonPath("$.kinds[*].parts[*].on", everyItem(anyOf(is("shaft"), is("housing")))));
    }

    @Test
    void aTrailerHubLosesSealAndPinAlone() throws Exception {
        JsonNode plan = plan("{'kind':'adjustable-taper','options':{'notches':true}}");

        assertThat(plan.get("spoiled")).extracting(JsonNode::asText).containsExactlyInAnyOrder("seal", "pin");
        double minutes = 0;
        for (JsonNode step : plan.get("steps")) {
            minutes += step.get("minutes").asDouble();
        }
        assertThat(plan.get("minutes").asDouble()).isEqualTo(minutes);
        assertThat(step(plan, "outer-cup").get("method").asText()).isEqualTo("drift");
        assertThat(step(plan, "outer-cup").get("through").asText()).isEqualTo("tight-ring");
        assertThat(step(plan, "outer-cup").get("ring").asText()).isEqualTo("outer");
        assertThat(step(plan, "outer-cup").get("forceKN")).hasSize(2);
        assertThat(step(plan, "seal").get("measureFirst").get(0).asText()).contains("Depth");
        assertThat(plan.get("level").asText()).isEqualTo("right");
    }

    @Test
    void withoutADriftItIsPressed() throws Exception {
        JsonNode plan = plan("{'kind':'adjustable-taper','options':{'notches':true},"
                + "'tools':['press','tube','hammer','splitter','expander']}");

        assertThat(step(plan, "inner-cup").get("method").asText()).isEqualTo("press-far");
    }

    @Test
    void theSpacersSumDecidesBetweenDriftAndPuller() throws Exception {
        String wheel = "{'kind':'ball-pair','options':{'spacerMaterial':'soft','spacerChamferMm':%s,'cornerMm':0.3}}";

        JsonNode flat = plan(wheel.formatted("0"));
        JsonNode chamfered = plan(wheel.formatted("'0.5 mm'"));

        assertThat(step(flat, "left-bearing").get("method").asText()).isEqualTo("drift");
        assertThat(step(chamfered, "left-bearing").get("method").asText()).isEqualTo("expanding-puller");
        for (JsonNode plan : new JsonNode[] {flat, chamfered}) {
            assertThat(plan.get("spoiled")).extracting(JsonNode::asText).contains("left-bearing", "right-bearing");
            assertThat(plan.get("level").asText()).isEqualTo("watch");
        }
    }

    @Test
    void whatIsToBeUsedAgainAndCannotBeIsAStop() throws Exception {
        JsonNode plan = plan("{'kind':'cartridge-knuckle','keep':['cartridge']}");

        assertThat(plan.get("level").asText()).isEqualTo("stop");
        assertThat(plan.get("cost").asDouble()).isGreaterThan(1000);
    }

    @Test
    void aTaperWhereBallsAreIsSaid() throws Exception {
        JsonNode plan = plan("{'kind':'ball-pair','numbers':{'left':'30204','right':'6204'}}");

        assertThat(plan.get("findings")).extracting(f -> f.get("code").asText()).containsOnlyOnce("other-kind");
        assertThat(plan("{'kind':'adjustable-taper','numbers':{'outer':'30204'}}")
                        .get("findings"))
                .extracting(f -> f.get("code").asText())
                .doesNotContain("other-kind");
    }

    @Test
    void aRollerMainIsKnownByItsNumber() throws Exception {
        JsonNode plan = plan("{'kind':'crank','numbers':{'right':'NU205'}}");

        assertThat(step(plan, "crank").get("through").asText()).isEqualTo("none");
        assertThat(step(plan, "right-inner-ring").get("method").asText()).isEqualTo("splitter");
    }

    @Test
    void aShoulderOnBothSidesIsRefusedWithThePartAndTheReason() throws Exception {
        send("apart", "{'kind':'pulley','options':{'shoulder':'both'}}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.errors[0].field").value("only-bearing"))
                .andExpect(jsonPath("$.detail", containsString("both sides")));
    }

    @Test
    void ownPartsAreTakenApart() throws Exception {
        JsonNode plan = plan("{" + PARTS + "'joints':[{'part':'seal','joint':'light-press','exit':'inboard'},"
                + "{'part':'b','joint':'press','exit':'inboard','shoulder':'outboard','interferenceUm':30}]}");

        assertThat(plan.get("steps")).extracting(s -> s.get("part").asText()).containsExactly("seal", "b");
        assertThat(step(plan, "b").get("through").asText()).isEqualTo("elements");
        assertThat(plan.get("spoiled")).extracting(JsonNode::asText).containsExactly("seal", "b");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'kind':'pulley','colour':1} | colour",
                "{'kind':'pulley','options':{'colour':true}} | options.colour",
                "{'kind':'pulley','numbers':{'left':'6204'}} | numbers.left",
                "{'kind':'pulley','keep':'bolt'} | keep",
                "{'kind':'ball-pair','options':{'shoulder':'three'}} | options.shoulder",
                "{'kind':'pulley','seats':{}} | seats",
                "{'parts':[{'code':'a','kind':'seal','on':'housing','order':1,'x':2}],'joints':[]} | parts[0].x"
            })
    void whatIsNoMemberIsRefusedByItsPath(String body, String path) throws Exception {
        send("apart", body).andExpect(status().isBadRequest()).andExpect(jsonPath("$.errors[*].field", hasItem(path)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{} | kind",
                "{'kind':'wheel'} | kind",
                "{'kind':'pulley','tools':['spoon']} | tools[0]",
                "{'kind':'pulley','keep':['spoon']} | keep",
                "{'kind':'ball-pair','options':{'cornerMm':99}} | options.cornerMm",
                "{'kind':'ball-pair','options':{'shoulder':'inboard'}} | options.shoulder",
                "{'parts':[{'code':'a','kind':'spoon','on':'housing','order':1}],'joints':[]} | parts[0].kind"
            })
    void whatCannotBeIsRefusedByItsPath(String body, String path) throws Exception {
        send("apart", body)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.errors[*].field", hasItem(path)));
    }

    @Test
    void theWayBackHasItsClearances() throws Exception {
        send(
                        "together",
                        "{'kind':'ball-pair','numbers':{'left':'6204','right':'6204'},"
                                + "'seats':{'left':{'inner':{'seat':'k5'},'outer':{'seat':'N7'}},"
                                + "'right':{'outer':{'measured':{'minMm':46.98,'maxMm':46.985}}}}}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.steps[0].part").value("left-bearing"))
                .andExpect(jsonPath("$.clearances", hasSize(2)))
                .andExpect(jsonPath("$.clearances[0].um.min").isNumber())
                .andExpect(jsonPath("$.clearances[0].counted", startsWith("both seats")))
                .andExpect(jsonPath("$.clearances[1].counted", startsWith("outer seat")))
                .andExpect(jsonPath("$.minutes", greaterThan(10.0)))
                .andExpect(jsonPath("$.findings[0].code").value("preload"));
    }

    @Test
    void anAdjustedPairHasNone() throws Exception {
        send("together", "{'kind':'pinion'}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.clearances[0].um").isEmpty())
                .andExpect(jsonPath("$.clearances[0].counted", startsWith("set by the nut")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'kind':'ball-pair','seats':{'left':{'inner':{'seat':'N7'}}}} | seats.left.inner.seat",
                "{'kind':'ball-pair','seats':{'left':{'inner':{'measured':{'minMm':30,'maxMm':31}}}}} | "
                        + "seats.left.inner.measured"
            })
    void aSeatThatIsNoneIsRefused(String body, String path) throws Exception {
        send("together", body)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.errors[*].field", hasItem(path)));
    }
}
