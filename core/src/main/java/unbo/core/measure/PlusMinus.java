package unbo.core.measure;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

/**
 * A text such as {@code 59.13 ±0.01 mm} taken apart: what was measured, and how far it may be off. Behind the sign
 * stands a number in the unit of what was measured or in its own, a share of it in per cent, or what it was measured
 * with ({@code ±caliper}).
 *
 * @param number what stands before the sign
 * @param behind what stands behind it
 */
public record PlusMinus(String number, String behind) {

    private static final Pattern SIGN = Pattern.compile("(?s)(.*?)(?:±|\\+\\s*/\\s*[-−–])(.*)");
    private static final Pattern FAR = Pattern.compile("([\\d.,]+(?:e-?\\d+)?)\\s*(\\D.*)?", Pattern.CASE_INSENSITIVE);
    private static final Pattern WITH_UNIT = Pattern.compile("(?s).*\\d\\s*[^\\d\\s.,].*");

    /** What came of reading how far: half of the range in the base unit, or one sentence saying why not. */
    public record Outcome(double half, @Nullable String refusal) {

        static Outcome refused(String sentence) {
            return new Outcome(0, sentence);
        }
    }

    /** A text with the sign in it; empty where it has none. */
    public static Optional<PlusMinus> of(String text) {
        Matcher parts = SIGN.matcher(text);
        return parts.matches()
                ? Optional.of(
                        new PlusMinus(parts.group(1).strip(), parts.group(2).strip()))
                : Optional.empty();
    }

    /** What was measured, with the unit that stands behind the other number only: {@code 59.13 ±0.01 mm}. */
    public String measured(Unit bare) {
        Matcher far = FAR.matcher(behind);
        boolean lends = far.matches()
                && far.group(2) != null
                && !WITH_UNIT.matcher(number).matches()
                && Units.named(bare.quantity(), far.group(2).strip()).isPresent();
        return lends ? number + " " + far.group(2).strip() : number;
    }

    /**
     * How far {@code amount} may be off, in the base unit of its quantity: differences, so that ±5 °C is 5 K.
     *
     * @param amount what {@link #measured} was read as
     */
    public Outcome half(Amount amount) {
        Optional<MeasuredBy> by =
                amount.unit().quantity() == Quantity.LENGTH ? MeasuredBy.named(behind) : Optional.empty();
        if (by.isPresent()) {
            return new Outcome(by.get().plusMinusMm(), null);
        }
        Matcher far = FAR.matcher(behind);
        if (!far.matches()) {
            return Outcome.refused("Behind ± stands how far it may be off, for instance ±0.01"
                    + (amount.unit().quantity() == Quantity.LENGTH ? ", ±2 % or ±caliper." : " or ±2 %."));
        }
        QuantityReader.Outcome number = QuantityReader.read(far.group(1), Units.of(Quantity.RATIO, ""));
        if (number.amount() == null) {
            return Outcome.refused(String.valueOf(number.refusal()));
        }
        double half = number.amount().base();
        String unit = far.group(2) == null ? "" : far.group(2).strip();
        if (unit.equals("%")) {
            return new Outcome(Math.abs(amount.base()) * half / 100, null);
        }
        Unit in = unit.isEmpty()
                ? amount.unit()
                : Units.named(amount.unit().quantity(), unit).orElse(null);
        if (in == null) {
            return Outcome.refused("“" + unit + "” behind ± is no unit of "
                    + amount.unit().quantity().words() + ".");
        }
        double off = Math.abs(in.toBase(in.fromBase(amount.base()) + half) - amount.base());
        return Double.isFinite(off)
                ? new Outcome(off, null)
                : Outcome.refused("“±" + behind + "” is no distance from " + amount.echo() + ".");
    }
}
