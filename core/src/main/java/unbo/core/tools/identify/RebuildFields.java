package unbo.core.tools.identify;

import java.util.List;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.parts.Rebuild;
import unbo.core.tools.parts.PartLineFields;

/** What is asked of rebuild or assembly. */
public final class RebuildFields {

    private static final List<Field.Choice> SEEN = List.of(
            new Field.Choice("unseen", "not looked at yet"),
            new Field.Choice("sound", "sound"),
            new Field.Choice("gone", "worn, cracked or scored"));

    public static final FieldList<Rebuild.Input> LIST = FieldList.of(
            List.of(
                    PartLineFields.price("parts", "Parts of the rebuild").must(),
                    Rebuild.minutes("minutes", "Minutes to rebuild"),
                    PartLineFields.price("hourly", "An hour's work").must(),
                    PartLineFields.price("assembly", "Price of the assembly").must(),
                    Rebuild.minutes("assemblyMinutes", "Minutes to fit it"),
                    Field.choice("bush", "Pivot bush", SEEN).orElse("unseen", "look before deciding"),
                    Field.choice("housing", "Housing", SEEN).orElse("unseen", "look before deciding"),
                    Field.choice("shaft", "Shaft", SEEN).orElse("unseen", "look before deciding")),
            v -> new Rebuild.Input(
                    v.number("parts"),
                    v.number("minutes"),
                    v.number("hourly"),
                    v.number("assembly"),
                    v.number("assemblyMinutes"),
                    gate(v.text("bush")),
                    gate(v.text("housing")),
                    gate(v.text("shaft"))));

    private RebuildFields() {}

    private static Rebuild.Gate gate(String code) {
        return switch (code) {
            case "sound" -> Rebuild.Gate.SOUND;
            case "gone" -> Rebuild.Gate.GONE;
            default -> Rebuild.Gate.UNSEEN;
        };
    }
}
