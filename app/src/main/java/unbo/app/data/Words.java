package unbo.app.data;

import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** What was typed, as {@code match … against (… in boolean mode)} of InnoDB understands it. */
public final class Words {

    /** Rows that are looked through as they stand, the newest or first of a list, before an index of words is asked. */
    public static final int AS_THEY_STAND = 1000;

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

    /** Any word may be there, or one that begins as it does. @param letters so many of each must be right */
    public static String any(String typed, int letters) {
        return of(typed, "", letters);
    }

    private static String of(String typed, String sign, int letters) {
        return Arrays.stream(typed.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> word.length() >= SHORTEST && !NOT_KEPT.contains(word))
                .map(word -> sign + word.substring(0, Math.min(letters, word.length())) + "*")
                .collect(Collectors.joining(" "));
    }
}
