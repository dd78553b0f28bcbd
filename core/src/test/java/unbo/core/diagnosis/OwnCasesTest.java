package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;

import org.junit.jupiter.api.Test;

class OwnCasesTest {

    private static OwnCases.Case closed(String vehicle, String cause, String position, String checks) {
        return new OwnCases.Case(vehicle, cause, position, Observations.of(checks, vehicle));
    }

    private static OwnCases times(int n, OwnCases.Case one) {
        return OwnCases.of(Collections.nCopies(n, one));
    }

    @Test
    void aShippedRowIsWorthTwentyCases() {
        assertThat(OwnCases.over(new double[] {0.5, 0.3, 0.2}, new int[] {0, 20, 0}))
                .containsExactly(new double[] {0.25, 0.65, 0.1}, within(1e-12));
        assertThat(OwnCases.over(new double[] {0.5, 0.5}, new int[] {0, 0})).containsExactly(0.5, 0.5);
    }

    @Test
    void whatClosedJobsTurnedOutToBeMovesThePrior() {
        OwnCases own = times(20, closed("trailer", "wheel-bearing", "axle1-left", ""));
        DiagnosisInput nothing = Asked.input("trailer", "");
        double before = Diagnosis.of(nothing).probability("wheel-bearing", "axle1-left");
        double after = Diagnosis.of(nothing, own).probability("wheel-bearing", "axle1-left");
        assertThat(after).isCloseTo((20 * before + 20) / 40, within(1e-9));
        assertThat(own.truths("trailer")).isEqualTo(20);
        assertThat(own.truths("car")).isZero();
    }

    @Test
    void resultsUnderTheTruthMoveTheLikelihoods() {
        OwnCases own = times(30, closed("car", "wheel-bearing", "front-left", "noise-surface=changes"));
        String heard = "noise-follows=road-speed noise-surface=changes";
        Diagnosis shipped = Asked.of("car", heard);
        Diagnosis moved = Diagnosis.of(Asked.input("car", heard), own);
        double shippedOdds =
                shipped.probability("wheel-bearing", "front-right") / shipped.probability("tyre", "front-right");
        double movedOdds = moved.probability("wheel-bearing", "front-right") / moved.probability("tyre", "front-right");
        assertThat(movedOdds).isGreaterThan(1.5 * shippedOdds);
    }

    @Test
    void aResultAtASoundHubCountsForTheSoundOnes() {
        OwnCases own = times(40, closed("car", "wheel-bearing", "front-left", "listen-probe@rear-right=rumble"));
        String heard = "listen-probe@rear-right=rumble";
        assertThat(Diagnosis.of(Asked.input("car", heard), own).probability("wheel-bearing", "rear-right"))
                .isLessThan(Asked.of("car", heard).probability("wheel-bearing", "rear-right"));
    }

    @Test
    void aServiceWithNothingWrongIsNotCounted() {
        OwnCases own = OwnCases.of(List.of(
                closed("trailer", "regular-service", "axle1-left", ""),
                closed("trailer", "wheel-bearing", "nowhere", ""),
                closed("trailer", "brake-drag", "axle1-left", "")));
        assertThat(own.cases()).isEqualTo(1);
    }

    @Test
    void noneOfTheseIsCountedAsTruthButTeachesNoRow() {
        OwnCases own = times(10, closed("car", "none-of-these", "front-left", "noise-surface=changes"));
        assertThat(own.cases()).isEqualTo(10);
        assertThat(Diagnosis.of(Asked.input("car", ""), own).probability("none-of-these", null))
                .isGreaterThan(Asked.of("car", "").probability("none-of-these", null));
    }

    @Test
    void theTableShowsShippedBesideMovedWithTheNumberOfCases() {
        ShippedTable table = ShippedTable.of(
                "trailer", times(5, closed("trailer", "wheel-bearing", "axle1-left", "grease-out@axle1-left=milky")));
        assertThat(table.priors()).anyMatch(p -> p.cases() == 5 && p.moved() > p.shipped());
        assertThat(table.priors().stream()
                        .mapToDouble(ShippedTable.Prior::shipped)
                        .sum())
                .isCloseTo(1, within(1e-9));
        assertThat(table.priors().stream()
                        .mapToDouble(ShippedTable.Prior::moved)
                        .sum())
                .isCloseTo(1, within(1e-9));
        assertThat(table.checks().stream().flatMap(c -> c.rows().stream()).filter(r -> r.cases() > 0))
                .singleElement()
                .satisfies(r -> assertThat(r.cases()).isEqualTo(5));
    }

    /** One more and one less, against counting all of them anew. */
    @Test
    void aCountIsMovedByOneAsIfAllWereCountedAnew() {
        OwnCases.Case bearing = closed("car", "wheel-bearing", "front-left", "noise-surface=changes");
        OwnCases.Case tyre = closed("car", "tyre", "front-left", "noise-surface=changes");
        OwnCases.Case nothing = closed("trailer", "regular-service", "front-left", "");
        OwnCases before = OwnCases.of(List.of(bearing, bearing));
        OwnCases more = before.moved(tyre, 1);
        OwnCases counted = OwnCases.of(List.of(bearing, bearing, tyre));
        String heard = "noise-follows=road-speed noise-surface=changes";
        DiagnosisInput asked = Asked.input("car", heard);
        assertThat(more.cases()).isEqualTo(3);
        assertThat(Diagnosis.of(asked, more).probability("tyre", "front-left"))
                .isEqualTo(Diagnosis.of(asked, counted).probability("tyre", "front-left"))
                .isNotEqualTo(Diagnosis.of(asked, before).probability("tyre", "front-left"));
        assertThat(before.cases()).as("what was counted before stays as it was").isEqualTo(2);
        OwnCases less = more.moved(tyre, -1);
        assertThat(Diagnosis.of(asked, less).probability("tyre", "front-left"))
                .isEqualTo(Diagnosis.of(asked, before).probability("tyre", "front-left"));
        assertThat(less.moved(nothing, 1).cases()).isEqualTo(2);
    }
}
