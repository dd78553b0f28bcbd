package unbo.core.lubrication;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Grams, intervals and viscosities computed by hand. */
class GreasePinsTest {

    private static BearingGreaseInput bearing(
            BearingGreaseInput.Duty duty, Double mass, boolean ball, BearingGreaseInput.Service service) {
        return new BearingGreaseInput(
                new BearingGreaseInput.Size(25, 52, 15, mass),
                new BearingGreaseInput.Made(ball, !ball, false),
                duty,
                1.3,
                6.0,
                1,
                service);
    }

    private static BearingGreaseInput.Duty duty(String use, Double rpm, double celsius) {
        return new BearingGreaseInput.Duty(10, rpm, use, celsius, null);
    }

    /** π/4·15·(52² − 25²)/1000 = 24.493 cm³; less 0.128 kg of steel 8.083; open balls 0.32 of it, tapers 0.25. */
    @Test
    void theRoomForGrease() {
        assertThat(FreeVolume.envelopeCm3(25, 52, 15)).isCloseTo(24.493, within(0.001));
        assertThat(FreeVolume.cm3(24.493, 0.128, true)).isCloseTo(8.083, within(0.001));
        assertThat(FreeVolume.cm3(24.493, null, true)).isCloseTo(7.838, within(0.001));
        assertThat(FreeVolume.cm3(24.493, null, false)).isCloseTo(6.123, within(0.001));
    }

    /** By use, and where none is named by n·dm: to 50 000, to 300 000, over it. dm is 38.5 mm. */
    @ParameterizedTest
    @CsvSource({
        "wheel, 1000, 0.30, 0.50",
        "pulley, 1000, 0.25, 0.35",
        "pivot, 1000, 0.80, 0.90",
        "general, 1298.70, 0.50, 0.75",
        "general, 1298.71, 0.30, 0.50",
        "general, 7792.20, 0.30, 0.50",
        "general, 7792.21, 0.25, 0.30",
        "general, , 0.30, 0.50"
    })
    void sharesByUseAndSpeed(String use, Double rpm, double least, double most) {
        BearingGrease g = BearingGrease.of(bearing(duty(use, rpm, 70), 0.128, true, null));
        assertThat(g.share()).isEqualTo(new Share(least, most));
        assertThat(g.grams().least()).isCloseTo(8.083 * least * 0.9, within(0.001));
        assertThat(g.grams().most()).isCloseTo(8.083 * most * 0.9, within(0.001));
    }

    /** 6 cm³ of cavity: a third to a half, 0.9 g/cm³. 0.005·52·15 = 3.9 g, in strokes of 1.3 g three. */
    @Test
    void cavityReplenishmentAndStrokes() {
        BearingGrease g = BearingGrease.of(bearing(duty("wheel", 600.0, 70), null, false, null));
        assertThat(g.cavityGrams().least()).isCloseTo(1.8, within(1e-9));
        assertThat(g.cavityGrams().most()).isCloseTo(2.7, within(1e-9));
        assertThat(g.handPacked().least()).isCloseTo(6.123 * 0.9 * 0.8, within(0.001));
        assertThat(g.handPacked().most()).isCloseTo(6.123 * 0.9, within(0.001));
        assertThat(g.replenishGrams()).isCloseTo(3.9, within(1e-9));
        assertThat(g.strokes()).isEqualTo(3.0);
        assertThat(BearingGrease.of(bearing(duty("wheel", 600.0, 70), null, true, null))
                        .handPacked())
                .isNull();
    }

    /** 10·(14e6/(1500·5) − 100) = 17 667 h at 70 °C; a half for every 15 K begun; 30 000 h at most. */
    @ParameterizedTest
    @CsvSource({
        "1500, 70, 17666.67",
        "1500, 40, 17666.67",
        "1500, 71, 8833.33",
        "1500, 85, 8833.33",
        "1500, 86, 4416.67",
        "300, 70, 30000",
        "0, 70, 30000",
        "100000, 70, 0"
    })
    void intervals(double rpm, double celsius, double hours) {
        assertThat(BearingGrease.of(bearing(duty("wheel", rpm, celsius), null, true, null))
                        .hours())
                .isCloseTo(hours, within(0.01));
    }

