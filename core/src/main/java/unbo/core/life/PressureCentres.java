package unbo.core.life;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;

import unbo.core.fact.FactKey;
import unbo.core.sheet.Sheet;

/**
 * How far the pressure centres of a hub's two bearings are apart, mm. Between their middles: the room between the cups
 * and half of both widths; back to back the centres lie outside them by dm/2·tan α each (geometry of the contact lines;
 * where the effective load centre of a catalogue is known, that counts).
 */
public final class PressureCentres {

    private PressureCentres() {}

    /** Empty where a size is not known. */
    public static Optional<Double> of(Sheet sheet) {
        List<FactKey> needed = List.of(
                FactKey.BETWEEN_CUPS,
                FactKey.OUTER_BORE,
                FactKey.OUTER_OUTSIDE,
                FactKey.OUTER_WIDTH,
                FactKey.INNER_BORE,
                FactKey.INNER_OUTSIDE,
                FactKey.INNER_WIDTH);
        if (needed.stream().anyMatch(key -> sheet.number(key) == null)) {
            return Optional.empty();
        }
        double middles = requireNonNull(sheet.number(FactKey.BETWEEN_CUPS))
                + (requireNonNull(sheet.number(FactKey.OUTER_WIDTH))
                                + requireNonNull(sheet.number(FactKey.INNER_WIDTH)))
                        / 2;
        return Optional.of(middles
                + outside(sheet, FactKey.OUTER_BORE, FactKey.OUTER_OUTSIDE, FactKey.OUTER_HALF_ANGLE)
                + outside(sheet, FactKey.INNER_BORE, FactKey.INNER_OUTSIDE, FactKey.INNER_HALF_ANGLE));
    }

    private static double outside(Sheet sheet, FactKey bore, FactKey outside, FactKey angle) {
        Double half = sheet.number(angle);
        return half == null
                ? 0
                : (requireNonNull(sheet.number(bore)) + requireNonNull(sheet.number(outside)))
                        / 4
                        * Math.tan(Math.toRadians(half));
    }
}
