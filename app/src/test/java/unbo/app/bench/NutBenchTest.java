package unbo.app.bench;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

import unbo.app.Served;

@Served
class NutBenchTest {

    @Autowired
    private MockMvc mvc;

    @Test
    void answersFromItsAddressAlone() throws Exception {
        mvc.perform(get("/bench/nut")
                        .param("pitch", "3/4-16")
                        .param("slots", "6")
                        .param("pinHolesDeg", "0 90 180 270")
                        .param("freeAngleDeg", "17"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("13°")))
                .andExpect(content().string(containsString("1.588 mm = 16 tpi")))
                .andExpect(content().string(containsString("data-turn=\"nut\"")));
    }

    @Test
    void keepsWhatWasTypedBesideTheSentence() throws Exception {
        mvc.perform(get("/bench/nut")
                        .param("pitch", "abc")
                        .param("slots", "6")
                        .param("pinHolesDeg", "0")
                        .param("freeAngleDeg", "17")
                        .param("endPlayMax", "40 mm"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("value=\"abc\"")))
                .andExpect(content().string(containsString("is not a number")))
                .andExpect(content().string(containsString("cannot be 40 mm")))
                .andExpect(content().string(containsString("No answer yet")));
    }

    @Test
    void escapesWhatWasTyped() throws Exception {
        mvc.perform(get("/bench/nut")
                        .param("pitch", "<script>alert(1)</script>")
                        .param("slots", "6"))
                .andExpect(content().string(not(containsString("<script>alert"))));
    }

    @Test
    void loadsNothingFromOutsideAndAllowsNoInlineScript() throws Exception {
        mvc.perform(get("/bench/nut"))
                .andExpect(header().string("Content-Security-Policy", containsString("default-src 'self'")))
                .andExpect(content().string(not(containsString("style=\""))))
                .andExpect(content().string(not(containsString("<script>"))));
    }

    @Test
    void theStylePageAndAnUnknownAddressAnswer() throws Exception {
        mvc.perform(get("/style"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Did you mean")));
        mvc.perform(get("/nowhere")).andExpect(status().isNotFound());
    }
}
