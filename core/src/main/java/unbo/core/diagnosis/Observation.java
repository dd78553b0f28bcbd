package unbo.core.diagnosis;

import org.jspecify.annotations.Nullable;

/**
 * A check that was done, and what came of it.
 *
 * @param position where it was done; null for a check of the whole vehicle
 */
public record Observation(Check check, @Nullable String position, Check.Result result) {

    /** As it stands in documents and addresses: {@code check@position=result}, or {@code check=result}. */
    public String key() {
        return done() + "=" + result.code();
    }

    /** The check and where it was done, without its result. */
    public String done() {
        return position == null ? check.id() : check.id() + "@" + position;
    }

    /** In words, for a kind of vehicle. */
    public String words(String vehicle) {
        return check.shortName() + (position == null ? "" : ", " + Hypothesis.where(vehicle, position)) + ": "
                + result.label();
    }
}
