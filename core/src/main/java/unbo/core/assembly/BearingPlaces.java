package unbo.core.assembly;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import unbo.core.input.Field;

/** Where in an assembly a bearing sits, for those questions that are asked of one bearing at a time. */
public final class BearingPlaces {

    /** Name of the box. */
    public static final String NAME = "which";

    private static final List<Field.Choice> CHOICES = choices();

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

    private static List<Field.Choice> choices() {
        Map<String, Field.Choice> choices = new LinkedHashMap<>();
        KindPlace.all()
                .forEach(place ->
                        choices.putIfAbsent(place.code(), new Field.Choice(place.code(), "the " + place.label())));
        return List.copyOf(choices.values());
    }
}
