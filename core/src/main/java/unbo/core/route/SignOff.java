package unbo.core.route;

import java.util.ArrayList;
import java.util.List;

import unbo.core.stage.RouteStage;

/**
 * Whether a job may be signed: every station done or skipped with a word (Prove is never skipped while there is work at
 * a hub), none hanging on a fact that has changed, no needed proof missing, no finding at the level of "stop" open.
 *
 * @param reasons why not, one sentence each; empty when it may be signed
 */
public record SignOff(List<String> reasons) {

    public boolean allowed() {
        return reasons.isEmpty();
    }

    /**
     * Judges the stations, in the order of the route.
     *
     * @param hubWork false when Diagnose found nothing to do at a hub
     */
    public static SignOff of(List<Standing> stations, boolean hubWork) {
        boolean proved =
                stations.stream().anyMatch(s -> s.stage() == RouteStage.PROVE && s.state() == Standing.State.DONE);
        List<String> reasons = new ArrayList<>();
        stations.forEach(station -> reasons.addAll(station.bars(hubWork, proved)));
        return new SignOff(List.copyOf(reasons));
    }
}
