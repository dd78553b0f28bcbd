package unbo.core.apart;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.Joint;
import unbo.core.assembly.Part;

/**
 * One step of putting together.
 *
 * @param warm how warm a part is made; null where none is
 * @param renewed true where a new part goes in
 * @param torque true where it is tightened to the vehicle maker's figure
 */
public record MountStep(
        Part part,
        Joint joint,
        String method,
        String name,
        @Nullable Warm warm,
        double minutes,
        Ends ends,
        ApartStep.Words words) {
    /** What is warmed. @param celsius how warm it must be @param limitC it takes no more, °C */
    public record Warm(double celsius, double limitC) {}

    /** What it ends with. */
    public record Ends(boolean renewed, boolean torque) {}

    /** Of the part that is warmed, °C; null where none is. */
    public @Nullable Double celsius() {
        return warm == null ? null : Double.valueOf(warm.celsius());
    }
}
