package unbo.core.tools.section;

import java.util.HashMap;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.KindPlace;
import unbo.core.bearing.Bearing;
import unbo.core.drawing.Known;

/** Where on the axis each bearing of an assembly stands, and how large it is: what all other parts are drawn by. */
final class PlaceSizes {

    /**
     * A bearing as it stands, mm.
     *
     * @param fromMm where it begins on the axis
     * @param boreMm diameter
     * @param known by its number, or guessed by the kind of assembly
     */
    record Sizes(double fromMm, double widthMm, double boreMm, double outsideMm, Known known) {

        double toMm() {
            return fromMm + widthMm;
        }

        /** Radius of its bore. */
        double inner() {
            return boreMm / 2;
        }

        /** Radius of its outside. */
        double outer() {
            return outsideMm / 2;
        }
    }

    private final Map<String, Sizes> sizes = new HashMap<>();

    /** Adds a place that begins at {@code fromMm}. */
    void put(Assembly assembly, KindPlace place, double fromMm) {
        Bearing known = assembly.bearings().get(place.code());
        sizes.put(place.code().replace('-', '_'), sizes(place.usual(), known, fromMm));
    }

    private static Sizes sizes(KindPlace.Usual usual, @Nullable Bearing bearing, double fromMm) {
        if (bearing == null || bearing.boreMm() == null || bearing.outsideMm() == null || bearing.widthMm() == null) {
            return new Sizes(fromMm, usual.widthMm(), usual.boreMm(), usual.outsideMm(), Known.ESTIMATED);
        }
        return new Sizes(fromMm, bearing.widthMm(), bearing.boreMm(), bearing.outsideMm(), Known.TABLE);
    }

    /** @throws IllegalArgumentException for a place that was not put */
    Sizes at(String place) {
        Sizes found = sizes.get(place.replace('-', '_'));
        if (found == null) {
            throw new IllegalArgumentException("no place " + place);
        }
        return found;
    }

    /**
     * A length as it is written in the data file: terms added and taken away, each a number or a place with a, b, d or
     * D: where it begins and ends, the radii of its bore and outside.
     */
    double value(String sum) {
        double total = 0;
        for (String term : sum.replace("-", "+-").split("\\+")) {
            if (!term.isBlank()) {
                boolean minus = term.startsWith("-");
                total += (minus ? -1 : 1) * term(minus ? term.substring(1) : term);
            }
        }
        return total;
    }

    private double term(String term) {
        int dot = term.indexOf('.');
        if (dot < 1 || !Character.isLetter(term.charAt(0))) {
            return Double.parseDouble(term);
        }
        Sizes of = at(term.substring(0, dot));
        return switch (term.substring(dot + 1)) {
            case "a" -> of.fromMm();
            case "b" -> of.toMm();
            case "d" -> of.inner();
            case "D" -> of.outer();
            default -> throw new IllegalArgumentException("no length " + term);
        };
    }
}
