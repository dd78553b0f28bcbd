package unbo.core.bearing;

import java.util.List;

/**
 * What stands on a ring, and how it reads.
 *
 * @param text as stamped, tidied: upper case
 * @param recognised false where its numbering is not known
 * @param designation as it would be printed again, the number first and then its known marks; the text when nothing is
 *     recognised
 * @param series the number without its bore code; empty where there is none
 * @param parts the groups in the order they stand
 * @param completions designations that exist for worn characters, or sets this cone or cup belongs to
 */
public record Imprint(
        String text,
        boolean recognised,
        String designation,
        String series,
        List<Part> parts,
        List<String> warnings,
        List<String> completions) {

    public Imprint {
        parts = List.copyOf(parts);
        warnings = List.copyOf(warnings);
        completions = List.copyOf(completions);
    }
}
