package unbo.core.tools.deciding;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.decide.RebuildBatch;
import unbo.core.drawing.Chart;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** The same rebuild in a batch: does it pay against new ones? */
@AutoService(Offered.class)
public final class RebuildBatchTool implements Tool<RebuildBatch.Input, RebuildBatch> {

    private static final double MOST = 1e7;

    private static final FieldList<RebuildBatch.Input> FIELDS = FieldList.of(
            List.of(
                    Field.whole("cores", "Old ones in the batch", 1, 1000).must(),
                    Field.quantity("usable", "Of these can be used, share", Quantity.RATIO, "", 0.01, 1)
                            .usually(0.3, 1)
                            .must(),
                    amount("corePrice", "An old one costs").orElse("0", null),
                    amount("parts", "Parts of a rebuilt one").must(),
                    amount("looking", "Looking at each, minutes").orElse("10", null),
                    amount("building", "Rebuilding each, minutes").must(),
                    amount("hourRate", "An hour's work").orElse("50", null),
                    amount("newPrice", "A new one costs").must(),
                    life("newLife", "A new one lasts").must(),
                    life("rebuiltLife", "A rebuilt one lasts")
                            .must()
                            .hint("in the same counter; by Lives from the record")),
            v -> new RebuildBatch.Input(
                    v.whole("cores"),
                    v.number("usable"),
                    v.number("corePrice"),
                    new RebuildBatch.Work(
                            v.number("parts"), v.number("looking"), v.number("building"), v.number("hourRate")),
                    new RebuildBatch.Against(v.number("newPrice"), v.number("newLife"), v.number("rebuiltLife"))));

    /** @param evenAt share of usable cores at which both cost the same; null where none does */
    public record Batch(
            double good,
            double costEach,
            double rebuiltPer1000,
            double newPer1000,
            @Nullable Double evenAt,
            boolean pays) {}

    private static Field amount(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, MOST);
    }

    private static Field life(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 1e-3, MOST);
    }

    @Override
    public About about() {
        return new About(
                "rebuild-batch",
                "Rebuilds in a batch",
                "The same rebuild in a batch: does it pay against new ones?",
                Work.DECIDE,
                55);
    }

    @Override
    public FieldList<RebuildBatch.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.ofEntries(
                Map.entry("cores", "20"),
                Map.entry("usable", "0.75"),
                Map.entry("corePrice", "5"),
                Map.entry("parts", "30"),
                Map.entry("looking", "10"),
                Map.entry("building", "40"),
                Map.entry("hourRate", "60"),
                Map.entry("newPrice", "150"),
                Map.entry("newLife", "60000"),
                Map.entry("rebuiltLife", "45000"));
    }

    @Override
    public RebuildBatch compute(RebuildBatch.Input in) {
        return RebuildBatch.of(in);
    }

    @Override
    public List<Finding> findings(RebuildBatch b) {
        Double even = b.evenAt();
        String share = even == null
                ? "However many cores can be used, a new one costs less per 1000."
                : "It is even where " + Show.number(even * 100, 0) + " % of the cores can be used.";
        return List.of(
                b.pays()
                        ? new Finding("batch-pays", Level.RIGHT, "Rebuilding costs less per 1000. " + share)
                        : new Finding("batch-new", Level.WATCH, "New ones cost less per 1000. " + share));
    }

    private static String money(double value) {
        return RunOrReplaceWords.money(value);
    }

    @Override
    public Answer print(RebuildBatch b) {
        double to = Math.max(b.per1000().rebuilt(), b.per1000().fresh()) * 2;
        Chart chart = new Chart(
                "rebuild-batch",
                "Cost per 1000 by the share of cores that can be used",
                new Chart.Axis("share that can be used", 0.05, 1, false),
                new Chart.Axis("cost per 1000", 0, to, false),
                List.of(
                        new Chart.Line(
                                "rebuilt",
                                share -> RebuildBatch.of(with(b.input(), share))
                                        .per1000()
                                        .rebuilt()),
                        new Chart.Line("new", share -> b.per1000().fresh())),
                List.of(new Chart.Spot(
                        b.input().usable(),
                        b.per1000().rebuilt(),
                        money(b.per1000().rebuilt()))),
                List.of());
        return new Answer(
                        List.of(
                                new Answer.Figure(
                                                "a rebuilt one costs",
                                                money(b.each()),
                                                "",
                                                "a new one "
                                                        + money(b.input()
                                                                .against()
                                                                .price()))
                                        .of(b.each()),
                                new Answer.Figure(
                                                "per 1000",
                                                money(b.per1000().rebuilt()),
                                                "",
                                                "new " + money(b.per1000().fresh()))
                                        .of(b.per1000().rebuilt()),
                                Answer.Figure.number(
                                        "good ones",
                                        b.good(),
                                        1,
                                        "",
                                        "of " + b.input().cores())),
                        findings(b),
                        List.of("What cannot be used is found by looking first: bore, flange, threads, cracks. What "
                                + "carries a wheel or a rider is rebuilt only where its maker lets it."),
                        new Worksheet(
                                "Does a batch of rebuilds pay?",
                                List.of(
                                        Worksheet.computed(
                                                "",
                                                "a rebuilt one",
                                                "(core + looking)/share + parts + building",
                                                money(b.each())),
                                        Worksheet.computed(
                                                "",
                                                "per 1000, rebuilt",
                                                "cost/life × 1000",
                                                money(b.per1000().rebuilt())),
                                        Worksheet.judged(
                                                "",
                                                "per 1000, new",
                                                "price/life × 1000",
                                                money(b.per1000().fresh()),
                                                "the less of the two")),
                                List.of("Cost over life; minutes of looking are spent on every core.")),
                        List.of())
                .with(chart);
    }

    private static RebuildBatch.Input with(RebuildBatch.Input in, double usable) {
        return new RebuildBatch.Input(in.cores(), usable, in.corePrice(), in.work(), in.against());
    }

    @Override
    public List<Call<RebuildBatch>> calls() {
        return List.of(Call.post(
                "rebuild-batch",
                "A batch of the same rebuild against new ones, per 1000 of their life",
                Shape.of(FIELDS),
                Batch.class,
                b -> new Batch(
                        b.good(), b.each(), b.per1000().rebuilt(), b.per1000().fresh(), b.evenAt(), b.pays())));
    }
}
