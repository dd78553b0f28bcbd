package unbo.core.tools;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.tools.plain.PlainTool;
import unbo.core.tools.running.BrakeHeatTool;
import unbo.core.tools.setting.BoltedUnitTool;
import unbo.core.tools.strength.HubStressTool;

/** What the tools for hard use, joints and bolted units judge, and where they refuse. */
class HardUseToolsTest {

    private static final AskedTool<?, HubStressTool.Bent> STRESS = new AskedTool<>(new HubStressTool());
    private static final AskedTool<?, BrakeHeatTool.BrakeHeated> HEAT = new AskedTool<>(new BrakeHeatTool());
    private static final AskedTool<?, PlainTool.JointRead> PLAIN = new AskedTool<>(new PlainTool());
    private static final AskedTool<?, BoltedUnitTool.Bolted> UNIT = new AskedTool<>(new BoltedUnitTool());

    /** 0.9 · 2500 · 0.28 − 2500 · 0.045 = 517.5 N·m; a kerb of 1000 N adds 280. */
    @Test
    void twoHubsUnderOneLoad() {
        assertThat(STRESS.result().parts().get(0).momentNm()).isCloseTo(517.5, within(1e-9));
        assertThat(STRESS.result("kerbN", "1000").parts().get(0).momentNm()).isCloseTo(797.5, within(1e-9));
        assertThat(STRESS.codes()).containsExactly("stress-lower");
        assertThat(STRESS.codes("parts", "a; 30; 40; 1; 45\nb; 30; 40; 0.5; 45"))
                .containsExactly("stress-higher");
        assertThat(STRESS.codes("parts", "a; 30; 40; 1; 45\nb; 30; 40; 1.1; 45"))
                .containsExactly("stress-alike");
        assertThat(STRESS.codes("parts", "a; 30; 40; 1; 45")).containsExactly("stress-alone");
    }

    @Test
    void whatNoCurveHasIsRefused() {
        assertThat(STRESS.refused("parts", "a; 30; 40; 0.1; 45")).anyMatch(s -> s.contains("sharp corner"));
        assertThat(STRESS.refused("parts", "a; 40; 30; 1; 45")).anyMatch(s -> s.contains("thicker"));
        assertThat(STRESS.refused("parts", "a; 30; 40; 1; 45; 35")).anyMatch(s -> s.contains("bore"));
        assertThat(STRESS.refused("parts", "a; 30; 40; 1; 45; 0; 9; 45")).anyMatch(s -> s.contains("four fifths"));
    }

    @ParameterizedTest
    @CsvSource({"200,brake-heat-fine", "40,brake-heat-seal", "20,brake-heat-over"})
    void brakeHeatIsJudgedByWhatSealsAndGreasesStand(String roundS, String code) {
        assertThat(HEAT.codes("roundS", roundS)).containsExactly(code);
    }

    @Test
    void greasesThatStandItKeepRoom() {
        assertThat(HEAT.result("roundS", "40").stands())
                .allSatisfy(t -> assertThat(t.hotC())
                        .isGreaterThan(HEAT.result("roundS", "40").heat().hubMostC()));
        assertThat(HEAT.refused("readings", "0; 60\n5; 62")).anyMatch(s -> s.contains("Three readings"));
        assertThat(HEAT.refused("toKmh", "140")).anyMatch(s -> s.contains("slower"));
        assertThat(HEAT.refused("work", "descent")).anyMatch(s -> s.contains("height"));
        assertThat(HEAT.codes("readings", "0; 400\n5; 20\n10; 350")).contains("brake-heat-fit");
    }

    @ParameterizedTest
    @CsvSource({
        "steering,0.05,,plain-steering-play",
        "suspension,0.2,,plain-play-fine",
        "suspension,0.31,,plain-worn",
        "lever,0.4,,plain-play-fine",
        "suspension,0.2,0.1,plain-worn"
    })
    void playIsJudgedByWhereItWorks(String use, String play, String limit, String code) {
        assertThat(PLAIN.codes("use", use, "playMm", play, "limitMm", limit == null ? "" : limit))
                .contains(code);
    }

    @Test
    void slidingIsJudgedByItsMaterial() {
        assertThat(PLAIN.codes()).contains("plain-stands");
        assertThat(PLAIN.codes("material", "nylon")).contains("plain-over");
        assertThat(PLAIN.codes("material", "sintered-bronze", "celsius", "90")).contains("plain-hot");
        assertThat(PLAIN.codes("playMm", "", "loadN", "")).containsExactly("plain-read");
        assertThat(PLAIN.refused("marking", "6305")).anyMatch(s -> s.contains("Number on a ring"));
        assertThat(PLAIN.answer("marking", "SALK 10 C").figures().get(0).other())
                .contains("left-hand", "M10", "no grease");
    }

    @Test
    void aBoltedUnitIsJudgedByFaceRingAndPulses() {
        assertThat(UNIT.codes()).containsExactly("unit-face-true", "unit-sensor-right");
        assertThat(UNIT.codes("faceMm", "0.06")).contains("unit-face-out");
        assertThat(UNIT.codes("faceMm", "")).contains("unit-face-open");
        assertThat(UNIT.codes("side", "away")).contains("unit-ring-away");
        assertThat(UNIT.codes("side", "unseen")).contains("unit-ring-unseen");
        assertThat(UNIT.codes("readHz", "0")).contains("unit-sensor-dead");
        assertThat(UNIT.codes("readHz", "240")).contains("unit-sensor-off");
        assertThat(UNIT.codes("torque", "")).contains("unit-torque-open");
        assertThat(UNIT.refused("ring", "none")).isNotEmpty();
    }

    @Test
    void aRimThatMovesIsPlayOrSpokes() {
        AskedTool<?, ?> tilt = new AskedTool<>(new unbo.core.tools.geometry.PlayTiltTool());
        assertThat(tilt.codes("sideForce", "60", "rimGives", "0.3")).contains("rim-by-play");
        assertThat(tilt.codes("sideForce", "60", "rimGives", "2.25")).contains("rim-by-spokes");
        assertThat(tilt.refused("sideForce", "60")).isNotEmpty();
    }
}
