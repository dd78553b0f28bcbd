package unbo.core.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Prints quantities: the one place that formats. Point as decimal sign, no grouping, U+2212 for minus. */
public final class Show {

    /** Drops the last figures of a double, so that 26.98749999… prints as the 26.9875 it is. */
    private static final MathContext NOISE = new MathContext(12);

    private Show() {}

    /** A value in a unit, with at most the decimals of that unit and no idle zeros: {@code 0.25 mm}. */
    public static String value(double value, Unit unit) {
        String number = number(value, unit.decimals());
        if (unit.symbol().isEmpty()) {
            return number;
        }
        return unit.symbol().equals("°") ? number + "°" : number + " " + unit.symbol();
    }

    /** A value in millimetres with exactly three decimals, as end play is read: {@code 0.250 mm}. */
    public static String play(double mm) {
        return fixed(mm, 3) + " mm";
    }

    /** {@link #value} from the base unit. */
    public static String base(double base, Unit unit) {
        return value(unit.fromBase(base), unit);
    }

    /** At most {@code decimals} decimals, idle zeros dropped; a small number keeps one figure. */
    public static String number(double value, int decimals) {
        if (!Double.isFinite(value)) {
            return "–";
        }
        BigDecimal exact = BigDecimal.valueOf(value).round(NOISE);
        int scale = decimals;
        if (exact.signum() != 0 && decimals > 0) {
            int figures = exact.precision() - exact.scale();
            scale = Math.max(decimals, Math.min(decimals + 2, 1 - figures));
        }
        BigDecimal rounded = exact.setScale(scale, RoundingMode.HALF_UP).stripTrailingZeros();
        return minus(rounded.signum() == 0 ? "0" : rounded.toPlainString());
    }

    /** Exactly {@code decimals} decimals. */
    public static String fixed(double value, int decimals) {
        if (!Double.isFinite(value)) {
            return "–";
        }
        BigDecimal rounded = BigDecimal.valueOf(value).round(NOISE).setScale(decimals, RoundingMode.HALF_UP);
        return minus(rounded.toPlainString());
    }

    /** Two figures, as an estimate is told: whole, thousands apart by a space that does not break. */
    public static String rough(double value) {
        double step = Math.pow(10, Math.max(0, Math.floor(Math.log10(Math.max(1, value))) - 1));
        return number(Math.round(value / step) * step, 0).replaceAll("(?<=\\d)(?=(\\d{3})+$)", "\u00a0");
    }

    /** Both systems, the metric one first; one where the trade has but one unit. */
    public static String both(Quantity quantity, double base) {
        Unit metric = scaled(quantity.metric(), base);
        Unit inch = scaled(quantity.inch(), base);
        String first = base(base, metric);
        return metric.equals(inch) ? first : first + " = " + base(base, inch);
    }

    /** A length in the inch system, to a tenth of a thou: {@code 0.0046 in}. @param mm in millimetres */
    public static String inches(double mm) {
        return number(Units.of(Quantity.LENGTH, "in").fromBase(mm), 4) + " in";
    }

    private static Unit scaled(Unit unit, double base) {
        if (unit.quantity() == Quantity.MASS && Math.abs(base) >= 1000) {
            return Units.of(Quantity.MASS, unit.inchSystem() ? "lb" : "kg");
        }
        return unit;
    }

    private static String minus(String number) {
        return number.replace('-', '−');
    }
}
