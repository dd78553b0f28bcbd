package unbo.app.stock;

import java.time.Instant;

import unbo.core.measure.Show;

/** A movement as the page prints it. */
public record MoveLine(String name, Instant at, double by, String words) {

    /** What was taken, with its unit, where {@code words} is the kind of thing. */
    public String taken() {
        return words.equals(StockService.SHIM)
                ? Show.number(-by, 0) + " shim" + (by < -1 ? "s" : "") + " of " + name + " mm"
                : Show.number(-by, 1) + " g of “" + name + "”";
    }
}
