package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import unbo.core.motion.Inside;
import unbo.core.motion.SpeedGuide;

/**
 * What a marking says.
 *
 * @param marking as stamped, tidied: upper case, no blanks
 * @param kind kind code of the data contract; {@code unknown} when nothing is recognised
 * @param boreMm null when the marking does not tell
 * @param outsideMm null when the marking does not tell (a cone alone has no outside)
 * @param widthMm assembled width for tapers; null when the marking does not tell
 * @param halfAngleDeg half the included cup angle of a taper, estimated; null when unknown
 * @param parts the groups in the order they stand
 * @param completions designations that exist for worn characters, or sets this cone or cup belongs to
 * @param designation as it would be printed again, the number first and then its known marks; the marking when nothing
 *     is recognised
 * @param suffixes what stands behind the number
 */
public record Decoded(
        String marking,
        boolean recognised,
        String kind,
        @Nullable Double boreMm,
        @Nullable Double outsideMm,
        @Nullable Double widthMm,
        boolean boundaryKnown,
        @Nullable Double halfAngleDeg,
        String series,
        List<Part> parts,
        List<String> warnings,
        List<String> completions,
        String designation,
        Suffixes suffixes) {

    Decoded(
            String marking,
            boolean recognised,
            String kind,
            @Nullable Double boreMm,
            @Nullable Double outsideMm,
            @Nullable Double widthMm,
            boolean boundaryKnown,
            @Nullable Double halfAngleDeg,
            String series,
            List<Part> parts,
            List<String> warnings,
            List<String> completions) {
        this(
                marking,
                recognised,
                kind,
                boreMm,
                outsideMm,
                widthMm,
                boundaryKnown,
                halfAngleDeg,
                series,
                parts,
                warnings,
                completions,
                marking,
                Suffixes.NONE);
    }

    public Decoded {
        parts = List.copyOf(parts);
        warnings = List.copyOf(warnings);
        completions = List.copyOf(completions);
    }

    /** The number without its suffix: type, series and bore code of a metric taper, the whole marking otherwise. */
    public String number() {
        return metricTaper()
                ? parts.stream()
                        .filter(p -> !p.role().equals("suffix"))
                        .map(Part::text)
                        .collect(Collectors.joining())
                : marking;
    }

    /** The same with warnings before its own. */
    Decoded noting(List<String> first) {
        List<String> all = new ArrayList<>(first);
        all.addAll(warnings);
        return new Decoded(
                marking,
                recognised,
                kind,
                boreMm,
                outsideMm,
                widthMm,
                boundaryKnown,
                halfAngleDeg,
                series,
                parts,
                all,
                completions,
                designation,
                suffixes);
    }

    /** Its inside, estimated from its boundary and its contact angle; empty where sizes or a rule are missing. */
    public Optional<Inside> inside() {
        return boreMm == null || outsideMm == null || widthMm == null
                ? Optional.empty()
                : Inside.estimated(kind, boreMm, outsideMm, widthMm, contactDeg());
    }

    /**
     * Contact angle, degrees: as marked, half the cup angle of a taper, 30° for an angular contact bearing without a
     * mark.
     */
    public double contactDeg() {
        if (halfAngleDeg != null) {
            return halfAngleDeg;
        }
        return suffixes.contactDeg() != null ? suffixes.contactDeg() : kind.contains("angular-contact") ? 30 : 0;
    }

    /** How it is built, as far as speed goes. */
    public SpeedGuide.Build build() {
        return new SpeedGuide.Build(
                kind,
                suffixes.rubbing(),
                suffixes.fullComplement() || suffixes.fillingSlot(),
                parts.stream().anyMatch(p -> p.meaning().contains("ceramic")));
    }

    public boolean cone() {
        return kind.equals("inch-tapered-cone");
    }

    public boolean cup() {
        return kind.equals("inch-tapered-cup");
    }

    public boolean metricTaper() {
        return kind.equals("tapered-roller");
    }
}
