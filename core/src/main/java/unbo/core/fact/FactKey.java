package unbo.core.fact;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.measure.Quantity;

/**
 * What can be known: of a job as a whole, or a property of one place of its assembly. Facts that outlive the job belong
 * to its position. {@code outer}, {@code inner}, {@code third} and {@code fourth} stand for the places of every kind of
 * assembly in their order, whatever their own codes are, and {@code here} for the place that is asked about.
 */
public final class FactKey {

    /** The place that is asked about. */
    public static final String HERE = "here";
    /** The first place of an assembly, in every kind. */
    public static final String FIRST = "outer";
    /** Its second place. */
    public static final String SECOND = "inner";
    /** What stands for its places in their order, whatever their own codes are. */
    public static final List<String> IN_ORDER = List.of(FIRST, SECOND, "third", "fourth");

    private static final Map<String, FactKey> SINGLES = new LinkedHashMap<>();
    private static final char BETWEEN = '.';
    /** Names of properties that an older release kept of a job as a whole. */
    private static final Map<String, PlaceProperty> OLDER = Map.of(
            "DAMAGE",
            PlaceProperty.DAMAGE,
            "SEAT_STATE",
            PlaceProperty.HOUSING_STATE,
            "HOUSING_MIN",
            PlaceProperty.HOUSING_MIN,
            "HOUSING_MAX",
            PlaceProperty.HOUSING_MAX,
            "SHAFT_MIN",
            PlaceProperty.SHAFT_MIN,
            "SHAFT_MAX",
            PlaceProperty.SHAFT_MAX,
            "SEAT_REMEDY",
            PlaceProperty.HOUSING_REMEDY,
            "FIT_SEAT",
            PlaceProperty.HOUSING_FIT,
            "FIT_INTERFERENCE",
            PlaceProperty.HOUSING_INTERFERENCE,
            "CURE_HOURS",
            PlaceProperty.CURE_HOURS);

    public static final FactKey OUTER_CONE = PlaceProperty.CONE.at(FIRST);
    public static final FactKey OUTER_CUP = PlaceProperty.CUP.at(FIRST);
    public static final FactKey OUTER_KIND = PlaceProperty.KIND.at(FIRST);
    public static final FactKey OUTER_BORE = PlaceProperty.BORE.at(FIRST);
    public static final FactKey OUTER_OUTSIDE = PlaceProperty.OUTSIDE.at(FIRST);
    public static final FactKey OUTER_WIDTH = PlaceProperty.WIDTH.at(FIRST);
    public static final FactKey OUTER_HALF_ANGLE = PlaceProperty.HALF_ANGLE.at(FIRST);
    public static final FactKey INNER_CONE = PlaceProperty.CONE.at(SECOND);
    public static final FactKey INNER_CUP = PlaceProperty.CUP.at(SECOND);
    public static final FactKey INNER_KIND = PlaceProperty.KIND.at(SECOND);
    public static final FactKey INNER_BORE = PlaceProperty.BORE.at(SECOND);
    public static final FactKey INNER_OUTSIDE = PlaceProperty.OUTSIDE.at(SECOND);
    public static final FactKey INNER_WIDTH = PlaceProperty.WIDTH.at(SECOND);
    public static final FactKey INNER_HALF_ANGLE = PlaceProperty.HALF_ANGLE.at(SECOND);

    public static final FactKey SEAL = single("SEAL", "seal", null, "", true);
    public static final FactKey BETWEEN_CUPS = single("BETWEEN_CUPS", "between the cups", Quantity.LENGTH, "mm", true);
    public static final FactKey HUB_BORE = single("HUB_BORE", "hub bore between them", Quantity.LENGTH, "mm", true);
    public static final FactKey SPINDLE = single("SPINDLE", "spindle between them", Quantity.LENGTH, "mm", true);
    /** Worked out from the bearings and the length between them; no stage gives it. */
    public static final FactKey SPREAD = single("SPREAD", "between pressure centres", Quantity.LENGTH, "mm", false);

