package unbo.core.tools.setting;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.heat.HeatBlock;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A heat block, in print. */
public final class HeatBlockWords {

    private HeatBlockWords() {}

    public static Answer answer(HeatBlock block) {
        List<Answer.Figure> figures = new ArrayList<>(
                List.of(Answer.Figure.number("ring comes to", block.finalC(), 0, "°C", "once even, without losses")));
        List<Finding> findings = new ArrayList<>();
        if (block.input().blockC() > block.input().limitC()) {
            findings.add(new Finding(
                    "block-hot",
                    Level.STOP,
                    "The block at " + Show.number(block.input().blockC(), 0) + " °C is over the ring's limit of "
                            + Show.number(block.input().limitC(), 0)
                            + " °C: the face that touches takes that at once. Make it heavier, never hotter."));
        } else {
            findings.add(new Finding("block-right", Level.RIGHT, "The block stays under the ring's limit."));
        }
        if (block.blockC() != null) {
            boolean fits = block.blockC() <= block.input().limitC();
            figures.add(Answer.Figure.number(
                    "this block for " + Show.number(requireNonNull(block.input().wantedC()), 0) + " °C",
                    block.blockC(),
                    0,
                    "°C",
                    fits ? "within the limit" : "over the limit"));
            if (!fits) {
                findings.add(new Finding(
                        "block-light",
                        Level.WATCH,
                        block.massKg() == null
                                ? "No block at the limit brings the ring there."
                                : "Too light: at " + Show.number(block.input().limitC(), 0) + " °C it takes a block of "
                                        + Show.number(block.massKg(), 2) + " kg."));
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
                                        Show.number(block.finalC(), 1) + " °C"),
                                Worksheet.judged(
                                        "Tb",
                                        "block for the wanted temperature",
                                        "T + mr·cr/(mb·cb)·(T − Tr)",
                                        block.blockC() == null ? "–" : Show.number(block.blockC(), 1) + " °C",
                                        "limit " + Show.number(block.input().limitC(), 0) + " °C"),
                                Worksheet.computed(
                                        "mb",
                                        "block at the limit",
                                        "mr·cr·(T − Tr)/(cb·(limit − T))",
                                        block.massKg() == null ? "–" : Show.number(block.massKg(), 2) + " kg")),
                        List.of("Heat balance without losses; steel 470, aluminium 900 J/kgK.")),
                List.of());
    }
}
