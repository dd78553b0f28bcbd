package unbo.core.bearing;

import org.jspecify.annotations.Nullable;

/**
 * A bearing of the workshop's own catalogue.
 *
 * @param boundary number, kind and sizes
 * @param cN basic dynamic load rating from its catalogue, N; null when not given
 * @param c0N basic static load rating, N; null when not given
 * @param price in the workshop's money; null when not given
 * @param shelf pieces on the shelf
 */
public record OwnBearing(
        Boundary boundary,
        @Nullable Double cN,
        @Nullable Double c0N,
        @Nullable Double price,
        int shelf) {}
