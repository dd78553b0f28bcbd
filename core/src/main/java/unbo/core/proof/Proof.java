package unbo.core.proof;

import java.util.ArrayList;
import java.util.List;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.runout.Runout;
import unbo.core.runout.RunoutWords;

/**
 * The proofs of a finished hub and what is still missing before anybody signs.
 *
 * @param endPlay null until enough pairs are read
 * @param heat    null until both hubs are measured
 * @param runout  null when no turn was read; it is no required proof
 * @param missing required proofs that are not there, named
 */
public record Proof(ProofInput input, EndPlay endPlay, HubHeat heat, Runout runout, List<String> missing) {

    public static Proof of(ProofInput in) {
        EndPlay play = in.push().size() >= EndPlay.FEWEST && in.push().size() == in.pull().size()
                ? EndPlay.of(in.push(), in.pull(), in.band()) : null;
        HubHeat heat = in.hubC() != null && in.twinC() != null ? HubHeat.of(in.hubC(), in.twinC()) : null;
        List<String> missing = new ArrayList<>();
        if (play == null) {
            missing.add("end play by at least " + EndPlay.FEWEST + " push and pull pairs");
        }
        if (heat == null) {
            missing.add("hub temperature against its twin after a run");
        }
        if (!in.splitPin()) {
            missing.add("new split pin");
        }
        if (in.initials().isBlank()) {
            missing.add("initials");
        }
        return new Proof(in, play, heat, in.runout() == null ? null : Runout.of(in.runout()), List.copyOf(missing));
    }

    /** What was judged, the end play first. */
    public List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        if (endPlay != null) {
            findings.add(endPlay.finding());
        }
        if (heat != null) {
            findings.add(heat.finding());
        }
        if (runout != null) {
            findings.addAll(RunoutWords.findings(runout));
        }
        return findings;
    }

    /** True when nothing is missing and nothing says stop here. Open findings of other stages are the job's to add. */
    public boolean complete() {
        return missing.isEmpty() && findings().stream().noneMatch(f -> f.level() == Level.STOP);
    }
}
