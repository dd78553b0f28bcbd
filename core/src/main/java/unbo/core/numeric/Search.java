package unbo.core.numeric;

import java.util.function.DoublePredicate;
import java.util.function.DoubleUnaryOperator;

/** Looks for a place of a function of one number. */
public final class Search {

    private static final int MOST = 200;
    private static final double FINE = 1e-9;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    private Search() {}

    /** Where a function with one summit between two places is highest, by the golden section. */
    public static double summit(DoubleUnaryOperator of, double from, double to) {
        double low = from;
        double high = to;
        double a = high - GOLDEN * (high - low);
        double b = low + GOLDEN * (high - low);
        double atA = of.applyAsDouble(a);
        double atB = of.applyAsDouble(b);
        for (int i = 0; i < MOST && high - low > fine(low, high); i++) {
            if (atA < atB) {
                low = a;
                a = b;
                atA = atB;
                b = low + GOLDEN * (high - low);
                atB = of.applyAsDouble(b);
            } else {
                high = b;
                b = a;
                atB = atA;
                a = high - GOLDEN * (high - low);
                atA = of.applyAsDouble(a);
            }
        }
        return (low + high) / 2;
    }

    /** The edge between a place where something holds and one where it does not, by halving. */
    public static double edge(DoublePredicate holds, double where, double whereNot) {
        double in = where;
        double out = whereNot;
        for (int i = 0; i < MOST && Math.abs(out - in) > fine(in, out); i++) {
            double middle = (in + out) / 2;
            if (holds.test(middle)) {
                in = middle;
            } else {
                out = middle;
            }
        }
        return (in + out) / 2;
    }

    private static double fine(double a, double b) {
        return FINE * Math.max(Math.abs(a), Math.abs(b));
    }
}
