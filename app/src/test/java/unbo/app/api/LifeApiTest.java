package unbo.app.api;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

import unbo.app.Served;

/** Inside, speed, friction, shafts and upgrades, by JSON. */
@Served
class LifeApiTest {

    @Autowired
    private MockMvc mvc;

    private ResultActions json(String call, String body) throws Exception {
        return mvc.perform(
                post("/api/v1/" + call).contentType(MediaType.APPLICATION_JSON).content(body.replace('\'', '"')));
    }

    @Test
    void theInsideOfABearing() throws Exception {
        json("inside", "{'boreMm':25,'outsideMm':52,'widthMm':15}")
                .andExpect(jsonPath("$.geometry.elements").value(9))
                .andExpect(jsonPath("$.cN").value(closeTo(14_100, 150), Double.class))
                .andExpect(jsonPath("$.ratingsEstimated").value(true));
        json(
                        "inside",
                        "{'designation':'6205','geometry':{'elements':8,'elementMm':7.94,"
                                + "'pitchMm':38.5,'contactDeg':0},'cN':14000,'c0N':7800}")
                .andExpect(jsonPath("$.geometryEstimated").value(false))
                .andExpect(jsonPath("$.cN").value(14000.0))
                .andExpect(jsonPath("$.ratingsEstimated").value(false));
        json("inside", "{'designation':'L44643/L44610'}")
                .andExpect(jsonPath("$.cN").value(greaterThan(20_000.0), Double.class));
    }

    @Test
    void twoCandidatesAtOneRoadSpeed() throws Exception {
        json(
                        "speed",
                        "{'speedKmh':60,'rollingRadiusM':0.3,'through':'43:15; "
                                + "60:13','geometry':{'elements':9,'elementMm':7.97,'pitchMm':38.5,"
                                + "'contactDeg':0},'otherElements':18,'otherElementMm':4,'otherPitchMm':38.5}")
                .andExpect(jsonPath("$.rpm").value(closeTo(7019, 1), Double.class))
                .andExpect(jsonPath("$.verdict").value("fine"))
                .andExpect(jsonPath("$.other.verdict").value("wrong"))
                .andExpect(jsonPath("$.spinRatio").value(closeTo(2.06, 0.01), Double.class));
        json("speed", "{'speedKmh':60,'rollingRadiusM':0.3,'designation':'6205'}")
                .andExpect(jsonPath("$.other").isEmpty())
                .andExpect(jsonPath("$.nDmLimit").value(500_000.0));
    }

    @Test
    void aShaftUnderAPulleyAndAGear() throws Exception {
        json(
                        "shaft-life",
                        "{'spreadMm':100,'rpm':1500,'loads':[{'at':-40,'vertical':-1000}],"
                                + "'left':{'designation':'6205'},'right':{'cN':14000,'c0N':7900}}")
                .andExpect(jsonPath("$.left.verticalN").value(closeTo(1400, 1e-6), Double.class))
                .andExpect(jsonPath("$.right.verticalN").value(closeTo(-400, 1e-6), Double.class))
                .andExpect(jsonPath("$.right.ratingsEstimated").value(false))
                .andExpect(jsonPath("$.systemLifeHours").value(greaterThan(0.0), Double.class));
    }

    @Test
    void whatAnUpgradeSaves() throws Exception {
        json(
                        "worth",
                        "{'designation':'6902','loadN':450,'rpm':190,'nu':60,'bearings':4,"
                                + "'hoursAYear':300,'kmAYear':5400,'candidates':[{'name':'sealed',"
                                + "'seals':'contact','balls':'steel','price':6,'hours':0.5},{'name':'hybrid',"
                                + "'seals':'low-drag','balls':'hybrid','price':38,'hours':2}]}")
                .andExpect(jsonPath("$.candidates", hasSize(2)))
                .andExpect(jsonPath("$.candidates[0].perWatt").isEmpty())
                .andExpect(jsonPath("$.candidates[1].savedW").value(greaterThan(1.0), Double.class));
    }

    @Test
    void oilThatStandsTooHighDragsMore() throws Exception {
        json("friction", "{'designation':'6205','loadN':400,'rpm':3000,'nu':100,'lubricant':'oil','oilLevel':8}")
                .andExpect(jsonPath("$.lubricantNmm").value(closeTo(54.3, 0.2), Double.class))
                .andExpect(jsonPath("$.warmK").value(closeTo(35, 1), Double.class));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "inside|{'designation':'yard'}|count its elements",
                "speed|{'speedKmh':60,'rollingRadiusM':0.3,'designation':'6205','through':'chain'}|is no ratio",
                "shaft-life|{'spreadMm':90,'rpm':900,'loads':[{'at':0}],"
                        + "'left':{'designation':'6205'},'right':{'designation':'6205'}}|No force is written",
                "worth|{'designation':'6902','loadN':450,'rpm':190,'nu':60,'hoursAYear':300,"
                        + "'kmAYear':5400,'candidates':[{'name':'one','seals':'none','balls':'steel',"
                        + "'price':6,'hours':1}]}|at least two"
            })
    void whatCannotBeIsASentence(String call, String body, String says) throws Exception {
        json(call, body)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString(says)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "shaft-life|{'spreadMm':90,'rpm':900,'loads':[{'at':0,'up':3}],"
                        + "'left':{'designation':'6205'},'right':{'designation':'6205'}}",
                "inside|{'geometry':{'balls':9}}",
                "worth|{'designation':'6902','mood':1}",
                "shaft-life|{'left':{'mood':1}}",
                "shaft-life|{'lubrication':{'rpm':1}}"
            })
    void anUnknownMemberIsRefused(String call, String body) throws Exception {
        json(call, body).andExpect(status().isBadRequest());
    }

    @Test
    void theyAreDescribed() throws Exception {
        String api =
                mvc.perform(get("/api/openapi.json")).andReturn().getResponse().getContentAsString();
        org.assertj.core.api.Assertions.assertThat(api)
                .contains("/api/v1/inside", "/api/v1/shaft-life", "/api/v1/worth");
    }
}
