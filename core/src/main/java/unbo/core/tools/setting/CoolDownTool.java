package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.drawing.Chart;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.form.TypedRows;
import unbo.core.heat.CoolDown;
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

/** How many seconds are there until it grips, and what if it stops half way? */
@AutoService(Offered.class)
public final class CoolDownTool implements Tool<CoolDownTool.Hot, CoolDownTool.Minute> {

    private static final int MOST_READINGS = 40;
    /** Fewer seconds than these are not begun with. */
    private static final double SHORT = 10;

    private static final FieldList<CoolDown.Reading> READING = FieldList.of(
            List.of(
                    Field.quantity("seconds", "Seconds", Quantity.RATIO, "", 0, 36_000)
                            .must(),
                    Field.quantity("celsius", "Measured", Quantity.TEMPERATURE, "°C", -60, 400)
                            .must()),
            v -> new CoolDown.Reading(v.number("seconds"), v.number("celsius")));

    private static final TypedRows<CoolDown.Reading> READINGS = new TypedRows<>("readings", READING, 2, MOST_READINGS);

    private static final FieldList<Hot> FIELDS = FieldList.of(
            List.of(
                    Field.rows("readings", "Readings since it left oven or freezer", READING.fields())
                            .must(),
                    Field.quantity("ambient", "Room", Quantity.TEMPERATURE, "°C", -40, 60)
                            .usually(5, 35)
                            .orElse("20", null),
                    Field.quantity("grip", "It grips at", Quantity.TEMPERATURE, "°C", -40, 300)
                            .must()
                            .hint("by Heat for a fit")),
            CoolDownTool::rules,
            v -> new Hot(READINGS.records(v), v.number("ambient"), v.number("grip")));

    private static final Shape SHAPE = Shape.of(FIELDS, "ambient", "grip").andLines("readings", Shape.of(READING));

    /** A part on its way from the heat to its seat. */
    public record Hot(List<CoolDown.Reading> readings, double ambientC, double gripC) {

        double last() {
            return readings.stream()
                    .mapToDouble(CoolDown.Reading::seconds)
                    .max()
                    .orElse(0);
        }
    }

    /** @param curve null where the readings do not come nearer to the room */
    public record Minute(Hot hot, @Nullable CoolDown curve) {

        /** Seconds from the last reading until it grips; null where that cannot be told or never comes. */
        @Nullable
        Double left() {
            if (curve == null) {
                return null;
            }
            double until = curve.until(hot.gripC()) - hot.last();
            return Double.isFinite(until) ? Double.valueOf(Math.max(0, until)) : null;
        }
    }

    /** @param secondsLeft from the last reading; null where it never grips or nothing can be told */
    public record Cooling(
            @Nullable Double tau,
            @Nullable Double startC,
            @Nullable Double secondsLeft,
            @Nullable Double nowC) {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(READINGS.problems(v));
        if (problems.isEmpty()) {
            double ambient = v.number("ambient");
            List<CoolDown.Reading> readings = READINGS.records(v);
            if (readings.stream().anyMatch(r -> Math.abs(r.celsius() - ambient) < CoolDown.LEAST_FROM_K)) {
                problems.add(Problem.impossible(
                        "readings",
                        "A reading lies within " + Show.number(CoolDown.LEAST_FROM_K, 0)
                                + " K of the room: leave it out, it tells nothing of the curve."));
            }
            if (readings.stream().map(r -> r.celsius() > ambient).distinct().count() > 1) {
                problems.add(Problem.impossible(
                        "readings", "Some lie over the room and some under it: a part only comes nearer to it."));
            }
            if (readings.stream()
                            .mapToDouble(CoolDown.Reading::seconds)
                            .distinct()
                            .count()
                    < 2) {
                problems.add(Problem.impossible("readings", "Two readings at one time tell no curve: take another."));
            }
        }
        return problems;
    }

    @Override
    public About about() {
        return new About(
                "hot-minute",
                "The hot minute",
                "How many seconds are there until it grips, and what if it stops half way?",
                Work.SET,
                55);
    }

