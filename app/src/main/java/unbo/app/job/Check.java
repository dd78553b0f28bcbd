package unbo.app.job;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

import unbo.app.web.FieldView;

/**
 * What is to be looked at next, answered by one touch.
 *
 * @param field its box
 * @param number the how many-th it is, from 1
 * @param of how many there are
 * @param last name of the box that was answered before it; empty where none was
 */
public record Check(FieldView field, int number, int of, String last) {

    /** The first that nobody has answered among some boxes; empty where all are. */
    static Optional<Check> of(Map<String, FieldView> form, List<String> names) {
        List<FieldView> checks =
                names.stream().map(form::get).filter(Objects::nonNull).toList();
        String last = "";
        for (int at = 0; at < checks.size(); at++) {
            FieldView field = checks.get(at);
            if (field.typed().isBlank()) {
                return Optional.of(new Check(field, at + 1, checks.size(), last));
            }
            last = field.name();
        }
        return Optional.empty();
    }
}
