package unbo.app.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.core.vehicle.VehicleInput;

/** The seals of a vehicle: kept whole, judged as they stand, never written over by what somebody did not see. */
@Served
@Transactional
class SealsTest {

    private static final String TWO = "left, inner; 45x65x8; clings; 0.05; there; 9; 2024-05-01\n"
            + "right, inner; 45x65x8; loose; 0.2; gone; 11; ";

    @Autowired
    private MockMvc web;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private SealService seals;

    private long van;

    @BeforeEach
    void aVan() {
        van = vehicles.add(new VehicleInput("van", "Seal van", "SV 1", "S.V.", "km", 20_000.0, "dry", 1))
                .id();
    }

    private MockHttpServletRequestBuilder keep(String lines, String seen) {
        return post("/vehicles/" + van + "/seals")
                .with(csrf())
                .param("seals", lines)
                .param("seen", seen);
    }

    @Test
    void theyAreKeptWholeAndJudged() throws Exception {
        web.perform(keep(TWO, "")).andExpect(redirectedUrl("/vehicles/" + van + "/seals"));
        assertThat(seals.of(van)).hasSize(2);
        assertThat(seals.text(van)).isEqualTo(TWO);
        web.perform(get("/vehicles/" + van + "/seals"))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("right, inner: the spacer is loose in its lip"),
                                containsString("renew, moved in"),
                                containsString("left, inner: runs on."))));
        web.perform(keep("left, inner; 45x65x8; clings", TWO)).andExpect(status().is3xxRedirection());
        assertThat(seals.of(van)).hasSize(1);
    }

    @Test
    void whatSomebodyElseWroteIsNotWrittenOver() throws Exception {
        web.perform(keep(TWO, ""));
        web.perform(keep("left, inner; 45x65x8; loose", ""))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("somebody else wrote these seals anew"),
                                containsString("left, inner; 45x65x8; loose"))));
        assertThat(seals.text(van)).isEqualTo(TWO);
    }

    @Test
    void whatCannotBeReadIsToldAndStaysTyped() throws Exception {
        web.perform(keep("left; nothing like it; clings", ""))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("is no size of a seal"),
                                containsString("left; nothing like it; clings"))));
        assertThat(seals.of(van)).isEmpty();
        web.perform(get("/vehicles/999999/seals")).andExpect(status().isNotFound());
    }
}
