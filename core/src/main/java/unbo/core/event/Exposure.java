package unbo.core.event;

import java.util.function.BinaryOperator;

import org.jspecify.annotations.Nullable;

/**
 * What a life is counted with after what a place went through; null where nothing changes. Figures are this bench's own
 * guides.
 *
 * @param cleanliness e_C of ISO 281, 0 to 1: dirt and water that came in with it
 * @param loadTimes the load it may see again, times the usual one
 * @param blowTimes a blow, times the load
 */
public record Exposure(
        @Nullable Double cleanliness,
        @Nullable Double loadTimes,
        @Nullable Double blowTimes) {

    public static final Exposure NONE = new Exposure(null, null, null);

    /** The worse of both in each. */
    Exposure and(Exposure other) {
        return new Exposure(
                worse(cleanliness, other.cleanliness, Math::min),
                worse(loadTimes, other.loadTimes, Math::max),
                worse(blowTimes, other.blowTimes, Math::max));
    }

    private static @Nullable Double worse(@Nullable Double one, @Nullable Double other, BinaryOperator<Double> by) {
        return one == null ? other : other == null ? one : by.apply(one, other);
    }
}
