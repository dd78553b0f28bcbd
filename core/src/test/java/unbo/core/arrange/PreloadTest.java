package unbo.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.bearing.BearingKind;
import unbo.core.finding.Level;
import unbo.core.input.FieldList;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.motion.Friction;
import unbo.core.tools.setting.CrankTruingFields;
import unbo.core.tools.setting.CrankTruingWords;
import unbo.core.tools.setting.PreloadFields;
import unbo.core.tools.setting.PreloadWords;

class PreloadTest {

    private static <T> Reading<T> read(FieldList<T> list, String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(list, texts, UnitSystem.METRIC);
    }

    private static Preload preload(String... pairs) {
        return Preload.of(read(PreloadFields.LIST, pairs).record());
    }

    @Test
    void aSpringScaleTimesItsRadiusLessTheSealIsJudgedForThePlace() {
        Preload p = preload("place", "pinion", "scale", "72", "radius", "36", "seal", "0.3");
        assertThat(p.torqueNm()).isCloseTo(72 * 0.036 - 0.3, within(1e-9));
        assertThat(p.inside()).isTrue();
        assertThat(PreloadWords.answer(preload("place", "pinion", "used", "yes", "torque", "2.3"))
                        .level())
                .isEqualTo(Level.STOP);
        assertThat(PreloadWords.answer(preload("place", "pinion", "torque", "1.0"))
                        .level())
                .isEqualTo(Level.SOON);
        assertThat(preload("place", "pinion", "torque", "1.0", "makerMin", "0.8", "makerMax", "1.2")
                        .inside())
                .isTrue();
    }

    @Test
    void anOvershotCrushSleeveIsRenewedNeverBackedOff() {
        assertThat(PreloadWords.answer(preload("place", "pinion", "torque", "5", "crushSleeve", "yes"))
                        .findings()
                        .get(0)
                        .sentence())
                .contains("new crush sleeve");
    }

    @Test
    void aPinionsFiguresAreNeverAWheelHubs() {
        Preload hub = preload("place", "wheel-hub", "torque", "2.5");
        assertThat(hub.inside()).isFalse();
        assertThat(PreloadWords.answer(hub).findings())
                .anyMatch(f -> f.sentence().contains("never used on a wheel hub"));
    }

