package unbo.core.tools.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import unbo.core.answer.Answer;
import unbo.core.damage.RaceMap;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.inspect.Inspection;
import unbo.core.worksheet.Worksheet;

/** Inspect, in print. */
public final class InspectionWords {

    private InspectionWords() {}

    /** It in print: the map's answer, the seat's behind it. */
    public static Answer answer(Inspection inspection) {
        Answer races = RaceMapWords.answer(inspection.map());
        List<Answer.Figure> figures = new ArrayList<>(races.figures());
        List<Finding> findings = new ArrayList<>(races.findings());
        List<String> sentences = new ArrayList<>(races.sentences());
        List<Worksheet.Line> lines = new ArrayList<>(races.worksheet().lines());
        List<String> sources = new ArrayList<>(races.worksheet().sources());
        List<Drawing> drawings = new ArrayList<>(races.drawings());
        again(inspection).forEach(findings::add);
        if (inspection.seat() != null) {
            Answer measured = SeatWords.answer(inspection.seat());
            figures.addAll(measured.figures());
            findings.addAll(measured.findings());
            sentences.addAll(measured.sentences());
            lines.addAll(measured.worksheet().lines());
            sources.addAll(measured.worksheet().sources());
            drawings.addAll(measured.drawings());
        }
        if (!inspection.remedy().isEmpty()) {
            lines.add(Worksheet.given("", "seat put right by", inspection.remedy()));
            sentences.add("Seat put right by: " + inspection.remedy() + ".");
        }
        return new Answer(
                figures,
                findings,
                sentences,
                new Worksheet("Why did it fail, and is its seat still good?", lines, sources),
                drawings);
    }

    /** What was found here before and stands here again. */
    private static List<Finding> again(Inspection inspection) {
        List<Finding> findings = new ArrayList<>();
        for (RaceMap.Reading r : inspection.map().likely()) {
            List<String> days = Stream.of(inspection.input().past().split(";"))
                    .map(String::strip)
                    .filter(p -> p.startsWith(r.mode().id() + " "))
                    .map(p -> p.substring(r.mode().id().length() + 1))
                    .toList();
            if (!days.isEmpty() && !r.mode().id().equals("normal")) {
                findings.add(new Finding(
                        "again-" + r.mode().id(),
                        Level.SOON,
                        r.mode().name() + " here again, after " + String.join(", ", days)
                                + ": the cause was not cured. "
                                + (r.mode().sets().equals("grease")
                                        ? "Seal and immersion routine: shorten the interval, renew the seal each time."
                                        : r.mode().remedy())));
            }
        }
        return findings;
    }
}
