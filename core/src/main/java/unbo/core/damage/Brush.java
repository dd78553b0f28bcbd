package unbo.core.damage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * One touch on the painted races, as a form sends it: {@code paint} puts a stroke on a ring, {@code unpaint} takes the
 * last one of a ring away, {@code wipe} all of them, {@code copy} puts one ring's painting on the other as well.
 */
public final class Brush {

    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,3}(\\.\\d+)?");

    private Brush() {}

    public static Map<String, String> touched(Map<String, String> texts, Map<String, String> touch) {
        Map<String, String> after = new HashMap<>(texts);
        if (touch.containsKey("paint")) {
            String stroke = stroke(touch);
            String ring = ring(touch.getOrDefault("brush-ring", "outer"));
            if (!stroke.isEmpty()) {
                after.merge(ring, stroke, (a, b) -> a.isBlank() ? b : a + "|" + b);
            }
        }
        if (touch.containsKey("unpaint")) {
            String ring = ring(touch.get("unpaint"));
            String text = after.getOrDefault(ring, "");
            after.put(ring, text.contains("|") ? text.substring(0, text.lastIndexOf('|')) : "");
        }
        if (touch.containsKey("wipe")) {
            after.put(ring(touch.get("wipe")), "");
        }
        if (touch.containsKey("copy")) {
            String from = ring(touch.get("copy"));
            after.put(from.equals("inner") ? "outer" : "inner", after.getOrDefault(from, ""));
        }
        return after;
    }

    private static String ring(String name) {
        return name.equals("inner") ? "inner" : "outer";
    }

    /**
     * A stroke by hand: mark, place, from, to, width, and how often it repeats round the ring; empty where it cannot be
     * read.
     */
    private static String stroke(Map<String, String> touch) {
        String mark = touch.getOrDefault("brush-mark", "");
        List<String> numbers = List.of(
                touch.getOrDefault("brush-angle", "").strip(),
                touch.getOrDefault("brush-across", "50").strip(),
                touch.getOrDefault("brush-width", "10").strip());
        if (Mark.of(mark).isEmpty()
                || numbers.stream().anyMatch(n -> !NUMBER.matcher(n).matches())) {
            return "";
        }
        double angle = Double.parseDouble(numbers.get(0));
        double across = Double.parseDouble(numbers.get(1)) / 100;
        double width = Math.max(0.01, Math.min(1, Double.parseDouble(numbers.get(2)) / 100));
        String to = touch.getOrDefault("brush-to", "").strip();
        String repeat = touch.getOrDefault("brush-repeat", "").strip();
        List<Stroke.Spot> spots = new ArrayList<>();
        if (repeat.matches("\\d{1,3}") && Integer.parseInt(repeat) > 1) {
            int times = Integer.parseInt(repeat);
            for (int i = 0; i < times; i++) {
                spots.add(new Stroke.Spot(angle + 360.0 * i / times, across));
            }
        } else if (NUMBER.matcher(to).matches()) {
            double end = Double.parseDouble(to);
            double arc = end - angle <= 0 ? end - angle + 360 : end - angle;
            int steps = Math.max(1, (int) Math.ceil(arc / 15));
            for (int i = 0; i <= steps; i++) {
                if (i < steps || arc < 355) {
                    spots.add(new Stroke.Spot(angle + arc * i / steps, across));
                }
            }
        } else {
            spots.add(new Stroke.Spot(angle, across));
        }
        return Stroke.write(List.of(new Stroke(Mark.of(mark).get(), width, spots)));
    }
}
