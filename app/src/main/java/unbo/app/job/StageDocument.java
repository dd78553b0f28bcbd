package unbo.app.job;

import java.util.List;
import java.util.Map;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;

import unbo.core.answer.Answer;
import unbo.core.sheet.Fact;

/**
 * What a stage keeps: the texts as typed, the facts it gives, what its result hangs on, and the answer last shown.
 * Version 1; unknown and missing fields are tolerated on reading.
 *
 * @param skipped why it was skipped; empty when it was not
 * @param answer  null for a draft that cannot be computed yet
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record StageDocument(int v, Map<String, String> texts, List<Fact> facts, Map<String, String> hangsOn, Answer answer, String skipped) {

    static final int VERSION = 1;
    static final StageDocument EMPTY = new StageDocument(VERSION, Map.of(), List.of(), Map.of(), null, "");

    StageDocument {
        texts = texts == null ? Map.of() : texts;
        facts = facts == null ? List.of() : facts.stream().filter(f -> f != null && f.key() != null && f.how() != null).toList();
        hangsOn = hangsOn == null ? Map.of() : hangsOn;
        skipped = skipped == null ? "" : skipped;
    }
}
