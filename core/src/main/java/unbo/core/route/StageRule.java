package unbo.core.route;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;

import unbo.core.answer.Answer;
import unbo.core.diagnosis.OwnCases;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.FactKey;
import unbo.core.sheet.Sheet;

/**
 * How one station works in a job: the same inputs and the same computation as on the bench, prefilled from the sheet.
 *
 * @param asked fields that stand on the stage's page; the others are taken from the sheet, never typed twice
 * @param from  which fact fills which field
 * @param done  what an input comes to: the printed answer and the facts it gives
 * @param <I>   the input record
 */
public record StageRule<I>(RouteStage stage, FieldList<I> fields, List<String> asked, Map<String, FactKey> from,
                           BiFunction<I, OwnCases, Outcome> done) {

    /** What an input came to; not {@code complete} while a required proof is missing. */
    public record Outcome(Answer answer, List<Fact> facts, boolean complete) {
    }

    /** What came of the texts of a stage. {@code outcome} is null when they cannot be used. */
    public record Work(Reading<?> reading, Outcome outcome) {

        public boolean ok() {
            return outcome != null;
        }
    }

    /** What the sheet would fill in, by field. */
    public Map<String, String> prefill(Sheet sheet) {
        Map<String, String> texts = new LinkedHashMap<>();
        from.forEach((field, key) -> {
            String typed = sheet.typed(key);
            if (!typed.isBlank()) {
                texts.put(field, typed);
            }
        });
        return texts;
    }

    /** Facts from elsewhere that a result of this stage hangs on, as they stand now. */
    public Map<String, String> hangsOn(Sheet sheet) {
        Map<String, String> used = new LinkedHashMap<>();
        from.forEach((field, key) -> {
            if (!asked.contains(field) && sheet.has(key)) {
                used.put(key.name(), sheet.typed(key));
            }
        });
        return used;
    }

    /** Which fact fills which field: field, fact, field, fact … */
    static Map<String, FactKey> from(Object... pairs) {
        Map<String, FactKey> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put((String) pairs[i], (FactKey) pairs[i + 1]);
        }
        return map;
    }

    /** A rule that hangs on nothing but its input. */
    StageRule(RouteStage stage, FieldList<I> fields, List<String> asked, Map<String, FactKey> from, Function<I, Outcome> done) {
        this(stage, fields, asked, from, (input, own) -> done.apply(input));
    }

    /** Reads what was typed, takes the rest from the sheet, and computes by the shipped tables alone. */
    public Work work(Map<String, String> typed, Sheet sheet, UnitSystem units) {
        return work(typed, sheet, units, OwnCases.NONE);
    }

    /** Reads what was typed, takes the rest from the sheet, and computes with what the workshop's own jobs turned out to be. */
    public Work work(Map<String, String> typed, Sheet sheet, UnitSystem units, OwnCases own) {
        Map<String, String> texts = new HashMap<>(prefill(sheet));
        asked.forEach(texts::remove);
        asked.forEach(name -> texts.put(name, typed.getOrDefault(name, "")));
        Reading<I> reading = FieldReader.read(fields, texts, units);
        return new Work(reading, reading.ok() ? done.apply(reading.record(), own) : null);
    }
}
