package unbo.core.tools.section;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.PartChange;
import unbo.core.bearing.BearingBook;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Shape;
import unbo.core.fact.FactKey;
import unbo.core.sheet.Sheet;
import unbo.core.tools.identify.HubSection;
import unbo.core.tools.setting.ShaftSection;
import unbo.core.tools.strip.ApartFields;

/** The section of what a sheet is about: an adjustable hub with its play and grease, every other kind by its parts. */
public final class JobSection {

    private static final String ADJUSTABLE = "adjustable-taper";

    private JobSection() {}

    /** A drawing with some parts marked as what the work is about; codes of other parts mark nothing. */
    public static Drawing marked(Drawing drawing, Set<String> parts) {
        return new Drawing(
                drawing.name(),
                drawing.title(),
                drawing.left(),
                drawing.top(),
                drawing.width(),
                drawing.height(),
                drawing.shapes().stream().map(shape -> marked(shape, parts)).toList());
    }

    /** A drawing with where some of its parts stand upon them, by code. */
    public static Drawing standing(Drawing drawing, Map<String, PartMark> marks) {
        return PartMark.on(drawing, marks);
    }

    private static Shape marked(Shape shape, Set<String> parts) {
        return shape instanceof Shape.Tagged tagged && parts.contains(tagged.part())
                ? new Shape.Tagged(tagged.part(), tagged.title(), true, tagged.shapes())
                : shape;
    }

    /** The assembly of a sheet; empty while it is not known what it is. */
    public static Optional<Assembly> assembly(Sheet sheet, BearingBook book) {
        return sheet.kind().map(kind -> assembly(kind, sheet, book));
    }

    /** It, as far as it is known; what is not is dashed. */
    public static Drawing of(Sheet sheet, BearingBook book) {
        return of(sheet, book, HubSection::of);
    }

    /** The same, with every part of an adjustable hub told apart as well. */
    public static Drawing touchable(Sheet sheet, BearingBook book) {
        return of(sheet, book, HubSection::touchable);
    }

    private static Drawing of(Sheet sheet, BearingBook book, BiFunction<Sheet, BearingBook, Drawing> hub) {
        return sheet.has(FactKey.ARRANGEMENT)
                ? ShaftSection.of(sheet, book).orElseGet(() -> byKind(sheet, book, hub))
                : byKind(sheet, book, hub);
    }

    private static Drawing byKind(Sheet sheet, BearingBook book, BiFunction<Sheet, BearingBook, Drawing> hub) {
        return sheet.kind()
                .filter(kind -> !sheet.guessed() && !kind.code().equals(ADJUSTABLE))
                .map(kind -> Section.of(assembly(kind, sheet, book), Section.View.WHOLE))
                .orElseGet(() -> hub.apply(sheet, book));
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
