package unbo.core.runout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;

/**
 * What an indicator tells of a turning part: the total runout, how much of it is eccentric or wobbling, how much oval,
 * and where a local fault stands. Used on hubs, discs and crankshafts. Least squares of two waves; a reading stands out
 * as a local fault when it is more than {@link #limitSigmas} over what the others say of it and over
 * {@value #LEAST_SPIKE_MM} mm; it is then left out and the rest looked at again. Sigma is 1.4826 × MAD of the others
 * (robust scale, as in textbooks of regression), at least {@value #FLOOR_MM} mm. Limits: local faults only from
 * {@value #FEWEST_FOR_SPIKES} readings on.
 *
 * @param tirMm largest less smallest of all readings, local faults among them
 * @param sigmaMm scatter of one reading round the two waves
 * @param indexing null without a second turn
 */
public record Runout(
        RunoutInput input,
        double tirMm,
        double meanMm,
        Harmonic first,
        Harmonic second,
        List<Spike> spikes,
        double sigmaMm,
        @Nullable Indexing indexing) {

    /** Readings of a turn at least. */
    public static final int FEWEST = 8;
    /** Readings of a turn at most. */
    public static final int MOST = 48;
    /** Below so many readings no local fault is named. */
    public static final int FEWEST_FOR_SPIKES = 12;

    public static final double LEAST_SPIKE_MM = 0.005;
    private static final double FLOOR_MM = 0.0017;

    /**
     * A reading that stands out: a dent, a galled spot, dirt.
     *
     * @param residualMm above (+) or below (−) the two waves
     * @param sigmas the same in sigmas of the others
     */
    public record Spike(int reading, double angleDeg, double residualMm, double sigmas) {}

    public static Runout of(RunoutInput in) {
        Ring ring = Ring.of(in.readings());
        List<Spike> spikes = new ArrayList<>();
        Spike spike = worst(ring);
        while (spike != null) {
            spikes.add(spike);
            ring = ring.without(spike.reading());
            spike = worst(ring);
        }
        Ring rest = ring;
        List<Spike> named = spikes.stream()
                .map(s -> new Spike(s.reading(), s.angleDeg(), rest.residual(s.reading()), s.sigmas()))
                .toList();
        double high = in.readings().stream().mapToDouble(r -> r).max().orElseThrow();
        double low = in.readings().stream().mapToDouble(r -> r).min().orElseThrow();
        Indexing indexing = in.indexed().isEmpty()
                ? null
                : Indexing.of(ring.first(), cleaned(Ring.of(in.indexed())).first(), in.indexDeg());
        return new Runout(
                in,
                high - low,
                ring.mean(),
                ring.first(),
                ring.second(),
                named,
                Math.max(ring.scale(), FLOOR_MM),
                indexing);
    }

    private static Ring cleaned(Ring ring) {
        Spike spike = worst(ring);
        return spike == null ? ring : cleaned(ring.without(spike.reading()));
    }

    /** The reading that stands out most; null when none does. */
    private static @Nullable Spike worst(Ring ring) {
        int n = ring.size();
        if (n < FEWEST_FOR_SPIKES || ring.left() <= Math.max(FEWEST, n - n / 4)) {
            return null;
        }
        int worst = -1;
        for (int k = 0; k < n; k++) {
            if (ring.uses(k) && (worst < 0 || Math.abs(ring.standardised(k)) > Math.abs(ring.standardised(worst)))) {
                worst = k;
            }
        }
        Ring others = ring.without(worst);
        double residual = others.residual(worst);
        double sigmas = Math.abs(others.standardised(worst)) / Math.max(others.scale(), FLOOR_MM);
        boolean out = sigmas > limitSigmas(n) && Math.abs(residual) > LEAST_SPIKE_MM;
        return out ? new Spike(worst, 360.0 * worst / n, residual, sigmas) : null;
    }

    /**
     * Sigmas above which a reading stands out: four where many readings tell what scatter is, more where few do, so
     * that scatter alone is named in under 2 % of turns (by simulation): 4 + 15/ν + 60/ν², ν = N − 5 degrees of
     * freedom.
     */
    public static double limitSigmas(int n) {
        double freedom = n - Ring.UNKNOWNS;
        return 4 + 15 / freedom + 60 / (freedom * freedom);
    }

    public boolean within() {
        return tirMm <= input.limitMm();
    }

    /** Uncertainty of the first wave's amplitude, one sigma, mm. */
    public double amplitudeSigmaMm() {
        return sigmaMm * Math.sqrt(2.0 / input.readings().size());
    }

    /** Uncertainty of its high spot, one sigma, degrees; 180 when there is no high spot to speak of. */
    public double highSpotSigmaDeg() {
        return Math.min(180, Math.toDegrees(amplitudeSigmaMm() / Math.max(first.amplitudeMm(), 1e-9)));
    }

    /** What stands out most; null when nothing does. */
    public @Nullable Spike worstSpike() {
        return spikes.stream()
                .max(Comparator.comparingDouble(s -> Math.abs(s.residualMm())))
                .orElse(null);
    }

    /** The two waves at an angle, mm. */
    public double waveAt(double degrees) {
        return meanMm + first.at(degrees) + second.at(degrees);
    }

    /** The verdict, and each local spot. */
    public List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        findings.add(verdict());
        spikes.forEach(s -> findings.add(new Finding("runout-spike", Level.WATCH, spike(s))));
        return findings;
    }

    private Finding verdict() {
        String limit = Show.play(input.limitMm());
        return within()
                ? new Finding("runout-within", Level.RIGHT, "Runout " + Show.play(tirMm) + " is within " + limit + ".")
                : new Finding(
                        "runout-over",
                        Level.SOON,
                        "Runout " + Show.play(tirMm) + " is over " + limit
                                + ": find what makes it before anything is closed.");
    }

    private static String spike(Spike s) {
        String what = s.residualMm() > 0 ? "stands out by " : "lies low by ";
        return "A local spot at " + Show.number(Harmonic.turn(Math.round(s.angleDeg()), 360), 0) + "°" + " " + what
                + Show.play(Math.abs(s.residualMm()))
                + " (reading " + s.reading()
                + ", counted from 0): chalk it, wipe it, and turn once more; it is real when it comes again.";
    }
}
