package unbo.core.fit;

/** How much larger the inner part is than the outer part at the seat, µm; negative is a gap. */
public record Interference(double minUm, double meanUm, double maxUm) {

    private static final double GROUND_MM = 2;
    private static final double TURNED_MM = 3;

    public Interference {
        if (!(minUm <= meanUm) || !(meanUm <= maxUm)) {
            throw new IllegalArgumentException("interference of " + minUm + ", " + meanUm + ", " + maxUm + " µm");
        }
    }

    /** Of two bands, the part inside and the part around it. */
    public static Interference of(Band inside, Band around) {
        return new Interference(
                inside.lowerUm() - around.upperUm(),
                inside.meanUm() - around.meanUm(),
                inside.upperUm() - around.lowerUm());
    }

    /** What ground surfaces keep of it on the diameter {@code mm}: d/(d + 2) of an interference, all of a gap. */
    public Interference ground(double mm) {
        return kept(mm / (mm + GROUND_MM));
    }

    /**
     * What turned, rough surfaces keep of it on the diameter {@code mm}: d/(d + 3) of an interference, all of a gap.
     */
    public Interference rough(double mm) {
        return kept(mm / (mm + TURNED_MM));
    }

    /** Mean of the part of the band that interferes, µm; 0 where none does. */
    public double grippingMeanUm() {
        return maxUm <= 0 ? 0 : (Math.max(0, minUm) + maxUm) / 2;
    }

    private Interference kept(double share) {
        return new Interference(effective(minUm, share), effective(meanUm, share), effective(maxUm, share));
    }

    private static double effective(double um, double share) {
        return um > 0 ? um * share : um;
    }
}
