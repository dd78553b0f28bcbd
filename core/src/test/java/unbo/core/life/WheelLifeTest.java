package unbo.core.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import unbo.core.Shipped;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.lubrication.Viscosity;
import unbo.core.tools.running.ViscosityFields;
import unbo.core.tools.running.ViscosityWords;
import unbo.core.tools.running.WheelFields;
import unbo.core.tools.running.WheelWords;

class WheelLifeTest {

    private static final WheelInput.Bearing TAPER =
            new WheelInput.Bearing("taper", 35_000, 40_000, 14, true, false, 14);
    private static final WheelInput.Bearing BALL = new WheelInput.Bearing("ball", 14_000, 7_900, 0, false, false, 13.9);

    private static WheelInput wheel(double offset, double g, double kappa, double clean, WheelInput.Bearing both) {
        return new WheelInput(
                false,
                new WheelInput.Wheel(4000, 0.3, 60, offset),
                List.of(new WheelInput.State(1, g)),
                both,
                both,
                new WheelInput.Oil(kappa, clean),
                new WheelInput.VehicleBody(null, null));
    }

    private static Reading<WheelFields.Asked> read(String... pairs) {
        Map<String, String> texts = new HashMap<>(Map.of(
                "vehicle",
                "trailer",
                "wheelLoadN",
                "4000",
                "rollingRadiusM",
                "0.3",
                "spreadMm",
                "60",
                "outerDesignation",
                "L44643/L44610",
                "innerDesignation",
                "L68149/L68110"));
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(WheelFields.LIST, texts, UnitSystem.METRIC);
    }

    @Test
    void theWorkedReactions() {
        WheelLife straight = WheelLife.of(wheel(10, 0, 1, 0.5, TAPER));
        assertThat(straight.outer().radialN()).isCloseTo(2667, within(1.0));
        assertThat(straight.inner().radialN()).isCloseTo(1333, within(1.0));
        WheelLife bend = WheelLife.of(wheel(10, 0.75, 1, 0.5, TAPER));
        assertThat(bend.outer().radialN()).isCloseTo(12_333, within(1.0));
        assertThat(bend.inner().radialN()).isCloseTo(16_333, within(1.0));
        assertThat(bend.flangeMomentNm()).isCloseTo(-860, within(1.0));
    }

    @Test
    void thrustGoesIntoTheInnerBearingAndTheBalanceHoldsEitherWay() {
        for (double g : new double[] {0.3, -0.3}) {
            WheelLife life = WheelLife.of(wheel(10, g, 1, 0.5, TAPER));
            assertThat(life.inner().states().get(0).axialN()
                            - life.outer().states().get(0).axialN())
                    .isCloseTo(4000 * g, within(1e-6));
        }
        WheelLife leaning = WheelLife.of(new WheelInput(
                true,
                new WheelInput.Wheel(1000, 0.3, 60, 0),
                List.of(new WheelInput.State(1, 1)),
                BALL,
                BALL,
                new WheelInput.Oil(1, 0.5),
                new WheelInput.VehicleBody(null, null)));
        assertThat(leaning.inner().axialN()).isZero();
        assertThat(leaning.inner().radialN()).isCloseTo(1000 * Math.sqrt(2) / 2, within(1e-6));
    }

    @Test
    void theWorkedLifeFactors() {
        assertThat(LifeFactor.of(true, 2, 0.3)).isCloseTo(1.47, within(0.01));
        assertThat(LifeFactor.of(false, 0.3, 0.5)).isCloseTo(0.526, within(0.002));
        assertThat(LifeFactor.of(true, 4, 1000)).isEqualTo(50);
    }

    @Property(tries = 200)
    void lifeFallsWithLoadDirtAndAThinnerFilm(
            @ForAll @DoubleRange(min = 0.15, max = 3.5) double kappa,
            @ForAll @DoubleRange(min = 0.1, max = 0.9) double clean,
            @ForAll boolean rollers) {
        WheelInput in = wheel(8, 0.1, kappa, clean, rollers ? TAPER : BALL);
        double life = WheelLife.of(in).systemLifeKm();
        assertThat(WheelLife.of(in.offset(8).load(1.2).film(kappa)).systemLifeKm())
                .isLessThan(life);
        assertThat(WheelLife.of(in.offset(8).film(kappa * 0.8)).systemLifeKm()).isLessThanOrEqualTo(life);
        assertThat(WheelLife.of(wheel(8, 0.1, kappa, clean * 0.8, rollers ? TAPER : BALL))
                        .systemLifeKm())
                .isLessThanOrEqualTo(life);
    }

