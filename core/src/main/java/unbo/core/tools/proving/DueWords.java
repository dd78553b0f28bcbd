package unbo.core.tools.proving;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import unbo.core.answer.Answer;
import unbo.core.measure.Show;
import unbo.core.service.Due;
import unbo.core.service.DueInput;
import unbo.core.service.ServiceSchool;
import unbo.core.worksheet.Worksheet;

/** The next service in print. */
public final class DueWords {

    private DueWords() {}

    public static Answer answer(Due due) {
        DueInput in = due.input();
        List<Answer.Figure> figures = new ArrayList<>();
        if (due.on() != null) {
            figures.add(new Answer.Figure(
                    "due by date",
                    due.on().toString(),
                    "",
                    due.on().equals(due.byTime()) ? "by time" : "by the yearly estimate"));
        }
        if (due.atCounter() != null) {
            figures.add(Answer.Figure.number("due by counter", due.atCounter(), 0, unit(in), ""));
        }
        if (due.immersions() != null) {
            figures.add(new Answer.Figure(
                    "due after",
                    String.valueOf(due.immersions()),
                    "immersions",
                    in.rule().own() ? "own rule" : "one season"));
        }
        if (figures.isEmpty()) {
            figures.add(new Answer.Figure("due again", "on condition", "", "no date"));
        }
        return new Answer(figures, due.findings(), sentences(in), worksheet(due), List.of());
    }

    private static List<String> sentences(DueInput in) {
        List<String> sentences = new ArrayList<>();
        ServiceSchool school = in.rule().school();
        if (!in.note().isBlank()) {
            sentences.add(in.note());
        }
        sentences.add((school.code().equals(ServiceSchool.CONDITION) ? "" : "Whichever comes first. ")
                + school.name().substring(0, 1).toUpperCase(Locale.ROOT)
                + school.name().substring(1) + ": " + school.suits() + ".");
        if (in.immersed()) {
            sentences.add(
                    "Look at it after every immersion; repack or renew at the first milky grease, whatever the date.");
        }
        return sentences;
    }

    private static String unit(DueInput in) {
        return in.counter().unit().equals("none") ? "km" : in.counter().unit();
    }

    private static Worksheet worksheet(Due due) {
        DueInput in = due.input();
        ServiceSchool school = in.rule().school();
        String interval = in.rule().own()
                ? in.rule().counted() == null ? "none" : Show.number(in.rule().counted(), 0) + " " + unit(in)
                : school.km() == 0 ? "none" : Show.number(school.km(), 0) + " km";
        boolean counts = !interval.equals("none");
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given("", "day of the work", in.day().toString()));
        lines.add(Worksheet.computed(
                "",
                "by time",
                school.months() == 0 ? "" : school.months() + " months on",
                due.byTime() == null ? "time does not count" : due.byTime().toString()));
        lines.add(Worksheet.computed(
                "",
                "by the yearly estimate",
                counts ? interval + " / yearly distance · 365.25 days" : "",
                due.byDistance() != null
                        ? due.byDistance().toString()
                        : counts ? "no estimate" : "distance does not count"));
        lines.add(Worksheet.computed(
                "",
                "by counter",
                counts ? "counter + " + interval : "",
                due.atCounter() != null
                        ? Show.number(due.atCounter(), 0) + " " + unit(in)
                        : counts ? "no counter" : "does not count"));
        lines.add(Worksheet.computed(
                "",
                "by immersions",
                in.rule().own() ? "own rule" : "one season",
                due.immersions() == null ? "do not count" : due.immersions() + " from now"));
        return new Worksheet(
                "When is it due again?",
                lines,
                List.of("Two schools of the trade for adjustable hubs, the product's own for other "
                        + "places; the vehicle maker's interval comes first."));
    }
}
