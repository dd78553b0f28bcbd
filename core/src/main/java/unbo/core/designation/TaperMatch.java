package unbo.core.designation;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.Part;
import unbo.core.catalogue.Catalogue;

/**
 * Whether a cone and a cup belong together. A cone fits only a cup of its own series (ABMA numbering), whatever the
 * sizes.
 *
 * @param match true, false, or null when it cannot be told
 * @param reason in a sentence
 */
public record TaperMatch(@Nullable Boolean match, String reason) {

    /** Judges two markings. */
    public static TaperMatch of(String coneMarking, String cupMarking) {
        Bearing cone = TaperDecoder.decode(coneMarking);
        Bearing cup = TaperDecoder.decode(cupMarking);
        if (cone.metricTaper() || cup.metricTaper()) {
            return metric(cone, cup);
        }
        if (cone.cup() && cup.cone()) {
            return new TaperMatch(
                    false,
                    cone.marking() + " is a cup and " + cup.marking()
                            + " is a cone: they were entered the wrong way round.");
        }
        if (cone.cup()) {
            return new TaperMatch(false, cone.marking() + " is a cup, not a cone.");
        }
        if (cup.cone()) {
            return new TaperMatch(false, cup.marking() + " is a cone, not a cup.");
        }
        if (!cone.recognised() || !cup.recognised()) {
            String unknown = cone.recognised() ? cup.marking() : cone.marking();
            return new TaperMatch(
                    null,
                    "“" + unknown + "” is not known here: whether the two belong together cannot be told. Compare "
                            + "the numbers with the old pair.");
        }
        if (Catalogue.taper(cone.marking(), cup.marking()).isPresent()) {
            return new TaperMatch(true, cone.marking() + " and " + cup.marking() + " are listed as a set.");
        }
        if (!cone.series().isEmpty() && !cup.series().isEmpty()) {
            return bySeries(cone, cup);
        }
        if (cone.series().isEmpty() != cup.series().isEmpty()) {
            return new TaperMatch(
                    false,
                    cone.marking() + " and " + cup.marking() + " follow different numberings, so their series differ.");
        }
        return Catalogue.sameSeries(cone.marking(), cup.marking())
                ? new TaperMatch(
                        true,
                        "The tables put " + cone.marking() + " and " + cup.marking()
                                + " into one series, though not as a listed set: measure the assembled width.")
                : new TaperMatch(
                        null,
                        "Both numbers are known but never listed together, and older numbers do not "
                                + "tell their series: do not fit them without the maker's table.");
    }

    private static TaperMatch bySeries(Bearing cone, Bearing cup) {
        if (cone.series().equals(cup.series())) {
            return new TaperMatch(
                    true,
                    "Both are of series " + cone.series() + "; the set is not listed, so measure the assembled width.");
        }
        String sizes = cup.outsideMm() != null
                        && Catalogue.withCone(cone.marking()).stream().anyMatch(s -> s.outsideMm() == cup.outsideMm())
                ? " The outside diameters agree, the angles and rollers do not: the pair would run on its edges."
                : "";
        return new TaperMatch(
                false,
                cone.marking() + " is of series " + cone.series() + ", " + cup.marking() + " of series " + cup.series()
                        + ": a cone fits only a cup of its own series." + sizes);
    }

    /** Its letter for a steeper cone; empty where it has none. */
    private static String steep(Bearing b) {
        return b.parts().stream()
                .map(Part::text)
                .filter(mark -> mark.matches("[BCD]"))
                .findFirst()
                .orElse("");
    }

    private static TaperMatch metric(Bearing cone, Bearing cup) {
        if (!cone.metricTaper() || !cup.metricTaper()) {
            return new TaperMatch(
                    false,
                    "One is a metric taper, whose cone and cup carry one number, the other is not: "
                            + "they do not belong together.");
        }
        String a = cone.number();
        String b = cup.number();
        if (!a.equals(b)) {
            return new TaperMatch(
                    false, "A metric taper carries one number on cone and cup; these are " + a + " and " + b + ".");
        }
        return !steep(cone).equals(steep(cup))
                ? new TaperMatch(
                        false, "One has a steeper cone (letter B, C or D) than the other: they do not belong together.")
                : new TaperMatch(true, "Cone and cup carry the same number.");
    }
}
