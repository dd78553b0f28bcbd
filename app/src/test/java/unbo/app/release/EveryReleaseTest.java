package unbo.app.release;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.nio.charset.StandardCharsets;
import java.util.List;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.context.WebApplicationContext;

import unbo.app.UnboApplication;

/**
 * The databases of past releases, each with its demo, by the number of the last change of its tables: each opens in
 * this one, with all its vehicles and jobs. Made by {@code tools/release-record --database}.
 */
class EveryReleaseTest {

    @ParameterizedTest
    @ValueSource(strings = {"13", "23", "33"})
    void itsDatabaseOpensAndAllThatWasThereIsThere(String tables) throws Exception {
        try (OldDatabase old = OldDatabase.restored("/releases/tables-" + tables + "/database.sql.gz", "unbo_release");
                ConfigurableApplicationContext application = new SpringApplication(UnboApplication.class)
                        .run(
                                "--spring.datasource.url=" + old.url(),
                                "--server.port=0",
                                "--spring.main.lazy-initialization=true",
                                "--unbo.instruments-port=-1",
                                "--spring.main.register-shutdown-hook=false")) {
            MockMvc web = MockMvcBuilders.webAppContextSetup((WebApplicationContext) application)
                    .build();
            JdbcTemplate rows = application.getBean(JdbcTemplate.class);
            List<Long> jobs = rows.queryForList("select id from job order by id", Long.class);
            assertThat(jobs).hasSizeGreaterThan(15).hasSize(old.rows("job"));
            for (String page : new String[] {"/", "/vehicles", "/due", "/record", "/settings", "/ask?q=trailer"}) {
                assertThat(ask(web, page)).as(page).contains("<main");
            }
            for (long job : jobs) {
                assertThat(ask(web, "/jobs/" + job + "/report"))
                        .as("job " + job)
                        .contains("#" + job)
                        .doesNotContain("went wrong");
            }
            JsonNode everything = new ObjectMapper().readTree(ask(web, "/export.json"));
            assertThat(everything.get("vehicles")).hasSize(old.rows("vehicle"));
            assertThat(everything.get("jobs")).hasSize(jobs.size());
        }
    }

    private static String ask(MockMvc web, String address) throws Exception {
        var answer = web.perform(get(address)).andReturn().getResponse();
        assertThat(answer.getStatus()).as(address).isEqualTo(200);
        return answer.getContentAsString(StandardCharsets.UTF_8);
    }
}
