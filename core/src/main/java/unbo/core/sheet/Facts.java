package unbo.core.sheet;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.fact.FactKey;
import unbo.core.stage.RouteStage;

/** Collects the facts that a stage gives; what is empty is not known and is left out. */
public final class Facts {

    private final List<Fact> facts = new ArrayList<>();
    private final RouteStage stage;

    public Facts(RouteStage stage) {
        this.stage = stage;
    }

    /** A number in the key's unit. */
    public Facts number(FactKey key, @Nullable Double value, How how) {
        if (value != null) {
            facts.add(Fact.number(key, value, how, stage.code()));
        }
        return this;
    }

    public Facts words(FactKey key, String text, How how) {
        if (!text.isBlank()) {
            facts.add(Fact.words(key, text, how, stage.code()));
        }
        return this;
    }

    public Facts and(Fact fact) {
        facts.add(fact);
        return this;
    }

    /** Those collected so far. */
    public List<Fact> list() {
        return List.copyOf(facts);
    }
}
