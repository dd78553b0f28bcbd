package unbo.core.signal;

import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;

/** Where in a bearing a damaged place strikes from, each with its rate. */
public enum Family {
    OUTER_RACE("outer race", "BPFO"),
    INNER_RACE("inner race", "BPFI"),
    ELEMENT("rolling element", "2·BSF"),
    CAGE("cage", "FTF");

    /** Harmonics of a comb. */
    public static final int HARMONICS = 5;

    private final String words;
    private final String symbol;

    Family(String words, String symbol) {
        this.words = words;
        this.symbol = symbol;
    }

    public String words() {
        return words;
    }

    public String symbol() {
        return symbol;
    }

    /** As in JSON: outer-race, inner-race, element, cage. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Strikes a turn of the shaft. */
    double order(BearingGeometry geometry, Turning turning) {
        return switch (this) {
            case OUTER_RACE -> geometry.outerOrder();
            case INNER_RACE -> geometry.innerOrder();
            case ELEMENT -> 2 * geometry.elementOrder();
            case CAGE -> geometry.cageOrder(turning);
        };
    }

    static List<Integer> harmonics(int most) {
        return IntStream.rangeClosed(1, most).boxed().toList();
    }
}
