package unbo.app.timer;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimerLineTest {

    @ParameterizedTest
    @CsvSource({
        "1,1 min",
        "60,1 min",
        "61,2 min",
        "3540,59 min",
        "3600,1 h 0 min",
        "134940,37 h 29 min",
        "200000,55 h",
        "0,done",
        "-5,done"
    })
    void whatIsLeftIsSaidInTheUnitThatMatters(long seconds, String words) {
        assertThat(TimerLine.words(Duration.ofSeconds(seconds))).isEqualTo(words);
    }

    @Test
    void aTimerIsOverWhenItsTimeIsUp() {
        Instant now = Instant.parse("2026-05-04T08:00:00Z");
        assertThat(TimerLine.words(Duration.between(now, now))).isEqualTo("done");
        Timer timer = new Timer(7, "cure", "compound cures", now.plusSeconds(90));
        timer.ends("compound cures, again", now.minusSeconds(1));
        assertThat(timer.words()).endsWith("again");
        assertThat(timer.endsAt()).isBefore(now);
    }
}
