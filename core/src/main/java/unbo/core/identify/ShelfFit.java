package unbo.core.identify;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

import unbo.core.bearing.Bearing;

/**
 * Which of the bearings on a shelf may go into the place of another: those of its bore, outside and width, each with
 * what it changes and whether it belongs there. One of another size is named with the size that differs.
 *
 * @param found the best first, in the order of the shelf where they are alike
 */
public record ShelfFit(Bearing from, String place, List<Found> found) {

    /** How it may go in. */
    public enum Way {
        SAME,
        CHANGED,
        WRONG,
        OTHER_SIZE,
        UNREAD
    }

    /** @param why what it changes, or why not */
    public record Found(Bearing bearing, Way way, List<String> why) {}

    /** @param place as {@link Suitability} names it; empty where none is asked */
    public static ShelfFit of(Bearing from, List<Bearing> shelf, String place, boolean immersed) {
        List<Found> found = new ArrayList<>();
        for (Bearing b : shelf) {
            found.add(judge(from, b, place, immersed));
        }
        found.sort(Comparator.comparing(Found::way));
        return new ShelfFit(from, place, List.copyOf(found));
    }

    private static Found judge(Bearing from, Bearing b, String place, boolean immersed) {
        if (!b.recognised() || b.boreMm() == null) {
            return new Found(b, Way.UNREAD, List.of("not read: measure it"));
        }
        List<String> changes = Interchange.changes(from, b);
        List<String> sizes = changes.stream()
                .filter(c -> c.startsWith("bore:") || c.startsWith("outside:") || c.startsWith("width:"))
                .toList();
        if (!sizes.isEmpty()
                || !Objects.equals(from.boreMm(), b.boreMm())
                || !Objects.equals(from.outsideMm(), b.outsideMm())) {
            return new Found(b, Way.OTHER_SIZE, sizes.isEmpty() ? List.of("another size") : sizes);
        }
        if (!place.isEmpty()) {
            Suitability s = Suitability.of(b, place, immersed, new Suitability.Duty(null, null));
            if (s.verdict() == Suitability.Verdict.WRONG) {
                return new Found(b, Way.WRONG, s.reasons());
            }
        }
        return new Found(b, changes.isEmpty() ? Way.SAME : Way.CHANGED, changes);
    }
}
