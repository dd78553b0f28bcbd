package unbo.core.route;

import java.util.ArrayList;
import java.util.List;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.stage.RouteStage;

/**
 * Where one station of a job stands: the one rule by which rail, pages and sign-off tell it.
 *
 * @param complete false while a needed proof is missing
 * @param stale true when a fact its result hangs on has changed since
 * @param findings what was judged, of all its entries
 */
public record Standing(RouteStage stage, State state, boolean complete, boolean stale, List<Finding> findings) {

    /** How far a station is. */
    public enum State {
        OPEN,
        DRAFT,
        DONE,
        SKIPPED,
        /** The kind of assembly has no such station. */
        ABSENT
    }

    /** The word of a station that a kind of assembly does not have. */
    public static final String NONE_HERE = "none here";

    public Standing {
        findings = List.copyOf(findings);
    }

    /** A station that nobody opened. */
    public static Standing untouched(RouteStage stage) {
        return new Standing(stage, State.OPEN, false, false, List.of());
    }

    /** A station that this kind of assembly does not have. */
    public static Standing absent(RouteStage stage) {
        return new Standing(stage, State.ABSENT, true, false, List.of());
    }

    /** The worst of what was judged; not known where nothing was. */
    public Level level() {
        return Level.worst(findings.stream().map(Finding::level).toList());
    }

    /** The state in a word, for the rail. */
    public String word() {
        if (stale) {
            return "recalculate";
        }
        return switch (state) {
            case DONE -> done();
            case DRAFT -> "draft";
            case SKIPPED -> "skipped";
            case OPEN -> "open";
            case ABSENT -> NONE_HERE;
        };
    }

    private String done() {
        if (stops()) {
            return "stop";
        }
        if (level() == Level.SOON && !onTheOldPart()) {
            return stage == RouteStage.SET || stage == RouteStage.PROVE ? "set again" : "soon";
        }
        return complete ? "done" : "incomplete";
    }

    /**
     * True when what it found bars the work from being handed over; what the old part was scrapped for does not, the
     * new one is proved.
     */
    private boolean stops() {
        return level() == Level.STOP && !onTheOldPart();
    }

    private boolean onTheOldPart() {
        return stage == RouteStage.STRIP || stage == RouteStage.INSPECT;
    }

    /** True when nothing is left to do here before what follows. */
    public boolean settled() {
        return !stale
                && (state == State.ABSENT
                        || state == State.SKIPPED
                        || state == State.DONE && complete && (!stops() || stage.judgesTheOld()));
    }

    /**
     * Why a job may not be signed while this station stands so, one sentence each.
     *
     * @param hubWork false when Diagnose found nothing to do at a hub: then Prove may be skipped like any other
     * @param proved true when Prove is done: it settles what the old part was judged for
     */
    List<String> bars(boolean hubWork, boolean proved) {
        List<String> reasons = new ArrayList<>();
        boolean needed = stage == RouteStage.PROVE && hubWork;
        if (state == State.ABSENT || state == State.OPEN && stage.optional()) {
            return reasons;
        }
        if (state != State.DONE && (state != State.SKIPPED || needed)) {
            reasons.add(stage.title() + " is not done" + (needed ? "." : ", nor skipped with a word why."));
            return reasons;
        }
        if (stale) {
            reasons.add(stage.title() + " hangs on a fact that has changed since: look at it and keep it again.");
        }
        if (state == State.DONE && !complete) {
            reasons.add(stage.title()
                    + (stage == RouteStage.PROVE
                            ? ": a needed proof is missing (the page names it)."
                            : " is not whole yet: its page says what is missing."));
        }
        if (!(stage.judgesTheOld() && proved)) {
            findings.stream()
                    .filter(finding -> finding.level() == Level.STOP)
                    .forEach(finding -> reasons.add(stage.title() + ": " + finding.sentence()));
        }
        return reasons;
    }
}
