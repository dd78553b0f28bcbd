package unbo.app.data;

import java.util.List;

/**
 * One page of a list that may be longer: what is cut is said, and where the rest is.
 *
 * @param words what was looked for; empty where everything is listed
 * @param page counted from 0
 * @param more true where further ones follow
 */
public record Paged<T>(List<T> lines, String words, int page, boolean more) {

    /** Lines of a page. */
    public static final int SIZE = 50;

    private static final int LAST = 100_000;

    /** Of lines that were asked for with one more than a page holds. */
    public static <T> Paged<T> of(List<T> oneMore, String words, int page) {
        return new Paged<>(oneMore.stream().limit(SIZE).toList(), words, page, oneMore.size() > SIZE);
    }

    /** A page number as it came with an address, within what there can be. */
    public static int number(int page) {
        return Math.max(0, Math.min(page, LAST));
    }

    public boolean isEmpty() {
        return lines.isEmpty();
    }
}
