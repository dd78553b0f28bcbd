package unbo.core.duty;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

import unbo.core.bearing.BearingBook;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.designation.Decoder;
import unbo.core.life.LifeFactor;

class DutyTest {

    private static final Duty.Running SLOW = new Duty.Running(1000, 1, 0.55, 50);

    private static Duty of(String number, Duty.Load load, double hours, boolean sealed) {
        return of(number, load, hours, sealed, Decoder.SHIPPED);
    }

    private static Duty of(String number, Duty.Load load, double hours, boolean sealed, BearingBook book) {
        return Duty.of(new Duty.Input(book.find(number), book, load, SLOW, hours, sealed));
    }

    private static Duty.Load load(double newton, double degrees) {
        return new Duty.Load(newton, degrees, true, false);
    }

    private static Duty.Stand stand(Duty duty, String number) {
        return duty.same().stream()
                .filter(stand -> stand.bearing().number().equals(number))
                .findFirst()
                .orElseThrow(() -> new AssertionError(number + " is not among " + duty.same()));
    }

    @Test
    void aPureRadialLoadGivesTheLifeOfTheFormula() {
        Duty.Stand fitted =
                requireNonNull(of("6207", load(2000, 0), 5000, false).fitted());
        double c = fitted.of().ratings().cN();
        double c0 = fitted.of().ratings().c0N();
        double factor = LifeFactor.of(false, 1, 0.55 * LifeFactor.fatigueLimitN(c0, false) / 2000);
        assertThat(fitted.hours()).isEqualTo(Math.pow(c / 2000, 3) * 1e6 / 60 / 1000 * factor, within(1e-6));
        assertThat(fitted.safety()).isEqualTo(c0 / 2000, within(1e-9));
        assertThat(fitted.faults()).isEmpty();
    }

    @Test
    void everyKindIsRefusedForWhatItCannotDo() {
        Duty across = of("6207", load(2000, 0), 5000, false);
        Duty slanting = of("6207", load(2000, 15), 5000, false);
        Duty steep = of("6207", load(2000, 45), 5000, false);
        assertThat(stand(across, "NU207").faults()).isEmpty();
        assertThat(stand(across, "7207").faults())
                .as("alone its radial load parts it")
                .containsExactly(Duty.Fault.ONE_WAY);
        assertThat(stand(slanting, "NU207").faults()).containsExactly(Duty.Fault.NO_THRUST);
        assertThat(stand(slanting, "NUP207").faults()).isEmpty();
        assertThat(stand(steep, "NUP207").faults()).containsExactly(Duty.Fault.RIBS);
        assertThat(stand(slanting, "7207").faults()).containsExactly(Duty.Fault.ONE_WAY);
        // 40°: it makes 1.14 of its radial load in thrust; at 60° there are 1732 N along to 1000 N across
        assertThat(stand(of("6207", new Duty.Load(2000, 15, false, false), 5000, false), "7207")
                        .faults())
                .containsExactly(Duty.Fault.ONE_WAY);
        assertThat(stand(of("6207", new Duty.Load(2000, 60, false, false), 500, false), "7207")
                        .faults())
                .doesNotContain(Duty.Fault.ONE_WAY);
        Duty sealed = of("6207", load(2000, 0), 5000, true);
        assertThat(stand(sealed, "NU207").faults()).containsExactly(Duty.Fault.NOT_SEALED);
        assertThat(sealed.same().get(0).faults()).isEmpty();
        Duty thrust = of("51107", load(2000, 30), 5000, false);
        assertThat(requireNonNull(thrust.fitted()).faults()).contains(Duty.Fault.NO_RADIAL);
    }

    /** A taper stands against a second one: that takes the thrust from the other side. */
    @Test
    void aTaperOfAPairIsNotRefusedForItsThrust() {
        Duty.Load pair = new Duty.Load(2000, 15, true, true);
        Duty.Stand taper = requireNonNull(of("32007X", pair, 1000, false).fitted());
        assertThat(taper.faults()).isEmpty();
        assertThat(requireNonNull(of("32007X", load(2000, 15), 1000, false).fitted())
                        .faults())
                .containsExactly(Duty.Fault.ONE_WAY);
    }

