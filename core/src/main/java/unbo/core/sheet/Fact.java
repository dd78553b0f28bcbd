package unbo.core.sheet;

import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.measure.Units;

/**
 * One thing a job knows.
 *
 * @param key         what it is
 * @param text        as a text, for numbers and designations without a quantity
 * @param value       in the unit of the key; null for texts
 * @param uncertainty in the unit of the key; 0 when exact or unknown
 * @param stage       code of the stage that gave it, or "position" when it was known before
 */
public record Fact(FactKey key, String text, Double value, double uncertainty, How how, String stage) {

    public static Fact number(FactKey key, double value, How how, String stage) {
        return new Fact(key, "", value, 0, how, stage);
    }

    public static Fact words(FactKey key, String text, How how, String stage) {
        return new Fact(key, text, null, 0, how, stage);
    }

    /** The fact as printed, with its unit. */
    public String shown() {
        return value == null ? text : key.quantity() == null ? Show.number(value, 3)
                : Show.value(value, Units.of(key.quantity(), key.unit()));
    }

    /** The value alone, for a box whose printed unit is that of the key. */
    public String typed() {
        return value == null ? text : Show.number(value, 4).replace('−', '-') + (key.quantity() == null ? "" : " " + key.unit());
    }
}
