package unbo.core.fit;

/**
 * A ring pressed on a shaft or into a housing, as two thick rings (Lamé, for instance Timoshenko, Strength of
 * Materials, part II). Lengths in mm, pressures in MPa. A gap presses on nothing.
 *
 * @param seatMm diameter of the seat d
 * @param insideMm bore of the inner part di; 0 when it is solid
 * @param aroundMm outer surface of the outer part D; infinity for a heavy one
 */
public record PressFit(double seatMm, double insideMm, double aroundMm, Material inner, Material outer) {

    /** Friction of an oiled seat while it is pressed on. */
    public static final double OILED = 0.12;
    /** Friction of a dry seat while it is pressed on. */
    public static final double DRY = 0.16;

    private static final double REMOVE_LEAST = 1.5;
    private static final double REMOVE_MOST = 2;

    public PressFit {
        if (!(insideMm >= 0) || !(seatMm > insideMm) || !(aroundMm > seatMm)) {
            throw new IllegalArgumentException(
                    "a seat of " + seatMm + " mm between " + insideMm + " and " + aroundMm + " mm");
        }
    }

    /** Pressure in the seat for an interference, MPa. */
    public double pressureMPa(double interferenceUm) {
        if (interferenceUm <= 0) {
            return 0;
        }
        double ci = sq(insideMm / seatMm);
        double co = sq(seatMm / aroundMm);
        return interferenceUm
                / 1000
                / (seatMm
                        * (((1 + ci) / (1 - ci) - inner.poisson()) / inner.youngsMPa()
                                + ((1 + co) / (1 - co) + outer.poisson()) / outer.youngsMPa()));
    }

    /** Force to press it on over a width, newton. */
    public double forceN(double interferenceUm, double widthMm, double friction) {
        return friction * pressureMPa(interferenceUm) * Math.PI * seatMm * widthMm;
    }

    /** How much the outer surface of the outer part grows, µm: the inner raceway of a ring on a shaft. */
    public double outerGrowthUm(double interferenceUm) {
        if (Double.isInfinite(aroundMm)) {
            return 0;
        }
        return 2000
                * pressureMPa(interferenceUm)
                * sq(seatMm)
                * aroundMm
                / (outer.youngsMPa() * (sq(aroundMm) - sq(seatMm)));
    }

    /** How much the inner surface of the inner part shrinks, µm: the outer raceway of a ring in a housing. */
    public double innerShrinkUm(double interferenceUm) {
        return insideMm == 0
                ? 0
                : 2000
                        * pressureMPa(interferenceUm)
                        * sq(seatMm)
                        * insideMm
                        / (inner.youngsMPa() * (sq(seatMm) - sq(insideMm)));
    }

    /** What a ring asks of a press, newton. @param most more where it is rusted in */
    public record Force(double leastN, double mostN) {}

    /** To press it on: oiled at the mean of what interferes, to dry at the largest. */
    public Force mount(Interference i, double widthMm) {
        return new Force(forceN(i.grippingMeanUm(), widthMm, OILED), forceN(i.maxUm(), widthMm, DRY));
    }

    /** To take it off: one and a half times the mean's force, to twice the largest's. */
    public Force remove(Interference i, double widthMm) {
        return new Force(
                REMOVE_LEAST * forceN(i.grippingMeanUm(), widthMm, OILED),
                REMOVE_MOST * forceN(i.maxUm(), widthMm, OILED));
    }

    private static double sq(double x) {
        return x * x;
    }
}
