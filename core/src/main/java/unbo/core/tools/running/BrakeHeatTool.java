package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.drawing.Chart;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.fit.Material;
import unbo.core.form.TypedRows;
import unbo.core.heat.BrakeHeat;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.lubrication.Mixing;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** How hot do the brakes make the hub, and which grease stands it? */
@AutoService(Offered.class)
public final class BrakeHeatTool implements Tool<BrakeHeat.Input, BrakeHeatTool.BrakeHeated> {

    /** Rubber of usual seals. */
    private static final double SEAL_C = 100;
    /** Room that a grease keeps under its limit. */
    private static final double ROOM_K = 10;
    /** Over this between curve and readings the model is not that hub's. */
    private static final double POOR_FIT_K = 8;

    private static final int MOST_READINGS = 20;

    private static final List<Field.Choice> WORKS =
            List.of(new Field.Choice("stops", "stops, lap by lap"), new Field.Choice("descent", "a descent"));

    private static final FieldList<BrakeHeat.Reading> READING = FieldList.of(
            List.of(
                    Field.quantity("minutes", "Minutes after the stop", Quantity.RATIO, "", 0, 120)
                            .must(),
                    Field.quantity("hubC", "Hub", Quantity.TEMPERATURE, "°C", -20, 400)
                            .must()),
            v -> new BrakeHeat.Reading(v.number("minutes"), v.number("hubC")));

    private static final TypedRows<BrakeHeat.Reading> READINGS = new TypedRows<>("readings", READING, 0, MOST_READINGS);

    private static final FieldList<BrakeHeat.Input> FIELDS = FieldList.of(
            List.of(
                    Field.choice("work", "Brakes work by", WORKS).orElse("stops", null),
                    Field.quantity("massKg", "Vehicle as it goes", Quantity.MASS, "kg", 5, 60_000)
                            .must(),
                    Field.quantity("share", "Share of this wheel", Quantity.RATIO, "", 0.01, 1)
                            .orElse("0.3", "a front wheel; rear 0.2"),
                    Field.quantity("fromKmh", "From", Quantity.SPEED, "km/h", 1, 400)
                            .orElse("100", null),
                    Field.quantity("toKmh", "down to", Quantity.SPEED, "km/h", 0, 399)
                            .orElse("0", null),
                    Field.quantity("roundS", "Seconds from stop to stop", Quantity.RATIO, "", 3, 3600)
                            .hint("laps: a lap's time over its stops"),
                    Field.quantity("heightM", "Height it comes down, m", Quantity.RATIO, "", 5, 5000)
                            .hint("a descent"),
                    Field.quantity("minutes", "Minutes that it lasts", Quantity.RATIO, "", 0.2, 600)
                            .must(),
                    Field.quantity("airC", "Air", Quantity.TEMPERATURE, "°C", -40, 60)
                            .orElse("20", null),
                    Field.quantity("discKg", "Disc or drum", Quantity.MASS, "kg", 0.05, 200)
                            .must(),
                    Field.quantity("hubKg", "Hub with its bearings", Quantity.MASS, "kg", 0.05, 300)
                            .must(),
                    Field.choice("hubMaterial", "Hub of", Material.choices()).orElse("steel", null),
                    rate("discAirWPerK", "Disc loses to the air, W a kelvin")
                            .orElse("15", "a disc of 300 mm at 60 km/h, a guide; a bicycle's 1.5, a drum 5"),
                    rate("hubAirWPerK", "Hub loses to the air, W a kelvin").orElse("1", "a guide"),
                    rate("jointWPerK", "Through the joint, W a kelvin")
                            .hint("empty: by three readings below, else 2, a guide"),
                    Field.rows("readings", "Hub after a stop like this", READING.fields())
                            .hint("three at least: 0; 62")),
            BrakeHeatTool::rules,
            BrakeHeatTool::make);

    private static final Shape SHAPE = Shape.of(
                    FIELDS,
                    "work",
                    "massKg",
                    "share",
                    "fromKmh",
                    "toKmh",
                    "roundS",
                    "heightM",
                    "minutes",
                    "airC",
                    "discKg",
                    "hubKg",
                    "hubMaterial",
                    "discAirWPerK",
                    "hubAirWPerK",
                    "jointWPerK")
            .andLines("readings", Shape.of(READING));

    /** Taken where nothing was measured: a car's disc bolted to its hub, a guide within a factor of two. */
    private static final double GUIDE_JOINT = 2;

    /** @param stands families of grease that keep room under their limit at that heat */
    public record BrakeHeated(BrakeHeat heat, List<Mixing.Thickener> stands) {}

