package unbo.core.proof;

import java.util.List;

import unbo.core.runout.RunoutInput;
import unbo.core.setting.EndPlayBand;

/**
 * What was measured on a finished hub. Readings of the indicator in mm, hub temperatures in °C, null where not measured.
 *
 * @param push   one reading for each push, in the order of {@code pull}
 * @param runout a turn of readings on the finished hub; null when none was taken
 */
public record ProofInput(List<Double> push, List<Double> pull, EndPlayBand band, Double hubC, Double twinC, Double runKm,
                         boolean splitPin, String initials, RunoutInput runout) {

    public ProofInput {
        push = List.copyOf(push);
        pull = List.copyOf(pull);
    }
}
