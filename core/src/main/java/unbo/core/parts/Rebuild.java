package unbo.core.parts;

import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.decide.Option;
import unbo.core.decide.Pert;
import unbo.core.decide.RunOrReplace;
import unbo.core.input.Field;
import unbo.core.measure.Quantity;

/**
 * New bearings in the old part, or the whole assembly: cost of parts and minutes against the assembly's price and its
 * minutes. Three things must be looked at first; one of them gone, and new bearings in it are wasted.
 *
 * @param rebuildCost parts and work
 * @param assemblyCost the assembly and the work to fit it
 * @param decision both over the years ahead; null where only what is paid now is compared
 */
public record Rebuild(
        Input input,
        double rebuildCost,
        double assemblyCost,
        Choice choice,
        @Nullable RunOrReplace decision) {

    private static final String REBUILD = "rebuild";
    private static final int DRAWS = 10_000;

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
     * @param gates bush, housing and shaft, as each was found
     * @param ahead null where only what is paid now is compared
     */
    public record Input(
            double parts,
            double minutes,
            double hourly,
            double assembly,
            double assemblyMinutes,
            List<Gate> gates,
            @Nullable Ahead ahead) {

        public Input {
            gates = List.copyOf(gates);
        }
    }

    /**
     * What may still happen to each, over the years that the owner looks ahead.
     *
     * @param years looked ahead
     * @param perYear distance a year
     * @param rate of interest a year
     * @param by the distance that the chances are meant for
     * @param rebuiltFails chance of the rebuilt one to fail by then, 0 to 1
     * @param assemblyFails the same of the assembly
     * @param failureCost money
     */
    public record Ahead(
            double years,
            double perYear,
            double rate,
            double by,
            double rebuiltFails,
            double assemblyFails,
            double failureCost) {}

    public static Field minutes(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, 6000)
                .usually(5, 600)
                .must();
    }

    public static Rebuild of(Input in) {
        double rebuild = in.parts() + in.minutes() / 60 * in.hourly();
        double assembly = in.assembly() + in.assemblyMinutes() / 60 * in.hourly();
        RunOrReplace decision = in.ahead() == null ? null : decision(in, rebuild, assembly, in.ahead());
        boolean rebuilds = decision == null
                ? rebuild <= assembly
                : decision.best().option().name().equals(REBUILD);
        Choice choice = in.gates().contains(Gate.GONE)
                ? Choice.ASSEMBLY
                : in.gates().contains(Gate.UNSEEN) ? Choice.LOOK_FIRST : rebuilds ? Choice.REBUILD : Choice.ASSEMBLY;
        return new Rebuild(in, rebuild, assembly, choice, decision);
    }

    private static RunOrReplace decision(Input in, double rebuild, double assembly, Ahead ahead) {
        return RunOrReplace.of(new RunOrReplace.Input(
                ahead.years(),
                ahead.perYear(),
                ahead.rate(),
                List.of(
                        option(REBUILD, rebuild, ahead.rebuiltFails(), ahead),
                        option("assembly", assembly, ahead.assemblyFails(), ahead)),
                DRAWS,
                1));
    }

    private static Option option(String name, double now, double fails, Ahead ahead) {
        return new Option(
                name,
                new Option.Costs(now, 0, 0, ahead.failureCost()),
                new Option.Chance(new Pert(fails, fails, fails), ahead.by()),
                null,
                Option.Watch.NONE);
    }
}
