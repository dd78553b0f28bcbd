package unbo.core.input;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * How one field was understood.
 *
 * @param typed as typed, never changed
 * @param value what is handed on: a {@link Double} or {@code List<Double>} in the field's unit, {@link Integer},
 *     {@link Boolean}, {@link java.time.LocalDate} or text; null when empty or refused
 * @param echo how a quantity was understood, in both systems; empty when there is nothing to echo
 * @param doubt a suspected slip of the unit or the decimal sign; null when there is none
 * @param defaulted true when the default stands in for an empty box
 * @param half half of the range that was typed with ±, in the field's unit; 0 where none was
 */
public record FieldReading(
        Field field,
        String typed,
        @Nullable Object value,
        String echo,
        @Nullable Doubt doubt,
        boolean defaulted,
        List<Problem> problems,
        double half) {

    /** One that was typed without ±. */
    FieldReading(
            Field field,
            String typed,
            @Nullable Object value,
            String echo,
            @Nullable Doubt doubt,
            boolean defaulted,
            List<Problem> problems) {
        this(field, typed, value, echo, doubt, defaulted, problems, 0);
    }

    FieldReading within(double off, String said) {
        return new FieldReading(field, typed, value, said, doubt, defaulted, problems, off);
    }

    /** "Did you mean?": the question, and the text that would answer it. */
    public record Doubt(String question, String suggestion) {}
}
