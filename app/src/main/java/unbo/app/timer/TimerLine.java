package unbo.app.timer;

import java.time.Duration;
import java.time.Instant;

/**
 * A timer as the board prints it.
 *
 * @param left what is left of it in words
 * @param over true when its time is up
 */
public record TimerLine(long id, long jobId, String words, String left, boolean over) {

    static TimerLine of(Timer t, Instant now) {
        Duration left = Duration.between(now, t.endsAt());
        return new TimerLine(t.id(), t.jobId(), t.words(), words(left), left.isNegative() || left.isZero());
    }

    static String words(Duration left) {
        if (left.isNegative() || left.isZero()) {
            return "done";
        }
        long minutes = (left.toSeconds() + 59) / 60;
        return minutes < 60
                ? minutes + " min"
                : minutes < 48 * 60 ? minutes / 60 + " h " + minutes % 60 + " min" : minutes / 60 + " h";
    }
}
