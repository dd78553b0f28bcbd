package unbo.core.input;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * The inputs of one computation: its fields, the rules between fields, and how the record is made of them. Rules are
 * asked only when every field by itself is in order; early rules are asked whatever else is missing, and must look at
 * what is there.
 *
 * @param <T> the input record
 */
public record FieldList<T>(
        List<Field> fields,
        Function<Values, List<Problem>> early,
        Function<Values, List<Problem>> rules,
        Function<Values, T> make) {

    /** A list without rules between its fields. */
    public static <T> FieldList<T> of(List<Field> fields, Function<Values, T> make) {
        return new FieldList<>(List.copyOf(fields), values -> List.of(), values -> List.of(), make);
    }

    /** A list with rules between its fields. */
    public static <T> FieldList<T> of(
            List<Field> fields, Function<Values, List<Problem>> rules, Function<Values, T> make) {
        return new FieldList<>(List.copyOf(fields), values -> List.of(), rules, make);
    }

    /** The same list with early rules. */
    public FieldList<T> asking(Function<Values, List<Problem>> earlyRules) {
        return new FieldList<>(fields, earlyRules, rules, make);
    }

    public Optional<Field> field(String name) {
        return fields.stream().filter(f -> f.name().equals(name)).findFirst();
    }
}