    @Property(tries = 100)
    void furtherOutTheOuterBearingSuffersWhileNoReactionChangesSign(
            @ForAll @DoubleRange(min = -25, max = 20) double offset) {
        WheelLife here = WheelLife.of(wheel(offset, 0, 1, 0.5, TAPER));
        WheelLife out = WheelLife.of(wheel(offset + 5, 0, 1, 0.5, TAPER));
        if (offset >= 0) {
            assertThat(out.outer().lifeKm())
                    .as("its own thrust is the larger one")
                    .isLessThan(here.outer().lifeKm());
        }
        WheelLife balls = WheelLife.of(wheel(offset, 0, 1, 0.5, BALL));
        WheelLife ballsOut = WheelLife.of(wheel(offset + 5, 0, 1, 0.5, BALL));
        assertThat(ballsOut.outer().lifeKm()).isLessThan(balls.outer().lifeKm());
        assertThat(ballsOut.inner().lifeKm())
                .as("no thrust is induced on it")
                .isGreaterThanOrEqualTo(balls.inner().lifeKm());
    }

    /** On the outside wheel of a bend, while the outer bearing is still pressed the same way: g under (a/2 + s)/R. */
    @Property(tries = 100)
    void aHarderBendTakesLifeFromTheInnerBearingWhileNoReactionChangesSign(
            @ForAll @DoubleRange(min = 0, max = 0.12) double g, @ForAll @DoubleRange(min = 2, max = 10) double offset) {
        WheelLife softer = WheelLife.of(wheel(offset, g, 1, 0.5, BALL));
        WheelLife harder = WheelLife.of(wheel(offset, g + 0.005, 1, 0.5, BALL));
        if (g + 0.005 < (30 + offset) / 300) {
            assertThat(harder.inner().lifeKm()).isLessThan(softer.inner().lifeKm());
            assertThat(harder.outer().lifeKm())
                    .as("it is relieved")
                    .isGreaterThanOrEqualTo(softer.outer().lifeKm());
        }
    }

    @Test
    void aSpacerTakesLifeFromTheOuterBearingAndABendDominates() {
        var answer = WheelWords.answer(read("offsetMm", "0", "newOffset", "25").record());
        assertThat(answer.figures().get(0).value()).startsWith("−");
        assertThat(answer.figures().get(1).value()).startsWith("−").contains(", ");
        double straight = WheelLife.of(wheel(0, 0, 1, 0.5, TAPER)).systemLifeKm();
        assertThat(WheelLife.of(wheel(0, 0.5, 1, 0.5, TAPER)).systemLifeKm()).isLessThan(straight / 10);
    }

    @Test
    void loadMovesOverOnlyWhereTrackAndHeightAreKnown() {
        WheelInput with = new WheelInput(
                false,
                new WheelInput.Wheel(4000, 0.3, 60, 0),
                List.of(new WheelInput.State(1, 0.2)),
                TAPER,
                TAPER,
                new WheelInput.Oil(1, 0.5),
                new WheelInput.VehicleBody(1500.0, 500.0));
        double moved = 4000 + 2 * 4000 * 0.2 * 500 / 1500;
        assertThat(WheelLife.of(with).inner().radialN()).isCloseTo((moved * 30 + moved * 0.2 * 300) / 60, within(1e-6));
    }

    @Test
    void whatCannotBeIsASentence() {
        assertThat(read("outerDesignation", "yard").sentences("outerDesignation"))
                .singleElement()
                .asString()
                .contains("write C and C0");
        assertThat(read("outerDesignation", "yard", "outerCN", "30000", "outerC0N", "32000")
                        .ok())
                .isTrue();
        assertThat(read("shares", "1 1", "lateralGs", "0").sentences("lateralGs"))
                .isNotEmpty();
        assertThat(read("offsetMm", "3").record().wheel().outer().estimated()).isTrue();
    }

    @Test
    void theWorkedViscosities() {
        assertThat(Viscosity.at(220, 19.5, 70)).isCloseTo(52.6, within(0.1));
        assertThat(Viscosity.required(800, 40)).isCloseTo(27.7, within(0.1));
        assertThat(Viscosity.at(220, 19.5, 40)).isCloseTo(220, within(0.01));
        assertThat(Viscosity.required(1000, 40)).isCloseTo(4500 / Math.sqrt(40_000), within(1e-9));
        Viscosity v = Viscosity.of(new Viscosity.Input(220, 19.5, 70, 800, 40));
        assertThat(v.kappa()).isCloseTo(52.6 / 27.7, within(0.01));
        assertThat(ViscosityWords.answer(v).findings().get(0).code()).isEqualTo("kappa-good");
        assertThat(Shipped.read(
                                ViscosityFields.LIST,
                                Map.of("nu40", "20", "nu100", "30", "rpm", "800", "pitchMm", "40"),
                                UnitSystem.METRIC)
                        .sentences("nu100"))
                .isNotEmpty();
    }

