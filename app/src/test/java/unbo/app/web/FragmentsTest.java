package unbo.app.web;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

import unbo.app.Served;

/** A request for a part gets a part; a page that is opened, and one that is followed to, is whole. */
@Served
class FragmentsTest {

    @Autowired
    private MockMvc mvc;

    @ParameterizedTest
    @ValueSource(strings = {"/bench/wheel-life", "/bench/nut", "/bench/stack", "/bench/race-map"})
    void aPartIsAnsweredWithoutTheHeadOfThePage(String page) throws Exception {
        mvc.perform(get(page).header("HX-Request", "true"))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("id=\"" + (page.endsWith("nut") ? "nut-answer" : "answer") + "\""),
                                not(containsString("<head>")),
                                not(containsString("id=\"shortcuts\"")))));
        mvc.perform(get(page).header("HX-Request", "true").header("HX-Boosted", "true"))
                .andExpect(content().string(allOf(containsString("<head>"), containsString("id=\"shortcuts\""))));
        mvc.perform(get(page)).andExpect(content().string(containsString("<head>")));
    }
}
