package unbo.core.survival;

import java.util.Arrays;

/** Counting in ascending rows. */
final class Rows {

    private Rows() {}

    /** How many are under a value. */
    static int under(double[] row, double value) {
        int at = Arrays.binarySearch(row, value);
        if (at < 0) {
            return -at - 1;
        }
        while (at > 0 && row[at - 1] == value) {
            at--;
        }
        return at;
    }

    /** How many are not over a value. */
    static int upTo(double[] row, double value) {
        return under(row, Math.nextUp(value));
    }
}
