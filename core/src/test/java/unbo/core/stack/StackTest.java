package unbo.core.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

import unbo.core.finding.Level;
import unbo.core.fit.Material;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.LinkFields;
import unbo.core.tools.setting.StackWords;
import unbo.core.tools.setting.TypedStack;

class StackTest {

    private static final Material ALLOY = Material.of("aluminium");
    private static final List<StackInput.Shim> STOCK = List.of(
            new StackInput.Shim(0.10, 6),
            new StackInput.Shim(0.15, 4),
            new StackInput.Shim(0.20, 4),
            new StackInput.Shim(0.30, 3),
            new StackInput.Shim(0.50, 2),
            new StackInput.Shim(1.00, 2));

    private static Link link(String name, double mm, double plusMinus, Material material) {
        return new Link(name, mm, plusMinus, material);
    }

    private static Stack cover(double spigot, List<StackInput.Shim> stock) {
        return Stack.of(new StackInput(
                List.of(link("recess", 6.35, 0.01, ALLOY), link("gasket", 0.25, 0, Material.STEEL)),
                List.of(link("spigot", spigot, 0.01, ALLOY)),
                0.02,
                0.08,
                stock,
                80));
    }

    @Test
    void theCoverTakesTheFewestShimsThatBringItIntoTheBand() {
        Stack s = cover(4.10, STOCK);
        assertThat(s.gapMm()).isCloseTo(2.50, within(1e-9));
        assertThat(s.worstMm()).isCloseTo(0.02, within(1e-9));
        assertThat(s.rssMm()).isCloseTo(0.01414, within(1e-4));
        assertThat(s.shimsMm()).containsExactly(1.0, 1.0, 0.3, 0.15);
        assertThat(s.resultMm()).isCloseTo(0.05, within(1e-9));
        assertThat(s.worstInside()).isTrue();
        assertThat(StackWords.answer(s).level()).isEqualTo(Level.RIGHT);
    }

    @Test
    void aLengthTenTimesTooLargeIsQuestioned() {
        Stack s = cover(41.0, STOCK);
        assertThat(s.questions()).anySatisfy(q -> {
            assertThat(q.name()).isEqualTo("spigot");
            assertThat(q.suggestedMm()).isCloseTo(4.1, within(1e-9));
        });
        assertThat(StackWords.answer(s).findings().get(0).sentence()).contains("did you mean 4.1 mm");
        assertThat(cover(4.10, STOCK).questions()).isEmpty();
        assertThat(cover(4.10 / 25.4, STOCK).questions())
                .anySatisfy(q -> assertThat(q.suggestedMm()).isCloseTo(4.1, within(1e-9)));
    }

    @Test
    void whenNoneFitsItSaysWhatToBuy() {
        Stack s = cover(4.10, List.of(new StackInput.Shim(1.0, 2)));
        assertThat(s.shimsMm()).isNull();
        assertThat(s.buyMm()).isCloseTo(2.45, within(1e-9));
        assertThat(cover(6.60, STOCK).shimsMm()).isNull();
        assertThat(StackWords.answer(cover(6.70, STOCK)).findings().get(0).sentence())
                .contains("faced");
        assertThat(cover(6.55, STOCK).shimsMm()).isEmpty();
    }

    @Test
    void anAlloyCaseOpensWhenHotAndTheLostPreloadIsSaid() {
        Stack s = Stack.of(new StackInput(
                List.of(link("case", 150, 0, ALLOY)),
                List.of(link("shaft", 150.05, 0, Material.STEEL)),
                -0.06,
                -0.04,
                List.of(),
                100));
        assertThat(s.hotGapMm() - s.gapMm()).isCloseTo(0.136, within(0.001));
        assertThat(StackWords.answer(s).findings())
                .anyMatch(f -> f.code().equals("hot-turns") && f.sentence().contains("preload is gone"));
    }

    @Test
    void anUnknownLinkIsSolvedForTheMiddleOfTheBand() {
        Link unknown = new Link("spacer", null, 0.005, Material.STEEL);
        Stack s = Stack.of(new StackInput(
                List.of(link("shoulders", 42, 0.01, ALLOY)), List.of(unknown), -0.02, 0.02, List.of(), 20));
        assertThat(s.solvedMm()).isEqualTo(42);
        assertThat(s.gapMm()).isZero();
    }

