package unbo.core.bearing;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

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

    private static final Pattern WIDER = Pattern.compile("(sealed and )?shielded ([\\d.]+) wide");

    /** True for one-piece tapers, whose cone and cup carry one number. */
    public boolean tapered() {
        return kind == BearingKind.TAPERED_ROLLER;
    }

    /** With shields or seals, where that is wider than open; the open width otherwise, mm. */
    public double sealedWidthMm() {
        Matcher wide = WIDER.matcher(note);
        return wide.find() ? Double.parseDouble(wide.group(2)) : widthMm;
    }

    /** True where rubber seals widen it as well as shields. */
    public boolean widerSealed() {
        Matcher wide = WIDER.matcher(note);
        return wide.find() && wide.group(1) != null;
    }
}
