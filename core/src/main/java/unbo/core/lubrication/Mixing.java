package unbo.core.lubrication;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

import unbo.core.input.Field;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Which thickeners mix. The table holds each pair once and counts both ways; a thickener always mixes with itself. Base
 * oils can still differ: silicone, perfluorinated and glycol oils mix with nothing.
 */
public final class Mixing {

    /** How two thickeners get on. */
    public enum Verdict {
        COMPATIBLE("compatible"),
        DOUBTFUL("doubtful"),
        INCOMPATIBLE("incompatible");

        private final String word;

        Verdict(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** A family of greases by its thickener. @param hotC usual upper end of its working range */
    public record Thickener(String code, String name, String water, double hotC, String wheel) {}

    private static final Map<String, Thickener> THICKENERS = read();
    private static final Map<String, Verdict> PAIRS = pairs();

    private Mixing() {}

    public static List<Thickener> thickeners() {
        return List.copyOf(THICKENERS.values());
    }

    public static Optional<Thickener> thickener(String code) {
        return Optional.ofNullable(THICKENERS.get(code));
    }

    /** Whether {@code a} may be put onto {@code b}. @throws IllegalArgumentException for an unknown code */
    public static Verdict of(String a, String b) {
        if (!THICKENERS.containsKey(a) || !THICKENERS.containsKey(b)) {
            throw new IllegalArgumentException("no thickener " + a + " or " + b);
        }
        return a.equals(b) ? Verdict.COMPATIBLE : Objects.requireNonNull(PAIRS.get(key(a, b)));
    }

    /** What to do about it, in a sentence. */
    public static String sentence(String a, String b) {
        String pair = name(a) + " on " + name(b);
        return switch (of(a, b)) {
            case COMPATIBLE -> pair + ": compatible. Wipe the old out all the same; base oils must agree too.";
            case DOUBTFUL -> pair + ": doubtful. Wash all of the old grease out.";
            case INCOMPATIBLE ->
                pair + ": incompatible, the mix goes soft or hard. Wash every trace of the old grease out.";
        };
    }

    private static String name(String code) {
        return Objects.requireNonNull(THICKENERS.get(code)).name();
    }

    public static List<Field.Choice> choices() {
        return THICKENERS.values().stream()
                .map(t -> new Field.Choice(t.code(), t.name()))
                .toList();
    }

    private static String key(String a, String b) {
        return a.compareTo(b) < 0 ? a + "+" + b : b + "+" + a;
    }

    private static Map<String, Thickener> read() {
        Map<String, Thickener> map = new LinkedHashMap<>();
        for (TableRow row : Table.read(Mixing.class, "thickeners.csv")) {
            map.put(
                    row.get("code"),
                    new Thickener(
                            row.get("code"), row.get("name"), row.get("water"), row.number("hot"), row.get("wheel")));
        }
        return map;
    }

    private static Map<String, Verdict> pairs() {
        Map<String, Verdict> map = new LinkedHashMap<>();
        for (TableRow row : Table.read(Mixing.class, "mixing.csv")) {
            map.put(
                    key(row.get("a"), row.get("b")),
                    switch (row.get("verdict")) {
                        case "C" -> Verdict.COMPATIBLE;
                        case "B" -> Verdict.DOUBTFUL;
                        case "I" -> Verdict.INCOMPATIBLE;
                        default -> throw row.fault("verdict", "is none of C, B and I: “" + row.get("verdict") + "”");
                    });
        }
        int expected = THICKENERS.size() * (THICKENERS.size() - 1) / 2;
        if (map.size() != expected) {
            throw new IllegalStateException("mixing.csv has " + map.size() + " pairs, " + expected + " are needed");
        }
        return map;
    }
}
