package unbo.core.setting;

import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.stack.ShimChoice;
import unbo.core.stack.StackInput;

/**
 * The next shim, from rounds of shim and what was measured with it: turning torque under preload, or end play. The
 * straight line through the rounds by least squares tells how much a millimetre of shim changes; it is followed to the
 * middle of the wanted band. One round needs a stiffness that is known: a millimetre of shim is a millimetre of end
 * play, but newton metres must be told. Drag of seals and carrier is set apart before.
 *
 * @param slope of what was measured, a mm of shim; negative for torque
 * @param nextMm shims in all that stand for the middle of the band; null where the rounds contradict each other
 * @param plusMinusMm of it: what the readings are good for, or how far they lie about the line, whichever is more
 * @param shims off the shelf, thickest first, within the band, or within the uncertainty where a single figure is
 *     wanted; null where there are none
 */
public record ShimNext(
        Input input,
        double slope,
        @Nullable Double nextMm,
        double plusMinusMm,
        @Nullable List<Double> shims) {

    /** What a turning torque is good for, share of the reading. */
    private static final double TORQUE = 0.05;
    /** What an end play is good for, mm. */
    private static final double END_PLAY_MM = 0.01;
    /** What a shim is good for under a micrometer, mm. */
    private static final double SHIM_MM = 0.005;
    /** A band narrower than this is met within it, mm of shim. */
    private static final double LEAST_BAND_MM = 0.01;

    private static final double NUDGE = 1e-6;

    /**
     * What is asked.
     *
     * @param byTorque true for torques in N·m, false for end play in mm
     * @param rounds one at least, the last one as it stands now
     * @param dragNm of seals and carrier, in every reading of torque
     * @param stiffness change a mm of shim, its sign of no account; null where the rounds tell it
     * @param min of the wanted band, drag apart
     * @param stock what is on the shelf; may be empty
     */
    public record Input(
            boolean byTorque,
            List<Round> rounds,
            double dragNm,
            @Nullable Double stiffness,
            double min,
            double max,
            List<StackInput.Shim> stock) {

        public Input {
            rounds = List.copyOf(rounds);
            stock = List.copyOf(stock);
        }

        public Round last() {
            return rounds.get(rounds.size() - 1);
        }

        /** True where the rounds are of more than one shim, so that they tell the stiffness. */
        public boolean told() {
            return rounds.stream().mapToDouble(Round::shimMm).distinct().count() > 1;
        }

        double of(Round round) {
            return byTorque ? round.reading() - dragNm : round.reading();
        }
    }

    /** @param shimMm shims in all @param reading torque as read, or end play */
    public record Round(double shimMm, double reading) {}

    public static ShimNext of(Input in) {
        double slope = slope(in);
        if (in.byTorque() ? !(slope < 0) : !(slope > 0)) {
            return new ShimNext(in, slope, null, Double.NaN, null);
        }
        double next = next(in, (in.min() + in.max()) / 2);
        double good = Math.max(passedOn(in), scatter(in, slope));
        double half =
                in.max() > in.min() ? Math.max(Math.abs((in.max() - in.min()) / 2 / slope), LEAST_BAND_MM / 2) : good;
        return new ShimNext(in, slope, next, good, ShimChoice.of(Math.max(0, next - half), next + half, in.stock()));
    }

    private static double slope(Input in) {
        if (!in.told()) {
            Double stiffness = in.stiffness();
            double known = stiffness == null ? 1 : Math.abs(stiffness);
            return in.byTorque() ? -known : known;
        }
        double shim = meanShim(in);
        double mean = mean(in);
        double both = 0;
        double square = 0;
        for (Round round : in.rounds()) {
            both += (round.shimMm() - shim) * (in.of(round) - mean);
            square += (round.shimMm() - shim) * (round.shimMm() - shim);
        }
        return both / square;
    }

    private static double meanShim(Input in) {
        return in.rounds().stream().mapToDouble(Round::shimMm).average().orElseThrow();
    }

    private static double mean(Input in) {
        return in.rounds().stream().mapToDouble(in::of).average().orElseThrow();
    }

    private static double next(Input in, double wanted) {
        return meanShim(in) + (wanted - mean(in)) / slope(in);
    }

    /** What the readings are good for, passed on to the next shim. */
    private static double passedOn(Input in) {
        double wanted = (in.min() + in.max()) / 2;
        double here = next(in, wanted);
        double sum = 0;
        for (int i = 0; i < in.rounds().size(); i++) {
            Round round = in.rounds().get(i);
            double good = in.byTorque() ? TORQUE * Math.abs(round.reading()) : END_PLAY_MM;
            double byReading = (next(with(in, i, new Round(round.shimMm(), round.reading() + NUDGE)), wanted) - here)
                    / NUDGE
                    * good;
            double byShim = in.told()
                    ? (next(with(in, i, new Round(round.shimMm() + NUDGE, round.reading())), wanted) - here)
                            / NUDGE
                            * SHIM_MM
                    : SHIM_MM;
            sum += byReading * byReading + byShim * byShim;
        }
        return Math.sqrt(sum);
    }

    private static Input with(Input in, int at, Round other) {
        List<Round> rounds = new java.util.ArrayList<>(in.rounds());
        rounds.set(at, other);
        return new Input(in.byTorque(), rounds, in.dragNm(), in.stiffness(), in.min(), in.max(), in.stock());
    }

    /** How far three rounds or more lie about their line, as mm of shim. */
    private static double scatter(Input in, double slope) {
        if (in.rounds().size() < 3 || !in.told()) {
            return 0;
        }
        double shim = meanShim(in);
        double mean = mean(in);
        double sum = 0;
        for (Round round : in.rounds()) {
            double off = in.of(round) - mean - slope * (round.shimMm() - shim);
            sum += off * off;
        }
        return Math.sqrt(sum / (in.rounds().size() - 2)) / Math.abs(slope);
    }

    /** How much to put in, or take out where negative, mm; null where nothing can be told. */
    public @Nullable Double changeMm() {
        return nextMm == null ? null : Double.valueOf(nextMm - input.last().shimMm());
    }

    /** True where the last round lies in the wanted band. */
    public boolean inBand() {
        double here = input.of(input.last());
        return here >= input.min() - 1e-9 && here <= input.max() + 1e-9;
    }

    /** True where the next shim lies farther from the rounds than they lie apart. */
    public boolean far() {
        double low = input.rounds().stream().mapToDouble(Round::shimMm).min().orElseThrow();
        double high = input.rounds().stream().mapToDouble(Round::shimMm).max().orElseThrow();
        return nextMm != null && high > low && (nextMm < low - 2 * (high - low) || nextMm > high + 2 * (high - low));
    }
}
