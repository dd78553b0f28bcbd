package unbo.core.identify;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.assembly.AssemblyKind;
import unbo.core.designation.Decoder;

class NewNumberTest {

    private static String of(String old, String place) {
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
        assertThat(of(old, place)).isEqualTo(wanted);
    }

    /** A sealed needle is wider, a groove or a filling slot must not be lost, another kind keeps its number. */
    @ParameterizedTest
    @CsvSource({
        "HK2016, swing-arm",
        "6305N, gearbox",
        "6902-2RS MAX, motorcycle-wheel",
        "7203B, bicycle-hub",
        "NU205, gearbox",
        "32006X, gearbox",
        "QX77, motorcycle-wheel"
    })
    void whatMustNotBeLostStaysAsItIs(String old, String place) {
        assertThat(of(old, place)).isEqualTo(Decoder.SHIPPED.decode(old).designation());
    }

    @Test
    void whereNoRulesAreKnownItStaysAsItIs() {
        assertThat(of("6204", "")).isEqualTo("6204");
    }

    @Test
    void everyKindNamesAPlaceWithRulesOrNone() {
        assertThat(AssemblyKind.all().stream().map(kind -> kind.route().suits()).filter(s -> !s.isEmpty()))
                .isNotEmpty()
                .allSatisfy(suits -> assertThat(Suitability.placeLabel(suits)).isPresent());
    }
}
