package unbo.core.tools.deciding;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TaskLineTest {

    private static final List<String> THERE = List.of("lift", "press");

    @Test
    void aLineIsReadInWhole() {
        assertThat(TaskLine.read("10:30 test drive #18, 20 min, lift, by 16:00", THERE)
                        .task())
                .isEqualTo(new TaskLine(
                        "test drive #18",
                        20,
                        LocalTime.of(10, 30),
                        null,
                        LocalTime.of(16, 0),
                        List.of("lift"),
                        false,
                        18L));
        assertThat(TaskLine.read("compound cures, 3 h, waits, from 9:15", THERE).task())
                .isEqualTo(new TaskLine("compound cures", 180, null, LocalTime.of(9, 15), null, List.of(), true, null));
        assertThat(TaskLine.read("sweep", THERE).task().minutes()).isEqualTo(TaskLine.USUAL_MIN);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "25:99 drive", "drive, by noon", "drive, 0 min", "20 min"})
    void whatIsNoTaskIsRefused(String line) {
        assertThat(TaskLine.read(line, THERE).task()).isNull();
        assertThat(TaskLine.read(line, THERE).refusal()).contains("for instance");
    }

    @Test
    void whatIsLongerThanALineIsRefused() {
        assertThat(TaskLine.read("x".repeat(TaskLine.LONGEST + 1), THERE).refusal())
                .contains("80 letters");
        assertThat(TaskLine.read("x".repeat(TaskLine.LONGEST), THERE).task()).isNotNull();
    }
}
