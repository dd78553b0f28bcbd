package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonProperty;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;

/**
 * What a stage keeps: its entries, the last kept at the end. Version 2; one of version 1, which knew a single entry, is
 * read as such. Unknown and missing fields are tolerated on reading.
 *
 * @param skipped why it was skipped; empty when it was not
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record StageDocument(int v, List<StageEntry> entries, String skipped) {

    static final int VERSION = 2;
    /** Of a document whose texts do not say in which system they were typed. */
    private static final int UNSAID = 1;

    static final StageDocument EMPTY = new StageDocument(VERSION, List.of(), "");

    StageDocument {
        entries = entries == null
                ? List.of()
                : entries.stream().filter(entry -> entry != null).toList();
        skipped = skipped == null ? "" : skipped;
    }

    /** Reads either version; {@code units} is what a migration gave the texts of the first. */
    @JsonCreator
    static StageDocument read(
            @JsonProperty("v") int v,
            @JsonProperty("entries") List<StageEntry> entries,
            @JsonProperty("skipped") String skipped,
            @JsonProperty("texts") Map<String, String> texts,
            @JsonProperty("units") UnitSystem units,
            @JsonProperty("facts") List<Fact> facts,
            @JsonProperty("hangsOn") Map<String, String> hangsOn,
            @JsonProperty("answer") Answer answer) {
        if (entries != null || texts == null && answer == null && facts == null) {
            return new StageDocument(VERSION, entries, skipped);
        }
        int said = units == null ? UNSAID : VERSION;
        if (answer == null && (texts == null || texts.isEmpty())) {
            return new StageDocument(said, List.of(), skipped);
        }
        Typed typed = Typed.of(texts == null ? Map.of() : texts, units == null ? UnitSystem.METRIC : units);
        StageEntry only = new StageEntry("", "", typed, facts, hangsOn, answer, true, answer == null, 0);
        return new StageDocument(said, List.of(only), skipped);
    }

    /** The entry that was kept last; empty where nothing was. */
    @JsonIgnore
    Optional<StageEntry> last() {
        return entries.isEmpty() ? Optional.empty() : Optional.of(entries.get(entries.size() - 1));
    }

    /** What was typed in the entry that was kept last. */
    @JsonIgnore
    Typed typed() {
        return last().map(StageEntry::typed).orElse(Typed.NOTHING);
    }

    /** The facts of all entries, a later one over an earlier one. */
    @JsonIgnore
    List<Fact> facts() {
        return entries.stream().flatMap(entry -> entry.facts().stream()).toList();
    }

    /** What was judged in all entries. */
    @JsonIgnore
    List<Finding> findings() {
        return entries.stream()
                .flatMap(entry -> entry.answer() == null ? Stream.empty() : entry.answer().findings().stream())
                .toList();
    }

    /** The same with an entry at the end in place of those that it replaces. */
    StageDocument with(StageEntry entry, List<StageEntry> replaced) {
        List<StageEntry> left = new ArrayList<>(entries);
        left.removeAll(replaced);
        left.add(entry);
        return new StageDocument(VERSION, left, "");
    }

    StageDocument without(StageEntry entry) {
        List<StageEntry> left = new ArrayList<>(entries);
        left.remove(entry);
        return new StageDocument(VERSION, left, skipped);
    }

    /** The same with texts of an older release, which did not say it, typed in a system. */
    StageDocument typedIn(UnitSystem otherwise) {
        return v != UNSAID
                ? this
                : new StageDocument(
                        VERSION,
                        entries.stream().map(entry -> entry.typedIn(otherwise)).toList(),
                        skipped);
    }

    StageDocument skippedFor(String why) {
        return new StageDocument(VERSION, entries, why);
    }
}
