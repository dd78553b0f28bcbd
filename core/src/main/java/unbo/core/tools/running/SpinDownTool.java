package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Chart;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.motion.SpinDown;
import unbo.core.simulation.SpunWheel;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** What slows this wheel: seals, grease or air? */
@AutoService(Offered.class)
public final class SpinDownTool implements Tool<SpinDownTool.Spun, SpinDownTool.RanDown> {

    private static final int MOST = 500;
    private static final double RPM = 60 / (2 * Math.PI);
    private static final double FROM_RPM = 120;
    private static final double TO_RPM = 20;
    /** Longer by so much it turns more freely than before, shorter less; within it nobody can tell. */
    private static final double TOLD = 0.1;

    private static final FieldList<Spun> FIELDS = FieldList.of(
            List.of(
                    clicks("seconds", "Moments of the clicks, s")
                            .must()
                            .hint("a magnet, the valve, a card in the spokes"),
                    Field.whole("perTurn", "Clicks in a turn", 1, 200).orElse("1", "one magnet"),
                    Field.quantity("rimKg", "Mass at the rim", Quantity.MASS, "kg", 0.01, 200)
                            .usually(0.3, 40)
                            .hint("with the radius: torque instead of slowing alone"),
                    Field.quantity("rimRadiusM", "Radius of that mass", Quantity.LENGTH, "m", 0.02, 1)
                            .usually(0.1, 0.4),
                    clicks("before", "The same before the work, s")
                            .hint("held against it")
                            .seldom()),
            SpinDownTool::rules,
            v -> new Spun(
                    SpinDown.clicks(v.list("seconds"), v.whole("perTurn")),
                    v.has("rimKg") && v.has("rimRadiusM")
                            ? Double.valueOf(v.number("rimKg") * Math.pow(v.number("rimRadiusM"), 2))
                            : null,
                    v.list("before").isEmpty() ? List.of() : SpinDown.clicks(v.list("before"), v.whole("perTurn"))));

    /** @param inertiaKgM2 null where it is not known @param before empty where nothing was timed before */
    public record Spun(
            List<SpinDown.Speed> speeds, @Nullable Double inertiaKgM2, List<SpinDown.Speed> before) {}

    /** @param down null where it does not slow down @param before null where nothing was timed before */
    public record RanDown(
            Spun asked, @Nullable SpinDown down, @Nullable SpinDown before) {}

    /** Torques in N·mm at 100 rpm; null where the inertia is not known. */
    public record SpinJson(
            @Nullable Double rubbingRadS2,
            @Nullable Double shearPerS,
            @Nullable Double airPlain,
            @Nullable Double seconds,
            @Nullable Double secondsBefore,
            @Nullable Double rubbingNmm) {}

    private static Field clicks(String name, String label) {
        return Field.list(name, label, Quantity.RATIO, "", 0, 3600).many(SpinDown.LEAST + 1, MOST);
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        for (String name : List.of("seconds", "before")) {
            List<Double> moments = v.list(name);
            for (int i = 1; i < moments.size(); i++) {
                if (moments.get(i) <= moments.get(i - 1)) {
                    problems.add(Problem.impossible(
                            name,
                            "The moments rise: " + Show.number(moments.get(i), 3) + " s comes after "
                                    + Show.number(moments.get(i - 1), 3) + " s."));
                    break;
                }
            }
        }
        return problems;
    }

    @Override
    public About about() {
        return new About("spin-down", "Spin-down of a wheel", "What slows it: seals, grease or air?", Work.PROVE, 60);
    }

