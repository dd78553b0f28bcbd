package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

import unbo.core.route.Standing;
import unbo.core.stage.RouteStage;

/** Where the stations of a job stand, in one short text that the board reads without opening the stages. */
public record Rail(List<Station> stations) {

    /**
     * One station.
     *
     * @param word where it stands: open, draft, done, incomplete, recalculate, skipped, soon, set again, stop or none
     *     here
     * @param settled true when nothing is left to do at it
     */
    public record Station(RouteStage stage, String word, boolean settled) {

        /** The mark by which a list shows it. */
        public String mark() {
            return word.equals("open")
                    ? ""
                    : !settled
                            ? "half"
                            : word.equals("skipped") || word.equals(Standing.NONE_HERE) ? "skipped" : "done";
        }
    }

    public Rail {
        stations = List.copyOf(stations);
    }

    /**
     * Reads what {@link #text} wrote; stations that it does not name are open, an optional one before those it names
     * was passed.
     */
    public static Rail read(String text) {
        List<Station> stations = new ArrayList<>();
        for (RouteStage stage : RouteStage.route()) {
            String word = text.lines()
                    .map(line -> line.split(":", 3))
                    .filter(parts -> parts.length == 3 && parts[0].equals(stage.code()))
                    .map(parts -> parts[1] + ":" + parts[2])
                    .findFirst()
                    .orElse(stage.optional() && !text.isBlank() ? "open:settled" : "open:left");
            stations.add(new Station(stage, word.substring(0, word.lastIndexOf(':')), word.endsWith(":settled")));
        }
        return new Rail(stations);
    }

    public String text() {
        return stations.stream()
                .map(s -> s.stage.code() + ":" + s.word + ":" + (s.settled ? "settled" : "left"))
                .collect(Collectors.joining("\n"));
    }

    /** The first station at which something is left to do; empty when the job can be signed. */
    public Optional<Station> next() {
        return stations.stream().filter(s -> !s.settled).findFirst();
    }

    /** What to do next, in a few words. */
    public String nextWords() {
        return next().map(s -> s.stage.title() + (s.word.equals("open") ? "" : " · " + s.word))
                .orElse("ready to sign");
    }
}
