package unbo.core.proof;

import java.util.List;
import java.util.stream.IntStream;

import unbo.core.assembly.AssemblyKind;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.setting.EndPlayBand;

/**
 * End play from pairs of dial indicator readings, pushed and pulled. The mean of the differences is the end play, their
 * range its spread. Zero is a measurement: the spread is held against the indicator's step and the limit, never against
 * the mean.
 *
 * @param pairsMm pull less push of each pair
 * @param meanMm mean, without sign
 * @param spreadMm largest less smallest
 * @param finding judged by the band: inside right; over it set again; beyond {@link #stopMm}, stop
 */
public record EndPlay(List<Double> pairsMm, double meanMm, double spreadMm, Finding finding) {

    /** Pairs below which there is no measurement. */
    public static final int FEWEST = 3;
    /** What one division of a usual dial indicator tells apart, mm. */
    private static final double STEP_MM = 0.01;
    /** A spread of so many divisions is the indicator's own. */
    private static final int STEPS = 3;
    /** A wider spread than this share of the limit leaves the judgement open. */
    private static final double SHARE_OF_LIMIT = 0.5;

    private static final double SET_AGAIN_MM = 0.025;

    /** @throws IllegalArgumentException unless there are as many pulls as pushes, at least three */
    public static EndPlay of(List<Double> push, List<Double> pull, EndPlayBand band, AssemblyKind kind) {
        if (push.size() != pull.size() || push.size() < FEWEST) {
            throw new IllegalArgumentException(push.size() + " pushes, " + pull.size() + " pulls");
        }
        List<Double> pairs = IntStream.range(0, push.size())
                .mapToObj(i -> pull.get(i) - push.get(i))
                .toList();
        double mean = Math.abs(pairs.stream().mapToDouble(d -> d).average().orElseThrow());
        double most = pairs.stream().mapToDouble(d -> d).max().orElseThrow();
        double least = pairs.stream().mapToDouble(d -> d).min().orElseThrow();
        return new EndPlay(pairs, mean, most - least, judge(mean, most - least, band, kind));
    }

    /**
     * End play over which it is not driven, mm: the kind's own figure, or a little over a wider band that was given.
     */
    public static double stopMm(EndPlayBand band, AssemblyKind kind) {
        double over = kind.stopMm() > kind.mostMm() ? SET_AGAIN_MM : 0;
        return Math.max(kind.stopMm(), band.maxMm() + over);
    }

    /** The widest spread of the pairs that still is a measurement, mm. */
    public static double mostSpreadMm(EndPlayBand band) {
        return Math.max(STEPS * STEP_MM, SHARE_OF_LIMIT * band.maxMm());
    }

    private static Finding judge(double mean, double spread, EndPlayBand band, AssemblyKind kind) {
        String measured = Show.play(mean);
        String wanted = Show.fixed(band.minMm(), 3) + " to " + Show.play(band.maxMm());
        double stop = stopMm(band, kind);
        if (mean > stop + 1e-9) {
            return new Finding(
                    "end-play-stop",
                    Level.STOP,
                    "End play " + measured + " is over " + Show.play(stop) + ": do not drive. "
                            + (band.minMm() > 0
                                    ? "Set the hub again."
                                    : "Here there is none to be felt: look at seats, rings and bolts, or renew it."));
        }
        if (spread > mostSpreadMm(band) + 1e-9) {
            return new Finding(
                    "end-play-spread",
                    Level.SOON,
                    "The pairs spread by " + Show.play(spread) + ", more than " + Show.play(mostSpreadMm(band))
                            + ": that is no measurement. Seat the foot, turn the hub while pushing and "
                            + "pulling, and read again.");
        }
        if (band.holds(mean)) {
            return new Finding("end-play-right", Level.RIGHT, "End play " + measured + " is inside " + wanted + ".");
        }
        return mean < band.minMm()
                ? new Finding(
                        "end-play-tight",
                        Level.SOON,
                        "End play " + measured + " is under " + wanted + ": warm cones would take it away. Set again.")
                : new Finding(
                        "end-play-loose", Level.SOON, "End play " + measured + " is over " + wanted + ": set again.");
    }
}
