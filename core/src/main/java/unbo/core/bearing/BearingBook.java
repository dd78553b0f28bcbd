package unbo.core.bearing;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** The one place that finds a bearing: the shipped tables and the workshop's own list together, its own first. */
public interface BearingBook {

    /** By what is stamped on it; never fails, an unknown marking is returned as such with its text kept. */
    Bearing decode(String marking);

    /** The same, where a taper set may be written CONE/CUP: then with the set's outside and assembled width. */
    Bearing decodeSet(String marking);

    /**
     * By whatever is typed: a marking, CONE/CUP, or sizes such as 25x52x15. Sizes are those of the bearing that is
     * listed with exactly them: the workshop's own, else a deep groove ball bearing, else the first there is.
     */
    default Bearing find(String text) {
        Bearing read = decodeSet(text);
        if (!read.bySizes()) {
            return read;
        }
        Stream<String> same = Stream.concat(
                own().stream()
                        .map(OwnBearing::boundary)
                        .filter(b -> read.sizes().are(b))
                        .map(Boundary::designation),
                read.completions().stream()
                        .sorted(Comparator.comparing(
                                number -> !decode(number).kind().deepGroove())));
        return same.findFirst()
                .map(this::decode)
                .map(b -> b.noting(List.of("A size, not a number: taken as " + b.designation() + ", "
                        + b.kind().words() + ". Write the number where it is another.")))
                .orElse(read);
    }

    /** The workshop's own, in its order. */
    List<OwnBearing> own();
}
