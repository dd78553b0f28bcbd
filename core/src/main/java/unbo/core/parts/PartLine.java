package unbo.core.parts;

import org.jspecify.annotations.Nullable;

import unbo.core.tools.parts.PartLineFields;

/**
 * One line of a parts list.
 *
 * @param kind code of {@link PartLineFields#KINDS}
 * @param what number, size or words, as ordered
 * @param place where it goes, for its label
 * @param count how many, or how much of the unit; over 0
 * @param unit pieces, g or ml
 * @param alwaysNew true for what is never used twice
 * @param progress how far it is, and what comes out for it
 */
public record PartLine(
        String kind,
        String what,
        String place,
        double count,
        String unit,
        boolean alwaysNew,
        Prices prices,
        Progress progress) {
    /**
     * Prices of both suppliers, and whose counts.
     *
     * @param priceA of one (of a whole tub or tube for g and ml); null where not typed
     * @param from whose price counts
     * @param priceB money a piece
     */
    public record Prices(@Nullable Double priceA, @Nullable Double priceB, From from) {}

    /** How far a part is. */
    public enum State {
        WANTED,
        ORDERED,
        HERE,
        FITTED
    }

    /**
     * How far a part is.
     *
     * @param old number of the one that comes out; empty where it was the same, or none was read
     */
    public record Progress(State state, String old) {

        /** A part that nobody has ordered yet. */
        public static final Progress NONE = new Progress(State.WANTED, "");
    }

    /** A part that nobody has ordered yet. */
    public PartLine(
            String kind, String what, String place, double count, String unit, boolean alwaysNew, Prices prices) {
        this(kind, what, place, count, unit, alwaysNew, prices, Progress.NONE);
    }

    public PartLine replacing(String old) {
        return new PartLine(kind, what, place, count, unit, alwaysNew, prices, new Progress(progress.state(), old));
    }

    /** Whom to buy from. */
    public enum From {
        CHEAPER,
        A,
        B
    }

    /** True for what is bought by the piece; grease and compound come in tubs, one price whatever the grams. */
    public boolean pieces() {
        return unit.equals("pieces");
    }

    public @Nullable Double costA() {
        return cost(priceA());
    }

    public @Nullable Double costB() {
        return cost(priceB());
    }

    private @Nullable Double cost(@Nullable Double price) {
        return price == null ? null : pieces() ? price * count : price;
    }

    /** The supplier that counts: A or B; null while nobody's price is known. */
    public @Nullable From supplier() {
        if (from() == From.A && priceA() != null || from() == From.B && priceB() != null) {
            return from();
        }
        if (priceA() == null && priceB() == null) {
            return null;
        }
        return priceB() == null || priceA() != null && priceA() <= priceB() ? From.A : From.B;
    }

    /** What it costs from the supplier that counts; null while no price is known. */
    public @Nullable Double cost() {
        From supplier = supplier();
        return supplier == null ? null : supplier == From.A ? costA() : costB();
    }

    public @Nullable Double priceA() {
        return prices.priceA();
    }

    public @Nullable Double priceB() {
        return prices.priceB();
    }

    public From from() {
        return prices.from();
    }
}
