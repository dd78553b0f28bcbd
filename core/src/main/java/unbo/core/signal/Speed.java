package unbo.core.signal;

/**
 * How fast the shaft turned while it was recorded.
 *
 * @param rpm turns a minute, at the beginning of a ramp; 0 where it is found or told by a tacho
 * @param endRpm at the end of a ramp; the same as {@code rpm} otherwise
 */
public record Speed(Kind kind, double rpm, double endRpm) {

    /** Where the speed comes from. */
    public enum Kind {
        STEADY,
        RAMP,
        TACHO,
        FOUND
    }

    public static Speed steady(double rpm) {
        return new Speed(Kind.STEADY, rpm, rpm);
    }

    public static Speed ramp(double rpm, double endRpm) {
        return new Speed(Kind.RAMP, rpm, endRpm);
    }

    /** One pulse a turn on the right channel. */
    public static Speed tacho() {
        return new Speed(Kind.TACHO, 0, 0);
    }

    /** To be found from lines at multiples of the wheel's rate. */
    public static Speed found() {
        return new Speed(Kind.FOUND, 0, 0);
    }
}
