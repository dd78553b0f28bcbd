package unbo.core.signal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;
import unbo.core.simulation.RecordedHub;
import unbo.core.simulation.RecordedHub.Fault;

/**
 * 200 recordings of the simulated recorder, by a seed: outer, inner, element, cage, healthy. How loud the impacts are
 * is fixed here, not by the analyser: their energy in their best third-octave is 6 to 14 dB over all else in it.
 */
class RecordedHubsTest {

    private static final int RECORDINGS = 200;
    private static final int RATE = 16_000;

    private record Made(RecordedHub hub, NoiseInput asked, float[] sound) {}

    private static Made make(int i) {
        Random random = new Random(0x9E3779B97F4A7C15L * (i + 1));
        Fault fault = Fault.values()[i % 5];
        BearingGeometry real = bearing(random);
        Turning turning = random.nextBoolean() ? Turning.INNER : Turning.OUTER;
        double rpm = 300 + 900 * random.nextDouble();
        boolean ramp = i % 10 == 7;
        double end = ramp ? rpm * (0.8 + 0.4 * random.nextDouble()) : rpm;
        double gear = i % 3 == 0 ? 1 : 0.2 * random.nextDouble();
        RecordedHub hub = new RecordedHub(
                real,
                turning,
                fault,
                new RecordedHub.Speed(rpm, end),
                new RecordedHub.Sound(1, 1, gear, 1, 0.005 + 0.005 * random.nextDouble()),
                14,
                RATE,
                5000 + i);
        boolean estimated = i % 20 >= 15;
        BearingGeometry told = estimated
                ? new BearingGeometry(
                        real.elements() + random.nextInt(3) - 1,
                        real.elementMm() * (0.95 + 0.1 * random.nextDouble()),
                        real.pitchMm(),
                        real.contactDeg(),
                        true)
                : real;
        return new Made(
                hub,
                new NoiseInput(told, turning, ramp ? Speed.ramp(rpm, end) : Speed.steady(rpm), null, 0, 0),
                mixed(hub.parts(), random));
    }

    /**
     * A ball bearing as they are made: as many balls as filling lets in, one more or less; contact angle 0, 8 or 16°.
     */
    private static BearingGeometry bearing(Random random) {
        double pitch = 30 + 30 * random.nextDouble();
        double ball = pitch * (0.16 + 0.09 * random.nextDouble());
        int balls =
                (int) Math.round(0.25 + 209 / (2 * Math.toDegrees(Math.asin(ball / pitch)))) + random.nextInt(3) - 1;
        return BearingGeometry.of(balls, ball, pitch, random.nextInt(3) * 8);
    }

    private static float[] mixed(RecordedHub.Parts parts, Random random) {
        double impacts = rms(parts.impacts());
        double louder = Math.pow(10, 6 * random.nextDouble() / 20);
        double tyre = impacts == 0 ? 1 : louder * impacts / rms(parts.tyreAndGear());
        double wanted = Math.pow(10, (6 + 8 * random.nextDouble()) / 10);
        double road = impacts == 0 ? 1 : road(parts, tyre, wanted);
        return parts.mixed(1, tyre, road);
    }

    /** Loudness of the road at which the impacts' best third-octave stands as far over the rest as is wanted. */
    private static double road(RecordedHub.Parts parts, double tyre, double wanted) {
        double best = 0;
        for (int k = 0; k <= 9; k++) {
            double centre = 1000 * Math.pow(10, 0.1 * k);
            double left = energy(parts.impacts(), centre) / wanted - tyre * tyre * energy(parts.tyreAndGear(), centre);
            best = Math.max(best, left / energy(parts.road(), centre));
        }
        return Math.sqrt(Math.max(best, 0));
    }

    /** Energy in a third-octave: two resonators one after the other, plain arithmetic of this test's own. */
    private static double energy(float[] sound, double centre) {
        double w = 2 * Math.PI * centre / RATE;
        double r = 1 - Math.PI * 0.231 * centre / RATE;
        double a1 = 2 * r * Math.cos(w);
        double a2 = -r * r;
        double x1 = 0, x2 = 0, y1 = 0, y2 = 0, sum = 0;
        for (float s : sound) {
            double x = s + a1 * x1 + a2 * x2;
            x2 = x1;
            x1 = x;
            double y = x + a1 * y1 + a2 * y2;
            y2 = y1;
            y1 = y;
            sum += y * y;
        }
        return sum / sound.length;
    }

    private static double rms(float[] sound) {
        double sum = 0;
        for (float s : sound) {
            sum += s * s;
        }
        return Math.sqrt(sum / sound.length);
    }

    /** What the analysis made of a recording. */
    private record Heard(Fault fault, Family finding, String told) {

        boolean right() {
            return fault == Fault.NONE ? finding == null : finding != null && finding.ordinal() == fault.ordinal() - 1;
        }
    }

    private static Heard hear(int i) {
        Made made = make(i);
        Noise noise = Noise.of(made.asked(), Recording.mono(RATE, made.sound())).noise();
        return new Heard(
                made.hub().fault(),
                noise.finding(),
                String.format(
                        Locale.ROOT,
                        "  %d: %s at %.0f rpm, %s%s%s; said %s, %.1f dB%n",
                        i,
                        made.hub().fault(),
                        made.hub().rpm(),
                        made.hub().turning(),
                        made.asked().geometry().estimated() ? ", estimated geometry" : "",
                        made.asked().speed().kind() == Speed.Kind.RAMP ? ", ramp" : "",
                        noise.finding(),
                        noise.marginDb()));
    }

    @Test
    void theRightFamilyIsFoundAndHealthyOnesAreLeftAlone() {
        List<Heard> all = IntStream.range(0, RECORDINGS)
                .parallel()
                .mapToObj(RecordedHubsTest::hear)
                .toList();
        List<Heard> faulty = all.stream().filter(h -> h.fault() != Fault.NONE).toList();
        List<Heard> healthy = all.stream().filter(h -> h.fault() == Fault.NONE).toList();
        long right = faulty.stream().filter(Heard::right).count();
        long alarms = healthy.stream().filter(h -> !h.right()).count();
        System.out.printf(
                "%d recordings: right family %d of %d, false alarms %d of %d; wrong were%n%s",
                RECORDINGS,
                right,
                faulty.size(),
                alarms,
                healthy.size(),
                all.stream().filter(h -> !h.right()).map(Heard::told).collect(Collectors.joining()));
        assertThat(right).isGreaterThanOrEqualTo(faulty.size() * 9L / 10);
        assertThat(alarms).isLessThanOrEqualTo(healthy.size() / 20);
    }
}
