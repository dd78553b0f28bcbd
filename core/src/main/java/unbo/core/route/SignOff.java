package unbo.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;

/**
 * Whether a job may be signed: every station done or skipped with a word (Prove is never skipped), no proof missing, no
 * finding at the level of "stop" open.
 *
 * @param reasons why not, one sentence each; empty when it may be signed
 */
public record SignOff(List<String> reasons) {

    /** What one station stands at when somebody wants to sign. */
    public record Station(boolean done, boolean skipped, boolean complete, List<Finding> findings) {
    }

    public boolean allowed() {
        return reasons.isEmpty();
    }

    /**
     * Judges the stations; one that is not in the map was never opened. What the stations that judge the old part found to stop for is settled by Prove.
     *
     * @param hubWork false when Diagnose found nothing to do at a hub: then Prove may be skipped like any other
     */
    public static SignOff of(Map<RouteStage, Station> stations, boolean hubWork) {
        List<String> reasons = new ArrayList<>();
        boolean proved = stations.containsKey(RouteStage.PROVE) && stations.get(RouteStage.PROVE).done();
        for (RouteStage stage : RouteStage.route()) {
            Station at = stations.get(stage);
            if (at == null && stage.optional()) {
                continue;
            }
            boolean needed = stage == RouteStage.PROVE && hubWork;
            if (at == null || !at.done() && !(at.skipped() && !needed)) {
                reasons.add(stage.title() + " is not done" + (needed ? "." : ", nor skipped with a word why."));
                continue;
            }
            if (at.done() && !at.complete()) {
                reasons.add(stage.title() + ": a required proof is missing (the page names it).");
            }
            for (Finding finding : at.findings()) {
                if (finding.level() == Level.STOP && !(stage.judgesTheOld() && proved)) {
                    reasons.add(stage.title() + ": " + finding.sentence());
                }
            }
        }
        return new SignOff(List.copyOf(reasons));
    }
}
