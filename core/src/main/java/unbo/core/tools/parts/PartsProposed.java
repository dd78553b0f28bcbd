package unbo.core.tools.parts;

import java.util.ArrayList;
import java.util.List;

import unbo.core.bearing.BearingKind;
import unbo.core.fact.FactKey;
import unbo.core.lubrication.Mixing;
import unbo.core.parts.PartLine;
import unbo.core.sheet.Sheet;

/** The parts that a job's sheet calls for, with what is never used twice. */
public final class PartsProposed {

    private static final String[] PLACES = {"outer", "inner"};

    private PartsProposed() {}

    public static List<PartLine> of(Sheet sheet) {
        List<PartLine> lines = new ArrayList<>();
        boolean tapered = false;
        for (String place : PLACES) {
            boolean outer = place.equals("outer");
            String cone = sheet.text(outer ? FactKey.OUTER_CONE : FactKey.INNER_CONE);
            String cup = sheet.text(outer ? FactKey.OUTER_CUP : FactKey.INNER_CUP);
            BearingKind kind = BearingKind.of(sheet.text(outer ? FactKey.OUTER_KIND : FactKey.INNER_KIND))
                    .orElse(BearingKind.UNKNOWN);
            tapered |= kind.taper() || !cup.isEmpty();
            if (!cone.isEmpty()) {
                lines.add(line("bearing", cone, place + " bearing", 1, "pieces", false));
            }
            if (!cup.isEmpty() && !cup.equals(cone)) {
                lines.add(line("cup", cup, place + " bearing", 1, "pieces", false));
            }
            if (kind == BearingKind.HUB_CARTRIDGE) {
                lines.add(line("clip", "clip ring of the knuckle", place + " bearing", 1, "pieces", true));
                lines.add(line("nut", "axle nut", "drive shaft", 1, "pieces", true));
            }
        }
        if (sheet.has(FactKey.SEAL)) {
            lines.add(line("seal", "shaft seal " + sheet.text(FactKey.SEAL), "inboard", 1, "pieces", true));
        }
        if (tapered) {
            lines.add(line("pin", "split pin", "spindle nut", 1, "pieces", true));
        }
        int sealed = 0;
        for (String part : sheet.text(FactKey.ALWAYS_NEW).split(";")) {
            boolean listed = part.contains("seal") && sheet.has(FactKey.SEAL) && sealed++ == 0;
            boolean there = listed
                    || part.isBlank()
                    || lines.stream().anyMatch(l -> l.what().contains(part.strip()));
            if (!there) {
                lines.add(line(
                        part.contains("clip")
                                ? "clip"
                                : part.contains("nut")
                                        ? "nut"
                                        : part.contains("pin") ? "pin" : part.contains("seal") ? "seal" : "other",
                        part.strip(),
                        "removal",
                        1,
                        "pieces",
                        true));
            }
        }
        Double grams = sheet.number(FactKey.GREASE_TOTAL);
        if (grams != null) {
            String kind = Mixing.thickener(sheet.text(FactKey.GREASE_KIND))
                    .map(Mixing.Thickener::name)
                    .orElse(sheet.text(FactKey.GREASE_KIND));
            lines.add(line("grease", kind + " grease", "hub", Math.ceil(grams), "g", true));
        }
        return lines;
    }

    private static PartLine line(String kind, String what, String place, double count, String unit, boolean alwaysNew) {
        return new PartLine(
                kind, what, place, count, unit, alwaysNew, new PartLine.Prices(null, null, PartLine.From.CHEAPER));
    }
}
