package unbo.core.assembly;

import java.util.List;

import unbo.core.input.Field;

/** Where in an assembly a bearing sits, for those questions that are asked of one bearing at a time. */
public final class BearingPlaces {

    /** Name of the box. */
    public static final String NAME = "which";

    private static final List<Field.Choice> CHOICES = List.of(
            new Field.Choice("outer", "the outer bearing"),
            new Field.Choice("inner", "the inner bearing"),
            new Field.Choice("left", "the left bearing"),
            new Field.Choice("right", "the right bearing"),
            new Field.Choice("upper", "the upper bearing"),
            new Field.Choice("lower", "the lower bearing"),
            new Field.Choice("carrier", "the carrier's bearing"),
            new Field.Choice("freehub-inner", "the freehub's inner bearing"),
            new Field.Choice("freehub-outer", "the freehub's outer bearing"),
            new Field.Choice("head", "the head bearing"),
            new Field.Choice("tail", "the tail bearing"),
            new Field.Choice("only", "the only bearing"));

    private BearingPlaces() {}

    /** The box that asks which bearing is meant. */
    public static Field field() {
        return Field.choice(NAME, "Bearing", CHOICES).hint("which one this is about");
    }

    /** The words of a code; empty where none was chosen. */
    public static String words(String code) {
        return CHOICES.stream()
                .filter(choice -> choice.code().equals(code))
                .map(Field.Choice::label)
                .findFirst()
                .orElse("");
    }
}
