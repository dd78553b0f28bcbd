package unbo.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestBuilders.formLogin;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.httpBasic;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.security.test.web.servlet.response.SecurityMockMvcResultMatchers.authenticated;
import static org.springframework.security.test.web.servlet.response.SecurityMockMvcResultMatchers.unauthenticated;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.model;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.net.URI;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;

import jakarta.servlet.http.Cookie;

import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.people.Role;
import unbo.core.people.TimeCode;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/**
 * With the first account everybody is asked who he is, and may what his role says; what was done stands by his name.
 */
@Served
@Transactional
class PeopleTest {

    private static final String PASSWORD = "low tide at nine";
    private static final Instant NOW = Instant.parse("2026-05-04T09:00:00Z");

    @Autowired
    private MockMvc web;

    @Autowired
    private Accounts accounts;

    @Autowired
    private DoneBy done;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private JdbcTemplate rows;

    @Autowired
    private Clock clock;

    private void made(String name, String initials, Role role) {
        assertThat(accounts.add(name, initials, role, PASSWORD)).isEmpty();
    }

    private Person person(String name) {
        return (Person) accounts.loadUserByUsername(name);
    }

    private long account(String name) {
        return accounts.find(name).orElseThrow().id();
    }

    @Test
    void withoutAccountsNobodyIsAskedAndWithTheFirstEverybodyIs() throws Exception {
        web.perform(get("/vehicles")).andExpect(status().isOk());
        web.perform(post("/people")
                        .with(csrf())
                        .param("name", "Ann")
                        .param("initials", "an")
                        .param("role", "mechanic")
                        .param("password", PASSWORD))
                .andExpect(content().string(containsString("The first account is an owner")))
                .andExpect(content().string(containsString("value=\"Ann\"")));
        web.perform(post("/people")
                        .with(csrf())
                        .param("name", "Ann")
                        .param("initials", "an")
                        .param("role", "owner")
                        .param("password", PASSWORD))
                .andExpect(redirectedUrl("/people"));
        web.perform(get("/vehicles")).andExpect(redirectedUrlPattern("**/login"));
        web.perform(get("/api/v1/match?cone=L44649&cup=L44610")).andExpect(status().isUnauthorized());
        web.perform(get("/api/v1/match?cone=L44649&cup=L44610").with(httpBasic("Ann", PASSWORD)))
                .andExpect(status().isOk());
        web.perform(get("/login")).andExpect(content().string(containsString("name=\"username\"")));
        web.perform(formLogin().user("Ann").password("high tide")).andExpect(unauthenticated());
        web.perform(formLogin().user("workshop").password("")).andExpect(unauthenticated());
        web.perform(formLogin().user("Ann").password(PASSWORD)).andExpect(authenticated());
        assertThat(done.lines(Long.MAX_VALUE, null, 3))
                .extracting(DoneBy.Line::what, DoneBy.Line::who)
                .contains(org.assertj.core.groups.Tuple.tuple("came in", "Ann"));
        assertThat(rows.queryForObject("select password from account where name = 'Ann'", String.class))
                .startsWith("{argon2}$argon2id$")
                .doesNotContain(PASSWORD);
    }

    @ParameterizedTest
    @CsvSource({
        "owner,200,200,200,200",
        "mechanic,403,403,200,200",
        "apprentice,403,403,403,200",
    })
    void eachGoesWhereItsRoleMay(String role, int people, int changes, int files, int board) throws Exception {
        made("Ann", "AN", Role.OWNER);
        made("Bo", "BO", Role.of(role).orElseThrow());
        int[] wanted = {people, changes, files, board, board};
        String[] pages = {"/people", "/changes", "/export.json", "/vehicles", "/people/me"};
        for (int i = 0; i < pages.length; i++) {
            web.perform(get(pages[i]).with(user(person("Bo")))).andExpect(status().is(wanted[i]));
        }
        web.perform(get(URI.create("/%70eople")).with(user(person("Bo")))).andExpect(status().is(people));
        int refused = people == 200 ? 302 : 403;
        web.perform(post("/people/second-eyes").with(csrf()).with(user(person("Bo"))))
                .andExpect(status().is(refused));
        if (role.equals("apprentice")) {
            web.perform(post("/jobs/1/do/reopen").with(csrf()).with(user(person("Bo"))))
                    .andExpect(status().isForbidden());
        }
    }

