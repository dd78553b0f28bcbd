package unbo.app.board;

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

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;

/** The pages around the job, on the demo workshop; every test is rolled back. */
@Served
@ExtendWith(LoadedDemo.class)
@Transactional
class WorkshopTest {

    @Autowired
    private MockMvc mvc;

    private ResultActions page(String address) throws Exception {
        return mvc.perform(get(address)).andExpect(status().isOk());
    }

    @Test
    void theBoardShowsOpenJobsWithTheirNextActionAndWhatIsDue() throws Exception {
        page("/")
                .andExpect(content().string(containsString("Cutter cradle")))
                .andExpect(content().string(containsString("waiting for seal 50x72x10")))
                .andExpect(content().string(containsString("23 of 20 immersions")));
    }

    @Test
    void searchFindsNamesMarksAndNumbersFromRings() throws Exception {
        page("/ask?q=launcher").andExpect(content().string(containsString("Rowing gig launcher")));
        page("/ask?q=HB 690").andExpect(content().string(containsString("Net-loft van")));
        page("/ask?q=lm67048").andExpect(content().string(containsString("Dory trailer")));
        page("/ask?q=%25%25%25").andExpect(content().string(containsString("Not read: is it a complaint?")));
    }

    @Test
    void aVehicleIsAddedPutRightAndRefusedInSentences() throws Exception {
        mvc.perform(post("/vehicles")
                        .with(csrf())
                        .param("kind", "trailer")
                        .param("name", "")
                        .param("counterUnit", "km")
                        .param("use", "wet")
                        .param("mark", "kept"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Name is needed")))
                .andExpect(content().string(containsString("value=\"kept\"")));
        mvc.perform(post("/vehicles")
                        .with(csrf())
                        .param("kind", "trailer")
                        .param("name", "Punt & <b>trailer</b>")
                        .param("counterUnit", "km")
                        .param("use", "wet"))
                .andExpect(redirectedUrlPattern("/vehicles/*"));
        page("/vehicles")
                .andExpect(content().string(containsString("Punt &amp; &lt;b&gt;trailer")))
                .andExpect(content().string(not(containsString("<b>trailer</b>"))));
    }

    @Test
    void immersionsAreWrittenDownOrRefusedWithWhatWasTypedKept() throws Exception {
        String vehicle = mvc.perform(post("/vehicles")
                        .with(csrf())
                        .param("kind", "trailer")
                        .param("name", "Wet one")
                        .param("counterUnit", "none")
                        .param("use", "immersed"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        mvc.perform(post(vehicle + "/immersions")
                        .with(csrf())
                        .param("day", "2026-05-01")
                        .param("times", "2")
                        .param("note", "spring tide"))
                .andExpect(redirectedUrl(vehicle));
        page(vehicle).andExpect(content().string(containsString("spring tide")));
        var refused = mvc.perform(post(vehicle + "/immersions")
                        .with(csrf())
                        .param("day", "2026-05-01")
                        .param("times", "lots"))
                .andReturn();
        mvc.perform(get(vehicle).cookie(refused.getResponse().getCookie("said")))
                .andExpect(content().string(containsString("not a whole number")))
                .andExpect(content().string(containsString("value=\"lots\"")));
    }

    @Test
    void aPlaceOfOnesOwnIsAddedWithItsKindAndRefusedInSentences() throws Exception {
        String vehicle = mvc.perform(post("/vehicles")
                        .with(csrf())
                        .param("kind", "other")
                        .param("name", "Slip winch")
                        .param("counterUnit", "h")
                        .param("use", "wet"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        String[][] refused = {{"", "pulley", "in 1 to 16 letters"}, {"Cable drum", "", "what kind of place"}};
        for (String[] one : refused) {
            var answer = place(vehicle, one[0], one[1]);
            mvc.perform(get(vehicle).cookie(answer.getResponse().getCookie("said")))
                    .andExpect(content().string(containsString(one[2])))
                    .andExpect(content().string(containsString("value=\"" + one[0] + "\"")));
        }
        place(vehicle, "Cable drum", "gearbox-shaft");
        page(vehicle).andExpect(content().string(containsString("<b>cable drum</b>")));
        var twice = place(vehicle, "cable  drum", "pulley");
        mvc.perform(get(vehicle).cookie(twice.getResponse().getCookie("said")))
                .andExpect(content().string(containsString("of this name already")));
        String[] job = page("/visits/new?vehicle=" + vehicle.replaceAll("\\D", ""))
                .andReturn()
                .getResponse()
                .getContentAsString()
                .split("own\\.cable-drum", -1);
        assertThat(job.length).isGreaterThan(1);
    }

    private MvcResult place(String vehicle, String name, String assembly) throws Exception {
        return mvc.perform(post(vehicle + "/places")
                        .with(csrf())
                        .param("name", name)
                        .param("assembly", assembly))
                .andReturn();
    }

    @Test
    void settingsChangeTheUnitThatABareNumberTakes() throws Exception {
        mvc.perform(post("/settings")
                        .with(csrf())
                        .param("name", "Inch yard")
                        .param("units", "INCH")
                        .param("settingSchool", "D")
                        .param("serviceSchool", "yearly"))
                .andExpect(redirectedUrl("/settings"));
        mvc.perform(get("/bench/nut")
                        .param("pitch", "16 tpi")
                        .param("slots", "6")
                        .param("pinHolesDeg", "0")
                        .param("freeAngleDeg", "0")
                        .param("endPlayMax", "0.005"))
                .andExpect(content().string(containsString("0.127 mm = 0.005 in")))
                .andExpect(content().string(containsString("Inch yard")));
        mvc.perform(get("/bench/nut")
                        .param("pitch", "16 tpi")
                        .param("slots", "6")
                        .param("pinHolesDeg", "0")
                        .param("freeAngleDeg", "43"))
                .andExpect(content().string(containsString("<span>0.003</span> <small>in</small>")));
    }

    @Test
    void everyBenchQuestionAnswersItsExampleAndItsAddress() throws Exception {
        for (String name :
                new String[] {"decode", "match", "hub-grease", "grease", "grease-mix", "end-play", "service-due"}) {
            page("/bench/" + name)
                    .andExpect(content().string(containsString("class=\"figure")))
                    .andExpect(content().string(not(containsString("No answer yet"))));
        }
        page("/bench/match?cone=L44649&cup=L44610").andExpect(content().string(containsString("listed as a set")));
        mvc.perform(get("/bench/nothing")).andExpect(status().isNotFound());
    }

    @Test
    void formsWithoutTheirTokenAreRefused() throws Exception {
        mvc.perform(post("/settings").param("name", "x")).andExpect(status().isForbidden());
    }
}
