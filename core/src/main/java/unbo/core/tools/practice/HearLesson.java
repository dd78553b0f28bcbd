package unbo.core.tools.practice;

import java.util.List;
import java.util.SplittableRandom;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;
import unbo.core.drawing.Chart;
import unbo.core.drawing.Drawing;
import unbo.core.input.Field;
import unbo.core.measure.Show;
import unbo.core.signal.Recording;
import unbo.core.signal.SoundSpectrum;
import unbo.core.simulation.RecordedHub;
import unbo.core.simulation.WavWriter;

/** Five recordings: is it a bearing, a tyre, a gear, or nothing at all? */
final class HearLesson extends Lesson<HearLesson.Heard> {

    private static final int RATE_HZ = 16_000;
    private static final double SECONDS = 4;
    private static final BearingGeometry GEOMETRY = BearingGeometry.of(9, 7.94, 38.5, 0);
    private static final double SLIP = 0.007;
    /** Blocks round the tyre and teeth of the gear, as they are recorded. */
    private static final int BLOCKS = 64;

    private static final int TEETH = 23;
    private static final double SPIKY = 4.7;
    private static final double STANDS_OUT = 6;
    private static final double LOWEST_HZ = 40;
    private static final double QUIETEST_DB = 90;
    /** Half a step of the spectrum as it is drawn, times. */
    private static final double STEP = 1.05;
    /** So much the tread of a healthy wheel stands out at most. */
    private static final double LOUD_TREAD = 95;

    private static final double GEAR_BY_TREAD = 0.75;

    private static final List<Field.Choice> CHOICES = List.of(
            new Field.Choice("healthy", "nothing but the road"),
            new Field.Choice("bearing", "a bearing"),
            new Field.Choice("tyre", "a tyre"),
            new Field.Choice("gear", "a gear"));

    /** A recording. @param kind code of what it is */
    record Heard(String kind, RecordedHub hub) {}

    HearLesson() {
        super("hear", "Hear it", "What do you hear in each of these recordings?");
    }

    @Override
    Heard thing(SplittableRandom random, int level) {
        String kind = CHOICES.get(random.nextInt(CHOICES.size())).code();
        double rpm = 400 + random.nextInt(500);
        RecordedHub.Fault[] faults = {RecordedHub.Fault.OUTER, RecordedHub.Fault.INNER, RecordedHub.Fault.ELEMENT};
        RecordedHub.Fault fault =
                kind.equals("bearing") ? faults[random.nextInt(faults.length)] : RecordedHub.Fault.NONE;
        double loud = 1 - 0.12 * level;
        double beside = 0.03 * (level - 1);
        return new Heard(
                kind,
                new RecordedHub(
                        GEOMETRY,
                        Turning.INNER,
                        fault,
                        new RecordedHub.Speed(rpm, rpm),
                        new RecordedHub.Sound(
                                fault == RecordedHub.Fault.NONE ? 0 : loud,
                                kind.equals("tyre") ? loud : beside,
                                kind.equals("gear") ? loud : beside,
                                0.15 + 0.05 * level,
                                SLIP),
                        SECONDS,
                        RATE_HZ,
                        random.nextLong()));
    }

    @Override
    public boolean sounds() {
        return true;
    }

    @Override
    byte[] sound(Heard heard) {
        return WavWriter.write(heard.hub().recorded(), RATE_HZ);
    }

    /** Loudness over pitch; of each step its loudest line. */
    @Override
    Drawing spectrum(Heard heard) {
        SoundSpectrum spectrum =
                SoundSpectrum.of(Recording.mono(RATE_HZ, heard.hub().recorded()));
        Chart.Axis hz = new Chart.Axis("Hz", LOWEST_HZ, RATE_HZ / 2.0, true);
        return new Chart(
                        "practice-spectrum",
                        "Loudness over pitch",
                        hz,
                        new Chart.Axis("dB under the loudest, and 90", 0, QUIETEST_DB, false),
                        List.of(new Chart.Line("", f -> QUIETEST_DB + loudest(spectrum, f))),
                        List.of(),
                        List.of())
                .drawing();
    }

