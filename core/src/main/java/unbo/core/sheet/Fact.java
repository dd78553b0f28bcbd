package unbo.core.sheet;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;

import org.jspecify.annotations.Nullable;

import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.measure.Show;
import unbo.core.measure.Units;

/**
 * One thing a job knows.
 *
 * @param key what it is
 * @param text as a text, for numbers and designations without a quantity
 * @param value in the unit of the key; null for texts
 * @param uncertainty in the unit of the key; 0 when exact or unknown
 * @param stage code of the stage that gave it, or "position" when it was known before
 */
public record Fact(FactKey key, String text, @Nullable Double value, double uncertainty, How how, String stage) {

    private static final int LONGEST = Field.LONGEST_TEXT;
    private static final double LARGEST = 1e9;

    public static Fact number(FactKey key, double value, How how, String stage) {
        return new Fact(key, "", value, 0, how, stage);
    }

    public static Fact words(FactKey key, String text, How how, String stage) {
        return new Fact(key, text, null, 0, how, stage);
    }

    /** The fact as printed, with its unit. */
    public String shown() {
        return value == null
                ? text
                : key.quantity() == null
                        ? Show.number(value, 3)
                        : Show.value(value, Units.of(key.quantity(), key.unit()));
    }

    /** The value alone, for a box whose printed unit is that of the key. */
    public String typed() {
        return value == null
                ? text
                : Show.number(value, 4).replace('−', '-') + (key.quantity() == null ? "" : " " + key.unit());
    }

    /**
     * What is wrong with a fact that came from outside, in a sentence; null when it can be used. Texts are at most 20
     * 000 characters, numbers finite and below 10⁹ of the key's unit, days and counts readable.
     */
    public @Nullable String fault() {
        if (how == null || text == null || stage == null) {
            return key.words() + " lacks its text, how it is known or its stage.";
        }
        if (text.length() > LONGEST || stage.length() > LONGEST) {
            return key.words() + " is longer than " + LONGEST + " characters.";
        }
        if (key.quantity() != null && value == null) {
            return key.words() + " needs a number.";
        }
        if (value != null && !(Math.abs(value) < LARGEST) || !(Math.abs(uncertainty) < LARGEST)) {
            return key.words() + " is " + value + " ± " + uncertainty + ": no number a hub can have.";
        }
        return value == null && !text.isEmpty() && !readable() ? key.words() + " cannot be read: " + text : null;
    }

    private boolean readable() {
        try {
            switch (key) {
                case DAY, DUE_ON, LAST_DAY -> LocalDate.parse(text);
                case COUNTER, LAST_COUNTER, YEARLY, DUE_COUNTER -> Double.parseDouble(text);
                case DUE_IMMERSIONS -> Integer.parseInt(text);
                default -> {
                    return true;
                }
            }
            return true;
        } catch (DateTimeParseException | NumberFormatException e) {
            return false;
        }
    }
}
