package unbo.core.sheet;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Map;
import java.util.function.Consumer;

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
    /** What texts that stand for days and counts must read as. */
    private static final Map<FactKey, Consumer<String>> READERS = Map.of(
            FactKey.DAY, LocalDate::parse,
            FactKey.DUE_ON, LocalDate::parse,
            FactKey.LAST_DAY, LocalDate::parse,
            FactKey.COUNTER, Double::parseDouble,
            FactKey.LAST_COUNTER, Double::parseDouble,
            FactKey.YEARLY, Double::parseDouble,
            FactKey.DUE_COUNTER, Double::parseDouble,
            FactKey.DUE_IMMERSIONS, Integer::parseInt);

    public static Fact number(FactKey key, double value, How how, String stage) {
        return new Fact(key, "", value, 0, how, stage);
    }

    public static Fact words(FactKey key, String text, How how, String stage) {
        return new Fact(key, text, null, 0, how, stage);
    }

    /** The same under another key of the same quantity. */
    Fact at(FactKey other) {
        return new Fact(other, text, value, uncertainty, how, stage);
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
        Consumer<String> reader = READERS.get(key);
        if (reader == null) {
            return true;
        }
        try {
            reader.accept(text);
            return true;
        } catch (DateTimeParseException | NumberFormatException e) {
            return false;
        }
    }
}
