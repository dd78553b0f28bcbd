package unbo.core.input;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * The inputs of one computation: its fields, the rules between fields, and how the record is made of them.
 * A rule is asked only when every field by itself is in order.
 *
 * @param <T> the input record
 */
public record FieldList<T>(List<Field> fields, Function<Values, List<Problem>> rules, Function<Values, T> make) {

    /** A list without rules between its fields. */
    public static <T> FieldList<T> of(List<Field> fields, Function<Values, T> make) {
        return new FieldList<>(List.copyOf(fields), values -> List.of(), make);
    }

    /** A list with rules between its fields. */
    public static <T> FieldList<T> of(List<Field> fields, Function<Values, List<Problem>> rules, Function<Values, T> make) {
        return new FieldList<>(List.copyOf(fields), rules, make);
    }

    public Optional<Field> field(String name) {
        return fields.stream().filter(f -> f.name().equals(name)).findFirst();
    }

    /** The field called {@code name}. @throws IllegalArgumentException if there is none */
    public Field need(String name) {
        return field(name).orElseThrow(() -> new IllegalArgumentException("no field " + name));
    }
}
