package unbo.core.vehicle;

import java.util.List;

import unbo.core.input.Field;

/** How a vehicle is used and how its way is counted: the choices that every question about it offers. */
public final class Usage {

    /** Where it runs. */
    public static final List<Field.Choice> USES = List.of(
            new Field.Choice("dry", "dry roads"),
            new Field.Choice("wet", "wet roads"),
            new Field.Choice("immersed", "goes under water"),
            new Field.Choice("off-road", "off road"));

    /** What its counter counts. */
    public static final List<Field.Choice> COUNTERS = List.of(
            new Field.Choice("km", "kilometres"),
            new Field.Choice("mi", "miles"),
            new Field.Choice("h", "hours"),
            new Field.Choice("none", "none"));

    /** What a vehicle so used goes through, by the codes of Diagnose; empty when nothing out of the common. */
    public static String circumstances(String use) {
        return use.equals("immersed") ? "salt-water" : use.equals("off-road") ? "off-road" : "";
    }

    /** Where it runs, in words. */
    public static String words(String use) {
        return USES.stream()
                .filter(choice -> choice.code().equals(use))
                .map(Field.Choice::label)
                .findFirst()
                .orElse(use);
    }

    private Usage() {}
}
