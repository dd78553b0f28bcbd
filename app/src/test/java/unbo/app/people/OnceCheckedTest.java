package unbo.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;

import org.junit.jupiter.api.Test;
import org.springframework.security.crypto.password.PasswordEncoder;

class OnceCheckedTest {

    private static final Instant NOW = Instant.parse("2026-05-04T09:00:00Z");

    private final PasswordEncoder slow = mock(PasswordEncoder.class);
    private final Clock clock = mock(Clock.class);
    private final OnceChecked checked = new OnceChecked(slow, clock);

    private void at(Duration later) {
        when(clock.instant()).thenReturn(NOW.plus(later));
    }

    @Test
    void aRightOneIsComparedOnceInTenMinutes() {
        at(Duration.ZERO);
        when(slow.matches("low tide", "hash")).thenReturn(true);
        assertThat(checked.matches("low tide", "hash")).isTrue();
        at(Duration.ofMinutes(9));
        assertThat(checked.matches("low tide", "hash")).isTrue();
        verify(slow, times(1)).matches(any(), any());
        at(Duration.ofMinutes(11));
        assertThat(checked.matches("low tide", "hash")).isTrue();
        verify(slow, times(2)).matches(any(), any());
    }

    @Test
    void aWrongOneIsComparedEachTimeAndAnotherHashIsAnother() {
        at(Duration.ZERO);
        when(slow.matches("low tide", "hash")).thenReturn(true);
        assertThat(checked.matches("low tide", "hash")).isTrue();
        assertThat(checked.matches("high tide", "hash")).isFalse();
        assertThat(checked.matches("high tide", "hash")).isFalse();
        assertThat(checked.matches("low tide", "another hash")).isFalse();
        verify(slow, times(4)).matches(any(), any());
    }
}
