package unbo.app.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.app.job.JobState;
import unbo.app.job.OpenLine;
import unbo.app.timer.TimerLine;

@Served
@ExtendWith(LoadedDemo.class)
class WallPagesTest {

    private static final Optional<WallPages.Now> PLAN = Optional.of(new WallPages.Now("#7 Strip", "10:00 to 10:40", 7));

    @Autowired
    private MockMvc mvc;

    private static OpenLine job(long id, JobState state) {
        return new OpenLine(id, "Van " + id, "van", "front-left", "", Instant.EPOCH, state, "a seal", "");
    }

    private static TimerLine timer(boolean over) {
        return new TimerLine(1, 12, "Compound cures", over ? "done" : "20 min", over);
    }

    @Test
    void whatHasRunOutComesFirstThenTheJobThatIsOpenLongestAndWaitsForNothing() {
        List<OpenLine> open = List.of(job(3, JobState.OPEN), job(2, JobState.OPEN), job(1, JobState.WAITING));
        assertThat(WallPages.now(List.of(timer(true)), open, PLAN)).get().satisfies(now -> {
            assertThat(now.what()).isEqualTo("Compound cures: time is up");
            assertThat(now.job()).isEqualTo(12);
        });
        assertThat(WallPages.now(List.of(timer(false)), open, Optional.empty()))
                .get()
                .extracting(WallPages.Now::job)
                .isEqualTo(2L);
        assertThat(WallPages.now(List.of(timer(false)), open, PLAN)).isEqualTo(PLAN);
        assertThat(WallPages.now(List.of(), List.of(job(1, JobState.WAITING)), Optional.empty()))
                .isEmpty();
    }

    @Test
    void theWallShowsWhatIsUnderWayAndAsksAgainByItself() throws Exception {
        mvc.perform(get("/wall"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("hx-trigger=\"every 20s\"")))
                .andExpect(content().string(containsString("Cutter cradle")))
                .andExpect(content().string(containsString("Due today")));
    }
}
