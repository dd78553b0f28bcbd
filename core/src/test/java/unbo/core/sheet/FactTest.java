package unbo.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.fact.FactKey;
import unbo.core.tools.identify.HubSection;

/** Facts that come from a file are judged before anything is drawn or computed from them. */
class FactTest {

    @ParameterizedTest
    @CsvSource({
        "DAY,2026-05-04",
        "LAST_DAY,2025-01-31",
        "DUE_COUNTER,120000",
        "YEARLY,1500.5",
        "DUE_IMMERSIONS,20",
        "COMPLAINT,anything",
        "OUTER_CONE,L44643",
        "DUE_ON,''"
    })
    void whatCanBeReadHasNoFault(String name, String text) {
        FactKey key = FactKey.named(name).orElseThrow();
        assertThat(Fact.words(key, text, How.TYPED, "intake").fault()).isNull();
    }

    @ParameterizedTest
    @CsvSource({"DAY,soon", "LAST_DAY,2026-13-01", "DUE_COUNTER,far", "DUE_IMMERSIONS,2.5", "COUNTER,1 000"})
    void whatCannotBeReadIsNamedWithItsText(String name, String text) {
        FactKey key = FactKey.named(name).orElseThrow();
        assertThat(Fact.words(key, text, How.TYPED, "intake").fault()).contains(key.words(), "cannot be read", text);
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, -1e9, 1e300})
    void noHubHasSuchANumber(double value) {
        assertThat(Fact.number(FactKey.OUTER_BORE, value, How.MEASURED, "identify")
                        .fault())
                .contains("no number a hub can have");
        assertThat(new Fact(FactKey.OUTER_BORE, "", 25.0, value, How.MEASURED, "identify").fault())
                .contains("no number a hub can have");
    }

    @Test
    void aSizeNeedsItsNumberAndEveryFactItsTextAndItsSource() {
        assertThat(Fact.words(FactKey.OUTER_BORE, "wide", How.TYPED, "identify").fault())
                .contains("needs a number");
        assertThat(new Fact(FactKey.SEAL, null, null, 0, How.TYPED, "identify").fault())
                .contains("lacks its text");
        assertThat(new Fact(FactKey.SEAL, "", null, 0, null, "identify").fault())
                .contains("lacks");
        assertThat(Fact.words(FactKey.COMPLAINT, "x".repeat(20001), How.TYPED, "intake")
                        .fault())
                .contains("longer than 20000");
    }

    @ParameterizedTest
    @ValueSource(doubles = {-5, 0, 1e-9, 1e8})
    void whateverPassesIsDrawnWithoutFalling(double value) {
        Sheet sheet = Sheet.of(FactKey.all().stream()
                .filter(k -> k.quantity() != null)
                .map(k -> Fact.number(k, value, How.MEASURED, "set"))
                .toList());
        assertThat(HubSection.of(sheet).shapes()).isNotEmpty();
    }
}
