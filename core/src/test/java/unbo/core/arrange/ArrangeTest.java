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
import unbo.core.tools.setting.ArrangementFields;
import unbo.core.tools.setting.ArrangementWords;
import unbo.core.tools.setting.ConeHubFields;
import unbo.core.tools.setting.ConeHubWords;
import unbo.core.tools.setting.EndPlayHeatFields;
import unbo.core.tools.setting.EndPlayHeatWords;
import unbo.core.tools.setting.SpacerHubFields;
import unbo.core.tools.setting.SpacerHubWords;
import unbo.core.tools.setting.UnitHubFields;
import unbo.core.tools.setting.UnitHubWords;

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
        return Arrangement.of(read(ArrangementFields.LIST, tight, pairs).record());
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
                SpacerHub.of(read(SpacerHubFields.LIST, hub, "spacer", "59.98").record());
        assertThat(fine.sideLoaded()).isFalse();
        assertThat(fine.lifeShare()).isEqualTo(1);
        SpacerHub shortOne =
                SpacerHub.of(read(SpacerHubFields.LIST, hub, "spacer", "59.80").record());
        assertThat(shortOne.sideLoaded()).isTrue();
        assertThat(shortOne.sideN()).isGreaterThan(100);
        assertThat(shortOne.lifeShare()).isLessThan(0.9);
        assertThat(SpacerHubWords.answer(shortOne).findings().get(0).sentence()).contains("shim of 0.20 mm");
        assertThat(SpacerHubWords.answer(
                                SpacerHub.of(read(SpacerHubFields.LIST, Map.of("designation", "6902", "layout", "one"))
                                        .record()))
                        .level())
                .isEqualTo(Level.RIGHT);
        assertThat(read(SpacerHubFields.LIST, hub, "spacer", "40").sentences("spacer"))
                .singleElement()
                .asString()
                .contains("measure both again");
        assertThat(read(SpacerHubFields.LIST, Map.of("designation", "32008X", "layout", "both"))
                        .sentences("designation"))
                .isNotEmpty();
    }

    @Test
    void twoTightBallBearingsOnACrankAreFlaggedAndARollerAtOneEndIsClear() {
        Arrangement balls = crank("6305", "6305");
        assertThat(balls.sideLoads()).isTrue();
        assertThat(ArrangementWords.answer(balls).level()).isEqualTo(Level.SOON);
        assertThat(ArrangementWords.answer(balls).sentences()).anyMatch(t -> t.contains("NU305"));
        Arrangement roller = crank("6305", "NU305");
        assertThat(roller.sideLoads()).isFalse();
        assertThat(ArrangementWords.answer(roller).level()).isEqualTo(Level.RIGHT);
        assertThat(ArrangementWords.answer(crank("NU305", "NU305")).level()).isEqualTo(Level.STOP);
    }

    @Test
    void bothEndsFloatingAreRefused() {
        Arrangement a = Arrangement.of(read(
                        ArrangementFields.LIST,
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
        assertThat(ArrangementWords.answer(a).findings().get(0).sentence()).contains("either way");
    }

    @Test
    void oneSlidingOuterRingLocatesItOnceAndAPairOfTapersIsAdjusted() {
        assertThat(ArrangementWords.answer(Arrangement.of(read(
                                        ArrangementFields.LIST,
                                        Map.of("leftBearing", "6205", "rightBearing", "6205", "rightOuter", "none"))
                                .record()))
                        .findings()
                        .get(0)
                        .code())
                .isEqualTo("located-once");
        Arrangement tapers = crank("32008X", "32008X", "between", "150");
        assertThat(tapers.adjusted()).isTrue();
        assertThat(tapers.growsMm()).isCloseTo(0.136, within(0.001));
        assertThat(ArrangementWords.answer(tapers).findings())
                .anyMatch(f -> f.code().equals("adjusted-grows"));
        assertThat(read(ArrangementFields.LIST, Map.of("leftBearing", "yard", "rightBearing", "6205"))
                        .sentences("leftBearing"))
                .isNotEmpty();
    }

    @Test
    void aUnitHubIsHeldByItsAxleNutAndAConeByADegreeOrTwo() {
        assertThat(UnitHubWords.answer(
                                read(UnitHubFields.LIST, Map.of("torque", "250", "maker", "250", "newNut", "yes"))
                                        .record())
                        .level())
                .isEqualTo(Level.RIGHT);
        assertThat(UnitHubWords.answer(
                                read(UnitHubFields.LIST, Map.of("torque", "180", "maker", "250", "newNut", "yes"))
                                        .record())
                        .level())
                .isEqualTo(Level.SOON);
        assertThat(UnitHubWords.answer(read(
                                        UnitHubFields.LIST,
                                        Map.of("torque", "250", "maker", "250", "newNut", "yes", "turns", "tight"))
                                .record())
                        .level())
                .isEqualTo(Level.STOP);
        ConeHub cone = read(ConeHubFields.LIST, Map.of("back", "15")).record();
        assertThat(cone.playMm()).isCloseTo(0.042, within(0.001));
        assertThat(ConeHubWords.answer(cone).level()).isEqualTo(Level.RIGHT);
        assertThat(ConeHubWords.answer(read(ConeHubFields.LIST, Map.of("back", "15", "clamped", "play"))
                                .record())
                        .level())
                .isEqualTo(Level.SOON);
    }

    @Test
    void aSteelHubWarmedByItsBrakeLoosens() {
        Map<String, String> pair = Map.of("outerRace", "50", "innerRace", "50", "between", "50");
        EndPlayHeat hub = EndPlayHeat.of(read(EndPlayHeatFields.LIST, pair, "hubWarmer", "40", "endPlay", "0.05")
                .record());
        assertThat(hub.changeSteelMm()).isCloseTo(0.070, within(0.001));
        assertThat(hub.changeHubMm()).isEqualTo(hub.changeSteelMm());
        assertThat(hub.mostHotMm()).isCloseTo(0.120, within(0.001));
        EndPlayHeat cones = EndPlayHeat.of(read(EndPlayHeatFields.LIST, pair, "hubWarmer", "0", "conesWarmer", "15")
                .record());
        assertThat(cones.changeSteelMm()).isCloseTo(-0.026, within(0.001));
        assertThat(EndPlayHeatWords.answer(
                                EndPlayHeat.of(read(EndPlayHeatFields.LIST, pair, "hubWarmer", "0", "conesWarmer", "40")
                                        .record()))
                        .level())
                .isEqualTo(Level.SOON);
    }

    @Test
    void anAlloyHubIsGivenAsTwoBounds() {
        EndPlayHeat alloy = EndPlayHeat.of(read(
                        EndPlayHeatFields.LIST,
                        Map.of("outerRace", "50", "innerRace", "50", "between", "50"),
                        "hub",
                        "aluminium",
                        "hubWarmer",
                        "40")
                .record());
        assertThat(alloy.changeHubMm()).isGreaterThan(alloy.changeSteelMm());
        assertThat(EndPlayHeatWords.answer(alloy).figures().get(0).value()).contains("–");
    }
}
