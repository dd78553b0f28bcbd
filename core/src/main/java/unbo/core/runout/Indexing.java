package unbo.core.runout;

/**
 * The disc's own runout parted from the hub's: the disc is turned by β on the hub and measured again; with the complex
 * first harmonics m0 and mβ, disc = (m0 − mβ)/(1 − e^{iβ}), hub = m0 − disc. Used before a hub is renewed for what is
 * the disc's fault. An error of the readings grows by 1/|1 − e^{iβ}|: half at 180°, twofold at 29°, where it is
 * refused.
 *
 * @param disc as it stood at the first turn
 * @param growth 1/|1 − e^{iβ}|
 */
public record Indexing(Harmonic disc, Harmonic hub, double growth) {

    /** Least |1 − e^{iβ}| that still parts them. */
    public static final double LEAST = 0.5;

    static Indexing of(Harmonic before, Harmonic after, double indexDeg) {
        double b = Math.toRadians(indexDeg);
        double re = 1 - Math.cos(b);
        double im = -Math.sin(b);
        double norm = re * re + im * im;
        double dx = x(before) - x(after);
        double dy = y(before) - y(after);
        double discX = (dx * re + dy * im) / norm;
        double discY = (dy * re - dx * im) / norm;
        return new Indexing(
                Harmonic.of(1, discX, discY),
                Harmonic.of(1, x(before) - discX, y(before) - discY),
                1 / Math.sqrt(norm));
    }

    /** How well a turn by so much parts them, 0 to 2. */
    public static double parts(double indexDeg) {
        return 2 * Math.abs(Math.sin(Math.toRadians(indexDeg) / 2));
    }

    private static double x(Harmonic h) {
        return h.amplitudeMm() * Math.cos(Math.toRadians(h.highSpotDeg()));
    }

    private static double y(Harmonic h) {
        return h.amplitudeMm() * Math.sin(Math.toRadians(h.highSpotDeg()));
    }
}
