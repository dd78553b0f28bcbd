package unbo.core.setting;

/**
 * The end play allowed on an adjusted tapered pair, in mm.
 *
 * @param minMm least, 0 to 0.5
 * @param maxMm most, above {@code minMm}, to 1
 */
public record EndPlayBand(double minMm, double maxMm) {

    /** A usual wheel hub without the vehicle maker's own figure: 0.025 to 0.125 mm (0.001 to 0.005 in). */
    public static final EndPlayBand WHEEL_HUB = new EndPlayBand(0.025, 0.125);

    public EndPlayBand {
        if (!(minMm >= 0 && maxMm > minMm && maxMm <= 1)) {
            throw new IllegalArgumentException("no end play band: " + minMm + " to " + maxMm);
        }
    }

    /** Both ends count as inside; a thousandth of a micrometre is forgiven. */
    public boolean holds(double endPlayMm) {
        return endPlayMm >= minMm - 1e-6 && endPlayMm <= maxMm + 1e-6;
    }

    public double middleMm() {
        return (minMm + maxMm) / 2;
    }

    public double widthMm() {
        return maxMm - minMm;
    }
}
