package unbo.core.parts;

import java.util.List;

import unbo.core.input.Field;
import unbo.core.measure.Quantity;

/**
 * New bearings in the old part, or the whole assembly: cost of parts and minutes against the assembly's price and its
 * minutes. Three things must be looked at first; one of them gone, and new bearings in it are wasted.
 *
 * @param rebuildCost parts and work
 * @param assemblyCost the assembly and the work to fit it
 */
public record Rebuild(Input input, double rebuildCost, double assemblyCost, Choice choice) {

    /** What to do. */
    public enum Choice {
        REBUILD,
        ASSEMBLY,
        LOOK_FIRST
    }

    /** A gate: how it was found. */
    public enum Gate {
        UNSEEN,
        SOUND,
        GONE
    }

    /**
     * @param hourly price of an hour's work
     * @param parts money
     * @param assembly money
     */
    public record Input(
            double parts,
            double minutes,
            double hourly,
            double assembly,
            double assemblyMinutes,
            Gate bush,
            Gate housing,
            Gate shaft) {

        public List<Gate> gates() {
            return List.of(bush, housing, shaft);
        }
    }

    public static Field minutes(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, 6000)
                .usually(5, 600)
                .must();
    }

    public static Rebuild of(Input in) {
        double rebuild = in.parts() + in.minutes() / 60 * in.hourly();
        double assembly = in.assembly() + in.assemblyMinutes() / 60 * in.hourly();
        Choice choice = in.gates().contains(Gate.GONE)
                ? Choice.ASSEMBLY
                : in.gates().contains(Gate.UNSEEN)
                        ? Choice.LOOK_FIRST
                        : rebuild <= assembly ? Choice.REBUILD : Choice.ASSEMBLY;
        return new Rebuild(in, rebuild, assembly, choice);
    }
}
