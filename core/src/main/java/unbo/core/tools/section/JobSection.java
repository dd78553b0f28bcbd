package unbo.core.tools.section;

import java.util.HashMap;
import java.util.Map;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.PartChange;
import unbo.core.bearing.BearingBook;
import unbo.core.drawing.Drawing;
import unbo.core.fact.FactKey;
import unbo.core.sheet.Sheet;
import unbo.core.tools.identify.HubSection;
import unbo.core.tools.setting.ShaftSection;
import unbo.core.tools.strip.ApartFields;

/** The section of what a sheet is about: an adjustable hub with its play and grease, every other kind by its parts. */
public final class JobSection {

    private static final String ADJUSTABLE = "adjustable-taper";

    private JobSection() {}

    /** It, as far as it is known; what is not is dashed. */
    public static Drawing of(Sheet sheet, BearingBook book) {
        if (sheet.has(FactKey.ARRANGEMENT)) {
            return ShaftSection.of(sheet, book).orElseGet(() -> byKind(sheet, book));
        }
        return byKind(sheet, book);
    }

    private static Drawing byKind(Sheet sheet, BearingBook book) {
        return sheet.kind()
                .filter(kind -> !sheet.guessed() && !kind.code().equals(ADJUSTABLE))
                .map(kind -> Section.of(assembly(kind, sheet, book), Section.View.WHOLE))
                .orElseGet(() -> HubSection.of(sheet, book));
    }

    /** The assembly of a sheet, with the bearing that is in each place, or goes in there. */
    private static Assembly assembly(AssemblyKind kind, Sheet sheet, BearingBook book) {
        Map<String, String> numbers = new HashMap<>();
        for (KindPlace place : sheet.places()) {
            String now = sheet.now(place.code());
            if (!now.isEmpty()) {
                numbers.put(place.code(), now);
            }
        }
        return Assembly.of(
                new Assembly.Asked(
                        kind.code(),
                        ApartFields.built(sheet.text(FactKey.BUILT)),
                        Assembly.Grip.USUAL,
                        numbers,
                        PartChange.all(sheet.text(FactKey.PARTS))),
                book);
    }
}
