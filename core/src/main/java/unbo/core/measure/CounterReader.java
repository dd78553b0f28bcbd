package unbo.core.measure;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

/**
 * Reads a vehicle's counter, or a distance or running time a year, the way people write it: {@code 123 456 km},
 * {@code 123456}, {@code 76000 miles}, {@code 1.234.567}, {@code 88210.5 h}. A group of three figures behind one point
 * or comma ({@code 123.456}) can mean two things and is asked about.
 */
public final class CounterReader {

    private static final int LONGEST = 40;
    private static final Pattern COUNTER = Pattern.compile("([\\d][\\d .,'\u2019]*)\\s*([^\\d].*)?");
    private static final Pattern AMBIGUOUS = Pattern.compile("\\d{1,3}[.,]\\d{3}");
    private static final Pattern GROUPED = Pattern.compile("\\d{1,3}([ "
            + "'\u2019])\\d{3}(?:\\1\\d{3})*(?:[.,]\\d{1,3})?|\\d{1,3}(?:\\.\\d{3}){2,}(?:,"
            + "\\d{1,2})?|\\d{1,3}(?:,\\d{3}){2,}(?:\\.\\d{1,2})?"
            + "|\\d{1,3}(?:,\\d{3})+\\.\\d{1,2}|\\d{1,3}(?:\\.\\d{3})+,\\d{1,2}");
    private static final Pattern PLAIN = Pattern.compile("\\d+(?:[.,]\\d+)?");

    private CounterReader() {}

    /**
     * What came of it.
     *
     * @param value in the counter's own unit; null when refused
     * @param echo how it was understood, where that was not as written
     * @param refusal why not, in a sentence; null when it was read
     */
    public record Outcome(
            @Nullable Double value, String echo, @Nullable String refusal) {

        static Outcome refused(String sentence) {
            return new Outcome(null, "", sentence);
        }
    }

    /**
     * @param counts what the counter counts: km, mi, h; anything else for a vehicle without one, whose distances are km
     */
    public static Outcome read(String text, String counts) {
        String tidy = text.strip().replace('\u00a0', ' ').replace('\u202f', ' ').replace('\u2009', ' ');
        Matcher m = COUNTER.matcher(tidy);
        if (tidy.length() > LONGEST || !m.matches()) {
            return Outcome.refused(
                    "“" + text.strip() + "” is no counter: write for instance 123456, 123 456 km or 76000 miles.");
        }
        String figures = m.group(1).strip();
        String unit = m.group(2) == null ? "" : m.group(2).strip();
        if (AMBIGUOUS.matcher(figures).matches()) {
            String whole = figures.replaceAll("[.,]", "");
            return Outcome.refused("“" + figures + "” can be read as " + whole + " or as " + figures.replace(',', '.')
                    + ": write " + whole + " if that is meant, or leave the last figures out.");
        }
        Optional<Double> number = number(figures);
        if (number.isEmpty()) {
            return Outcome.refused(
                    "“" + figures + "” has signs that do not part thousands: write the figures without them.");
        }
        return unit.isEmpty()
                ? new Outcome(number.get(), figures.matches("\\d+") ? "" : Show.number(number.get(), 1), null)
                : in(unit, number.get(), counts);
    }

    private static Optional<Double> number(String figures) {
        if (GROUPED.matcher(figures).matches()) {
            int decimal = Math.max(figures.lastIndexOf('.'), figures.lastIndexOf(','));
            boolean fraction = decimal > 0 && figures.length() - decimal - 1 < 3
                    || decimal > 0 && figures.indexOf(' ') >= 0
                    || decimal > 0 && figures.matches(".*['\u2019].*");
            String whole = (fraction ? figures.substring(0, decimal) : figures).replaceAll("\\D", "");
            return Optional.of(Double.valueOf(fraction ? whole + "." + figures.substring(decimal + 1) : whole));
        }
        return PLAIN.matcher(figures).matches()
                ? Optional.of(Double.valueOf(figures.replace(',', '.')))
                : Optional.empty();
    }

    private static Outcome in(String unitText, double value, String counts) {
        boolean hours = counts.equals("h");
        Quantity wanted = hours ? Quantity.RUNNING_TIME : Quantity.DISTANCE;
        Quantity other = hours ? Quantity.DISTANCE : Quantity.RUNNING_TIME;
        Optional<Unit> unit = Units.named(wanted, unitText);
        if (unit.isEmpty()) {
            return Outcome.refused(
                    Units.named(other, unitText).isPresent()
                            ? "“" + unitText + "” measures " + other.words() + ", but this vehicle counts "
                                    + (hours ? "hours." : "distance.")
                            : "“" + unitText + "” is no unit a counter has: write " + (hours ? "h." : "km or miles."));
        }
        Unit counter = Units.of(wanted, hours ? "h" : counts.equals("mi") ? "mi" : "km");
        double converted = counter.fromBase(unit.get().toBase(value));
        String echo = unit.get().equals(counter)
                ? Show.number(converted, 1) + " " + counter.symbol()
                : Show.number(value, 1) + " " + unit.get().symbol() + " = " + Show.number(converted, 0) + " "
                        + counter.symbol();
        return new Outcome(unit.get().equals(counter) ? converted : Math.rint(converted * 10) / 10, echo, null);
    }
}
