package unbo.core.answer;

import org.jspecify.annotations.Nullable;

/**
 * One step of a procedure; the caution, when there is one, stands before it.
 *
 * @param code stable, for its tick
 * @param minutes hands-on, usual; null where nobody says
 */
public record Step(
        String code, String text, String caution, @Nullable Double minutes) {

    /** Code of the step during which the seconds of an answer run out: a warm or cold part is put home. */
    public static final String IN_HAND = "push";

    /** A step whose minutes nobody says. */
    public Step(String code, String text, String caution) {
        this(code, text, caution, null);
    }
}
