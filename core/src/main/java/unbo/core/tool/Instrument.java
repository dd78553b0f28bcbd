package unbo.core.tool;

/** What a tool's readings can be taken from instead of being typed. */
public enum Instrument {
    NONE,
    /** An indicator while the part is turned once. */
    TURN,
    /** An indicator pushed and pulled, and a thermometer. */
    PLAY_AND_WARMTH
}
