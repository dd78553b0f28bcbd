package unbo.core.damage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One stroke painted on an unrolled race: spots in drawing order.
 *
 * @param mark what was seen
 * @param width of the brush, share of the race's width, over 0 to 1
 */
public record Stroke(Mark mark, double width, List<Spot> spots) {

    /** A painting of a whole ring has at most this many spots. */
    public static final int MOST_SPOTS = 4000;

    private static final Pattern HEAD = Pattern.compile("([a-z-]{2,12})(?:/(\\d{1,3}))?");
    private static final Pattern SPOT = Pattern.compile("(-?\\d{1,3}(?:\\.\\d)?):(-?\\d{1,3})");
    private static final double USUAL_WIDTH = 0.08;

    /**
     * @param angleDeg clockwise seen from outboard, 0 to under 360 @param across 0 outboard edge (tapers: large-rib
     *     side) to 1
     */
    public record Spot(double angleDeg, double across) {

        public Spot {
            angleDeg = ((angleDeg % 360) + 360) % 360;
            across = Math.max(0, Math.min(1, across));
        }
    }

    public Stroke {
        spots = List.copyOf(spots);
        if (!(width > 0) || width > 1 || spots.isEmpty()) {
            throw new IllegalArgumentException("a stroke of width " + width + " with " + spots.size() + " spots");
        }
    }

    /**
     * A painting written as text: strokes parted by a bar, each {@code mark/width angle:across …} with width and across
     * in hundredths of the race. Empty where it cannot be read.
     */
    public static Optional<List<Stroke>> read(String text) {
        List<Stroke> strokes = new ArrayList<>();
        int spots = 0;
        for (String part : text.split("\\|")) {
            if (part.isBlank()) {
                continue;
            }
            String[] words = part.strip().split("\\s+");
            Matcher head = HEAD.matcher(words[0]);
            if (words.length < 2 || !head.matches() || Mark.of(head.group(1)).isEmpty()) {
                return Optional.empty();
            }
            double width = head.group(2) == null ? USUAL_WIDTH : Double.parseDouble(head.group(2)) / 100;
            List<Spot> read = new ArrayList<>();
            for (int i = 1; i < words.length; i++) {
                Matcher spot = SPOT.matcher(words[i]);
                if (!spot.matches()) {
                    return Optional.empty();
                }
                read.add(new Spot(Double.parseDouble(spot.group(1)), Double.parseDouble(spot.group(2)) / 100));
            }
            spots += read.size();
            if (!(width > 0) || width > 1 || spots > MOST_SPOTS) {
                return Optional.empty();
            }
            strokes.add(new Stroke(Mark.of(head.group(1)).orElseThrow(), width, read));
        }
        return Optional.of(List.copyOf(strokes));
    }

    /** The text that {@link #read} reads. */
    public static String write(List<Stroke> strokes) {
        StringBuilder out = new StringBuilder();
        for (Stroke s : strokes) {
            out.append(out.isEmpty() ? "" : "|")
                    .append(s.mark().code())
                    .append('/')
                    .append(Math.max(1, Math.round(s.width() * 100)));
            s.spots()
                    .forEach(p -> out.append(' ')
                            .append(angle(p.angleDeg()))
                            .append(':')
                            .append(Math.round(p.across() * 100)));
        }
        return out.toString();
    }

    /** To a tenth of a degree, without an idle zero. */
    private static String angle(double degrees) {
        long tenths = Math.round(degrees * 10) % 3600;
        return tenths % 10 == 0 ? String.valueOf(tenths / 10) : tenths / 10 + "." + tenths % 10;
    }
}
