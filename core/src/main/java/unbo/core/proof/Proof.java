package unbo.core.proof;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

import org.jspecify.annotations.Nullable;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.runout.RimRock;
import unbo.core.runout.Runout;

/**
 * The proofs of a finished position, by its kind of assembly, and what is still missing before anybody signs.
 *
 * @param endPlay null until enough pairs are read
 * @param estimate end play by rock at the rim; null where it was not rocked
 * @param heat null until it was measured after a run
 * @param runout null when no turn was read
 * @param missing needed proofs that are not there, named
 * @param later what is done after hand-over
 */
public record Proof(
        ProofInput input,
        @Nullable EndPlay endPlay,
        @Nullable RimRock estimate,
        @Nullable HubHeat heat,
        @Nullable Runout runout,
        List<String> missing,
        List<FollowUp> later) {

    public static Proof of(ProofInput in) {
        ProofInput.Play play = in.play();
        EndPlay endPlay = play.push().size() >= EndPlay.FEWEST
                        && play.push().size() == play.pull().size()
                ? EndPlay.of(play.push(), play.pull(), play.band(), in.kind())
                : null;
        RimRock estimate = play.rock() == null ? null : RimRock.of(play.rock());
        HubHeat heat = heat(in.warmth());
        Runout runout = in.runout() == null ? null : Runout.of(in.runout());
        return new Proof(
                in,
                endPlay,
                estimate,
                heat,
                runout,
                missing(in, endPlay != null || estimate != null, heat != null),
                FollowUp.of(in, heat));
    }

    private static @Nullable HubHeat heat(ProofInput.Warmth warmth) {
        if (warmth.hubC() == null) {
            return null;
        }
        if (warmth.twinC() != null) {
            return HubHeat.of(warmth.hubC(), warmth.twinC());
        }
        return warmth.earlierC() != null
                ? HubHeat.sinceBefore(warmth.hubC(), warmth.earlierC())
                : HubHeat.alone(warmth.hubC());
    }

    private static List<String> missing(ProofInput in, boolean play, boolean heat) {
        List<ProofItem> needed = ProofItem.of(in.kind()).stream()
                .filter(item -> item.need() == ProofItem.Need.YES)
                .toList();
        Set<String> missing = new LinkedHashSet<>();
        for (ProofItem item : needed) {
            List<ProofItem> instead = item.group().isEmpty()
                    ? List.of(item)
                    : needed.stream()
                            .filter(other -> other.group().equals(item.group()))
                            .toList();
            if (instead.stream().noneMatch(other -> settled(in, other, play, heat))) {
                missing.add(String.join(
                        " or ", instead.stream().map(other -> named(in, other)).toList()));
            }
        }
        if (in.initials().isBlank()) {
            missing.add("initials");
        }
        return List.copyOf(missing);
    }

    private static boolean settled(ProofInput in, ProofItem item, boolean play, boolean heat) {
        boolean read =
                item.code().equals(ProofItem.END_PLAY) && play || item.code().equals(ProofItem.WARMTH) && heat;
        return read || in.answer(item).map(ProofAnswer::settles).orElse(false);
    }

    private static String named(ProofInput in, ProofItem item) {
        String name = item.label().substring(0, 1).toLowerCase(java.util.Locale.ROOT)
                + item.label().substring(1)
                + (item.code().equals(ProofItem.END_PLAY)
                        ? " by at least " + EndPlay.FEWEST + " push and pull pairs, or by rock at the rim"
                        : "");
        return in.answer(item).map(answer -> name + " (" + answer.words() + ")").orElse(name);
    }

    /** What was judged, the end play first. */
    public List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        if (endPlay != null) {
            findings.add(endPlay.finding());
        } else if (estimate != null) {
            findings.add(estimate.finding());
        }
        if (heat != null) {
            findings.add(heat.finding());
        }
        if (runout != null) {
            findings.addAll(runout.findings());
        }
        input.answers().stream()
                .filter(answer -> !answer.item().measured())
                .map(Proof::finding)
                .forEach(findings::add);
        return findings;
    }

    private static Finding finding(ProofAnswer answer) {
        String sentence = answer.item().label() + ": " + answer.words() + ".";
        return new Finding(
                "proof-" + answer.item().code(),
                switch (answer.outcome()) {
                    case RIGHT -> Level.RIGHT;
                    case WRONG -> answer.item().level();
                    case NOT_HERE, NOT_DONE, LATER -> Level.OPEN;
                },
                sentence);
    }

    /** True when nothing is missing and nothing says stop here. Open findings of other stages are the job's to add. */
    public boolean complete() {
        return missing.isEmpty() && findings().stream().noneMatch(f -> f.level() == Level.STOP);
    }
}
