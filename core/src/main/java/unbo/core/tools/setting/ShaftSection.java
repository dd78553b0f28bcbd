package unbo.core.tools.setting;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

import unbo.core.arrange.Arrangement;
import unbo.core.bearing.BearingBook;
import unbo.core.drawing.Drawing;
import unbo.core.fact.FactKey;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Sheet;

/** The section of a place that is no wheel's: its shaft in its two bearings, by the arrangement that Fit was told. */
public final class ShaftSection {

    private ShaftSection() {}

    /** Empty where the sheet knows no arrangement, or not both bearings. */
    public static Optional<Drawing> of(Sheet sheet, BearingBook book) {
        if (!sheet.has(FactKey.ARRANGEMENT)) {
            return Optional.empty();
        }
        Map<String, String> texts = new HashMap<>(Map.of(
                "arrangement",
                sheet.text(FactKey.ARRANGEMENT),
                "leftBearing",
                sheet.text(FactKey.LEFT_BEARING),
                "rightBearing",
                sheet.text(FactKey.RIGHT_BEARING)));
        return FieldReader.read(ArrangementFields.LIST, texts, UnitSystem.METRIC, book)
                .get()
                .map(Arrangement::of)
                .map(a -> ArrangementWords.answer(a).drawings().get(0));
    }
}