    private static double loudest(SoundSpectrum spectrum, double hz) {
        int from = (int) Math.max(1, hz / STEP / spectrum.stepHz());
        int to = (int) Math.min(spectrum.levelDb().length - 1.0, hz * STEP / spectrum.stepHz());
        double most = -QUIETEST_DB;
        for (int i = Math.min(from, to); i <= to; i++) {
            most = Math.max(most, spectrum.levelDb()[i]);
        }
        return most;
    }

    @Override
    Seen show(Heard heard) {
        return new Seen(
                List.of("the wheel turns " + Show.number(heard.hub().speed().rpm(), 0) + " times a minute"),
                List.of(),
                CHOICES);
    }

    @Override
    boolean right(Heard heard, String answer) {
        return answer.equals(heard.kind());
    }

    @Override
    String truth(Heard heard) {
        RecordedHub.Fault fault = heard.hub().fault();
        return words(heard.kind())
                + switch (fault) {
                    case OUTER -> ", damaged on the outer race";
                    case INNER -> ", damaged on the inner race";
                    case ELEMENT -> ", damaged on a rolling element";
                    default -> "";
                };
    }

    @Override
    String why(Heard heard) {
        return switch (heard.kind()) {
            case "bearing" ->
                "Sharp ticks, many a turn and in no step with the wheel; they stay when the tyre or the gear changes.";
            case "tyre" -> "A hum of the tread's blocks and a beat once a turn; it changes with the road's surface.";
            case "gear" -> "A whine of the teeth, one clear pitch; it changes with load and overrun.";
            default -> "Broad noise without a pitch and without a beat.";
        };
    }

    /** Spiky is a bearing; else what stands out at the tread's or at the teeth's pitch. */
    @Override
    String best(Heard heard) {
        float[] sound = heard.hub().recorded();
        if (spikes(sound) > SPIKY) {
            return "bearing";
        }
        double wheelHz = heard.hub().speed().rpm() / 60;
        double tyre = stands(sound, BLOCKS * wheelHz);
        double gear = stands(sound, TEETH * wheelHz);
        if (Math.max(tyre, gear) < STANDS_OUT) {
            return "healthy";
        }
        if (gear > GEAR_BY_TREAD * tyre) {
            return "gear";
        }
        return tyre > LOUD_TREAD ? "tyre" : "healthy";
    }

    /** Kurtosis of what is left when all slow is taken off. */
    private static double spikes(float[] sound) {
        double two = 0;
        double four = 0;
        for (int i = 2; i < sound.length; i++) {
            double fast = sound[i] - 2.0 * sound[i - 1] + sound[i - 2];
            two += fast * fast;
            four += fast * fast * fast * fast;
        }
        int n = sound.length - 2;
        return four / n / (two / n * two / n);
    }

    /** How far a pitch stands over what lies beside it. */
    private static double stands(float[] sound, double hz) {
        double beside = 0;
        int count = 0;
        for (double off : new double[] {-0.07, -0.05, -0.03, 0.03, 0.05, 0.07}) {
            beside += strength(sound, hz * (1 + off));
            count++;
        }
        return strength(sound, hz) / (beside / count);
    }

    /** Goertzel's filter. */
    private static double strength(float[] sound, double hz) {
        double c = 2 * Math.cos(2 * Math.PI * hz / RATE_HZ);
        double one = 0;
        double two = 0;
        for (float s : sound) {
            double now = s + c * one - two;
            two = one;
            one = now;
        }
        return Math.sqrt(one * one + two * two - c * one * two);
    }

    @Override
    String guess(Heard heard, SplittableRandom random) {
        return CHOICES.get(random.nextInt(CHOICES.size())).code();
    }

    @Override
    String words(String answer) {
        return label(CHOICES, answer);
    }
}
