package unbo.core.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.text.Normalizer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

/**
 * Reads a quantity the way mechanics write it: {@code 0.004in}, {@code 4 thou}, {@code ,102}, {@code 0,102 mm},
 * {@code 1-3/8"}, {@code 50 lbf.ft}, {@code 230F}, {@code M20x1.5} or {@code 3/4-16} where a thread pitch is asked. The
 * one place that parses numbers and units. A comma or a point is the decimal sign; a comma that could as well part
 * thousands ({@code 1,234}) is refused with both readings. Limits of the place are judged by {@code unbo.core.input}.
 */
public final class QuantityReader {

    private static final int LONGEST = 60;
    private static final double LARGEST = 1e12;
    private static final long MILLION = 1_000_000;
    private static final int MILLIONTHS = 6;
    private static final String DIGITS = "\\d+(?:[.,]\\d+)*[.,]?|[.,]\\d+";
    private static final Pattern MIXED =
            Pattern.compile("([+-]?)(\\d+)(?:\\s*-\\s*|\\s+)(\\d+)\\s*/\\s*(\\d+)\\s*(\\D.*)?");
    private static final Pattern FRACTION = Pattern.compile("([+-]?)(\\d+)\\s*/\\s*(\\d+)\\s*(\\D.*)?");
    private static final Pattern DECIMAL =
            Pattern.compile("([+-]?)\\s*(" + DIGITS + ")(e[+-]?\\d+)?\\s*(\\D.*)?", Pattern.CASE_INSENSITIVE);
    private static final Pattern METRIC_THREAD =
            Pattern.compile("m\\s*[\\d.,]+\\s*[x×*]\\s*(.+)", Pattern.CASE_INSENSITIVE);
    private static final Pattern INCH_THREAD = Pattern.compile(
            "(?:\\d+(?:\\s*[- ]\\s*\\d+/\\d+)?|\\d+/\\d+)\\s*\"?\\s*[-–]\\s*(\\d+)\\s*(?:un[a-z]*)?",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern AMBIGUOUS = Pattern.compile("[1-9]\\d{0,2},\\d{3}");
    private static final Pattern COMMAS_PART = Pattern.compile("\\d{1,3}(,\\d{3})+\\.\\d*");
    private static final Pattern POINTS_PART = Pattern.compile("\\d{1,3}(\\.\\d{3})+,\\d*");

    private QuantityReader() {}

    /** What came of reading a text: an amount, or one sentence saying why not. Exactly one of both is null. */
    public record Outcome(@Nullable Amount amount, @Nullable String refusal) {

        static Outcome of(double base, Unit unit) {
            return new Outcome(new Amount(base, unit), null);
        }

        static Outcome refused(String sentence) {
            return new Outcome(null, sentence);
        }

        public boolean ok() {
            return amount != null;
        }
    }

    /**
     * Reads {@code text} as a value of {@code bare}'s quantity.
     *
     * @param text as typed; not blank
     * @param bare the unit printed beside the field, which a bare number takes
     */
    public static Outcome read(String text, Unit bare) {
        String tidy = tidy(text);
        if (tidy.isEmpty()) {
            return Outcome.refused(
                    "Nothing is written here: write a number with its unit, for instance " + example(bare) + ".");
        }
        if (tidy.length() > LONGEST) {
            return Outcome.refused(
                    "This is too long to be " + bare.quantity().words() + ": write a number and a unit.");
        }
        if (bare.quantity() == Quantity.PITCH) {
            Matcher metric = METRIC_THREAD.matcher(tidy);
            if (metric.matches()) {
                return read(metric.group(1), Units.of(Quantity.PITCH, "mm"));
            }
            Matcher inch = INCH_THREAD.matcher(tidy);
            if (inch.matches()) {
                return finish(text, new BigDecimal(inch.group(1)), "tpi", bare);
            }
        }
        if (tidy.indexOf('/') > 0) {
            Matcher mixed = MIXED.matcher(tidy);
            if (mixed.matches()) {
                return fraction(text, mixed, mixed.group(2), 3, bare);
            }
            Matcher fraction = FRACTION.matcher(tidy);
            if (fraction.matches()) {
                return fraction(text, fraction, "0", 2, bare);
            }
        }
        Matcher decimal = DECIMAL.matcher(tidy);
        if (!decimal.matches()) {
            return Outcome.refused("“" + text.strip() + "” is not a number: write "
                    + bare.quantity().words() + ", for instance " + example(bare) + ".");
        }
        return decimal(text, decimal, bare);
    }

    private static Outcome decimal(String text, Matcher match, Unit bare) {
        String digits = match.group(2);
        if (AMBIGUOUS.matcher(digits).matches()) {
            return Outcome.refused("“" + text.strip() + "” can be read as " + digits.replace(',', '.') + " or as "
                    + digits.replace(",", "") + ": write it with a point, or without the comma.");
        }
        String plain = decimalSign(digits);
        if (plain == null) {
            return Outcome.refused(
                    "“" + text.strip() + "” has more than one decimal sign: write one point or one comma.");
        }
        String exponent = match.group(3) == null ? "" : match.group(3);
        if (exponent.length() > 5) {
            return tooLarge(text, bare);
        }
        BigDecimal value = new BigDecimal(match.group(1) + plain + exponent);
        if (value.abs().compareTo(BigDecimal.valueOf(LARGEST)) > 0) {
            return tooLarge(text, bare);
        }
        return finish(text, value, match.group(4), bare);
    }

    /**
     * Digits with a point as decimal sign; null when the signs make no sense. Grouping is read only beside another
     * sign.
     */
    private static @Nullable String decimalSign(String digits) {
        long commas = digits.chars().filter(c -> c == ',').count();
        long points = digits.chars().filter(c -> c == '.').count();
        if (commas <= 1 && points == 0) {
            return digits.replace(',', '.');
        }
        if (points <= 1 && commas == 0) {
            return digits;
        }
        boolean pointLast = digits.lastIndexOf('.') > digits.lastIndexOf(',');
        if (pointLast && points == 1 && COMMAS_PART.matcher(digits).matches()) {
            return digits.replace(",", "");
        }
        if (!pointLast && commas == 1 && POINTS_PART.matcher(digits).matches()) {
            return digits.replace(".", "").replace(',', '.');
        }
        return null;
    }

    /** @param from group of the upper figure; the lower one and the unit follow it */
    private static Outcome fraction(String text, Matcher match, String whole, int from, Unit bare) {
        String top = match.group(from);
        String bottom = match.group(from + 1);
        if (whole.length() > 6 || top.length() > 6 || bottom.length() > 6) {
            return tooLarge(text, bare);
        }
        int divisor = Integer.parseInt(bottom);
        if (divisor == 0) {
            return Outcome.refused(
                    "“" + text.strip() + "” divides by zero: the lower figure of a fraction must be 1 or more.");
        }
        BigDecimal value = mixed(Integer.parseInt(whole), Integer.parseInt(top), divisor);
        return finish(text, match.group(1).equals("-") ? value.negate() : value, match.group(from + 2), bare);
    }

    /** Exact for halves to sixty-fourths and the like, to 34 figures for thirds. */
    private static BigDecimal mixed(int whole, int top, int bottom) {
        return MILLION % bottom == 0
                ? BigDecimal.valueOf(whole * MILLION + top * (MILLION / bottom), MILLIONTHS)
                : BigDecimal.valueOf(whole)
                        .add(BigDecimal.valueOf(top).divide(BigDecimal.valueOf(bottom), MathContext.DECIMAL128));
    }

    private static Outcome finish(String text, BigDecimal value, String unitText, Unit bare) {
        Unit unit = bare;
        if (unitText != null && !unitText.isBlank()) {
            var named = Units.named(bare.quantity(), unitText.strip());
            if (named.isEmpty()) {
                return wrongUnit(unitText.strip(), bare);
            }
            unit = named.get();
        }
        if (unit.reciprocal() && value.signum() <= 0) {
            return Outcome.refused("“" + text.strip() + "” is no thread: threads per inch are more than zero.");
        }
        double base = unit.toBase(value);
        return Double.isFinite(base) ? Outcome.of(base, unit) : tooLarge(text, bare);
    }

    private static Outcome wrongUnit(String unitText, Unit bare) {
        String wanted = bare.quantity().words();
        String units = String.join(
                ", ", Units.all(bare.quantity()).stream().map(Unit::symbol).toList());
        return Units.anywhere(unitText)
                .map(other -> Outcome.refused("“" + unitText + "” measures "
                        + other.quantity().words().replaceFirst("^an? ", "") + ", but " + wanted + " is asked here ("
                        + units + ")."))
                .orElseGet(() -> Outcome.refused("“" + unitText + "” is no unit this place knows: use " + units + "."));
    }

    private static Outcome tooLarge(String text, Unit bare) {
        return Outcome.refused("“" + text.strip() + "” is far beyond any "
                + bare.quantity().words().replaceFirst("^an? ", "") + " met at a bench: check the figure.");
    }

    private static String example(Unit bare) {
        return switch (bare.quantity()) {
            case LENGTH -> "0.102 mm or 4 thou";
            case TORQUE -> "68 Nm or 50 lbf.ft";
            case TEMPERATURE -> "60 C or 140 F";
            case PITCH -> "1.5 mm, 16 tpi or M20x1.5";
            case ANGLE -> "20";
            default -> "12 " + bare.symbol();
        };
    }

    /** One kind of dash, quote and blank; vulgar fractions taken apart. */
    private static String tidy(String text) {
        StringBuilder parted = null;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            String like = like(c);
            if (like != null && parted == null) {
                parted = new StringBuilder(text.length() + 4).append(text, 0, i);
            }
            if (parted != null) {
                parted.append(like == null ? String.valueOf(c) : like);
            }
        }
        return (parted == null ? text : parted.toString()).strip();
    }

    /** What a character is read as; null where it stands for itself. */
    private static @Nullable String like(char c) {
        if (c < 128) {
            return null;
        }
        return switch (c) {
            case '½', '¼', '¾', '⅛', '⅜', '⅝', '⅞' ->
                " "
                        + Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFKD)
                                .replace('⁄', '/');
            case '−', '–' -> "-";
            case '″', '”', '“' -> "\"";
            case '\u00a0', '\u202f' -> " ";
            case 'μ' -> "µ";
            case '’' -> "'";
            default -> null;
        };
    }
}