    @Test
    void depthLessHeightAsInTheHandbooksSum() {
        Stack s = Stack.of(new StackInput(
                List.of(link("recess", 7.42, 0, ALLOY), link("gasket", 0.20, 0, ALLOY)),
                List.of(link("height", 5.05, 0, Material.STEEL)),
                0,
                0,
                List.of(new StackInput.Shim(2.57, 1)),
                20));
        assertThat(s.shimsMm()).containsExactly(2.57);
        assertThat(s.resultMm()).isCloseTo(0, within(1e-9));
    }

    @Test
    void theSameChainsChangedOverChangeTheSign() {
        List<Link> a = List.of(link("a", 10.2, 0.01, ALLOY));
        List<Link> b = List.of(link("b", 9.9, 0.02, Material.STEEL));
        Stack one = Stack.of(new StackInput(a, b, 0, 1, List.of(), 90));
        Stack other = Stack.of(new StackInput(b, a, -1, 0, List.of(), 90));
        assertThat(other.gapMm()).isEqualTo(-one.gapMm());
        assertThat(other.hotGapMm()).isEqualTo(-one.hotGapMm());
        assertThat(other.worstMm()).isCloseTo(one.worstMm(), within(1e-12));
    }

    /** Against every set there is, on small stocks. */
    @Property(tries = 150)
    void theChoiceIsTheBestThereIs(
            @ForAll @Size(min = 1, max = 4) List<@IntRange(min = 2, max = 60) Integer> thicknesses,
            @ForAll @Size(4) List<@IntRange(min = 0, max = 3) Integer> counts,
            @ForAll @DoubleRange(min = 0, max = 2.5) double least,
            @ForAll @DoubleRange(min = 0, max = 0.3) double width) {
        List<StackInput.Shim> stock = new ArrayList<>();
        for (int i = 0; i < thicknesses.size(); i++) {
            stock.add(new StackInput.Shim(thicknesses.get(i) / 50.0, counts.get(i)));
        }
        double most = least + width;
        List<Double> chosen = ShimChoice.of(least, most, stock);
        int bestPieces = Integer.MAX_VALUE;
        double bestOff = Double.MAX_VALUE;
        for (int mask = 0; mask < 256; mask++) {
            double sum = 0;
            int pieces = 0;
            boolean allowed = true;
            for (int i = 0; i < 4; i++) {
                int n = mask >> 2 * i & 3;
                allowed &= i < stock.size() ? n <= stock.get(i).count() : n == 0;
                sum += i < stock.size() ? n * stock.get(i).thicknessMm() : 0;
                pieces += n;
            }
            double off = Math.abs(sum - (least + most) / 2);
            if (allowed
                    && sum >= least - 1e-9
                    && sum <= most + 1e-9
                    && (pieces < bestPieces || pieces == bestPieces && off < bestOff)) {
                bestPieces = pieces;
                bestOff = off;
            }
        }
        if (bestPieces == Integer.MAX_VALUE) {
            assertThat(chosen).isNull();
        } else {
            assertThat(chosen).hasSize(bestPieces);
            double sum = chosen.stream().mapToDouble(Double::doubleValue).sum();
            assertThat(Math.abs(sum - (least + most) / 2)).isCloseTo(bestOff, within(1e-6));
        }
    }

    @Test
    void rowsAreTypedAndEveryTemplateStands() {
        for (var t : LinkFields.templates()) {
            TypedStack typed = TypedStack.of(LinkFields.template(t.code()), UnitSystem.METRIC);
            assertThat(typed.problems()).as(t.code()).isEmpty();
            assertThat(StackWords.answer(Stack.of(typed.input())).figures()).isNotEmpty();
        }
        Map<String, String> texts = new HashMap<>(LinkFields.template("case"));
        texts.put("thickness-s0", "0.1");
        texts.put("count-s0", "many");
        texts.put("length-o0", "");
        TypedStack wrong = TypedStack.of(texts, UnitSystem.METRIC);
        assertThat(wrong.problems()).extracting(p -> p.field()).contains("count-s0", "length-o0");
        assertThat(wrong.input()).isNull();
        assertThat(TypedStack.of(Map.of("min", "0", "max", "1"), UnitSystem.METRIC)
                        .problems())
                .extracting(p -> p.field())
                .containsExactly("outer", "inner");
        assertThat(TypedStack.of(Map.of("min", "1", "max", "0"), UnitSystem.METRIC)
                        .problems())
                .extracting(p -> p.field())
                .contains("max");
    }
}
