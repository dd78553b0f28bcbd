package unbo.core.proof;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;

/**
 * A hub's temperature after a run against its twin's, or against its own after an earlier run where it has none. 15 K
 * over it points to the bearing or a dragging brake; over 90 °C nobody drives, unless both are so after braking, which
 * asks for a run without it.
 *
 * @param warmerK this hub less what it is held against
 * @param against what that is, in words
 */
public record HubHeat(double warmerK, String against, Finding finding) {

    private static final double MORE_K = 15;
    private static final double STOP_C = 90;

    /** Against the other side, measured alike. */
    public static HubHeat of(double hubC, double twinC) {
        double warmer = hubC - twinC;
        if (hubC > STOP_C && twinC > STOP_C) {
            return new HubHeat(
                    warmer,
                    "its twin",
                    new Finding(
                            "hubs-hot",
                            Level.SOON,
                            "Both hubs are over 90 °C (" + celsius(hubC)
                                    + "): that is braking. Measure again after 10 km without it."));
        }
        return new HubHeat(warmer, "its twin", judge(hubC, warmer, "its twin"));
    }

    /** Against itself after an earlier run. */
    public static HubHeat sinceBefore(double hubC, double earlierC) {
        return new HubHeat(hubC - earlierC, "itself last time", judge(hubC, hubC - earlierC, "itself last time"));
    }

    /** Alone, where there is nothing to hold it against yet. */
    public static HubHeat alone(double hubC) {
        return new HubHeat(
                0,
                "",
                hubC > STOP_C
                        ? hot(hubC)
                        : new Finding(
                                "hub-first",
                                Level.RIGHT,
                                "The hub is at " + celsius(hubC)
                                        + ", under 90 °C. Written down: the next run is held against it."));
    }

    private static Finding judge(double hubC, double warmer, String against) {
        if (hubC > STOP_C) {
            return hot(hubC);
        }
        if (warmer >= MORE_K) {
            return new Finding(
                    "hub-warm",
                    Level.SOON,
                    "The hub is " + Show.number(warmer, 0) + " K over " + against
                            + " (limit 15 K): bearing or dragging brake. Find out which before it goes.");
        }
        return new Finding(
                "hub-cool",
                Level.RIGHT,
                "The hub is at " + celsius(hubC) + ", "
                        + (warmer >= 0 ? Show.number(warmer, 0) + " K over " : Show.number(-warmer, 0) + " K under ")
                        + against + ": inside 15 K.");
    }

    private static Finding hot(double hubC) {
        return new Finding(
                "hub-hot",
                Level.STOP,
                "The hub is at " + celsius(hubC) + ", over 90 °C: do not drive. Bearing too tight or brake binding.");
    }

    private static String celsius(double degrees) {
        return Show.number(degrees, 0) + " °C";
    }
}
