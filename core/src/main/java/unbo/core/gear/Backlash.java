package unbo.core.gear;

import java.util.List;

/**
 * Backlash of a bevel or hypoid gear by an indicator at several places, brought to the pitch line, and how far the gear
 * is moved along its axis for the wanted one. A gear moved by a along its axis comes a·sin Γ nearer to the pitch plane
 * of its mesh, which takes 2·tan φ/cos ψ of that out of the backlash in the plane of rotation.
 *
 * @param meanMm at the pitch line
 * @param leastMm, mostMm of the places, at the pitch line
 * @param moveMm along the gear's axis, + toward the pinion, for the middle of the band
 * @param perMm backlash taken out by a millimetre toward the pinion
 */
public record Backlash(Input input, double meanMm, double leastMm, double mostMm, double moveMm, double perMm) {

    /** Places may differ by so much; over it the gear runs out or is not seated. Our own guide, as usual in books. */
    public static final double SPREAD_MM = 0.05;

    /**
     * What was read.
     *
     * @param readingsMm three or more, evenly round the gear
     * @param indicatorMm radius at which the indicator stood
     * @param pitchMm radius of the pitch line at the heel, where backlash is meant
     */
    public record Input(
            List<Double> readingsMm, double indicatorMm, double pitchMm, double minMm, double maxMm, Teeth teeth) {

        public Input {
            readingsMm = List.copyOf(readingsMm);
        }
    }

    /**
     * How its teeth stand.
     *
     * @param pressureDeg normal pressure angle φ
     * @param spiralDeg spiral angle ψ; 0 for straight teeth
     * @param coneDeg pitch cone angle of the gear Γ; near 90 for a flat one
     */
    public record Teeth(double pressureDeg, double spiralDeg, double coneDeg) {

        double perMm() {
            return 2
                    * Math.tan(Math.toRadians(pressureDeg))
                    / Math.cos(Math.toRadians(spiralDeg))
                    * Math.sin(Math.toRadians(coneDeg));
        }
    }

    public static Backlash of(Input in) {
        double scale = in.pitchMm() / in.indicatorMm();
        double mean =
                scale * in.readingsMm().stream().mapToDouble(x -> x).average().orElseThrow();
        double least =
                scale * in.readingsMm().stream().mapToDouble(x -> x).min().orElseThrow();
        double most = scale * in.readingsMm().stream().mapToDouble(x -> x).max().orElseThrow();
        double per = in.teeth().perMm();
        return new Backlash(in, mean, least, most, (mean - (in.minMm() + in.maxMm()) / 2) / per, per);
    }

    public double spreadMm() {
        return mostMm - leastMm;
    }

    /** True where every place is in the band. */
    public boolean inBand() {
        return leastMm >= input.minMm() && mostMm <= input.maxMm();
    }

    /** True where no move brings every place into the band: they differ by more than it is wide. */
    public boolean tooUneven() {
        return spreadMm() > Math.min(SPREAD_MM, input.maxMm() - input.minMm());
    }
}
