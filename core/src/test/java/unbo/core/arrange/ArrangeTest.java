package unbo.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.Shipped;
import unbo.core.bearing.BearingGeometry;
import unbo.core.finding.Level;
import unbo.core.input.FieldList;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;

class ArrangeTest {

    private static <T> Reading<T> read(FieldList<T> list, Map<String, String> base, String... pairs) {
        Map<String, String> texts = new HashMap<>(base);
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(list, texts, UnitSystem.METRIC);
    }

    private static Arrangement crank(String left, String right, String... pairs) {
        Map<String, String> tight = Map.of(
                "leftBearing",
                left,
                "rightBearing",
                right,
                "leftInnerTight",
                "yes",
                "leftOuterTight",
                "yes",
                "rightInnerTight",
                "yes",
                "rightOuterTight",
                "yes");
        return Arrangement.of(read(Arrangement.LIST, tight, pairs).record());
    }

    @Test
    void theWorkedSideLoadByHertz() {
        BearingGeometry g = BearingGeometry.of(9, 7.94, 38.5, 0);
        double kn = SpacerHub.stiffness(g);
        assertThat(kn).isCloseTo(270_000, within(15_000.0));
        assertThat(SpacerHub.sideN(g, 0.010, 0.050, kn)).isCloseTo(770, within(50.0));
        assertThat(SpacerHub.sideN(g, 0.010, -0.001, kn)).isZero();
    }

    @Test
    void aSpacerWithinTheClearanceSideLoadsNothingAndOneFarOffDoes() {
        Map<String, String> hub = Map.of("designation", "6902", "layout", "both", "shoulders", "60.00");
        SpacerHub fine =
                SpacerHub.of(read(SpacerHub.LIST, hub, "spacer", "59.98").record());
        assertThat(fine.sideLoaded()).isFalse();
        assertThat(fine.lifeShare()).isEqualTo(1);
        SpacerHub shortOne =
                SpacerHub.of(read(SpacerHub.LIST, hub, "spacer", "59.80").record());
        assertThat(shortOne.sideLoaded()).isTrue();
        assertThat(shortOne.sideN()).isGreaterThan(100);
        assertThat(shortOne.lifeShare()).isLessThan(0.9);
        assertThat(shortOne.answer().findings().get(0).sentence()).contains("shim of 0.20 mm");
        assertThat(SpacerHub.of(read(SpacerHub.LIST, Map.of("designation", "6902", "layout", "one"))
                                .record())
                        .answer()
                        .level())
                .isEqualTo(Level.RIGHT);
        assertThat(read(SpacerHub.LIST, hub, "spacer", "40").sentences("spacer"))
                .singleElement()
                .asString()
                .contains("measure both again");
        assertThat(read(SpacerHub.LIST, Map.of("designation", "32008X", "layout", "both"))
                        .sentences("designation"))
                .isNotEmpty();
    }

    @Test
    void twoTightBallBearingsOnACrankAreFlaggedAndARollerAtOneEndIsClear() {
        Arrangement balls = crank("6305", "6305");
        assertThat(balls.sideLoads()).isTrue();
        assertThat(balls.answer().level()).isEqualTo(Level.SOON);
        assertThat(balls.answer().sentences()).anyMatch(t -> t.contains("NU305"));
        Arrangement roller = crank("6305", "NU305");
        assertThat(roller.sideLoads()).isFalse();
        assertThat(roller.answer().level()).isEqualTo(Level.RIGHT);
        assertThat(crank("NU305", "NU305").answer().level()).isEqualTo(Level.STOP);
    }

    @Test
    void bothEndsFloatingAreRefused() {
        Arrangement a = Arrangement.of(read(
                        Arrangement.LIST,
                        Map.of(
                                "leftBearing",
                                "6205",
                                "rightBearing",
                                "6205",
                                "leftOuter",
                                "none",
                                "rightOuter",
                                "none"))
                .record());
        assertThat(a.floating()).isTrue();
        assertThat(a.answer().findings().get(0).sentence()).contains("either way");
    }

