package unbo.app.job;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.core.answer.Answer;
import unbo.core.bearing.BearingBook;
import unbo.core.drawing.Drawing;
import unbo.core.fact.FactKey;
import unbo.core.input.Typed;
import unbo.core.route.SignOff;
import unbo.core.route.Standing;
import unbo.core.service.Causes;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.section.JobSection;
import unbo.core.vehicle.Place;

/**
 * A job as its pages need it. What hangs on its stages is read from them when somebody asks, for a closed job prints
 * its paper.
 */
public final class JobView {

    private final Job job;
    private final OpenedJob opened;
    private List<Station> stations;
    private Sheet sheet;

    JobView(Job job, OpenedJob opened) {
        this.job = job;
        this.opened = opened;
    }

    public Job job() {
        return job;
    }

    public Position position() {
        return job.position();
    }

    /** Number of the visit that it belongs to. */
    public long visit() {
        return job.visit().id();
    }

    public Vehicle vehicle() {
        return position().vehicle();
    }

    public List<Station> stations() {
        if (stations == null) {
            stations = opened.stations();
        }
        return stations;
    }

    /** Everything that the job knows. */
    public Sheet sheet() {
        if (sheet == null) {
            sheet = opened.sheet();
        }
        return sheet;
    }

    public SignOff signOff() {
        return SignOff.of(stations().stream().map(Station::standing).toList(), hubWork());
    }

    /** True where nothing bars signing, whatever there is at one station. */
    public boolean signableBut(RouteStage stage) {
        return SignOff.of(
                        stations().stream()
                                .filter(station -> station.stage() != stage)
                                .map(Station::standing)
                                .toList(),
                        hubWork())
                .allowed();
    }

    /** False when Diagnose found a cause at which no hub is opened. */
    public boolean hubWork() {
        return opened.hubWork();
    }

    /** What is drawn of the position by these facts. */
    public Drawing section(Sheet facts, BearingBook book) {
        return JobSection.of(facts, book);
    }

    /**
     * One station of the route.
     *
     * @param entries what it keeps, the last kept at the end
     * @param skipped why it was skipped; empty when it was not
     * @param changed entries that hang on a fact which has changed since
     */
    public record Station(
            Standing standing,
            int version,
            Instant savedAt,
            List<StageEntry> entries,
            String skipped,
            List<StageEntry> changed) {

        public RouteStage stage() {
            return standing.stage();
        }

        /** OPEN, DRAFT, DONE, SKIPPED or ABSENT. */
        public String state() {
            return standing.state().name();
        }

        /** The state in a word, for the rail. */
        public String word() {
            return standing.word();
        }

        public boolean complete() {
            return standing.complete();
        }

        /** True when a fact it used has changed since. */
        public boolean recalculate() {
            return standing.stale();
        }

        /** What was typed last. */
        public Typed typed() {
            return entries.isEmpty()
                    ? Typed.NOTHING
                    : entries.get(entries.size() - 1).typed();
        }

        public Map<String, String> texts() {
            return typed().texts();
        }

        /** What it last showed; null when it never did. */
        public Answer answer() {
            return entries.isEmpty() ? null : entries.get(entries.size() - 1).answer();
        }

        /** The first entry that is filled in and not kept; empty where none is. */
        Optional<StageEntry> waiting() {
            return entries.stream().filter(StageEntry::draft).findFirst();
        }

        /** The entry of a code; the last kept for none, or one that is not there. */
        Optional<StageEntry> entry(String of) {
            Optional<StageEntry> named =
                    entries.stream().filter(entry -> entry.of().equals(of)).findFirst();
            return named.isPresent() || entries.isEmpty() ? named : Optional.of(entries.get(entries.size() - 1));
        }
    }

    /** The position it was moved from last, in words; empty where it never was. */
    public String movedFrom() {
        return Place.of(vehicle().kind(), job.movedFrom()).map(Place::label).orElse("");
    }

    public Station station(RouteStage stage) {
        return stations().stream().filter(s -> s.stage() == stage).findFirst().orElseThrow();
    }

    /** The sheet that a stage reads: everything but what the stage itself gave. */
    public Sheet sheetFor(RouteStage stage) {
        return opened.sheetBut(stage);
    }

    /** What the job knows, as it is listed. */
    public List<FactLine> facts() {
        return sheet().all().stream()
                .map(fact -> FactLine.of(fact, sheet()))
                .filter(line -> !line.shown().isEmpty())
                .toList();
    }

    /** What it turned out to be, in words; empty until Log is kept. */
    public String cause() {
        String code = sheet().text(FactKey.CAUSE);
        return code.isEmpty() ? "" : Causes.label(code);
    }

    /** What Diagnose settled on, in words; empty until it has. */
    public String verdict() {
        return sheet().text(FactKey.VERDICT);
    }

    /** What to do next, in a few words. */
    public String next() {
        return next(job.state(), job.waitingFor(), rail(stations()));
    }

    static String next(JobState state, String waitingFor, Rail rail) {
        return state == JobState.WAITING ? "waiting for " + waitingFor : rail.nextWords();
    }

    static Rail rail(List<Station> stations) {
        return new Rail(stations.stream()
                .map(s -> new Rail.Station(s.stage(), s.word(), s.standing().settled() || passed(s, stations)))
                .toList());
    }

    /** Where its stations stand: of a closed job, as they stood when it was closed. */
    public Rail rail() {
        return job.state().frozen() ? job.rail() : rail(stations());
    }

    /** True for an optional station that nobody opened, when the work went on after it. */
    private static boolean passed(Station station, List<Station> stations) {
        return station.stage().optional()
                && station.state().equals("OPEN")
                && stations.stream()
                        .anyMatch(s -> s.stage().ordinal() > station.stage().ordinal()
                                && !s.state().equals("OPEN")
                                && !s.state().equals("ABSENT"));
    }

    /** The station after one, past those that its kind does not have; empty after the last. */
    public Optional<RouteStage> after(RouteStage stage) {
        return stations().stream()
                .dropWhile(station -> station.stage() != stage)
                .skip(1)
                .filter(station -> !station.state().equals("ABSENT"))
                .map(Station::stage)
                .findFirst();
    }

    /** The station before one, past those that its kind does not have; null before the first. */
    public RouteStage before(RouteStage stage) {
        return stations().stream()
                .takeWhile(station -> station.stage() != stage)
                .filter(station -> !station.state().equals("ABSENT"))
                .reduce((first, second) -> second)
                .map(Station::stage)
                .orElse(null);
    }

    /** Its title; empty after the last. */
    public String onTo(RouteStage stage) {
        return after(stage).map(RouteStage::title).orElse("");
    }

    /** The station that comes next; Log when all are done. */
    public RouteStage nextStage() {
        for (Station station : stations()) {
            if (!passed(station, stations())
                    && !station.state().equals("DONE")
                    && !station.state().equals("SKIPPED")
                    && !station.state().equals("ABSENT")) {
                return station.stage();
            }
        }
        return RouteStage.LOG;
    }
}
