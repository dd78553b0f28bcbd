package unbo.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.setting.EndPlayBand;

/**
 * End play from pairs of dial indicator readings, pushed and pulled. The mean of the differences is the end play, their
 * range its spread; a spread as large as the mean is no measurement.
 *
 * @param pairsMm  pull less push of each pair
 * @param meanMm   mean, without sign
 * @param spreadMm largest less smallest
 * @param finding  judged by the band: inside right; to 0.025 mm over, set again; beyond, stop. Under it, set again
 */
public record EndPlay(List<Double> pairsMm, double meanMm, double spreadMm, Finding finding) {

    /** Pairs below which there is no measurement. */
    public static final int FEWEST = 3;
    /** Above this nobody drives, whatever the band of a usual hub. */
    private static final double STOP_MM = 0.15;
    private static final double SET_AGAIN_MM = 0.025;

    /** @throws IllegalArgumentException unless there are as many pulls as pushes, at least three */
    public static EndPlay of(List<Double> push, List<Double> pull, EndPlayBand band) {
        if (push.size() != pull.size() || push.size() < FEWEST) {
            throw new IllegalArgumentException(push.size() + " pushes, " + pull.size() + " pulls");
        }
        List<Double> pairs = IntStream.range(0, push.size()).mapToObj(i -> pull.get(i) - push.get(i)).toList();
        double mean = Math.abs(pairs.stream().mapToDouble(d -> d).average().orElseThrow());
        double spread = pairs.stream().mapToDouble(d -> d).max().orElseThrow() - pairs.stream().mapToDouble(d -> d).min().orElseThrow();
        return new EndPlay(new ArrayList<>(pairs), mean, spread, judge(mean, spread, band));
    }

    /** End play above which the hub is not driven, mm. */
    public static double stopMm(EndPlayBand band) {
        return Math.max(STOP_MM, band.maxMm() + SET_AGAIN_MM);
    }

    private static Finding judge(double mean, double spread, EndPlayBand band) {
        String measured = Show.play(mean);
        String wanted = Show.fixed(band.minMm(), 3) + " to " + Show.play(band.maxMm());
        if (mean > stopMm(band)) {
            return new Finding("end-play-stop", Level.STOP, "End play " + measured + " is over " + Show.play(stopMm(band)) + ": do not drive. Set the hub again.");
        }
        if (spread >= mean) {
            return new Finding("end-play-spread", Level.SOON, "The pairs spread by " + Show.play(spread) + ", as much as their mean of " + measured
                    + ": that is no measurement. Seat the foot, turn the hub while pushing and pulling, and read again.");
        }
        if (band.holds(mean)) {
            return new Finding("end-play-right", Level.RIGHT, "End play " + measured + " is inside " + wanted + ".");
        }
        return mean < band.minMm()
                ? new Finding("end-play-tight", Level.SOON, "End play " + measured + " is under " + wanted + ": warm cones would take it away. Set again.")
                : new Finding("end-play-loose", Level.SOON, "End play " + measured + " is over " + wanted + ": set again.");
    }
}
