package unbo.core.route;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Typed;
import unbo.core.life.PressureCentres;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.sheet.Sheet;

/**
 * What a job's sheet fills in of a question that no stage asks, so that nothing known is typed again: each box by the
 * facts it names, never by what it is called.
 */
public final class FromSheet {

    private static final double NEWTON_PER_KG = 9.80665;
    /** Told by the number of the outer bearing where that is filled in. */
    private static final Set<FactKey> SIZES = Set.of(FactKey.OUTER_BORE, FactKey.OUTER_OUTSIDE, FactKey.OUTER_WIDTH);

    private FromSheet() {}

    /** Texts by box; boxes of which nothing is known are left out. */
    public static Map<String, String> of(FieldList<?> fields, Sheet sheet) {
        boolean numbered = sheet.has(FactKey.OUTER_CONE)
                && fields.fields().stream().anyMatch(field -> field.from().contains(FactKey.OUTER_CONE));
        Map<String, String> known = new LinkedHashMap<>();
        for (Field field : fields.fields()) {
            field.from().stream()
                    .filter(key -> !numbered || !SIZES.contains(key))
                    .map(key -> text(field, key, sheet))
                    .filter(text -> !text.isBlank() && field.takes(text))
                    .findFirst()
                    .ifPresent(text -> known.put(field.name(), text));
        }
        return known;
    }

    /** By box, what the sheet filled in and nobody typed over. */
    public static Map<String, String> hangsOn(FieldList<?> fields, Sheet sheet, Typed typed) {
        Map<String, String> used = of(fields, sheet);
        used.entrySet().removeIf(filled -> !typed.text(filled.getKey()).equals(filled.getValue()));
        return used;
    }

    /** True where the sheet would fill a box otherwise now. @param used as {@link #hangsOn} told it then */
    public static boolean stale(FieldList<?> fields, Sheet sheet, Map<String, String> used) {
        Map<String, String> now = of(fields, sheet);
        return used.entrySet().stream().anyMatch(was -> !was.getValue().equals(now.get(was.getKey())));
    }

    private static String text(Field field, FactKey key, Sheet sheet) {
        if (key.is(PlaceProperty.CONE)) {
            return key.place().map(sheet::found).orElse("");
        }
        if (key.equals(FactKey.SPREAD)) {
            return PressureCentres.of(sheet)
                    .map(mm -> Show.number(mm, 1) + " mm")
                    .orElse("");
        }
        if (key.equals(FactKey.LOAD)) {
            return weight(field, sheet);
        }
        if (key.equals(FactKey.YEARLY)) {
            return field.kind() == Field.Kind.COUNTER ? sheet.text(key) : yearly(sheet);
        }
        return sheet.typed(key);
    }

    private static String weight(Field field, Sheet sheet) {
        Double kg = sheet.number(FactKey.LOAD);
        boolean force = field.unit() != null && field.unit().quantity() == Quantity.FORCE;
        return kg == null ? "" : force ? Show.number(kg * NEWTON_PER_KG, 0) + " N" : sheet.typed(FactKey.LOAD);
    }

    /** What it runs in a year as a distance; nothing where hours are counted, or nothing is. */
    private static String yearly(Sheet sheet) {
        String unit = sheet.text(FactKey.COUNTER_UNIT);
        boolean distance = unit.isEmpty() || unit.equals("km") || unit.equals("mi") || unit.equals("none");
        String year = sheet.text(FactKey.YEARLY);
        return !distance || year.isBlank() ? "" : year + (unit.equals("mi") ? " mi" : " km");
    }
}
