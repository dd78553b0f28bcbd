package unbo.core.input;

import java.util.List;
import java.util.Objects;

import org.jspecify.annotations.Nullable;

import unbo.core.measure.Quantity;
import unbo.core.measure.Unit;
import unbo.core.measure.Units;

/**
 * One named input of a computation: what it measures, the unit a bare number takes, the hard limits outside which it is
 * refused, and the usual range outside which a slip is suspected. Limits are in {@code unit}.
 *
 * @param name as in JSON and in forms
 * @param label as printed beside the box
 * @param unit the unit of limits and of the value handed on; null for texts, choices and dates
 * @param defaultText what stands in when nothing is typed; null when nothing does
 * @param defaultWhy where the default comes from, as a clause; null when it needs no reason
 * @param choices codes and labels of a choice
 * @param fine true for a box that is seldom needed: it folds away where there are many
 * @param slides null without a slider; else the field whose value it starts from while the box is empty, or an empty
 *     text
 * @param longest characters of a text, or members of a list, at most
 */
public record Field(
        String name,
        String label,
        Kind kind,
        @Nullable Unit unit,
        double min,
        double max,
        double usualMin,
        double usualMax,
        boolean required,
        boolean metricOnly,
        @Nullable String defaultText,
        @Nullable String defaultWhy,
        List<Choice> choices,
        int fewest,
        int longest,
        String hint,
        @Nullable String slides,
        boolean fine) {

    /** What kind of text a field holds. */
    public enum Kind {
        QUANTITY,
        WHOLE,
        LIST,
        CHOICE,
        TEXT,
        /** What stands on a bearing, or its sizes. */
        BEARING,
        LINES,
        YES_NO,
        DATE,
        COUNTER
    }

    /** One code of a choice and its label. */
    public record Choice(String code, String label) {
        public Choice {
            Objects.requireNonNull(code);
            Objects.requireNonNull(label);
        }
    }

    private static final double NONE = Double.NaN;

    private static Field of(
            String name, String label, Kind kind, @Nullable Unit unit, double min, double max, int longest) {
        return new Field(
                name, label, kind, unit, min, max, NONE, NONE, false, false, null, null, List.of(), 0, longest, "",
                null, false);
    }

    /** A quantity between {@code min} and {@code max} of the unit printed as {@code symbol}. */
    public static Field quantity(String name, String label, Quantity quantity, String symbol, double min, double max) {
        return of(name, label, Kind.QUANTITY, Units.of(quantity, symbol), min, max, 60);
    }

    /** A reading of a vehicle's counter, or what it counts in a year; in the unit that {@link #COUNTS} names. */
    public static Field counter(String name, String label, double max) {
        return of(name, label, Kind.COUNTER, Units.of(Quantity.RATIO, ""), 0, max, 40);
    }

    /** Name of the field that says what a vehicle counts: km, mi, h or none. */
    public static final String COUNTS = "counterUnit";
    /** Longer than anything that is stamped on a ring. */
    public static final int LONGEST_BEARING = 60;
    /** Characters of the longest text that any field takes; what files hold is judged by the same. */
    public static final int LONGEST_TEXT = 20_000;
    /** The most any counter shows. */
    public static final double MOST_COUNTED = 9_999_999;

    /** A whole number. */
    public static Field whole(String name, String label, int min, int max) {
        return of(name, label, Kind.WHOLE, Units.of(Quantity.RATIO, ""), min, max, 12);
    }

    /** Several quantities in one box, parted by blanks, semicolons or commas. */
    public static Field list(
            String name, String label, Quantity quantity, String symbol, double min, double max, int fewest, int most) {
        return of(name, label, Kind.LIST, Units.of(quantity, symbol), min, max, most)
                .fewest(fewest);
    }

    /** One code out of several. */
    public static Field choice(String name, String label, List<Choice> choices) {
        return new Field(
                name,
                label,
                Kind.CHOICE,
                null,
                NONE,
                NONE,
                NONE,
                NONE,
                false,
                false,
                null,
                null,
                List.copyOf(choices),
                0,
                60,
                "",
                null,
                false);
    }

    /** Free text of at most {@code longest} characters. @throws IllegalArgumentException over {@link #LONGEST_TEXT} */
    public static Field text(String name, String label, int longest) {
        if (longest > LONGEST_TEXT) {
            throw new IllegalArgumentException(name + " of " + longest + " characters: no file would hold it");
        }
        return of(name, label, Kind.TEXT, null, NONE, NONE, longest);
    }

    /** A bearing by its number, CONE/CUP, or sizes such as 25x52x15. */
    public static Field bearing(String name, String label) {
        return of(name, label, Kind.BEARING, null, NONE, NONE, LONGEST_BEARING);
    }

    /** Free text of several lines, {@code longest} characters at most. */
    public static Field lines(String name, String label, int longest) {
        return of(name, label, Kind.LINES, null, NONE, NONE, longest);
    }

    /** A tick. */
    public static Field yesNo(String name, String label) {
        return of(name, label, Kind.YES_NO, null, NONE, NONE, 5);
    }

    /** A day, written year-month-day. */
    public static Field date(String name, String label) {
        return of(name, label, Kind.DATE, null, NONE, NONE, 10);
    }

    /** The same, with the range in which a value raises no question. */
    public Field usually(double from, double to) {
        return new Field(
                name,
                label,
                kind,
                unit,
                min,
                max,
                from,
                to,
                required,
                metricOnly,
                defaultText,
                defaultWhy,
                choices,
                fewest,
                longest,
                hint,
                slides,
                fine);
    }

    /** The same, refused when left empty. */
    public Field must() {
        return new Field(
                name,
                label,
                kind,
                unit,
                min,
                max,
                usualMin,
                usualMax,
                true,
                metricOnly,
                defaultText,
                defaultWhy,
                choices,
                fewest,
                longest,
                hint,
                slides,
                fine);
    }

    /** The same, with a stated default. */
    public Field orElse(String text, @Nullable String why) {
        return new Field(
                name,
                label,
                kind,
                unit,
                min,
                max,
                usualMin,
                usualMax,
                required,
                metricOnly,
                text,
                why,
                choices,
                fewest,
                longest,
                hint,
                slides,
                fine);
    }

    /** The same, in its own unit even where the workshop works in inches. */
    public Field alwaysMetric() {
        return new Field(
                name,
                label,
                kind,
                unit,
                min,
                max,
                usualMin,
                usualMax,
                required,
                true,
                defaultText,
                defaultWhy,
                choices,
                fewest,
                longest,
                hint,
                slides,
                fine);
    }

    /** The same, with a line of help under the box. */
    public Field hint(String text) {
        return new Field(
                name,
                label,
                kind,
                unit,
                min,
                max,
                usualMin,
                usualMax,
                required,
                metricOnly,
                defaultText,
                defaultWhy,
                choices,
                fewest,
                longest,
                text,
                slides,
                fine);
    }

    /**
     * The same, with a slider over its usual range. @param from field whose value it starts from while the box is
     * empty; may be empty
     */
    public Field slides(String from) {
        return new Field(
                name,
                label,
                kind,
                unit,
                min,
                max,
                usualMin,
                usualMax,
                required,
                metricOnly,
                defaultText,
                defaultWhy,
                choices,
                fewest,
                longest,
                hint,
                from,
                fine);
    }

    /** The same, folded away where there are many: seldom needed. */
    public Field seldom() {
        return new Field(
                name,
                label,
                kind,
                unit,
                min,
                max,
                usualMin,
                usualMax,
                required,
                metricOnly,
                defaultText,
                defaultWhy,
                choices,
                fewest,
                longest,
                hint,
                slides,
                true);
    }

    private Field fewest(int count) {
        return new Field(
                name,
                label,
                kind,
                unit,
                min,
                max,
                usualMin,
                usualMax,
                required,
                metricOnly,
                defaultText,
                defaultWhy,
                choices,
                count,
                longest,
                hint,
                slides,
                fine);
    }

    /** True when a usual range is known. */
    public boolean hasUsual() {
        return !Double.isNaN(usualMin);
    }

    /** The unit a bare number takes on a page of a workshop that works in {@code system}. */
    public @Nullable Unit bareUnit(UnitSystem system) {
        if (unit == null || metricOnly || system == UnitSystem.METRIC) {
            return unit;
        }
        return switch (unit.quantity()) {
            case LENGTH, TORQUE, TEMPERATURE, TEMPERATURE_DIFFERENCE ->
                unit.quantity().inch();
            default -> unit;
        };
    }
}
