package unbo.app.job;

import java.util.List;
import java.util.Optional;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.input.UnitSystem;

/**
 * A job as it is printed. Made anew of a job that is under way; kept as it stood of one that is closed, so that nothing
 * that changes later changes what it says.
 *
 * @param units system in which its figures are printed
 * @param cause what it turned out to be, in words; empty until Log is kept
 * @param section null where nothing is known to draw
 * @param stations those of the route, in order
 */
@JsonIgnoreProperties(ignoreUnknown = true)
public record Paper(
        int v,
        UnitSystem units,
        Head head,
        String cause,
        Drawing section,
        List<FactLine> facts,
        List<Station> stations) {

    static final int VERSION = 1;

    /** Whose work it was and where. @param kind of vehicle */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record Head(String workshop, String vehicle, String mark, String kind, String position, String complaint) {}

    /**
     * One station.
     *
     * @param word where it stands, for the rail
     * @param skipped why it was skipped; empty when it was not
     * @param heeds what an earlier stage found that this one must heed
     */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record Station(
            String code, String title, String word, String skipped, List<Entry> entries, List<String> heeds) {

        public Station {
            entries = entries == null ? List.of() : List.copyOf(entries);
            heeds = heeds == null ? List.of() : List.copyOf(heeds);
        }

        /** True where it has something to print. */
        public boolean said() {
            return !skipped.isEmpty() || entries.stream().anyMatch(entry -> entry.answer() != null);
        }
    }

    /**
     * One entry of a station.
     *
     * @param of what it is about; empty where a station has but one
     * @param answer null where nothing was computed
     * @param typed what was typed, in words
     * @param steps of its procedure
     * @param sides what was taken where practitioners disagree, by the question
     */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record Entry(String of, Answer answer, List<Line> typed, List<StepLine> steps, List<Line> sides) {

        Entry(String of, Answer answer, List<Line> typed, List<StepLine> steps) {
            this(of, answer, typed, steps, List.of());
        }

        public Entry {
            sides = sides == null ? List.of() : List.copyOf(sides);
            typed = typed == null ? List.of() : List.copyOf(typed);
            steps = steps == null ? List.of() : List.copyOf(steps);
        }
    }

    /** One text that was typed. @param echo how it was read, in its other unit; empty where the text says it all */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record Line(String label, String text, String echo) {

        public Line {
            echo = echo == null ? "" : echo;
        }
    }

    /** One step of a procedure. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record StepLine(String text, String caution, boolean ticked) {}

    public Paper {
        facts = facts == null ? List.of() : List.copyOf(facts);
        stations = stations == null ? List.of() : List.copyOf(stations);
    }

    /** A station by its code; empty where this job knew none such. */
    public Optional<Station> station(String code) {
        return stations.stream().filter(station -> station.code().equals(code)).findFirst();
    }
}
