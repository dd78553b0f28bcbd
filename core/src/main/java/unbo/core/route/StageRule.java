package unbo.core.route;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.assembly.BearingPlaces;
import unbo.core.fact.FactKey;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tool.Ranges;
import unbo.core.tool.Tool;

/**
 * How one station works in a job: the same inputs and the same computation as on the bench, prefilled from the sheet.
 *
 * @param asked fields that stand on the stage's page; the others are taken from the sheet, never typed twice
 * @param from which facts fill which field: the first that is known
 * @param usual what the sheet puts into boxes beyond single facts
 * @param name what an entry with such texts is about
 * @param procedure steps that stand whatever is typed yet
 * @param done what an input comes to: the printed answer and the facts it gives
 * @param <I> the input record
 */
public record StageRule<I>(
        RouteStage stage,
        FieldList<I> fields,
        List<String> asked,
        Map<String, List<FactKey>> from,
        BiFunction<Sheet, Typed, List<Fill>> usual,
        Function<Typed, EntryName> name,
        Function<Typed, List<Step>> procedure,
        BiFunction<I, Knowledge, Outcome> done) {

    /** @throws IllegalArgumentException where a box would be filled by a fact of another type */
    public StageRule {
        from.forEach((box, facts) -> fields.field(box).ifPresent(field -> field.from(facts.toArray(FactKey[]::new))));
    }

    /**
     * What an input came to; not {@code complete} while a required proof is missing.
     *
     * @param seconds that there are once the step begins; null where nothing runs out
     * @param result what the stage's tool computed; null where the stage asks none
     */
    public record Outcome(
            Answer answer,
            List<Fact> facts,
            boolean complete,
            @Nullable Double seconds,
            @Nullable Object result) {

        private Outcome with(Answer other) {
            return new Outcome(other, facts, complete, seconds, result);
        }

        public Outcome(Answer answer, List<Fact> facts, boolean complete, @Nullable Double seconds) {
            this(answer, facts, complete, seconds, null);
        }

        public Outcome(Answer answer, List<Fact> facts, boolean complete) {
            this(answer, facts, complete, null);
        }
    }

    /** What came of the texts of a stage. {@code outcome} is null when they cannot be used. */
    public record Work(Reading<?> reading, @Nullable Outcome outcome) {

        public boolean ok() {
            return outcome != null;
        }
    }

    /**
     * A stage that asks a tool: its boxes are filled by the facts that its fields name.
     *
     * @param asked the fields that stand on the stage's page, those that it has of them
     */
    static <I, R> StageRule<I> of(RouteStage stage, Tool<I, R> tool, List<String> asked) {
        return of(stage, tool, tool.fields(), asked);
    }

    /** The same, where the stage asks other boxes than the bench, of the same input. */
    static <I, R> StageRule<I> of(RouteStage stage, Tool<I, R> tool, FieldList<I> fields, List<String> asked) {
        Map<String, List<FactKey>> from = new LinkedHashMap<>();
        fields.fields().stream()
                .filter(field -> !field.from().isEmpty())
                .forEach(field -> from.put(field.name(), field.from()));
        return new StageRule<>(
                stage,
                fields,
                asked.stream().filter(name -> fields.field(name).isPresent()).toList(),
                from,
                (sheet, typed) -> List.of(),
                typed -> EntryName.ONLY,
                tool::procedure,
                (input, known) -> {
                    R result = tool.compute(input);
                    return new Outcome(
                            tool.printInStage(result),
                            tool.gives(result),
                            tool.complete(result),
                            tool.seconds(result),
                            result);
                });
    }

    /** A rule of a stage with one entry, that hangs on nothing but its input. */
    StageRule(
            RouteStage stage,
            FieldList<I> fields,
            List<String> asked,
            Map<String, List<FactKey>> from,
            Function<I, Outcome> done) {
        this(stage, fields, asked, from, (input, known) -> done.apply(input));
    }

    /** A rule of a stage with one entry. */
    StageRule(
            RouteStage stage,
            FieldList<I> fields,
            List<String> asked,
            Map<String, List<FactKey>> from,
            BiFunction<I, Knowledge, Outcome> done) {
        this(
                stage,
                fields,
                asked,
                from,
                (sheet, typed) -> List.of(),
                typed -> EntryName.ONLY,
                typed -> List.of(),
                done);
    }

    /** The same, with what the sheet puts into boxes beyond single facts. */
    StageRule<I> usually(Function<Sheet, List<Fill>> fills) {
        return usually((sheet, typed) -> fills.apply(sheet));
    }

    /** The same, where it hangs on what stands there as well. */
    StageRule<I> usually(BiFunction<Sheet, Typed, List<Fill>> fills) {
        return new StageRule<>(stage, fields, asked, from, fills, name, procedure, done);
    }

    /** The same, with entries told apart. */
    StageRule<I> named(Function<Typed, EntryName> naming) {
        return new StageRule<>(stage, fields, asked, from, usual, naming, procedure, done);
    }

    /** What the sheet would fill in, by field. */
    public Map<String, String> prefill(Sheet sheet) {
        return prefill(sheet, Map.of());
    }

    /** The same, where texts that stand there say which place and ring it is about. */
    public Map<String, String> prefill(Sheet sheet, Map<String, String> there) {
        Typed typed = Typed.of(there, UnitSystem.METRIC);
        Map<String, String> texts = new LinkedHashMap<>();
        fills(sheet, typed).values().forEach(fill -> texts.put(fill.field(), fill.text()));
        return texts;
    }

    /** The sheet, asked about the place that an entry is about. */
    private static Sheet at(Sheet sheet, Typed typed) {
        return sheet.at(typed.text(BearingPlaces.NAME));
    }

    private Map<String, Fill> fills(Sheet whole, Typed typed) {
        Sheet sheet = at(whole, typed);
        Map<String, Fill> fills = new LinkedHashMap<>();
        from.forEach((field, keys) -> {
            List<FactKey> tried = new ArrayList<>();
            for (FactKey key : keys) {
                tried.add(key);
                if (!sheet.typed(key).isBlank()
                        && fields.field(field)
                                .filter(box -> !box.takes(sheet.typed(key)))
                                .isEmpty()) {
                    fills.put(field, new Fill(field, sheet.typed(key), List.copyOf(tried)));
                    return;
                }
            }
        });
        usual.apply(sheet, typed).stream()
                .filter(fill -> !fill.text().isBlank())
                .forEach(fill -> fills.put(fill.field(), fill));
        return fills;
    }

    /** The fact that stands in a box as the sheet gave it; empty where it is typed over, or is usual at the place. */
    public Optional<Fact> source(Sheet whole, Typed typed, String field) {
        Fill fill = fills(whole, typed).get(field);
        return fill == null || fill.keys().isEmpty() || !fill.text().equals(typed.text(field))
                ? Optional.empty()
                : at(whole, typed).get(fill.keys().get(fill.keys().size() - 1));
    }

    /**
     * Facts from elsewhere that a result hangs on, as they stand now: those that no box asks for, and those that filled
     * a box which nobody typed over.
     */
    public Map<String, String> hangsOn(Sheet whole, Typed typed) {
        Sheet sheet = at(whole, typed);
        Map<String, String> used = new LinkedHashMap<>();
        from.forEach((field, keys) -> {
            if (!asked.contains(field)) {
                keys.stream().filter(sheet::has).forEach(key -> use(sheet, key, used));
            }
        });
        fills(whole, typed).values().stream()
                .filter(fill -> !asked.contains(fill.field()) || fill.text().equals(typed.text(fill.field())))
                .forEach(fill -> fill.keys().forEach(key -> use(sheet, key, used)));
        return used;
    }

    private static void use(Sheet sheet, FactKey key, Map<String, String> used) {
        used.put(sheet.own(key).name(), sheet.typed(key));
    }

    /**
     * True when a fact that a result hung on stands otherwise now.
     *
     * @param typed texts of the entry
     * @param used as {@link #hangsOn} told it then
     */
    public boolean stale(Sheet whole, Typed typed, Map<String, String> used) {
        Sheet sheet = at(whole, typed);
        Set<FactKey> known = used.keySet().stream()
                .flatMap(name -> FactKey.named(name).stream())
                .map(sheet::own)
                .collect(Collectors.toUnmodifiableSet());
        boolean came = from.entrySet().stream()
                .filter(e -> !asked.contains(e.getKey()))
                .flatMap(e -> e.getValue().stream())
                .anyMatch(key -> sheet.has(key) && !known.contains(sheet.own(key)));
        return came || changed(sheet, used);
    }

    /**
     * True when one of the facts that a result is known to hang on stands otherwise now: all that an older release
     * tells.
     */
    public boolean changed(Sheet sheet, Map<String, String> used) {
        return used.entrySet().stream()
                .anyMatch(fact -> FactKey.named(fact.getKey())
                        .filter(key -> !sheet.typed(key).equals(fact.getValue()))
                        .isPresent());
    }

    /** Facts that fill fields which no box asks for, in the order of the rule. */
    public List<Fact> taken(Sheet whole, Typed typed) {
        Sheet sheet = at(whole, typed);
        return from.entrySet().stream()
                .filter(e -> !asked.contains(e.getKey()))
                .map(e -> e.getValue().stream()
                        .map(key -> sheet.get(key).orElse(null))
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(null))
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    /** What an entry with such texts is about. */
    public EntryName entry(Typed typed) {
        return name.apply(typed);
    }

    /** The procedure: of the answer, else what stands whatever is typed yet. @param answer null where there is none */
    public List<Step> steps(Typed typed, @Nullable Answer answer) {
        return answer == null || answer.steps().isEmpty() ? procedure.apply(typed) : answer.steps();
    }

    /** Which facts fill which field: field, fact or list of facts, field, fact … */
    @SuppressWarnings("unchecked")
    static Map<String, List<FactKey>> from(Object... pairs) {
        Map<String, List<FactKey>> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put(
                    (String) pairs[i],
                    pairs[i + 1] instanceof FactKey key ? List.of(key) : (List<FactKey>) pairs[i + 1]);
        }
        return map;
    }

    /** Reads what was typed, takes the rest from the sheet, and computes with what the workshop knows. */
    public Work work(Typed typed, Sheet sheet, Knowledge known) {
        Map<String, String> texts = new HashMap<>(prefill(sheet, typed.texts()));
        asked.forEach(texts::remove);
        asked.forEach(field -> texts.put(field, typed.text(field)));
        Reading<I> reading = FieldReader.read(fields, texts, typed, known.bearings());
        return new Work(
                reading,
                reading.get()
                        .map(input -> done.apply(input, known))
                        .map(outcome -> outcome.with(
                                Ranges.of(reading, outcome.answer(), moved -> again(texts, typed, moved, known))))
                        .orElse(null));
    }

    /** What comes of the same texts with some of them changed; null where that cannot be used. */
    private @Nullable Answer again(Map<String, String> texts, Typed typed, Typed moved, Knowledge known) {
        Map<String, String> changed = new HashMap<>(texts);
        changed.putAll(moved.texts());
        return FieldReader.read(
                        fields, changed, name -> moved.has(name) ? moved.of(name) : typed.of(name), known.bearings())
                .get()
                .map(input -> done.apply(input, known).answer())
                .orElse(null);
    }
}
