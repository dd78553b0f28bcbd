package unbo.core.running;

import static java.util.Objects.requireNonNull;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Build;
import unbo.core.bearing.Inside;
import unbo.core.bearing.Ratings;
import unbo.core.measure.Show;
import unbo.core.motion.Friction;

/**
 * A bearing whose inside is known well enough to run it.
 *
 * @param inside counted, or estimated from its boundary
 */
public record Candidate(Bearing bearing, Inside inside) {

    /** @throws IllegalArgumentException where its inside or its bore is not known */
    public static Candidate of(Bearing bearing) {
        if (bearing.boreMm() == null || bearing.outsideMm() == null) {
            throw new IllegalArgumentException(bearing.marking() + " without bore or outside");
        }
        return new Candidate(
                bearing,
                bearing.inside()
                        .orElseThrow(
                                () -> new IllegalArgumentException("inside of " + bearing.marking() + " unknown")));
    }

    public String name() {
        if (!bearing.designation().isEmpty()) {
            return bearing.designation();
        }
        return bearing.sizes().listed() || bearing.counted() != null
                ? Show.number(geometry().elementMm(), 2) + " mm elements"
                : Show.number(boreMm(), 2) + " × " + Show.number(outsideMm(), 2);
    }

    public BearingKind kind() {
        return bearing.kind();
    }

    public BearingGeometry geometry() {
        return inside.geometry();
    }

    @Nullable
    public Double rollerMm() {
        return inside.rollerMm();
    }

    public double boreMm() {
        return requireNonNull(bearing.boreMm());
    }

    public double outsideMm() {
        return requireNonNull(bearing.outsideMm());
    }

    public Build build() {
        return bearing.build();
    }

    /** As its marks tell; none where they tell nothing. */
    public Friction.Seals seals() {
        boolean light = bearing.suffixes().contact().equals("light");
        boolean touches = bearing.suffixes().rubbing();
        return switch (bearing.suffixes().sealing()) {
            case "one-seal" ->
                !touches ? Friction.Seals.LOW_DRAG : light ? Friction.Seals.ONE_LIGHT : Friction.Seals.ONE_CONTACT;
            case "two-seals" -> light ? Friction.Seals.LIGHT : Friction.Seals.CONTACT;
            case "two-low-drag-seals" -> Friction.Seals.LOW_DRAG;
            default -> Friction.Seals.NONE;
        };
    }

    /** Of its maker's list or as typed, else by the rule. */
    public Ratings ratings() {
        return bearing.rated() != null ? bearing.rated() : byRule();
    }

    /** By ISO 281 and ISO 76 from its inside. */
    Ratings byRule() {
        return Ratings.of(inside);
    }

    /** The same so many times as large; its ratings are those of the rule then. */
    Candidate sized(double times) {
        BearingGeometry g = geometry();
        Inside larger = new Inside(
                bearing.kind(),
                new BearingGeometry(g.elements(), g.elementMm() * times, g.pitchMm() * times, g.contactDeg(), true),
                rollerMm() == null ? null : Double.valueOf(rollerMm() * times));
        return new Candidate(
                bearing.sized(boreMm() * times, outsideMm() * times, null)
                        .rated(null)
                        .counted(larger),
                larger);
    }

    public boolean ball() {
        return rollerMm() == null;
    }
}
