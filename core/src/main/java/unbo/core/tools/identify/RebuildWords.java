package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.decide.RunOrReplace;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.parts.Rebuild;
import unbo.core.tools.deciding.RunOrReplaceWords;
import unbo.core.worksheet.Worksheet;

/** Rebuild or assembly, in print. */
public final class RebuildWords {

    private static final List<String> GATES = List.of("its pivot bush", "its housing", "its shaft");

    private RebuildWords() {}

    public static Answer answer(Rebuild rebuild) {
        Answer now = now(rebuild);
        RunOrReplace decision = rebuild.decision();
        return decision == null ? now : now.and(RunOrReplaceWords.answer(decision));
    }

    private static Answer now(Rebuild rebuild) {
        double less = Math.abs(rebuild.assemblyCost() - rebuild.rebuildCost());
        String dearer = (rebuild.rebuildCost() <= rebuild.assemblyCost() ? "Rebuilding is " : "The assembly is ")
                + Show.fixed(less, 2)
                + (rebuild.decision() == null ? " cheaper" : " cheaper now");
        Finding finding = switch (rebuild.choice()) {
            case LOOK_FIRST ->
                new Finding(
                        "rebuild-look",
                        Level.OPEN,
                        "Look first at " + named(rebuild, Rebuild.Gate.UNSEEN)
                                + ": gone, new bearings in it are wasted. By cost alone: " + dearer + ".");
            case REBUILD ->
                new Finding(
                        "rebuild", Level.RIGHT, because(rebuild, dearer) + ", and bush, housing and shaft are sound.");
            case ASSEMBLY ->
                new Finding(
                        "assembly",
                        Level.WATCH,
                        rebuild.input().gates().contains(Rebuild.Gate.GONE)
                                ? "Take the assembly: " + named(rebuild, Rebuild.Gate.GONE)
                                        + " is gone, whatever the bearings cost."
                                : because(rebuild, dearer) + ": take it.");
        };
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "take",
                                switch (rebuild.choice()) {
                                    case REBUILD -> "the rebuild";
                                    case ASSEMBLY -> "the assembly";
                                    case LOOK_FIRST -> "a look first";
                                },
                                "",
                                rebuild.decision() == null ? "by what is paid now" : "over the years ahead"),
                        Answer.Figure.fixed("rebuild", rebuild.rebuildCost(), 2, "", ""),
                        Answer.Figure.fixed("assembly", rebuild.assemblyCost(), 2, "", "")),
                List.of(finding),
                List.of((rebuild.decision() == null ? "Compared are money and minutes only: a" : "A")
                        + " rebuild keeps the maker's own part, an " + "assembly may carry another maker's bearings."),
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

    /** Why one is taken: what lies ahead goes before what is paid now. */
    private static String because(Rebuild rebuild, String dearer) {
        RunOrReplace decision = rebuild.decision();
        return decision == null
                ? dearer
                : dearer + ", over the years ahead “" + decision.best().option().name() + "” costs least";
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
