package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import unbo.core.input.Problem;
import unbo.core.vehicle.Place;

/**
 * Results written as one text: {@code check@position=result}, parted by blanks or semicolons, in the order they were
 * noted.
 */
public final class Observations {

    /** What was read, and what could not be. */
    public record Read(List<Observation> seen, List<Problem> problems) {}

    private Observations() {}

    /** The text with one more result; a result noted earlier for the same check at the same position is replaced. */
    public static String with(String text, String added) {
        String done = added.replaceFirst("=.*", "");
        return (without(text, done) + " " + added).strip();
    }

    /** The text without what was noted for a check, {@code check@position} or {@code check}. */
    public static String without(String text, String done) {
        return entries(text).stream()
                .filter(entry -> !entry.replaceFirst("=.*", "").equals(done))
                .collect(Collectors.joining(" "));
    }

    /** What can be read of a text of a kind of vehicle; what cannot is left out. */
    public static List<Observation> of(String text, String vehicle) {
        return read("checks", text, vehicle).seen();
    }

    /**
     * The texts of a form after one touch: {@code note} and {@code undo} change the text {@code checks}, {@code toggle}
     * adds a circumstance or takes it away. Several results may be noted at once, parted by blanks.
     */
    public static Map<String, String> touched(Map<String, String> texts, Map<String, String> touch) {
        Map<String, String> after = new HashMap<>(texts);
        entries(touch.getOrDefault("note", "")).forEach(entry -> after.merge("checks", entry, Observations::with));
        entries(touch.getOrDefault("undo", ""))
                .forEach(done -> after.computeIfPresent("checks", (name, text) -> without(text, done)));
        entries(touch.getOrDefault("toggle", ""))
                .forEach(code -> after.merge("circumstances", code, Observations::toggled));
        return after;
    }

    private static String toggled(String text, String code) {
        List<String> codes = new ArrayList<>(entries(text));
        if (!codes.remove(code)) {
            codes.add(code);
        }
        return String.join(" ", codes);
    }

    /** Reads the results of a kind of vehicle with so many axles. The same result given twice counts once. */
    public static Read read(String field, String text, String vehicle) {
        List<Observation> seen = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        for (String entry : entries(text)) {
            String[] parts = entry.split("=", 2);
            String[] where = parts[0].split("@", 2);
            one(
                    field,
                    vehicle,
                    new Noted(where[0], where.length == 2 ? where[1] : null, parts.length == 2 ? parts[1] : ""),
                    seen,
                    problems);
        }
        return new Read(List.copyOf(seen), List.copyOf(problems));
    }

    /** One entry as it was written. */
    private record Noted(String id, @Nullable String position, String code) {}

    private static void one(String field, String vehicle, Noted noted, List<Observation> seen, List<Problem> problems) {
        String id = noted.id();
        String position = noted.position();
        String code = noted.code();
        Optional<Check> found = Checks.find(id);
        if (found.isEmpty()) {
            problems.add(new Problem(
                    field,
                    "There is no check “" + id + "”; of a " + vehicle + " there are " + names(Checks.on(vehicle)) + ".",
                    false));
            return;
        }
        Check check = found.get();
        int result = check.index(code);
        if (result < 0) {
            problems.add(new Problem(
                    field,
                    "“" + code + "” is no result of " + id + ": write "
                            + check.results().stream().map(Check.Result::code).collect(Collectors.joining(", ")) + ".",
                    false));
            return;
        }
        if (check.positioned() && position == null) {
            problems.add(Problem.impossible(
                    field,
                    id + " is done at one position: name it, for instance "
                            + Place.of(vehicle).stream()
                                    .findFirst()
                                    .map(Place::code)
                                    .orElse("front") + "."));
            return;
        }
        if (position != null && Place.of(vehicle, position).isEmpty()) {
            problems.add(Problem.impossible(
                    field,
                    "A " + vehicle + " has no position “" + position + "”: it has "
                            + Place.of(vehicle).stream().map(Place::code).collect(Collectors.joining(", ")) + "."));
            return;
        }
        String at = check.positioned() ? position : null;
        if (Checks.way(vehicle, id, at).isEmpty()) {
            problems.add(Problem.impossible(
                    field,
                    id + " is not done on a " + vehicle + (at == null ? "" : " at " + at) + ": there it is one of "
                            + names(at(vehicle, at)) + "."));
            return;
        }
        Observation observation = new Observation(check, at, check.results().get(result));
        if (!seen.contains(observation)) {
            seen.add(observation);
        }
    }

    private static List<Check> at(String vehicle, @Nullable String position) {
        return Checks.ways(vehicle).stream()
                .filter(w -> position == null || w.positions().contains(position))
                .map(Way::check)
                .distinct()
                .toList();
    }

    private static String names(List<Check> checks) {
        return checks.stream().map(Check::id).collect(Collectors.joining(", "));
    }

    private static List<String> entries(String text) {
        return text.isBlank() ? List.of() : List.of(text.strip().split("[;\\s]+"));
    }
}
