package unbo.core.signal;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.measure.Show;

/**
 * Whether a recording has a bearing's lines in it, and whose. Used on a hub, left against right, before it is opened.
 * Takes the spikiest octave or third-octave band (spectral kurtosis) or the one that was typed, its Hilbert envelope,
 * and the envelope's line spectrum; each family's comb of harmonics is held against the same comb at random places. A
 * bearing's lines are no integer orders of the shaft, tyre and gear lines are: those are left out. Source: Randall and
 * Antoni, Rolling element bearing diagnostics: a tutorial, Mechanical Systems and Signal Processing 25, 2011. Limits:
 * 10 s at least; one bearing at a time; at strongly changing speed only by ramp or tacho.
 *
 * @param shaftHz mean turns a second
 * @param resampled true when the envelope was taken to shaft angle first
 */
public record Noise(
        NoiseInput input,
        Recording recording,
        double shaftHz,
        Band band,
        Verdict verdict,
        Lines lines,
        boolean resampled) {
    /**
     * What stands in the recording, and how far over chance.
     *
     * @param finding null when nothing stands above chance
     * @param marginDb of the family that stands highest, over the chance level; negative when none does
     */
    public record Verdict(@Nullable Family finding, double marginDb, List<Standing> standings) {}

    private static final double LEAST_WIDTH_HZ = 150;
    private static final double FIND_FROM_HZ = 2.5;
    private static final double FIND_TO_HZ = 25;

    /** One family: base frequency of its lines by geometry, where they stand, and how high over chance, dB. */
    public record Standing(
            Family family, double byGeometryHz, double foundHz, double overDb, double chanceDb, double marginDb) {}

    /** What came of it. {@code noise} is null when {@code refusal} says why. */
    public record Outcome(@Nullable Noise noise, String refusal) {}

    public static Outcome of(NoiseInput in, Recording recording) {
        String refusal = refusal(in, recording);
        if (!refusal.isEmpty()) {
            return new Outcome(null, refusal);
        }
        Demodulation sound = new Demodulation(recording);
        double[] speed = {in.speed().rpm() / 60};
        ShaftAngle angle = null;
        switch (in.speed().kind()) {
            case TACHO -> {
                angle = ShaftAngle.tacho(requireNonNull(recording.second()), recording.rateHz());
                if (angle == null) {
                    return new Outcome(
                            null, "The right channel has no pulses of a tacho, one a turn: type the speed instead.");
                }
                speed[0] = angle.meanHz();
            }
            case RAMP -> {
                angle = ShaftAngle.ramp(in.speed().rpm() / 60, in.speed().endRpm() / 60, recording.seconds());
                speed[0] = angle.meanHz();
            }
            case FOUND -> {
                speed[0] = find(sound);
                if (speed[0] == 0) {
                    return new Outcome(
                            null,
                            "No lines at multiples of a wheel's rate stand out: the speed cannot be found "
                                    + "from this recording. Type it.");
                }
            }
            default -> {}
        }
        return new Outcome(analysed(in, recording, sound, speed[0], angle), "");
    }

    private static String refusal(NoiseInput in, Recording recording) {
        if (recording.seconds() < Recording.SHORTEST_S) {
            return "The recording is " + Show.number(recording.seconds(), 1) + " s long: it takes "
                    + Recording.SHORTEST_S + " s or more at one speed to part the lines. Record again.";
        }
        if (in.speed().kind() == Speed.Kind.TACHO && recording.second() == null) {
            return "A tacho was named, but the recording has one channel: record the tacho's "
                    + "pulses on the right channel, or type the speed.";
        }
        if (in.band() != null && in.band().hiHz() > 0.5 * recording.rateHz()) {
            return "The band ends above half of the " + Show.number(recording.rateHz(), 0)
                    + " samples a second of this recording: choose a lower one.";
        }
        float first = recording.samples()[0];
        for (float s : recording.samples()) {
            if (s != first) {
                return "";
            }
        }
        return "The recording is silent: every sample is the same. Is the microphone connected?";
    }

    private static Noise analysed(
            NoiseInput in, Recording recording, Demodulation sound, double shaftHz, @Nullable ShaftAngle angle) {
        double highest = 0;
        for (Family f : Family.values()) {
            highest = Math.max(highest, f.order(in.geometry(), in.turning()) * shaftHz);
        }
        Band band = in.band() != null ? in.band() : sound.spikiest(bands(recording, highest));
        Series envelope = sound.envelope(band);
        boolean turns = angle != null && !angle.steady();
        if (turns) {
            envelope = requireNonNull(angle).resampled(envelope);
        }
        Lines lines = Lines.of(envelope, (Family.HARMONICS + 0.5) * highest);
        Comb comb = new Comb(lines, shaftHz, in.geometry(), in.turning());
        List<Standing> standings = new ArrayList<>();
        for (Family family : Family.values()) {
            Comb.Score score = comb.score(family);
            standings.add(new Standing(
                    family,
                    family.order(in.geometry(), in.turning()) * shaftHz,
                    score.baseHz(),
                    score.overDb(),
                    score.chanceDb(),
                    score.marginDb()));
        }
        Standing best = leader(standings, lines.stepHz());
        return new Noise(
                in,
                recording,
                shaftHz,
                band,
                new Verdict(best.marginDb() > 0 ? best.family() : null, best.marginDb(), List.copyOf(standings)),
                lines,
                turns);
    }

    /**
     * The highest over chance. The cage's turning modulates an element's strikes: where the cage's line leads and an
     * element's comb stands too, it is an element; and where two families claim the same lines, it is an element just
     * when the cage's line stands.
     */
    private static Standing leader(List<Standing> standings, double stepHz) {
        Standing best = standings.stream()
                .max(Comparator.comparingDouble(Standing::marginDb))
                .orElseThrow();
        Standing element = standings.get(Family.ELEMENT.ordinal());
        boolean modulated = standings.get(Family.CAGE.ordinal()).marginDb() > 0;
        if (best.family() == Family.CAGE) {
            return element.marginDb() > 0 ? element : best;
        }
        List<Standing> same = standings.stream()
                .filter(s -> s.marginDb() > 0 && Math.abs(s.foundHz() - best.foundHz()) <= 2 * stepHz)
                .toList();
        return same.size() < 2
                ? best
                : same.stream()
                        .filter(s -> (s.family() == Family.ELEMENT) == modulated)
                        .max(Comparator.comparingDouble(Standing::marginDb))
                        .orElse(best);
    }

    /** Wide enough to hold three harmonics of the fastest family; the widest there is where none is. */
    private static List<Band> bands(Recording recording, double highestHz) {
        List<Band> bands = Band.of(recording.rateHz(), Math.max(LEAST_WIDTH_HZ, 3 * highestHz));
        return bands.isEmpty() ? Band.of(recording.rateHz(), LEAST_WIDTH_HZ) : bands;
    }

    /** The wheel's rate by its multiples in the sound itself; 0 when none stands out. */
    private static double find(Demodulation sound) {
        return WheelRate.find(Lines.of(sound.low(400), 300), FIND_FROM_HZ, FIND_TO_HZ);
    }

    /** Bin of the envelope's spectrum, Hz. */
    public double spectrumStepHz() {
        return lines.stepHz();
    }

    /** The envelope's spectrum over its floor, dB, from 0 Hz. */
    public double[] spectrumDb() {
        return lines.overDb().clone();
    }

    public Standing standing(Family family) {
        return standings().get(family.ordinal());
    }

    public @Nullable Family finding() {
        return verdict.finding();
    }

    public double marginDb() {
        return verdict.marginDb();
    }

    public List<Standing> standings() {
        return verdict.standings();
    }
}
