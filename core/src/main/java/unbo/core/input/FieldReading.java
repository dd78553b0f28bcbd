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
 */
public record FieldReading(
        Field field,
        String typed,
        @Nullable Object value,
        String echo,
        @Nullable Doubt doubt,
        boolean defaulted,
        List<Problem> problems) {

    /** "Did you mean?": the question, and the text that would answer it. */
    public record Doubt(String question, String suggestion) {}
}
