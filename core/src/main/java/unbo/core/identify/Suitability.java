package unbo.core.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.Inside;
import unbo.core.bearing.Ratings;
import unbo.core.bearing.Suffixes;
import unbo.core.input.Field;
import unbo.core.measure.Show;
import unbo.core.motion.SpeedGuide;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Whether a bearing belongs at a place, and why. Rules stand in a data file; the worst that fits counts, with its
 * reasons. Where no rule says right it is acceptable at best.
 */
public record Suitability(Bearing bearing, String place, Verdict verdict, List<String> reasons) {

    /**
     * What it has to do there; null where not known.
     *
     * @param rpm of the turning ring
     * @param loadN radial load on this bearing
     */
    public record Duty(@Nullable Double rpm, @Nullable Double loadN) {

        static final Duty UNKNOWN = new Duty(null, null);
    }

    private static final Set<String> IN_OIL = Set.of("gearbox", "crankshaft-both-tight");
    private static final double STATIC_FINE = 2;

    /** How it is to be taken. */
    public enum Verdict {
        RIGHT,
        ACCEPTABLE,
        WRONG
    }

    /** Kinds of use that make a place wetter than it usually is. */
    public static final String IMMERSED = "immersed";

    private record Rule(
            List<String> places,
            List<String> kinds,
            List<String> seals,
            String build,
            List<String> clearance,
            Verdict verdict,
            String reason) {

        boolean fits(Bearing d, String place, boolean immersed) {
            Suffixes s = d.suffixes();
            boolean here = places.contains(place) || immersed && places.contains("*" + IMMERSED);
            String clear = s.clearance() == null ? "-" : s.clearance();
            return here
                    && (kinds.contains("*") || kinds.contains(d.kind().code()))
                    && (seals.contains("*")
                            || seals.contains(seal(s))
                            || seals.contains("one-side") && s.sealing().startsWith("one-"))
                    && (build.equals("*") || build.equals("full") == (s.fullComplement() || s.fillingSlot()))
                    && (clearance.contains("*") || clearance.contains(clear));
        }
    }

    private static final List<Rule> RULES = read();
    private static final List<Field.Choice> PLACES = Table.read(Suitability.class, "places.csv").stream()
            .map(r -> new Field.Choice(r.get("place"), r.get("label")))
            .toList();

    public static List<Field.Choice> places() {
        return PLACES;
    }

    public static Optional<String> placeLabel(String code) {
        return PLACES.stream()
                .filter(p -> p.code().equals(code))
                .map(Field.Choice::label)
                .findFirst();
    }

    /** @param place a code of {@link #places()} @param immersed true where it goes under water */
    public static Suitability of(Bearing bearing, String place, boolean immersed) {
        return of(bearing, place, immersed, Duty.UNKNOWN);
    }

    /** The same, held against speed and load where they are known; the worst counts. */
    public static Suitability of(Bearing bearing, String place, boolean immersed, Duty duty) {
        Suitability byPlace = byPlace(bearing, place, immersed);
        List<Suitability> all = new ArrayList<>(List.of(byPlace));
        if (duty.rpm() != null && bearing.boreMm() != null && bearing.outsideMm() != null) {
            all.add(bySpeed(bearing, place, duty.rpm()));
        }
        if (duty.loadN() != null) {
            bearing.inside().ifPresent(inside -> all.add(byLoad(bearing, place, inside, requireNonNull(duty.loadN()))));
        }
        Verdict worst =
                all.stream().map(Suitability::verdict).max(Enum::compareTo).orElseThrow();
        List<String> reasons = new ArrayList<>(byPlace.reasons());
        all.stream().skip(1).forEach(s -> reasons.addAll(s.reasons()));
        return new Suitability(bearing, place, worst, List.copyOf(reasons));
    }

    private static Suitability bySpeed(Bearing bearing, String place, double rpm) {
        SpeedGuide guide = SpeedGuide.of(
                bearing.build(),
                rpm,
                (requireNonNull(bearing.boreMm()) + requireNonNull(bearing.outsideMm())) / 2,
                bearing.inside().map(Inside::geometry).orElse(null),
                IN_OIL.contains(place) ? SpeedGuide.Lubricant.OIL : SpeedGuide.Lubricant.GREASE);
        String against = guide.nDmLimit() == null
                ? "no guide limit is known for this kind"
                : "guide limit " + Show.number(guide.nDmLimit(), 0);
        String spin = guide.elementRpm() == null
                ? ""
                : ", elements spin at about " + Show.number(guide.elementRpm(), 0) + " rpm (watched from "
                        + Show.number(guide.elementWatch(), 0) + ")";
        String says = switch (guide.verdict()) {
            case FINE -> "Speed is no trouble: ";
            case WATCH -> "It runs hot at this speed: ";
            case WRONG -> "Too fast for it: ";
        };
        return new Suitability(
                bearing,
                place,
                Verdict.values()[guide.verdict().ordinal()],
                List.of(says + "n·dm " + Show.number(guide.nDm(), 0) + ", " + against + spin + "."));
    }

    private static Suitability byLoad(Bearing bearing, String place, Inside inside, double loadN) {
        if (bearing.kind().axial()) {
            return new Suitability(bearing, place, Verdict.WRONG, List.of("It carries thrust only, no radial load."));
        }
        double safety = Ratings.of(inside).c0N() / loadN;
        Verdict verdict = safety >= STATIC_FINE ? Verdict.RIGHT : safety >= 1 ? Verdict.ACCEPTABLE : Verdict.WRONG;
        String says = switch (verdict) {
            case RIGHT -> "It carries the load: ";
            case ACCEPTABLE -> "The load is high for it: ";
            case WRONG -> "The load dents it: ";
        };
        return new Suitability(
                bearing,
                place,
                verdict,
                List.of(says + "static safety C0/P0 " + Show.number(safety, 1)
                        + " (2 or more is fine, under 1 dents), C0 estimated by ISO 76."));
    }

    private static Suitability byPlace(Bearing bearing, String place, boolean immersed) {
        List<Rule> fitting =
                RULES.stream().filter(r -> r.fits(bearing, place, immersed)).toList();
        Verdict verdict =
                fitting.stream().map(Rule::verdict).max(Enum::compareTo).orElse(Verdict.ACCEPTABLE);
        List<String> reasons = new ArrayList<>(fitting.stream()
                .filter(r -> r.verdict() == verdict)
                .map(Rule::reason)
                .toList());
        if (reasons.isEmpty()) {
            reasons.add("No rule of the trade names it for this place, for or against: compare with what was fitted.");
        }
        return new Suitability(bearing, place, verdict, List.copyOf(reasons));
    }

    /** open, shield, low-drag, light, full, or unknown, which fits a rule for any seal only. */
    private static String seal(Suffixes s) {
        if (!s.contact().isEmpty()) {
            return s.contact();
        }
        return s.sealing().contains("shield")
                ? "shield"
                : s.sealed() ? "low-drag" : s.maybeSealed() ? "unknown" : "open";
    }

    private static List<Rule> read() {
        List<Rule> rules = new ArrayList<>();
        for (TableRow row : Table.read(Suitability.class, "suitability.csv")) {
            rules.add(new Rule(
                    row.words("places"),
                    row.words("kinds"),
                    row.words("seals"),
                    row.get("build"),
                    row.words("clearance"),
                    row.one("verdict", Verdict.class),
                    row.get("reason")));
        }
        return List.copyOf(rules);
    }
}