    /** Nothing is offered that would be refused, and one's own password is anybody's. */
    @Test
    void anApprenticeIsOfferedWhatHeMay() throws Exception {
        made("Ann", "AN", Role.OWNER);
        made("Cy", "CY", Role.APPRENTICE);
        web.perform(get("/settings").with(user(person("Ann"))))
                .andExpect(model().attribute("people", true))
                .andExpect(model().attribute("files", true))
                .andExpect(content().string(not(containsString("An owner changes these."))));
        web.perform(get("/settings").with(user(person("Cy"))))
                .andExpect(model().attribute("people", false))
                .andExpect(model().attribute("files", false))
                .andExpect(content().string(not(containsString("href=\"/people\""))))
                .andExpect(content().string(not(containsString("/export.json"))))
                .andExpect(content().string(containsString("An owner changes these.")));
        web.perform(post("/people/me/strength")
                        .with(csrf())
                        .with(user(person("Cy")))
                        .param("password", "password1234"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("first million")))
                .andExpect(content().string(not(containsString("password1234"))));
    }

    /** Behind TLS the browser's secret is for this host alone, and one of the plain name opens nothing there. */
    @Test
    void behindTlsABrowserIsKnownByACookieOfThisHost() throws Exception {
        made("Ann", "AN", Role.OWNER);
        Cookie known = web.perform(post("/login")
                        .secure(true)
                        .with(csrf())
                        .param("username", "Ann")
                        .param("password", PASSWORD))
                .andReturn()
                .getResponse()
                .getCookie("__Host-remember-me");
        assertThat(known.getSecure()).isTrue();
        assertThat(known.getPath()).isEqualTo("/");
        web.perform(get("/wall").secure(true).cookie(known)).andExpect(status().isOk());
        web.perform(get("/wall").secure(true).cookie(new Cookie("remember-me", known.getValue())))
                .andExpect(redirectedUrlPattern("**/login"));
    }

    private String figures(String name, int steps) {
        String secret = rows.queryForObject("select second_step from account where name = ?", String.class, name);
        return TimeCode.of(secret, TimeCode.step(clock.instant()) + steps);
    }

    private ResultActions comes(String name, String figures) throws Exception {
        return web.perform(post("/login")
                .with(csrf())
                .param("username", name)
                .param("password", PASSWORD)
                .param("figures", figures));
    }

    /** With a second step neither the password alone opens an account, nor the same figures twice. */
    @Test
    void aSecondStepAsksForTheTelephone() throws Exception {
        made("Ann", "AN", Role.OWNER);
        made("Bo", "BO", Role.MECHANIC);
        String page = web.perform(post("/people/me/second-step").with(csrf()).with(user(person("Bo"))))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String secret = Jsoup.parse(page).select("input[name=secret]").val();
        assertThat(page).contains("<svg").contains("otpauth://totp/Unbo:Bo?secret=" + secret);
        String now = TimeCode.of(secret, TimeCode.step(clock.instant()));
        web.perform(post("/people/me/second-step/on")
                        .with(csrf())
                        .with(user(person("Bo")))
                        .param("now", "high tide at nine")
                        .param("secret", secret)
                        .param("figures", now))
                .andExpect(content().string(containsString("not your password")))
                .andExpect(content().string(containsString(secret)));
        web.perform(post("/people/me/second-step/on")
                        .with(csrf())
                        .with(user(person("Bo")))
                        .param("now", PASSWORD)
                        .param("secret", secret)
                        .param("figures", "12"))
                .andExpect(content().string(containsString("not the six figures of now")));
        comes("Bo", "").andExpect(authenticated());
        web.perform(post("/people/me/second-step/on")
                        .with(csrf())
                        .with(user(person("Bo")))
                        .param("now", PASSWORD)
                        .param("secret", secret)
                        .param("figures", now))
                .andExpect(redirectedUrl("/people/me"));
        comes("Bo", "").andExpect(unauthenticated());
        comes("Bo", now).andExpect(unauthenticated());
        comes("Bo", figures("Bo", 1)).andExpect(authenticated());
        comes("Bo", figures("Bo", 1)).andExpect(unauthenticated());
        web.perform(get("/api/v1/match?cone=L44649&cup=L44610").with(httpBasic("Bo", PASSWORD)))
                .andExpect(status().isUnauthorized());
        comes("Ann", "").andExpect(authenticated());
        web.perform(post("/people/" + account("Bo") + "/second-step/off")
                        .with(csrf())
                        .with(user(person("Ann"))))
                .andExpect(redirectedUrl("/people"));
        comes("Bo", "").andExpect(authenticated());
    }

