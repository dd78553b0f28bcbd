package unbo.app.web;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestBuilders.formLogin;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.httpBasic;
import static org.springframework.security.test.web.servlet.response.SecurityMockMvcResultMatchers.authenticated;
import static org.springframework.security.test.web.servlet.response.SecurityMockMvcResultMatchers.unauthenticated;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;

import unbo.app.Served;

@Served
@TestPropertySource(properties = "unbo.passphrase=low tide at nine")
class PassphraseTest {

    @Autowired
    private MockMvc mvc;

    @Test
    void withoutItNothingIsShown() throws Exception {
        mvc.perform(get("/vehicles").accept(MediaType.TEXT_HTML)).andExpect(redirectedUrlPattern("**/login"));
        mvc.perform(get("/login"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("shares one passphrase")));
        mvc.perform(get("/assets/unbo.css")).andExpect(status().isOk());
    }

    @Test
    void withItThePagesOpen() throws Exception {
        mvc.perform(formLogin().user("workshop").password("low tide at nine")).andExpect(authenticated());
        mvc.perform(formLogin().user("workshop").password("high tide")).andExpect(unauthenticated());
    }

    @Test
    void aBrowserThatGaveItOnceIsKnownAfterANightAndARestart() throws Exception {
        Cookie remembered = mvc.perform(formLogin().user("workshop").password("low tide at nine"))
                .andReturn()
                .getResponse()
                .getCookie("remember-me");
        mvc.perform(get("/vehicles").cookie(remembered)).andExpect(status().isOk());
        mvc.perform(get("/vehicles")
                        .cookie(new Cookie("remember-me", remembered.getValue().substring(2))))
                .andExpect(status().is3xxRedirection());
    }

    @Test
    void jsonTakesItAsBasicAuthentication() throws Exception {
        mvc.perform(get("/api/v1/match?cone=L44649&cup=L44610")).andExpect(status().isUnauthorized());
        mvc.perform(get("/api/v1/match?cone=L44649&cup=L44610").with(httpBasic("workshop", "low tide at nine")))
                .andExpect(status().isOk());
    }
}
