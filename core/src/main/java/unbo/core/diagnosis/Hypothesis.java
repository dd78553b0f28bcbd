package unbo.core.diagnosis;

import java.util.Arrays;

import org.jspecify.annotations.Nullable;

import unbo.core.vehicle.Place;

/**
 * One cause at one position; the cause alone where it has no position.
 *
 * @param position code of the position; null where the cause has none
 */
public record Hypothesis(Cause cause, @Nullable String position) {

    /** As it stands in documents: {@code cause@position}, or the cause alone. */
    public String key() {
        return position == null ? cause.code() : cause.code() + "@" + position;
    }

    public boolean none() {
        return cause.code().equals(Cause.NONE);
    }

    /** In words, for a kind of vehicle. */
    public String words(String vehicle) {
        return position == null ? cause.label() : cause.label() + ", " + where(vehicle, position);
    }

    /** A position in few words: without "hub", which the cause may not be at. */
    public static String where(String vehicle, String position) {
        String label = Place.of(vehicle, position).map(Place::label).orElse(position);
        return label.endsWith(" hub") ? label.substring(0, label.length() - " hub".length()) : label;
    }

    /** True when {@code at} is "*", or a part of the position's code such as left or rear. */
    boolean stands(String at) {
        return at.equals("*")
                || position != null && Arrays.asList(position.split("-")).contains(at);
    }
}
