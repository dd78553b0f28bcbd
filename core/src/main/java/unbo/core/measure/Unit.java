package unbo.core.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;

/**
 * A unit with its exact relation to the base unit of its quantity: {@code base = (value + offset) · factor / divisor}.
 * Threads per inch are the one reciprocal: {@code base = factor / value}. Factors: the international yard and pound of
 * 1959 (25.4 mm, 0.45359237 kg) and standard gravity 9.80665 m/s², all exact.
 *
 * @param quantity what it measures
 * @param symbol how it is printed
 * @param decimals how many decimals a printed value carries at most
 * @param names how mechanics write it, folded by {@link Units#fold}
 */
public record Unit(
        Quantity quantity,
        String symbol,
        boolean inchSystem,
        BigDecimal factor,
        BigDecimal divisor,
        BigDecimal offset,
        int decimals,
        List<String> names) {

    private static final MathContext EXACT = MathContext.DECIMAL128;

    /** Value in the base unit of the quantity (mm, N, N·m, °C, K, rpm, km/h, km, h, MPa, g, cm³, °, mm²/s, W). */
    public double toBase(BigDecimal value) {
        if (reciprocal()) {
            return factor.divide(value, EXACT).doubleValue();
        }
        BigDecimal moved = offset.signum() == 0 ? value : value.add(offset);
        BigDecimal times = moved.multiply(factor, EXACT);
        return (divisor.equals(BigDecimal.ONE) ? times : times.divide(divisor, EXACT)).doubleValue();
    }

    /** Value in the base unit, from a {@code double}; a bare zero per inch is infinite. */
    public double toBase(double value) {
        return reciprocal()
                ? factor.doubleValue() / value
                : (value + offset.doubleValue()) * factor.doubleValue() / divisor.doubleValue();
    }

    /** Value in this unit, from a value in the base unit. */
    public double fromBase(double base) {
        return reciprocal()
                ? factor.doubleValue() / base
                : base * divisor.doubleValue() / factor.doubleValue() - offset.doubleValue();
    }

    /** True for threads per inch, where more is finer. */
    public boolean reciprocal() {
        return symbol.equals("tpi");
    }

    @Override
    public String toString() {
        return symbol;
    }
}
