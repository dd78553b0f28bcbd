package unbo.core.stack;

import java.util.List;

/**
 * Two chains between the same two faces.
 *
 * @param outer links in the case: shoulders, cups, covers, gaskets
 * @param inner links on the shaft: rings, spacers, gears, washers
 * @param minMm float wanted at least; negative is preload
 * @param stock shims that are here
 * @param workingC temperature at which the hot gap is asked
 */
public record StackInput(
        List<Link> outer, List<Link> inner, double minMm, double maxMm, List<Shim> stock, double workingC) {

    static final double MEASURED_C = 20;
    /** Links of one chain, at most. */
    public static final int MOST_LINKS = 12;
    /** Lines of the stock, at most. */
    public static final int MOST_SHIMS = 60;

    /** A thickness on the shelf, mm, and how many there are. */
    public record Shim(double thicknessMm, int count) {}

    public StackInput {
        outer = List.copyOf(outer);
        inner = List.copyOf(inner);
        stock = List.copyOf(stock);
    }

    public double wantedMm() {
        return (minMm + maxMm) / 2;
    }
}
