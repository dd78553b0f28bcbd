package unbo.core.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimeCodeTest {

    /** The secret of RFC 6238, appendix B. */
    private static final String SECRET = TimeCode.letters("12345678901234567890".getBytes(StandardCharsets.US_ASCII));

    /** The last six of the eight figures that appendix B prints. */
    @ParameterizedTest
    @CsvSource({
        "59, 287082",
        "1111111109, 081804",
        "1111111111, 050471",
        "1234567890, 005924",
        "2000000000, 279037",
        "20000000000, 353130"
    })
    void theFiguresOfTheStandard(long second, String code) {
        assertThat(TimeCode.of(SECRET, TimeCode.step(Instant.ofEpochSecond(second))))
                .isEqualTo(code);
    }

    /** RFC 4648, 10, without filling. */
    @ParameterizedTest
    @CsvSource({"'', ''", "f, MY", "fo, MZXQ", "foo, MZXW6", "foob, MZXW6YQ", "fooba, MZXW6YTB", "foobar, MZXW6YTBOI"})
    void lettersOfTheStandard(String text, String letters) {
        assertThat(TimeCode.letters(text.getBytes(StandardCharsets.US_ASCII))).isEqualTo(letters);
    }

    @Test
    void aClockMayBeHalfAMinuteOffAndNoMore() {
        Instant now = Instant.ofEpochSecond(1_111_111_111);
        long step = TimeCode.step(now);
        for (long off = -3; off <= 3; off++) {
            assertThat(TimeCode.found(SECRET, TimeCode.of(SECRET, step + off), now)
                            .isPresent())
                    .as("%d steps", off)
                    .isEqualTo(Math.abs(off) <= 1);
        }
        assertThat(TimeCode.found(SECRET, "050 471", now)).hasValue(step);
        assertThat(TimeCode.found(SECRET, "", now)).isEmpty();
        assertThat(TimeCode.found(SECRET, "000000", now)).isEmpty();
    }

    @Test
    void aSecretHasTwentyBytes() {
        assertThat(TimeCode.secret(SECRET)).isTrue();
        assertThat(TimeCode.secret("MZXW6")).isFalse();
        assertThat(TimeCode.secret(SECRET.toLowerCase(java.util.Locale.ROOT))).isFalse();
    }
}
