package unbo.app.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.core.tools.practice.Work;

/** Work on something hidden goes on where it was left; its truth is on no page before its end. */
@Served
@Transactional
class WorkTest {

    @Autowired
    private MockMvc web;

    @Autowired
    private PracticeRecord record;

    private String begun(String what, String seed) throws Exception {
        return web.perform(post("/practice/work")
                        .with(csrf())
                        .param("begin", what)
                        .param("seed", seed)
                        .param("who", "wt"))
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
    }

    private void move(String at, String move) throws Exception {
        web.perform(post(at + "/moves").with(csrf()).param("move", move)).andExpect(status().is3xxRedirection());
    }

    private String page(String at) throws Exception {
        return web.perform(get(at))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void aNutIsSetMoveByMoveAndMarkedAtTheEnd() throws Exception {
        String at = begun("nut-1", "11");
        assertThat(page(at)).contains("Tighten it, the hub turning", "data-drawing=\"practice-nut\"");
        for (String move : new String[] {"tight", "out", "out", "nonsense", "read"}) {
            move(at, move);
        }
        assertThat(page(at))
                .contains("Indicator, pushed and pulled")
                .doesNotContain("nonsense", "once all has settled");
        move(at, "old-pin");
        assertThat(page(at)).contains("Not passed", "The old cotter pin", "The best hand");
        // what is over stays as it is
        move(at, "tight");
        assertThat(page(at)).contains("Not passed");
        assertThat(record.lines())
                .filteredOn(line -> line.who().equals("WT"))
                .singleElement()
                .satisfies(line -> {
                    assertThat(line.lesson()).isEqualTo("nut");
                    assertThat(line.skill().right()).isZero();
                });
        web.perform(get("/practice")).andExpect(content().string(containsString("Set the nut, level 1")));
    }

    /** Before the end a cause stands on the page once, as a choice among all, the true one like any other. */
    @Test
    void theCauseIsNamedAmongAllAndNowhereElse() throws Exception {
        String at = begun("diagnose-1", "4");
        Work work = Work.all().get(0);
        List<String> best = work.best(4, 1);
        String truth = best.get(best.size() - 1);
        for (String move : best.subList(0, best.size() - 1)) {
            move(at, move);
        }
        String page = page(at);
        assertThat(page).contains("Name the cause").doesNotContain("It was:", "The best hand");
        assertThat(page.split(java.util.regex.Pattern.quote(truth), -1)).hasSize(2);
        move(at, truth);
        assertThat(page(at)).contains("Passed", "The best hand");
    }

    @Test
    void whatIsNoWorkIsNotFound() throws Exception {
        web.perform(post("/practice/work").with(csrf()).param("begin", "dance-1"))
                .andExpect(status().isNotFound());
        web.perform(get("/practice/work/987654321")).andExpect(status().isNotFound());
    }

    /** A recording is played by its number; of a lesson without recordings there is none. */
    @Test
    void recordingsArePlayed() throws Exception {
        byte[] wav = web.perform(get("/practice/hear/1/7/0.wav"))
                .andExpect(content().contentType("audio/wav"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(wav).hasSizeGreaterThan(100_000).startsWith('R', 'I', 'F', 'F');
        web.perform(get("/practice/hear?level=1&seed=7"))
                .andExpect(content().string(containsString("/practice/hear/1/7/4.wav")));
        web.perform(get("/practice/hear/1/7/0/spectrum"))
                .andExpect(content()
                        .string(allOf(
                                containsString("name=\"spectrum\" value=\"0\""),
                                containsString("data-drawing=\"practice-spectrum\""))));
        web.perform(post("/practice/hear")
                        .with(csrf())
                        .param("level", "1")
                        .param("seed", "7")
                        .param("spectrum", "0", "3"))
                .andExpect(content().string(containsString("2 of 5 spectra were looked at")));
        web.perform(get("/practice/seat/1/7/0.wav")).andExpect(status().isNotFound());
        web.perform(get("/practice/hear/1/7/5.wav")).andExpect(status().isNotFound());
    }
}
