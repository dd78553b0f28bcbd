package unbo.core.diagnosis;

import org.jspecify.annotations.Nullable;

/**
 * Two results that no single cause explains, or results that every cause explains worse than chance.
 *
 * @param one null when all results together fit nothing
 * @param other null when all results together fit nothing
 */
public record Contradiction(
        @Nullable Observation one, @Nullable Observation other) {

    /** Every named cause is less likely than none of them. */
    static final Contradiction NOTHING_FITS = new Contradiction(null, null);

    public boolean nothingFits() {
        return one == null;
    }
}
