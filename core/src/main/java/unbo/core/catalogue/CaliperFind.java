package unbo.core.catalogue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;

/**
 * Which bearings have the sizes that were measured. Two or three of bore, outside and width in mm, with what they were
 * measured with; the best first, near misses apart. A bearing's own tolerance is allowed for: some hundredths on the
 * diameters, 0.12 on the width, 0.2 on a taper's assembled width.
 *
 * @param exact inside what measuring and tolerance allow
 * @param near one size off: a worn or dirty ring, another width
 */
public record CaliperFind(Measured measured, List<Found> exact, List<Found> near) {

    private static final double DIAMETER_MM = 0.03;
    private static final double WIDTH_MM = 0.12;
    private static final double TAPER_MM = 0.2;
    private static final double OFF_MM = 0.5;
    private static final double WIDTH_SHARE = 0.6;
    private static final int MOST = 30;
    /** Listed and derived numbers, and inch sets under the name CONE/CUP. */
    private static final List<Boundary> EVERY = Stream.concat(
                    Catalogue.numbers().stream(),
                    Catalogue.tapers().stream()
                            .map(s -> new Boundary(
                                    BearingKind.TAPERED_ROLLER,
                                    s.cone() + "/" + s.cup(),
                                    s.boreMm(),
                                    s.outsideMm(),
                                    s.widthMm(),
                                    "",
                                    "")))
            .toList();

    /** What was measured; null where it was not. */
    public record Measured(
            @Nullable Double boreMm,
            @Nullable Double outsideMm,
            @Nullable Double widthMm,
            double uncertaintyMm) {}

    /** A bearing with how far it is from what was measured (listed − measured), mm; null where nothing was measured. */
    public record Found(
            Boundary bearing,
            @Nullable Double boreOff,
            @Nullable Double outsideOff,
            @Nullable Double widthOff) {

        double score() {
            return Stream.of(boreOff, outsideOff, widthOff)
                    .filter(d -> d != null)
                    .mapToDouble(d -> d * d)
                    .sum();
        }
    }

    /** By the shipped tables alone. */
    public static CaliperFind of(Measured m) {
        return of(m, List.of());
    }

    /** By the shipped tables and the workshop's own bearings, which come first where they fit as well. */
    public static CaliperFind of(Measured m, List<OwnBearing> own) {
        List<Found> exact = new ArrayList<>();
        List<Found> near = new ArrayList<>();
        for (Boundary b : Stream.concat(own.stream().map(OwnBearing::boundary), EVERY.stream())
                .toList()) {
            Found found = new Found(
                    b, off(b.boreMm(), m.boreMm()), off(b.outsideMm(), m.outsideMm()), off(b.widthMm(), m.widthMm()));
            double diameter = m.uncertaintyMm() + DIAMETER_MM;
            double width = m.uncertaintyMm() + (b.tapered() ? TAPER_MM : WIDTH_MM);
            boolean bore = inside(found.boreOff(), diameter);
            boolean outside = inside(found.outsideOff(), diameter);
            boolean wide = inside(found.widthOff(), width) || inside(off(b.sealedWidthMm(), m.widthMm()), width);
            if (bore && outside && wide) {
                exact.add(found);
            } else if (bore && outside && inside(found.widthOff(), WIDTH_SHARE * b.widthMm())
                    || wide && bore && inside(found.outsideOff(), OFF_MM)
                    || wide && outside && inside(found.boreOff(), OFF_MM)) {
                near.add(found);
            }
        }
        return new CaliperFind(m, sorted(exact), sorted(near));
    }

    private static @Nullable Double off(double listed, @Nullable Double measured) {
        return measured == null ? null : listed - measured;
    }

    private static boolean inside(@Nullable Double off, double by) {
        return off == null || Math.abs(off) <= by + 1e-9;
    }

    private static List<Found> sorted(List<Found> found) {
        return found.stream()
                .sorted(Comparator.comparing(
                                (Found f) -> Catalogue.byRule(f.bearing().designation()))
                        .thenComparingDouble(f -> Math.round(f.score() * 1e6)))
                .limit(MOST)
                .toList();
    }
}
