package unbo.core.running;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.running.InsideFiguresFields;
import unbo.core.tools.running.InsideFiguresWords;

class InsideFiguresTest {

    private static Reading<InsideFigures.Input> read(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(InsideFiguresFields.LIST, texts, UnitSystem.METRIC);
    }

    private static InsideFigures of(String... pairs) {
        return InsideFigures.of(read(pairs).record());
    }

    @ParameterizedTest
    @CsvSource({
        "6305,12 %,held to 6205 6902 688",
        "NU206E,12 %,NU206 E",
        "DAC34640037,10 %,DAC39720037",
        "51105,10 %,51205",
        "4206,25 %,a guess",
        "K 20x24x17,25 %,a guess"
    })
    void theBandOfItsKindIsPrinted(String number, String band, String held) {
        var answer = InsideFiguresWords.answer(InsideFigures.of(
                Shipped.read(InsideFiguresFields.LIST, Map.of("designation", number), UnitSystem.METRIC)
                        .record()));
        assertThat(answer.findings().get(0).sentence()).contains(band).contains(held);
    }

    @Test
    void theWorkedInsideAndRatings() {
        InsideFigures q = of("boreMm", "25", "outsideMm", "52", "widthMm", "15");
        assertThat(q.geometry().elementMm()).isCloseTo(7.97, within(0.01));
        assertThat(q.geometry().pitchMm()).isEqualTo(38.5);
        assertThat(q.geometry().elements()).isEqualTo(9);
        assertThat(q.ratings().cN()).isCloseTo(14_100, within(150.0));
        assertThat(q.ratings().c0N()).isCloseTo(7_900, within(80.0));
        assertThat(q.ratings().estimated()).isTrue();
        assertThat(q.fatigueLimitN()).isCloseTo(q.ratings().c0N() / 22, within(1e-9));
        assertThat(of("designation", "6205").ratings().cN())
                .isCloseTo(q.ratings().cN(), within(1e-6));
    }

    @Test
    void aTaperByItsSizesLiesInTheBandOfCatalogues() {
        InsideFigures q =
                of("kind", "tapered-roller", "boreMm", "25", "outsideMm", "52", "widthMm", "16.25", "contactDeg", "14");
        assertThat(q.ratings().cN()).isBetween(31_000.0, 38_500.0);
        assertThat(q.ratings().c0N()).isCloseTo(41_000, within(1500.0));
    }

    @Test
    void countedElementsCarryMore() {
        InsideFigures eight = of("designation", "6205", "elements", "8", "elementMm", "7.94");
        InsideFigures nine = of("designation", "6205", "elements", "9", "elementMm", "7.94");
        assertThat(nine.ratings().cN()).isGreaterThan(eight.ratings().cN());
        assertThat(nine.geometry().estimated()).isFalse();
        assertThat(InsideFiguresWords.answer(nine).findings().get(0).sentence()).startsWith("Counted and measured.");
    }

    @Test
    void theCataloguesFiguresComeFirstAndAreQuestionedWhenFarOff() {
        assertThat(of("designation", "6205", "cN", "14000", "c0N", "7800")
                        .ratings()
                        .cN())
                .isEqualTo(14_000);
        assertThat(InsideFiguresWords.answer(of("designation", "6205", "cN", "14000", "c0N", "7800"))
                        .findings()
                        .get(0)
                        .code())
                .isEqualTo("inside-known");
        assertThat(InsideFiguresWords.answer(of("designation", "6205", "cN", "26000", "c0N", "14000"))
                        .findings()
                        .get(0)
                        .code())
                .isEqualTo("ratings-apart");
        assertThat(read("designation", "6205", "cN", "14000").sentences("c0N")).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "outsideMm,20,outsideMm,must be more than the bore",
        "elementMm,100,elementMm,does not fit",
        "elements,40,elements,side by side"
    })
    void sizesThatCannotBeAreSentences(String field, String value, String at, String says) {
        Map<String, String> texts = new HashMap<>(Map.of("boreMm", "25", "outsideMm", "52", "widthMm", "15"));
        texts.put(field, value);
        assertThat(Shipped.read(InsideFiguresFields.LIST, texts, UnitSystem.METRIC)
                        .sentences(at))
                .singleElement()
                .asString()
                .contains(says);
    }

    @Test
    void nothingAtAllIsAskedFor() {
        assertThat(read().problems())
                .singleElement()
                .satisfies(p -> assertThat(p.sentence()).contains("Write its number"));
    }
}
