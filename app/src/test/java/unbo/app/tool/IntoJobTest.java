package unbo.app.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.net.URI;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.app.job.JobService;
import unbo.core.stage.RouteStage;

@Served
@ExtendWith(LoadedDemo.class)
@Transactional
class IntoJobTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Test
    void aNutFromTheBenchOpensTheSetStageWithItsInputsUnkept() throws Exception {
        List<IntoJob> links = IntoJob.links(
                        jobs.underWay(0, 12),
                        RouteStage.SET,
                        Map.of(
                                "pitch",
                                "3/4-16 & more",
                                "slots",
                                "8",
                                "pinHolesDeg",
                                "0 90",
                                "freeAngleDeg",
                                "33",
                                "other",
                                "x"))
                .stream()
                .filter(l -> l.words().contains("Cutter cradle"))
                .toList();
        assertThat(links).isNotEmpty();
        assertThat(links.get(0).address())
                .contains("pitch=3%2F4-16%20%26%20more")
                .doesNotContain("other");
        String stage = URI.create(links.get(0).address()).getPath();
        mvc.perform(get(URI.create(links.get(0).address())))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("value=\"3/4-16 &amp; more\"")))
                .andExpect(content().string(containsString("Taken from the bench")));
        mvc.perform(get(stage)).andExpect(content().string(not(containsString("3/4-16 &amp; more"))));
    }

    @Test
    void benchPagesOfferTheOpenJobs() throws Exception {
        for (String page : new String[] {"nut", "hub-grease", "end-play", "service-due"}) {
            mvc.perform(get("/bench/" + page))
                    .andExpect(content().string(containsString("Put into a job")))
                    .andExpect(content().string(containsString("Cutter cradle")));
        }
        mvc.perform(get("/bench/match")).andExpect(content().string(containsString("/numbers/match?")));
    }

    @Test
    void theWholeTurnIsThereBehindOneTouch() throws Exception {
        mvc.perform(get("/bench/nut")
                        .param("pitch", "1.5")
                        .param("slots", "6")
                        .param("pinHolesDeg", "0 90")
                        .param("freeAngleDeg", "0"))
                .andExpect(content().string(containsString("All 12 positions")))
                .andExpect(content().string(containsString("330°")));
    }
}
