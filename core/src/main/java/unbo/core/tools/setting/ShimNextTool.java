package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Chart;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.form.TypedRows;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.setting.FaceReadings;
import unbo.core.setting.ShimNext;
import unbo.core.setting.ShimSum;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.stack.StackInput;
import unbo.core.stage.RouteStage;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** How much shim comes out or goes in next? */
@AutoService(Offered.class)
public final class ShimNextTool implements Tool<ShimNextTool.Asked, ShimNextTool.Found> {

    private static final int MOST_ROUNDS = 20;

    private static final FieldList<Measured> ROUND = FieldList.of(
            List.of(
                    Field.quantity("shimMm", "Shims in all", Quantity.LENGTH, "mm", 0, 50)
                            .must(),
                    Field.quantity("torqueNm", "Turning torque", Quantity.TORQUE, "N·m", 0, 200),
                    Field.quantity("endPlayMm", "or end play", Quantity.LENGTH, "mm", 0, 5)),
            v -> v.has("torqueNm") == v.has("endPlayMm")
                    ? List.of(new Problem("torqueNm", "Write the turning torque or the end play: one of them.", false))
                    : List.of(),
            v -> new Measured(
                    new ShimNext.Round(
                            v.number("shimMm"), v.has("torqueNm") ? v.number("torqueNm") : v.number("endPlayMm")),
                    v.has("torqueNm")));

    private static final TypedRows<Measured> ROUNDS = new TypedRows<>("rounds", ROUND, 1, MOST_ROUNDS);
    private static final TypedRows<StackInput.Shim> STOCK =
            new TypedRows<>("stock", LinkFields.SHIM, 0, StackInput.MOST_SHIMS);

    private static final FieldList<Asked> FIELDS = FieldList.of(
            List.of(
                    Field.rows("rounds", "Rounds, the last as it stands now", ROUND.fields())
                            .must(),
                    Field.quantity("dragNm", "Drag of seals and carrier", Quantity.TORQUE, "N·m", 0, 50)
                            .orElse("0", "measured without preload, and set apart"),
                    Field.quantity("min", "Wanted, least (N·m without drag, or mm)", Quantity.RATIO, "", 0, 200)
                            .must(),
                    Field.quantity("max", "Wanted, most", Quantity.RATIO, "", 0, 200)
                            .must(),
                    Field.quantity("stiffnessNmPerMm", "Stiffness, N·m a mm of shim", Quantity.RATIO, "", -500, 500)
                            .usually(2, 60)
                            .hint("for one round; two rounds tell it"),
                    Field.rows("stock", "Shims that are here", LinkFields.SHIM.fields()),
                    Field.lines("sums", "Sums to be looked through", 500)
                            .hint("one to a line: 0.187 − 0.140 = 0.038")
                            .seldom(),
                    Field.list("face", "A link read round its face", Quantity.LENGTH, "mm", 0, 500)
                            .many(3, 24)
                            .hint("evenly spaced; mean, spread and tilt are told")
                            .seldom()),
            ShimNextTool::rules,
            ShimNextTool::asked);

    private static final Shape SHAPE = Shape.of(FIELDS, "dragNm", "stiffnessNmPerMm", "sums", "face")
            .andLines("rounds", Shape.of(ROUND))
            .and("target", Shape.of(FIELDS, "min", "max"))
            .andLines("stock", Shape.of(LinkFields.SHIM));

    private record Measured(ShimNext.Round round, boolean torque) {}

    /**
     * What is asked.
     *
     * @param sums as they were written
     * @param face readings of a link round its face; empty where there are none
     */
    public record Asked(ShimNext.Input shims, List<ShimSum> sums, List<Double> face) {}

    /** What comes of it. */
    public record Found(Asked asked, ShimNext next) {}

    /** @param changeMm null where the rounds contradict each other @param shims null where none stand for it */
    public record NextShim(
            @Nullable Double changeMm,
            @Nullable Double plusMinusMm,
            double stiffnessNmPerMm,
            @Nullable Double nextMm,
            @Nullable List<Double> shims,
            boolean inBand) {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(ROUNDS.problems(v));
        problems.addAll(STOCK.problems(v));
        if (v.number("min") > v.number("max")) {
            problems.add(Problem.impossible("max", "The most is under the least: change them over."));
        }
        if (problems.isEmpty()) {
            List<Measured> rounds = ROUNDS.records(v);
            long torques = rounds.stream().filter(Measured::torque).count();
            if (torques > 0 && torques < rounds.size()) {
                problems.add(Problem.impossible(
                        "rounds", "Rounds of torque and of end play do not go together: keep those of one kind."));
            } else if (torques > 0
                    && !v.has("stiffnessNmPerMm")
                    && rounds.stream()
                                    .mapToDouble(m -> m.round().shimMm())
                                    .distinct()
                                    .count()
                            < 2) {
                problems.add(new Problem(
                        "stiffnessNmPerMm",
                        "One shim tells no stiffness: write it, or measure a second round with another shim.",
                        false));
            }
        }
        return problems;
    }

