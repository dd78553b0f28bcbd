package unbo.core.lubrication;

/**
 * A grease cup that is screwed down: its piston goes a pitch a turn, so a turn gives π/4·d²·P of grease.
 *
 * @param turnG grams a turn
 * @param turnsAWeek for what the bearing wants
 * @param turnsFull turns that a full cup holds
 * @param weeks that it lasts; infinite where nothing is wanted
 */
public record GreaseCup(double turnG, double turnsAWeek, double turnsFull, double weeks) {

    /**
     * @param boreMm of the cup
     * @param pitchMm of its thread
     * @param depthMm that the piston goes from full to empty
     * @param weekG grams wanted a week
     */
    public static GreaseCup of(double boreMm, double pitchMm, double depthMm, double weekG) {
        double turn = Math.PI / 4 * boreMm * boreMm * pitchMm / 1000 * FreeVolume.GREASE_G_PER_CM3;
        double full = depthMm / pitchMm;
        double week = weekG / turn;
        return new GreaseCup(turn, week, full, week > 0 ? full / week : Double.POSITIVE_INFINITY);
    }

    /** What is wanted a week of what is added each interval. */
    public static double weekG(double addedG, double intervalH, double hoursAWeek) {
        return addedG * hoursAWeek / intervalH;
    }
}
