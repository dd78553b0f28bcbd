package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.CastleNutFields;

class FieldViewTest {

    private static Map<String, FieldView> form(UnitSystem units, Map<String, String> texts) {
        return FieldView.form(FieldReader.read(CastleNutFields.LIST, texts, units), units);
    }

    @Test
    void printsTheUnitThatABareNumberTakes() {
        assertThat(form(UnitSystem.METRIC, Map.of()).get("endPlayMax").unit()).isEqualTo("mm");
        assertThat(form(UnitSystem.INCH, Map.of()).get("endPlayMax").unit()).isEqualTo("in");
        assertThat(form(UnitSystem.INCH, Map.of()).get("pitch").unit()).isEqualTo("mm");
    }

    @Test
    void aDefaultStandsInTheBoxWithItsUnitAndItsReason() {
        FieldView inch = form(UnitSystem.INCH, Map.of()).get("endPlayMax");
        assertThat(inch.placeholder()).isEqualTo("0.125 mm");
        assertThat(inch.echo()).isEqualTo("0.125 mm = 0.0049 in");
        assertThat(inch.why()).contains("maker's figure wins");
    }

    @Test
    void keepsWhatWasTypedBesideEveryRefusal() {
        FieldView slots = form(UnitSystem.METRIC, Map.of("slots", " six ")).get("slots");
        assertThat(slots.typed()).isEqualTo(" six ");
        assertThat(slots.refusals()).hasSize(1);
        assertThat(slots.withoutRefusals().refusals()).isEmpty();
        assertThat(slots.withoutRefusals().typed()).isEqualTo(" six ");
    }

    @Test
    void asksAboutASlipAndOffersTheTextThatWouldAnswerIt() {
        FieldView play = form(UnitSystem.METRIC, Map.of("endPlayMax", "0.9")).get("endPlayMax");
        assertThat(play.doubt()).contains("Did you mean 0.09 mm?");
        assertThat(play.suggestion()).isEqualTo("0.09 mm");
    }

    @Test
    void aChoiceLeftOpenSendsNothingAndSaysWhatItsDefaultIs() {
        FieldView school = form(UnitSystem.METRIC, Map.of()).get("school");
        assertThat(school.typed()).isEmpty();
        assertThat(school.instead()).isNotBlank();
    }
}
