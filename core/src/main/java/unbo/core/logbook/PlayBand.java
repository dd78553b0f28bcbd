package unbo.core.logbook;

import unbo.core.measure.Show;

/** Bands of the end play that hubs were set to, for holding their lives against each other. */
public final class PlayBand {

    /** Edges of the bands, mm. */
    private static final double[] EDGES = {0.0, 0.025, 0.05, 0.1, 0.15};

    private PlayBand() {}

    /** The band in words. @param mm end play; under nought is preload */
    public static String of(double mm) {
        if (mm < 0) {
            return "preload";
        }
        for (int i = 1; i < EDGES.length; i++) {
            if (mm < EDGES[i]) {
                return Show.number(EDGES[i - 1], 3) + " to " + Show.number(EDGES[i], 3) + " mm";
            }
        }
        return "over " + Show.number(EDGES[EDGES.length - 1], 3) + " mm";
    }
}
