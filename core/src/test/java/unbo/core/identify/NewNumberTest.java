package unbo.core.identify;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.assembly.AssemblyKind;
import unbo.core.designation.Decoder;

class NewNumberTest {

    private static NewNumber of(String old, String place) {
        return NewNumber.of(Decoder.SHIPPED.decode(old), place, false, Decoder.SHIPPED);
    }

    /** Open or shielded in a wheel takes water; sealed in oil cooks its seal; a tight warm ring wants C3. */
    @ParameterizedTest
    @CsvSource({
        "6204, motorcycle-wheel, 6204-2RS",
        "6204ZZ, motorcycle-wheel, 6204-2RS",
        "6902-2RS, bicycle-hub, 6902-2RS",
        "6305-2RS, gearbox, 6305/C3",
        "6305, gearbox, 6305/C3",
        "6305/C3, gearbox, 6305/C3",
        "LM67048, adjustable-hub, LM67048"
    })
    void theSealAndTheClearanceAreThoseOfThePlace(String old, String place, String wanted) {
        assertThat(of(old, place).designation()).isEqualTo(wanted);
    }

    @Test
    void itSaysWhyItIsAnother() {
        assertThat(of("6204", "motorcycle-wheel").why()).contains("Open");
        assertThat(of("6204-2RS", "motorcycle-wheel").why()).isEmpty();
    }

    @Test
    void whatNoRuleOrTableKnowsStaysAsItIs() {
        assertThat(of("QX77", "motorcycle-wheel")).isEqualTo(new NewNumber("QX77", ""));
        assertThat(of("6204", "")).isEqualTo(new NewNumber("6204", ""));
    }

    @Test
    void everyKindNamesAPlaceWithRulesOrNone() {
        assertThat(AssemblyKind.all().stream().map(kind -> kind.route().suits()).filter(s -> !s.isEmpty()))
                .isNotEmpty()
                .allSatisfy(suits -> assertThat(Suitability.placeLabel(suits)).isPresent());
    }
}
