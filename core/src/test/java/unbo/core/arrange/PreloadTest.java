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
