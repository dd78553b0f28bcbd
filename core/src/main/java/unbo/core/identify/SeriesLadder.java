package unbo.core.identify;

import java.util.Comparator;
import java.util.List;

import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.catalogue.Catalogue;

/**
 * All series of one bore and kind side by side on one bore line and to one scale, so that the one in the hand is picked
 * by eye: the thinnest section first.
 */
public final class SeriesLadder {

    /** A bore, mm, and a kind of bearing. */
    public record Rung(double boreMm, BearingKind kind) {}

    private SeriesLadder() {}

    /** The bearings of a bore within half a millimetre, the smallest outside first. */
    public static List<Boundary> rungs(Rung of) {
        return Catalogue.numbers().stream()
                .filter(b -> b.kind() == of.kind() && Math.abs(b.boreMm() - of.boreMm()) < 0.5)
                .sorted(Comparator.comparingDouble(Boundary::outsideMm).thenComparing(Boundary::widthMm))
                .toList();
    }
}
