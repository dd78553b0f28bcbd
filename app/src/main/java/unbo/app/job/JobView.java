package unbo.app.job;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.core.answer.Answer;
import unbo.core.arrange.ShaftSection;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Level;
import unbo.core.hub.HubSection;
import unbo.core.route.RouteStage;
import unbo.core.route.SignOff;
import unbo.core.service.Causes;
import unbo.core.sheet.FactKey;
import unbo.core.sheet.Sheet;
import unbo.core.vehicle.Place;

/**
 * A job as its pages need it.
 *
 * @param hubWork false when Diagnose found a cause at which no hub is opened
 * @param reads   the sheet that a stage of this job reads: everything but what the stage itself gave
 */
public record JobView(Job job, Position position, Vehicle vehicle, List<Station> stations, Sheet sheet, SignOff signOff, boolean hubWork, Function<RouteStage, Sheet> reads) {

    /** What is drawn of the position by these facts: a wheel's hub, or the shaft in its bearings; null where nothing is known to draw. */
    public Drawing section(Sheet facts) {
        return position.wheel() || position.code().equals(Place.UNKNOWN) ? HubSection.of(facts) : ShaftSection.of(facts).orElse(null);
    }

    /**
     * One station of the route.
     *
     * @param state       OPEN, DRAFT, DONE, SKIPPED or UNUSED
     * @param recalculate true when a fact it used has changed since
     * @param answer      what it last showed; null when it never did
     */
    public record Station(RouteStage stage, String state, boolean complete, boolean recalculate, Level level, int version,
                          Instant savedAt, Map<String, String> texts, Answer answer, String skipped) {

        private String soon() {
            return stage == RouteStage.SET || stage == RouteStage.PROVE ? "set again" : "soon";
        }

        /** The state in a word, for the rail. */
        public String word() {
            if (recalculate) {
                return "recalculate";
            }
            return switch (state) {
                case "DONE" -> stage == RouteStage.STRIP || stage == RouteStage.INSPECT ? complete ? "done" : "incomplete" : level == Level.STOP ? "stop" : level == Level.SOON ? soon() : !complete ? "incomplete" : "done";
                case "DRAFT" -> "draft";
                case "SKIPPED" -> "skipped";
                case "UNUSED" -> "not used";
                default -> "open";
            };
        }

        /** True when nothing is left to do here. */
        boolean settled() {
            return !recalculate && (state.equals("SKIPPED") || state.equals("DONE") && complete && (level != Level.STOP || stage.judgesTheOld()));
        }
    }

    public Station station(RouteStage stage) {
        return stations.stream().filter(s -> s.stage() == stage).findFirst().orElseThrow();
    }

    /** The sheet that a stage reads. */
    public Sheet sheetFor(RouteStage stage) {
        return reads.apply(stage);
    }

    /** What the job knows, as it is listed. */
    public List<FactLine> facts() {
        return sheet.all().stream().filter(f -> !f.shown().isEmpty()).map(FactLine::of).toList();
    }

    /** What it turned out to be, in words; empty until Log is kept. */
    public String cause() {
        String code = sheet.text(FactKey.CAUSE);
        return code.isEmpty() ? "" : Causes.label(code);
    }

    /** What Diagnose settled on, in words; empty until it has. */
    public String verdict() {
        return sheet.text(FactKey.VERDICT);
    }

    /** What to do next, in a few words. */
    public String next() {
        return next(job.state(), job.waitingFor(), rail(stations));
    }

    static String next(JobState state, String waitingFor, Rail rail) {
        return state == JobState.WAITING ? "waiting for " + waitingFor : rail.nextWords();
    }

    static Rail rail(List<Station> stations) {
        return new Rail(stations.stream().filter(s -> s.stage().used()).map(s -> new Rail.Station(s.stage(), s.word(), s.settled() || passed(s, stations))).toList());
    }

    /** True for an optional station that nobody opened, when the work went on after it. */
    private static boolean passed(Station station, List<Station> stations) {
        return station.stage().optional() && station.state().equals("OPEN")
                && stations.stream().anyMatch(s -> s.stage().ordinal() > station.stage().ordinal() && !s.state().equals("OPEN") && s.stage().used());
    }

    /** The station that comes next; Log when all are done. */
    public RouteStage nextStage() {
        for (Station station : stations) {
            if (station.stage().used() && !passed(station, stations) && !station.state().equals("DONE") && !station.state().equals("SKIPPED")) {
                return station.stage();
            }
        }
        return RouteStage.LOG;
    }
}
