package unbo.app.record;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import unbo.core.assembly.AssemblyKind;
import unbo.core.input.Field;
import unbo.core.vehicle.Usage;
import unbo.core.vehicle.VehicleKind;

/**
 * Which runs are asked about, and how they are counted and grouped. Codes that are none count as empty.
 *
 * @param counter km, mi, h, days, immersions or races
 * @param by what they are grouped by; empty for none
 * @param kind of assembly; empty for all, as are the others
 * @param number begins so
 */
record RunsAsked(String counter, String by, String kind, String vehicle, String use, String number) {

    static final List<Field.Choice> COUNTERS = List.of(
            new Field.Choice("km", "kilometres"),
            new Field.Choice("mi", "miles"),
            new Field.Choice("h", "hours"),
            new Field.Choice("days", "days"),
            new Field.Choice("immersions", "immersions"),
            new Field.Choice("races", "races"));
    static final List<Field.Choice> GROUPS = List.of(
            new Field.Choice("kind", "kind of place"),
            new Field.Choice("place", "place in it"),
            new Field.Choice("vehicle", "kind of vehicle"),
            new Field.Choice("use", "use"),
            new Field.Choice("number", "number"),
            new Field.Choice("seals", "seal"),
            new Field.Choice("grease", "grease"),
            new Field.Choice("play", "end play it was set to"),
            new Field.Choice("person", "who fitted it"),
            new Field.Choice("life", "first life or later"));

    private static final int LONGEST = 40;

    static RunsAsked of(Map<String, String> texts) {
        return new RunsAsked(
                one(COUNTERS, texts.get("counter")).orElse(""),
                one(GROUPS, texts.get("by")).orElse(""),
                one(kinds(), texts.get("kind")).orElse(""),
                one(vehicles(), texts.get("vehicle")).orElse(""),
                one(Usage.USES, texts.get("use")).orElse(""),
                number(texts.getOrDefault("number", "")));
    }

    private static String number(String text) {
        String tidy = text.strip().toUpperCase(java.util.Locale.ROOT);
        return tidy.length() > LONGEST ? tidy.substring(0, LONGEST) : tidy;
    }

    static List<Field.Choice> kinds() {
        return AssemblyKind.all().stream()
                .map(kind -> new Field.Choice(kind.code(), kind.label()))
                .toList();
    }

    static List<Field.Choice> vehicles() {
        return VehicleKind.choices();
    }

    private static Optional<String> one(List<Field.Choice> choices, String code) {
        return choices.stream()
                .map(Field.Choice::code)
                .filter(c -> c.equals(code))
                .findFirst();
    }

    /** The same in another counter. */
    RunsAsked in(String other) {
        return new RunsAsked(other, by, kind, vehicle, use, number);
    }

    /** True for a counter that begins with the vehicle. */
    boolean fromNew() {
        return counter.equals("km") || counter.equals("mi") || counter.equals("h");
    }
}
