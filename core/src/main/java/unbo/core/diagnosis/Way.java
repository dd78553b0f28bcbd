package unbo.core.diagnosis;

import java.util.List;

/**
 * How a check is done on a kind of vehicle.
 *
 * @param positions where it can be done; empty for a check of the whole vehicle
 * @param minutes it takes, at one position
 * @param hazard 0 none, 1 care, 2 a caution to be read out
 * @param tools empty when none
 * @param caution what could hurt, and what to do against it; empty when nothing
 */
public record Way(
        Check check,
        List<String> positions,
        double minutes,
        Where where,
        int hazard,
        String tools,
        String how,
        String caution) {

    /** Where a check is done. */
    public enum Where {
        STANDING("standing"),
        LIFTED("lifted and supported"),
        ROAD("on the road");

        private final String words;

        Where(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public boolean lifted() {
        return where == Where.LIFTED;
    }

    public boolean road() {
        return where == Where.ROAD;
    }
}