    public static final FactKey GREASE_KIND = single("GREASE_KIND", "grease", null, "", true);
    public static final FactKey GREASE_CAVITY_SHARE =
            single("GREASE_CAVITY_SHARE", "share of the cavity filled", Quantity.RATIO, "", false);
    public static final FactKey GREASE_TOTAL = single("GREASE_TOTAL", "grease in all", Quantity.MASS, "g", false);
    public static final FactKey NUT_PITCH = single("NUT_PITCH", "nut, pitch", Quantity.PITCH, "mm", true);
    public static final FactKey NUT_SLOTS = single("NUT_SLOTS", "nut, slots", null, "", true);
    public static final FactKey PIN_HOLES = single("PIN_HOLES", "pin hole openings", null, "", true);
    public static final FactKey FREE_ANGLE =
            single("FREE_ANGLE", "slot 0 at zero end play", Quantity.ANGLE, "°", false);
    public static final FactKey BAND_MIN = single("BAND_MIN", "end play, least", Quantity.LENGTH, "mm", true);
    public static final FactKey BAND_MAX = single("BAND_MAX", "end play, most", Quantity.LENGTH, "mm", true);
    public static final FactKey SCHOOL = single("SCHOOL", "rule to set by", null, "", true);
    public static final FactKey SET_END_PLAY =
            single("SET_END_PLAY", "end play by the nut", Quantity.LENGTH, "mm", false);
    public static final FactKey END_PLAY = single("END_PLAY", "end play measured", Quantity.LENGTH, "mm", false);
    public static final FactKey RUNOUT = single("RUNOUT", "runout (TIR) measured", Quantity.LENGTH, "mm", false);
    public static final FactKey HUB_HEAT =
            single("HUB_HEAT", "hub after a run, last measured", Quantity.TEMPERATURE, "°C", true);
    public static final FactKey HUB_WARMER =
            single("HUB_WARMER", "hub over its twin", Quantity.TEMPERATURE_DIFFERENCE, "K", false);
    public static final FactKey SPLIT_PIN = single("SPLIT_PIN", "new split pin", null, "", false);
    public static final FactKey NUT_LOCK = single("NUT_LOCK", "nut locked", null, "", false);
    public static final FactKey PROOFS_LEFT = single("PROOFS_LEFT", "after hand-over", null, "", false);
    public static final FactKey INITIALS = single("INITIALS", "initials", null, "", false);
    public static final FactKey COMPLAINT = single("COMPLAINT", "complaint", null, "", false);
    public static final FactKey COUNTER = single("COUNTER", "counter", null, "", false);
    public static final FactKey LOAD = single("LOAD", "load on this wheel", Quantity.MASS, "kg", false);
    public static final FactKey USE = single("USE", "use", null, "", false);
    public static final FactKey COUNTER_UNIT = single("COUNTER_UNIT", "counter unit", null, "", false);
    public static final FactKey YEARLY = single("YEARLY", "distance a year", null, "", false);
    public static final FactKey LAST_COUNTER = single("LAST_COUNTER", "counter last time", null, "", false);
    public static final FactKey LAST_DAY = single("LAST_DAY", "last worked on", null, "", false);
    public static final FactKey VEHICLE_KIND = single("VEHICLE_KIND", "vehicle", null, "", false);
    public static final FactKey AXLES = single("AXLES", "axles", null, "", false);
    public static final FactKey POSITION = single("POSITION", "complained of at", null, "", false);
    public static final FactKey WHERE = single("WHERE", "position", null, "", false);
    public static final FactKey ASSEMBLY = single("ASSEMBLY", "kind of assembly", null, "", true);
    /** What was said of it that is not usual for its kind, each as option=value. */
    public static final FactKey BUILT = single("BUILT", "built", null, "", true);
    /** Parts that are other than in its kind, a change behind each semicolon. */
    public static final FactKey PARTS = single("PARTS", "parts other than usual", null, "", true);

