package unbo.core.runout;

import static java.util.Objects.requireNonNull;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * One turn of indicator readings, and a second turn after the disc was turned on its hub.
 *
 * @param readings mm, equally spaced, plunger pushed in positive; 8 to 48
 * @param limitMm most TIR
 * @param typed true when that limit was typed, from the vehicle's data
 * @param indexed readings of the second turn; empty when there was none
 * @param indexDeg by how much the disc was turned on the hub, counted as the marks are
 */
public record RunoutInput(
        List<Double> readings, Surface surface, double limitMm, boolean typed, List<Double> indexed, double indexDeg) {

    public RunoutInput {
        readings = List.copyOf(readings);
        indexed = List.copyOf(indexed);
    }

    /**
     * One turn, judged by the limit that was typed or else by the usual one. @param typedMm null where none was typed;
     * then the surface has a usual one
     */
    public static RunoutInput of(
            List<Double> readings, Surface surface, @Nullable Double typedMm, List<Double> indexed, double indexDeg) {
        return new RunoutInput(
                readings,
                surface,
                requireNonNull(typedMm == null ? surface.limitMm() : typedMm),
                typedMm != null,
                indexed,
                indexDeg);
    }
}
