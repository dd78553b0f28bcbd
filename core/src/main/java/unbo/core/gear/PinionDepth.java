package unbo.core.gear;

import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.stack.ShimChoice;
import unbo.core.stack.StackInput;

/**
 * The shim that puts a pinion at its mounting distance: what is left between the case and the pinion's back, the head
 * bearing at its set-up height between them. Sum along the pinion's axis from the axis of the gear.
 *
 * @param wantedMm distance from the gear's axis to the pinion's back: the book's, and what is etched on the pinion
 * @param caseMm distance from the gear's axis to the seat of the head bearing
 * @param shimMm under the head bearing's cone or cup, the same either way; under zero where the pinion stands too far
 *     out with no shim at all
 * @param shims of the shelf that stand for it within {@link #CLOSE_MM}; null where none do
 */
public record PinionDepth(
        Input input,
        double wantedMm,
        double caseMm,
        double shimMm,
        @Nullable List<Double> shims) {

    /** A shim that is off by so much moves the pattern by less than anybody sees. */
    public static final double CLOSE_MM = 0.013;

    /**
     * What is known.
     *
     * @param mountingMm mounting distance of the book, from the gear's axis to the pinion's back
     * @param etchedMm what is etched on the pinion's head: + stands farther out
     * @param gauge how far the bearing's seat is from the gear's axis
     * @param bearingMm set-up height of the head bearing, back of the cup to back of the cone, pressed and turned
     * @param fittedMm shim that is in it now; null where none is
     */
    public record Input(
            double mountingMm,
            double etchedMm,
            Gauge gauge,
            double bearingMm,
            @Nullable Double fittedMm,
            List<StackInput.Shim> stock) {

        public Input {
            stock = List.copyOf(stock);
        }
    }

    /**
     * A disc or arbor in the place of the gear, a block upon the bearing's seat, a gap between them.
     *
     * @param radiusMm of the disc; the whole distance where it was measured at once
     * @param gapMm between disc and block
     * @param blockMm height of the block on the seat
     */
    public record Gauge(double radiusMm, double gapMm, double blockMm) {

        double distanceMm() {
            return radiusMm + gapMm + blockMm;
        }
    }

    public static PinionDepth of(Input in) {
        double wanted = in.mountingMm() + in.etchedMm();
        double at = in.gauge().distanceMm();
        double shim = at - wanted - in.bearingMm();
        return new PinionDepth(
                in,
                wanted,
                at,
                shim,
                shim < 0 || in.stock().isEmpty()
                        ? null
                        : ShimChoice.of(Math.max(0, shim - CLOSE_MM), shim + CLOSE_MM, in.stock()));
    }

    /** How much shim goes in, under zero comes out; null where nothing is known of what is in it. */
    public @Nullable Double changeMm() {
        return input.fittedMm() == null ? null : Double.valueOf(shimMm - input.fittedMm());
    }
}
