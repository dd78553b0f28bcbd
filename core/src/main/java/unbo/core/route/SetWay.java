package unbo.core.route;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;

import unbo.core.fact.FactKey;
import unbo.core.sheet.Sheet;

/** A way in which a position is set. The place or the kind of hub has a usual one; another may be chosen. */
public enum SetWay {
    NUT("nut", "castellated nut", "Where is the nut pinned, and what end play does that leave?", SetRules.nut()),
    STACK("stack", "stack of shims", "What gap is left, and which shims fill it?", SetRules.stack()),
    TORQUE("torque", "turning torque (preload)", "Is the preload right by its turning torque?", SetRules.preload()),
    SPACER("spacer", "spacer between two bearings", "Does the spacer side-load the bearings?", SetRules.spacerHub()),
    CONE("cone", "cone and locknut", "How far is the cone turned back?", SetRules.coneHub()),
    AXLE_NUT("axle-nut", "axle nut of a unit hub", "Is the axle nut at its torque?", SetRules.unitHub()),
    CRANK("crank", "crank, trued", "Which way must the crank be moved?", SetRules.crank());

    /** Name of the text that chooses the way. */
    public static final String BY = "by";

    private static final Map<String, SetWay> BY_PLACE =
            Map.of("steering-head", TORQUE, "headset", TORQUE, "crank", CRANK, "gearbox", STACK, "driveline", STACK);
    private static final Map<String, SetWay> BY_HUB =
            Map.of("unit", AXLE_NUT, "cartridge", AXLE_NUT, "ball-pair", SPACER, "cup-and-cone", CONE);

    private final String code;
    private final String label;
    private final String asks;
    private final StageRule<?> rule;

    SetWay(String code, String label, String asks, StageRule<?> rule) {
        this.code = code;
        this.label = label;
        this.asks = asks;
        this.rule = rule.named(typed -> new EntryName(code, label));
    }

    public String code() {
        return code;
    }

    public String label() {
        return label;
    }

    /** The question it answers. */
    public String asks() {
        return asks;
    }

    StageRule<?> rule() {
        return rule;
    }

    /** The way by its code; empty for any other text. */
    public static Optional<SetWay> of(String code) {
        return Arrays.stream(values()).filter(w -> w.code.equals(code)).findFirst();
    }

    /**
     * The usual way: by the place (a head, a crank, a gearbox), then by the kind of hub, the castellated nut where
     * neither tells.
     */
    public static SetWay usual(Sheet sheet) {
        FactKey known = sheet.has(FactKey.VERDICT_AT)
                ? FactKey.VERDICT_AT
                : sheet.has(FactKey.WHERE) ? FactKey.WHERE : FactKey.POSITION;
        String where = sheet.text(known);
        return BY_PLACE.getOrDefault(where, BY_HUB.getOrDefault(sheet.text(FactKey.HUB_TYPE), NUT));
    }
}
