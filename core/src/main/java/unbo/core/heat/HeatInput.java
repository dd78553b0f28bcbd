package unbo.core.heat;

import static java.util.Objects.requireNonNull;

import org.jspecify.annotations.Nullable;

import unbo.core.fit.Material;

/**
 * A part to be heated over, or around, another.
 *
 * @param housing false: a ring is heated for its shaft; true: a housing for its bearing
 * @param boreMm of the ring; null where only a housing's seat is known
 * @param outsideMm of the bearing; null where not known
 * @param massKg of what is heated; null where not weighed
 * @param interferenceUm the largest, µm
 * @param slidingUm clearance to slide by; null for the usual, a thousandth of the seat, 20 to 50 µm
 * @param otherC temperature of the other part, ambient unless chilled
 * @param limitC the heated part takes no more
 * @param colour temper colour seen afterwards: none, straw, brown, blue
 */
public record HeatInput(
        boolean housing,
        @Nullable Double boreMm,
        @Nullable Double outsideMm,
        @Nullable Double widthMm,
        @Nullable Double massKg,
        double interferenceUm,
        @Nullable Double slidingUm,
        double ambientC,
        Material heated,
        Material other,
        double otherC,
        double limitC,
        boolean sealed,
        String colour) {

    /** Diameter of the seat, mm. */
    public double seatMm() {
        return requireNonNull(housing ? outsideMm : boreMm);
    }
}
