package unbo.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class BrakeHeatTest {

    private static final BrakeHeat.Body DISC = new BrakeHeat.Body(8 * 500, 10);
    private static final BrakeHeat.Body HUB = new BrakeHeat.Body(3 * 470, 1);

    private static BrakeHeat of(double powerW, double minutes, Double joint, List<BrakeHeat.Reading> readings) {
        return BrakeHeat.of(new BrakeHeat.Input(powerW, minutes, 20, DISC, HUB, joint, readings));
    }

    /** 1200 kg from 120 to 60 km/h, 0.3 of it here, every 20 s: 500 kJ · 0.3 / 20 = 7500 W. */
    @Test
    void heatOfStopsAndOfADescent() {
        assertThat(BrakeHeat.ofStops(1200, 120, 60, 0.3, 20)).isCloseTo(7500, within(1e-6));
        assertThat(BrakeHeat.ofDescent(1500, 600, 0.3, 12)).isCloseTo(1500 * 9.81 * 600 * 0.3 / 720, within(1e-9));
    }

    /** P 2000, Ga 10, Gj 2, Gh 1: under 20 + 10 + 2 = 32; disc 20 + 2000·3/32 = 207.5, hub 20 + 2000·2/32 = 145. */
    @Test
    void whereItSettles() {
        BrakeHeat heat = of(2000, 2000, 2.0, List.of());
        assertThat(heat.settled().discC()).isCloseTo(207.5, within(1e-9));
        assertThat(heat.settled().hubC()).isCloseTo(145, within(1e-9));
        assertThat(heat.stopped().hubC()).isCloseTo(145, within(1e-3));
    }

    /** The exact modes against ten thousand small steps. */
    @Test
    void theModesAreThoseOfSmallSteps() {
        BrakeHeat heat = of(3000, 10, 2.0, List.of());
        double disc = 20;
        double hub = 20;
        double step = 600.0 / 100_000;
        for (int i = 0; i < 100_000; i++) {
            double over = 2 * (disc - hub);
            disc += step * (3000 - 10 * (disc - 20) - over) / DISC.heatJPerK();
            hub += step * (over - (hub - 20)) / HUB.heatJPerK();
        }
        assertThat(heat.stopped().discC()).isCloseTo(disc, within(0.05));
        assertThat(heat.stopped().hubC()).isCloseTo(hub, within(0.05));
    }

    /** The hub goes on rising after the stop, as the disc gives its heat to it. */
    @Test
    void theHubIsHottestAfterTheStop() {
        BrakeHeat heat = of(4000, 5, 1.0, List.of());
        assertThat(heat.hubMostMin()).isBetween(1.0, 60.0);
        assertThat(heat.hubMostC()).isGreaterThan(heat.stopped().hubC() + 5);
        assertThat(heat.afterStop(heat.hubMostMin() + 2).hubC()).isLessThan(heat.hubMostC());
    }

    @Property(tries = 60)
    void readingsGiveTheJointBack(@ForAll @DoubleRange(min = 0.3, max = 6) double joint) {
        BrakeHeat true0 = of(4000, 6, joint, List.of());
        List<BrakeHeat.Reading> readings = Stream.of(0.0, 5.0, 10.0)
                .map(m -> new BrakeHeat.Reading(m, true0.afterStop(m).hubC()))
                .toList();
        BrakeHeat fitted = of(4000, 6, null, readings);
        assertThat(fitted.jointWPerK()).isCloseTo(joint, within(joint * 0.02));
        assertThat(fitted.spreadK()).isLessThan(0.5);
    }

    @Test
    void withoutReadingsAJointIsTyped() {
        assertThatThrownBy(() -> of(4000, 6, null, List.of())).isInstanceOf(IllegalArgumentException.class);
    }
}
