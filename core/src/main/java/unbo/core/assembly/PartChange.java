package unbo.core.assembly;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What is other in an assembly than in its kind: a part that is not there, one that is called otherwise, one more. It
 * is written as a line, and kept with the position so.
 */
public sealed interface PartChange {

    int LONGEST_LABEL = 60;

    /** @return the line that {@link #read} understands */
    String line();

    /** A part of the kind that is not there. */
    record Without(String part) implements PartChange {

        @Override
        public String line() {
            return "without " + part;
        }
    }

    /** A part of the kind under another name. */
    record Called(String part, String label) implements PartChange {

        @Override
        public String line() {
            return part + " is " + label;
        }
    }

    /**
     * A part more, beside one that is there.
     *
     * @param side on which side of its neighbour, inboard or outboard
     * @param by code of that neighbour: it sits in the same body and leaves by the same way
     */
    record With(PartKind kind, Side side, String by, String label) implements PartChange {

        @Override
        public String line() {
            return "with " + kind.code() + " " + side.code() + " of " + by + ": " + label;
        }

        /** A code of its own, of its label. */
        public String code() {
            return "own-"
                    + label.toLowerCase(Locale.ROOT)
                            .replaceAll("[^\\p{L}\\p{N}]+", "-")
                            .replaceAll("^-|-$", "");
        }
    }

    Pattern WITHOUT = Pattern.compile("without ([^\\s:]+)");
    Pattern CALLED = Pattern.compile("([^\\s:]+) is (\\S.{0," + (LONGEST_LABEL - 1) + "})");
    Pattern WITH =
            Pattern.compile("with ([a-z-]+) (inboard|outboard) of ([^\\s:]+): (\\S.{0," + (LONGEST_LABEL - 1) + "})");

    /** A line as it is written; empty where it is none. */
    static Optional<PartChange> read(String line) {
        String text = line.strip();
        Matcher m = WITHOUT.matcher(text);
        if (m.matches()) {
            return Optional.of(new Without(m.group(1)));
        }
        m = WITH.matcher(text);
        if (m.matches()) {
            Matcher with = m;
            return PartKind.of(m.group(1))
                    .map(kind -> new With(kind, Side.of(with.group(2)).orElseThrow(), with.group(3), with.group(4)));
        }
        m = CALLED.matcher(text);
        return m.matches() ? Optional.of(new Called(m.group(1), m.group(2))) : Optional.empty();
    }

    /** The lines of a text, by line ends or semicolons. */
    static List<String> lines(String text) {
        List<String> lines = new ArrayList<>();
        for (String line : text.split("[\\n;]")) {
            if (!line.isBlank()) {
                lines.add(line.strip());
            }
        }
        return lines;
    }

    /** Those lines of a text that can be read. */
    static List<PartChange> all(String text) {
        return lines(text).stream()
                .map(PartChange::read)
                .flatMap(Optional::stream)
                .toList();
    }

    /** In one line, as a fact holds it. */
    static String text(List<PartChange> changes) {
        return changes.stream().map(PartChange::line).collect(Collectors.joining("; "));
    }
}
