package unbo.core.input;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.measure.Quantity;

class FieldReaderTest {

    private static final Field SHIM = Field.quantity("shim", "Shim", Quantity.LENGTH, "mm", 0, 20)
            .usually(0.05, 2)
            .must();
    private static final Field ANGLES =
            Field.list("angles", "Angles", Quantity.ANGLE, "°", 0, 360).many(1, 4);
    private static final Field TICK = Field.yesNo("pin", "New pin");
    private static final Field DAY = Field.date("day", "Day");
    private static final FieldList<Values> LIST = FieldList.of(List.of(SHIM, ANGLES, TICK, DAY), v -> v);

    private static Reading<Values> read(Map<String, String> texts) {
        return Shipped.read(LIST, texts, UnitSystem.METRIC);
    }

    @Test
    void returnsAllProblemsAtOnceAndKeepsWhatWasTyped() {
        Reading<Values> reading = read(Map.of("shim", "abc", "angles", "0, x", "pin", "perhaps", "day", "31.4."));
        assertThat(reading.ok()).isFalse();
        assertThat(reading.problems()).extracting(Problem::field).containsExactly("shim", "angles", "pin", "day");
        assertThat(reading.fields().get("shim").typed()).isEqualTo("abc");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            40 mm  | cannot be 40 mm: 0 to 20 mm is possible
            -5 mm  | cannot be negative
            ''     | is not a number
            1e999  | far beyond any length
            """)
    void refusesWhatCannotBeInASentence(String text, String words) {
        Reading<Values> reading = read(Map.of("shim", text));
        assertThat(reading.sentences("shim")).singleElement().asString().contains(words);
    }

    @Test
    void tellsUnreadableFromImpossible() {
        assertThat(read(Map.of("shim", "abc")).problems().get(0).readable()).isFalse();
        assertThat(read(Map.of("shim", "40 mm")).problems().get(0).readable()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"6.4,ten times,0.64 mm", "15.24,ten times,1.524 mm"})
    void asksAboutSlips(String text, String times, String meant) {
        FieldReading.Doubt doubt =
                read(Map.of("shim", text)).fields().get("shim").doubt();
        assertThat(doubt.question()).contains(times).contains("Did you mean " + meant);
    }

    @Test
    void asksWhetherInchesWereMeant() {
        Field bore = Field.quantity("d", "Bore", Quantity.LENGTH, "mm", 0, 900).usually(20, 60);
        assertThat(FieldReader.readOne(bore, "1.0625", UnitSystem.METRIC)
                        .doubt()
                        .question())
                .contains("25.4 times less")
                .contains("26.988 mm");
    }

    @Test
    void asksAboutAThousandfoldSlipToo() {
        Field thin =
                Field.quantity("t", "Thickness", Quantity.LENGTH, "mm", 0, 900).usually(0.3, 0.6);
        assertThat(FieldReader.readOne(thin, "500", UnitSystem.METRIC).doubt().suggestion())
                .isEqualTo("0.5 mm");
    }

    @Test
    void theSuggestionReadsBackIntoTheUsualRange() {
        FieldReading.Doubt doubt =
                read(Map.of("shim", "0,6 in")).fields().get("shim").doubt();
        double mm = read(Map.of("shim", doubt.suggestion())).record().number("shim");
        assertThat(mm).isBetween(0.05, 2.0);
    }

    @Test
    void aBareNumberTakesInchesWhereTheWorkshopWorksInThem() {
        Reading<Values> inch = Shipped.read(LIST, Map.of("shim", "0.03"), UnitSystem.INCH);
        assertThat(inch.record().number("shim")).isCloseTo(0.762, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"0,180", "0 180", "0, 180", "0;180", "0 deg, 180 deg", "0°,180°", "0.0 ; 180,0"})
    void readsListsHoweverTheyAreParted(String text) {
        assertThat(read(Map.of("shim", "1", "angles", text)).record().list("angles"))
                .containsExactly(0.0, 180.0);
    }

    @Test
    void aListThatIsTooLongIsRefused() {
        assertThat(read(Map.of("shim", "1", "angles", "1 2 3 4 5")).sentences("angles"))
                .singleElement()
                .asString()
                .contains("5 entries");
    }
}
