package unbo.core.tools.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import unbo.core.answer.Answer;
import unbo.core.inspect.PartsLooked;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** What was found of the other parts, in print. */
public final class PartsLookedWords {

    private PartsLookedWords() {}

    public static Answer answer(PartsLooked looked) {
        List<Answer.Figure> figures = new ArrayList<>();
        for (PartsLooked.Verdict verdict : PartsLooked.Verdict.values()) {
            List<PartsLooked.Looked> those = looked.those(verdict);
            if (!those.isEmpty()) {
                figures.add(new Answer.Figure(
                        verdict.words(),
                        String.valueOf(those.size()),
                        "",
                        those.stream().map(PartsLookedWords::seen).collect(Collectors.joining(", "))));
            }
        }
        PartsLooked.Input in = looked.input();
        if (in.spacerMm() != null) {
            figures.add(Answer.Figure.number(
                    "spacer",
                    in.spacerMm(),
                    3,
                    "mm",
                    looked.spacerDifferenceMm() == null
                            ? "first measured now"
                            : Show.number(looked.spacerDifferenceMm(), 3) + " mm against its record"));
        }
        return new Answer(
                figures,
                looked.findings(),
                List.of(),
                new Worksheet(
                        "What becomes of its parts?",
                        List.of(),
                        List.of("Looked at, one by one; what is always new is a column of each kind's parts.")),
                List.of());
    }

    private static String seen(PartsLooked.Looked looked) {
        return looked.part().label() + (looked.note().isEmpty() ? "" : " (" + looked.note() + ")");
    }
}
