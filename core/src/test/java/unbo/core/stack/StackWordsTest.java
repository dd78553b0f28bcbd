package unbo.core.stack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.answer.Answer;
import unbo.core.finding.Level;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.LinkFields;
import unbo.core.tools.setting.StackWords;
import unbo.core.tools.setting.TypedStack;

class StackWordsTest {

    private static Map<String, String> texts(String template, String... pairs) {
        Map<String, String> texts = new HashMap<>(LinkFields.template(template));
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return texts;
    }

    private static Answer answer(String template, String... pairs) {
        TypedStack typed = TypedStack.of(texts(template, pairs), UnitSystem.METRIC);
        assertThat(typed.problems()).isEmpty();
        return StackWords.answer(Stack.of(typed.input()));
    }

    @Test
    void theShimsAreTheBiggestThingAndTheirSumStandsUnderThem() {
        Answer a = answer("case", "thickness-s0", "1", "count-s0", "2", "thickness-s1", "0.45");
        assertThat(a.figures().get(0).printed()).isEqualTo("1.00 + 1.00 + 0.45 mm");
        assertThat(a.figures().get(0).other()).isEqualTo("together 2.450 mm");
        assertThat(a.figures().get(2).what()).isEqualTo("float left");
    }

    @Test
    void measuredTooRoughlyTheBandIsLeftInTheWorstCase() {
        Answer rough = answer("case", "way-o0", "caliper", "way-i0", "caliper", "thickness-s0", "2.45");
        assertThat(rough.level()).isEqualTo(Level.WATCH);
        assertThat(rough.findings().get(0).sentence()).contains("Measure finer");
        Answer fine = answer(
                "case",
                "uncertainty-o0",
                "0.005",
                "uncertainty-o1",
                "0.005",
                "uncertainty-i0",
                "0.005",
                "thickness-s0",
                "2.45");
        assertThat(fine.level()).isEqualTo(Level.RIGHT);
    }

    @Test
    void noneOnTheShelfSaysWhichOneToBuy() {
        assertThat(answer("case").findings())
                .anyMatch(f -> f.code().equals("no-shim") && f.sentence().contains("One of 2.45 mm would"));
    }

    @Test
    void aBicyclesSpacerIsSolvedFor() {
        Answer solved = answer("bicycle");
        assertThat(solved.figures().get(0).what()).isEqualTo("it has to be");
        assertThat(solved.figures().get(0).printed()).isEqualTo("42.000 mm");
    }

    @Test
    void aPreloadedPinionLosesItWhenHotWhereTheCaseGrowsFaster() {
        Answer pinion =
                answer("pinion", "material-o0", "aluminium", "thickness-s0", "0.77", "workingTemperature", "110");
        assertThat(pinion.findings()).anyMatch(f -> f.code().equals("hot-turns"));
    }

    @ParameterizedTest
    @CsvSource({
        "length-o0,much,length-o0",
        "length-i0,-3,length-i0",
        "uncertainty-o0,9,uncertainty-o0",
        "min,,min",
        "workingTemperature,900,workingTemperature",
        "name-o0,,name-o0"
    })
    void whatCannotBeUsedIsNamedByItsRow(String name, String value, String field) {
        TypedStack typed = TypedStack.of(texts("case", name, value == null ? "" : value), UnitSystem.METRIC);
        assertThat(typed.problems()).extracting(p -> p.field()).contains(field);
        assertThat(typed.input()).isNull();
    }

    @Test
    void twoUnknownsAreOneTooMany() {
        TypedStack two = TypedStack.of(texts("case", "unknown-o0", "yes", "unknown-i0", "yes"), UnitSystem.METRIC);
        assertThat(two.problems())
                .singleElement()
                .satisfies(p -> assertThat(p.sentence()).contains("one sum gives one of them"));
    }

    @Test
    void inchesAreReadWhereTheyAreWritten() {
        TypedStack inch = TypedStack.of(
                Map.of(
                        "name-o0",
                        "case",
                        "length-o0",
                        "1in",
                        "name-i0",
                        "shaft",
                        "length-i0",
                        "25.3 mm",
                        "min",
                        "0",
                        "max",
                        "0.2"),
                UnitSystem.METRIC);
        assertThat(Stack.of(inch.input()).gapMm()).isBetween(0.0999, 0.1001);
        TypedStack bare = TypedStack.of(
                Map.of(
                        "name-o0",
                        "case",
                        "length-o0",
                        "1",
                        "name-i0",
                        "shaft",
                        "length-i0",
                        "0.996",
                        "min",
                        "0",
                        "max",
                        "0.01"),
                UnitSystem.INCH);
        assertThat(Stack.of(bare.input()).gapMm()).isBetween(0.1, 0.11);
    }

    @Test
    void bothChainsAreDrawnToOneScaleWithTheGapAtTheirEnd() {
        Answer a = answer("case", "thickness-s0", "2.45");
        assertThat(a.drawings().get(0).title()).contains("gap 2.500 mm");
        assertThat(a.drawings()).hasSize(2);
        assertThat(answer("pinion").drawings().get(0).title()).contains("gap 0.750 mm");
        assertThat(a.worksheet().lines())
                .anyMatch(l -> l.name().equals("likely") && l.formula().contains("squares"));
    }
}
