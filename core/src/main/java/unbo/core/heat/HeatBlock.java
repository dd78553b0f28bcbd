package unbo.core.heat;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.fit.Material;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * A heated lump of metal that warms a ring set on it: what both come to, and how hot or heavy it must be for a wanted
 * temperature. T = (mb·cb·Tb + mr·cr·Tr)/(mb·cb + mr·cr), without losses. The face that touches takes the block's
 * temperature at once: the block stays under the ring's limit, and what is missing is made up by its mass.
 *
 * @param finalC both, once they are even
 * @param blockC temperature of this block for the wanted one; null where none is wanted
 * @param massKg mass of a block at the limit for the wanted one; null where none is wanted or the limit is too low
 */
public record HeatBlock(
        Input input,
        double finalC,
        @Nullable Double blockC,
        @Nullable Double massKg) {

    /** @param wantedC of the ring; null where none is wanted */
    public record Input(
            Material blockMaterial,
            double blockMassKg,
            double blockC,
            double ringMassKg,
            double ringC,
            @Nullable Double wantedC,
            double limitC) {}

    public static final FieldList<Input> LIST = FieldList.of(
            List.of(
                    Field.choice("blockMaterial", "Block of", Material.choices())
                            .orElse("aluminium", null),
                    mass("blockMassKg", "Mass of the block").must(),
                    Field.quantity("block", "Block heated to", Quantity.TEMPERATURE, "°C", 20, 300)
                            .usually(60, 150)
                            .must(),
                    mass("ringMassKg", "Mass of the ring").must(),
                    Field.quantity("ring", "Ring before", Quantity.TEMPERATURE, "°C", -80, 60)
                            .usually(0, 35)
                            .orElse("20", null),
                    Field.quantity("wanted", "Ring wanted at", Quantity.TEMPERATURE, "°C", 20, 150)
                            .usually(60, 130),
                    Field.quantity("limit", "Limit of the ring", Quantity.TEMPERATURE, "°C", 60, 150)
                            .usually(80, 150)
                            .orElse("120", "open ring; sealed 80")),
            HeatBlock::rules,
            v -> new Input(
                    Material.of(v.text("blockMaterial")),
                    v.number("blockMassKg"),
                    v.number("block"),
                    v.number("ringMassKg"),
                    v.number("ring"),
                    v.maybe("wanted"),
                    v.number("limit")));

    private static Field mass(String name, String label) {
        return Field.quantity(name, label, Quantity.MASS, "kg", 0.005, 100).usually(0.02, 20);
    }

    private static List<Problem> rules(Values v) {
        return v.number("block") > v.number("ring")
                ? List.of()
                : List.of(Problem.impossible(
                        "block",
                        "A block at " + Show.number(v.number("block"), 0) + " °C does not warm a ring of "
                                + Show.number(v.number("ring"), 0) + " °C."));
    }

    public static HeatBlock of(Input in) {
        double block = in.blockMassKg() * in.blockMaterial().heatJPerKgK();
        double ring = in.ringMassKg() * Material.STEEL.heatJPerKgK();
        double both = (block * in.blockC() + ring * in.ringC()) / (block + ring);
        Double hot = in.wantedC() == null ? null : in.wantedC() + ring / block * (in.wantedC() - in.ringC());
        Double mass = in.wantedC() == null || in.wantedC() >= in.limitC()
                ? null
                : ring
                        * (in.wantedC() - in.ringC())
                        / (in.blockMaterial().heatJPerKgK() * (in.limitC() - in.wantedC()));
        return new HeatBlock(in, both, hot, mass);
    }

    /** It in print. */
    public Answer answer() {
        List<Answer.Figure> figures = new ArrayList<>(
                List.of(new Answer.Figure("ring comes to", Show.number(finalC, 0), "°C", "once even, without losses")));
        List<Finding> findings = new ArrayList<>();
        if (input.blockC() > input.limitC()) {
            findings.add(new Finding(
                    "block-hot",
                    Level.STOP,
                    "The block at " + Show.number(input.blockC(), 0) + " °C is over the ring's limit of "
                            + Show.number(input.limitC(), 0)
                            + " °C: the face that touches takes that at once. Make it heavier, never hotter."));
        } else {
            findings.add(new Finding("block-right", Level.RIGHT, "The block stays under the ring's limit."));
        }
        if (blockC != null) {
            boolean fits = blockC <= input.limitC();
            figures.add(new Answer.Figure(
                    "this block for " + Show.number(requireNonNull(input.wantedC()), 0) + " °C",
                    Show.number(blockC, 0),
                    "°C",
                    fits ? "within the limit" : "over the limit"));
            if (!fits) {
                findings.add(new Finding(
                        "block-light",
                        Level.WATCH,
                        massKg == null
                                ? "No block at the limit brings the ring there."
                                : "Too light: at " + Show.number(input.limitC(), 0) + " °C it takes a block of "
                                        + Show.number(massKg, 2) + " kg."));
            }
        }
        return new Answer(
                figures,
                findings,
                List.of("Let it even out before the ring is taken off; a plug in the bore warms faster "
                        + "than a plate under the face."),
                new Worksheet(
                        "What will the ring come to?",
                        List.of(
                                Worksheet.computed(
                                        "T",
                                        "both, once even",
                                        "(mb·cb·Tb + mr·cr·Tr)/(mb·cb + mr·cr)",
                                        Show.number(finalC, 1) + " °C"),
                                Worksheet.judged(
                                        "Tb",
                                        "block for the wanted temperature",
                                        "T + mr·cr/(mb·cb)·(T − Tr)",
                                        blockC == null ? "–" : Show.number(blockC, 1) + " °C",
                                        "limit " + Show.number(input.limitC(), 0) + " °C"),
                                Worksheet.computed(
                                        "mb",
                                        "block at the limit",
                                        "mr·cr·(T − Tr)/(cb·(limit − T))",
                                        massKg == null ? "–" : Show.number(massKg, 2) + " kg")),
                        List.of("Heat balance without losses; steel 470, aluminium 900 J/kgK.")),
                List.of());
    }
}
