package unbo.core.fit;

/** How much larger the inner part is than the outer part at the seat, µm; negative is a gap. */
public record Interference(double minUm, double meanUm, double maxUm) {

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

    /**
     * What turned rough surfaces leave of it on the diameter {@code mm}: d/(d + 2) of an interference, all of a gap.
     */
    public Interference rough(double mm) {
        double share = mm / (mm + 2);
        return new Interference(effective(minUm, share), effective(meanUm, share), effective(maxUm, share));
    }

    private static double effective(double um, double share) {
        return um > 0 ? um * share : um;
    }
}
