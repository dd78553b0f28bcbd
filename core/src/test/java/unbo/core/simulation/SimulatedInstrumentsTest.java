package unbo.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import unbo.core.Shipped;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;
import unbo.core.input.UnitSystem;
import unbo.core.runout.Runout;
import unbo.core.runout.RunoutInput;
import unbo.core.runout.Surface;
import unbo.core.signal.WavFile;

class SimulatedInstrumentsTest {

    private static TurningHub hub(Map<String, String> texts) {
        return Shipped.read(TurningHub.LIST, texts, UnitSystem.METRIC).record();
    }

    @Test
    void aTurnOfTheSimulatedHubIsReadForWhatItWasMade() {
        TurningHub hub = hub(Map.of(
                "eccentric", "0.06", "eccentricAt", "130", "dent", "-0.03", "dentAt", "250", "scatter", "0.003"));
        List<Double> readings = IntStream.range(0, 24)
                .mapToObj(k -> hub.reading(15.0 * k, false, 0))
                .toList();
        Runout runout =
                Runout.of(new RunoutInput(readings, Surface.find("disc").orElseThrow(), 0.1, false, List.of(), 180));
        assertThat(runout.first().highSpotDeg()).isCloseTo(130, within(5.0));
        assertThat(runout.worstSpike().angleDeg()).isCloseTo(250, within(15.0));
    }

    @Test
    void pulledItShowsItsEndPlay() {
        TurningHub hub = hub(Map.of("play", "0.1", "scatter", "0"));
        assertThat(hub.reading(0, true, 3) - hub.reading(0, false, 5)).isCloseTo(0.1, within(1e-12));
    }

    @Test
    void readingsScatterAndComeAgainByTheSeed() {
        TurningHub hub = hub(Map.of("scatter", "0.01"));
        assertThat(hub.reading(0, false, 1))
                .isNotEqualTo(hub.reading(0, false, 2))
                .isEqualTo(hub(Map.of("scatter", "0.01")).reading(0, false, 1));
        assertThat(hub.temperature(true, 1)).isCloseTo(35, within(2.0)).isNotEqualTo(hub.temperature(false, 1));
    }

    @Test
    void aRecordingIsSavedAsWav() throws IOException {
        Recorder recorder = Shipped.read(Recorder.LIST, Map.of("fault", "outer", "seconds", "10"), UnitSystem.METRIC)
                .record();
        float[] sound = recorder.record(BearingGeometry.of(9, 7.94, 39, 0), Turning.INNER, 600, 600);
        WavFile file = WavFile.read(new ByteArrayInputStream(WavWriter.write(sound, Recorder.RATE_HZ)));
        assertThat(file.recording().seconds()).isEqualTo(10);
        assertThat((double) file.recording().samples()[12345]).isCloseTo(sound[12345], within(1e-4));
    }
}
