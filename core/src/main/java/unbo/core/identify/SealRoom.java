package unbo.core.identify;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

import unbo.core.designation.SealSize;

/**
 * A shaft seal: its size and lip type (ISO 6194-1), which way round it goes, and whether its seat leaves room to move
 * it off a worn track: seat depth − seal width − {@value #FREE_MM} mm to the bearing must be the shift or more.
 */
public final class SealRoom {

    /** Never against the bearing. */
    public static final double FREE_MM = 0.5;

    private static final Pattern MARKING = Pattern.compile("(.*\\d)\\s*([A-Z]{0,4})\\s*", Pattern.CASE_INSENSITIVE);

    /** What was asked; null where nothing was measured. */
    public record Input(
            SealSize size,
            String type,
            @Nullable Double seatMm,
            @Nullable Double grooveMm) {}

    private SealRoom() {}

    /** The size of a seal as it is stamped, letters of its type left out. */
    public static Optional<SealSize> size(String marking) {
        Matcher m = MARKING.matcher(marking);
        return m.matches() ? SealSize.read(m.group(1)) : Optional.empty();
    }

    public static String type(String marking) {
        Matcher m = MARKING.matcher(marking);
        return m.matches() ? m.group(2).toUpperCase(Locale.ROOT) : "";
    }

    /**
     * How far it may be moved off its track, mm; null where the seat was not measured. Negative when it would touch the
     * bearing.
     */
    public static @Nullable Double room(Input in) {
        return in.seatMm() == null ? null : in.seatMm() - in.size().widthMm() - FREE_MM;
    }
}