    @Test
    void oneSlidingOuterRingLocatesItOnceAndAPairOfTapersIsAdjusted() {
        assertThat(Arrangement.of(read(
                                        Arrangement.LIST,
                                        Map.of("leftBearing", "6205", "rightBearing", "6205", "rightOuter", "none"))
                                .record())
                        .answer()
                        .findings()
                        .get(0)
                        .code())
                .isEqualTo("located-once");
        Arrangement tapers = crank("32008X", "32008X", "between", "150");
        assertThat(tapers.adjusted()).isTrue();
        assertThat(tapers.growsMm()).isCloseTo(0.136, within(0.001));
        assertThat(tapers.answer().findings()).anyMatch(f -> f.code().equals("adjusted-grows"));
        assertThat(read(Arrangement.LIST, Map.of("leftBearing", "yard", "rightBearing", "6205"))
                        .sentences("leftBearing"))
                .isNotEmpty();
    }

    @Test
    void aUnitHubIsHeldByItsAxleNutAndAConeByADegreeOrTwo() {
        assertThat(read(UnitHub.LIST, Map.of("torque", "250", "maker", "250", "newNut", "yes"))
                        .record()
                        .answer()
                        .level())
                .isEqualTo(Level.RIGHT);
        assertThat(read(UnitHub.LIST, Map.of("torque", "180", "maker", "250", "newNut", "yes"))
                        .record()
                        .answer()
                        .level())
                .isEqualTo(Level.SOON);
        assertThat(read(UnitHub.LIST, Map.of("torque", "250", "maker", "250", "newNut", "yes", "turns", "tight"))
                        .record()
                        .answer()
                        .level())
                .isEqualTo(Level.STOP);
        ConeHub cone = read(ConeHub.LIST, Map.of("back", "15")).record();
        assertThat(cone.playMm()).isCloseTo(0.042, within(0.001));
        assertThat(cone.answer().level()).isEqualTo(Level.RIGHT);
        assertThat(read(ConeHub.LIST, Map.of("back", "15", "clamped", "play"))
                        .record()
                        .answer()
                        .level())
                .isEqualTo(Level.SOON);
    }

    @Test
    void aSteelHubWarmedByItsBrakeLoosens() {
        Map<String, String> pair = Map.of("outerRace", "50", "innerRace", "50", "between", "50");
        EndPlayHeat hub = EndPlayHeat.of(read(EndPlayHeat.LIST, pair, "hubWarmer", "40", "endPlay", "0.05")
                .record());
        assertThat(hub.changeSteelMm()).isCloseTo(0.070, within(0.001));
        assertThat(hub.changeHubMm()).isEqualTo(hub.changeSteelMm());
        assertThat(hub.mostHotMm()).isCloseTo(0.120, within(0.001));
        EndPlayHeat cones = EndPlayHeat.of(read(EndPlayHeat.LIST, pair, "hubWarmer", "0", "conesWarmer", "15")
                .record());
        assertThat(cones.changeSteelMm()).isCloseTo(-0.026, within(0.001));
        assertThat(EndPlayHeat.of(read(EndPlayHeat.LIST, pair, "hubWarmer", "0", "conesWarmer", "40")
                                .record())
                        .answer()
                        .level())
                .isEqualTo(Level.SOON);
    }

    @Test
    void anAlloyHubIsGivenAsTwoBounds() {
        EndPlayHeat alloy = EndPlayHeat.of(read(
                        EndPlayHeat.LIST,
                        Map.of("outerRace", "50", "innerRace", "50", "between", "50"),
                        "hub",
                        "aluminium",
                        "hubWarmer",
                        "40")
                .record());
        assertThat(alloy.changeHubMm()).isGreaterThan(alloy.changeSteelMm());
        assertThat(alloy.answer().figures().get(0).value()).contains("–");
    }
}
