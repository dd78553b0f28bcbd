package unbo.core.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.fit.Material;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.StackLines;

/** Where a stack's answer turns: the ends of the band, the worst case, slips of the pen, what is solved for. */
class StackEdgesTest {

    private static final Material STEEL = Material.STEEL;

    private static Link link(String name, double mm, double plusMinus) {
        return new Link(name, mm, plusMinus, STEEL);
    }

    /** A gap of 2 mm whose worst case is ± 0.03, into 0.02 to 0.10. */
    private static Stack gap(double outer, double shim, double plusMinus) {
        return Stack.of(new StackInput(
                List.of(link("case", outer, plusMinus)),
                List.of(link("shaft", 10, 0.01)),
                0.02,
                0.10,
                List.of(new StackInput.Shim(shim, 3)),
                80));
    }

    /** Result 0.05, worst case ± 0.03: 0.02 to 0.08, both ends still inside. */
    @ParameterizedTest
    @CsvSource({"0.02,true", "0.0201,false", "0.01,true", "0.03,false", "0.04,false"})
    void theWorstCaseMayTouchTheEndOfTheBandAndNoMore(double plusMinus, boolean inside) {
        Stack s = gap(12.05, 1.0, plusMinus);
        assertThat(s.resultMm()).isCloseTo(0.05, within(1e-9));
        assertThat(s.inside()).isTrue();
        assertThat(s.worstInside()).isEqualTo(inside);
    }

    /** Result 0.08, worst case over the upper end. */
    @Test
    void theWorstCaseIsHeldAgainstTheUpperEndToo() {
        assertThat(gap(12.08, 1.0, 0.01).worstInside()).isTrue();
        assertThat(gap(12.08, 1.0, 0.0101).worstInside()).isFalse();
    }

    @Test
    void whereNoShimFitsNothingIsInside() {
        Stack s = gap(12.05, 0.7, 0.01);
        assertThat(s.shimsMm()).isNull();
        assertThat(s.inside()).isFalse();
        assertThat(s.worstInside()).isFalse();
        assertThat(s.resultMm()).isNull();
        assertThat(s.hotResultMm()).isNull();
        assertThat(s.shimSumMm()).isZero();
    }

    /** Hot gap less two shims of 1 mm that grow as steel does: 2·(1 + 11.7e-6·60) = 2.001404. */
    @Test
    void shimsGrowWithTheShaft() {
        Stack s = gap(12.05, 1.0, 0.01);
        assertThat(s.hotGapMm()).isCloseTo(2.05 * (1 + 11.7e-6 * 60), within(1e-4));
        assertThat(s.hotResultMm()).isCloseTo(s.hotGapMm() - 2.001404, within(1e-9));
    }

    @Test
    void anUnknownLinkOfEitherChainIsSolvedWithItsSign() {
        Link unknown = new Link("spacer", null, 0.02, STEEL);
        StackInput outer = new StackInput(
                List.of(link("case", 30, 0.01), unknown), List.of(link("shaft", 42, 0)), 0.0, 0.1, List.of(), 20);
        Stack solved = Stack.of(outer);
        assertThat(solved.solvedMm()).isCloseTo(12.05, within(1e-9));
        assertThat(solved.gapMm()).isCloseTo(0.05, within(1e-9));
        assertThat(solved.worstMm()).isCloseTo(0.03, within(1e-9));
        assertThat(solved.input().outer()).extracting(Link::name).containsExactly("case", "spacer");
        assertThat(solved.input().inner()).extracting(Link::name).containsExactly("shaft");
        Stack inner = Stack.of(new StackInput(
                List.of(link("case", 42, 0)), List.of(link("shaft", 30, 0), unknown), 0.0, 0.1, List.of(), 20));
        assertThat(inner.solvedMm()).isCloseTo(11.95, within(1e-9));
        assertThat(inner.gapMm()).isCloseTo(0.05, within(1e-9));
    }

    /** A gap 3.99 mm off the wanted one is taken as it is; from 4 on a link is looked for that slipped. */
    @ParameterizedTest
    @CsvSource({"4.39,0", "4.40,2", "4.9,2"})
    void onlyAnAbsurdGapIsQuestioned(double gasket, int questions) {
        Stack s = Stack.of(new StackInput(
                List.of(link("recess", 9.6, 0), link("gasket", gasket, 0)),
                List.of(link("spigot", 10, 0)),
                -0.1,
                0.1,
                List.of(),
                20));
        assertThat(s.questions()).hasSize(questions);
        assertThat(s.questions()).extracting(Stack.Question::name).allMatch("gasket"::equals);
        if (questions > 0) {
            assertThat(s.questions().get(0).suggestedMm()).isCloseTo(gasket / 10, within(1e-9));
            assertThat(s.questions().get(1).suggestedMm()).isCloseTo(gasket / 25.4, within(1e-9));
        }
    }

