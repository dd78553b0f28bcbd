package unbo.core.damage;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

/** One painted race, measured. @param track null where none is painted */
public record RingPainting(
        boolean inner, List<Stroke> strokes, @Nullable Track track, Map<String, Spread> marks) {

    static RingPainting of(boolean inner, List<Stroke> strokes, @Nullable Integer elements) {
        Map<String, Spread> marks = new HashMap<>();
        for (Mark m : Mark.all()) {
            Spread spread = Spread.of(strokes, m.code(), elements);
            if (spread.there()) {
                marks.put(m.code(), spread);
            }
        }
        return new RingPainting(
                inner, List.copyOf(strokes), Track.of(Painting.of(strokes, "track", true)), Map.copyOf(marks));
    }

    public Spread mark(String code) {
        return marks.getOrDefault(code, Spread.NONE);
    }

    public boolean has(String code) {
        return marks.containsKey(code);
    }

    public boolean empty() {
        return strokes.isEmpty();
    }

    /** Any mark but the track it ran in. */
    boolean hurt() {
        return marks.keySet().stream().anyMatch(code -> !code.equals("track"));
    }
}
