package unbo.core.fact;

import org.jspecify.annotations.Nullable;

import unbo.core.measure.Quantity;

/** Everything a hub job can know, by name. Facts that outlive the job belong to its position. */
public enum FactKey {
    OUTER_CONE("outer bearing or cone", null, "", true),
    OUTER_CUP("outer cup", null, "", true),
    INNER_CONE("inner bearing or cone", null, "", true),
    INNER_CUP("inner cup", null, "", true),
    OUTER_BORE("outer bearing, bore", Quantity.LENGTH, "mm", true),
    OUTER_OUTSIDE("outer bearing, outside", Quantity.LENGTH, "mm", true),
    OUTER_WIDTH("outer bearing, width", Quantity.LENGTH, "mm", true),
    OUTER_HALF_ANGLE("outer bearing, half cup angle", Quantity.ANGLE, "°", true),
    INNER_BORE("inner bearing, bore", Quantity.LENGTH, "mm", true),
    INNER_OUTSIDE("inner bearing, outside", Quantity.LENGTH, "mm", true),
    INNER_WIDTH("inner bearing, width", Quantity.LENGTH, "mm", true),
    INNER_HALF_ANGLE("inner bearing, half cup angle", Quantity.ANGLE, "°", true),
    OUTER_KIND("outer bearing, kind", null, "", true),
    INNER_KIND("inner bearing, kind", null, "", true),
    SEAL("seal", null, "", true),
    BETWEEN_CUPS("between the cups", Quantity.LENGTH, "mm", true),
    HUB_BORE("hub bore between them", Quantity.LENGTH, "mm", true),
    SPINDLE("spindle between them", Quantity.LENGTH, "mm", true),
    /** Worked out from the bearings and the length between them; no stage gives it. */
    SPREAD("between pressure centres", Quantity.LENGTH, "mm", false),
    GREASE_KIND("grease", null, "", true),
    GREASE_CAVITY_SHARE("share of the cavity filled", Quantity.RATIO, "", false),
    GREASE_TOTAL("grease in all", Quantity.MASS, "g", false),
    NUT_PITCH("nut, pitch", Quantity.PITCH, "mm", true),
    NUT_SLOTS("nut, slots", null, "", true),
    PIN_HOLES("pin hole openings", null, "", true),
    FREE_ANGLE("slot 0 at zero end play", Quantity.ANGLE, "°", false),
    BAND_MIN("end play, least", Quantity.LENGTH, "mm", true),
    BAND_MAX("end play, most", Quantity.LENGTH, "mm", true),
    SCHOOL("rule to set by", null, "", true),
    SET_END_PLAY("end play by the nut", Quantity.LENGTH, "mm", false),
    END_PLAY("end play measured", Quantity.LENGTH, "mm", false),
    RUNOUT("runout (TIR) measured", Quantity.LENGTH, "mm", false),
    HUB_HEAT("hub after a run, last measured", Quantity.TEMPERATURE, "°C", true),
    HUB_WARMER("hub over its twin", Quantity.TEMPERATURE_DIFFERENCE, "K", false),
    SPLIT_PIN("new split pin", null, "", false),
    NUT_LOCK("nut locked", null, "", false),
    PROOFS_LEFT("after hand-over", null, "", false),
    INITIALS("initials", null, "", false),
    COMPLAINT("complaint", null, "", false),
    COUNTER("counter", null, "", false),
    LOAD("load on this wheel", Quantity.MASS, "kg", false),
    USE("use", null, "", false),
    COUNTER_UNIT("counter unit", null, "", false),
    YEARLY("distance a year", null, "", false),
    LAST_COUNTER("counter last time", null, "", false),
    LAST_DAY("last worked on", null, "", false),
    VEHICLE_KIND("vehicle", null, "", false),
    AXLES("axles", null, "", false),
    POSITION("complained of at", null, "", false),
    WHERE("position", null, "", false),
    ASSEMBLY("kind of assembly", null, "", true),
    FAILURES("bearings failed before", null, "", false),
    CIRCUMSTANCES("goes through", null, "", false),
    HUB_TYPE("hubs", null, "", true),
    REMOVAL("way out", null, "", false),
    SCRAP("scrap by the way it comes out", null, "", false),
    ALWAYS_NEW("always new", null, "", false),
    DAMAGE("damage read off the races", null, "", false),
    PAST_DAMAGE("damage found here before", null, "", false),
    SEAT_STATE("seat, as measured", null, "", false),
    HOUSING_MIN("housing's seat, smallest measured", Quantity.LENGTH, "mm", false),
    HOUSING_MAX("housing's seat, largest measured", Quantity.LENGTH, "mm", false),
    SHAFT_MIN("shaft's seat, smallest measured", Quantity.LENGTH, "mm", false),
    SHAFT_MAX("shaft's seat, largest measured", Quantity.LENGTH, "mm", false),
    SEAT_REMEDY("seat put right by", null, "", false),
    FIT_SEAT("seat fitted to", null, "", true),
    FIT_INTERFERENCE("interference, mean", Quantity.LENGTH, "mm", false),
    FIT_HEAT("heated to", Quantity.TEMPERATURE, "°C", false),
    TURNING_TORQUE("turning torque of the bearings", Quantity.TORQUE, "N·m", false),
    CRANK_TIR("crank, larger runout (TIR)", Quantity.LENGTH, "mm", false),
    SPACER("spacer, length", Quantity.LENGTH, "mm", true),
    AXLE_NUT("axle nut", Quantity.TORQUE, "N·m", false),
    CONE_BACK("cone back from no play", Quantity.ANGLE, "°", false),
    OUTER_CHAIN("chain in the case", null, "", true),
    INNER_CHAIN("chain on the shaft", null, "", true),
    SHIMS("shims", null, "", false),
    ARRANGEMENT("arrangement", null, "", true),
    LEFT_BEARING("left bearing", null, "", true),
    RIGHT_BEARING("right bearing", null, "", true),
    CURE_HOURS("cure of the compound", Quantity.RUNNING_TIME, "h", false),
    TOOLS("tools here", null, "", false),
    VERDICT("verdict", null, "", false),
    VERDICT_CAUSE("cause by Diagnose", null, "", false),
    VERDICT_AT("position by Diagnose", null, "", false),
    DAY("day of the work", null, "", false),
    CAUSE("what it turned out to be", null, "", false),
    DUE_ON("due on", null, "", false),
    DUE_COUNTER("due at", null, "", false),
    DUE_IMMERSIONS("due after immersions", null, "", false);

    private final String words;
    private final @Nullable Quantity quantity;
    private final String unit;
    private final boolean outlives;

    FactKey(String words, @Nullable Quantity quantity, String unit, boolean outlives) {
        this.words = words;
        this.quantity = quantity;
        this.unit = unit;
        this.outlives = outlives;
    }

    /** True for what stands on a bearing. */
    public boolean bearing() {
        return this == OUTER_CONE
                || this == OUTER_CUP
                || this == INNER_CONE
                || this == INNER_CUP
                || this == LEFT_BEARING
                || this == RIGHT_BEARING;
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
}
