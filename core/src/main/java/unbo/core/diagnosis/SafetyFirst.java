package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import unbo.core.finding.Level;
import unbo.core.vehicle.Place;

/**
 * What has to be looked at before anybody drives: a complaint of clunk, looseness, wobble, heat, smell or grinding, or
 * a wheel worked on lately, asks for wheel nuts, rock test and hub temperature first, standing. No road test until they
 * pass, nor while any result says stop.
 *
 * @param word what asks for it; empty when nothing does
 * @param left checks that are still to be done before a road test
 * @param stops true when a result says stop
 */
public record SafetyFirst(String word, List<Left> left, boolean stops) {

    private static final List<String> WORDS =
            List.of("clunk", "loose", "wobbl", "heat", "hot", "smell", "grind", "smoke");
    private static final List<String> FIRST = List.of("wheel-nuts", "rock-12-6", "heat-after-run");
    private static final List<String> SOUNDS = List.of("clunk", "grind");
    private static final String LATELY = "worked-on-lately";

    /** A check that is still to be done at a position. */
    record Left(Way way, String position) {}

    /** The word of a complaint that asks for safety checks first; empty when none does. */
    public static Optional<String> named(String complaint) {
        String told = complaint.toLowerCase(Locale.ROOT);
        return WORDS.stream()
                .filter(word -> told.matches("(?s).*\\b" + word + ".*"))
                .findFirst();
    }

    static SafetyFirst of(DiagnosisInput in, Level urgency) {
        String word = asks(in);
        List<Left> left = new ArrayList<>();
        if (!word.isEmpty()) {
            for (String position : positions(in)) {
                for (String check : FIRST) {
                    Checks.way(in.vehicle(), check, position)
                            .filter(way -> in.seen().stream()
                                    .noneMatch(o -> o.check().equals(way.check()) && position.equals(o.position())))
                            .ifPresent(way -> left.add(new Left(way, position)));
                }
            }
        }
        return new SafetyFirst(word, List.copyOf(left), urgency == Level.STOP);
    }

    private static String asks(DiagnosisInput in) {
        if (in.circumstances().contains(LATELY)) {
            return "worked on lately";
        }
        return named(in.complaint())
                .orElseGet(() -> in.seen().stream()
                        .filter(o -> o.check().id().equals("noise-character"))
                        .map(o -> o.result().code())
                        .filter(SOUNDS::contains)
                        .findFirst()
                        .orElse(""));
    }

    private static List<String> positions(DiagnosisInput in) {
        List<String> wheels = Place.of(in.vehicle()).stream()
                .filter(Place::wheel)
                .map(Place::code)
                .filter(code -> Place.axle(code) <= in.axles())
                .toList();
        return in.position() != null && wheels.contains(in.position()) ? List.of(in.position()) : wheels;
    }

    /** True while nobody should drive it to listen. */
    boolean holdsRoad() {
        return stops || !left.isEmpty();
    }
}