    @Test
    void theLastOwnerStaysOne() {
        made("Ann", "AN", Role.OWNER);
        assertThat(accounts.change(account("Ann"), Role.MECHANIC, true)).contains("last owner");
        assertThat(accounts.change(account("Ann"), Role.OWNER, false)).contains("last owner");
        assertThat(accounts.takeOut(account("Ann"))).contains("last owner");
        made("Bo", "BO", Role.OWNER);
        assertThat(accounts.change(account("Ann"), Role.MECHANIC, true)).isEmpty();
        assertThat(accounts.add("bo", "B", Role.MECHANIC, PASSWORD)).contains("already");
        assertThat(accounts.add("Cy", "C", Role.MECHANIC, "short")).contains("at least 12");
        assertThat(accounts.add("workshop", "W", Role.MECHANIC, PASSWORD)).contains("is not");
    }

    /**
     * Another password, another role, a shut account: what is open elsewhere ends, and a known browser is not any more.
     */
    @Test
    void whoIsChangedIsAskedAgain() throws Exception {
        made("Ann", "AN", Role.OWNER);
        made("Bo", "BO", Role.MECHANIC);
        var came = web.perform(formLogin().user("Bo").password(PASSWORD)).andReturn();
        assertThat(came.getRequest().getSession(false)).isNull();
        Cookie known = came.getResponse().getCookie("remember-me");
        web.perform(get("/wall").cookie(known)).andExpect(status().isOk());
        assertThat(accounts.password(account("Bo"), "high tide at three")).isEmpty();
        web.perform(get("/wall").cookie(known)).andExpect(redirectedUrlPattern("**/login"));
        assertThat(accounts.change(account("Bo"), Role.MECHANIC, false)).isEmpty();
        web.perform(formLogin().user("Bo").password("high tide at three")).andExpect(unauthenticated());
    }

    /** Who leaves everywhere leaves alone: another's browser stays. */
    @Test
    void leavingEverywhereIsOnesOwn() throws Exception {
        made("Ann", "AN", Role.OWNER);
        made("Bo", "BO", Role.MECHANIC);
        Cookie ann = web.perform(formLogin().user("Ann").password(PASSWORD))
                .andReturn()
                .getResponse()
                .getCookie("remember-me");
        Cookie bo = web.perform(formLogin().user("Bo").password(PASSWORD))
                .andReturn()
                .getResponse()
                .getCookie("remember-me");
        web.perform(post("/settings/leave-everywhere").cookie(bo).with(csrf())).andExpect(redirectedUrl("/login"));
        web.perform(get("/wall").cookie(bo)).andExpect(redirectedUrlPattern("**/login"));
        web.perform(get("/wall").cookie(ann)).andExpect(status().isOk());
    }