    private static Asked asked(Values v) {
        List<Measured> rounds = ROUNDS.records(v);
        return new Asked(
                new ShimNext.Input(
                        rounds.get(0).torque(),
                        rounds.stream().map(Measured::round).toList(),
                        v.number("dragNm"),
                        v.maybe("stiffnessNmPerMm"),
                        v.number("min"),
                        v.number("max"),
                        STOCK.records(v)),
                v.text("sums")
                        .lines()
                        .flatMap(line -> ShimSum.read(line).stream())
                        .toList(),
                v.list("face"));
    }

    @Override
    public About about() {
        return new About(
                "shim-next", "Next shim from measured drag", "How much shim comes out or goes in next?", Work.SET, 5);
    }

    @Override
    public FieldList<Asked> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "rounds",
                "0.50; 0.9\n0.45; 1.5",
                "min",
                "2.0",
                "max",
                "2.4",
                "stock",
                "0.10; 4\n0.15; 4\n0.20; 2\n0.30; 2",
                "sums",
                "0.187 − 0.140 = 0.038");
    }

    @Override
    public Found compute(Asked in) {
        return new Found(in, ShimNext.of(in.shims()));
    }

    @Override
    public List<Finding> findings(Found found) {
        ShimNext next = found.next();
        List<Finding> findings = new ArrayList<>();
        if (next.nextMm() == null) {
            findings.add(new Finding(
                    "shim-rounds-contradict",
                    Level.SOON,
                    found.asked().shims().byTorque()
                            ? "More shim gave more drag: something else changed. Seat the rings, turn it by hand, "
                                    + "measure both rounds again."
                            : "More shim gave less play: something else changed. Seat the rings and measure again."));
        } else if (next.inBand()) {
            findings.add(new Finding("shim-in-band", Level.RIGHT, "The last round is in the band: leave it."));
        } else {
            findings.add(new Finding("shim-change", Level.SOON, change(next) + "."));
        }
        if (next.far()) {
            findings.add(new Finding(
                    "shim-far",
                    Level.WATCH,
                    "That is farther from the rounds than they lie apart: go half way and measure again."));
        }
        for (ShimSum sum : found.asked().sums()) {
            if (!sum.right()) {
                findings.add(new Finding("sum-slip", Level.STOP, slip(sum)));
            }
        }
        return findings;
    }

    private static String slip(ShimSum sum) {
        return Show.fixed(sum.first(), 3) + (sum.plus() ? " + " : " − ") + Show.fixed(sum.second(), 3) + " is "
                + Show.fixed(sum.is(), 3) + ", not " + Show.fixed(sum.written(), 3) + ".";
    }

    private static String face(FaceReadings face) {
        return "The link is " + Show.fixed(face.mean(), 3) + " mm in the mean, its readings spread over "
                + Show.fixed(face.spread(), 3) + " mm, of which a tilt makes " + Show.fixed(face.tilt(), 3) + " mm"
                + (face.askew() ? ": it stands askew, clean its faces and seat it." : ".");
    }

    private static String change(ShimNext next) {
        double change = java.util.Objects.requireNonNull(next.changeMm());
        return (change < 0 ? "Take " : "Put ") + Show.fixed(Math.abs(change), 3) + " mm "
                + (change < 0 ? "out" : "in") + ", ± " + Show.fixed(next.plusMinusMm(), 3) + " mm: "
                + Show.fixed(java.util.Objects.requireNonNull(next.nextMm()), 3) + " mm in all";
    }

    @Override
    public Answer print(Found found) {
        ShimNext next = found.next();
        ShimNext.Input in = found.asked().shims();
        List<Answer.Figure> figures = new ArrayList<>();
        Double change = next.changeMm();
        figures.add(
                change == null
                        ? new Answer.Figure("next shim", "not told", "", "the rounds contradict each other")
                        : Answer.Figure.fixed(
                                change < 0 ? "take out" : "put in",
                                Math.abs(change),
                                3,
                                "mm",
                                Show.inches(Math.abs(change))));
        List<Double> shims = next.shims();
        if (next.nextMm() != null) {
            figures.add(Answer.Figure.fixed("shims then", next.nextMm(), 3, "mm", off(shims, in)));
            figures.add(Answer.Figure.fixed("good for ±", next.plusMinusMm(), 3, "mm", ""));
        }
        figures.add(Answer.Figure.number(
                "a millimetre of shim is worth",
                next.slope(),
                2,
                in.byTorque() ? "N·m" : "mm",
                in.told() ? "by the rounds" : in.stiffness() == null ? "by geometry" : "as written"));
        List<String> sentences = new ArrayList<>();
        if (found.asked().face().size() >= 3) {
            sentences.add(face(FaceReadings.of(found.asked().face())));
        }
        sentences.add("Every round: tighten to its torque, turn it by hand ten times, then measure while it turns. A "
                + "crush sleeve that was overshot is renewed, never slackened.");
        Answer answer = new Answer(figures, findings(found), sentences, worksheet(found), List.of());
        return answer.with(chart(next));
    }

    /** Shims off the shelf that stand for it, in words. */
    private static String off(@Nullable List<Double> shims, ShimNext.Input in) {
        if (shims == null) {
            return in.stock().isEmpty() ? "" : "none on the shelf stand for it";
        }
        return shims.stream().map(mm -> Show.number(mm, 3)).collect(Collectors.joining(" + "));
    }

    /** Rounds, their line, the band and where it is met. */
    private static Chart chart(ShimNext next) {
        ShimNext.Input in = next.input();
        double low =
                in.rounds().stream().mapToDouble(ShimNext.Round::shimMm).min().orElseThrow();
        double high =
                in.rounds().stream().mapToDouble(ShimNext.Round::shimMm).max().orElseThrow();
        Double wanted = next.nextMm();
        double from = Math.max(0, Math.min(low, wanted == null ? low : wanted) - 0.03);
        double to = Math.max(high, wanted == null ? high : wanted) + 0.03;
        ShimNext.Round last = in.last();
        double drag = in.byTorque() ? in.dragNm() : 0;
        double shim = in.rounds().stream()
                .mapToDouble(ShimNext.Round::shimMm)
                .average()
                .orElseThrow();
        double mean = in.rounds().stream()
                .mapToDouble(r -> r.reading() - drag)
                .average()
                .orElseThrow();
        Chart.Axis x = new Chart.Axis("shims, mm", from, to, false);
        List<Chart.Line> lines = List.of(
                new Chart.Line("by the rounds", mm -> Math.max(0, mean + next.slope() * (mm - shim))),
                new Chart.Line("least", mm -> in.min()),
                new Chart.Line("most", mm -> in.max()));
        List<Chart.Spot> spots = new ArrayList<>();
        in.rounds()
                .forEach(round -> spots.add(
                        new Chart.Spot(round.shimMm(), round.reading() - drag, round.equals(last) ? "now" : "")));
        if (wanted != null) {
            spots.add(new Chart.Spot(wanted, (in.min() + in.max()) / 2, "next"));
        }
        double most = Math.max(
                in.max(),
                in.rounds().stream().mapToDouble(ShimNext.Round::reading).max().orElse(1));
        return new Chart(
                "shim-next",
                "What was measured over the shims",
                x,
                new Chart.Axis(in.byTorque() ? "N·m without drag" : "end play, mm", 0, most * 1.25, false),
                lines,
                spots,
                List.of());
    }

    private static Worksheet worksheet(Found found) {
        ShimNext next = found.next();
        ShimNext.Input in = found.asked().shims();
        String unit = in.byTorque() ? " N·m" : " mm";
        List<Worksheet.Line> lines = new ArrayList<>();
        in.rounds()
                .forEach(round -> lines.add(Worksheet.given(
                        "", Show.number(round.shimMm(), 3) + " mm of shim", Show.number(round.reading(), 3) + unit)));
        if (in.dragNm() > 0) {
            lines.add(Worksheet.given("", "drag, set apart", Show.number(in.dragNm(), 3) + " N·m"));
        }
        lines.add(Worksheet.computed(
                "k",
                "a millimetre of shim",
                in.told() ? "least squares: Σ(s − s̄)(t − t̄)/Σ(s − s̄)²" : "known",
                Show.number(next.slope(), 2) + unit + "/mm"));
        if (next.nextMm() != null) {
            lines.add(Worksheet.computed(
                    "s", "shims for the middle of the band", "s̄ + (t − t̄)/k", Show.fixed(next.nextMm(), 3) + " mm"));
            lines.add(Worksheet.computed(
                    "",
                    "good for",
                    "5 % of a torque, 0.01 mm of an end play, 0.005 mm of a shim, passed on; or the scatter about the "
                            + "line",
                    "± " + Show.fixed(next.plusMinusMm(), 3) + " mm"));
        }
        return new Worksheet(
                "How much shim comes out or goes in next?",
                lines,
                List.of("Straight line by least squares. Tapers stiffen as they are pressed: near the band the line is "
                        + "good, far from it go half way."));
    }

    @Override
    public List<Call<Found>> calls() {
        return List.of(Call.post(
                "shim-next",
                "The next shim from rounds of shim and turning torque or end play",
                SHAPE,
                NextShim.class,
                ShimNextTool::json));
    }

    private static NextShim json(Found found) {
        ShimNext next = found.next();
        return new NextShim(
                next.changeMm(),
                next.nextMm() == null ? null : Double.valueOf(next.plusMinusMm()),
                next.slope(),
                next.nextMm(),
                next.shims(),
                next.inBand());
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.set("shim-rounds", "shims by rounds of drag or play"));
    }

    @Override
    public List<Fact> gives(Found found) {
        ShimNext.Input in = found.asked().shims();
        return new Facts(RouteStage.SET)
                .number(
                        in.byTorque() ? FactKey.TURNING_TORQUE : FactKey.SET_END_PLAY,
                        in.last().reading(),
                        How.MEASURED)
                .list();
    }

    @Override
    public boolean complete(Found found) {
        return found.next().inBand();
    }
}
