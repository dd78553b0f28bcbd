package unbo.core.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.Shipped;
import unbo.core.answer.Step;
import unbo.core.finding.Level;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.strip.RemovalFields;
import unbo.core.tools.strip.RemovalWords;

class RemovalTest {

    private static Reading<RemovalInput> read(String... pairs) {
        Map<String, String> texts = new HashMap<>(Map.of("tools", Tools.USUAL + " expander slide greasepump"));
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(RemovalFields.LIST, texts, UnitSystem.METRIC);
    }

    private static Removal removal(String... pairs) {
        return Removal.of(read(pairs).record());
    }

    @Test
    void aFlatSpacerRefusesThePullerWithNumbers() {
        Removal r = removal("tight", "outer", "access", "none", "spacer", "soft", "corner", "0.3", "jaw", "0.5");
        assertThat(r.refused())
                .anyMatch(f -> f.name().startsWith("Expanding puller")
                        && f.why().contains("find 0.3 mm")
                        && f.why().contains("need 0.5 mm")
                        && f.why().contains("flare"));
        assertThat(r.ways())
                .noneMatch(w -> w.code().equals("expander"))
                .anyMatch(w -> w.code().equals("spacer-drift"));
    }

    @Test
    void aChamferedSpacerAllowsIt() {
        Removal r = removal(
                "tight", "outer", "access", "none", "spacer", "soft", "chamfer", "0.5", "corner", "0.3", "jaw", "0.5");
        assertThat(r.best().code()).isEqualTo("expander");
        assertThat(r.best().crosses()).isTrue();
        assertThat(r.scrap()).isTrue();
        assertThat(RemovalWords.answer(r).findings())
                .anyMatch(f -> f.code().equals("grip") && f.level() == Level.RIGHT);
        assertThat(RemovalWords.answer(r).sentences()).anyMatch(s -> s.startsWith("Two schools"));
    }

    @Test
    void forceThroughTheTightRingSparesTheBearing() {
        Removal r = removal("designation", "6205", "tight", "inner", "access", "far", "reuse", "yes", "seat", "k5");
        assertThat(r.best().code()).isEqualTo("far-press");
        assertThat(r.scrap()).isFalse();
        assertThat(r.fit().remove().leastN()).isPositive();
        assertThat(RemovalWords.answer(r).figures()).anyMatch(f -> f.what().equals("force"));
        assertThat(r.ways().get(r.ways().size() - 1).code()).isEqualTo("cut-ring");
    }

    @Test
    void reuseIsRefusedBeforeTheBlowWhereNoWaySparesIt() {
        Removal r = removal("tight", "both", "access", "own", "reuse", "yes", "tools", "jaw");
        assertThat(r.best().crosses()).isTrue();
        assertThat(RemovalWords.answer(r).level()).isEqualTo(Level.STOP);
        assertThat(RemovalWords.answer(r).findings().get(0).sentence()).contains("before it is taken out");
    }

    @Test
    void anAlloyHousingIsHeatedAndASteelOneIsNot() {
        Removal alloy = removal(
                "designation",
                "6205",
                "tight",
                "outer",
                "access",
                "none",
                "material",
                "aluminium",
                "blind",
                "yes",
                "tools",
                "oven");
        assertThat(alloy.best().code()).isEqualTo("heat-housing");
        double largest = 39;
        assertThat(alloy.heatC()).isCloseTo(20 + largest / 1000 / (11.3e-6 * 52), within(0.5));
        assertThat(removal("tight", "outer", "access", "none", "tools", "oven").refused())
                .anyMatch(f -> f.why().contains("no faster"));
        assertThat(removal(
                                "designation",
                                "6205",
                                "tight",
                                "outer",
                                "access",
                                "none",
                                "material",
                                "aluminium",
                                "noHeat",
                                "yes",
                                "tools",
                                "oven")
                        .refused())
                .anyMatch(f -> f.why().contains("no heat is allowed"));
    }

    @Test
    void leftHandThreadsAndSafetyStandBeforeTheStep() {
        var answer = RemovalWords.answer(
                removal("tight", "inner", "access", "far", "nut", "left-hand", "clip", "yes", "corrosion", "heavy"));
        assertThat(answer.findings())
                .anyMatch(f -> f.code().equals("left-hand") && f.sentence().contains("left pedal"));
        assertThat(answer.steps())
                .extracting(Step::code)
                .containsSubsequence("support", "mark", "nut", "clip", "oil", "pull", "clean", "measure");
        assertThat(answer.steps())
                .anyMatch(s -> s.code().equals("nut") && s.caution().contains("shears"));
        assertThat(answer.sentences()).anyMatch(s -> s.contains("Always new: clip ring, seal"));
    }

    @Test
    void whatNeedsAToolThatIsNotHereSaysSo() {
        Removal r = removal("tight", "inner", "access", "none", "tools", "hammer");
        assertThat(r.best()).isNull();
        assertThat(RemovalWords.answer(r).level()).isEqualTo(Level.STOP);
        assertThat(r.refused()).anyMatch(f -> f.why().contains("no bearing splitter"));
        assertThat(read("tight", "inner", "access", "own", "chamfer", "0.5").sentences("chamfer"))
                .singleElement()
                .asString()
                .contains("no spacer");
    }

    @Test
    void greaseBehindItNeedsAClosedCavityAndNoSeal() {
        assertThat(removal("tight", "outer", "access", "none", "blind", "yes", "tools", "greasepump")
                        .best()
                        .code())
                .isEqualTo("hydraulic");
        assertThat(removal(
                                "designation",
                                "6205-2RS",
                                "tight",
                                "outer",
                                "access",
                                "none",
                                "blind",
                                "yes",
                                "tools",
                                "greasepump")
                        .refused())
                .anyMatch(f -> f.why().contains("sealed bearing"));
    }
}
