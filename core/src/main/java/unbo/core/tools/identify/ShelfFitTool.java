package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.bearing.Bearing;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.ValueTable;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.identify.ShelfFit;
import unbo.core.identify.Suitability;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;
import unbo.core.worksheet.Worksheet;

/** Which of those on the shelf may go in here? */
@AutoService(Offered.class)
public final class ShelfFitTool implements Tool<ShelfFit, ShelfFit> {

    private static final int LONGEST = 2000;
    private static final int SHOWN = 40;

    private static final FieldList<ShelfFit> FIELDS = FieldList.of(
            List.of(
                    Field.bearing("designation", "In its place now")
                            .from(FactKey.OUTER_CONE)
                            .must(),
                    Field.choice("place", "Place", Suitability.places()),
                    Field.yesNo("immersed", "Goes under water"),
                    Field.lines("shelf", "On the shelf", LONGEST)
                            .hint("numbers, one to a line; empty: the workshop's own list")),
            ShelfFitTool::rules,
            v -> ShelfFit.of(v.book().find(v.text("designation")), shelf(v), v.text("place"), v.yes("immersed")));

    /** @param way {@code same changed wrong other-size unread} */
    public record OnShelfJson(String designation, String way, List<String> why) {}

    /** The best first. */
    public record ShelfFitJson(List<OnShelfJson> bearings) {}

    private static List<Bearing> shelf(Values v) {
        Stream<String> numbers = v.has("shelf")
                ? Arrays.stream(v.text("shelf").split("[\\n,;]"))
                        .map(String::strip)
                        .filter(s -> !s.isEmpty())
                : v.book().own().stream().map(own -> own.boundary().designation());
        return numbers.map(v.book()::find).toList();
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (v.book().find(v.text("designation")).boreMm() == null) {
            problems.add(Problem.impossible(
                    "designation", "Its sizes are not known: write bore x outside x width as measured."));
        }
        if (!v.has("shelf") && v.book().own().isEmpty()) {
            problems.add(
                    new Problem("shelf", "Write the numbers that lie there: the workshop's own list is empty.", false));
        }
        return problems;
    }

    @Override
    public About about() {
        return new About("shelf-fit", "From the shelf", "Which of those that are here may go in?", Work.IDENTIFY, 42);
    }

    @Override
    public FieldList<ShelfFit> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "designation", "6001-2RS", "place", "bicycle-hub", "shelf", "6001-ZZ\n6001-2RS C3\n6001 2RS\n6201-2RS");
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.bearing("6001-2RS");
    }

    @Override
    public ShelfFit compute(ShelfFit in) {
        return in;
    }

    @Override
    public List<Finding> findings(ShelfFit fit) {
        if (fit.found().isEmpty()) {
            return List.of(new Finding("shelf-empty", Level.OPEN, "Nothing lies there."));
        }
        ShelfFit.Found best = fit.found().get(0);
        String name = best.bearing().marking();
        return List.of(
                switch (best.way()) {
                    case SAME -> new Finding("shelf-same", Level.RIGHT, name + " goes in as it is.");
                    case CHANGED ->
                        new Finding(
                                "shelf-changed",
                                Level.WATCH,
                                name + " fits, with a change: " + String.join("; ", best.why()) + ".");
                    case WRONG ->
                        new Finding(
                                "shelf-wrong",
                                Level.SOON,
                                "Of its size there is only what does not belong there: " + name + ". "
                                        + String.join(" ", best.why()));
                    default -> new Finding("shelf-none", Level.OPEN, "None of them has its size: order it.");
                });
    }

    @Override
    public Answer print(ShelfFit fit) {
        long go = fit.found().stream()
                .filter(f -> f.way().compareTo(ShelfFit.Way.CHANGED) <= 0)
                .count();
        String best = go == 0 ? "none" : fit.found().get(0).bearing().marking();
        return new Answer(
                        List.of(
                                new Answer.Figure("take", best, "", fit.from().words()),
                                new Answer.Figure(
                                        "may go in",
                                        String.valueOf(go),
                                        "of " + fit.found().size(),
                                        "")),
                        findings(fit),
                        List.of("Both ends of an axle the same. What is changed is written with the job, so that the "
                                + "next hand knows."),
                        new Worksheet(
                                "Which of those that are here?",
                                List.of(
                                        Worksheet.given(
                                                "",
                                                "in its place now",
                                                fit.from().words()),
                                        Worksheet.computed(
                                                "",
                                                "held against each",
                                                "bore, outside, width, kind, seals, clearance",
                                                "")),
                                List.of("ISO 15 and ISO 5753; places by the table of suitability.")),
                        BearingDrawing.of(fit.from()) == null
                                ? List.of()
                                : List.of(java.util.Objects.requireNonNull(BearingDrawing.of(fit.from()))))
                .with(table(fit));
    }

    private static ValueTable table(ShelfFit fit) {
        return new ValueTable(
                "shelf-fit",
                "What lies there, the best first",
                List.of("Bearing", "May it go in?", "What it changes, or why not"),
                fit.found().stream()
                        .limit(SHOWN)
                        .map(f -> List.of(f.bearing().marking(), words(f.way()), String.join("; ", f.why())))
                        .toList());
    }

    private static String words(ShelfFit.Way way) {
        return switch (way) {
            case SAME -> "yes, as it is";
            case CHANGED -> "yes, with a change";
            case WRONG -> "no, not at this place";
            case OTHER_SIZE -> "no, another size";
            case UNREAD -> "not read";
        };
    }

    @Override
    public List<Call<ShelfFit>> calls() {
        return List.of(Call.post(
                "shelf-fit",
                "Which of the bearings on a shelf may go into a place, and what each changes",
                Shape.of(FIELDS),
                ShelfFitJson.class,
                fit -> new ShelfFitJson(fit.found().stream()
                        .map(f -> new OnShelfJson(
                                f.bearing().marking(),
                                f.way().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                                f.why()))
                        .toList())));
    }
}
