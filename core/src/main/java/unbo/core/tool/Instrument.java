package unbo.core.tool;

/** What a tool's readings can be taken from instead of being typed. */
public enum Instrument {
    NONE(""),
    /** An indicator while the part is turned once. */
    TURN(Instrument.BY_HAND),
    /** An indicator pushed and pulled, and a thermometer. */
    PLAY_AND_WARMTH(Instrument.BY_HAND);

    private static final String BY_HAND =
            "Vehicle on its stands, wheel nuts on. The wheel is turned by hand only, fingers clear of disc, caliper "
                    + "and spokes; a hub that may be hot is measured, never gripped.";

    private final String caution;

    Instrument(String caution) {
        this.caution = caution;
    }

    /** What comes before a reading is taken; empty where nothing is read. */
    public String caution() {
        return caution;
    }
}
