package unbo.core.identify;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What kind of bearing a place has, for one who has only the wheel, arm or fork in hand: a few questions answered by
 * picture. Questions and outcomes stand in data files; every outcome says where its number is read and how it is set.
 */
public final class TypeFinder {

    /** The first question. */
    public static final String START = "start";

    /**
     * One picture to choose.
     *
     * @param leads the next question or the outcome
     * @param picture its code
     */
    public record Option(String words, String leads, String picture) {}

    /** A question and its pictures. */
    public record Step(String code, String question, List<Option> options) {}

    /**
     * An outcome.
     *
     * @param place code of {@link Suitability#places()}
     * @param hubType code of the hub for Diagnose; empty where it is no hub
     */
    public record Found(String code, String name, String place, String hubType, Leads leads, String picture) {
        /**
         * What is read and set there, and the tool that comes next.
         *
         * @param reads where its number is
         * @param sets how it is set
         * @param next the tool that comes next
         */
        public record Leads(String reads, String sets, String next, String nextWords) {}

        public String reads() {
            return leads.reads();
        }

        public String sets() {
            return leads.sets();
        }

        public String next() {
            return leads.next();
        }

        public String nextWords() {
            return leads.nextWords();
        }
    }

    private static final Map<String, Step> STEPS = steps();
    private static final Map<String, Found> FOUND = found();

    private TypeFinder() {}

    /** A question; empty where the code is none. */
    public static Optional<Step> step(String code) {
        return Optional.ofNullable(STEPS.get(code));
    }

    /** An outcome; empty where the code is none. */
    public static Optional<Found> found(String code) {
        return Optional.ofNullable(FOUND.get(code));
    }

    /** The way from the first question to a code: the options that lead there; empty for an unknown code. */
    public static List<Option> way(String code) {
        for (Step step : STEPS.values()) {
            for (Option option : step.options()) {
                if (option.leads().equals(code)) {
                    List<Option> way = new ArrayList<>(way(step.code()));
                    way.add(option);
                    return way;
                }
            }
        }
        return List.of();
    }

    static Iterable<Step> all() {
        return STEPS.values();
    }

    private static Map<String, Step> steps() {
        Map<String, Step> steps = new LinkedHashMap<>();
        for (TableRow row : Table.read(TypeFinder.class, "type-steps.csv")) {
            Step before =
                    steps.getOrDefault(row.get("step"), new Step(row.get("step"), row.get("question"), List.of()));
            List<Option> options = new ArrayList<>(before.options());
            options.add(new Option(row.get("option"), row.get("leads"), row.get("picture")));
            steps.put(before.code(), new Step(before.code(), before.question(), List.copyOf(options)));
        }
        return steps;
    }

    private static Map<String, Found> found() {
        Map<String, Found> found = new LinkedHashMap<>();
        for (TableRow row : Table.read(TypeFinder.class, "type-found.csv")) {
            List<Option> way = way(row.get("type"));
            found.put(
                    row.get("type"),
                    new Found(
                            row.get("type"),
                            row.get("name"),
                            row.get("place"),
                            row.get("hub_type"),
                            new Found.Leads(row.get("reads"), row.get("sets"), row.get("next"), row.get("next_words")),
                            way.get(way.size() - 1).picture()));
        }
        return found;
    }
}
