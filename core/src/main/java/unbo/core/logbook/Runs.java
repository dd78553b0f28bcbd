package unbo.core.logbook;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The runs of the bearings of one position, read off its signed jobs. */
public final class Runs {

    private Runs() {}

    /**
     * Runs in the order in which they began. A bearing that is first seen by a job that leaves it in is at risk from
     * that day on; one that is first seen coming out has no run, since nobody knows where it began.
     */
    public static List<Run> of(List<SignedJob> jobs) {
        Map<String, Run> running = new LinkedHashMap<>();
        Map<String, Run.Point> seen = new LinkedHashMap<>();
        List<Run> ended = new ArrayList<>();
        jobs.stream()
                .sorted(Comparator.comparing(SignedJob::day).thenComparing(SignedJob::id))
                .forEach(job -> read(job, running, seen, ended));
        ended.addAll(running.values());
        ended.sort(Comparator.comparing((Run run) -> run.from().day()).thenComparing(Run::place));
        return ended;
    }

    private static void read(SignedJob job, Map<String, Run> running, Map<String, Run.Point> seen, List<Run> ended) {
        Run.Point here = new Run.Point(job.id(), job.day(), job.counter());
        job.numbers().forEach((place, number) -> {
            boolean renewed = job.renewed().contains(place);
            Run before = running.get(place);
            if (renewed && before != null) {
                Run.Ended how = job.ended(place);
                ended.add(new Run(
                        place,
                        before.number(),
                        before.from(),
                        before.fitted(),
                        here,
                        how,
                        how == Run.Ended.FOUND ? seen.get(place) : null));
            }
            if (renewed || before == null) {
                running.put(place, new Run(place, number, here, renewed, null, Run.Ended.RUNNING, null));
            }
            seen.put(place, here);
        });
    }
}