    public static final FactKey FAILURES = single("FAILURES", "bearings failed before", null, "", false);
    public static final FactKey CIRCUMSTANCES = single("CIRCUMSTANCES", "goes through", null, "", false);
    /** What a life is counted with after what it went through. */
    public static final FactKey CLEANLINESS =
            single("CLEANLINESS", "cleanliness, by what it went through", Quantity.RATIO, "", false);

    public static final FactKey LOAD_TIMES =
            single("LOAD_TIMES", "load times, by what it went through", Quantity.RATIO, "", false);
    public static final FactKey BLOW_TIMES =
            single("BLOW_TIMES", "blow, times the load, by what it went through", Quantity.RATIO, "", false);
    public static final FactKey HUB_TYPE = single("HUB_TYPE", "hubs", null, "", true);
    public static final FactKey REMOVAL = single("REMOVAL", "way out", null, "", false);
    public static final FactKey SCRAP = single("SCRAP", "scrap by the way it comes out", null, "", false);
    public static final FactKey PARTS_RENEWED = single("PARTS_RENEWED", "renewed by what was seen", null, "", false);
    public static final FactKey ALWAYS_NEW = single("ALWAYS_NEW", "always new", null, "", false);
    public static final FactKey PAST_DAMAGE = single("PAST_DAMAGE", "damage found here before", null, "", false);
    /** Of a fit that an older release kept, which did not say of which ring. */
    public static final FactKey FIT_HEAT = single("FIT_HEAT", "heated to", Quantity.TEMPERATURE, "°C", false);

    public static final FactKey TURNING_TORQUE =
            single("TURNING_TORQUE", "turning torque of the bearings", Quantity.TORQUE, "N·m", false);
    public static final FactKey CRANK_TIR =
            single("CRANK_TIR", "crank, larger runout (TIR)", Quantity.LENGTH, "mm", false);
    public static final FactKey SPACER = single("SPACER", "spacer, length", Quantity.LENGTH, "mm", true);
    public static final FactKey AXLE_NUT = single("AXLE_NUT", "axle nut", Quantity.TORQUE, "N·m", false);
    public static final FactKey CONE_BACK = single("CONE_BACK", "cone back from no play", Quantity.ANGLE, "°", false);
    public static final FactKey OUTER_CHAIN = single("OUTER_CHAIN", "chain in the case", null, "", true);
    public static final FactKey INNER_CHAIN = single("INNER_CHAIN", "chain on the shaft", null, "", true);
    public static final FactKey SHIMS = single("SHIMS", "shims", null, "", false);
    public static final FactKey ARRANGEMENT = single("ARRANGEMENT", "arrangement", null, "", true);
    public static final FactKey LEFT_BEARING = single("LEFT_BEARING", "left bearing", null, "", true);
    public static final FactKey RIGHT_BEARING = single("RIGHT_BEARING", "right bearing", null, "", true);
    public static final FactKey TOOLS = single("TOOLS", "tools here", null, "", false);
    public static final FactKey VERDICT = single("VERDICT", "verdict", null, "", false);
    public static final FactKey VERDICT_CAUSE = single("VERDICT_CAUSE", "cause by Diagnose", null, "", false);
    public static final FactKey VERDICT_AT = single("VERDICT_AT", "position by Diagnose", null, "", false);
    public static final FactKey DAY = single("DAY", "day of the work", null, "", false);
    public static final FactKey CAUSE = single("CAUSE", "what it turned out to be", null, "", false);
    public static final FactKey DUE_ON = single("DUE_ON", "due on", null, "", false);
    public static final FactKey DUE_COUNTER = single("DUE_COUNTER", "due at", null, "", false);
    public static final FactKey DUE_IMMERSIONS = single("DUE_IMMERSIONS", "due after immersions", null, "", false);

    private final String name;
    private final String words;
    private final @Nullable Quantity quantity;
    private final String unit;
    private final boolean outlives;
    private final @Nullable Placed placed;
    /** Where it stands in a list. */
    private final int rank;

