package unbo.core.seek;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Words of a sentence brought to their stems, so that "humming" and "hums" are one, and a slip is told from a word. */
final class Stems {

    private static final int SLIP_FROM = 4;
    private static final int TWO_SLIPS_FROM = 9;
    private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L}\\p{N}'’]*|\\p{N}+\\p{L}*");
    /** Words that tell nothing by themselves. */
    private static final Set<String> IDLE = Pattern.compile(" ")
            .splitAsStream("a about after an and any are as at be been bearing bit but by can could do does find for "
                    + "from get got had has have help how hub i if in is it its just like make makes me must my need "
                    + "needs new noise of off old on one only or our out over please problem s should show side some "
                    + "sound still t that the their them then there these they this to too tool two up use very want "
                    + "was we what wheel when where which while why will with would you your")
            .map(Stems::stem)
            .collect(Collectors.toUnmodifiableSet());

    private Stems() {}

    /** A word as it was typed, and its stem. */
    record Word(String typed, String stem) {}

    /** The words of a text, in order. */
    static List<Word> words(String text) {
        List<Word> words = new ArrayList<>();
        Matcher word = WORD.matcher(text.toLowerCase(Locale.ROOT));
        while (word.find()) {
            words.add(new Word(word.group(), stem(word.group())));
        }
        return words;
    }

    /** The words of a text, in order, stemmed. */
    static List<String> of(String text) {
        return words(text).stream().map(Word::stem).toList();
    }

    /** True for a word that tells nothing by itself: it is only looked at where a phrase holds it. */
    static boolean idle(String stem) {
        return IDLE.contains(stem);
    }

    static String stem(String word) {
        String stem = word.replaceFirst("['’].*", "");
        if (stem.length() > 3 && stem.endsWith("s") && !stem.endsWith("ss") && !stem.endsWith("us")) {
            stem = stem.substring(0, stem.length() - 1);
        }
        if (stem.length() > 5 && stem.endsWith("ing")) {
            stem = stem.substring(0, stem.length() - 3);
        } else if (stem.length() > 4 && stem.endsWith("ed")) {
            stem = stem.substring(0, stem.length() - 2);
        }
        if (stem.length() > 3 && stem.endsWith("e") || stem.length() > 3 && vowelless(stem)) {
            stem = stem.substring(0, stem.length() - 1);
        }
        int last = stem.length() - 1;
        return last > 2 && stem.charAt(last) == stem.charAt(last - 1) ? stem.substring(0, last) : stem;
    }

    /** Ends in a y that follows a consonant: noisy, wobbly. */
    private static boolean vowelless(String stem) {
        return stem.endsWith("y") && "aeiou".indexOf(stem.charAt(stem.length() - 2)) < 0;
    }

    /**
     * True where one is the other with a slip of the finger: a letter wrong, missing, too many or changed places; two
     * of them in a long word. Short words are taken as they stand.
     */
    static boolean slipped(String typed, String meant) {
        int length = Math.min(typed.length(), meant.length());
        if (length < SLIP_FROM || Math.abs(typed.length() - meant.length()) > 2) {
            return false;
        }
        int slips = length >= TWO_SLIPS_FROM ? 2 : 1;
        return Long.bitCount(letters(typed) ^ letters(meant)) <= 2 * slips && distance(typed, meant) <= slips;
    }

    /** Which letters and digits a word has, a bit each: a slip takes one away and brings one at the most. */
    private static long letters(String word) {
        long letters = 0;
        for (int i = 0; i < word.length(); i++) {
            letters |= 1L << word.charAt(i);
        }
        return letters;
    }

    /**
     * Letters wrong, missing, too many or changed with their neighbour; the restricted Damerau-Levenshtein distance.
     */
    static int distance(String a, String b) {
        int[][] d = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            d[i][0] = i;
        }
        for (int j = 0; j <= b.length(); j++) {
            d[0][j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            for (int j = 1; j <= b.length(); j++) {
                int wrong = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                d[i][j] = Math.min(Math.min(d[i - 1][j], d[i][j - 1]) + 1, d[i - 1][j - 1] + wrong);
                if (i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1)) {
                    d[i][j] = Math.min(d[i][j], d[i - 2][j - 2] + 1);
                }
            }
        }
        return d[a.length()][b.length()];
    }
}
