package unbo.core.logbook;

import java.time.LocalDate;
import java.util.Map;
import java.util.Set;

import org.jspecify.annotations.Nullable;

/**
 * What a signed job tells about the bearings of its position.
 *
 * @param numbers of the bearings that are in it when it is signed, by place
 * @param renewed places whose bearing came out and a new one went in
 * @param failed true where what it turned out to be is the failure of a bearing or of its seal
 * @param damage modes read off the races, by place; places that were not looked at left out
 * @param counter of the vehicle that day; null where it was not read
 */
public record SignedJob(
        long id,
        LocalDate day,
        @Nullable Double counter,
        Map<String, String> numbers,
        Set<String> renewed,
        boolean failed,
        Map<String, Set<String>> damage) {

    private static final Set<String> SOUND = Set.of("normal");

    /**
     * How the run of a place ends that is renewed here: what its races say goes before what the job was for. Where
     * races tell which one failed, one beside it that was not looked at was renewed with it.
     */
    Run.Ended ended(String place) {
        if (hurt(place)) {
            return failed ? Run.Ended.FAILED : Run.Ended.FOUND;
        }
        boolean told = damage.containsKey(place) || damage.keySet().stream().anyMatch(this::hurt);
        return failed && !told ? Run.Ended.FAILED : Run.Ended.SOUND;
    }

    private boolean hurt(String place) {
        Set<String> read = damage.getOrDefault(place, SOUND);
        return !read.isEmpty() && !read.equals(SOUND);
    }
}
