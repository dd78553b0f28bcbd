package unbo.core.tools.intake;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.intake.Intake;
import unbo.core.intake.IntakeInput;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** The intake in print. */
public final class IntakeWords {

    private IntakeWords() {}

    public static Answer answer(Intake intake) {
        IntakeInput in = intake.input();
        List<Answer.Figure> figures = new ArrayList<>();
        List<Worksheet.Line> lines = new ArrayList<>();
        if (intake.days() != null) {
            figures.add(Answer.Figure.number(
                    "since it was last worked on",
                    intake.days() / 30.44,
                    0,
                    "months",
                    requireNonNull(in.lastDay()).toString()));
            lines.add(Worksheet.computed(
                    "t", "days since the last work", in.day() + " − " + in.lastDay(), intake.days() + " days"));
        }
        if (intake.distance() != null) {
            String unit = in.counterUnit().equals("none") ? "km" : in.counterUnit();
            figures.add(Answer.Figure.number(
                    "run since then",
                    intake.distance(),
                    0,
                    unit,
                    intake.byCounter() ? "by the counter" : "by the yearly estimate"));
            lines.add(Worksheet.computed(
                    "s",
                    "run since then",
                    intake.byCounter() ? "counter − counter last time" : "yearly estimate · t / 365.25",
                    Show.number(intake.distance(), 0) + " " + unit));
        }
        if (intake.loadN() != null) {
            figures.add(Answer.Figure.number(
                    "static load on this wheel",
                    intake.loadN() / 1000,
                    2,
                    "kN",
                    Show.number(requireNonNull(in.loadKg()), 0) + " kg"));
            lines.add(
                    Worksheet.computed("W", "static load", "m · 9.80665 m/s²", Show.number(intake.loadN(), 0) + " N"));
        }
        if (figures.isEmpty()) {
            figures.add(new Answer.Figure("first work on this position here", "new", "", "no history yet"));
        }
        return new Answer(
                figures,
                intake.findings(),
                List.of(),
                new Worksheet(
                        "How long and how far since the last work, and what does the wheel carry?",
                        lines,
                        List.of("Standard gravity: CGPM 1901, ISO 80000-3.")),
                List.of());
    }
}
