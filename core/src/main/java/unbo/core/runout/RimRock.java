package unbo.core.runout;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;

/**
 * End play from rocking the wheel, where there is no indicator: a wheel that moves by s at its rim turns by s/R about
 * the pair; over the spread a that is s·a/R across the cups, half of it at each, and 1/tan α of that along the axle: e
 * ≈ s·a/(2·R·tan α). Geometry of an opposed tapered pair. An estimate: tyre, rim and joints move as well.
 *
 * @param endPlayMm estimated end play
 * @param lowMm with the uncertainty of {@value #UNCERTAIN} either way
 */
public record RimRock(Input input, double endPlayMm, double lowMm, double highMm) {

    /** Share by which the estimate may be off. */
    static final double UNCERTAIN = 0.4;

    private static final double LEAST_MM = 0.025;
    private static final double RIGHT_MM = 0.125;
    private static final double STOP_MM = 0.15;

    /** Rock range at the rim, rim radius, effective spread of the pair, all mm; half cup angle in degrees. */
    public record Input(double rockMm, double rimRadiusMm, double spreadMm, double halfCupAngleDeg) {}

    public static RimRock of(Input in) {
        double play =
                in.rockMm() * in.spreadMm() / (2 * in.rimRadiusMm() * Math.tan(Math.toRadians(in.halfCupAngleDeg())));
        return new RimRock(in, play, play * (1 - UNCERTAIN), play * (1 + UNCERTAIN));
    }

    /** Judged only as far as the estimate goes: what is surely too much stops, what may be is measured. */
    public Finding finding() {
        String range = Show.fixed(lowMm, 3) + " to " + Show.play(highMm);
        if (lowMm > STOP_MM) {
            return new Finding(
                    "rim-rock-stop",
                    Level.STOP,
                    "End play of " + range + " is over " + Show.play(STOP_MM)
                            + " whatever the estimate is worth: do not drive.");
        }
        if (highMm < LEAST_MM || lowMm >= LEAST_MM && highMm <= RIGHT_MM) {
            return new Finding(
                    "rim-rock-right", Level.RIGHT, "End play of " + range + " is what an adjusted taper hub may have.");
        }
        return new Finding(
                "rim-rock-unsure",
                Level.SOON,
                "End play of " + range + " may be too much: set a dial indicator on the hub, or set the hub again.");
    }
}