    private long ready() {
        long vehicle = vehicles.add(new VehicleInput("bicycle", "Tide wagon", "", "", "none", null, "wet", 1))
                .id();
        long id = jobs.open(vehicle, "front", NOW);
        assertThat(jobs.keep(id, RouteStage.INTAKE, -1, Map.of("complaint", "ticks", "day", "2026-05-04"), NOW))
                .isEqualTo(JobService.Kept.DONE);
        assertThat(jobs.keep(
                        id,
                        RouteStage.DIAGNOSE,
                        -1,
                        Map.of("checks", "", "verdict", "chain", "initials", "X", "remedy", "oiled"),
                        NOW))
                .isEqualTo(JobService.Kept.DONE);
        jobs.noHubWork(id, "a chain", NOW);
        assertThat(jobs.keep(
                        id,
                        RouteStage.LOG,
                        -1,
                        Map.of("cause", "chain", "serviceSchool", "condition", "note", ""),
                        NOW))
                .isEqualTo(JobService.Kept.DONE);
        return id;
    }

    private void signs(long id, String name, String says) throws Exception {
        web.perform(post("/jobs/" + id + "/do/sign").with(csrf()).with(user(person(name))));
        String state = jobs.view(id).orElseThrow().job().state().words();
        assertThat(state).as(name).isEqualTo(says);
    }

    @Test
    void anApprenticeDoesNotSignAndWhoSignsStandsThere() throws Exception {
        made("Ann", "AN", Role.OWNER);
        made("Cy", "CY", Role.APPRENTICE);
        long id = ready();
        signs(id, "Cy", "open");
        web.perform(post("/jobs/" + id + "/do/seen").with(csrf()).with(user(person("Cy"))));
        signs(id, "Ann", "signed");
        assertThat(jobs.view(id).orElseThrow().job().signedBy()).isEqualTo("AN");
        assertThat(done.lines(Long.MAX_VALUE, id, 50))
                .filteredOn(line -> line.what().equals("signed"))
                .singleElement()
                .satisfies(line -> assertThat(line.who()).isEqualTo("Ann"));
        assertThat(jobs.reopen(id, "again", NOW)).isTrue();
    }

    /**
     * Where something was found at a stop, and the workshop wants it, another one looks first, at what is signed then.
     */
    @Test
    void aSecondPairOfEyesIsAnotherOne() throws Exception {
        made("Ann", "AN", Role.OWNER);
        made("Bo", "BO", Role.MECHANIC);
        web.perform(post("/people/second-eyes")
                        .with(csrf())
                        .with(user(person("Ann")))
                        .param("wanted", "yes"))
                .andExpect(redirectedUrl("/people"));
        SecondEyes.Asked asked = new SecondEyes.Asked(1, true, NOW, new java.util.ArrayList<>());
        assertThat(bars(asked, "Ann")).anyMatch(why -> why.contains("second person"));
        assertThat(bars(new SecondEyes.Asked(1, false, NOW, new java.util.ArrayList<>()), "Ann"))
                .isEmpty();
        long id = ready();
        web.perform(post("/jobs/" + id + "/do/seen").with(csrf()).with(user(person("Bo"))));
        Instant changed = Instant.now().minusSeconds(60);
        assertThat(bars(new SecondEyes.Asked(id, true, changed, new java.util.ArrayList<>()), "Ann"))
                .isEmpty();
        assertThat(bars(new SecondEyes.Asked(id, true, changed, new java.util.ArrayList<>()), "Bo"))
                .hasSize(1);
        assertThat(bars(
                        new SecondEyes.Asked(id, true, Instant.now().plusSeconds(60), new java.util.ArrayList<>()),
                        "Ann"))
                .hasSize(1);
    }

    @Autowired
    private SecondEyes eyes;

    private List<String> bars(SecondEyes.Asked asked, String name) {
        var context = org.springframework.security.core.context.SecurityContextHolder.getContext();
        var before = context.getAuthentication();
        Person who = person(name);
        context.setAuthentication(new org.springframework.security.authentication.TestingAuthenticationToken(
                who, "", List.copyOf(who.getAuthorities())));
        eyes.asked(asked);
        context.setAuthentication(before);
        return asked.reasons();
    }