    @Override
    public FieldList<Hot> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("readings", "0; 110\n15; 99\n30; 90", "ambient", "20", "grip", "62");
    }

    @Override
    public Minute compute(Hot hot) {
        return new Minute(hot, CoolDown.of(hot.readings(), hot.ambientC()));
    }

    @Override
    public @Nullable Double seconds(Minute minute) {
        return minute.left();
    }

    @Override
    public List<Finding> findings(Minute m) {
        if (m.curve() == null) {
            return List.of(new Finding(
                    "cooling-no-curve",
                    Level.OPEN,
                    "The readings do not come nearer to the room: is the probe on the part, and is it out of oven or "
                            + "freezer?"));
        }
        Double left = m.left();
        if (left == null) {
            return List.of(new Finding(
                    "cooling-never-grips",
                    Level.RIGHT,
                    "It does not grip before it is as warm as the room: no hurry."));
        }
        return List.of(
                left <= 0
                        ? new Finding(
                                "cooling-gripped",
                                Level.STOP,
                                "It grips already: heat or chill it again, do not strike it.")
                        : left < SHORT
                                ? new Finding(
                                        "cooling-short",
                                        Level.SOON,
                                        "Only " + Show.number(left, 0) + " s are left: do not begin now, heat or "
                                                + "chill it again.")
                                : new Finding(
                                        "cooling-time",
                                        Level.RIGHT,
                                        Show.number(left, 0) + " s are left until it grips."));
    }

    @Override
    public Answer print(Minute m) {
        CoolDown curve = m.curve();
        List<Answer.Figure> figures = new ArrayList<>();
        Double left = m.left();
        figures.add(new Answer.Figure(
                "seconds left",
                left == null ? (curve == null ? "not told" : "no hurry") : Show.number(left, 0),
                left == null ? "" : "s",
                "from the last reading"));
        if (curve != null) {
            figures.add(Answer.Figure.number("most of the way to the room in", curve.tau(), 0, "s", "63 % of it"));
        }
        Answer answer = new Answer(
                figures,
                findings(m),
                List.of(
                        "Ready before it leaves the heat: the way clear, gloves, the tube or ring to push with, a "
                                + "light oil "
                                + "on the seat, the stop or spacer that it goes against, a thermometer, somebody "
                                + "who counts.",
                        "Proof afterwards: held against its shoulder until it grips, turned by hand, the turning "
                                + "torque as "
                                + "before the case was closed: nothing is side-loaded."),
                worksheet(m),
                List.of(),
                steps());
        return curve == null ? answer : answer.with(chart(m, curve));
    }

    private static List<Step> steps() {
        return List.of(
                new Step("lay-out", "Lay everything out in the order of the hand; try the ring's way cold.", ""),
                new Step(
                        "take",
                        "Take it out, measure it, go at once.",
                        "It burns, and what is frozen does too: dry gloves for 200 °C, nothing within reach that "
                                + "melts or burns. Dry ice and liquid gas only where air moves."),
                new Step(Step.IN_HAND, "Push it home in one go and hold it until it grips.", ""),
                new Step(
                        "half-way",
                        "Stopped half way and still over its grip: push on, square, by the tight ring.",
                        "Never strike it on, and never through the elements."),
                new Step(
                        "gripped",
                        "Stopped half way and gripped: warm the outer one of the two where it sits and push on; or "
                                + "take it "
                                + "off by the tight ring and begin again. A ring that was struck or pushed through its "
                                + "elements is scrap.",
                        "No flame on a ring that is used again, nor near grease, seals and fuel."));
    }

    private static Chart chart(Minute m, CoolDown curve) {
        double until = curve.until(m.hot().gripC());
        double to = Math.max(m.hot().last() * 1.5, Double.isFinite(until) ? until * 1.3 : curve.tau() * 2);
        List<Chart.Spot> spots = new ArrayList<>();
        m.hot().readings().forEach(r -> spots.add(new Chart.Spot(r.seconds(), r.celsius(), "")));
        return new Chart(
                "cool-down",
                "How it cools",
                new Chart.Axis("seconds", 0, Math.max(to, 1), false),
                new Chart.Axis(
                        "°C",
                        Math.min(Math.min(m.hot().ambientC(), m.hot().gripC()), curve.startC()) - 5,
                        Math.max(
                                        Math.max(curve.startC(), m.hot().gripC()),
                                        m.hot().ambientC())
                                + 8,
                        false),
                List.of(
                        new Chart.Line("by the readings", curve::at),
                        new Chart.Line("it grips", seconds -> m.hot().gripC())),
                spots,
                Double.isFinite(until) && until > 0 ? List.of(new Chart.Mark(until, "grips")) : List.of());
    }

    private static Worksheet worksheet(Minute m) {
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given("Ta", "room", Show.number(m.hot().ambientC(), 0) + " °C"));
        lines.add(Worksheet.given("Tg", "it grips at", Show.number(m.hot().gripC(), 0) + " °C"));
        CoolDown curve = m.curve();
        if (curve != null) {
            lines.add(Worksheet.computed(
                    "τ", "time constant", "least squares of ln(T − Ta)", Show.number(curve.tau(), 1) + " s"));
            lines.add(Worksheet.computed(
                    "T0", "when it left oven or freezer", "by the fit", Show.number(curve.startC(), 1) + " °C"));
            if (m.hot().readings().size() > 2) {
                lines.add(Worksheet.computed(
                        "", "readings about the curve", "", "± " + Show.number(curve.spreadK(), 1) + " K"));
            }
            Double left = m.left();
            if (left != null) {
                lines.add(Worksheet.judged(
                        "t",
                        "left from the last reading",
                        "τ·ln((T0 − Ta)/(Tg − Ta)) − t",
                        Show.number(Objects.requireNonNull(left), 0) + " s",
                        "under " + Show.number(SHORT, 0) + " s soon"));
            }
        }
        return new Worksheet(
                "How many seconds are there until it grips?",
                lines,
                List.of("Newton's law of cooling: T = Ta + (T0 − Ta)·e^(−t/τ); on the shaft it cools faster than in "
                        + "the "
                        + "air."));
    }

    @Override
    public List<Call<Minute>> calls() {
        return List.of(Call.post(
                "hot-minute",
                "How a hot part cools by its readings, and the seconds until it grips",
                SHAPE,
                Cooling.class,
                CoolDownTool::json));
    }

    private static Cooling json(Minute m) {
        CoolDown curve = m.curve();
        return curve == null
                ? new Cooling(null, null, null, null)
                : new Cooling(
                        curve.tau(), curve.startC(), m.left(), curve.at(m.hot().last()));
    }
}
