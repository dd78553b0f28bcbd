package unbo.core.tools.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.parts.PartLine;
import unbo.core.worksheet.Worksheet;

/** A parts list in print. */
public final class PartsWords {

    private PartsWords() {}

    public static Answer answer(PartsList list) {
        List<Finding> findings = new ArrayList<>();
        if (!list.unpriced().isEmpty()) {
            findings.add(new Finding(
                    "unpriced",
                    Level.OPEN,
                    "No price yet: "
                            + list.unpriced().stream().map(PartLine::what).collect(Collectors.joining(", ")) + "."));
        }
        List<Worksheet.Line> lines = list.lines().stream()
                .map(l -> Worksheet.judged(
                        l.supplier() == null ? "–" : l.supplier().name(),
                        l.what(),
                        count(l) + (l.pieces() ? " × price" : ", one tub"),
                        l.cost() == null ? "–" : Show.fixed(l.cost(), 2),
                        l.alwaysNew() ? "always new" : ""))
                .toList();
        return new Answer(
                List.of(
                        Answer.Figure.fixed(
                                "as chosen",
                                list.total(),
                                2,
                                "",
                                list.lines().size() + (list.lines().size() == 1 ? " line" : " lines")),
                        new Answer.Figure(
                                "all from A",
                                list.totalA() == null ? "–" : Show.fixed(list.totalA(), 2),
                                "",
                                list.totalA() == null ? "a price is missing" : ""),
                        new Answer.Figure(
                                "all from B",
                                list.totalB() == null ? "–" : Show.fixed(list.totalB(), 2),
                                "",
                                list.totalB() == null ? "a price is missing" : "")),
                findings,
                List.of(),
                new Worksheet(
                        "What do the parts cost?",
                        lines,
                        List.of("Prices as typed; the mix takes the cheaper where nothing else is chosen.")),
                List.of());
    }

    /** How many of what: {@code 2 pieces}. */
    public static String count(PartLine line) {
        return Show.number(line.count(), 1) + " " + (line.pieces() && line.count() == 1 ? "piece" : line.unit());
    }
}