    /** What stood there before is told; nothing of it can be changed or taken away. */
    @Test
    void whatWasDoneIsOnlyAddedTo() throws Exception {
        made("Ann", "AN", Role.OWNER);
        long id = ready();
        int version = jobs.view(id).orElseThrow().station(RouteStage.INTAKE).version();
        jobs.keep(id, RouteStage.INTAKE, version, Map.of("complaint", "grinds", "day", "2026-05-04"), NOW);
        web.perform(get("/changes?job=" + id).with(user(person("Ann"))))
                .andExpect(content().string(containsString("complaint: ticks")))
                .andExpect(content().string(containsString("Intake")));
        web.perform(get("/changes.csv").with(user(person("Ann"))))
                .andExpect(content().string(containsString("complaint: ticks")));
        assertThatThrownBy(() -> rows.update("update done_by set words = 'other'"))
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("never changed");
        assertThatThrownBy(() -> rows.update("delete from done_by"))
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("never deleted");
    }

    /** A person becomes a number; what he did stays. */
    @Test
    void aPersonIsTakenOut() throws Exception {
        made("Ann", "AN", Role.OWNER);
        made("Bo", "BO", Role.MECHANIC);
        long bo = account("Bo");
        web.perform(formLogin().user("Bo").password(PASSWORD)).andExpect(authenticated());
        web.perform(post("/people/" + bo + "/take-out").with(csrf()).with(user(person("Ann"))))
                .andExpect(redirectedUrl("/people"));
        web.perform(formLogin().user("person " + bo).password(PASSWORD)).andExpect(unauthenticated());
        web.perform(get("/changes").with(user(person("Ann"))))
                .andExpect(content().string(containsString("person " + bo)))
                .andExpect(content().string(not(containsString(">Bo<"))));
    }

    @Test
    void onesOwnPasswordIsChangedByWhoKnowsIt() throws Exception {
        made("Ann", "AN", Role.OWNER);
        web.perform(post("/people/me")
                        .with(csrf())
                        .with(user(person("Ann")))
                        .param("now", "guess")
                        .param("password", "high tide at three"))
                .andExpect(content().string(containsString("not your password")));
        web.perform(post("/people/me")
                        .with(csrf())
                        .with(user(person("Ann")))
                        .param("now", PASSWORD)
                        .param("password", "high tide at three"))
                .andExpect(redirectedUrl("/login"));
        web.perform(formLogin().user("Ann").password("high tide at three")).andExpect(authenticated());
    }

    @Test
    void pagesSayWhatABrowserMay() throws Exception {
        web.perform(get("/"))
                .andExpect(header().string("Permissions-Policy", containsString("microphone=(self)")))
                .andExpect(header().string("Cross-Origin-Resource-Policy", "same-origin"))
                .andExpect(header().string("Cross-Origin-Opener-Policy", "same-origin"));
    }

    @ParameterizedTest
    @CsvSource({
        "127.0.0.1,'',false,true",
        "localhost,'',false,true",
        "0.0.0.0,'',false,false",
        "0.0.0.0,short,false,false",
        "0.0.0.0,long enough,false,true",
        "0.0.0.0,'',true,true"
    })
    void othersAreServedOnlyWhereSomebodyIsAsked(String bind, String passphrase, boolean named, boolean served) {
        if (served) {
            Unguarded.check(bind, passphrase, named);
        } else {
            assertThatThrownBy(() -> Unguarded.check(bind, passphrase, named))
                    .hasMessageContaining("./unbo account")
                    .hasMessageContaining("UNBO_PASSPHRASE");
        }
    }

    /** Practice counts for who is here, where nothing else is said. */
    @Test
    void practiceCountsForWhoIsHere() throws Exception {
        made("Ann", "AN", Role.OWNER);
        web.perform(post("/practice/seat")
                .with(csrf())
                .with(user(person("Ann")))
                .param("level", "1")
                .param("seed", "4711"));
        web.perform(get("/practice.csv").with(user(person("Ann"))))
                .andExpect(content().string(containsString("AN,seat,1")));
    }
}