    /** 17 666.67 h at 30 km/h are 530 000 km; of 20 000 a year 26.5 years; 3 strokes each. */
    @Test
    void theIntervalAsADistanceADayAndStrokesAYear() {
        LocalDate from = LocalDate.parse("2026-01-01");
        BearingGrease g = BearingGrease.of(
                bearing(duty("wheel", 1500.0, 70), null, true, new BearingGreaseInput.Service(30, 20_000.0, from)));
        assertThat(g.km()).isCloseTo(530_000, within(0.1));
        assertThat(g.dueOn()).isEqualTo(from.plusDays(9679));
        assertThat(g.strokesAYear()).isCloseTo(3 * 20_000 / 530_000.0, within(1e-6));
        BearingGrease unknown = BearingGrease.of(
                bearing(duty("wheel", 1500.0, 70), null, true, new BearingGreaseInput.Service(30, null, from)));
        assertThat(unknown.km()).isCloseTo(530_000, within(0.1));
        assertThat(unknown.dueOn()).isNull();
        assertThat(unknown.strokesAYear()).isNull();
        assertThat(BearingGrease.of(bearing(
                                duty("wheel", 100_000.0, 70),
                                null,
                                true,
                                new BearingGreaseInput.Service(30, 1.0, from)))
                        .km())
                .isNull();
    }

    private static HubGrease hub(String kind, String old, boolean immersed, double celsius, Double stroke) {
        return HubGrease.of(new HubGreaseInput(
                List.of(
                        GreaseTest.taper("outer", 25, 52, 15),
                        GreaseTest.open("inner", 25, 52, 15, HubGreaseInput.Rolls.BALL, Share.of("wheel", null))),
                new HubGreaseInput.Cavity(40, 50, 30, 0.35),
                new HubGreaseInput.Filling(kind, old),
                new HubGreaseInput.Duty(immersed, celsius),
                new HubGreaseInput.By("gun", stroke)));
    }

    /** π/4·40·(50² − 30²)/1000 = 50.265 cm³; 0.35 of it 15.83 g; taper 5.511 g, ball 2.116 to 3.527 g. */
    @Test
    void gramsOfAHub() {
        HubGrease g = hub("CaS", "CaS", true, 70, 1.2);
        assertThat(g.cavityCm3()).isCloseTo(50.265, within(0.001));
        assertThat(g.cavityGrams()).isCloseTo(15.834, within(0.001));
        assertThat(g.portions().get(0).grams().most()).isCloseTo(5.511, within(0.001));
        assertThat(g.portions().get(1).grams().least()).isCloseTo(2.116, within(0.001));
        assertThat(g.portions().get(1).grams().most()).isCloseTo(3.527, within(0.001));
        assertThat(g.totalGrams()).isCloseTo(5.511 + 3.527 + 15.834, within(0.002));
        assertThat(g.replenishG()).isCloseTo(7.8, within(1e-9));
        assertThat(g.strokes()).isEqualTo(6.5);
        assertThat(hub("CaS", "CaS", true, 70, 1.3).strokes()).isEqualTo(6.0);
        assertThat(hub("CaS", "CaS", true, 70, null).strokes()).isNull();
        assertThat(g.findings()).extracting(f -> f.code()).containsExactly("mix-compatible");
    }

    @Test
    void whatIsSaidOfAHubsGrease() {
        assertThat(hub("Li", "", true, 70, null).findings())
                .extracting(f -> f.code())
                .containsExactly("old-grease-unknown", "washes-out");
        assertThat(hub("Li", "", false, 70, null).findings())
                .extracting(f -> f.code())
                .containsExactly("old-grease-unknown");
        double hot = Mixing.thickener("Li").orElseThrow().hotC();
        assertThat(hub("Li", "Li", false, hot, null).findings())
                .extracting(f -> f.code())
                .containsExactly("mix-compatible");
        assertThat(hub("Li", "Li", false, hot + 1, null).findings())
                .extracting(f -> f.code())
                .containsExactly("mix-compatible", "grease-too-hot");
    }

    /** ASTM D341 through 220 and 19.5 mm²/s: 52.62 at 70 °C; at the two points themselves what was given. */
    @Test
    void viscosityOverTemperature() {
        assertThat(Viscosity.at(220, 19.5, 70)).isCloseTo(52.62, within(0.01));
        assertThat(Viscosity.at(220, 19.5, 40)).isCloseTo(220, within(1e-6));
        assertThat(Viscosity.at(220, 19.5, 100)).isCloseTo(19.5, within(1e-6));
    }

    /** 45 000·n^−0.83/√dm under 1000 rpm, 4500/√(n·dm) from there: 27.71 at 800 rpm and 40 mm. */
    @ParameterizedTest
    @CsvSource({"800, 40, 27.713", "100, 40, 155.66", "1000, 40, 22.5", "4000, 40, 11.25", "999.999, 40, 23.02"})
    void viscosityRequired(double rpm, double pitch, double nu) {
        assertThat(Viscosity.required(rpm, pitch)).isCloseTo(nu, within(0.01));
    }

    @Test
    void kappaIsTheirRatio() {
        Viscosity v = Viscosity.of(new Viscosity.Input(220, 19.5, 70, 800, 40));
        assertThat(v.kappa()).isCloseTo(52.62 / 27.713, within(0.001));
    }
}
