package unbo.core.proof;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;

/**
 * A hub's temperature after a run against its twin's, both measured alike. 15 K over the twin points to the bearing or a
 * dragging brake; over 90 °C nobody drives, unless both are so after braking, which asks for a run without it.
 *
 * @param warmerK this hub less its twin
 */
public record HubHeat(double warmerK, Finding finding) {

    private static final double TWIN_K = 15;
    private static final double STOP_C = 90;

    public static HubHeat of(double hubC, double twinC) {
        double warmer = hubC - twinC;
        return new HubHeat(warmer, judge(hubC, twinC, warmer));
    }

    private static Finding judge(double hubC, double twinC, double warmer) {
        String hub = Show.number(hubC, 0) + " °C";
        if (hubC > STOP_C && twinC > STOP_C) {
            return new Finding("hubs-hot", Level.SOON, "Both hubs are over 90 °C (" + hub + "): that is braking. Measure again after 10 km without it.");
        }
        if (hubC > STOP_C) {
            return new Finding("hub-hot", Level.STOP, "The hub is at " + hub + ", over 90 °C: do not drive. Bearing too tight or brake binding.");
        }
        if (warmer >= TWIN_K) {
            return new Finding("hub-warm", Level.SOON, "The hub is " + Show.number(warmer, 0) + " K over its twin (limit 15 K): bearing or dragging brake. Find out which before it goes.");
        }
        return new Finding("hub-cool", Level.RIGHT, "The hub is at " + hub + ", " + (warmer >= 0 ? Show.number(warmer, 0) + " K over" : Show.number(-warmer, 0) + " K under")
                + " its twin: inside 15 K.");
    }
}
