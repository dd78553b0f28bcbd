package unbo.core.logbook;

import java.time.LocalDate;

import org.jspecify.annotations.Nullable;

/**
 * One bearing at one place, from where it is known to run until it came out.
 *
 * @param number as identified when it was fitted or first seen; empty where nobody told
 * @param from where it is known from
 * @param fitted true where it went in there; false where it was found there, and is at risk from that day only
 * @param to where it came out; null while it runs
 * @param seen where it was last seen sound before it was found failed at a service; null otherwise
 */
public record Run(
        String place,
        String number,
        Point from,
        boolean fitted,
        @Nullable Point to,
        Ended ended,
        @Nullable Point seen) {

    /** A day of work. @param counter null where it was not read */
    public record Point(long job, LocalDate day, @Nullable Double counter) {}

    /** How a run ended. */
    public enum Ended {
        /** It, or its seal, was the cause of the job that took it out. */
        FAILED,
        /** It came out at a service that was made for something else, and its races were hurt. */
        FOUND,
        /** It came out for another reason. */
        SOUND,
        RUNNING;

        public String code() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }
}
