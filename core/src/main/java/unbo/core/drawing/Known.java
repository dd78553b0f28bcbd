package unbo.core.drawing;

/** How a drawn size is known: measured lines are thick, table lines thin, estimated and default ones dashed. */
public enum Known {
    MEASURED,
    TABLE,
    ESTIMATED;

    /** The weaker of two. */
    public Known and(Known other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
