package unbo.core.route;

import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import unbo.core.assembly.BearingPlaces;
import unbo.core.input.Typed;

/** Tells the entries of a stage apart that is asked of one bearing, ring or way at a time. */
final class EntryNames {

    private EntryNames() {}

    /** By the place of the bearing; by its number where none was said. */
    static EntryName bearing(Typed typed) {
        return new EntryName(code(place(typed)), words(typed, ""));
    }

    /** The same, with an entry of its own for the shaft's seat: that of the housing stands with the races. */
    static EntryName inspected(Typed typed) {
        boolean shaft = shaft(typed);
        return new EntryName(code(place(typed), shaft ? "shaft" : ""), words(typed, shaft ? "the shaft's seat" : ""));
    }

    private static boolean shaft(Typed typed) {
        return typed.text("seatRing").equals("inner")
                && !typed.text(BearingPlaces.NAME).isEmpty();
    }

    /** The same, and the ring. */
    static EntryName ring(Typed typed) {
        boolean outer = typed.text("ring").equals("outer");
        return new EntryName(
                code(place(typed), outer ? "outer-ring" : "inner-ring"),
                words(typed, outer ? "outer ring" : "inner ring"));
    }

    private static String place(Typed typed) {
        String place = typed.text(BearingPlaces.NAME);
        return place.isEmpty() ? number(typed) : place;
    }

    private static String number(Typed typed) {
        String number = typed.text("designation").replaceAll("\\s", "").toUpperCase(Locale.ROOT);
        return number.isEmpty()
                ? Stream.of("bore", "outside", "seatSize")
                        .map(typed::text)
                        .map(String::strip)
                        .collect(Collectors.joining("x"))
                        .replaceAll("^x+|x+$", "")
                : number;
    }

    private static String words(Typed typed, String ring) {
        String number = typed.text("designation").isBlank()
                ? ""
                : typed.text("designation").strip();
        return Stream.of(BearingPlaces.words(typed.text(BearingPlaces.NAME)), number, ring)
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static String code(String... parts) {
        return Stream.of(parts).filter(part -> !part.isEmpty()).collect(Collectors.joining("~"));
    }
}
