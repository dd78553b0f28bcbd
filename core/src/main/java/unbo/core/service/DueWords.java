package unbo.core.service;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** The next service in print. */
public final class DueWords {

    private DueWords() {
    }

    public static Answer answer(Due due) {
        DueInput in = due.input();
        List<Answer.Figure> figures = new ArrayList<>();
        if (due.on() != null) {
            figures.add(new Answer.Figure("due by date", due.on().toString(), "", due.on().equals(due.byTime()) ? "by time" : "by the yearly estimate"));
        }
        if (due.atCounter() != null) {
            figures.add(new Answer.Figure("due by counter", Show.number(due.atCounter(), 0), in.counterUnit(), ""));
        }
        if (due.immersions() != null) {
            figures.add(new Answer.Figure("due after", String.valueOf(due.immersions()), "immersions", "one season"));
        }
        List<String> sentences = new ArrayList<>();
        if (!in.note().isBlank()) {
            sentences.add(in.note());
        }
        sentences.add("Whichever comes first. " + in.school().name().substring(0, 1).toUpperCase(java.util.Locale.ROOT) + in.school().name().substring(1)
                + ": " + in.school().suits() + ".");
        if (in.immersed()) {
            sentences.add("Look at the hub after every immersion; repack at the first milky grease, whatever the date.");
        }
        return new Answer(figures, due.findings(), sentences, worksheet(due), List.of());
    }

    private static Worksheet worksheet(Due due) {
        DueInput in = due.input();
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given("", "day of the work", in.day().toString()));
        lines.add(Worksheet.computed("", "by time", in.school().months() + " months on", due.byTime() == null ? "time does not count" : due.byTime().toString()));
        lines.add(Worksheet.computed("", "by the yearly estimate", Show.number(in.school().km(), 0) + " km / yearly distance · 365.25 days",
                due.byDistance() == null ? "no estimate" : due.byDistance().toString()));
        lines.add(Worksheet.computed("", "by counter", "counter + " + Show.number(in.school().km(), 0) + " km", due.atCounter() == null ? "no counter" : Show.number(due.atCounter(), 0) + " " + in.counterUnit()));
        lines.add(Worksheet.computed("", "by immersions", "one season", due.immersions() == null ? "do not count" : due.immersions() + " from now"));
        return new Worksheet("When is this hub due again?", lines, List.of("Two schools of the trade for adjustable hubs; the vehicle maker's interval comes first."));
    }
}
