package unbo.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.finding.Level;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.setting.EndPlayBand;

class ProofTest {

    private static EndPlay play(double... pulls) {
        List<Double> pull = java.util.Arrays.stream(pulls).boxed().toList();
        return EndPlay.of(pull.stream().map(p -> 0.0).toList(), pull, EndPlayBand.WHEEL_HUB);
    }

    @Test
    void meanAndSpreadOfThePairs() {
        EndPlay play = EndPlay.of(List.of(0.01, 0.0, -0.01), List.of(0.09, 0.08, 0.08), EndPlayBand.WHEEL_HUB);
        assertThat(play.meanMm()).isCloseTo(0.25 / 3, within(1e-12));
        assertThat(play.spreadMm()).isCloseTo(0.01, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"0.08,RIGHT,end-play-right", "0.025,RIGHT,end-play-right", "0.125,RIGHT,end-play-right", "0.01,SOON,end-play-tight",
        "0.14,SOON,end-play-loose", "0.15,SOON,end-play-loose", "0.16,STOP,end-play-stop"})
    void judgesByTheBand(double mm, Level level, String code) {
        assertThat(play(mm, mm, mm).finding()).satisfies(f -> {
            assertThat(f.level()).isEqualTo(level);
            assertThat(f.code()).isEqualTo(code);
        });
    }

    @Test
    void aSpreadAsBigAsTheMeanIsNoMeasurement() {
        assertThat(play(0.02, 0.14, 0.08).finding().sentence()).contains("no measurement");
    }

    @Test
    void anIndicatorMountedTheOtherWayRoundReadsTheSameEndPlay() {
        assertThat(play(-0.08, -0.08, -0.09).meanMm()).isCloseTo(play(0.08, 0.08, 0.09).meanMm(), within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"38,36,RIGHT,hub-cool", "50,36,RIGHT,hub-cool", "51,36,SOON,hub-warm", "95,40,STOP,hub-hot", "95,96,SOON,hubs-hot", "30,40,RIGHT,hub-cool"})
    void judgesAHubAgainstItsTwin(double hub, double twin, Level level, String code) {
        assertThat(HubHeat.of(hub, twin).finding().level()).isEqualTo(level);
        assertThat(HubHeat.of(hub, twin).finding().code()).isEqualTo(code);
    }

    @Test
    void namesEveryMissingProof() {
        Proof empty = Proof.of(FieldReader.read(ProofFields.LIST, Map.of("push", "0 0", "pull", "0.1 0.1"), UnitSystem.METRIC).record());
        assertThat(empty.missing()).hasSize(4);
        assertThat(empty.complete()).isFalse();
        Proof whole = Proof.of(FieldReader.read(ProofFields.LIST, Map.of("push", "0 0 0", "pull", "3 thou; 3 thou; 3 thou", "hubTemperature", "100F",
                "twinTemperature", "36 C", "splitPin", "yes", "initials", "AH"), UnitSystem.METRIC).record());
        assertThat(whole.missing()).isEmpty();
        assertThat(whole.complete()).isTrue();
        assertThat(whole.endPlay().meanMm()).isCloseTo(0.0762, within(1e-9));
        assertThat(whole.heat().warmerK()).isCloseTo(1.78, within(0.01));
    }

    @Test
    void eachPushNeedsItsPull() {
        assertThat(FieldReader.read(ProofFields.LIST, Map.of("push", "0 0 0", "pull", "0.1"), UnitSystem.METRIC).sentences("pull"))
                .singleElement().asString().contains("each push has its pull");
    }
}
