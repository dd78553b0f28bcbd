package unbo.core.setting;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A sum as it was written on the bench, looked through: 0.187 − 0.140 is 0.047, not 0.038.
 *
 * @param first of the two numbers
 * @param plus false where the second is taken away
 * @param written what was written as the result
 */
public record ShimSum(double first, boolean plus, double second, double written) {

    private static final Pattern SUM = Pattern.compile(
            "\\s*(\\d+(?:[.,]\\d+)?)\\s*([-−–+])\\s*(\\d+(?:[.,]\\d+)?)\\s*=\\s*([-−]?\\d+(?:[.,]\\d+)?)\\s*");
    private static final double SAME = 5e-4;

    /** Reads a line; empty where it is no sum of two numbers. */
    public static Optional<ShimSum> read(String line) {
        Matcher m = SUM.matcher(line);
        return m.matches()
                ? Optional.of(
                        new ShimSum(number(m.group(1)), m.group(2).equals("+"), number(m.group(3)), number(m.group(4))))
                : Optional.empty();
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.').replace('−', '-'));
    }

    /** What it is. */
    public double is() {
        return plus ? first + second : first - second;
    }

    /** True where it was written right, to half a micrometre. */
    public boolean right() {
        return Math.abs(is() - written) <= SAME;
    }
}
