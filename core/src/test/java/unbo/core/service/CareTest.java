package unbo.core.service;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;

import org.junit.jupiter.api.Test;

class CareTest {

    private static final LocalDate DONE = LocalDate.parse("2026-01-10");

    /** 10 000 km at 20 000 km a year are half a year, 182 days; twelve months come later. */
    @Test
    void whicheverComesFirst() {
        Care oil = new Care("gearbox oil", 12, 10_000.0, DONE, 54_000.0);
        assertThat(oil.dueOn(20_000.0)).isEqualTo(DONE.plusDays(182));
        assertThat(oil.dueOn(5_000.0)).isEqualTo(LocalDate.parse("2027-01-10"));
        assertThat(oil.dueOn(null)).isEqualTo(LocalDate.parse("2027-01-10"));
        assertThat(oil.dueCounter()).isEqualTo(64_000);
    }

    @Test
    void aCounterThatNobodyReadIsNoLimit() {
        Care belt = new Care("belt", null, 400.0, DONE, null);
        assertThat(belt.dueCounter()).isNull();
        assertThat(belt.dueOn(null)).isNull();
        assertThat(belt.dueOn(200.0)).isEqualTo(DONE.plusDays(730));
        assertThat(belt.done(DONE.plusDays(3), 900.0).dueCounter()).isEqualTo(1300);
    }
}
