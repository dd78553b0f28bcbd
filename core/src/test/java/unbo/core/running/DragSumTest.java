package unbo.core.running;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

import unbo.core.designation.Decoder;
import unbo.core.motion.Friction;

class DragSumTest {

    private static final DragSum.Ride RIDE = new DragSum.Ride(20, 0.34, 70, 4, 100);

    private static DragSum.Place place(String name, String number, DragSum.Turns turns, Double price) {
        return new DragSum.Place(name, Candidate.of(Decoder.SHIPPED.decode(number)), 2, turns, 300, 0.5, 20, price);
    }

    /** 20 km/h on 0.34 m: 5.556/2.136·60 = 156.05 rpm; jockeys four times the cranks; a head does not turn. */
    @Test
    void speedsOfARide() {
        assertThat(RIDE.rpm(DragSum.Turns.WHEEL)).isCloseTo(156.03, within(0.1));
        assertThat(RIDE.rpm(DragSum.Turns.JOCKEY)).isEqualTo(280);
        assertThat(RIDE.rpm(DragSum.Turns.STILL)).isZero();
    }

    /** A line is the drag of one bearing at its speed, times its count; the sum is that of the lines. */
    @Test
    void theSumIsThatOfItsBearings() {
        DragSum sum = DragSum.of(new DragSum.Input(
                List.of(
                        place("hub", "6001-2RS", DragSum.Turns.WHEEL, 9.0),
                        place("head", "6008-2RS", DragSum.Turns.STILL, null)),
                RIDE,
                List.of()));
        Candidate hub = Candidate.of(Decoder.SHIPPED.decode("6001-2RS"));
        BearingDrag one = BearingDrag.of(new BearingDrag.Input(
                hub,
                true,
                new BearingDrag.Input.Load(300, 0),
                RIDE.rpm(DragSum.Turns.WHEEL),
                100,
                new BearingDrag.Input.Made(Friction.Seals.CONTACT, false),
                new BearingDrag.Input.Set(hub.ratings().c0N(), 1, 0)));
        assertThat(sum.watts()).isCloseTo(2 * one.powerW(), within(1e-12));
        assertThat(sum.lines().get(1).watts()).isZero();
        assertThat(sum.minutes()).isEqualTo(40);
        assertThat(sum.grams()).isGreaterThan(0);
    }

    /** Two contact seals of 12 mm: 40 N·mm · (12/25)² = 9.2, light 2.3: 6.9 saved, 2 bearings at 156 rpm 0.226 W. */
    @Test
    void whatALighterSealSavesStandsBesideTheAlternatives() {
        DragSum sum = DragSum.of(new DragSum.Input(
                List.of(
                        place("hub", "6001-2RS", DragSum.Turns.WHEEL, 9.0),
                        place("jockey", "6001-2RS", DragSum.Turns.JOCKEY, null)),
                RIDE,
                List.of(new DragSum.Alternative("chain cleaned and oiled", 3, 0.5))));
        assertThat(sum.changes())
                .extracting(DragSum.Change::name)
                .containsExactly("chain cleaned and oiled", "hub, lighter seals", "jockey, lighter seals");
        assertThat(sum.changes().get(1).savedW()).isCloseTo(0.2259, within(1e-3));
        assertThat(sum.changes().get(1).perMoney()).isCloseTo(0.2259 / 18, within(1e-4));
    }

    @Test
    void sealsGoLighterByAStep() {
        assertThat(DragSum.lighter(Friction.Seals.CONTACT)).isEqualTo(Friction.Seals.LIGHT);
        assertThat(DragSum.lighter(Friction.Seals.LIGHT)).isEqualTo(Friction.Seals.LOW_DRAG);
        assertThat(DragSum.lighter(Friction.Seals.NONE)).isEqualTo(Friction.Seals.NONE);
    }
}
