package unbo.core.setting;

import java.util.function.DoubleUnaryOperator;

/**
 * The setting that a bearing ran with, read back from how far round its ring the load reached. With clearance the load
 * zone is shorter than half the ring, at none it is half of it, with preload longer. From the arc follows the share ε
 * of the ring's diameter that bears, from the load and the contact's stiffness how far the rings came together, and
 * from both the clearance: Pd = 2·δr·cos ψ. Load distribution after Harris, Rolling Bearing Analysis, chapter 7;
 * contacts of steel after Palmgren.
 *
 * @param clearanceMm diametral clearance while it ran, under zero where it was pressed
 * @param axialMm the same along the axis: Pd/(2·tan α); end play of this bearing alone
 * @param allRound true where the load reached all round: it was pressed by this much at least
 */
public record RanWith(double clearanceMm, double axialMm, boolean allRound) {

    /** What an arc read off a race by eye is good for, degrees. */
    public static final double READ_DEG = 15;
    /** Nearer to the whole ring than this it reached all round. */
    private static final double ALL_DEG = 350;

    private static final double LEAST_DEG = 20;

    private static final int STEPS = 400;
    private static final double LINE_POWER = 1 / 0.9;
    private static final double POINT_POWER = 1.5;
    private static final double LINE_MM = 7.68e-5;
    private static final double POINT_MM = 4.36e-4;

    /**
     * A bearing as it was loaded.
     *
     * @param rollers false for balls
     * @param elements how many
     * @param elementMm length of a roller, diameter of a ball
     * @param angleDeg contact angle of the load-carrying ring; half the cup angle of a taper
     * @param loadN radial
     */
    public record Loaded(boolean rollers, int elements, double elementMm, double angleDeg, double loadN) {

        private double power() {
            return rollers ? LINE_POWER : POINT_POWER;
        }

        /** How far the two rings come together at an element under a load, mm. */
        private double closes(double newton) {
            return rollers
                    ? LINE_MM * Math.pow(newton, 0.9) / Math.pow(elementMm, 0.8)
                    : POINT_MM * Math.pow(newton, 2.0 / 3) / Math.cbrt(elementMm);
        }
    }

    /** @param arcDeg how far round the ring that stands still the load reached, {@value #LEAST_DEG} to 360 degrees */
    public static RanWith of(Loaded bearing, double arcDeg) {
        double arc = Math.max(LEAST_DEG, Math.min(ALL_DEG, arcDeg));
        double half = Math.toRadians(arc / 2);
        double share = (1 - Math.cos(half)) / 2;
        double angle = Math.toRadians(bearing.angleDeg());
        double most = bearing.loadN() / (bearing.elements() * Math.cos(angle) * integral(half, share, bearing.power()));
        double together = bearing.closes(most) / (2 * share) / Math.cos(angle);
        double clearance = 2 * together * Math.cos(half);
        return new RanWith(clearance, clearance / (2 * Math.tan(angle)), arcDeg >= ALL_DEG);
    }

    /** The radial load integral Jr(ε) of Sjövall: at ε = 0.5 it is 0.2288 for balls and 0.2453 for rollers. */
    static double integral(double half, double share, double power) {
        DoubleUnaryOperator load =
                psi -> Math.pow(Math.max(0, 1 - (1 - Math.cos(psi)) / (2 * share)), power) * Math.cos(psi);
        double step = half / STEPS;
        double sum = 0;
        for (int i = 0; i < STEPS; i++) {
            sum += load.applyAsDouble((i + 0.5) * step) * step;
        }
        return sum / Math.PI;
    }
}
