package unbo.core.mount;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;

class MountingTest {

    private static Reading<Mounting.Input> read(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return FieldReader.read(Mounting.LIST, texts, UnitSystem.METRIC);
    }

    private static Mounting mount(String... pairs) {
        return Mounting.of(read(pairs).record());
    }

    @Test
    void anOpenRingIsHeatedWithinItsLimitAndASealedOneIsPressedOrChilled() {
        Mounting open = mount("designation", "6220", "ring", "inner", "seat", "k5");
        assertThat(open.byHeat()).isTrue();
        assertThat(open.answer().steps()).extracting(Step::code).containsSubsequence("check", "seat", "now", "way", "heat", "push", "shoulder", "cool", "turns");
        Mounting sealed = mount("designation", "6205-2RS", "ring", "inner", "seat", "k5");
        assertThat(sealed.byHeat()).isFalse();
        assertThat(sealed.answer().steps()).extracting(Step::code).contains("press").doesNotContain("heat");
        assertThat(read("designation", "6205-2RS", "seat", "k5", "limit", "100").sentences("limit")).singleElement().asString().contains("cooked");
    }

    @Test
    void theInterferenceOfTheFitIsTheOneThatIsHeatedFor() {
        Mounting m = mount("designation", "6210", "ring", "inner", "seat", "m5");
        assertThat(m.heat().input().interferenceUm()).isEqualTo(m.fit().interference().maxUm());
        assertThat(m.answer().figures().get(0).what()).isEqualTo("ring at");
    }

    @Test
    void aSlidingSeatNeedsNeitherHeatNorForce() {
        Answer slides = mount("designation", "L44643", "ring", "inner", "seat", "g6").answer();
        assertThat(slides.steps()).extracting(Step::code).contains("slide");
        assertThat(slides.steps()).anyMatch(s -> s.text().contains("back to back"));
    }

    @Test
    void anAlloyHousingIsHeatedASteelOnePressedInto() {
        assertThat(mount("designation", "6205", "ring", "outer", "seat", "N7", "material", "aluminium").byHeat()).isTrue();
        assertThat(mount("designation", "6205", "ring", "outer", "seat", "N7").heat()).isNull();
        assertThat(mount("designation", "DAC40740036/34", "ring", "outer", "seat", "N7").answer().steps()).anyMatch(s -> s.code().equals("cartridge") && s.caution().contains("support the inner ring"));
        assertThat(mount("designation", "6205", "ring", "outer", "seat", "N7", "material", "aluminium", "way", "press").answer().steps()).anyMatch(s -> s.code().equals("press"));
    }
}
