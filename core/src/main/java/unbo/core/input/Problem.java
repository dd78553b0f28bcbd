package unbo.core.input;

import org.jspecify.annotations.Nullable;

/**
 * Why one field cannot be used, as a sentence for the one who typed it.
 *
 * @param field name of the field
 * @param readable true when the text was understood but is impossible or out of range; false when it cannot be read
 */
public record Problem(String field, @Nullable String sentence, boolean readable) {

    static Problem unreadable(String field, String sentence) {
        return new Problem(field, sentence, false);
    }

    /** A value that was read but cannot be. */
    public static Problem impossible(String field, String sentence) {
        return new Problem(field, sentence, true);
    }
}
