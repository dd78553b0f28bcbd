package unbo.app.job;

import java.util.List;
import java.util.Map;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;

import unbo.core.answer.Answer;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;

/**
 * One entry of a stage: what was typed about one bearing, ring or way, and what came of it.
 *
 * @param of tells it from the stage's other entries; empty where a stage has but one
 * @param words what it is about
 * @param hangsOn facts its result hangs on, as they stood
 * @param answer null for a draft that cannot be computed yet
 * @param draft true where the texts cannot be used: facts and answer are those from before, if there were any
 * @param savedAt milliseconds since 1970; 0 where an older release wrote it
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record StageEntry(
        String of,
        String words,
        Typed typed,
        List<Fact> facts,
        Map<String, String> hangsOn,
        Answer answer,
        boolean complete,
        boolean draft,
        long savedAt) {

    StageEntry {
        of = of == null ? "" : of;
        words = words == null ? "" : words;
        typed = typed == null ? Typed.NOTHING : typed;
        facts = facts == null
                ? List.of()
                : facts.stream()
                        .filter(f -> f != null && f.key() != null && f.how() != null)
                        .toList();
        hangsOn = hangsOn == null ? Map.of() : hangsOn;
    }

    /**
     * True where an older release wrote it: it watched fewer facts, and no more is known of what its result hangs on.
     */
    @JsonIgnore
    boolean older() {
        return savedAt == 0;
    }

    /** The same, typed in a system. */
    StageEntry typedIn(UnitSystem system) {
        return new StageEntry(
                of, words, Typed.of(typed.texts(), system), facts, hangsOn, answer, complete, draft, savedAt);
    }
}
