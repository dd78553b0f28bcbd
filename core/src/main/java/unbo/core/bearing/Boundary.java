package unbo.core.bearing;

/**
 * Boundary dimensions of a metric bearing, in mm. For tapers the width is the assembled width T.
 *
 * @param series the designation without its bore code
 * @param note what differs in some tables; empty as a rule
 */
public record Boundary(
        BearingKind kind,
        String designation,
        double boreMm,
        double outsideMm,
        double widthMm,
        String series,
        String note) {

    /** True for one-piece tapers, whose cone and cup carry one number. */
    public boolean tapered() {
        return kind == BearingKind.TAPERED_ROLLER;
    }
}
