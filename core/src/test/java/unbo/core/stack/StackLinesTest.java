package unbo.core.stack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.fit.Material;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.StackLines;

class StackLinesTest {

    private static final Map<String, String> COVER = Map.of(
            "outer",
            "recess in the case; 6.35; 0.01; aluminium\ngasket when crushed; 0.25; table; aluminium",
            "inner",
            "cover's spigot; 4.10; depth; aluminium",
            "min",
            "0.02",
            "max",
            "0.08",
            "shims",
            "0.10 x 4\n0.15×4\n0.30 x 2\n1.00 x 2");

    private static Reading<StackInput> read(String... changes) {
        Map<String, String> texts = new HashMap<>(COVER);
        for (int i = 0; i < changes.length; i += 2) {
            texts.put(changes[i], changes[i + 1]);
        }
        return Shipped.read(StackLines.LIST, texts, UnitSystem.METRIC);
    }

    @Test
    void linesAreTheSameStackAsRows() {
        StackInput input = read().record();
        assertThat(input.outer())
                .containsExactly(
                        new Link("recess in the case", 6.35, 0.01, Material.of("aluminium")),
                        new Link("gasket when crushed", 0.25, 0.02, Material.of("aluminium")));
        assertThat(input.inner()).containsExactly(new Link("cover's spigot", 4.10, 0.01, Material.of("aluminium")));
        assertThat(input.stock())
                .containsExactly(
                        new StackInput.Shim(0.10, 4),
                        new StackInput.Shim(0.15, 4),
                        new StackInput.Shim(0.30, 2),
                        new StackInput.Shim(1.00, 2));
        Stack stack = Stack.of(input);
        assertThat(stack.gapMm()).isCloseTo(2.5, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(stack.inside()).isTrue();
    }

    @Test
    void whatIsWrittenReadsAsTheSameAgain() {
        StackInput first = read().record();
        StackInput again = read(
                        "outer",
                        StackLines.lines(first.outer()),
                        "inner",
                        StackLines.lines(first.inner()),
                        "shims",
                        StackLines.shimLines(first.stock()))
                .record();
        assertThat(again).isEqualTo(first);
    }

    @Test
    void aQuestionMarkIsSolvedFor() {
        StackInput input = read("inner", "cover's spigot; ?; depth; aluminium").record();
        assertThat(Stack.of(input).solvedMm()).isCloseTo(6.35 + 0.25 - 0.05, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(StackLines.lines(input.inner())).isEqualTo("cover's spigot; ?; 0.01; aluminium");
    }

    @Test
    void lengthsMayBeInInches() {
        assertThat(read("inner", "spigot; 0.1615 in").record().inner().get(0).lengthMm())
                .isCloseTo(4.1021, org.assertj.core.data.Offset.offset(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "outer,recess in the case,Line 1: Write its length",
        "outer,recess; x,Line 1:",
        "inner,spigot; 4.10; by eye,Line 1: “by eye” is not one of the choices",
        "shims,thick,Line 1:",
        "inner,spigot; 4.1; 0.01; wood,“wood” is not one of the choices",
        "outer,recess; -3,cannot be negative"
    })
    void aLineThatCannotBeReadIsNamed(String field, String text, String says) {
        Reading<StackInput> reading = read(field, text);
        assertThat(reading.ok()).isFalse();
        assertThat(reading.problems()).extracting(Problem::field).contains(field);
        assertThat(reading.sentences(field)).anySatisfy(s -> assertThat(s).contains(says));
        assertThat(reading.fields().get(field).typed()).isEqualTo(text);
    }

    @Test
    void tooManyLinesAreRefused() {
        String many = String.join("\n", java.util.Collections.nCopies(StackInput.MOST_LINKS + 1, "washer; 1.0"));
        assertThat(read("inner", many).sentences("inner"))
                .anySatisfy(s -> assertThat(s).contains("13 lines"));
    }

    @Test
    void twoUnknownsAreRefused() {
        assertThat(read("outer", "recess; ?", "inner", "spigot; ?").ok()).isFalse();
        assertThat(List.of(
                        read("outer", "", "inner", "spigot; 3").ok(),
                        read("outer", "recess; 3", "inner", "").ok()))
                .containsOnly(false);
    }
}
