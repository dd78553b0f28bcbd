package unbo.core.tools.proving;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Chart;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.heat.HubCooling;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** Is it the brake or the bearing that made it warm? */
@AutoService(Offered.class)
public final class HubCoolingTool implements Tool<HubCooling.Input, HubCooling> {

    private static final int MOST = 12;

    private static final FieldList<HubCooling.Input> FIELDS = FieldList.of(
            List.of(
                    Field.list("minutes", "Minutes since it stood", Quantity.RATIO, "", 0, 120)
                            .many(3, MOST)
                            .must()
                            .hint("three in ten minutes: 0; 5; 10"),
                    Field.list("celsius", "Hub then", Quantity.TEMPERATURE, "°C", -20, 300)
                            .many(3, MOST)
                            .must()
                            .hint("one spot, near the bearing, out of the disc's sight"),
                    Field.quantity("airC", "Air", Quantity.TEMPERATURE, "°C", -40, 60)
                            .usually(-10, 40)
                            .must()),
            HubCoolingTool::rules,
            v -> new HubCooling.Input(
                    IntStream.range(0, v.list("minutes").size())
                            .mapToObj(i -> new HubCooling.Reading(
                                    v.list("minutes").get(i), v.list("celsius").get(i)))
                            .toList(),
                    v.number("airC")));

    /** @param from {@code brake bearing unclear} @param ratio first rate over the last; null where that is none */
    public record HubCoolingJson(String from, @Nullable Double ratio, List<Double> ratesPerMinute) {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        List<Double> minutes = v.list("minutes");
        if (minutes.size() != v.list("celsius").size()) {
            problems.add(Problem.impossible("celsius", "Write one temperature for each time."));
        }
        for (int i = 1; i < minutes.size(); i++) {
            if (minutes.get(i) <= minutes.get(i - 1)) {
                problems.add(Problem.impossible("minutes", "Write the times in their order."));
                break;
            }
        }
        if (v.list("celsius").stream().anyMatch(c -> c < v.number("airC") + HubCooling.LEAST_OVER_K)) {
            problems.add(Problem.impossible(
                    "celsius",
                    "A hub within " + Show.number(HubCooling.LEAST_OVER_K, 0)
                            + " K of the air tells nothing of where its heat came from."));
        }
        return problems;
    }

    @Override
    public About about() {
        return new About(
                "hub-cooling", "Brake or bearing, by cooling", "Which of them made the hub warm?", Work.TELL, 50);
    }

    @Override
    public FieldList<HubCooling.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("minutes", "0; 5; 10", "celsius", "52; 58; 55", "airC", "14");
    }

    @Override
    public HubCooling compute(HubCooling.Input in) {
        return HubCooling.of(in);
    }

    @Override
    public List<Finding> findings(HubCooling c) {
        return List.of(
                switch (c.from()) {
                    case BRAKE ->
                        new Finding(
                                "cooling-brake",
                                Level.SOON,
                                "Heat still came in from outside after it stood: the brake. Look whether it drags "
                                        + "before "
                                        + "a bearing is blamed.");
                    case BEARING ->
                        new Finding(
                                "cooling-bearing",
                                Level.WATCH,
                                "It cooled at one rate from the first minute: the heat was in the hub itself. Hold it "
                                        + "against its twin, and look at setting, grease and races.");
                    case UNCLEAR ->
                        new Finding(
                                "cooling-unclear",
                                Level.OPEN,
                                "The curve does not tell: take a warmer run, and a reading at once when it stands.");
                });
    }

    @Override
    public Answer print(HubCooling c) {
        List<HubCooling.Reading> readings = c.input().readings();
        double first = readings.get(0).celsius();
        Answer answer = new Answer(
                List.of(
                        new Answer.Figure(
                                "the heat came from",
                                switch (c.from()) {
                                    case BRAKE -> "the brake";
                                    case BEARING -> "the hub itself";
                                    case UNCLEAR -> "not told";
                                },
                                "",
                                ""),
                        Answer.Figure.number(
                                "it cooled at first",
                                c.ratio(),
                                2,
                                "",
                                "of its later rate, ± " + Show.number(c.errorRatio(), 2)),
                        Answer.Figure.number("when it stood", first, 0, "°C", "")),
                findings(c),
                List.of("Hot hubs and discs burn: an infrared or contact thermometer, never the hand. A hub that is "
                        + "over "
                        + "100 °C stands until it is cool."),
                new Worksheet(
                        "Brake or bearing?",
                        List.of(
                                Worksheet.computed(
                                        "k",
                                        "rates, first to last",
                                        "ln((T1 − Ta)/(T2 − Ta))/Δt",
                                        c.rates().stream()
                                                        .map(rate -> Show.number(rate, 4))
                                                        .collect(java.util.stream.Collectors.joining(", "))
                                                + " 1/min"),
                                Worksheet.judged(
                                        "",
                                        "first over last",
                                        "k1/kn",
                                        Show.number(c.ratio(), 2),
                                        "under 0.5 from outside, over 0.8 from within, with its error")),
                        List.of("Newton's law of cooling: one body cools at one rate; one beside a hotter body does "
                                + "not.")),
                List.of());
        return answer.with(chart(c));
    }

    private static Chart chart(HubCooling c) {
        List<HubCooling.Reading> readings = c.input().readings();
        HubCooling.Reading first = readings.get(0);
        HubCooling.Reading last = readings.get(readings.size() - 1);
        double air = c.input().airC();
        double rate = Math.max(1e-6, c.rates().get(c.rates().size() - 1));
        Chart.Axis x = new Chart.Axis("minutes", 0, Math.max(1, last.minutes()), false);
        List<Chart.Line> lines = List.of(
                new Chart.Line(
                        "if from within", t -> air + (last.celsius() - air) * Math.exp(-rate * (t - last.minutes()))),
                new Chart.Line("air", t -> air));
        double most = Math.max(
                readings.stream().mapToDouble(HubCooling.Reading::celsius).max().orElse(1),
                air + (last.celsius() - air) * Math.exp(rate * (last.minutes() - first.minutes())));
        return new Chart(
                "hub-cooling",
                "How the hub cooled, and how it would by its last rate",
                x,
                new Chart.Axis("°C", Math.min(0, air), Math.min(400, most * 1.1), false),
                lines,
                readings.stream()
                        .map(r -> new Chart.Spot(r.minutes(), r.celsius(), ""))
                        .toList(),
                List.of());
    }

    @Override
    public List<Call<HubCooling>> calls() {
        return List.of(Call.post(
                "hub-cooling",
                "Whether a hub's heat came from its brake or its bearings, by how it cools",
                Shape.of(FIELDS),
                HubCoolingJson.class,
                c -> new HubCoolingJson(
                        c.from().name().toLowerCase(Locale.ROOT),
                        Double.isFinite(c.ratio()) ? Double.valueOf(c.ratio()) : null,
                        c.rates())));
    }
}
