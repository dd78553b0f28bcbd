package unbo.core.running;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Build;
import unbo.core.bearing.Inside;
import unbo.core.bearing.Ratings;
import unbo.core.motion.Friction;

/**
 * A bearing whose inside is known well enough to run it.
 *
 * @param rollerMm length of a roller, mm; null for balls
 * @param build as its number has it; null without a number
 */
public record Candidate(
        String name,
        BearingKind kind,
        BearingGeometry geometry,
        @Nullable Double rollerMm,
        double boreMm,
        double outsideMm,
        Friction.@Nullable Seals seals,
        @Nullable Build build) {

    Ratings ratings() {
        return Ratings.of(new Inside(geometry, rollerMm));
    }

    /** The same so many times as large. */
    Candidate sized(double times) {
        BearingGeometry g = new BearingGeometry(
                geometry.elements(),
                geometry.elementMm() * times,
                geometry.pitchMm() * times,
                geometry.contactDeg(),
                true);
        return new Candidate(
                name,
                kind,
                g,
                rollerMm == null ? null : Double.valueOf(rollerMm * times),
                boreMm * times,
                outsideMm * times,
                seals,
                build);
    }

    boolean ball() {
        return rollerMm == null;
    }
}
