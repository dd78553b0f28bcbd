package unbo.core.seek;

import java.util.ArrayList;
import java.util.List;

import unbo.core.seek.Stems.Word;

/**
 * How far the words of a text are those of a name, with a slip or in another order.
 *
 * @param share of the words that are the name's, 0 to 1
 * @param least 1 where they stand as they are, less where one is slipped or only begun
 * @param rest the words that are none of the name's
 */
public record Likeness(double share, double least, String rest) {

    private static final double SLIPPED = 0.93;
    private static final double BEGUN = 0.9;
    private static final int BEGUN_FROM = 2;

    /** The words of {@code text} against a name. */
    public static Likeness of(String text, String name) {
        List<Word> held = new ArrayList<>(Stems.words(name));
        List<Word> typed = Stems.words(text);
        List<String> rest = new ArrayList<>();
        double least = 1;
        int mine = 0;
        for (Word word : typed) {
            double best = 0;
            Word with = null;
            for (Word other : held) {
                double like = like(word.typed(), other.typed());
                if (like > best) {
                    best = like;
                    with = other;
                }
            }
            if (with == null) {
                rest.add(word.typed());
                continue;
            }
            held.remove(with);
            mine++;
            least = Math.min(least, best);
        }
        return new Likeness(typed.isEmpty() ? 0 : (double) mine / typed.size(), least, String.join(" ", rest));
    }

    private static double like(String typed, String held) {
        if (typed.equals(held)) {
            return 1;
        }
        if (Stems.slipped(typed, held)) {
            return SLIPPED;
        }
        return typed.length() >= BEGUN_FROM && held.startsWith(typed) ? BEGUN : 0;
    }
}
