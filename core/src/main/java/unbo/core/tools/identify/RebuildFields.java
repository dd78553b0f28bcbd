package unbo.core.tools.identify;

import java.util.List;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.parts.Rebuild;
import unbo.core.tools.parts.PartLineFields;

/** What is asked of rebuild or assembly. */
public final class RebuildFields {

    private static final List<Field.Choice> SEEN = List.of(
            new Field.Choice("unseen", "not looked at yet"),
            new Field.Choice("sound", "sound"),
            new Field.Choice("gone", "worn, cracked or scored"));

    private static final List<String> AHEAD = List.of("rebuiltFails", "assemblyFails", "by", "failureCost", "perYear");

    public static final FieldList<Rebuild.Input> LIST = FieldList.of(
            List.of(
                    PartLineFields.price("parts", "Parts of the rebuild").must(),
                    Rebuild.minutes("minutes", "Minutes to rebuild"),
                    PartLineFields.price("hourly", "An hour's work").must(),
                    PartLineFields.price("assembly", "Price of the assembly").must(),
                    Rebuild.minutes("assemblyMinutes", "Minutes to fit it"),
                    Field.choice("bush", "Pivot bush", SEEN).orElse("unseen", "look before deciding"),
                    Field.choice("housing", "Housing", SEEN).orElse("unseen", "look before deciding"),
                    Field.choice("shaft", "Shaft", SEEN).orElse("unseen", "look before deciding"),
                    plain("rebuiltFails", "Chance that the rebuilt fails", 0, 0.99)
                            .hint("with what follows the years ahead are counted; else only what is paid now"),
                    plain("assemblyFails", "Chance that the assembly fails", 0, 0.99),
                    plain("by", "By this distance", 1, 1e8),
                    plain("failureCost", "A failure costs", 0, 1e8),
                    plain("perYear", "Goes a year", 1, 1e8),
                    plain("years", "Years ahead", 0.1, 50).orElse("4", null),
                    plain("rate", "Interest a year, share", 0, 0.5).orElse("0", null)),
            RebuildFields::rules,
            v -> new Rebuild.Input(
                    v.number("parts"),
                    v.number("minutes"),
                    v.number("hourly"),
                    v.number("assembly"),
                    v.number("assemblyMinutes"),
                    List.of(gate(v.text("bush")), gate(v.text("housing")), gate(v.text("shaft"))),
                    v.has("rebuiltFails") ? ahead(v) : null));

    private RebuildFields() {}

    private static Field plain(String name, String label, double min, double max) {
        return Field.quantity(name, label, Quantity.RATIO, "", min, max).seldom();
    }

    /** All of what lies ahead, or nothing of it. */
    private static List<Problem> rules(Values v) {
        List<String> missing = AHEAD.stream().filter(name -> !v.has(name)).toList();
        return missing.isEmpty() || missing.size() == AHEAD.size()
                ? List.of()
                : missing.stream()
                        .map(name -> new Problem(
                                name,
                                "To count the years ahead write both chances, their distance, what a failure costs and "
                                        + "the distance a year; or none of them.",
                                false))
                        .toList();
    }

    private static Rebuild.Ahead ahead(Values v) {
        return new Rebuild.Ahead(
                v.number("years"),
                v.number("perYear"),
                v.number("rate"),
                v.number("by"),
                v.number("rebuiltFails"),
                v.number("assemblyFails"),
                v.number("failureCost"));
    }

    private static Rebuild.Gate gate(String code) {
        return switch (code) {
            case "sound" -> Rebuild.Gate.SOUND;
            case "gone" -> Rebuild.Gate.GONE;
            default -> Rebuild.Gate.UNSEEN;
        };
    }
}
