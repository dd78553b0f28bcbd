package unbo.core.input;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

/**
 * What came of reading named texts: the record, or all problems. What was typed is kept in the field readings either
 * way.
 *
 * @param record null when there are problems
 * @param problems empty when there is a record
 * @param fields by name, in the order of the list
 */
public record Reading<T>(@Nullable T record, List<Problem> problems, Map<String, FieldReading> fields) {

    public boolean ok() {
        return record != null;
    }

    public Optional<T> get() {
        return Optional.ofNullable(record);
    }

    /** The sentences of one field, in order. */
    public List<String> sentences(String field) {
        return problems.stream()
                .filter(p -> p.field().equals(field))
                .map(Problem::sentence)
                .toList();
    }
}