    /** What fits the width of the place stands before what lasts longer and does not. */
    @Test
    void ofThoseThatHoldTheOnesOfItsWidthStandFirst() {
        Duty duty = of("6207", load(6000, 20), 8000, false);
        List<Duty.Stand> held = duty.same().stream().filter(Duty.Stand::holds).toList();
        assertThat(held).extracting(Duty.Stand::asWide).isSortedAccordingTo(java.util.Comparator.reverseOrder());
        assertThat(duty.holds()).map(Duty.Stand::asWide).contains(true);
        assertThat(of("NU207", load(2000, 0), 500, false).ladder())
                .allSatisfy(stand ->
                        assertThat(Duty.loads(stand.of()).thrust()).isEqualTo(unbo.core.life.SingleLoad.Thrust.NONE));
    }

    @Test
    void theLadderIsOfItsKindOnItsBoreAndTheFirstThatHoldsIsNamed() {
        Duty duty = of("6207", load(6000, 0), 8000, false);
        assertThat(requireNonNull(duty.fitted()).faults()).contains(Duty.Fault.SHORT);
        assertThat(duty.ladder()).isNotEmpty().allSatisfy(stand -> {
            assertThat(stand.of().kind()).isEqualTo(BearingKind.DEEP_GROOVE_BALL);
            assertThat(stand.of().boreMm()).isEqualTo(35);
            assertThat(stand.of().outsideMm()).isGreaterThan(72);
        });
        assertThat(duty.ladder())
                .extracting(stand -> stand.of().outsideMm())
                .isSorted()
                .doesNotHaveDuplicates();
        assertThat(duty.ladder()).extracting(stand -> stand.bearing().number()).contains("6307");
        assertThat(requireNonNull(duty.holds().orElseThrow()).hours()).isGreaterThanOrEqualTo(8000);
    }

    /** On the line of what it carries it lasts just as long as is wanted, or just does not dent. */
    @Test
    void theLineOfWhatItCarriesIsTheLifeOrTheDent() {
        Duty duty = of("6207", load(2000, 0), 8000, false);
        for (Duty.Stand stand : duty.same()) {
            for (double degrees = 0; degrees <= 90; degrees += 7.5) {
                double most = duty.carriesN(stand.of(), degrees);
                if (most > 0) {
                    Duty.Load at = load(most, degrees);
                    boolean life = Math.abs(Duty.hours(stand.of(), at, SLOW) - 8000) < 1;
                    boolean dent = Math.abs(Duty.safety(stand.of(), at) - Duty.LEAST_SAFETY) < 1e-6;
                    assertThat(life || dent)
                            .as(stand.of().name() + " at " + degrees)
                            .isTrue();
                } else {
                    assertThat(Duty.cannot(stand.of(), load(1, degrees))).isPresent();
                }
            }
        }
    }

    @Test
    void anOwnBearingStandsBesideTheListedOnesWithItsPriceAndRatings() {
        BearingBook own = new Decoder(List.of(new OwnBearing(
                new Boundary(BearingKind.DEEP_GROOVE_BALL, "HB 35-72-17", 35, 72, 17, "own", ""),
                40_000.0,
                24_000.0,
                12.5,
                2)));
        Duty.Stand stand = of("6207", load(3000, 0), 5000, false, own).same().stream()
                .filter(one -> one.bearing().designation().equals("HB 35-72-17"))
                .findFirst()
                .orElseThrow();
        assertThat(stand.price()).isEqualTo(12.5);
        assertThat(stand.of().ratings().cN()).isEqualTo(40_000);
        assertThat(stand.wider()).isEqualTo(0);
    }

    @Test
    void whatTurnsTooFastIsSaid() {
        Duty duty = Duty.of(new Duty.Input(
                Decoder.SHIPPED.find("6207"),
                Decoder.SHIPPED,
                load(200, 0),
                new Duty.Running(20_000, 1, 0.55, 50),
                100,
                false));
        assertThat(requireNonNull(duty.fitted()).faults()).contains(Duty.Fault.FAST);
    }
}
