package unbo.app.seek;

import java.util.List;

import unbo.core.drawing.Drawing;
import unbo.core.seek.Meaning;

/**
 * One reading of what was typed, with the addresses where it goes on.
 *
 * @param ways where it goes on; the first is its own place
 * @param drawing of the thing; null where there is none
 */
public record Reading(
        Meaning.Kind kind, String title, double score, List<String> says, List<Way> ways, Drawing drawing) {

    /** A way onward. */
    public record Way(String words, String address) {}

    public String address() {
        return ways.get(0).address();
    }

    /** The ways beside its own place. */
    public List<Way> onward() {
        return ways.subList(1, ways.size());
    }
}
