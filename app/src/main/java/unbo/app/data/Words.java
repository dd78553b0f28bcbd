package unbo.app.data;

import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What was typed, as {@code match … against (… in boolean mode)} of InnoDB understands it. */
public final class Words {

    /**
     * Rows, the newest or first of a list, that are looked through as they stand where an index of words cannot tell.
     */
    public static final int AS_THEY_STAND = 300;

    /** So many are listed of each kind of thing that words find. */
    public static final int LISTED = 20;

    private static final int SHORTEST = 3;
    /** Words that InnoDB keeps in no index (MariaDB, INNODB_FT_DEFAULT_STOPWORD). */
    private static final Set<String> NOT_KEPT = Set.of(
            "about", "are", "com", "for", "from", "how", "that", "the", "this", "was", "what", "when", "where", "who",
            "will", "with", "und", "www");

    private Words() {}

    /** Every word must be there, or one that begins with it; empty where no word can be looked for so. */
    public static String all(String typed) {
        return of(typed, "+", Integer.MAX_VALUE);
    }

    /** True where the index can be asked for every word that was typed. */
    public static boolean keptAll(String typed) {
        return words(typed).allMatch(Words::kept);
    }

    /** Any word may be there, or one that begins as it does. @param letters so many of each must be right */
    public static String any(String typed, int letters) {
        return of(typed, "", letters);
    }

    private static String of(String typed, String sign, int letters) {
        return words(typed)
                .filter(Words::kept)
                .map(word -> sign + word.substring(0, Math.min(letters, word.length())) + "*")
                .collect(Collectors.joining(" "));
    }

    private static Stream<String> words(String typed) {
        return Arrays.stream(typed.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty());
    }

    private static boolean kept(String word) {
        return word.length() >= SHORTEST && !NOT_KEPT.contains(word);
    }
}
