package unbo.core.route;

import static java.util.Objects.requireNonNull;

import java.util.HashMap;
import java.util.Map;

import unbo.core.input.FieldList;
import unbo.core.life.PressureCentres;
import unbo.core.measure.Show;
import unbo.core.sheet.FactKey;
import unbo.core.sheet.Sheet;

/**
 * What a job's sheet fills in of a question that no stage asks: by the names of its boxes, so that nothing known is
 * typed again.
 */
public final class FromSheet {

    private static final double NEWTON_PER_KG = 9.80665;
    private static final Map<String, FactKey> FACTS = Map.ofEntries(
            Map.entry("vehicle", FactKey.VEHICLE_KIND),
            Map.entry("boreMm", FactKey.OUTER_BORE),
            Map.entry("outsideMm", FactKey.OUTER_OUTSIDE),
            Map.entry("widthMm", FactKey.OUTER_WIDTH),
            Map.entry("betweenCups", FactKey.BETWEEN_CUPS),
            Map.entry("hubBore", FactKey.HUB_BORE),
            Map.entry("spindle", FactKey.SPINDLE),
            Map.entry("oldKind", FactKey.GREASE_KIND),
            Map.entry("seat", FactKey.FIT_SEAT),
            Map.entry("pitch", FactKey.NUT_PITCH),
            Map.entry("spacer", FactKey.SPACER),
            Map.entry("yearly", FactKey.YEARLY),
            Map.entry("greased", FactKey.DAY),
            Map.entry("seal", FactKey.SEAL),
            Map.entry("temperature", FactKey.HUB_HEAT));

    private FromSheet() {}

    /** Texts by box; boxes of which nothing is known are left out. */
    public static Map<String, String> of(FieldList<?> fields, Sheet sheet) {
        Map<String, String> known = new HashMap<>();
        FACTS.forEach((name, key) -> known.put(name, sheet.typed(key)));
        String outer = set(sheet, FactKey.OUTER_CONE, FactKey.OUTER_CUP);
        String inner = set(sheet, FactKey.INNER_CONE, FactKey.INNER_CUP);
        known.put("designation", outer);
        known.put("marking", sheet.text(FactKey.OUTER_CONE));
        known.put("outerDesignation", outer);
        known.put("innerDesignation", inner);
        known.put("leftDesignation", sheet.has(FactKey.LEFT_BEARING) ? sheet.text(FactKey.LEFT_BEARING) : inner);
        known.put("rightDesignation", sheet.has(FactKey.RIGHT_BEARING) ? sheet.text(FactKey.RIGHT_BEARING) : outer);
        known.put(
                "wheelLoadN",
                sheet.number(FactKey.LOAD) == null
                        ? ""
                        : Show.number(requireNonNull(sheet.number(FactKey.LOAD)) * NEWTON_PER_KG, 0) + " N");
        PressureCentres.of(sheet).ifPresent(mm -> known.put("spreadMm", Show.number(mm, 1) + " mm"));
        if (fields.field("designation").isPresent() && !outer.isEmpty()) {
            known.keySet().removeAll(java.util.List.of("boreMm", "outsideMm", "widthMm"));
        }
        known.entrySet()
                .removeIf(
                        e -> e.getValue().isBlank() || fields.field(e.getKey()).isEmpty());
        return known;
    }

    private static String set(Sheet sheet, FactKey cone, FactKey cup) {
        String second = sheet.text(cup);
        return second.isEmpty() || sheet.text(cone).equals(second) ? sheet.text(cone) : sheet.text(cone) + "/" + second;
    }
}
