package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.parts.Rebuild;
import unbo.core.worksheet.Worksheet;

/** Rebuild or assembly, in print. */
public final class RebuildWords {

    private static final List<String> GATES = List.of("its pivot bush", "its housing", "its shaft");

    private RebuildWords() {}

    public static Answer answer(Rebuild rebuild) {
        double less = Math.abs(rebuild.assemblyCost() - rebuild.rebuildCost());
        String dearer = rebuild.rebuildCost() <= rebuild.assemblyCost()
                ? "Rebuilding is " + Show.fixed(less, 2) + " cheaper"
                : "The assembly is " + Show.fixed(less, 2) + " cheaper";
        Finding finding = switch (rebuild.choice()) {
            case LOOK_FIRST ->
                new Finding(
                        "rebuild-look",
                        Level.OPEN,
                        "Look first at " + named(rebuild, Rebuild.Gate.UNSEEN)
                                + ": gone, new bearings in it are wasted. By cost alone: " + dearer + ".");
            case REBUILD -> new Finding("rebuild", Level.RIGHT, dearer + ", and bush, housing and shaft are sound.");
            case ASSEMBLY ->
                new Finding(
                        "assembly",
                        Level.WATCH,
                        rebuild.input().gates().contains(Rebuild.Gate.GONE)
                                ? "Take the assembly: " + named(rebuild, Rebuild.Gate.GONE)
                                        + " is gone, whatever the bearings cost."
                                : dearer + ": take it.");
        };
        return new Answer(
                List.of(
                        Answer.Figure.fixed("rebuild", rebuild.rebuildCost(), 2, "", ""),
                        Answer.Figure.fixed("assembly", rebuild.assemblyCost(), 2, "", "")),
                List.of(finding),
                List.of("Compared are money and minutes only: a rebuild keeps the maker's own part, an "
                        + "assembly may carry another maker's bearings."),
                new Worksheet(
                        "Rebuild or assembly?",
                        List.of(
                                Worksheet.computed(
                                        "",
                                        "rebuild",
                                        "parts + minutes/60 · hour",
                                        Show.fixed(rebuild.rebuildCost(), 2)),
                                Worksheet.judged(
                                        "",
                                        "assembly",
                                        "assembly + minutes/60 · hour",
                                        Show.fixed(rebuild.assemblyCost(), 2),
                                        "after bush, housing and shaft were looked at")),
                        List.of("Costs as typed.")),
                List.of());
    }

    private static String named(Rebuild rebuild, Rebuild.Gate gate) {
        List<String> names = new ArrayList<>();
        for (int i = 0; i < GATES.size(); i++) {
            if (rebuild.input().gates().get(i) == gate) {
                names.add(GATES.get(i));
            }
        }
        return String.join(" and ", names);
    }
}
