package unbo.app.owner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;

import jakarta.persistence.EntityManager;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.app.job.JobLine;
import unbo.app.job.JobService;
import unbo.app.job.JobState;
import unbo.app.vehicle.VehicleService;

/** An owner answers by a link of his own: two answers, each once, and nothing else of the workshop. */
@Served
@ExtendWith(LoadedDemo.class)
@Transactional
class OwnerTest {

    @Autowired
    private MockMvc web;

    @Autowired
    private OwnerService owners;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private JdbcTemplate rows;

    @Autowired
    private EntityManager entities;

    private long signed;
    private long open;

    @BeforeEach
    void jobsOfBothKinds() {
        signed = job(JobState.SIGNED);
        open = job(JobState.OPEN);
    }

    private long job(JobState state) {
        return vehicles.all().stream()
                .flatMap(v -> jobs.ofVehicle(v.id(), 0).lines().stream())
                .filter(line -> line.state() == state)
                .map(JobLine::id)
                .findFirst()
                .orElseThrow();
    }

    private ResultActions answer(String token, String km, String heat, String noise) throws Exception {
        return web.perform(post("/owner/" + token)
                .with(csrf())
                .param("km", km)
                .param("heat", heat)
                .param("noise", noise)
                .param("loose", "no")
                .param("leaks", "no")
                .param("note", "at the quay"));
    }

    @Test
    void aLinkIsMadeForASignedJobAloneAndItsSecretIsNotKept() throws Exception {
        assertThat(owners.link(open)).isEmpty();
        web.perform(post("/jobs/" + open + "/owner").with(csrf())).andExpect(flash().attributeExists("bad"));
        String token = owners.link(signed).orElseThrow();
        assertThat(rows.queryForList("select token from owner_check where job_id = ?", String.class, signed))
                .singleElement()
                .asString()
                .hasSize(64)
                .isNotEqualTo(token);
    }

    @Test
    void bothAreAnsweredOnce() throws Exception {
        String token = owners.link(signed).orElseThrow();
        web.perform(get("/owner/" + token))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("After the first 10 km"), not(containsString("href=\"/vehicles\"")))));
        answer(token, "10", "cool", "no").andExpect(content().string(containsString("After the first 100 km")));
        answer(token, "10", "hot", "no").andExpect(content().string(containsString("answered before")));
        answer(token, "100", "warm", "no").andExpect(content().string(containsString("Both answers are here")));
        assertThat(owners.told(signed)).extracting(t -> t.drive().afterKm()).containsExactly(10, 100);
        web.perform(get("/jobs/" + signed + "/owner"))
                .andExpect(content().string(allOf(containsString("As it should be."), containsString("at the quay"))));
    }

    @Test
    void whatIsHotMakesThePositionDueToday() throws Exception {
        String token = owners.link(signed).orElseThrow();
        answer(token, "10", "hot", "no").andExpect(content().string(containsString("do not drive on")));
        var position = jobs.view(signed).orElseThrow().position();
        assertThat(position.dueOn()).isBeforeOrEqualTo(LocalDate.now());
        assertThat(position.dueWhy()).contains("after 10 km");
    }

    @Test
    void aLinkEndsWithTheNextOneAndWithItsDay() throws Exception {
        String first = owners.link(signed).orElseThrow();
        String second = owners.link(signed).orElseThrow();
        web.perform(get("/owner/" + first)).andExpect(status().isNotFound());
        entities.flush();
        entities.clear();
        rows.update("update owner_check set ends = date_sub(curdate(), interval 3 day) where job_id = ?", signed);
        web.perform(get("/owner/" + second)).andExpect(status().isNotFound());
        web.perform(get("/owner/nothing-like-it")).andExpect(status().isNotFound());
    }

    @Test
    void whatIsNotAnsweredIsAskedAgain() throws Exception {
        String token = owners.link(signed).orElseThrow();
        answer(token, "10", "", "no")
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(containsString("After the first 10 km"), containsString("at the quay"))));
        assertThat(owners.told(signed)).isEmpty();
    }
}
