package unbo.core.input;

import java.util.List;
import java.util.Objects;

import org.jspecify.annotations.Nullable;

import unbo.core.fact.FactKey;
import unbo.core.measure.Quantity;
import unbo.core.measure.Unit;
import unbo.core.measure.Units;

/**
 * One named input of a computation: what it measures, the unit a bare number takes, the hard limits outside which it is
 * refused, and the usual range outside which a slip is suspected. Limits are in {@code unit}.
 *
 * @param name as in JSON and in forms
 * @param label as printed beside the box
 * @param scale unit and limits of numbers
 * @param fallback what holds when nothing is typed
 * @param extent choices, and how much may be typed
 * @param box how it stands on a page
 * @param from facts of a place that fill it, the first that is known
 */
public record Field(
        String name,
        String label,
        Kind kind,
        Scale scale,
        Fallback fallback,
        Extent extent,
        Box box,
        List<FactKey> from) {

    /**
     * @param unit of limits and of the value handed on; null for texts, choices and dates
     * @param metricOnly true where it keeps that unit even in a workshop that works in inches
     */
    public record Scale(
            @Nullable Unit unit, double min, double max, double usualMin, double usualMax, boolean metricOnly) {}

    /**
     * @param required true where an empty box is refused
     * @param text what stands in when nothing is typed; null when nothing does
     * @param why where that comes from, as a clause; null when it needs no reason
     */
    public record Fallback(
            boolean required,
            @Nullable String text,
            @Nullable String why) {}

    /**
     * @param choices codes and labels of a choice
     * @param fewest members of a list at least
     * @param longest characters of a text, or members of a list, at most
     * @param columns what the cells of a line are, where each line is a record; empty otherwise
     */
    public record Extent(List<Choice> choices, int fewest, int longest, List<Field> columns) {

        Extent(List<Choice> choices, int fewest, int longest) {
            this(choices, fewest, longest, List.of());
        }
    }

    /**
     * @param hint a line of help under it
     * @param slides null without a slider; else the field whose value it starts from while the box is empty, or an
     *     empty text
     * @param fine true where it is seldom needed: it folds away where there are many
     */
    public record Box(String hint, @Nullable String slides, boolean fine) {}

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

    private static Field of(String name, String label, Kind kind, Scale scale, Extent extent) {
        return new Field(
                name, label, kind, scale, new Fallback(false, null, null), extent, new Box("", null, false), List.of());
    }

    private static Field plain(String name, String label, Kind kind, int longest) {
        return of(name, label, kind, new Scale(null, NONE, NONE, NONE, NONE, false), new Extent(List.of(), 0, longest));
    }

    private static Scale scale(Unit unit, double min, double max) {
        return new Scale(unit, min, max, NONE, NONE, false);
    }

    private static Extent longest(int longest) {
        return new Extent(List.of(), 0, longest);
    }

    /** A quantity between {@code min} and {@code max} of the unit printed as {@code symbol}. */
    public static Field quantity(String name, String label, Quantity quantity, String symbol, double min, double max) {
        return of(name, label, Kind.QUANTITY, scale(Units.of(quantity, symbol), min, max), longest(60));
    }

    /** A reading of a vehicle's counter, or what it counts in a year; in the unit that {@link #COUNTS} names. */
    public static Field counter(String name, String label, double max) {
        return of(name, label, Kind.COUNTER, scale(Units.of(Quantity.RATIO, ""), 0, max), longest(40));
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
        return of(name, label, Kind.WHOLE, scale(Units.of(Quantity.RATIO, ""), min, max), longest(12));
    }

    /** Several quantities in one box, parted by blanks, semicolons or commas; {@link #many} says how many. */
    public static Field list(String name, String label, Quantity quantity, String symbol, double min, double max) {
        return of(name, label, Kind.LIST, scale(Units.of(quantity, symbol), min, max), new Extent(List.of(), 0, 1));
    }

    /** The same list of at least and at most so many. */
    public Field many(int fewest, int most) {
        return new Field(name, label, kind, scale, fallback, new Extent(List.of(), fewest, most), box, from);
    }

    /** One code out of several. */
    public static Field choice(String name, String label, List<Choice> choices) {
        return of(
                name,
                label,
                Kind.CHOICE,
                new Scale(null, NONE, NONE, NONE, NONE, false),
                new Extent(List.copyOf(choices), 0, 60));
    }

    /** Free text of at most {@code longest} characters. @throws IllegalArgumentException over {@link #LONGEST_TEXT} */
    public static Field text(String name, String label, int longest) {
        if (longest > LONGEST_TEXT) {
            throw new IllegalArgumentException(name + " of " + longest + " characters: no file would hold it");
        }
        return plain(name, label, Kind.TEXT, longest);
    }

    /** A bearing by its number, CONE/CUP, or sizes such as 25x52x15. */
    public static Field bearing(String name, String label) {
        return plain(name, label, Kind.BEARING, LONGEST_BEARING);
    }

    /** Several bearings in one box, parted by commas. */
    public static Field bearings(String name, String label, int longest) {
        return plain(name, label, Kind.BEARING, longest);
    }

    /** Free text of several lines, {@code longest} characters at most. */
    public static Field lines(String name, String label, int longest) {
        return plain(name, label, Kind.LINES, longest);
    }

    /** Records, one to a line, the cells of each in the order of its fields. */
    public static Field rows(String name, String label, List<Field> columns) {
        return of(
                name,
                label,
                Kind.LINES,
                new Scale(null, NONE, NONE, NONE, NONE, false),
                new Extent(List.of(), 0, LONGEST_TEXT, List.copyOf(columns)));
    }

    /** A tick. */
    public static Field yesNo(String name, String label) {
        return plain(name, label, Kind.YES_NO, 5);
    }

    /** A day, written year-month-day. */
    public static Field date(String name, String label) {
        return plain(name, label, Kind.DATE, 10);
    }

    private Field with(Scale other) {
        return new Field(name, label, kind, other, fallback, extent, box, from);
    }

    private Field with(Fallback other) {
        return new Field(name, label, kind, scale, other, extent, box, from);
    }

    private Field with(Box other) {
        return new Field(name, label, kind, scale, fallback, extent, other, from);
    }

    /** The same, with the range in which a value raises no question. */
    public Field usually(double least, double most) {
        return with(new Scale(scale.unit(), scale.min(), scale.max(), least, most, scale.metricOnly()));
    }

    /** The same, refused when left empty. */
    public Field must() {
        return with(new Fallback(true, fallback.text(), fallback.why()));
    }

    /** The same, with a stated default. */
    public Field orElse(String text, @Nullable String why) {
        return with(new Fallback(fallback.required(), text, why));
    }

    /** The same, in its own unit even where the workshop works in inches. */
    public Field alwaysMetric() {
        return with(new Scale(scale.unit(), scale.min(), scale.max(), scale.usualMin(), scale.usualMax(), true));
    }

    /** The same, with a line of help under the box. */
    public Field hint(String text) {
        return with(new Box(text, box.slides(), box.fine()));
    }

    /**
     * The same, with a slider over its usual range. @param start field whose value it starts from while the box is
     * empty; may be empty
     */
    public Field slides(String start) {
        return with(new Box(box.hint(), start, box.fine()));
    }

    /** The same, folded away where there are many: seldom needed. */
    public Field seldom() {
        return with(new Box(box.hint(), box.slides(), true));
    }

    /**
     * The same, filled by what is known of a place: the first of these facts. A mass stands in a box of newtons as its
     * weight.
     *
     * @throws IllegalArgumentException for a fact of another type: a bearing in the box of a seal, an angle in that of
     *     a length
     */
    public Field from(FactKey... facts) {
        for (FactKey fact : facts) {
            if (!takes(fact)) {
                throw new IllegalArgumentException(name + " takes no " + fact.words());
            }
        }
        return new Field(name, label, kind, scale, fallback, extent, box, List.of(facts));
    }

    private boolean takes(FactKey fact) {
        if (fact.bearing() || kind == Kind.BEARING) {
            return fact.bearing() && kind == Kind.BEARING;
        }
        Unit unit = scale.unit();
        if (fact == FactKey.YEARLY && unit != null) {
            return kind == Kind.COUNTER || unit.quantity() == Quantity.DISTANCE;
        }
        if (fact.quantity() == null || unit == null || kind == Kind.COUNTER) {
            return fact.quantity() == null && kind != Kind.QUANTITY;
        }
        return fact.quantity() == unit.quantity()
                || fact.quantity() == Quantity.MASS && unit.quantity() == Quantity.FORCE;
    }

    public @Nullable Unit unit() {
        return scale.unit();
    }

    public double min() {
        return scale.min();
    }

    public double max() {
        return scale.max();
    }

    public double usualMin() {
        return scale.usualMin();
    }

    public double usualMax() {
        return scale.usualMax();
    }

    public boolean required() {
        return fallback.required();
    }

    public @Nullable String defaultText() {
        return fallback.text();
    }

    public @Nullable String defaultWhy() {
        return fallback.why();
    }

    public List<Choice> choices() {
        return extent.choices();
    }

    /** What the cells of a line are; empty where a line is no record. */
    public List<Field> columns() {
        return extent.columns();
    }

    public int fewest() {
        return extent.fewest();
    }

    public int longest() {
        return extent.longest();
    }

    public String hint() {
        return box.hint();
    }

    public @Nullable String slides() {
        return box.slides();
    }

    public boolean fine() {
        return box.fine();
    }

    /** True when a usual range is known. */
    public boolean hasUsual() {
        return !Double.isNaN(scale.usualMin());
    }

    /** The unit a bare number takes on a page of a workshop that works in {@code system}. */
    public @Nullable Unit bareUnit(UnitSystem system) {
        Unit unit = scale.unit();
        if (unit == null || scale.metricOnly() || system == UnitSystem.METRIC) {
            return unit;
        }
        return switch (unit.quantity()) {
            case LENGTH, TORQUE, TEMPERATURE, TEMPERATURE_DIFFERENCE ->
                unit.quantity().inch();
            default -> unit;
        };
    }

    /** False for a text that is none of a choice's codes. */
    public boolean takes(String text) {
        return kind != Kind.CHOICE
                || extent.choices().stream().anyMatch(choice -> choice.code().equals(text));
    }
}
