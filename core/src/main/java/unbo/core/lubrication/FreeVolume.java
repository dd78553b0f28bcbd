package unbo.core.lubrication;

import org.jspecify.annotations.Nullable;

/**
 * The room for grease in a bearing: its envelope less its steel. Steel from the mass (7.8 g/cm³) or, where that is
 * unknown, from the share it fills of the envelope: 0.68 for open ball bearings, 0.75 for tapers and rollers
 * (estimates).
 */
public final class FreeVolume {

    /** Density of grease, g/cm³. */
    public static final double GREASE_G_PER_CM3 = 0.90;

    private static final double STEEL_G_PER_CM3 = 7.8;
    public static final double STEEL_SHARE_BALL = 0.68;
    public static final double STEEL_SHARE_ROLLER = 0.75;

    private FreeVolume() {}

    /**
     * Grams added each interval: 0.005·D·B (mm), a usual makers' rule, and never more than the free room holds.
     *
     * @param freeCm3 room for grease
     */
    public static double replenishG(double outsideMm, double widthMm, double freeCm3) {
        return Math.min(0.005 * outsideMm * widthMm, freeCm3 * GREASE_G_PER_CM3);
    }

    /** Volume between bore and outside over the width, cm³; lengths in mm. */
    public static double envelopeCm3(double boreMm, double outsideMm, double widthMm) {
        return Math.PI / 4 * widthMm * (outsideMm * outsideMm - boreMm * boreMm) / 1000;
    }

    /** Free volume, cm³. {@code massKg} null where unknown. */
    public static double cm3(double envelopeCm3, @Nullable Double massKg, boolean ball) {
        return massKg != null
                ? envelopeCm3 - massKg * 1000 / STEEL_G_PER_CM3
                : envelopeCm3 * (1 - (ball ? STEEL_SHARE_BALL : STEEL_SHARE_ROLLER));
    }
}
