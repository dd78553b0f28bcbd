package unbo.core.tools.identify;

import unbo.core.designation.SealSize;
import unbo.core.drawing.Known;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;

/**
 * The lengths of a hub that its section is drawn from, mm and degrees, each with how it is known. What the sheet does
 * not know is estimated, so that the hub can be drawn from the first moment; such lines are dashed.
 */
record HubGeometry(Bearing outer, Bearing inner, Cavity cavity, SealSize seal, Known sealKnown) {
    /** Lengths of the hub, each with how it is known. */
    public record Cavity(
            double between,
            Known betweenKnown,
            double hubBore,
            Known hubBoreKnown,
            double spindle,
            Known spindleKnown) {}

    /** One bearing: bore, outside, (assembled) width, half cup angle. */
    record Bearing(double bore, double outside, double width, double halfAngleDeg, boolean tapered, Known known) {

        double rollerDiameter() {
            return 0.24 * (outside - bore);
        }

        double rollerLength() {
            return 0.65 * width;
        }
    }

    static HubGeometry of(Sheet sheet) {
        Bearing outer = taper(sheet, FactKey.FIRST, 25, 50, 14);
        Bearing inner = taper(sheet, FactKey.SECOND, 32, 59, 16);
        double between = number(sheet, FactKey.BETWEEN_CUPS, outer.width() + inner.width());
        double hubBore = number(sheet, FactKey.HUB_BORE, Math.min(outer.outside(), inner.outside()) - 8);
        double spindle = number(sheet, FactKey.SPINDLE, (outer.bore() + inner.bore()) / 2);
        SealSize seal = SealSize.read(sheet.text(FactKey.SEAL)).orElse(null);
        SealSize drawn = seal != null ? seal : new SealSize(inner.bore() + 9, inner.outside() + 2, 9);
        return new HubGeometry(
                outer,
                inner,
                new Cavity(
                        between,
                        known(sheet, FactKey.BETWEEN_CUPS),
                        hubBore,
                        known(sheet, FactKey.HUB_BORE),
                        spindle,
                        known(sheet, FactKey.SPINDLE)),
                drawn,
                seal == null ? Known.ESTIMATED : Known.TABLE);
    }

    private static Bearing taper(Sheet sheet, String place, double bore, double outside, double width) {
        FactKey bored = PlaceProperty.BORE.at(place);
        FactKey out = PlaceProperty.OUTSIDE.at(place);
        FactKey wide = PlaceProperty.WIDTH.at(place);
        FactKey kind = PlaceProperty.KIND.at(place);
        return new Bearing(
                number(sheet, bored, bore),
                number(sheet, out, outside),
                number(sheet, wide, width),
                number(sheet, PlaceProperty.HALF_ANGLE.at(place), 14),
                !sheet.has(kind) || sheet.text(kind).contains("taper"),
                known(sheet, bored).and(known(sheet, out)).and(known(sheet, wide)));
    }

    private static double number(Sheet sheet, FactKey key, double otherwise) {
        Double value = sheet.number(key);
        return value == null ? otherwise : value;
    }

    private static Known known(Sheet sheet, FactKey key) {
        return sheet.get(key).map(Fact::how).map(HubGeometry::line).orElse(Known.ESTIMATED);
    }

    public double between() {
        return cavity.between();
    }

    public Known betweenKnown() {
        return cavity.betweenKnown();
    }

    public double hubBore() {
        return cavity.hubBore();
    }

    public Known hubBoreKnown() {
        return cavity.hubBoreKnown();
    }

    public double spindle() {
        return cavity.spindle();
    }

    public Known spindleKnown() {
        return cavity.spindleKnown();
    }

    /** The line a size known this way is drawn with. */
    private static Known line(How how) {
        return switch (how) {
            case MEASURED -> Known.MEASURED;
            case TYPED, TABLE, COMPUTED -> Known.TABLE;
            case ESTIMATED, DEFAULT -> Known.ESTIMATED;
        };
    }
}
