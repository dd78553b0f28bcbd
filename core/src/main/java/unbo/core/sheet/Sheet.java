package unbo.core.sheet;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.fact.FactKey;

/** What a job knows: its facts by name, later ones over earlier ones. Immutable. */
public final class Sheet {

    private final Map<FactKey, Fact> facts;

    private Sheet(Map<FactKey, Fact> facts) {
        this.facts = facts;
    }

    public static Sheet of(Collection<Fact> facts) {
        Map<FactKey, Fact> map = new EnumMap<>(FactKey.class);
        facts.forEach(fact -> map.put(fact.key(), fact));
        return new Sheet(map);
    }

    /** This sheet with {@code more} laid over it. */
    public Sheet with(Collection<Fact> more) {
        Map<FactKey, Fact> map = new EnumMap<>(FactKey.class);
        map.putAll(facts);
        more.forEach(fact -> map.put(fact.key(), fact));
        return new Sheet(map);
    }

    public Optional<Fact> get(FactKey key) {
        return Optional.ofNullable(facts.get(key));
    }

    /** A number in the unit of its key, or null. */
    public @Nullable Double number(FactKey key) {
        Fact fact = facts.get(key);
        return fact == null ? null : fact.value();
    }

    /** A text; empty when unknown. */
    public String text(FactKey key) {
        Fact fact = facts.get(key);
        return fact == null ? "" : fact.value() == null ? fact.text() : fact.shown();
    }

    /** As typed into a box again; empty when unknown. */
    public String typed(@Nullable FactKey key) {
        Fact fact = facts.get(key);
        return fact == null ? "" : fact.typed();
    }

    public boolean has(FactKey key) {
        return facts.containsKey(key);
    }

    public List<Fact> all() {
        return List.copyOf(facts.values());
    }
}
