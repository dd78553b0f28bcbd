package unbo.core.identify;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.identify.Suitability.Verdict;

/**
 * Which number to order for one that comes out: the same, unless its seals or clearance do not belong at the place;
 * then the one of the same series with those that do. Only of deep groove ball bearings whose marks tell nothing but
 * seals and clearance: a sealed needle is wider than an open one, and a groove, a filling slot or a heat-treated ring
 * is never dropped.
 */
public final class NewNumber {

    /** A number without its marks. */
    private static final Pattern BARE = Pattern.compile("^\\d{3,5}");
    /** Other seals and clearances of a number, the plainest first. */
    private static final List<String> OTHERS = List.of("-2RS", "", "/C3", "-2RS/C3");

    private static final List<String> CHANGED = List.of("sealing", "clearance");

    private NewNumber() {}

    /**
     * The number to order; as it would be printed.
     *
     * @param place code of {@link Suitability#places()}; empty where no rules are known
     * @param immersed true where it goes under water
     */
    public static String of(Bearing old, String place, boolean immersed, BearingBook book) {
        Optional<String> bare = place.isEmpty() ? Optional.empty() : bare(old);
        if (bare.isEmpty()) {
            return old.designation();
        }
        Verdict was = Suitability.of(old, place, immersed).verdict();
        return OTHERS.stream()
                .map(marks -> book.decode(bare.get() + marks))
                .filter(b -> b.kind() == old.kind())
                .filter(b -> Suitability.of(b, place, immersed).verdict().compareTo(was) < 0)
                .min(Comparator.comparing(
                        b -> Suitability.of(b, place, immersed).verdict()))
                .map(Bearing::designation)
                .orElse(old.designation());
    }

    /** The number alone; empty where it has marks that must not be lost, or is of another kind. */
    private static Optional<String> bare(Bearing old) {
        Matcher bare = BARE.matcher(old.designation());
        if (!old.recognised() || old.boreMm() == null || !old.kind().deepGroove() || !bare.find()) {
            return Optional.empty();
        }
        boolean plain = Pattern.compile("[\\s/-]+")
                .splitAsStream(old.designation().substring(bare.end()))
                .filter(mark -> !mark.isEmpty())
                .allMatch(mark ->
                        old.parts().stream().anyMatch(p -> p.text().equals(mark) && CHANGED.contains(p.role())));
        return plain ? Optional.of(bare.group()) : Optional.empty();
    }
}
