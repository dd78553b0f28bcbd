package unbo.core.input;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.BearingBook;

/** The values of a field list, all of them within their limits, by name. Empty optional fields are null. */
public final class Values {

    private final Map<String, FieldReading> readings;

    private final @Nullable BearingBook book;

    Values(Map<String, FieldReading> readings, @Nullable BearingBook book) {
        this.readings = readings;
        this.book = book;
    }

    /** Where bearings are found. @throws IllegalStateException if the reader was handed none */
    public BearingBook book() {
        if (book == null) {
            throw new IllegalStateException("these fields ask for a bearing: hand a book of bearings to the reader");
        }
        return book;
    }

    /** True where there is such a field at all. */
    public boolean asks(String name) {
        return readings.containsKey(name);
    }

    /** True when something was typed or a default stands in. */
    public boolean has(String name) {
        return reading(name).value() != null;
    }

    /** True when the value is the field's default, not typed. */
    public boolean defaulted(String name) {
        return reading(name).defaulted();
    }

    /** A quantity in the field's unit. @throws NullPointerException if it is empty */
    public double number(String name) {
        return (Double) present(name);
    }

    /** A quantity in the field's unit, or {@code fallback} when the field is empty. */
    public double number(String name, double fallback) {
        return has(name) ? number(name) : fallback;
    }

    /** A quantity in the field's unit, or null. */
    public @Nullable Double maybe(String name) {
        return (Double) reading(name).value();
    }

    public int whole(String name) {
        return (Integer) present(name);
    }

    @SuppressWarnings("unchecked")
    public List<Double> list(String name) {
        Object value = reading(name).value();
        return value == null ? List.of() : (List<Double>) value;
    }

    /** A text or the code of a choice; empty when nothing is there. */
    public String text(String name) {
        Object value = reading(name).value();
        return value == null ? "" : (String) value;
    }

    public boolean yes(String name) {
        return Boolean.TRUE.equals(reading(name).value());
    }

    /** A day. @throws NullPointerException if it is empty */
    public LocalDate day(String name) {
        return (LocalDate) present(name);
    }

    /** A day, or null. */
    public @Nullable LocalDate date(String name) {
        return (LocalDate) reading(name).value();
    }

    private Object present(String name) {
        return Objects.requireNonNull(reading(name).value(), name);
    }

    private FieldReading reading(String name) {
        FieldReading reading = readings.get(name);
        if (reading == null) {
            throw new IllegalArgumentException("no field " + name);
        }
        return reading;
    }
}
