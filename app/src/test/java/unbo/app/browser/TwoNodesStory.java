package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;
import org.springframework.transaction.support.TransactionTemplate;

import unbo.app.Served;
import unbo.app.UnboApplication;
import unbo.app.people.Accounts;
import unbo.core.people.Role;

/** Two machines on one database serve one browser in turns, each request by the other one. */
@Served
@TestPropertySource(properties = "unbo.alone=false")
class TwoNodesStory {

    private static final String PASSWORD = "low tide at nine";

    @LocalServerPort
    private int port;

    @Autowired
    private Accounts accounts;

    @Autowired
    private JdbcTemplate rows;

    @Autowired
    private TransactionTemplate whole;

    private static ConfigurableApplicationContext other() {
        return new SpringApplicationBuilder(UnboApplication.class)
                .run("--server.port=0", "--unbo.alone=false", "--unbo.instruments-port=-1");
    }

    private static int port(ConfigurableApplicationContext node) {
        return Integer.parseInt(node.getEnvironment().getProperty("local.server.port", "0"));
    }

    /** Drafts, what is said once, tokens of forms, the hub on the bench: a whole job, passed at its end. */
    @Test
    void aWholeJobWithEachRequestToTheOther() throws Exception {
        try (ConfigurableApplicationContext node = other();
                Turns turns = new Turns(port, port(node));
                Browser b = new Browser(turns.port(), 390, 844)) {
            PracticeStory.aJob(b, "TN");
            assertThat(turns.asked()).isGreaterThan(60);
        }
    }

    /**
     * Who comes in at one is known at the other, what the owner changes there stands here, and who leaves has left
     * both.
     */
    @Test
    void whoComesInAtOneIsKnownAtTheOther() throws Exception {
        String name =
                whole.execute(status -> rows.queryForObject("select name from workshop where id = 1", String.class));
        try (ConfigurableApplicationContext node = other();
                Turns turns = new Turns(port, port(node));
                Browser b = new Browser(turns.port(), 1280, 800)) {
            b.open("/settings");
            b.write("name", "Two slips");
            b.click("form .go");
            b.untilText(".place", "Two slips");
            for (int i = 0; i < 4; i++) {
                b.open("/vehicles");
                assertThat(b.text(".place")).contains("Two slips");
            }
            assertThat(accounts.add("Twoann", "TA", Role.OWNER, PASSWORD)).isEmpty();
            b.open("/vehicles");
            b.untilText("h1", "Who comes in");
            b.write("username", "Twoann");
            b.write("password", PASSWORD);
            b.click("form .go");
            b.untilText(".place", "Twoann");
            for (int i = 0; i < 4; i++) {
                b.open("/people");
                assertThat(b.text("#accounts")).contains("Twoann");
            }
            b.open("/settings");
            b.click("#leave form[action='/settings/leave-everywhere'] button");
            b.untilText("h1", "Who comes in");
            for (int i = 0; i < 3; i++) {
                b.open("/vehicles");
                b.untilText("h1", "Who comes in");
            }
        } finally {
            asItWas(name);
        }
    }

    /** Nobody is asked who he is afterwards, by other stories either. */
    private void asItWas(String name) {
        whole.executeWithoutResult(status -> {
            rows.update("delete from account");
            rows.update("update workshop set name = ? where id = 1", name);
            rows.update("update known_change set n = n + 1");
        });
    }
}
