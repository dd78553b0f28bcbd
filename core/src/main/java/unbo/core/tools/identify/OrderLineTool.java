package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.identify.OrderLine;
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

/** How is it ordered, and what is not taken instead? */
@AutoService(Offered.class)
public final class OrderLineTool implements Tool<OrderLine, OrderLine> {

    private static final FieldList<OrderLine> FIELDS = FieldList.of(
            List.of(Field.bearing("designation", "Bearing, as stamped")
                    .from(FactKey.OUTER_CONE)
                    .must()),
            OrderLineTool::rules,
            v -> OrderLine.of(v.book().find(v.text("designation"))));

    /** @param mark as stamped */
    public record MarkJson(String mark, String why) {}

    /** What is asked for, and what is refused. */
    public record OrderLineJson(
            String sentence, List<MarkJson> must, List<MarkJson> free, List<String> refuse, List<String> open) {}

    private static List<Problem> rules(Values v) {
        return v.book().find(v.text("designation")).recognised()
                ? List.of()
                : List.of(Problem.impossible(
                        "designation", "It is not read: measure it, and order by what is found with those sizes."));
    }

    @Override
    public About about() {
        return new About("order-line", "Across the counter", "How is it ordered, what is refused?", Work.IDENTIFY, 45);
    }

    @Override
    public FieldList<OrderLine> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("designation", "6305-2RS C3");
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.bearing("6305-2RS");
    }

    @Override
    public OrderLine compute(OrderLine in) {
        return in;
    }

    @Override
    public List<Finding> findings(OrderLine line) {
        return List.of(
                line.open().isEmpty()
                        ? new Finding("order-clear", Level.RIGHT, "Every mark of it is known.")
                        : new Finding(
                                "order-open",
                                Level.OPEN,
                                "Not known: " + String.join(", ", line.open())
                                        + ". Take the old ring along and have it looked up."));
    }

    @Override
    public Answer print(OrderLine line) {
        List<Worksheet.Line> lines = new ArrayList<>();
        line.must().forEach(m -> lines.add(Worksheet.given(m.mark(), "must not change", m.why())));
        line.free().forEach(m -> lines.add(Worksheet.given(m.mark(), "may differ", m.why())));
        List<String> sentences = new ArrayList<>();
        line.refuse().forEach(r -> sentences.add("Not taken: " + r + "."));
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "ask for", marks(line), "", line.bearing().words()),
                        new Answer.Figure(
                                "may differ",
                                line.free().isEmpty()
                                        ? "nothing that is marked"
                                        : line.free().stream()
                                                .map(OrderLine.Mark::mark)
                                                .collect(Collectors.joining(" ")),
                                "",
                                "and the maker, a better class, a metal cage where it is neither hot nor fast")),
                findings(line),
                sentences,
                new Worksheet(
                        "How is it ordered?",
                        lines,
                        List.of("ISO 15 and ISO 355 for numbers, ISO 5753 for clearance; marks of seals and cages by "
                                + "the usual schemes.")),
                drawn(line));
    }

    private static List<Drawing> drawn(OrderLine line) {
        Drawing drawing = BearingDrawing.of(line.bearing());
        return drawing == null ? List.of() : List.of(drawing);
    }

    private static String marks(OrderLine line) {
        return line.must().stream().map(OrderLine.Mark::mark).collect(Collectors.joining(" "));
    }

    /** The whole of it in one sentence, to be read out or sent. */
    static String sentence(OrderLine line) {
        return "Please: " + marks(line) + ", " + line.bearing().words() + "; no change of "
                + line.must().stream()
                        .skip(1)
                        .map(OrderLine.Mark::mark)
                        .reduce((a, b) -> a + ", " + b)
                        .map(s -> "its number, " + s)
                        .orElse("its number")
                + ".";
    }

    @Override
    public List<Call<OrderLine>> calls() {
        return List.of(Call.get(
                "order-line",
                "A bearing as it is ordered: marks that must not change, and what is refused",
                Shape.of(FIELDS),
                OrderLineJson.class,
                line -> new OrderLineJson(
                        sentence(line), json(line.must()), json(line.free()), line.refuse(), line.open())));
    }

    private static List<MarkJson> json(List<OrderLine.Mark> marks) {
        return marks.stream().map(m -> new MarkJson(m.mark(), m.why())).toList();
    }
}