    /** The same where a float of 1 mm is wanted: 5 mm of gap are absurd, 4.99 are not. */
    @ParameterizedTest
    @CsvSource({"5.39,0", "5.40,2"})
    void absurdIsMeasuredFromWhatIsWanted(double gasket, int questions) {
        assertThat(Stack.of(new StackInput(
                                List.of(link("recess", 9.6, 0), link("gasket", gasket, 0)),
                                List.of(link("spigot", 10, 0)),
                                0.9,
                                1.1,
                                List.of(),
                                20))
                        .questions())
                .hasSize(questions);
    }

    /** A gap of 4 mm that no slip explains is left alone. */
    @Test
    void whatNoSlipExplainsIsNotQuestioned() {
        assertThat(Stack.of(new StackInput(
                                List.of(link("case", 104, 0)), List.of(link("shaft", 100, 0)), 0, 0.1, List.of(), 20))
                        .questions())
                .isEmpty();
    }

    /** Both ends of the band are inside. */
    @ParameterizedTest
    @CsvSource({"12.02", "12.10"})
    void aResultAtAnEndOfTheBandIsInside(double outer) {
        Stack s = gap(outer, 1.0, 0);
        assertThat(s.shimsMm()).containsExactly(1.0, 1.0);
        assertThat(s.inside()).isTrue();
    }

    /** A shaft typed in inches makes the gap 24.4 times too large; taken as such it is 0.1. */
    @Test
    void anInchThatWasMeantIsFoundInTheInnerChain() {
        Stack s = Stack.of(
                new StackInput(List.of(link("case", 25.5, 0)), List.of(link("shaft", 1.0, 0)), 0, 0.2, List.of(), 20));
        assertThat(s.questions())
                .filteredOn(q -> q.name().equals("shaft"))
                .singleElement()
                .satisfies(q -> assertThat(q.suggestedMm()).isCloseTo(25.4, within(1e-9)));
    }

    @Test
    void whatIsToBeBoughtIsRoundedToAHundredth() {
        Stack s = gap(12.0549, 0.7, 0.01);
        assertThat(s.buyMm()).isCloseTo(1.99, within(1e-9));
        assertThat(gap(10.01, 0.7, 0.01).buyMm()).isNull();
    }

    /** Fewest pieces first, then nearest to the middle; shims thicker than what is wanted are passed over. */
    @Test
    void theFewestShimsThenTheMiddle() {
        List<StackInput.Shim> stock = List.of(
                new StackInput.Shim(5, 1),
                new StackInput.Shim(0.50, 0),
                new StackInput.Shim(0.30, 2),
                new StackInput.Shim(0.28, 1),
                new StackInput.Shim(0.10, 9));
        assertThat(ShimChoice.of(0.26, 0.34, stock)).containsExactly(0.30);
        assertThat(ShimChoice.of(0.26, 0.29, stock)).containsExactly(0.28);
        assertThat(ShimChoice.of(0.48, 0.52, stock)).containsExactly(0.30, 0.10, 0.10);
        assertThat(ShimChoice.of(-0.1, 0.05, stock)).isEmpty();
        assertThat(ShimChoice.of(-0.1, 0.0, stock)).isEmpty();
        assertThat(ShimChoice.of(-0.2, -0.1, stock)).isNull();
        assertThat(ShimChoice.of(5.0, 5.0, stock)).containsExactly(5.0);
        assertThat(ShimChoice.of(0.05, 0.08, stock)).isNull();
    }

    @Test
    void theSampleOfLinesIsAStackThatIsInside() {
        StackInput in = Shipped.read(StackLines.LIST, StackLines.sample(), UnitSystem.METRIC)
                .record();
        assertThat(in.stock()).extracting(StackInput.Shim::thicknessMm).containsExactly(0.1, 0.15, 0.3, 1.0);
        assertThat(Stack.of(in).inside()).isTrue();
        assertThat(StackLines.sample().keySet())
                .isEqualTo(Map.of("outer", "", "inner", "", "min", "", "max", "", "shims", "")
                        .keySet());
    }
}