    /** @param jointFitted false where it was typed or is the guide */
    public record BrakeHeatJson(
            double powerW,
            double discC,
            double hubC,
            double hubMostC,
            double hubMostMin,
            double jointWPerK,
            boolean jointFitted,
            List<String> greases) {}

    private static Field rate(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0.01, 500);
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(READINGS.problems(v));
        boolean stops = !v.text("work").equals("descent");
        if (stops && !v.has("roundS")) {
            problems.add(new Problem("roundS", "Write the seconds from one stop to the next.", false));
        }
        if (stops && v.number("toKmh") >= v.number("fromKmh")) {
            problems.add(Problem.impossible("toKmh", "A stop ends slower than it began."));
        }
        if (!stops && !v.has("heightM")) {
            problems.add(new Problem("heightM", "Write the height it comes down.", false));
        }
        if (problems.isEmpty()) {
            List<BrakeHeat.Reading> readings = READINGS.records(v);
            if (!readings.isEmpty() && readings.size() < BrakeHeat.FEWEST_READINGS) {
                problems.add(new Problem("readings", "Three readings or more tell the joint; or none.", false));
            }
        }
        return problems;
    }

    private static BrakeHeat.Input make(Values v) {
        List<BrakeHeat.Reading> readings = READINGS.records(v);
        double power = v.text("work").equals("descent")
                ? BrakeHeat.ofDescent(v.number("massKg"), v.number("heightM"), v.number("share"), v.number("minutes"))
                : BrakeHeat.ofStops(
                        v.number("massKg"),
                        v.number("fromKmh"),
                        v.number("toKmh"),
                        v.number("share"),
                        v.number("roundS"));
        Double joint = v.maybe("jointWPerK");
        return new BrakeHeat.Input(
                power,
                v.number("minutes"),
                v.number("airC"),
                new BrakeHeat.Body(
                        v.number("discKg") * Material.of("cast-iron").heatJPerKgK(), v.number("discAirWPerK")),
                new BrakeHeat.Body(
                        v.number("hubKg") * Material.of(v.text("hubMaterial")).heatJPerKgK(), v.number("hubAirWPerK")),
                joint == null && readings.isEmpty() ? Double.valueOf(GUIDE_JOINT) : joint,
                readings);
    }

    @Override
    public About about() {
        return new About("brake-heat", "Brake heat into the hub", "How hot does braking make the hub?", Work.RUN, 65);
    }

    @Override
    public FieldList<BrakeHeat.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "massKg",
                "950",
                "fromKmh",
                "130",
                "toKmh",
                "60",
                "roundS",
                "45",
                "minutes",
                "12",
                "discKg",
                "6",
                "hubKg",
                "2.5",
                "discAirWPerK",
                "20");
    }

    @Override
    public BrakeHeated compute(BrakeHeat.Input in) {
        BrakeHeat heat = BrakeHeat.of(in);
        return new BrakeHeated(
                heat,
                Mixing.thickeners().stream()
                        .filter(t -> t.hotC() >= heat.hubMostC() + ROOM_K)
                        .toList());
    }

    @Override
    public List<Finding> findings(BrakeHeated h) {
        List<Finding> findings = new ArrayList<>();
        double most = h.heat().hubMostC();
        findings.add(
                h.stands().isEmpty()
                        ? new Finding(
                                "brake-heat-over",
                                Level.STOP,
                                "No grease of any usual family stands " + celsius(most)
                                        + " in the hub: cool the brake, or part it from the hub.")
                        : most > SEAL_C
                                ? new Finding(
                                        "brake-heat-seal",
                                        Level.SOON,
                                        "The hub comes to " + celsius(most) + ": usual seals end at "
                                                + celsius(SEAL_C) + ". Seals of a rubber that stands it, and a grease "
                                                + "of those below.")
                                : new Finding(
                                        "brake-heat-fine",
                                        Level.RIGHT,
                                        "The hub comes to " + celsius(most) + ": usual seals stand it."));
        Double spread = h.heat().spreadK();
        if (spread != null && spread > POOR_FIT_K) {
            findings.add(new Finding(
                    "brake-heat-fit",
                    Level.OPEN,
                    "The readings lie " + Show.number(spread, 0) + " K about the curve: the work before them was "
                            + "another, or masses and air are not as written."));
        }
        return findings;
    }

    private static String celsius(double value) {
        return Show.number(value, 0) + " °C";
    }

    @Override
    public Answer print(BrakeHeated h) {
        BrakeHeat heat = h.heat();
        boolean fitted = fitted(heat);
        Answer answer = new Answer(
                List.of(
                        Answer.Figure.number(
                                "hottest hub",
                                heat.hubMostC(),
                                0,
                                "°C",
                                heat.hubMostMin() < 0.5
                                        ? "at the stop"
                                        : Show.number(heat.hubMostMin(), 0) + " min after the stop"),
                        Answer.Figure.number("disc at the stop", heat.stopped().discC(), 0, "°C", "mean of its mass"),
                        Answer.Figure.number("heat into the disc", heat.powerW(), 0, "W", "mean"),
                        new Answer.Figure(
                                "greases that stand it",
                                h.stands().isEmpty()
                                        ? "none"
                                        : h.stands().stream()
                                                .map(Mixing.Thickener::name)
                                                .collect(Collectors.joining(", ")),
                                "",
                                "by family; the sheet of the grease decides")),
                findings(h),
                List.of(
                        "Hot discs and hubs burn. Let it roll cool before it stands: the hub is hottest some minutes "
                                + "after the stop.",
                        fitted
                                ? "The joint was fitted to the readings: another speed or load is told by the same "
                                        + "curve."
                                : "The joint is a guide within a factor of two: take three readings of the hub after "
                                        + "a run, and it is fitted."),
                worksheet(heat, fitted),
                List.of());
        return answer.with(chart(heat));
    }

    private static boolean fitted(BrakeHeat heat) {
        return heat.input().jointWPerK() == null;
    }

    private static Worksheet worksheet(BrakeHeat heat, boolean fitted) {
        List<Worksheet.Line> lines = new ArrayList<>(List.of(
                Worksheet.computed(
                        "P",
                        "heat into the disc",
                        "½·m·(v1² − v2²)·share/round, or m·g·h·share/time",
                        Show.number(heat.powerW(), 0) + " W"),
                Worksheet.given("C1", "disc", Show.number(heat.input().disc().heatJPerK(), 0) + " J/K"),
                Worksheet.given("C2", "hub", Show.number(heat.input().hub().heatJPerK(), 0) + " J/K"),
                fitted
                        ? Worksheet.computed(
                                "Gj",
                                "joint",
                                "least squares on the readings",
                                Show.number(heat.jointWPerK(), 2) + " W/K, ± "
                                        + Show.number(heat.spreadK() == null ? 0 : heat.spreadK(), 1) + " K about it")
                        : Worksheet.given("Gj", "joint", Show.number(heat.jointWPerK(), 2) + " W/K"),
                Worksheet.computed(
                        "",
                        "if it went on for ever",
                        "P·Gj/(Ga·Gj + Ga·Gh + Gj·Gh)",
                        "hub " + celsius(heat.settled().hubC()) + ", disc "
                                + celsius(heat.settled().discC())),
                Worksheet.judged(
                        "",
                        "hottest hub",
                        "both masses, after the stop",
                        celsius(heat.hubMostC()),
                        "over " + celsius(SEAL_C) + " soon")));
        return new Worksheet(
                "How hot does braking make the hub?",
                lines,
                List.of("Two lumped masses (Incropera, Fundamentals of Heat and Mass Transfer): each at one "
                        + "temperature, "
                        + "each losing in proportion to what it has over the air. All of the brake's work becomes "
                        + "heat of the disc; rims and tyres are left out."));
    }

    private static Chart chart(BrakeHeat heat) {
        double work = heat.input().minutes();
        double after = Math.max(15, heat.hubMostMin() * 2);
        List<Chart.Line> lines = List.of(
                new Chart.Line("hub", t -> (t <= work ? heat.working(t) : heat.afterStop(t - work)).hubC()),
                new Chart.Line("disc", t -> (t <= work ? heat.working(t) : heat.afterStop(t - work)).discC()));
        Chart.Axis x = new Chart.Axis("minutes", 0, work + after, false);
        return new Chart(
                "brake-heat",
                "Disc and hub, while it works and after",
                x,
                Chart.upTo("°C", x, lines),
                lines,
                heat.input().readings().stream()
                        .filter(r -> r.minutes() <= after)
                        .map(r -> new Chart.Spot(work + r.minutes(), r.hubC(), ""))
                        .toList(),
                List.of(new Chart.Mark(work, "it stops")));
    }

    @Override
    public List<Call<BrakeHeated>> calls() {
        return List.of(Call.post(
                "brake-heat",
                "Disc and hub under repeated stops or a descent, by two masses, and the greases that stand it",
                SHAPE,
                BrakeHeatJson.class,
                h -> new BrakeHeatJson(
                        h.heat().powerW(),
                        h.heat().stopped().discC(),
                        h.heat().stopped().hubC(),
                        h.heat().hubMostC(),
                        h.heat().hubMostMin(),
                        h.heat().jointWPerK(),
                        fitted(h.heat()),
                        h.stands().stream().map(Mixing.Thickener::code).toList())));
    }
}
