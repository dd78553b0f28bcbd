package unbo.speed;

import java.util.concurrent.TimeUnit;

import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;
import unbo.core.signal.Noise;
import unbo.core.signal.NoiseInput;
import unbo.core.signal.Recording;
import unbo.core.signal.Speed;
import unbo.core.simulation.RecordedHub;

/**
 * A recording of one minute at 48 kHz: the whole analysis, and one plain transform pass over the same samples, in
 * milliseconds.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3)
@Measurement(iterations = 6)
@Fork(value = 2, jvmArgs = "-Xmx384m")
public class NoiseSpeed {

    private static final int RATE = 48_000;
    private static final int SECONDS = 60;
    private static final int SEGMENT = 1 << 20;

    private final BearingGeometry bearing = BearingGeometry.of(9, 7.94, 39, 0);
    private final NoiseInput input = new NoiseInput(bearing, Turning.INNER, Speed.steady(600), null, 0, 0);
    private Recording minute;

    @Setup
    public void record() {
        minute = Recording.mono(
                RATE,
                new RecordedHub(
                                bearing,
                                Turning.INNER,
                                RecordedHub.Fault.OUTER,
                                new RecordedHub.Speed(600, 600),
                                new RecordedHub.Sound(0.7, 0.6, 0.2, 0.5, 0.007),
                                SECONDS,
                                RATE,
                                1)
                        .recorded());
    }

    @Benchmark
    public Noise.Outcome analyseOneMinute() {
        return Noise.of(input, minute);
    }

    @Benchmark
    public double transformOneMinute() {
        double sum = 0;
        for (int from = 0; from < minute.samples().length; from += SEGMENT) {
            double[][] data = new double[2][SEGMENT];
            for (int i = 0; i < Math.min(SEGMENT, minute.samples().length - from); i++) {
                data[0][i] = minute.samples()[from + i];
            }
            FastFourierTransformer.transformInPlace(data, DftNormalization.STANDARD, TransformType.FORWARD);
            sum += data[0][1];
        }
        return sum;
    }
}
