package unbo.core.tools.parts;

import java.util.ArrayList;
import java.util.List;

import unbo.core.assembly.KindPlace;
import unbo.core.bearing.BearingBook;
import unbo.core.bearing.BearingKind;
import unbo.core.designation.Decoder;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.identify.NewNumber;
import unbo.core.identify.Suitability;
import unbo.core.inspect.Inspection;
import unbo.core.lubrication.Mixing;
import unbo.core.measure.Show;
import unbo.core.parts.PartLine;
import unbo.core.sheet.Sheet;

/** The parts that a job's sheet calls for, with what is never used twice. */
public final class PartsProposed {

    private PartsProposed() {}

    /** By the shipped tables alone. */
    public static List<PartLine> of(Sheet sheet) {
        return of(sheet, Decoder.SHIPPED);
    }

    public static List<PartLine> of(Sheet sheet, BearingBook book) {
        List<PartLine> lines = new ArrayList<>();
        boolean tapered = false;
        for (KindPlace place : sheet.places()) {
            String cone = sheet.text(PlaceProperty.CONE.at(place.code()));
            String cup = sheet.text(PlaceProperty.CUP.at(place.code()));
            String fitted = sheet.text(PlaceProperty.FITTED.at(place.code()));
            BearingKind kind = BearingKind.of(sheet.text(PlaceProperty.KIND.at(place.code())))
                    .orElse(BearingKind.UNKNOWN);
            tapered |= kind.taper() || !cup.isEmpty();
            if (!fitted.isEmpty() || !cone.isEmpty()) {
                lines.add(bearing(cone, fitted, place, sheet, book));
            }
            if (fitted.isEmpty() && !cup.isEmpty() && !cup.equals(cone)) {
                lines.add(line("cup", cup, place.label(), 1, "pieces", false));
            }
            String balls = sheet.text(PlaceProperty.BALLS.at(place.code()));
            if (!balls.isEmpty()) {
                Double mm = sheet.number(PlaceProperty.BALL_SIZE.at(place.code()));
                lines.add(line(
                        "balls",
                        mm == null ? "balls" : "balls of " + Show.number(mm, 3) + " mm",
                        place.label(),
                        Double.parseDouble(balls),
                        "pieces",
                        true));
            }
            remedy(sheet.text(PlaceProperty.HOUSING_REMEDY.at(place.code())), "housing", place, lines);
            remedy(sheet.text(PlaceProperty.SHAFT_REMEDY.at(place.code())), "shaft", place, lines);
            if (kind == BearingKind.HUB_CARTRIDGE) {
                lines.add(line("clip", "clip ring of the knuckle", place.label(), 1, "pieces", true));
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
        for (String part : (sheet.text(FactKey.ALWAYS_NEW) + ";" + sheet.text(FactKey.PARTS_RENEWED)).split(";")) {
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

    /** The bearing of a place: as Fit says, else the number that is right there in the place of the old one. */
    private static PartLine bearing(String cone, String fitted, KindPlace place, Sheet sheet, BearingBook book) {
        String suits = sheet.kind().map(kind -> kind.route().suits()).orElse("");
        boolean immersed = sheet.text(FactKey.USE).equals(Suitability.IMMERSED);
        String wanted = !fitted.isEmpty() ? fitted : NewNumber.of(book.decode(cone), suits, immersed, book);
        String what = fitted.isEmpty() && wanted.equals(book.decode(cone).designation()) ? cone : wanted;
        PartLine line = line("bearing", what, place.label(), 1, "pieces", false);
        return cone.isEmpty() || cone.equals(what) ? line : line.replacing(cone);
    }

    /** What a seat is put right by. */
    private static void remedy(String chosen, String part, KindPlace place, List<PartLine> lines) {
        String what = switch (chosen) {
            case Inspection.RENEWED -> "new " + part;
            case Inspection.SLEEVED -> "sleeve for the " + part + "'s seat";
            case Inspection.BONDED -> "retaining compound";
            default -> "";
        };
        if (!what.isEmpty()) {
            lines.add(line("other", what, place.label(), 1, "pieces", true));
        }
    }

    private static PartLine line(String kind, String what, String place, double count, String unit, boolean alwaysNew) {
        return new PartLine(
                kind, what, place, count, unit, alwaysNew, new PartLine.Prices(null, null, PartLine.From.CHEAPER));
    }
}
