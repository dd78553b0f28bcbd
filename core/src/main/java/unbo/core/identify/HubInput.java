package unbo.core.identify;

import org.jspecify.annotations.Nullable;

/**
 * What was read and measured on a hub with two tapers. Numbers as stamped; sizes in mm, null where not measured.
 *
 * @param betweenCupsMm distance between the backs of the cups
 * @param hubBoreMm bore of the hub between the cups
 * @param spindleMm diameter of the spindle between the cones
 */
public record HubInput(
        Taper outer,
        Taper inner,
        String seal,
        @Nullable Double betweenCupsMm,
        @Nullable Double hubBoreMm,
        @Nullable Double spindleMm) {

    /** One bearing: its numbers and, where the table does not know them, its sizes as measured. */
    public record Taper(
            String cone,
            String cup,
            @Nullable Double boreMm,
            @Nullable Double outsideMm,
            @Nullable Double widthMm) {

        /** The cup's number; a metric taper left empty takes the cone's. */
        String cupOrCone() {
            return cup.isBlank() ? cone : cup;
        }
    }
}
