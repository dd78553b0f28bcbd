package unbo.core.seal;

import unbo.core.motion.Friction;

/**
 * The seals of a bearing's two sides, which need not be alike: in a hub that is closed inwards and filled, the inner
 * one only drags. Drag is a guide, a factor of two either way, of one side at a time; protection is that of the side
 * that meets the weather, and of the inner one where the hub is open to it.
 *
 * @param dragNmm of both sides
 * @param protects the weaker side that is met by water
 */
public record SealSides(Side outer, Side inner, double boreMm, boolean hubClosed, double dragNmm, Protects protects) {

    /** How one side is closed. */
    public enum Side {
        OPEN,
        SHIELD,
        LOW_DRAG,
        LIGHT,
        CONTACT
    }

    /** What a side keeps out, worst first. */
    public enum Protects {
        NOTHING,
        DUST,
        SPLASHES,
        RAIN,
        WASHING
    }

    public static SealSides of(Side outer, Side inner, double boreMm, boolean hubClosed) {
        Protects out = protects(outer);
        Protects in = hubClosed ? out : protects(inner);
        return new SealSides(
                outer,
                inner,
                boreMm,
                hubClosed,
                drag(outer, boreMm) + drag(inner, boreMm),
                out.compareTo(in) <= 0 ? out : in);
    }

    /** Heat of it at a speed, W. */
    public double powerW(double rpm) {
        return new Friction(0, 0, dragNmm).powerW(rpm);
    }

    private static Protects protects(Side side) {
        return switch (side) {
            case OPEN -> Protects.NOTHING;
            case SHIELD -> Protects.DUST;
            case LOW_DRAG -> Protects.SPLASHES;
            case LIGHT -> Protects.RAIN;
            case CONTACT -> Protects.WASHING;
        };
    }

    private static double drag(Side side, double boreMm) {
        return Friction.sealNmm(
                switch (side) {
                    case LIGHT -> Friction.Seals.ONE_LIGHT;
                    case CONTACT -> Friction.Seals.ONE_CONTACT;
                    default -> Friction.Seals.NONE;
                },
                boreMm);
    }
}
