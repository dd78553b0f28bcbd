package unbo.core.tools.strip;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.damage.Mark;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RingPainting;
import unbo.core.damage.Spread;
import unbo.core.damage.Track;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A read race map in print. */
public final class RaceMapWords {

    private RaceMapWords() {}

    public static Answer answer(RaceMap map) {
        List<Answer.Figure> figures = new ArrayList<>();
        RaceMap.Reading verdict = map.verdict();
        figures.add(new Answer.Figure(
                verdict == null ? "no pattern is clear" : "it reads as",
                map.empty()
                        ? "not painted"
                        : verdict == null ? "unclear" : verdict.mode().name(),
                "",
                verdict == null ? "" : verdict.word() + ", " + Show.number(verdict.confidence() * 100, 0) + " %"));
        List<Finding> findings = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        if (map.empty()) {
            sentences.add("Paint what you see: the running track first, then each mark where it lies.");
        } else if (verdict == null) {
            findings.add(new Finding(
                    "race-unclear",
                    Level.OPEN,
                    "No pattern is clear. Look again under a lamp, paint the track as well, and count the elements."
                            + (map.ranked().isEmpty()
                                    ? ""
                                    : " Nearest: "
                                            + map.ranked().get(0).mode().name().toLowerCase(java.util.Locale.ROOT)
                                            + ".")));
        }
        for (RaceMap.Reading r : map.likely()) {
            findings.add(new Finding(
                    "race-" + r.mode().id(),
                    r.mode().id().equals("normal") ? Level.RIGHT : Level.SOON,
                    r.mode().name() + ": " + r.mode().cause() + " " + r.remedy()));
        }
        if (map.scrap()) {
            findings.add(new Finding(
                    "race-scrap",
                    Level.STOP,
                    "The bearing is scrap: spalls, lines, dents, cracks, temper colour and a hurt cage go on from "
                            + "where they are."));
        }
        map.ranked().stream()
                .filter(r -> r.confidence() < RaceMap.LIKELY)
                .limit(3)
                .forEach(r -> sentences.add("Also thinkable, " + Show.number(r.confidence() * 100, 0) + " %: "
                        + r.mode().name().toLowerCase(java.util.Locale.ROOT)
                        + (r.because().isEmpty()
                                ? ""
                                : " (" + String.join("; ", r.because())
                                        + (r.against().isEmpty()
                                                ? ""
                                                : "; against it: " + String.join("; ", r.against()))
                                        + ")")
                        + "."));
        return new Answer(figures, findings, sentences, worksheet(map), List.of(RaceMapDrawing.of(map)));
    }

    private static Worksheet worksheet(RaceMap map) {
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given(
                "Z",
                "elements in a row",
                map.input().elements() == null
                        ? "not counted: spacing is not judged"
                        : map.input().elements() + (map.input().elementsEstimated() ? " (estimated)" : "") + ", pitch "
                                + Show.number(360.0 / map.input().elements(), 1) + "°"));
        for (RingPainting ring : List.of(map.outer(), map.inner())) {
            String name = ring.inner() ? "inner race" : "outer race";
            if (ring.track() != null) {
                Track t = ring.track();
                lines.add(Worksheet.computed(
                        "",
                        name + ", track",
                        "middle, width, wander once a turn, arc",
                        percent(t.centre()) + ", " + percent(t.width()) + ", ±" + percent(t.tilt()) + ", "
                                + Show.number(t.arcDeg(), 0) + "°"));
            }
            for (Mark mark : Mark.all()) {
                Spread s = ring.mark(mark.code());
                if (s.there() && !mark.code().equals("track")) {
                    lines.add(Worksheet.computed(
                            "",
                            name + ", " + mark.label(),
                            "number, across, arc, spacing",
                            s.count() + ", " + percent(s.acrossLow()) + " to " + percent(s.acrossHigh()) + ", "
                                    + Show.number(s.arcDeg(), 0) + "°, "
                                    + (s.atPitch()
                                            ? "at the element pitch"
                                            : s.order() > 0 ? s.order() + " a turn" : "no order")
                                    + (s.regularity() > 0 ? " (R " + Show.number(s.regularity(), 2) + ")" : "")));
                }
            }
        }
        for (RaceMap.Reading r : map.ranked()) {
            lines.add(Worksheet.judged(
                    "",
                    r.mode().name(),
                    "for: " + (r.because().isEmpty() ? "–" : String.join("; ", r.because()))
                            + (r.against().isEmpty() ? "" : " / against: " + String.join("; ", r.against())),
                    Show.number(r.confidence() * 100, 0) + " %",
                    r.confidence() >= RaceMap.LIKELY ? "likely" : "a guess"));
        }
        return new Worksheet(
                "Why did it fail?",
                lines,
                List.of(
                        "Patterns: ISO 15243 and textbooks of failure analysis. Spacing: Rayleigh's "
                                + "test on angles times the number of elements.",
                        "Weights are this bench's own, confidences a guide."));
    }

    private static String percent(double share) {
        return Show.number(share * 100, 0) + " %";
    }
}
