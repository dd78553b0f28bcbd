package unbo.core.measure;

/**
 * A quantity that was read: its value in the base unit, and the unit it was written in.
 *
 * @param base value in the base unit of the quantity, finite
 * @param unit the unit it was typed in, or the one printed beside the field for a bare number
 */
public record Amount(double base, Unit unit) {

    /** Value in {@code wanted}. @throws IllegalArgumentException if that is a unit of another quantity */
    public double in(Unit wanted) {
        if (wanted.quantity() != unit.quantity()) {
            throw new IllegalArgumentException(
                    wanted + " does not measure " + unit.quantity().words());
        }
        return wanted.fromBase(base);
    }

    /** How it was understood, in both systems: {@code 0.102 mm = 0.004 in}. */
    public String echo() {
        return Show.both(unit.quantity(), base);
    }
}
