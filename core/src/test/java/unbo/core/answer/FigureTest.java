package unbo.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;

class FigureTest {

    private static List<Double> numbers(String value) {
        return new Answer.Figure("", value, "mm", "").numbers();
    }

    @Test
    void itsNumbersAreReadAsTheyArePrinted() {
        assertThat(numbers("49\u00a0000")).containsExactly(49_000.0);
        assertThat(numbers("1\u202f200 000.5")).containsExactly(1_200_000.5);
        assertThat(numbers("−4 to 39")).containsExactly(-4.0, 39.0);
        assertThat(numbers("2–5.3")).containsExactly(2.0, 5.3);
        assertThat(numbers("1.00 + 1.00 + 0.30")).containsExactly(1.0, 1.0, 0.3);
        assertThat(numbers("never")).isEmpty();
    }
}
