package unbo.core.mount;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.Material;
import unbo.core.heat.HeatInput;
import unbo.core.heat.HeatPlan;

/**
 * How a bearing goes in: its fit, what heat or force that takes, and the steps in order, each with its number, its tool
 * and its caution; with what has to be measured now because it cannot be measured once it is closed.
 *
 * @param heat null where nothing has to be heated: a sliding fit, or a steel housing
 */
public record Mounting(Input input, Fit fit, @Nullable HeatPlan heat) {

    /** @param bothTight true where the other ring is pressed in as well @param way heat, press or what suits */
    public record Input(
            Bearing bearing,
            FitInput fit,
            boolean bothTight,
            @Nullable Double limitC,
            double ambientC,
            @Nullable Double chilledC,
            @Nullable Double massKg,
            String way) {}

    public static final double SEALED_C = 80;
    private static final double OPEN_C = 120;

    public static Mounting of(Input in) {
        Fit fit = Fit.of(in.fit());
        FitInput f = in.fit();
        double most = fit.interference().maxUm();
        boolean opens = f.inner() || f.material().perK() > Material.STEEL.perK();
        boolean asked = in.way().equals("heat") || in.chilledC() != null;
        if (most <= 0 || !opens && !asked || in.way().equals("press")) {
            return new Mounting(in, fit, null);
        }
        double limit = in.limitC() != null
                ? in.limitC()
                : !f.inner()
                        ? Math.min(OPEN_C, f.material().ovenC())
                        : in.bearing().mindsHeat() ? SEALED_C : OPEN_C;
        Material heated = f.inner() ? Material.STEEL : f.material();
        Material other = f.inner() ? f.material() : Material.STEEL;
        return new Mounting(
                in,
                fit,
                HeatPlan.of(new HeatInput(
                        !f.inner(),
                        new HeatInput.Ring(
                                f.boreMm(),
                                f.outsideMm(),
                                f.widthMm(),
                                in.massKg(),
                                in.bearing().ringAlone()),
                        new HeatInput.Hold(most, fit.interference().minUm(), null),
                        in.ambientC(),
                        new HeatInput.Parts(heated, other, in.chilledC() == null ? in.ambientC() : in.chilledC()),
                        limit,
                        in.bearing().mindsHeat(),
                        "none")));
    }

    /** True where heat alone, or with the chill that was typed, does it: comfortably, or at its limit. */
    public boolean byHeat() {
        return heat != null && (heat.withinLimit() || heat.slidesAtLimit());
    }
}
