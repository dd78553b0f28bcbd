package unbo.app.instrument;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** The lines an instrument speaks, as docs/instruments.md tells. */
final class InstrumentLine {

    private static final String VALUE = "value";
    private static final Pattern HELLO = Pattern.compile("unbo 1 (indicator|thermometer) ([A-Za-z0-9-]{1,24})");
    private static final Pattern READING = Pattern.compile("([rc]) (.{1,40})");

    /** What an instrument measures, and in what a bare number is. */
    enum Kind {
        INDICATOR("dial indicator", Quantity.LENGTH, "mm", 3, 100),
        THERMOMETER("thermometer", Quantity.TEMPERATURE, "°C", 1, 1500);

        private final String words;
        private final String symbol;
        private final int decimals;
        private final FieldList<Double> line;

        Kind(String words, Quantity quantity, String symbol, int decimals, double farthest) {
            this.words = words;
            this.symbol = symbol;
            this.decimals = decimals;
            this.line = FieldList.of(
                    List.of(Field.quantity(VALUE, "Reading", quantity, symbol, -farthest, farthest)
                            .must()),
                    v -> v.number(VALUE));
        }

        String words() {
            return words;
        }

        /** A value as it is shown, and as it is written into a box: with its unit, without a blank. */
        Shown reading(double value, boolean captured) {
            String number = Show.fixed(value, decimals);
            return new Shown(number + " " + symbol, number.replace('−', '-') + symbol, captured);
        }
    }

    /** The first line of an instrument. */
    record Hello(Kind kind, String name) {}

    /**
     * @param shown for the eye @param typed for a box @param captured true when the instrument's own button was pressed
     */
    record Shown(String shown, String typed, boolean captured) {}

    /** {@code reading} is null when {@code refusal} says why. */
    record Read(Shown reading, String refusal) {}

    private InstrumentLine() {}

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
        Reading<Double> value = FieldReader.read(kind.line, Map.of(VALUE, m.group(2)), UnitSystem.METRIC);
        return value.ok()
                ? new Read(kind.reading(value.record(), m.group(1).equals("c")), "")
                : new Read(null, value.problems().get(0).sentence());
    }
}
