package unbo.core.proof;

import java.util.ArrayList;
import java.util.List;

/**
 * Something that is done after the vehicle was handed over.
 *
 * @param code   stable, one of each for a job
 * @param words  what is done
 * @param fromKm distance after which it is done, least
 * @param toKm   most
 */
public record FollowUp(String code, String words, double fromKm, double toKm) {

    private static final FollowUp NUTS = new FollowUp("wheel-nuts", "Wheel nuts star-wise to torque again", 50, 100);
    private static final FollowUp WARMTH = new FollowUp(ProofItem.WARMTH, "Hub felt for heat, measured against its twin or its own earlier reading", 10, 100);

    /** What a proof leaves to be done. */
    static List<FollowUp> of(ProofInput in, HubHeat heat) {
        List<FollowUp> left = new ArrayList<>();
        if (in.kind().nutsAgain()) {
            left.add(NUTS);
        }
        boolean asked = ProofItem.of(in.kind()).stream().anyMatch(item -> item.code().equals(ProofItem.WARMTH)
                && in.answer(item).map(answer -> answer.outcome() == ProofAnswer.Outcome.LATER).orElse(true));
        if (asked && heat == null) {
            left.add(WARMTH);
        }
        return List.copyOf(left);
    }
}
