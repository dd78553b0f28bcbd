package unbo.core.proof;

import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.AssemblyKind;
import unbo.core.runout.RimRock.Input;
import unbo.core.runout.RunoutInput;
import unbo.core.setting.EndPlayBand;

/**
 * What was measured and looked at on a finished position.
 *
 * @param kind whose proofs are asked
 * @param runout a turn of readings; null when none was taken
 * @param answers what was said of the proofs that are looked at
 */
public record ProofInput(
        AssemblyKind kind,
        Play play,
        Warmth warmth,
        @Nullable RunoutInput runout,
        List<ProofAnswer> answers,
        String initials) {

    /**
     * Readings of the end play, mm.
     *
     * @param push one reading for each push, in the order of {@code pull}
     * @param rock the wheel rocked at its rim; null where it was not
     */
    public record Play(
            List<Double> push,
            List<Double> pull,
            EndPlayBand band,
            @Nullable Input rock) {

        public Play {
            push = List.copyOf(push);
            pull = List.copyOf(pull);
        }
    }

    /**
     * Temperatures after a run, °C; null where not measured.
     *
     * @param twinC of the other side, measured alike
     * @param earlierC of this hub after an earlier run, where there is no other side
     * @param runKm distance of the run
     */
    public record Warmth(
            @Nullable Double hubC,
            @Nullable Double twinC,
            @Nullable Double earlierC,
            @Nullable Double runKm) {}

    public ProofInput {
        answers = List.copyOf(answers);
    }

    /** What was said of a proof; empty where nothing was. */
    public Optional<ProofAnswer> answer(ProofItem item) {
        return answers.stream().filter(answer -> answer.item().equals(item)).findFirst();
    }
}
