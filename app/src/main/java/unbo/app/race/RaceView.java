package unbo.app.race;

import java.util.List;

import unbo.core.damage.Mark;
import unbo.core.damage.RaceMapDrawing;
import unbo.core.drawing.Drawing;

/** The palette of the race map: every mark as it looks. */
public record RaceView(List<Swatch> palette) {

    private static final RaceView ONLY = new RaceView(Mark.all().stream()
            .map(m -> new Swatch(m.code(), m.label(), m.key(), RaceMapDrawing.swatch(m)))
            .toList());

    /** One mark of the palette. @param key the letter that picks it */
    public record Swatch(String code, String label, String key, Drawing looks) {}

    public static RaceView of() {
        return ONLY;
    }
}
