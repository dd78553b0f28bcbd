package unbo.app.instrument;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import unbo.core.measure.Quantity;
import unbo.core.measure.QuantityReader;
import unbo.core.measure.Show;
import unbo.core.measure.Unit;
import unbo.core.measure.Units;

/** The lines an instrument speaks, as docs/instruments.md tells. */
final class InstrumentLine {

    private static final Pattern HELLO = Pattern.compile("unbo 1 (indicator|thermometer) ([A-Za-z0-9-]{1,24})");
    private static final Pattern READING = Pattern.compile("([rc]) (.{1,40})");

    /** What an instrument measures, and in what a bare number is. */
    enum Kind {
        INDICATOR("dial indicator", Quantity.LENGTH, "mm", 3, 100), THERMOMETER("thermometer", Quantity.TEMPERATURE, "°C", 1, 1500);

        private final String words;
        private final Quantity quantity;
        private final String symbol;
        private final int decimals;
        private final double farthest;

        Kind(String words, Quantity quantity, String symbol, int decimals, double farthest) {
            this.words = words;
            this.quantity = quantity;
            this.symbol = symbol;
            this.decimals = decimals;
            this.farthest = farthest;
        }

        String words() {
            return words;
        }

        Unit unit() {
            return Units.of(quantity, symbol);
        }

        /** A value as it is shown, and as it is written into a box: with its unit, without a blank. */
        Reading reading(double value, boolean captured) {
            String number = Show.fixed(value, decimals);
            return new Reading(number + " " + symbol, number.replace('−', '-') + symbol, captured);
        }
    }

    /** The first line of an instrument. */
    record Hello(Kind kind, String name) {
    }

    /** @param shown for the eye @param typed for a box @param captured true when the instrument's own button was pressed */
    record Reading(String shown, String typed, boolean captured) {
    }

    /** {@code reading} is null when {@code refusal} says why. */
    record Read(Reading reading, String refusal) {
    }

    private InstrumentLine() {
    }

    /** Null when it is no greeting. */
    static Hello hello(String line) {
        Matcher m = HELLO.matcher(line);
        return m.matches() ? new Hello(Kind.valueOf(m.group(1).toUpperCase(Locale.ROOT)), m.group(2)) : null;
    }

    static Read reading(String line, Kind kind) {
        Matcher m = READING.matcher(line);
        if (!m.matches()) {
            return new Read(null, "write r or c, a blank and a value: r 0.031 mm");
        }
        QuantityReader.Outcome outcome = QuantityReader.read(m.group(2), kind.unit());
        if (!outcome.ok()) {
            return new Read(null, outcome.refusal());
        }
        double value = outcome.amount().in(kind.unit());
        if (!(Math.abs(value) <= kind.farthest)) {
            return new Read(null, "a value of " + m.group(2) + " is beyond what a " + kind.words + " shows.");
        }
        return new Read(kind.reading(value, m.group(1).equals("c")), "");
    }
}