    @Test
    void torqueAndPreloadAreTwoWaysOfSayingOneThing() {
        Preload there = preload("place", "gearbox", "wanted", "1500");
        Preload back = preload("place", "gearbox", "torque", String.valueOf(there.expectedNm()));
        assertThat(back.preloadN()).isCloseTo(1500, within(1.0));
        assertThat(back.inside()).isNull();
        assertThat(read(PreloadFields.LIST, "place", "pinion", "scale", "40").sentences("radius"))
                .isNotEmpty();
        assertThat(read(PreloadFields.LIST, "place", "pinion").sentences("torque"))
                .isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "0,0,ends,WEDGE_OPPOSITE_PIN",
        "180,175,ends,SQUEEZE_OPPOSITE_PIN",
        "0,0,webs,SQUEEZE_OPPOSITE_PIN",
        "180,180,webs,WEDGE_OPPOSITE_PIN",
        "90,270,ends,STRIKE_LEFT",
        "20,-25,ends,WEDGE_OPPOSITE_PIN"
    })
    void theMoveFollowsFromBothVectors(String left, String right, String supports, CrankTruing.Move move) {
        CrankTruing crank = CrankTruing.of(read(
                        CrankTruingFields.LIST,
                        "leftTir",
                        "0.12",
                        "leftAngle",
                        left,
                        "rightTir",
                        "0.10",
                        "rightAngle",
                        right,
                        "supports",
                        supports)
                .record());
        assertThat(crank.move()).isEqualTo(move);
        assertThat(CrankTruingWords.answer(crank).level()).isEqualTo(Level.SOON);
    }

    @Test
    void aTorqueStandsForARangeOfPreload() {
        Preload pinion = Preload.of(
                read(PreloadFields.LIST, "place", "pinion", "torque", "2.2").record());
        assertThat(pinion.leastN()).isBetween(3500.0, 4500.0);
        assertThat(pinion.mostN()).isBetween(7000.0, 9000.0);
        assertThat(pinion.mostN() / pinion.leastN()).isCloseTo(2, within(1e-9));
        assertThat(pinion.preloadN() / pinion.mostN()).isCloseTo(0.8, within(1e-9));
        Preload wanted =
                Preload.of(read(PreloadFields.LIST, "place", "pinion", "wanted", String.valueOf(pinion.preloadN()))
                        .record());
        assertThat(wanted.expectedNm()).isCloseTo(2.2, within(1e-6));
        for (String place : new String[] {"steering-head", "unit-hub"}) {
            Preload none = Preload.of(
                    read(PreloadFields.LIST, "place", place, "torque", "2.2").record());
            assertThat(none.preloadN()).as(place).isNull();
            assertThat(none.leastN()).isNull();
            assertThat(PreloadWords.answer(none).figures())
                    .noneMatch(f -> f.what().contains("preload"));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "thrust-ball,0.0008,0.33,2",
        "self-aligning-ball,0.0003,0.4,2",
        "four-point-ball,0.001,0.33,2",
        "deep-groove-ball,0.0006,0.55,2",
        "cylindrical-roller,0.0003,0,4",
        "spherical-roller,0.0005,0,6"
    })
    void everyKindDragsByItsOwnFactors(String kind, double first, double power, double f0) {
        Friction f = Friction.of(
                new Friction.Turned(BearingKind.of(kind).orElseThrow(), 40, 25, Friction.Seals.NONE, false),
                new Friction.Oil(true, 10, 100),
                new Friction.Pressed(1000, 0.2));
        assertThat(f.loadNmm()).isCloseTo(first * (power == 0 ? 1 : Math.pow(0.2, power)) * 1000 * 40, within(1e-9));
        assertThat(f.lubricantNmm()).isCloseTo(f0 * 160e-7 * 64_000, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"NONE,0", "LOW_DRAG,0", "LIGHT,10", "CONTACT,40", "ONE_LIGHT,5", "ONE_CONTACT,20"})
    void eachSealCountsOnce(Friction.Seals seals, double nmm) {
        assertThat(Friction.of(
                                new Friction.Turned(BearingKind.DEEP_GROOVE_BALL, 38.5, 25, seals, false),
                                new Friction.Oil(true, 10, 100),
                                new Friction.Pressed(0, 0))
                        .sealsNmm())
                .isEqualTo(nmm);
    }

    @ParameterizedTest
    @CsvSource({
        "0.051,'',false,false,SOON",
        "0.050,'',false,true,WATCH",
        "0.026,'',false,true,WATCH",
        "0.025,'',true,false,RIGHT",
        "0.04,0.04,true,false,RIGHT",
        "0.041,0.04,false,false,SOON"
    })
    void betweenWorkAndTrueItMayRunWatched(String tir, String limit, boolean inside, boolean runs, Level level) {
        CrankTruing crank = CrankTruing.of(read(
                        CrankTruingFields.LIST,
                        "leftTir",
                        tir,
                        "leftAngle",
                        "10",
                        "rightTir",
                        "0.02",
                        "rightAngle",
                        "10",
                        "limit",
                        limit)
                .record());
        assertThat(crank.inside()).isEqualTo(inside);
        assertThat(crank.mayRun()).isEqualTo(runs);
        assertThat(CrankTruingWords.answer(crank).level()).isEqualTo(level);
    }

    @Test
    void roundsGoOnUntilBothAreInsideTheLimit() {
        CrankTruing crank = CrankTruing.of(read(
                        CrankTruingFields.LIST,
                        "leftTir",
                        "0.14 0.06 0.02",
                        "leftAngle",
                        "10 20 90",
                        "rightTir",
                        "0.12 0.05 0.025",
                        "rightAngle",
                        "0 0 180")
                .record());
        assertThat(crank.inside()).isTrue();
        assertThat(CrankTruingWords.answer(crank).findings().get(0).sentence()).contains("after 3 rounds");
        assertThat(CrankTruingWords.answer(crank).worksheet().lines()).hasSize(3);
        assertThat(read(
                                CrankTruingFields.LIST,
                                "leftTir",
                                "0.1 0.1",
                                "leftAngle",
                                "0",
                                "rightTir",
                                "0.1 0.1",
                                "rightAngle",
                                "0 0")
                        .sentences("leftAngle"))
                .singleElement()
                .asString()
                .contains("each round has all four");
    }

    @Test
    void frictionIsOfTheLubricantTheLoadAndTheSeals() {
        Friction sealed = Friction.of(
                new Friction.Turned(BearingKind.DEEP_GROOVE_BALL, 38.5, 25, Friction.Seals.CONTACT, false),
                new Friction.Oil(true, 100, 800),
                new Friction.Pressed(300, 0.05));
        Friction hybrid = Friction.of(
                new Friction.Turned(BearingKind.DEEP_GROOVE_BALL, 38.5, 25, Friction.Seals.LOW_DRAG, true),
                new Friction.Oil(true, 100, 800),
                new Friction.Pressed(300, 0.05));
        assertThat(sealed.sealsNmm()).isCloseTo(40, within(1e-9));
        assertThat(sealed.lubricantNmm())
                .isCloseTo(2 * 1e-7 * Math.pow(80_000, 2.0 / 3) * 38.5 * 38.5 * 38.5, within(1e-9));
        assertThat(hybrid.loadNmm()).isCloseTo(0.7 * sealed.loadNmm(), within(1e-9));
        assertThat(hybrid.powerW(800)).isLessThan(sealed.powerW(800));
        assertThat(Friction.of(
                                new Friction.Turned(BearingKind.DEEP_GROOVE_BALL, 38.5, 25, Friction.Seals.NONE, false),
                                new Friction.Oil(true, 100, 10),
                                new Friction.Pressed(0, 0))
                        .lubricantNmm())
                .isCloseTo(2 * 160e-7 * 38.5 * 38.5 * 38.5, within(1e-9));
    }
}
