package unbo.core.identify;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.apache.commons.csv.CSVRecord;

import unbo.core.designation.Decoded;
import unbo.core.designation.Suffixes;
import unbo.core.input.Field;
import unbo.core.measure.Table;

/**
 * Whether a bearing belongs at a place, and why. Rules stand in a data file; the worst that fits counts, with its reasons.
 * Where no rule says right it is acceptable at best.
 */
public record Suitability(Decoded bearing, String place, Verdict verdict, List<String> reasons) {

    /** How it is to be taken. */
    public enum Verdict { RIGHT, ACCEPTABLE, WRONG }

    /** Kinds of use that make a place wetter than it usually is. */
    public static final String IMMERSED = "immersed";

    private record Rule(List<String> places, List<String> kinds, List<String> seals, String build, List<String> clearance, Verdict verdict, String reason) {

        boolean fits(Decoded d, String place, boolean immersed) {
            Suffixes s = d.suffixes();
            boolean here = places.contains(place) || immersed && places.contains("*" + IMMERSED);
            String clear = s.clearance() == null ? "-" : s.clearance();
            return here && (kinds.contains("*") || kinds.contains(d.kind())) && (seals.contains("*") || seals.contains(seal(s)) || seals.contains("one-side") && s.sealing().startsWith("one-"))
                    && (build.equals("*") || build.equals("full") == (s.fullComplement() || s.fillingSlot())) && (clearance.contains("*") || clearance.contains(clear));
        }
    }

    private static final List<Rule> RULES = read();
    private static final List<Field.Choice> PLACES = Table.read(Suitability.class, "places.csv").stream().map(r -> new Field.Choice(r.get("place"), r.get("label"))).toList();

    public static List<Field.Choice> places() {
        return PLACES;
    }

    public static Optional<String> placeLabel(String code) {
        return PLACES.stream().filter(p -> p.code().equals(code)).map(Field.Choice::label).findFirst();
    }

    /** @param place a code of {@link #places()}  @param immersed true where it goes under water */
    public static Suitability of(Decoded bearing, String place, boolean immersed) {
        List<Rule> fitting = RULES.stream().filter(r -> r.fits(bearing, place, immersed)).toList();
        Verdict verdict = fitting.stream().map(Rule::verdict).max(Enum::compareTo).orElse(Verdict.ACCEPTABLE);
        List<String> reasons = new ArrayList<>(fitting.stream().filter(r -> r.verdict() == verdict).map(Rule::reason).toList());
        if (reasons.isEmpty()) {
            reasons.add("No rule of the trade names it for this place, for or against: compare with what was fitted.");
        }
        return new Suitability(bearing, place, verdict, List.copyOf(reasons));
    }

    /** open, shield, low-drag, light or full. */
    private static String seal(Suffixes s) {
        if (!s.contact().isEmpty()) {
            return s.contact();
        }
        return s.sealing().contains("shield") ? "shield" : s.sealing().equals("open") ? "open" : "low-drag";
    }

    private static List<Rule> read() {
        List<Rule> rules = new ArrayList<>();
        for (CSVRecord row : Table.read(Suitability.class, "suitability.csv")) {
            rules.add(new Rule(words(row.get("places")), words(row.get("kinds")), words(row.get("seals")), row.get("build"), words(row.get("clearance")),
                    Verdict.valueOf(row.get("verdict").toUpperCase(Locale.ROOT)), row.get("reason")));
        }
        return List.copyOf(rules);
    }

    private static List<String> words(String text) {
        return List.of(text.strip().split("\\s+"));
    }
}
