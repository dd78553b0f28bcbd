package unbo.core.seek;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import unbo.core.bearing.Bearing;

/**
 * One thing that may be meant by what was typed.
 *
 * @param title the answer in a line
 * @param score how sure that is what was meant, 0 to 1
 * @param says what is known of it already, a line each
 * @param leads where it is worked on; the first is its own place, the others are ways onward
 * @param bearing to be drawn; empty where it is none
 */
public record Meaning(
        Kind kind, String title, double score, List<String> says, List<Lead> leads, Optional<Bearing> bearing) {

    /** What sort of thing it is. */
    public enum Kind {
        BEARING("bearing"),
        TAPER_PAIR("cone and cup"),
        SIZES("sizes"),
        SEAL("seal"),
        QUANTITY("quantity"),
        TOOL("tool"),
        COMPLAINT("complaint"),
        JOB("job"),
        VEHICLE("vehicle"),
        POSITION("position");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Its code outside, such as {@code taper-pair}. */
        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * Where it goes on.
     *
     * @param words what is done there
     * @param page name of a tool, or of a page that is none
     * @param inputs what is typed there already, by the names of its boxes
     */
    public record Lead(String words, String page, Map<String, String> inputs) {
        public Lead {
            inputs = Map.copyOf(inputs);
        }
    }

    public Meaning {
        says = List.copyOf(says);
        leads = List.copyOf(leads);
        if (leads.isEmpty()) {
            throw new IllegalArgumentException("“" + title + "” leads nowhere");
        }
    }

    Meaning(Kind kind, String title, double score, List<String> says, List<Lead> leads) {
        this(kind, title, score, says, leads, Optional.empty());
    }

    Meaning scored(double other) {
        return new Meaning(kind, title, other, says, leads, bearing);
    }

    Meaning leading(List<Lead> others) {
        return new Meaning(kind, title, score, says, others, bearing);
    }
}
