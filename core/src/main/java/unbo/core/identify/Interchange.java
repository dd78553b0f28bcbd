package unbo.core.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.measure.Show;

/**
 * What else has the same bore and outside, what each changes, and how far it may stand in: other kinds of the same
 * boundary, other seals, another clearance class. Nothing is offered as equal that is not: a full complement, a contact
 * seal for a shield, C3 for CN, a single row for a double one are named for what they are.
 */
public record Interchange(Bearing from, List<Candidate> candidates) {

    /** How far one may stand in for the other. */
    public enum Verdict {
        SAME,
        ACCEPTABLE,
        CAUTION
    }

    /** Drag of one contact seal, N·mm at 25 mm bore; a guide, with a factor of two either way. */
    private static final double SEAL_NMM = 20;
    /** Sizes closer than this are the same. */
    private static final double SAME_MM = 0.01;

    /** One that has the same boundary, or nearly. */
    public record Candidate(String designation, BearingKind kind, Verdict verdict, List<String> changes) {}

    /** Empty of candidates where the sizes are not known. */
    public static Interchange of(Bearing from, BearingBook book) {
        List<Candidate> candidates = new ArrayList<>();
        if (from.boreMm() != null
                && from.outsideMm() != null
                && from.widthMm() != null
                && from.kind() != BearingKind.UNKNOWN) {
            variants(from, candidates);
            for (Boundary b : every(book)) {
                if (b.boreMm() == from.boreMm()
                        && b.outsideMm() == from.outsideMm()
                        && !b.designation().equals(number(from))) {
                    candidates.add(candidate(from, b));
                }
            }
        }
        candidates.sort(Comparator.comparing(Candidate::verdict));
        return new Interchange(from, List.copyOf(candidates));
    }

    /**
     * What is other where one bearing goes in for another, each in a clause; empty where nothing is, or one of them is
     * not recognised.
     */
    public static List<String> changes(Bearing from, Bearing to) {
        List<String> changes = new ArrayList<>();
        if (!from.recognised() || !to.recognised()) {
            return changes;
        }
        size("bore", from.boreMm(), to.boreMm(), changes);
        size("outside", from.outsideMm(), to.outsideMm(), changes);
        size("width", from.widthMm(), to.widthMm(), changes);
        compare(from.kind(), to.kind(), from.series(), to.series(), changes);
        if (!from.suffixes().sealing().equals(to.suffixes().sealing())) {
            changes.add("seals: " + to.suffixes().sealing().replace('-', ' ') + " instead of "
                    + from.suffixes().sealing().replace('-', ' '));
        }
        if (!clearance(from).equals(clearance(to))) {
            changes.add("clearance: " + clearance(to) + " instead of " + clearance(from));
        }
        return changes;
    }

    private static void size(String what, @Nullable Double was, @Nullable Double is, List<String> changes) {
        if (was != null && is != null && Math.abs(was - is) > SAME_MM) {
            changes.add(what + ": " + Show.number(is, 3) + " mm instead of " + Show.number(was, 3) + " mm");
        }
    }

    private static String clearance(Bearing bearing) {
        String marked = bearing.suffixes().clearance();
        return marked == null ? "CN" : marked;
    }

    /** Every bearing that sits on a shaft by a ring of its own: the workshop's own, then the listed ones. */
    public static List<Boundary> every(BearingBook book) {
        return Stream.concat(book.own().stream().map(OwnBearing::boundary), Catalogue.numbers().stream())
                .filter(boundary -> !shaftIsRace(boundary))
                .toList();
    }

    private static boolean shaftIsRace(Boundary b) {
        return b.kind() == BearingKind.DRAWN_CUP_NEEDLE_ROLLER
                || b.series().equals("NK")
                || b.series().equals("RNA49");
    }

    private static String number(Bearing d) {
        return d.suffixes().parts().isEmpty()
                ? d.designation()
                : Catalogue.numbers().stream()
                        .map(Boundary::designation)
                        .filter(n -> d.designation().startsWith(n))
                        .max(Comparator.comparingInt(String::length))
                        .orElse(d.designation());
    }

    private static Candidate candidate(Bearing from, Boundary to) {
        List<String> changes = new ArrayList<>();
        double wider = to.widthMm() - requireNonNull(from.widthMm());
        BearingKind before = from.kind();
        BearingKind after = to.kind();
        if (Math.abs(wider) > 1e-6) {
            changes.add(Show.number(Math.abs(wider), 2) + " mm " + (wider > 0 ? "wider" : "narrower") + ": "
                    + Show.number(to.widthMm(), 2) + " mm; seat, clip and spacer must allow it");
        }
        compare(before, after, from.series(), to.series(), changes);
        if (from.suffixes().sealed()) {
            changes.add("seals: " + from.suffixes().sealing().replace('-', ' ')
                    + " now; order it with the same, where it is made so");
        }
        return new Candidate(
                to.designation(),
                to.kind(),
                Math.abs(wider) > 1e-6
                                || !alike(before, after)
                                || before == after
                                        && !thrust(before, from.series()).equals(thrust(after, to.series()))
                        ? Verdict.CAUTION
                        : changes.isEmpty() ? Verdict.SAME : Verdict.ACCEPTABLE,
                changes);
    }

