package unbo.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import org.junit.jupiter.api.Test;

import unbo.core.apart.ClearanceLeft;
import unbo.core.apart.Together;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;

/** How a job's own assembly goes together, on its own seats. */
class PutBackTest {

    private static Sheet crank(Fact... more) {
        List<Fact> facts = new ArrayList<>(List.of(
                words(FactKey.ASSEMBLY, "crank"),
                words(PlaceProperty.CONE.at("left"), "6305/C3"),
                words(PlaceProperty.CONE.at("right"), "6305/C3")));
        facts.addAll(List.of(more));
        return Sheet.of(facts);
    }

    private static Fact words(FactKey key, String text) {
        return Fact.words(key, text, How.TYPED, "identify");
    }

    private static Together together(Sheet sheet) {
        return Objects.requireNonNull(PutBack.of(sheet, Typed.NOTHING, Knowledge.SHIPPED)
                .orElseThrow()
                .together());
    }

    private static ClearanceLeft left(Sheet sheet, String place) {
        return together(sheet).clearances().stream()
                .filter(one -> one.place().code().equals(place))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aSeatThatWasMeasuredLeavesItsOwnClearance() {
        double usual = left(crank(), "left").band().meanUm();
        Sheet tight = crank(
                Fact.number(PlaceProperty.SHAFT_MIN.at("left"), 25.030, How.MEASURED, "inspect"),
                Fact.number(PlaceProperty.SHAFT_MAX.at("left"), 25.030, How.MEASURED, "inspect"));
        assertThat(left(tight, "left").band().meanUm()).isLessThan(usual - 10);
        assertThat(left(tight, "right").band().meanUm()).isEqualTo(usual);
        Sheet renewed = tight.with(List.of(words(PlaceProperty.SHAFT_REMEDY.at("left"), "part renewed")));
        assertThat(left(renewed, "left").band().meanUm()).isEqualTo(usual);
    }

    @Test
    void aSeatThatWasFittedByItsSymbolCountsByIt() {
        double usual = left(crank(), "left").band().meanUm();
        Sheet tighter = crank(words(PlaceProperty.SHAFT_FIT.at("left"), "n6"));
        assertThat(left(tighter, "left").band().meanUm()).isLessThan(usual);
    }

    @Test
    void theBearingThatGoesInIsPutBackAndNotTheOneThatWasFound() {
        Sheet roller = crank(words(PlaceProperty.FITTED.at("right"), "NU305"));
        assertThat(together(roller).steps())
                .extracting(step -> step.part().code())
                .contains("right-inner-ring", "right-bearing");
        assertThat(together(crank()).steps())
                .extracting(step -> step.part().code())
                .contains("right-bearing")
                .doesNotContain("right-inner-ring");
        Typed strip = Typed.of(Map.of("kind", "crank", "right", "whole"), UnitSystem.METRIC);
        assertThat(Objects.requireNonNull(PutBack.of(roller, strip, Knowledge.SHIPPED)
                                .orElseThrow()
                                .together())
                        .steps())
                .extracting(step -> step.part().code())
                .contains("right-inner-ring");
    }

    @Test
    void withoutAKindNothingIsPlanned() {
        assertThat(PutBack.of(Sheet.of(List.of()), Typed.NOTHING, Knowledge.SHIPPED))
                .isEmpty();
        assertThat(PutBack.of(
                        Sheet.of(List.of(words(FactKey.ASSEMBLY, "pulley"))),
                        Typed.of(Map.of("kind", "crank"), UnitSystem.METRIC),
                        Knowledge.SHIPPED))
                .isPresent();
    }
}
