package unbo.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

/**
 * Something that is done after the vehicle was handed over.
 *
 * @param code stable, one of each for a job
 * @param words what is done
 * @param fromKm distance after which it is done, least
 * @param toKm most
 */
public record FollowUp(String code, String words, double fromKm, double toKm) {

    private static final double USUAL_DAYS = 14;
    private static final double MOST_DAYS = 60;
    private static final double FEWEST_DAYS = 2;
    private static final double DAYS_A_YEAR = 365.25;
    private static final FollowUp NUTS = new FollowUp("wheel-nuts", "Wheel nuts star-wise to torque again", 50, 100);
    private static final FollowUp WARMTH = new FollowUp(
            ProofItem.WARMTH, "Hub felt for heat, measured against its twin or its own earlier reading", 10, 100);

    /** One by its code; empty for any other text. */
    public static Optional<FollowUp> find(String code) {
        return Stream.of(NUTS, WARMTH)
                .filter(followUp -> followUp.code.equals(code))
                .findFirst();
    }

    /**
     * Days after which it falls due: when the vehicle will have run the distance. @param kmAYear null where it is not
     * known: two weeks then
     */
    public long days(Double kmAYear) {
        double days = kmAYear == null || kmAYear <= 0 ? USUAL_DAYS : toKm / kmAYear * DAYS_A_YEAR;
        return Math.round(Math.max(FEWEST_DAYS, Math.min(MOST_DAYS, days)));
    }

    /** What a proof leaves to be done. */
    static List<FollowUp> of(ProofInput in, @Nullable HubHeat heat) {
        List<FollowUp> left = new ArrayList<>();
        if (in.kind().nutsAgain()) {
            left.add(NUTS);
        }
        boolean asked = ProofItem.of(in.kind()).stream()
                .anyMatch(item -> item.code().equals(ProofItem.WARMTH)
                        && in.answer(item)
                                .map(answer -> answer.outcome() == ProofAnswer.Outcome.LATER)
                                .orElse(true));
        if (asked && heat == null) {
            left.add(WARMTH);
        }
        return List.copyOf(left);
    }
}