    private static boolean alike(BearingKind a, BearingKind b) {
        return a.thrust().equals(b.thrust()) && a.locates().equals(b.locates()) && a.paired() == b.paired();
    }

    private static void compare(
            BearingKind before, BearingKind after, String was, String series, List<String> changes) {
        String thrust = thrust(after, series);
        if (before == after) {
            if (!thrust.equals(thrust(before, was))) {
                changes.add("thrust: " + thrust + " instead of " + thrust(before, was));
                changes.add(
                        thrust.equals("none")
                                ? "floats: it cannot locate a shaft"
                                : series.startsWith("NUP")
                                        ? "locates both ways: no floating end"
                                        : "locates one way only");
            } else if (before == BearingKind.CYLINDRICAL_ROLLER && !was.equals(series)) {
                changes.add("its ribs stand on the other ring: the loose ring goes where the other one was");
            }
            return;
        }
        changes.add(after.words());
        if (!thrust.equals(thrust(before, was))) {
            changes.add("thrust: " + thrust);
        }
        if (!before.locates().equals(after.locates())) {
            changes.add(
                    series.startsWith("NUP")
                            ? "locates both ways"
                            : series.startsWith("NJ") || series.startsWith("NF")
                                    ? "locates one way only"
                                    : after.locates().equals("no")
                                            ? "floats: it cannot locate a shaft, so the other end must"
                                            : after.locates().equals("one")
                                                    ? "locates one way only"
                                                    : "locates both ways");
        }
        if (!before.radial().equals(after.radial())) {
            changes.add("radial load for its size: " + after.radial() + " instead of " + before.radial());
        }
        if (!before.speed().equals(after.speed())) {
            changes.add("speed: " + after.speed() + " instead of " + before.speed());
        }
        if (after.paired() && !before.paired()) {
            changes.add("needs a second one against it, and setting");
        }
        if (after.separable() != before.separable()) {
            changes.add(after.separable() ? "comes apart: rings can be fitted one by one" : "does not come apart");
        }
        if (after.misaligns() != before.misaligns()) {
            changes.add(after.misaligns() ? "forgives tilt of shaft and housing" : "forgives no tilt");
        }
    }

    private static String thrust(BearingKind kind, String series) {
        if (series.startsWith("NUP")) {
            return "both directions, little";
        }
        if (series.startsWith("NJ") || series.startsWith("NF")) {
            return "one direction, little";
        }
        return kind.thrust().equals("none")
                ? "none"
                : kind.thrust() + (kind.thrust().equals("one") ? " direction" : " directions");
    }

    /** The same bearing with other seals or another clearance. */
    private static void variants(Bearing from, List<Candidate> candidates) {
        if (from.kind() != BearingKind.DEEP_GROOVE_BALL || from.suffixes().fullComplement()) {
            return;
        }
        String number = number(from);
        String sealing = from.suffixes().sealing();
        boolean wider =
                Catalogue.number(number).map(b -> b.note().contains("wide")).orElse(true);
        if (!wider) {
            seals(from, number, sealing, candidates);
        }
        String clearance = clearance(from);
        String tail = from.designation()
                .substring(Math.min(from.designation().length(), number.length()))
                .replaceAll("/C\\d", "");
        if (clearance.equals("CN")) {
            candidates.add(new Candidate(
                    number + tail + "/C3",
                    from.kind(),
                    Verdict.CAUTION,
                    List.of("more clearance: assumes a tight fit or a warm inner ring; with a sliding fit "
                            + "and cool running it is only looser")));
        } else if (clearance.equals("C3")) {
            candidates.add(new Candidate(
                    number + tail,
                    from.kind(),
                    Verdict.CAUTION,
                    List.of("less clearance (CN): a tight fit or a warm inner ring may use it up, and then "
                            + "it runs preloaded")));
        }
    }

    private static void seals(Bearing from, String number, String sealing, List<Candidate> candidates) {
        String drag = "about " + Show.number(SEAL_NMM * Math.pow(requireNonNull(from.boreMm()) / 25, 2), 0)
                + " N·mm of drag each (a guide, half to double)";
        if (!sealing.equals("two-seals")) {
            candidates.add(new Candidate(
                    number + "-2RS",
                    from.kind(),
                    sealing.equals("two-low-drag-seals") ? Verdict.ACCEPTABLE : Verdict.CAUTION,
                    List.of("contact seals both sides: water and dirt stay out; " + drag
                            + "; lower speed; never inside oil")));
        }
        if (!sealing.equals("two-shields")) {
            candidates.add(new Candidate(
                    number + "-2Z",
                    from.kind(),
                    Verdict.CAUTION,
                    List.of("shields both sides: grease stays in, water does not stay out")));
        }
        if (!sealing.equals("open")) {
            candidates.add(new Candidate(
                    number,
                    from.kind(),
                    Verdict.CAUTION,
                    List.of("open: only where oil or grease reaches it and nothing else does")));
        }
    }
}
