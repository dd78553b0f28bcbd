package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.bearing.Bearing;
import unbo.core.designation.Classes;
import unbo.core.designation.TaperDecoder;
import unbo.core.designation.TaperMatch;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** Numbers on rings, in print. */
public final class MarkingWords {

    private MarkingWords() {}

    public static Answer answers(List<Bearing> all) {
        Answer answer = answer(all.get(0));
        if (all.size() < 2) {
            return answer;
        }
        List<String> sentences = new ArrayList<>(answer.sentences());
        all.stream().skip(1).forEach(d -> sentences.add(line(d)));
        return new Answer(answer.figures(), answer.findings(), sentences, answer.worksheet(), answer.drawings());
    }

    private static String line(Bearing d) {
        if (!d.recognised()) {
            return d.marking() + ": " + d.warnings().get(0);
        }
        return d.marking() + ": " + d.kind().words() + ", "
                + (d.boreMm() == null ? "–" : Show.number(d.boreMm(), 3)) + " × "
                + (d.outsideMm() == null ? "–" : Show.number(d.outsideMm(), 3)) + " × "
                + (d.widthMm() == null ? "–" : Show.number(d.widthMm(), 3)) + " mm"
                + (d.suffixes().sealed() ? ", " + d.suffixes().sealing().replace('-', ' ') : "") + ".";
    }

    private static List<Drawing> drawings(Bearing d) {
        return Stream.of(BearingDrawing.of(d), ClearanceDrawing.of(d), ToleranceDrawing.of(d))
                .filter(Objects::nonNull)
                .toList();
    }

    public static Answer answer(Bearing d) {
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(new Answer.Figure(
                "stamped",
                d.recognised() ? d.designation() : d.marking(),
                "",
                d.recognised() ? d.kind().words() : "not known"));
        size(figures, "bore", d.boreMm());
        size(figures, "outside", d.outsideMm());
        size(figures, d.metricTaper() || d.cone() || d.cup() ? "assembled width" : "width", d.widthMm());
        List<String> sentences = new ArrayList<>(
                d.recognised()
                        ? d.parts().stream()
                                .map(part -> part.text() + ": " + part.meaning() + ".")
                                .toList()
                        : List.of());
        Stream.of(d.suffixes().clearance(), d.suffixes().tolerance())
                .filter(Objects::nonNull)
                .forEach(code -> Classes.means(code).ifPresent(means -> sentences.add(code + " means: " + means)));
        sentences.addAll(d.warnings());
        if (!d.completions().isEmpty()) {
            sentences.add((d.recognised()
                            ? d.cone() || d.cup() ? "Sets it belongs to: " : "Listed with this size: "
                            : "It can be: ")
                    + String.join(", ", d.completions()) + ".");
        }
        return new Answer(
                figures,
                d.recognised()
                        ? List.of()
                        : List.of(new Finding("unknown", Level.OPEN, "Not recognised; the text is kept as it stands.")),
                sentences,
                new Worksheet(
                        "What do the groups of this number fix?",
                        d.parts().stream()
                                .map(p -> Worksheet.given(p.text(), p.role(), p.meaning()))
                                .toList(),
                        List.of("ISO 15, ISO 355 (metric); ABMA standard 19.2 (inch tapers); clearance ISO "
                                + "5753-1, tolerance ISO 492.")),
                drawings(d));
    }

    private static void size(List<Answer.Figure> figures, String what, @Nullable Double mm) {
        figures.add(
                mm == null
                        ? new Answer.Figure(what, "not told", "", "")
                        : Answer.Figure.number(what, mm, 3, "mm", Show.inches(mm)));
    }

    public static Answer answer(MarkingFields.Pair pair, TaperMatch match) {
        String word = match.match() == null ? "cannot be told" : match.match() ? "yes" : "no";
        Level level = match.match() == null ? Level.WATCH : match.match() ? Level.RIGHT : Level.STOP;
        return new Answer(
                List.of(new Answer.Figure("belong together", word, "", "")),
                List.of(new Finding("match-" + word, level, match.reason())),
                List.of(),
                new Worksheet(
                        "Do cone and cup belong together?",
                        List.of(
                                series(pair.cone()),
                                series(pair.cup()),
                                Worksheet.judged(
                                        "",
                                        "same series",
                                        "prefix, angle code and series figures agree",
                                        word,
                                        "a cone fits only a cup of its own series")),
                        List.of("ABMA standard 19.2.")),
                List.of());
    }

    private static Worksheet.Line series(String marking) {
        Bearing d = TaperDecoder.decode(marking);
        return Worksheet.given(
                d.marking(),
                d.kind().code().replace('-', ' '),
                d.series().isEmpty() ? "series not told by the number" : "series " + d.series());
    }
}
