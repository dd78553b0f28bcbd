package unbo.core.seek;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

import org.jspecify.annotations.Nullable;

import unbo.core.seek.Stems.Word;
import unbo.core.table.Table;
import unbo.core.table.TableRow;
import unbo.core.tool.Tools;

/** Which words stand for which tool, page, kind of place, mode of damage, result of a check; from {@code words.csv}. */
final class WordTable {

    private static final double SLIPPED = 0.93;
    private static final double BEGUN = 0.88;
    private static final int BEGUN_FROM = 3;
    /** Idle by themselves, but part of a phrase that holds them. */
    private static final Set<String> HELD = Set.of("bear", "wheel", "hub", "how", "when");

    private static final List<Entry> ENTRIES = read();
    private static final Set<String> KNOWN = known();
    /** The words as they stand in the table, and as what is being done, by their stems. */
    private static final Map<String, List<String>> FORMS = forms();

    private WordTable() {}

    /** What some words stand for. @param what tool, page, kind, mode, check, circumstance, vehicle or place */
    record Entry(String what, String name, String words, List<List<String>> phrases) {}

    /**
     * An entry whose words stand in the text.
     *
     * @param at places of the words that it explains
     * @param longest words of its longest phrase found
     * @param likeness 1 where every word stands as it is, less for slips and words just begun
     */
    record Hit(Entry entry, Set<Integer> at, int longest, double likeness) {

        /**
         * Share of the words that say something which this explains; idle ones count only where a phrase holds them.
         */
        double share(List<String> words, Set<Integer> explained) {
            long all = 0;
            long mine = 0;
            for (int i = 0; i < words.size(); i++) {
                boolean held = at.contains(i);
                if (held || !explained.contains(i) && says(words.get(i))) {
                    all++;
                    mine += held ? 1 : 0;
                }
            }
            return all == 0 ? 0 : (double) mine / all;
        }
    }

    static List<Entry> entries() {
        return ENTRIES;
    }

    static boolean says(String stem) {
        return !Stems.idle(stem) && !Character.isDigit(stem.charAt(0));
    }

    /** True where a word of the text is one of the table's. */
    static boolean tells(String text) {
        return Stems.of(text).stream().anyMatch(word -> says(word) && KNOWN.contains(word));
    }

    /** Everything that words of the text stand for. */
    static List<Hit> hits(String text) {
        List<Word> words = Stems.words(text);
        Map<String, Like> likes = new HashMap<>();
        List<Hit> hits = new ArrayList<>();
        for (Entry entry : ENTRIES) {
            Hit hit = hit(entry, words, likes);
            if (hit != null) {
                hits.add(hit);
            }
        }
        return hits;
    }

    private static @Nullable Hit hit(Entry entry, List<Word> words, Map<String, Like> likes) {
        Set<Integer> at = new TreeSet<>();
        int longest = 0;
        double likeness = 0;
        for (List<String> phrase : entry.phrases()) {
            Set<Integer> found = new HashSet<>();
            double least = 1;
            for (int i = 0; i < phrase.size() && least > 0; i++) {
                Like like = like(phrase.get(i), words, found, likes);
                least = Math.min(least, like.likeness());
                found.add(like.at());
            }
            if (least > 0) {
                at.addAll(found);
                longest = Math.max(longest, phrase.size());
                likeness = Math.max(likeness, least);
            }
        }
        return at.isEmpty() ? null : new Hit(entry, at, longest, likeness);
    }

    private record Like(int at, double likeness) {}

    private static Like like(String meant, List<Word> words, Set<Integer> taken, Map<String, Like> likes) {
        Like known = likes.computeIfAbsent(meant, m -> best(m, words, Set.of()));
        return known.likeness() > 0 && taken.contains(known.at()) ? best(meant, words, taken) : known;
    }

    private static Like best(String meant, List<Word> words, Set<Integer> taken) {
        Like best = new Like(-1, 0);
        for (int i = 0; i < words.size(); i++) {
            if (!taken.contains(i)) {
                double likeness = likeness(words.get(i), meant, i == words.size() - 1);
                best = likeness > best.likeness() ? new Like(i, likeness) : best;
            }
        }
        return best;
    }

    private static double likeness(Word word, String meant, boolean last) {
        String typed = word.stem();
        if (typed.equals(meant)) {
            return 1;
        }
        if (KNOWN.contains(typed) || Stems.idle(typed)) {
            return 0;
        }
        for (String raw : FORMS.getOrDefault(meant, List.of())) {
            if (Stems.slipped(word.typed(), raw)) {
                return SLIPPED;
            }
        }
        return last && typed.length() >= BEGUN_FROM && meant.startsWith(typed) ? BEGUN : 0;
    }

    private static List<Entry> read() {
        List<Entry> entries = new ArrayList<>();
        for (TableRow row : Table.read(WordTable.class, "words.csv")) {
            Set<List<String>> phrases = new LinkedHashSet<>();
            for (String phrase : row.get("words").split(";")) {
                phrases.add(content(phrase));
            }
            if (row.get("what").equals("tool")) {
                phrases.add(content(Tools.named(row.get("name"))
                        .orElseThrow(() -> row.fault("name", "is no tool"))
                        .title()));
            }
            entries.add(new Entry(row.get("what"), row.get("name"), row.get("words"), List.copyOf(phrases)));
        }
        return List.copyOf(entries);
    }

    /** The words of a phrase; idle ones go where others are left. */
    private static List<String> content(String phrase) {
        List<String> all = Stems.of(phrase);
        List<String> telling = all.stream()
                .filter(word -> !Stems.idle(word) || HELD.contains(word))
                .toList();
        return telling.stream().allMatch(Stems::idle) ? all : telling;
    }

    private static Map<String, List<String>> forms() {
        Map<String, Set<String>> forms = new HashMap<>();
        KNOWN.forEach(
                stem -> forms.computeIfAbsent(stem, s -> new LinkedHashSet<>()).add(stem + "ing"));
        for (TableRow row : Table.read(WordTable.class, "words.csv")) {
            Stems.words(row.get("words"))
                    .forEach(word -> forms.computeIfAbsent(word.stem(), stem -> new LinkedHashSet<>())
                            .add(word.typed()));
        }
        Map<String, List<String>> all = new HashMap<>();
        forms.forEach((stem, words) -> all.put(stem, List.copyOf(words)));
        return Map.copyOf(all);
    }

    private static Set<String> known() {
        Set<String> known = new HashSet<>();
        ENTRIES.forEach(entry -> entry.phrases().forEach(known::addAll));
        return Set.copyOf(known);
    }
}
