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
import unbo.core.motion.Friction;
import unbo.core.tools.running.BearingWorthFields;
import unbo.core.tools.running.BearingWorthWords;
import unbo.core.tools.running.WorthTool;

class BearingWorthTest {

    private static Reading<BearingWorth.Input> read(String... pairs) {
        Map<String, String> texts = new HashMap<>(new WorthTool().sample());
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(BearingWorthFields.LIST, texts, UnitSystem.METRIC);
    }

    private static BearingWorth of(String... pairs) {
        return BearingWorth.of(read(pairs).record());
    }

    @Test
    void aThrustBearingWantsItsAxialLoad() {
        assertThat(read("designation", "51105", "axialN", "0").sentences("axialN"))
                .singleElement()
                .asString()
                .contains("thrust only");
    }

    @Test
    void wattsComeOutOfTheFrictionModel() {
        BearingWorth w = of();
        BearingDrag sealed = BearingDrag.of(w.input().duty().with(Friction.Seals.CONTACT, false));
        assertThat(w.costs().get(0).watts()).isCloseTo(4 * sealed.powerW(), within(1e-12));
        assertThat(w.costs().get(2).savedW())
                .isCloseTo(w.costs().get(0).watts() - w.costs().get(2).watts(), within(1e-12));
        assertThat(w.costs().get(2).watts()).isLessThan(w.costs().get(1).watts());
        assertThat(w.costs().get(1).savedW())
                .as("the seals are most of it")
                .isGreaterThan(0.8 * w.costs().get(2).savedW());
    }

    @Test
    void aWattsCostFollowsFromPriceAndService() {
        BearingWorth w = of();
        BearingWorth.Cost hybrid = w.costs().get(2);
        double extra = 4 * (38 - 6) + 3 * (2 - 0.5) * 50;
        assertThat(hybrid.perWatt()).isCloseTo(extra / hybrid.savedW(), within(1e-6));
        assertThat(hybrid.yearsToPay()).as("more service never pays").isNull();
        assertThat(BearingWorthWords.answer(w).findings())
                .extracting(f -> f.code())
                .contains("worth-elsewhere", "hybrid");
        assertThat(w.costs().get(0).perWatt()).isNull();
    }

    @Test
    void lessServicePaysForItselfInTheEnd() {
        BearingWorth w = of("candidates", "open; none; steel; 5; 4\nsealed; contact; steel; 9; 1", "kwhPrice", "0");
        assertThat(w.costs().get(1).savedW()).isNegative();
        assertThat(w.costs().get(1).perWatt()).isNull();
        assertThat(w.costs().get(1).yearsToPay()).isCloseTo(4 * 4 / (3 * 50.0), within(1e-9));
        assertThat(BearingWorthWords.answer(w).findings())
                .extracting(f -> f.code())
                .contains("worth-not");
    }

    @Test
    void candidatesAndAlternativesStandInTables() {
        assertThat(BearingWorthWords.answer(of()).alone())
                .extracting(t -> t.name())
                .containsExactly("worth-candidates", "worth-alternatives");
        assertThat(BearingWorthWords.answer(of()).alone().get(0).rows())
                .hasSize(3)
                .allSatisfy(r -> assertThat(r).hasSize(9));
        assertThat(BearingWorthWords.answer(of("alternatives", ""))
                        .alone()
                        .get(1)
                        .rows())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "candidates|only one; none; steel; 5; 1|at least two",
                "candidates|a; none; steel; 5; 1##b; rubber; steel; 5; 1|Line 2",
                "alternatives|tyres; many; 3|Line 1",
                "candidates|a; none; steel; 5; 1##b; none; wood; x; 1|Line 2"
            })
    void linesThatCannotBeReadAreNamed(String field, String text, String says) {
        assertThat(read(field, text.replace("##", "\n")).sentences(field))
                .anySatisfy(s -> assertThat(s).contains(says));
    }
}
