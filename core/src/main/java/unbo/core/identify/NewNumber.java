package unbo.core.identify;

import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.identify.Suitability.Verdict;

/**
 * Which number to order for one that comes out: the same, unless its seals or clearance do not belong at the place;
 * then the one of the same series with those that do.
 *
 * @param why it is another one, or what is to be minded of it; empty where the same one is right
 */
public record NewNumber(String designation, String why) {

    /** A number without its marks. */
    private static final Pattern BARE = Pattern.compile("^[A-Z]{0,3}\\d{3,5}");
    /** Other seals and clearances of a number, the plainest first. */
    private static final List<String> OTHERS = List.of("-2RS", "", "/C3", "-2RS/C3");

    /**
     * @param place code of {@link Suitability#places()}; empty where no rules are known
     * @param immersed true where it goes under water
     */
    public static NewNumber of(Bearing old, String place, boolean immersed, BearingBook book) {
        if (place.isEmpty() || !old.recognised() || old.boreMm() == null) {
            return new NewNumber(old.designation(), "");
        }
        Suitability was = Suitability.of(old, place, immersed);
        if (was.verdict() == Verdict.RIGHT) {
            return new NewNumber(old.designation(), "");
        }
        String why = String.join(" ", was.reasons());
        Matcher bare = BARE.matcher(old.designation());
        List<Bearing> same = (bare.find() ? OTHERS : List.<String>of())
                .stream()
                        .map(marks -> book.decode(bare.group() + marks))
                        .filter(b -> b.kind() == old.kind() && b.boreMm() != null)
                        .toList();
        return same.stream()
                .filter(b -> Suitability.of(b, place, immersed).verdict().compareTo(was.verdict()) < 0)
                .min(Comparator.comparing(
                        b -> Suitability.of(b, place, immersed).verdict()))
                .map(b -> new NewNumber(b.designation(), why))
                .orElseGet(() -> new NewNumber(old.designation(), was.verdict() == Verdict.WRONG ? why : ""));
    }
}
