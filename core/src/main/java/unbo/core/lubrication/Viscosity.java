package unbo.core.lubrication;

/**
 * Base oil at its running temperature against what the bearing needs: ν by ASTM D341 from ν40 and ν100, ν1 by ISO 281
 * (45 000·n^−0.83·dm^−0.5 under 1000 rpm, 4500·n^−0.5·dm^−0.5 from there), κ = ν/ν1.
 *
 * @param nu at the temperature, mm²/s
 * @param nuRequired ν1, mm²/s
 */
public record Viscosity(Input input, double nu, double nuRequired, double kappa) {

    public static final double KELVIN = 273.15;
    public static final double SLOW_RPM = 1000;

    /**
     * @param nu40 at 40 °C, mm²/s
     * @param nu100 at 100 °C, mm²/s
     */
    public record Input(double nu40, double nu100, double celsius, double rpm, double pitchMm) {}

    public static Viscosity of(Input in) {
        double nu = at(in.nu40(), in.nu100(), in.celsius());
        double needed = required(in.rpm(), in.pitchMm());
        return new Viscosity(in, nu, needed, nu / needed);
    }

    /** ν at a temperature: log10 log10(ν + 0.7) is a straight line over log10 T. */
    public static double at(double nu40, double nu100, double celsius) {
        double x40 = Math.log10(40 + KELVIN);
        double x100 = Math.log10(100 + KELVIN);
        double y40 = Math.log10(Math.log10(nu40 + 0.7));
        double b = (y40 - Math.log10(Math.log10(nu100 + 0.7))) / (x100 - x40);
        return Math.pow(10, Math.pow(10, y40 - b * (Math.log10(celsius + KELVIN) - x40))) - 0.7;
    }

    /** ν1, mm²/s. */
    public static double required(double rpm, double pitchMm) {
        return rpm < SLOW_RPM ? 45_000 * Math.pow(rpm, -0.83) / Math.sqrt(pitchMm) : 4500 / Math.sqrt(rpm * pitchMm);
    }
}
