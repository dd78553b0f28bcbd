package unbo.core.diagnosis;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import unbo.core.vehicle.Place;

/**
 * One cause at one position; the cause alone where it has no position; or one cause on both sides of an axle at once.
 *
 * @param position code of the position; null where the cause has none, or is at two
 * @param pair codes of both positions; empty where it is at one, or at none
 */
public record Hypothesis(Cause cause, @Nullable String position, List<String> pair) {

    public Hypothesis {
        pair = List.copyOf(pair);
    }

    Hypothesis(Cause cause, @Nullable String position) {
        this(cause, position, List.of());
    }

    /** It on both sides of an axle. */
    static Hypothesis both(Cause cause, String one, String other) {
        return new Hypothesis(cause, null, List.of(one, other));
    }

    /** As it stands in documents: {@code cause@position}, {@code cause@one+other}, or the cause alone. */
    public String key() {
        String at = pair.isEmpty() ? position : String.join("+", pair);
        return at == null ? cause.code() : cause.code() + "@" + at;
    }

    public boolean none() {
        return cause.code().equals(Cause.NONE);
    }

    /** Where it is: at one, at two, or at no position. */
    public List<String> positions() {
        return position == null ? pair : List.of(position);
    }

    /** It at one side alone; itself where it is at no pair. */
    Hypothesis at(String side) {
        return pair.contains(side) ? new Hypothesis(cause, side) : this;
    }

    /** In words, for a kind of vehicle. */
    public String words(String vehicle) {
        String where = positions().stream().map(at -> where(vehicle, at)).collect(Collectors.joining(" and "));
        return where.isEmpty() ? cause.label() : cause.label() + (pair.isEmpty() ? ", " : "s, ") + where;
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
