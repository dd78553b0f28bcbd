package unbo.core.heat;

import unbo.core.fit.Material;

/**
 * How long a bearing stays in an oven until it is warm enough: t = τ·ln[(oven − start)/(oven − warm)], by Newton's law.
 * The last kelvins take for ever: warmer than {@value #SHORT_OF_K} K under the oven is not waited for.
 *
 * @param tauS time constant, s
 * @param reachedC what it is waited for, °C
 * @param minutes in the oven, from when that is hot
 */
public record OvenSoak(double tauS, double reachedC, double minutes) {

    /** Air that stands, W/m²K. */
    public static final double STILL_W_M2K = 12;
    /** Air that a fan moves, W/m²K: 25 to 30. */
    public static final double FAN_W_M2K = 27;

    private static final double SHORT_OF_K = 3;

    /**
     * Of a whole bearing of steel.
     *
     * @param warmC how warm it must be
     */
    public static OvenSoak of(double boreMm, double outsideMm, double widthMm, Air air, double warmC) {
        double reached = Math.min(warmC, air.ovenC() - SHORT_OF_K);
        double tau = new Ring(boreMm, outsideMm, widthMm, null, Material.STEEL, Ring.BEARING_FILLED).tauS(air.hWm2K());
        double over = (air.ovenC() - air.startC()) / (air.ovenC() - reached);
        return new OvenSoak(tau, reached, tau * Math.log(Math.max(1, over)) / 60);
    }

    /**
     * The oven and the room.
     *
     * @param hWm2K {@link #STILL_W_M2K} or {@link #FAN_W_M2K}
     * @param startC how warm the bearing is before
     * @param ovenC over the start by more than {@value #SHORT_OF_K} K
     */
    public record Air(double hWm2K, double startC, double ovenC) {}
}
