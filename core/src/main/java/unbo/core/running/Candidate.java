package unbo.core.running;

import org.jspecify.annotations.Nullable;

import unbo.core.life.Ratings;
import unbo.core.motion.BearingGeometry;
import unbo.core.motion.Friction;
import unbo.core.motion.Inside;
import unbo.core.motion.SpeedGuide;

/**
 * A bearing whose inside is known well enough to run it.
 *
 * @param rollerMm length of a roller, mm; null for balls
 * @param build as its number has it; null without a number
 */
public record Candidate(
        String name,
        String kind,
        BearingGeometry geometry,
        @Nullable Double rollerMm,
        double boreMm,
        double outsideMm,
        Friction.@Nullable Seals seals,
        SpeedGuide.@Nullable Build build) {

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
