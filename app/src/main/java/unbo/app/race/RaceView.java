package unbo.app.race;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import unbo.core.damage.Mark;
import unbo.core.damage.RaceMapInput;
import unbo.core.drawing.Drawing;
import unbo.core.measure.Show;
import unbo.core.tools.strip.RaceMapDrawing;

/**
 * What races are painted with.
 *
 * @param palette every mark as it looks
 * @param pitches degrees from a spot to the same one at each element, parted by blanks; empty where nobody counted
 */
public record RaceView(List<Swatch> palette, String pitches) {

    private static final List<Swatch> PALETTE = Mark.all().stream()
            .map(m -> new Swatch(m.code(), m.label(), m.key(), m.width(), RaceMapDrawing.swatch(m)))
            .toList();

    /**
     * One mark of the palette. @param key the letter that picks it @param width of the brush, hundredths of the race
     */
    public record Swatch(String code, String label, String key, int width, Drawing looks) {}

    /** @param map what was read of the races; null while it cannot be used */
    public static RaceView of(RaceMapInput map) {
        Integer elements = map == null ? null : map.elements();
        return new RaceView(
                PALETTE,
                elements == null
                        ? ""
                        : IntStream.range(0, elements)
                                .mapToObj(i -> Show.number(360.0 * i / elements, 2))
                                .collect(Collectors.joining(" ")));
    }
}