    @Test
    void everySliderChangesWhatItSays() {
        assertThat(read().record().changes()).isFalse();
        assertThat(read("newOffset", "20").record().changed().offsetMm()).isEqualTo(20);
        assertThat(read("loadFactor", "1.5").record().changed().wheelLoadN()).isEqualTo(6000);
        assertThat(read("lateralFactor", "2").record().changed().states())
                .extracting(WheelInput.State::lateralG)
                .containsExactly(0.0, 0.5, -0.5);
        assertThat(read("newKappa", "0.3").record().changed().kappa()).isEqualTo(0.3);
        assertThat(read("newContamination", "0.1").record().changed().contamination())
                .isEqualTo(0.1);
        assertThat(WheelWords.answer(read("newContamination", "0.1").record())
                        .figures()
                        .get(0)
                        .value())
                .startsWith("−");
        assertThat(read("newContamination", "0").sentences("newContamination")).isNotEmpty();
    }

    @ParameterizedTest
    @EnumSource(WheelSweep.class)
    void everySweepHasItsValuesBehindIt(WheelSweep sweep) {
        WheelInput wheel = wheel(8, 0.2, 1, 0.5, TAPER);
        var chart = WheelWords.chart(sweep, wheel);
        assertThat(chart.table().rows())
                .hasSize(21)
                .allSatisfy(row -> assertThat(row).hasSize(4));
        assertThat(chart.table().name()).isEqualTo(chart.drawing().name());
        double pair = WheelLife.of(wheel).systemLifeKm() / 1000;
        assertThat(chart.spots().get(0).y()).isCloseTo(pair, within(pair * 1e-9));
        assertThat(chart.lines().get(0).of().applyAsDouble(chart.spots().get(0).x()))
                .isCloseTo(pair, within(pair * 1e-9));
    }

    @Test
    void lateralHalfAGDominates() {
        WheelInput straight = wheel(0, 0, 1, 0.5, TAPER);
        double wide = WheelLife.of(straight.offset(25)).systemLifeKm()
                / WheelLife.of(straight).systemLifeKm();
        double bends = WheelLife.of(wheel(0, 0.5, 1, 0.5, TAPER)).systemLifeKm()
                / WheelLife.of(straight).systemLifeKm();
        assertThat(bends).isLessThan(wide / 5);
    }

    @Test
    void theSectionShowsTheReactionsToOneScaleAndWhereTheLoadLineGoes() {
        var drawing = WheelWords.answer(read("offsetMm", "0", "newOffset", "25").record())
                .drawings()
                .get(0);
        assertThat(drawing.title()).contains("outer 2000 N", "inner 2000 N");
        assertThat(drawing.shapes())
                .anySatisfy(s -> assertThat(s)
                        .isInstanceOfSatisfying(
                                unbo.core.drawing.Shape.Label.class,
                                l -> assertThat(l.text()).isEqualTo("changed, 25")));
        var lifts =
                WheelWords.answer(read("offsetMm", "40").record()).drawings().get(0);
        assertThat(lifts.title()).contains("inner −667 N");
    }

    @Test
    void theStatesStandInATable() {
        var table = WheelWords.answer(read().record()).alone().get(0);
        assertThat(table.rows()).extracting(r -> r.get(0)).containsExactly("straight", "bend, outside", "bend, inside");
        assertThat(table.rows().get(0).get(3)).isEqualTo("2000");
    }

    @Test
    void theLoadLineFollowsFromFlangeSpacerAndEt() {
        assertThat(read("flangeMm", "55", "etMm", "40").record().wheel().offsetMm())
                .isEqualTo(15);
        assertThat(read("flangeMm", "55", "etMm", "40", "spacerMm", "25")
                        .record()
                        .wheel()
                        .offsetMm())
                .isEqualTo(40);
        assertThat(read("flangeMm", "55", "etMm", "40", "offsetMm", "3")
                        .record()
                        .wheel()
                        .offsetMm())
                .isEqualTo(3);
        assertThat(read().record().wheel().offsetMm()).isZero();
        assertThat(read("spacerMm", "25").sentences("flangeMm"))
                .singleElement()
                .asString()
                .contains("only with the flange");
    }

    @Test
    void theFlangeMomentStandsWithTheFigures() {
        assertThat(WheelWords.answer(read("offsetMm", "25", "shares", "1", "lateralGs", "0")
                                .record())
                        .figures())
                .anySatisfy(f -> {
                    assertThat(f.what()).startsWith("flange moment");
                    assertThat(f.value()).isEqualTo("100");
                });
    }
}
