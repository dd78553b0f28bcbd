package unbo.core.apart;

import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.Joint;
import unbo.core.assembly.Part;
import unbo.core.assembly.Side;
import unbo.core.fit.PressFit;

/**
 * One step of taking apart.
 *
 * @param along parts that come away by the same movement
 * @param exit the end that it leaves by
 * @param how the method, and where its force goes
 * @param celsius of the part that is warmed; null where none is
 * @param spoils codes of the parts that cannot be used again after it
 * @param missing codes of tools that it needs and that are not at hand
 */
public record ApartStep(
        Part part,
        Joint joint,
        List<Part> along,
        Side exit,
        How how,
        @Nullable Double celsius,
        List<String> spoils,
        List<String> missing) {
    /**
     * Its method.
     *
     * @param through tight-ring, elements or none
     * @param ring inner or outer; null where the force goes through none
     * @param force where it is known
     */
    public record How(
            String method,
            String name,
            String through,
            @Nullable String ring,
            PressFit.@Nullable Force force,
            Effort effort,
            Words words) {}

    /** Tools it needs, minutes of work, and its risk in the measure of a plan's cost. */
    public record Effort(List<String> tools, double minutes, double risk) {}

    /** What is done, and the caution before it. */
    public record Words(String says, String caution) {}

    public double minutes() {
        return how.effort().minutes();
    }

    /** Stable name: what comes off, and by which method. */
    public String code() {
        return part.code() + "-" + how.method();
    }

    /** What is measured before it moves. */
    public List<String> measureFirst() {
        return part.upkeep().measure();
    }

    /** True where its force crosses the rolling elements of a bearing. */
    public boolean crosses() {
        return how.through().equals("elements");
    }
}
