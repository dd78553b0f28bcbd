package unbo.core.plan;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.heat.OvenSoak;

/**
 * An oven in which rings are warmed.
 *
 * @param litres of its space
 * @param warmsMin minutes from cold until it is as hot as it is set
 * @param fan true where a fan moves its air
 */
public record Oven(double litres, double warmsMin, boolean fan) {

    /** A baking oven of a workshop, cold in the morning. */
    public static final Oven USUAL = new Oven(40, 15, false);

    /** What is called so warms rings. */
    public static final String CODE = "oven";

    /** Minutes until a part of which no sizes are known is warm all through. */
    static final double SOAK_MIN = 40;

    /** Parts of its space that a plan counts with. */
    public static final int SHARES = 12;

    private static final double ROOM_C = 20;
    /** Air round a ring, so that it warms from all sides: so many times the box that it fills. */
    private static final double ROOM_ROUND = 4;

    /** Minutes in it, from a cold oven set to what the ring may take, until a ring is warm enough. */
    double minutes(@Nullable Bearing of, double warmC, double limitC) {
        Bearing.Sizes sizes = of == null ? null : of.sizes();
        if (sizes == null || sizes.boreMm() == null || sizes.outsideMm() == null || sizes.widthMm() == null) {
            return warmsMin + SOAK_MIN;
        }
        OvenSoak.Air air = new OvenSoak.Air(fan ? OvenSoak.FAN_W_M2K : OvenSoak.STILL_W_M2K, ROOM_C, limitC);
        return warmsMin
                + OvenSoak.of(sizes.boreMm(), sizes.outsideMm(), sizes.widthMm(), air, warmC)
                        .minutes();
    }

    /** How many of its {@value #SHARES} shares a ring takes; all where no sizes are known. */
    int shares(@Nullable Bearing of) {
        Bearing.Sizes sizes = of == null ? null : of.sizes();
        if (sizes == null || sizes.outsideMm() == null || sizes.widthMm() == null) {
            return SHARES;
        }
        double taken = sizes.outsideMm() * sizes.outsideMm() * sizes.widthMm() * ROOM_ROUND * 1e-6;
        return (int) Math.max(1, Math.min(SHARES, Math.ceil(SHARES * taken / litres)));
    }
}
