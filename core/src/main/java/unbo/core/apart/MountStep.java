package unbo.core.apart;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.Joint;
import unbo.core.assembly.Part;

/**
 * One step of putting together.
 *
 * @param celsius of the part that is warmed; null where none is
 * @param renewed true where a new part goes in
 * @param torque true where it is tightened to the vehicle maker's figure
 */
public record MountStep(
        Part part,
        Joint joint,
        String method,
        String name,
        @Nullable Double celsius,
        double minutes,
        Ends ends,
        ApartStep.Words words) {
    /** What it ends with. */
    public record Ends(boolean renewed, boolean torque) {}
}
