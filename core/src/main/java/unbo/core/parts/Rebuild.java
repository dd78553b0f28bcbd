package unbo.core.parts;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * New bearings in the old part, or the whole assembly: cost of parts and minutes against the assembly's price and its
 * minutes. Three things must be looked at first; one of them gone, and new bearings in it are wasted.
 *
 * @param rebuildCost parts and work
 * @param assemblyCost the assembly and the work to fit it
 */
public record Rebuild(Input input, double rebuildCost, double assemblyCost, Choice choice) {

    /** What to do. */
    public enum Choice {
        REBUILD,
        ASSEMBLY,
        LOOK_FIRST
    }

    /** A gate: how it was found. */
    public enum Gate {
        UNSEEN,
        SOUND,
        GONE
    }

    /** @param hourly price of an hour's work */
    public record Input(
            double parts,
            double minutes,
            double hourly,
            double assembly,
            double assemblyMinutes,
            Gate bush,
            Gate housing,
            Gate shaft) {

        List<Gate> gates() {
            return List.of(bush, housing, shaft);
        }
    }

    private static final List<Field.Choice> SEEN = List.of(
            new Field.Choice("unseen", "not looked at yet"),
            new Field.Choice("sound", "sound"),
            new Field.Choice("gone", "worn, cracked or scored"));
    private static final List<String> GATES = List.of("its pivot bush", "its housing", "its shaft");

    public static final FieldList<Input> LIST = FieldList.of(
            List.of(
                    PartLineFields.price("parts", "Parts of the rebuild").must(),
                    minutes("minutes", "Minutes to rebuild"),
                    PartLineFields.price("hourly", "An hour's work").must(),
                    PartLineFields.price("assembly", "Price of the assembly").must(),
                    minutes("assemblyMinutes", "Minutes to fit it"),
                    Field.choice("bush", "Pivot bush", SEEN).orElse("unseen", "look before deciding"),
                    Field.choice("housing", "Housing", SEEN).orElse("unseen", "look before deciding"),
                    Field.choice("shaft", "Shaft", SEEN).orElse("unseen", "look before deciding")),
            v -> new Input(
                    v.number("parts"),
                    v.number("minutes"),
                    v.number("hourly"),
                    v.number("assembly"),
                    v.number("assemblyMinutes"),
                    gate(v.text("bush")),
                    gate(v.text("housing")),
                    gate(v.text("shaft"))));

    private static Field minutes(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, 6000)
                .usually(5, 600)
                .must();
    }

    private static Gate gate(String code) {
        return switch (code) {
            case "sound" -> Gate.SOUND;
            case "gone" -> Gate.GONE;
            default -> Gate.UNSEEN;
        };
    }

    public static Rebuild of(Input in) {
        double rebuild = in.parts() + in.minutes() / 60 * in.hourly();
        double assembly = in.assembly() + in.assemblyMinutes() / 60 * in.hourly();
        Choice choice = in.gates().contains(Gate.GONE)
                ? Choice.ASSEMBLY
                : in.gates().contains(Gate.UNSEEN)
                        ? Choice.LOOK_FIRST
                        : rebuild <= assembly ? Choice.REBUILD : Choice.ASSEMBLY;
        return new Rebuild(in, rebuild, assembly, choice);
    }

    /** It in print. */
    public Answer answer() {
        double less = Math.abs(assemblyCost - rebuildCost);
        String dearer = rebuildCost <= assemblyCost
                ? "Rebuilding is " + Show.fixed(less, 2) + " cheaper"
                : "The assembly is " + Show.fixed(less, 2) + " cheaper";
        Finding finding = switch (choice) {
            case LOOK_FIRST ->
                new Finding(
                        "rebuild-look",
                        Level.OPEN,
                        "Look first at " + named(Gate.UNSEEN) + ": gone, new bearings in it are wasted. By cost alone: "
                                + dearer + ".");
            case REBUILD -> new Finding("rebuild", Level.RIGHT, dearer + ", and bush, housing and shaft are sound.");
            case ASSEMBLY ->
                new Finding(
                        "assembly",
                        Level.WATCH,
                        input.gates().contains(Gate.GONE)
                                ? "Take the assembly: " + named(Gate.GONE) + " is gone, whatever the bearings cost."
                                : dearer + ": take it.");
        };
        return new Answer(
                List.of(
                        new Answer.Figure("rebuild", Show.fixed(rebuildCost, 2), "", ""),
                        new Answer.Figure("assembly", Show.fixed(assemblyCost, 2), "", "")),
                List.of(finding),
                List.of("Compared are money and minutes only: a rebuild keeps the maker's own part, an "
                        + "assembly may carry another maker's bearings."),
                new Worksheet(
                        "Rebuild or assembly?",
                        List.of(
                                Worksheet.computed(
                                        "", "rebuild", "parts + minutes/60 · hour", Show.fixed(rebuildCost, 2)),
                                Worksheet.judged(
                                        "",
                                        "assembly",
                                        "assembly + minutes/60 · hour",
                                        Show.fixed(assemblyCost, 2),
                                        "after bush, housing and shaft were looked at")),
                        List.of("Costs as typed.")),
                List.of());
    }

    private String named(Gate gate) {
        List<String> names = new ArrayList<>();
        for (int i = 0; i < GATES.size(); i++) {
            if (input.gates().get(i) == gate) {
                names.add(GATES.get(i));
            }
        }
        return String.join(" and ", names);
    }
}
