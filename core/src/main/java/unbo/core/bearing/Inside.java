package unbo.core.bearing;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

import org.jspecify.annotations.Nullable;

/**
 * The inside of a bearing estimated from its boundary. Balls: {@link BearingGeometry#estimated}. Tapers and rollers:
 * mean diameter Dwe ≈ 0.24·(D − d), length Lwe ≈ 0.65·T, Z = round(0.9·π·dm/Dwe), no more than stand side by side
 * without touching. For drawings, motion and load where nothing was counted; a catalogue figure comes first.
 *
 * @param rollerMm length of a roller, mm; null for balls
 */
public record Inside(BearingGeometry geometry, @Nullable Double rollerMm) {

    /** Kinds whose balls fill a ring as those of a deep groove bearing do. */
    private static final Set<BearingKind> BALLS = EnumSet.of(
            BearingKind.DEEP_GROOVE_BALL,
            BearingKind.INCH_DEEP_GROOVE_BALL,
            BearingKind.ANGULAR_CONTACT_BALL,
            BearingKind.MAGNETO_BALL,
            BearingKind.FOUR_POINT_BALL,
            BearingKind.SELF_ALIGNING_BALL);

    private static final double ROLLER_SHARE = 0.24;
    private static final double LENGTH_SHARE = 0.65;

    /**
     * @param contactDeg contact angle; of a taper half its included cup angle. Empty for kinds that are not estimated.
     */
    public static Optional<Inside> estimated(
            BearingKind kind, double boreMm, double outsideMm, double widthMm, double contactDeg) {
        if (!(outsideMm > boreMm) || !(boreMm > 0)) {
            return Optional.empty();
        }
        if (BALLS.contains(kind)) {
            BearingGeometry g = BearingGeometry.estimated(boreMm, outsideMm);
            return Optional.of(
                    new Inside(new BearingGeometry(g.elements(), g.elementMm(), g.pitchMm(), contactDeg, true), null));
        }
        if (kind.taper() || kind == BearingKind.CYLINDRICAL_ROLLER) {
            double pitch = (boreMm + outsideMm) / 2;
            double roller = ROLLER_SHARE * (outsideMm - boreMm);
            int most = (int) Math.floor(Math.PI / Math.asin(Math.min(1, roller / pitch)));
            int rollers = Math.max(3, Math.min(most, (int) Math.round(0.9 * Math.PI * pitch / roller)));
            return Optional.of(
                    new Inside(new BearingGeometry(rollers, roller, pitch, contactDeg, true), LENGTH_SHARE * widthMm));
        }
        return Optional.empty();
    }

    public boolean rollers() {
        return rollerMm != null;
    }
}
