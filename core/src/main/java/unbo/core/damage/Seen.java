package unbo.core.damage;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What is seen of a removed bearing beside its races: one of the looks of one part. Looks after ISO 15243 and textbooks
 * of failure analysis; the weights, in log odds, are this bench's own.
 *
 * @param scrap true for what may not go back
 * @param weights for the modes of damage that it speaks for
 */
public record Seen(Part part, String code, String label, boolean scrap, Map<String, Double> weights) {

    private static final List<Seen> ALL = read();

    /** What is looked at. */
    public enum Part {
        ROLLING("Balls or rollers"),
        CAGE("Cage"),
        SEAT("Bore or outside, where it sat"),
        LIP("Seal lip"),
        GREASE("Grease, colour and feel"),
        SMELL("Smell");

        private final String label;

        Part(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Name of the box that asks it, among those of a stage. */
        public String box() {
            return "seen" + name().charAt(0) + code().substring(1);
        }
    }

    /** Looks of a part, in the order in which they are offered. */
    public static List<Seen> of(Part part) {
        return ALL.stream().filter(seen -> seen.part == part).toList();
    }

    /** A look by its code; empty where it is none. */
    public static Optional<Seen> find(Part part, String code) {
        return of(part).stream().filter(seen -> seen.code.equals(code)).findFirst();
    }

    /** How much it speaks for a mode, log odds; nought where it says nothing. */
    public double speaks(String mode) {
        return weights.getOrDefault(mode, 0.0);
    }

    /** As a reason: the part and its look. */
    public String words() {
        return (part == Part.ROLLING ? "balls or rollers" : part.code()) + ": " + label;
    }

    private static List<Seen> read() {
        return Table.read(Seen.class, "seen.csv").stream().map(Seen::read).toList();
    }

    private static Seen read(TableRow row) {
        Map<String, Double> weights = new LinkedHashMap<>();
        for (String speaks : row.word("speaks").split(";\\s*")) {
            String[] one = speaks.strip().split(" ", 2);
            weights.put(
                    Mode.find(one[0])
                            .orElseThrow(() -> row.fault("speaks", "names no mode of damage: “" + one[0] + "”"))
                            .id(),
                    row.numeral("speaks", one.length > 1 ? one[1] : ""));
        }
        return new Seen(
                row.one("part", Part.class),
                row.word("code"),
                row.word("label"),
                row.yes("scrap"),
                Map.copyOf(weights));
    }
}
