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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.core.tools.practice.Lesson;

/** Lessons hide their truth until they are answered, and count the first answer alone. */
@Served
@Transactional
class PracticeTest {

    private static final long SEED = 4711;

    @Autowired
    private MockMvc web;

    private String page(String address) throws Exception {
        return web.perform(get(address))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private static Lesson<?> lesson(String code) {
        return Lesson.all().stream()
                .filter(l -> l.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"worn-ring", "caliper", "seat", "races"})
    void theTruthStandsNowhereBeforeItIsOpened(String code) throws Exception {
        for (int level = 1; level <= Lesson.LEVELS; level++) {
            String shown = page("/practice/" + code + "?level=" + level + "&seed=" + SEED)
                    .replaceAll("(?s)<select.*?</select\\s*>", "");
            for (Lesson.Judged one : lesson(code).judge(SEED, level, List.of())) {
                assertThat(shown).doesNotContain(one.truth()).doesNotContain(one.why());
            }
        }
    }

    @Test
    void theTruthIsOpenedAfterwardsAndTheFirstAnswerCounts() throws Exception {
        String truth = lesson("worn-ring").judge(SEED, 1, List.of()).get(0).truth();
        web.perform(post("/practice/worn-ring")
                        .with(csrf())
                        .param("level", "1")
                        .param("seed", String.valueOf(SEED))
                        .param("who", "a.b.")
                        .param("answer-0", truth))
                .andExpect(content()
                        .string(allOf(
                                containsString("1 of 5"),
                                containsString("Not passed yet"),
                                containsString("Answered: " + "nothing"))));
        web.perform(post("/practice/worn-ring")
                .with(csrf())
                .param("level", "1")
                .param("seed", String.valueOf(SEED))
                .param("who", "A.B."));
        assertThat(page("/practice")).contains("Decode a worn ring, level 1", "A.B.", "29 % of 5");
        assertThat(page("/practice.csv")).contains("A.B.,worn-ring,1,5,1,0.286");
    }

    @Test
    void anAddressIsALesson() throws Exception {
        String first = page("/practice/races?level=2&seed=9").replaceAll("name=\"_csrf\" value=\"[^\"]*\"", "");
        assertThat(page("/practice/races?level=2&seed=9").replaceAll("name=\"_csrf\" value=\"[^\"]*\"", ""))
                .isEqualTo(first);
        web.perform(get("/practice/races")).andExpect(status().is3xxRedirection());
        web.perform(get("/practice/nothing?seed=1")).andExpect(status().isNotFound());
        web.perform(get("/practice/races?level=99&seed=-5")).andExpect(status().isOk());
    }
}
