package unbo.core.fact;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.measure.Quantity;

/**
 * What can be known of a place in an assembly: of its bearing, of the seats of both rings, of what was fitted there.
 */
public enum PlaceProperty {
    /** Its number, or that of its cone. */
    CONE("%sbearing, number", true),
    CUP("%scup, number", true),
    KIND("%sbearing, kind", true),
    BORE("%sbearing, bore", Quantity.LENGTH, "mm", true),
    OUTSIDE("%sbearing, outside", Quantity.LENGTH, "mm", true),
    WIDTH("%sbearing, width", Quantity.LENGTH, "mm", true),
    HALF_ANGLE("%sbearing, half cup angle", Quantity.ANGLE, "°", true),
    /** Codes of the modes of damage, behind commas. */
    DAMAGE("%sbearing, read off its races", false),
    HOUSING_STATE("%sbearing, its housing's seat", false),
    HOUSING_MIN("%sbearing, housing's seat, smallest measured", Quantity.LENGTH, "mm", false),
    HOUSING_MAX("%sbearing, housing's seat, largest measured", Quantity.LENGTH, "mm", false),
    HOUSING_REMEDY("%sbearing, housing's seat put right by", false),
    SHAFT_STATE("%sbearing, its shaft's seat", false),
    SHAFT_MIN("%sbearing, shaft's seat, smallest measured", Quantity.LENGTH, "mm", false),
    SHAFT_MAX("%sbearing, shaft's seat, largest measured", Quantity.LENGTH, "mm", false),
    SHAFT_REMEDY("%sbearing, shaft's seat put right by", false),
    CURE_HOURS("%sbearing, cure of the compound", Quantity.RUNNING_TIME, "h", false),
    /** {@code yes} where it is greased for life; empty otherwise. */
    GREASED("%sbearing, greased for life", true),
    MAKER("%sbearing, maker", true),
    BATCH("%sbearing, batch", true),
    BALLS("%sballs, counted", true),
    BALL_SIZE("%sballs, size", Quantity.LENGTH, "mm", true),
    /** The number of the bearing that goes in, where it is another than was found. */
    FITTED("%sbearing, new one", false),
    /** {@code yes} or {@code no}, where the new one differs in it. */
    FITTED_GREASED("%sbearing, the new one greased for life", false),
    FITTED_MAKER("%sbearing, maker of the new one", false),
    FITTED_BATCH("%sbearing, batch of the new one", false),
    FITTED_FROM("%sbearing, the new one bought from", false),
    /** Radial clearance of the new one, measured before it went in. */
    FITTED_CLEARANCE("%sbearing, clearance of the new one, measured", Quantity.LENGTH, "mm", false),
    HOUSING_FIT("%sbearing, housing's seat", true),
    HOUSING_INTERFERENCE("%sbearing, outer ring's mean interference", Quantity.LENGTH, "mm", false),
    HOUSING_HEAT("%sbearing, housing heated to", Quantity.TEMPERATURE, "°C", false),
    SHAFT_FIT("%sbearing, shaft's seat", true),
    SHAFT_INTERFERENCE("%sbearing, inner ring's mean interference", Quantity.LENGTH, "mm", false),
    SHAFT_HEAT("%sbearing, ring heated to", Quantity.TEMPERATURE, "°C", false),
    GREASE_GRAMS("%sbearing, grease at most", Quantity.MASS, "g", false);

    private static final Map<String, String> CALLED = Map.of(
            "only",
            "",
            "hub",
            "",
            "unit",
            "",
            "here",
            "",
            "drive",
            "drive-side ",
            "carrier",
            "carrier's ",
            "freehub-inner",
            "freehub's inner ",
            "freehub-outer",
            "freehub's outer ");

    private final String words;
    private final @Nullable Quantity quantity;
    private final String unit;
    private final boolean outlives;

    PlaceProperty(String words, boolean outlives) {
        this(words, null, "", outlives);
    }

    PlaceProperty(String words, @Nullable Quantity quantity, String unit, boolean outlives) {
        this.words = words;
        this.quantity = quantity;
        this.unit = unit;
        this.outlives = outlives;
    }

    static Optional<PlaceProperty> named(String name) {
        return Arrays.stream(values())
                .filter(property -> property.name().equals(name))
                .findFirst();
    }

    /** It, of a place. @param place its code in a kind of assembly, or one that stands for it */
    public FactKey at(String place) {
        return FactKey.of(this, place);
    }

    /** It, of the place that is asked about. */
    public FactKey here() {
        return at(FactKey.HERE);
    }

    String words(String place) {
        return words.formatted(CALLED.getOrDefault(place, place + " "));
    }

    @Nullable
    Quantity quantity() {
        return quantity;
    }

    String unit() {
        return unit;
    }

    boolean outlives() {
        return outlives;
    }
}
