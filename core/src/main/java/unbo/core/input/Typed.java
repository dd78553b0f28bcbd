package unbo.core.input;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * What was typed, by field, each text with the system it was typed in. Immutable.
 *
 * @param texts as typed, by the name of the field
 * @param apart the system of those texts that were typed in another one than {@code units}; null for none
 * @param units the system of all others
 */
public record Typed(Map<String, String> texts, Map<String, UnitSystem> apart, UnitSystem units) implements TypedIn {

    public static final Typed NOTHING = of(Map.of(), UnitSystem.METRIC);

    public Typed {
        Objects.requireNonNull(units);
        texts = Map.copyOf(texts);
        apart = apart == null
                ? Map.of()
                : apart.entrySet().stream()
                        .filter(e -> e.getValue() != units)
                        .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** Texts that were all typed in one system. */
    public static Typed of(Map<String, String> texts, UnitSystem units) {
        return new Typed(texts, Map.of(), units);
    }

    @Override
    public UnitSystem of(String field) {
        return apart.getOrDefault(field, units);
    }

    /** The text of a field; empty where none was typed. */
    public String text(String field) {
        return texts.getOrDefault(field, "");
    }

    public boolean has(String field) {
        return texts.containsKey(field);
    }

    /** The same with the text of one field in place of what stood there. */
    public Typed with(String field, String text, UnitSystem typedIn) {
        Map<String, String> changed = new HashMap<>(texts);
        changed.put(field, text);
        Map<String, UnitSystem> systems = new HashMap<>(apart);
        systems.put(field, typedIn);
        return new Typed(changed, systems, units);
    }

    /** The same with another's texts in place of those of the same fields. */
    public Typed with(Typed other) {
        Typed all = this;
        for (Map.Entry<String, String> text : other.texts.entrySet()) {
            all = all.with(text.getKey(), text.getValue(), other.of(text.getKey()));
        }
        return all;
    }

    /** The same without some fields. */
    public Typed without(Predicate<String> fields) {
        Map<String, String> left = new HashMap<>(texts);
        left.keySet().removeIf(fields);
        return new Typed(left, apart, units);
    }

    /** The same as a page shows it that works in a system: what is empty will be typed in that one. */
    public Typed shownIn(UnitSystem page) {
        Map<String, UnitSystem> systems = new HashMap<>();
        texts.forEach((name, text) -> {
            if (!text.isBlank()) {
                systems.put(name, of(name));
            }
        });
        return new Typed(texts, systems, page);
    }

    /**
     * True where both say the same of every field, in the same system; a field that is empty in one may be missing in
     * the other.
     */
    public boolean says(Typed other) {
        return texts.keySet().stream().allMatch(name -> same(name, other))
                && other.texts.keySet().stream().allMatch(name -> same(name, other));
    }

    /** True where both say the same of one field. */
    public boolean same(String field, Typed other) {
        return text(field).equals(other.text(field)) && (text(field).isBlank() || of(field) == other.of(field));
    }
}
