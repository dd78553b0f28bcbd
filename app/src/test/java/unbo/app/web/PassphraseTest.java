package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestBuilders.formLogin;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.httpBasic;
import static org.springframework.security.test.web.servlet.response.SecurityMockMvcResultMatchers.authenticated;
import static org.springframework.security.test.web.servlet.response.SecurityMockMvcResultMatchers.unauthenticated;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.net.URI;

import jakarta.servlet.http.Cookie;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

import unbo.app.Served;

@Served
@TestPropertySource(properties = "unbo.passphrase=low tide at nine")
class PassphraseTest {

    /** Another one each time: guesses outlast a run. */
    private static final long MACHINE = System.nanoTime() % 1_000_000;

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

    private Cookie given() throws Exception {
        return mvc.perform(formLogin().user("workshop").password("low tide at nine"))
                .andReturn()
                .getResponse()
                .getCookie("remember-me");
    }

    private void known(Cookie cookie, boolean known) throws Exception {
        mvc.perform(get("/wall").cookie(cookie)).andExpect(known ? status().isOk() : redirectedUrlPattern("**/login"));
    }

    /** Who leaves is forgotten on that browser, a copy of its cookie too; others stay until all are sent away. */
    @Test
    void whoLeavesIsForgotten() throws Exception {
        Cookie leaving = given();
        Cookie copied = given();
        Cookie staying = given();
        mvc.perform(post("/logout").cookie(leaving).with(csrf())).andExpect(redirectedUrl("/login"));
        known(leaving, false);
        mvc.perform(post("/settings/leave-everywhere").cookie(copied).with(csrf()))
                .andExpect(redirectedUrl("/login"));
        known(staying, false);
    }

    @Test
    void nobodyHasASession() throws Exception {
        assertThat(mvc.perform(get("/vehicles").accept(MediaType.TEXT_HTML))
                        .andReturn()
                        .getRequest()
                        .getSession(false))
                .isNull();
    }

    /** Five wrong ones from one machine, then it waits, by page and by JSON; another machine does not. */
    @Test
    void guessesAreSlowed() throws Exception {
        for (int i = 0; i < 5; i++) {
            mvc.perform(from(
                            "10.9.8." + MACHINE,
                            post("/login")
                                    .with(csrf())
                                    .param("username", "workshop")
                                    .param("password", "x")))
                    .andExpect(unauthenticated());
        }
        mvc.perform(from(
                        "10.9.8." + MACHINE,
                        post("/login")
                                .with(csrf())
                                .param("username", "workshop")
                                .param("password", "low tide at nine")))
                .andExpect(status().isTooManyRequests())
                .andExpect(header().exists("Retry-After"))
                .andExpect(content().string(containsString("Too many wrong passphrases")));
        mvc.perform(from("10.9.8." + MACHINE, post(URI.create("/%6cogin")).with(csrf()))
                        .param("username", "workshop")
                        .param("password", "low tide at nine"))
                .andExpect(status().isTooManyRequests());
        mvc.perform(from("10.9.8." + MACHINE, get("/api/v1/match?cone=L44649&cup=L44610"))
                        .with(httpBasic("workshop", "low tide at nine")))
                .andExpect(status().isTooManyRequests());
        mvc.perform(from("10.9.8.6", post("/login").with(csrf()))
                        .param("username", "workshop")
                        .param("password", "low tide at nine"))
                .andExpect(authenticated());
    }

    private static MockHttpServletRequestBuilder from(String machine, MockHttpServletRequestBuilder request) {
        return request.with(sent -> {
            sent.setRemoteAddr(machine);
            return sent;
        });
    }

    @Test
    void settingsOfferToLeave() throws Exception {
        mvc.perform(get("/settings").cookie(given()))
                .andExpect(content().string(containsString("Leave on this browser")));
    }
}
