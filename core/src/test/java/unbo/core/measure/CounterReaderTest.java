package unbo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CounterReaderTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            123456        | km   | 123456
            123 456       | km   | 123456
            123 456 km    | km   | 123456
            123456km      | km   | 123456
            123'456       | km   | 123456
            1.234.567     | km   | 1234567
            1,234,567     | mi   | 1234567
            1,234.5       | km   | 1234.5
            1.234,5 km    | km   | 1234.5
            88210.5       | h    | 88210.5
            88,2 h        | h    | 88.2
            76000 miles   | mi   | 76000
            76000 miles   | km   | 122310.1
            100 km        | mi   | 62.1
            900 km        | none | 900
            0             | km   | 0
            """)
    void readsACounterTheWayPeopleWriteIt(String text, String counts, double value) {
        CounterReader.Outcome outcome = CounterReader.read(text, counts);
        assertThat(outcome.refusal()).isNull();
        assertThat(outcome.value()).isCloseTo(value, within(0.05));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            123.456      | km | can be read as 123456 or as 123.456
            12,345       | km | can be read as 12345 or as 12.345
            76000 miles  | h  | counts hours
            120 h        | km | counts distance
            many         | km | is no counter
            12..5        | km | do not part thousands
            12 34        | km | do not part thousands
            76000 kg     | km | no unit a counter has
            -5           | km | is no counter
            """)
    void asksOrRefusesInASentence(String text, String counts, String sentence) {
        CounterReader.Outcome outcome = CounterReader.read(text, counts);
        assertThat(outcome.value()).isNull();
        assertThat(outcome.refusal()).contains(sentence);
    }

    static Stream<Arguments> blanks() {
        return Stream.of("123\u00a0456", "123\u202f456", "123\u2009456 km", "  123456  ")
                .map(Arguments::of);
    }

    @ParameterizedTest
    @MethodSource("blanks")
    void anyBlankPartsThousands(String text) {
        assertThat(CounterReader.read(text, "km").value()).isEqualTo(123_456);
    }
}
