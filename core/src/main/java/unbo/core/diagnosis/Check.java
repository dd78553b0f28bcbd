package unbo.core.diagnosis;

import java.util.List;

/**
 * Something a mechanic looks, feels or listens for, with the results it can have.
 *
 * @param id stable name
 * @param question as asked
 * @param shortName as listed
 * @param group results of one group are not independent of each other
 * @param positioned true when it is done at one position, and its result tells about that position
 * @param picture name of its small drawing; empty when words do
 */
public record Check(
        String id,
        String question,
        String shortName,
        String group,
        boolean positioned,
        String picture,
        List<Result> results) {

    /** How a result is to be taken by itself. */
    public enum State {
        /** As it should be. */
        FINE,
        /** It tells something, and is neither good nor bad. */
        TOLD,
        /** Something is not as it should be. */
        FOUND
    }

    /**
     * One possible result.
     *
     * @param vehicles kinds of vehicle on whose pages it is offered; empty for all
     */
    public record Result(String code, String label, State state, List<String> vehicles) {

        /** True when a page about this kind of vehicle offers it. */
        public boolean offered(String vehicle) {
            return vehicles.isEmpty() || vehicles.contains(vehicle);
        }
    }

    public Check {
        results = List.copyOf(results);
    }

    /** Place of a result in the list; −1 when there is none of that code. */
    public int index(String result) {
        for (int i = 0; i < results.size(); i++) {
            if (results.get(i).code().equals(result)) {
                return i;
            }
        }
        return -1;
    }
}