    /** A property of a place. */
    private record Placed(String place, PlaceProperty property) {}

    private FactKey(
            String name,
            String words,
            @Nullable Quantity quantity,
            String unit,
            boolean outlives,
            @Nullable Placed placed) {
        this.name = name;
        this.words = words;
        this.quantity = quantity;
        this.unit = unit;
        this.outlives = outlives;
        this.placed = placed;
        this.rank = placed != null ? placed.property().ordinal() : PlaceProperty.values().length + SINGLES.size();
    }

    private static FactKey single(
            String name, String words, @Nullable Quantity quantity, String unit, boolean outlives) {
        FactKey key = new FactKey(name, words, quantity, unit, outlives, null);
        SINGLES.put(name, key);
        return key;
    }

    /** A property of a place. @param place its code in a kind of assembly, or one that stands for it */
    static FactKey of(PlaceProperty property, String place) {
        return new FactKey(
                place + BETWEEN + property.name(),
                property.words(place),
                property.quantity(),
                property.unit(),
                property.outlives(),
                new Placed(place, property));
    }

    /** The key of a name, also as older releases wrote it; empty where there is none. */
    public static Optional<FactKey> named(String name) {
        FactKey single = SINGLES.get(name);
        if (single != null) {
            return Optional.of(single);
        }
        int dot = name.lastIndexOf(BETWEEN);
        if (dot > 0) {
            return PlaceProperty.named(name.substring(dot + 1)).map(property -> property.at(name.substring(0, dot)));
        }
        for (String place : List.of(FIRST, SECOND)) {
            String before = place.toUpperCase(java.util.Locale.ROOT) + "_";
            Optional<PlaceProperty> property =
                    name.startsWith(before) ? PlaceProperty.named(name.substring(before.length())) : Optional.empty();
            if (property.isPresent()) {
                return property.map(found -> found.at(place));
            }
        }
        return Optional.ofNullable(OLDER.get(name)).map(property -> property.at(FIRST));
    }

    /** Every key of a job as a whole, and every property of the first two places. */
    public static List<FactKey> all() {
        List<FactKey> all = new ArrayList<>();
        for (String place : List.of(FIRST, SECOND)) {
            for (PlaceProperty property : PlaceProperty.values()) {
                all.add(property.at(place));
            }
        }
        all.addAll(SINGLES.values());
        return List.copyOf(all);
    }

    /** As documents hold it. */
    public String name() {
        return name;
    }

    /** The place it is about; empty for what is known of a job as a whole. */
    public Optional<String> place() {
        return Optional.ofNullable(placed).map(Placed::place);
    }

    /** The property of its place; empty for what is known of a job as a whole. */
    public Optional<PlaceProperty> property() {
        return Optional.ofNullable(placed).map(Placed::property);
    }

    /** True where it is this property, of whatever place. */
    public boolean is(PlaceProperty property) {
        return placed != null && placed.property() == property;
    }

    /** The same of another place; of a job as a whole it stays what it is. */
    public FactKey at(String place) {
        return placed == null || placed.place().equals(place)
                ? this
                : placed.property().at(place);
    }

    /** Where it stands in a list: what is known of the job behind what is known of its places. */
    public int rank() {
        return rank;
    }

    /** True for what stands on a bearing. */
    public boolean bearing() {
        return is(PlaceProperty.CONE)
                || is(PlaceProperty.CUP)
                || is(PlaceProperty.FITTED)
                || equals(LEFT_BEARING)
                || equals(RIGHT_BEARING);
    }

    public String words() {
        return words;
    }

    /** Null for texts and plain counts. */
    public @Nullable Quantity quantity() {
        return quantity;
    }

    public String unit() {
        return unit;
    }

    /** True for facts of the position, there again at the next job. */
    public boolean outlives() {
        return outlives;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof FactKey key && key.name.equals(name);
    }

    @Override
    public int hashCode() {
        return Objects.hashCode(name);
    }

    @Override
    public String toString() {
        return name;
    }
}