    @Override
    public FieldList<Spun> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "seconds",
                said(new SpunWheel(22, 0.22, 0.012, 0.0006, 0.002, 1, 4)),
                "before",
                said(new SpunWheel(22, 0.46, 0.020, 0.0006, 0.002, 1, 5)),
                "rimKg",
                "1.1",
                "rimRadiusM",
                "0.29");
    }

    private static String said(SpunWheel wheel) {
        return wheel.clicks().stream()
                .map(at -> Show.number(Math.max(0, at), 3))
                .distinct()
                .collect(Collectors.joining("; "));
    }

    @Override
    public RanDown compute(Spun in) {
        return new RanDown(in, SpinDown.of(in.speeds()), in.before().isEmpty() ? null : SpinDown.of(in.before()));
    }

    private static double seconds(SpinDown down) {
        return down.seconds(FROM_RPM / RPM, TO_RPM / RPM);
    }

    @Override
    public List<Finding> findings(RanDown run) {
        SpinDown down = run.down();
        if (down == null) {
            return List.of(new Finding(
                    "spin-none",
                    Level.OPEN,
                    "It does not slow down by these moments: time it again, from a good spin."));
        }
        List<Finding> findings = new ArrayList<>();
        SpinDown before = run.before();
        if (before != null) {
            double ratio = seconds(down) / seconds(before);
            findings.add(
                    Math.abs(ratio - 1) <= TOLD
                            ? new Finding("spin-same", Level.RIGHT, "It runs as it did before, as far as can be told.")
                            : ratio > 1
                                    ? new Finding(
                                            "spin-freer",
                                            Level.RIGHT,
                                            "It runs " + Show.number(ratio, 1) + " times as long as before.")
                                    : new Finding(
                                            "spin-tighter",
                                            Level.WATCH,
                                            "It runs down sooner than before, in " + Show.number(ratio * 100, 0)
                                                    + " % of the time: fresh grease loosens in an hour, new lips in a "
                                                    + "day; a bearing that is set too tight does neither."));
        }
        if (down.errors().rubbing() > Math.max(down.rubbing(), 1e-9)) {
            findings.add(new Finding(
                    "spin-not-parted",
                    Level.OPEN,
                    "What rubs is not parted from the rest: time it down to where it all but stands."));
        }
        return findings;
    }

    @Override
    public Answer print(RanDown run) {
        SpinDown down = run.down();
        if (down == null) {
            return new Answer(
                    List.of(new Answer.Figure("runs down in", "not told", "", "")),
                    findings(run),
                    List.of(),
                    new Worksheet("What slows it?", List.of(), List.of()),
                    List.of());
        }
        List<Answer.Figure> figures = new ArrayList<>();
        SpinDown before = run.before();
        figures.add(most(down));
        figures.add(Answer.Figure.number(
                "from " + Show.number(FROM_RPM, 0) + " to " + Show.number(TO_RPM, 0) + " rpm",
                seconds(down),
                0,
                "s",
                before == null ? "by the fit" : "before " + Show.number(seconds(before), 0) + " s"));
        double at = 100 / RPM;
        Double inertia = run.asked().inertiaKgM2();
        double scale = inertia == null ? RPM : inertia * 1000;
        String unit = inertia == null ? "rpm a second" : "N·mm";
        double off = 1.645 * down.errors().rubbing() * scale;
        figures.add(Answer.Figure.number(
                "what rubs: seals, rings",
                down.rubbing() * scale,
                2,
                unit,
                "± " + Show.number(off, 2) + " (90 %)" + was(before, before == null ? 0 : before.rubbing() * scale)));
        figures.add(Answer.Figure.number(
                "grease and oil, at 100 rpm",
                down.shear() * at * scale,
                2,
                unit,
                "in step with the speed" + was(before, before == null ? 0 : before.shear() * at * scale)));
        figures.add(Answer.Figure.number("air, at 100 rpm", down.air() * at * at * scale, 2, unit, "with its square"));
        Answer answer = new Answer(
                figures,
                findings(run),
                List.of(
                        "Wheel off the ground, brake clear, chain off; spun by hand, fingers out of spokes and disc "
                                + "until "
                                + "it stands.",
                        "Bearings without load hardly drag: what rubs is lips, and a setting that is too tight. "
                                + "Under load "
                                + "Friction tells what they take."),
                worksheet(run, down),
                List.of());
        return answer.with(chart(down, before));
    }

    /** What slows it most at 100 rpm, and its share. */
    private static Answer.Figure most(SpinDown down) {
        double at = 100 / RPM;
        double shear = down.shear() * at;
        double air = down.air() * at * at;
        double largest = Math.max(down.rubbing(), Math.max(shear, air));
        String what = largest == down.rubbing() ? "what rubs" : largest == shear ? "the grease" : "the air";
        return new Answer.Figure(
                "slows it most, at 100 rpm", what, "", Show.number(largest / down.slows(at) * 100, 0) + " % of it");
    }

    private static String was(@Nullable SpinDown before, double value) {
        return before == null ? "" : "; before " + Show.number(value, 2);
    }

    private static Chart chart(SpinDown down, @Nullable SpinDown before) {
        double end = Math.max(last(down), before == null ? 0 : last(before));
        List<Chart.Line> lines = new ArrayList<>();
        lines.add(new Chart.Line(before == null ? "by the fit" : "now", t -> down.at(t) * RPM));
        if (before != null) {
            lines.add(new Chart.Line("before", t -> before.at(t) * RPM));
        }
        double begun = down.speeds().get(0).seconds();
        List<Chart.Spot> spots = down.speeds().stream()
                .map(speed -> new Chart.Spot(speed.seconds() - begun, speed.radS() * RPM, ""))
                .toList();
        Chart.Axis x = new Chart.Axis("s", 0, end, false);
        return new Chart("spin-down", "How it runs down", x, Chart.upTo("rpm", x, lines), lines, spots, List.of());
    }

    private static double last(SpinDown down) {
        List<SpinDown.Speed> speeds = down.speeds();
        return speeds.get(speeds.size() - 1).seconds() - speeds.get(0).seconds();
    }

    private static Worksheet worksheet(RanDown run, SpinDown down) {
        List<Worksheet.Line> lines = new ArrayList<>(List.of(
                Worksheet.given("", "speeds", String.valueOf(down.speeds().size())),
                Worksheet.computed("a", "what rubs", "constant", Show.number(down.rubbing(), 4) + " rad/s²"),
                Worksheet.computed("b", "what shears", "times ω", Show.number(down.shear(), 5) + " 1/s"),
                Worksheet.computed("c", "what blows", "times ω²", Show.number(down.air(), 6)),
                Worksheet.computed(
                        "",
                        "readings lie about the fit",
                        "standard deviation",
                        Show.number(down.spreadRadS() * RPM, 2) + " rpm")));
        Double inertia = run.asked().inertiaKgM2();
        if (inertia != null) {
            lines.add(Worksheet.computed("I", "inertia", "m·r²", Show.number(inertia, 4) + " kg·m²"));
        }
        return new Worksheet(
                "What slows it?",
                lines,
                List.of(
                        "dω/dt = −(a + b·ω + c·ω²), fitted as ω = ω0 − a·t − b·θ − c·∫ω dθ by least squares, no part "
                                + "under zero.",
                        "Coast-down as in mechanics of machines; the parting of rubbing, shear and air is by their law "
                                + "of speed alone."));
    }

    @Override
    public List<Call<RanDown>> calls() {
        return List.of(Call.post(
                "spin-down",
                "What slows a wheel that runs down: rubbing, shear and air by the moments of its clicks",
                Shape.of(FIELDS),
                SpinJson.class,
                SpinDownTool::json));
    }

    private static SpinJson json(RanDown run) {
        SpinDown down = run.down();
        SpinDown before = run.before();
        Double inertia = run.asked().inertiaKgM2();
        return down == null
                ? new SpinJson(null, null, null, null, null, null)
                : new SpinJson(
                        down.rubbing(),
                        down.shear(),
                        down.air(),
                        seconds(down),
                        before == null ? null : Double.valueOf(seconds(before)),
                        inertia == null ? null : Double.valueOf(down.rubbing() * inertia * 1000));
    }
}
