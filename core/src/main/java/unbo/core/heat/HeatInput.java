package unbo.core.heat;

import static java.util.Objects.requireNonNull;

import org.jspecify.annotations.Nullable;

import unbo.core.fit.Material;

/**
 * A part to be heated over, or around, another.
 *
 * @param housing false: a ring is heated for its shaft; true: a housing for its bearing
 * @param limitC the heated part takes no more
 * @param colour temper colour seen afterwards: none, straw, brown, blue
 */
public record HeatInput(
        boolean housing,
        Ring ring,
        Hold hold,
        double ambientC,
        Parts parts,
        double limitC,
        boolean sealed,
        String colour) {
    /**
     * The ring.
     *
     * @param boreMm of the ring; null where only a housing's seat is known
     * @param outsideMm of the bearing; null where not known
     * @param massKg of what is heated; null where not weighed
     * @param alone true for an inner ring that comes apart from the rest: it is light, and cools sooner
     */
    public record Ring(
            @Nullable Double boreMm,
            @Nullable Double outsideMm,
            @Nullable Double widthMm,
            @Nullable Double massKg,
            boolean alone) {}

    /**
     * How tight it is, and how open it must be.
     *
     * @param interferenceUm the largest, µm
     * @param leastUm the smallest, µm; null where only the largest is known
     * @param slidingUm clearance to slide by; null for the usual, a thousandth of the seat, 20 to 50 µm
     */
    public record Hold(
            double interferenceUm,
            @Nullable Double leastUm,
            @Nullable Double slidingUm) {

        /** Between the smallest and the largest, µm; the largest where that alone is known. */
        public double meanUm() {
            return leastUm == null ? interferenceUm : (interferenceUm + leastUm) / 2;
        }
    }

    /**
     * What is heated, what is not, and how warm that is.
     *
     * @param otherC temperature of the other part, ambient unless chilled
     */
    public record Parts(Material heated, Material other, double otherC) {}

    /** Diameter of the seat, mm. */
    public double seatMm() {
        return requireNonNull(housing ? outsideMm() : boreMm());
    }

    public @Nullable Double boreMm() {
        return ring.boreMm();
    }

    public @Nullable Double outsideMm() {
        return ring.outsideMm();
    }

    public @Nullable Double widthMm() {
        return ring.widthMm();
    }

    public @Nullable Double massKg() {
        return ring.massKg();
    }

    public double interferenceUm() {
        return hold.interferenceUm();
    }

    public @Nullable Double slidingUm() {
        return hold.slidingUm();
    }

    public Material heated() {
        return parts.heated();
    }

    public Material other() {
        return parts.other();
    }

    public double otherC() {
        return parts.otherC();
    }
}
