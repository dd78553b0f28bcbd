package unbo.core.fit;

/** Deviations from a nominal size, µm; lower to upper. */
public record Band(double lowerUm, double upperUm) {

    public Band {
        if (!(lowerUm <= upperUm)) {
            throw new IllegalArgumentException("a band from " + lowerUm + " to " + upperUm + " µm");
        }
    }

    public double meanUm() {
        return (lowerUm + upperUm) / 2;
    }
}
