package unbo.app.job;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
        Map<String, Station> said = new HashMap<>();
        for (String line : text.split("\n", -1)) {
            int code = line.indexOf(':');
            int word = line.lastIndexOf(':');
            if (code >= 0 && word > code) {
                RouteStage.of(line.substring(0, code))
                        .ifPresent(stage -> said.putIfAbsent(
                                stage.code(),
                                new Station(stage, line.substring(code + 1, word), line.endsWith(":settled"))));
            }
        }
        return new Rail(RouteStage.route().stream()
                .map(stage -> said.getOrDefault(
                        stage.code(), new Station(stage, "open", stage.optional() && !text.isBlank())))
                .toList());
    }

    public String text() {
        return stations.stream()
                .map(s -> s.stage.code() + ":" + s.word + ":" + (s.settled ? "settled" : "left"))
                .collect(Collectors.joining("\n"));
    }

    /** A tick for each station, as markup of a list's line: a list has many, and each is one word. */
    public String ticks() {
        return stations.stream()
                .map(Station::mark)
                .map(mark -> mark.isEmpty() ? "<i></i>" : "<i class=\"" + mark + "\"></i>")
                .collect(Collectors.joining());
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
