package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Chart;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.setting.RanWith;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** Which setting did the pair run with? */
@AutoService(Offered.class)
public final class RanWithTool implements Tool<RanWithTool.Pair, RanWithTool.Read> {

    /** Set and run differ by heat and by what settles; over this much something gave, or was set otherwise. */
    private static final double APART_MM = 0.10;
    /** What the chart reaches over. */
    private static final double FROM_DEG = 90;

    private static final double TO_DEG = 320;
    private static final double CLOSE_DEG = 40;

    private static final List<Field.Choice> KINDS = List.of(
            new Field.Choice("tapers", "tapers"),
            new Field.Choice("balls", "angular contact balls, cup and " + "cone"));

    private static final FieldList<Pair> FIELDS = FieldList.of(
            List.of(
                    Field.choice("kind", "Bearings", KINDS).orElse("tapers", null),
                    arc("outerArc", "Outer bearing: load reached round").must(),
                    arc("innerArc", "Inner bearing: load reached round").must(),
                    load("outerLoadN", "Outer bearing: radial load").must().hint("see Life of a wheel's two bearings"),
                    load("innerLoadN", "Inner bearing: radial load").must(),
                    Field.whole("elements", "Rollers or balls in each", 5, 60).orElse("18", "usual hub tapers"),
                    Field.quantity("elementMm", "Roller's length, ball's diameter", Quantity.LENGTH, "mm", 1, 80)
                            .usually(3, 30)
                            .must(),
                    Field.quantity("angleDeg", "Half cup angle, contact angle", Quantity.ANGLE, "°", 5, 60)
                            .from(FactKey.OUTER_HALF_ANGLE)
                            .usually(9, 45)
                            .orElse("14", "middle of usual wheel hub tapers"),
                    Field.quantity("setMm", "End play written when it was set", Quantity.LENGTH, "mm", -0.5, 2)
                            .from(FactKey.SET_END_PLAY)
                            .usually(-0.05, 0.3)
                            .hint("− is preload")),
            RanWithTool::pair);

    /** @param setMm end play as it was set; null where nobody wrote it */
    public record Pair(Side outer, Side inner, @Nullable Double setMm) {}

    /** @param arcDeg how far round the load reached, degrees */
    public record Side(RanWith.Loaded loaded, double arcDeg) {

        private RanWith at(double off) {
            return RanWith.of(loaded, Math.max(20, Math.min(360, arcDeg + off)));
        }
    }

    /**
     * What comes of it, as end play of the pair; under zero it was pressed.
     *
     * @param leastMm with both arcs longer by what an eye may be off
     * @param mostMm with both shorter
     */
    public record Read(Pair pair, RanWith outer, RanWith inner, double leastMm, double mostMm) {

        double endPlayMm() {
            return outer.axialMm() + inner.axialMm();
        }

        boolean allRound() {
            return outer.allRound() || inner.allRound();
        }
    }

    /** @param endPlayMm of the pair, under zero preload @param apartMm from what was written; null where nothing was */
    public record RanWithJson(
            double endPlayMm,
            double leastMm,
            double mostMm,
            double outerClearanceMm,
            double innerClearanceMm,
            boolean allRound,
            @Nullable Double apartMm) {}

    private static Field arc(String name, String label) {
        return Field.quantity(name, label, Quantity.ANGLE, "°", 20, 360)
                .usually(60, 360)
                .slides("")
                .hint("on the ring that stands still");
    }

    private static Field load(String name, String label) {
        return Field.quantity(name, label, Quantity.FORCE, "N", 10, 200_000).usually(100, 30_000);
    }

    private static Pair pair(Values v) {
        boolean rollers = v.text("kind").equals("tapers");
        return new Pair(
                side(v, rollers, v.number("outerLoadN"), v.number("outerArc")),
                side(v, rollers, v.number("innerLoadN"), v.number("innerArc")),
                v.maybe("setMm"));
    }

    private static Side side(Values v, boolean rollers, double load, double arc) {
        RanWith.Loaded loaded =
                new RanWith.Loaded(rollers, v.whole("elements"), v.number("elementMm"), v.number("angleDeg"), load);
        return new Side(loaded, arc);
    }

    @Override
    public About about() {
        return new About(
                "ran-with", "The setting it ran with", "Which end play or preload do its races tell?", Work.STRIP, 60);
    }

    @Override
    public FieldList<Pair> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "outerArc",
                "140",
                "innerArc",
                "150",
                "outerLoadN",
                "1400",
                "innerLoadN",
                "2600",
                "elementMm",
                "11",
                "setMm",
                "0.05");
    }

    @Override
    public Read compute(Pair in) {
        double off = RanWith.READ_DEG;
        return new Read(
                in,
                in.outer().at(0),
                in.inner().at(0),
                in.outer().at(off).axialMm() + in.inner().at(off).axialMm(),
                in.outer().at(-off).axialMm() + in.inner().at(-off).axialMm());
    }

    @Override
    public List<Finding> findings(Read r) {
        List<Finding> findings = new ArrayList<>();
        boolean one = Math.signum(r.leastMm()) == Math.signum(r.mostMm());
        findings.add(
                r.allRound()
                        ? new Finding(
                                "ran-pressed",
                                Level.SOON,
                                "The load reached all round: it ran with preload, this much at least.")
                        : one
                                ? new Finding(
                                        r.endPlayMm() > 0 ? "ran-loose" : "ran-preloaded",
                                        Level.RIGHT,
                                        r.endPlayMm() > 0 ? "It ran with end play." : "It ran with preload.")
                                : new Finding(
                                        "ran-about-nought",
                                        Level.OPEN,
                                        "It ran at about nought: the arcs do not tell end play from preload."));
        Double set = r.pair().setMm();
        if (set != null && (set < r.leastMm() - APART_MM || set > r.mostMm() + APART_MM)) {
            findings.add(new Finding(
                    "ran-not-as-set",
                    Level.WATCH,
                    "That is not what was written when it was set: "
                            + (set < r.leastMm()
                                    ? "it came loose, wore or settled. Look at the lock, the seats and how far the "
                                            + "rings "
                                            + "were home."
                                    : "it was set tighter, or got hotter than thought. Look at temper colours, the "
                                            + "grease and the brake.")));
        }
        if (Math.abs(r.pair().outer().arcDeg() - r.pair().inner().arcDeg()) > 90) {
            findings.add(new Finding(
                    "ran-uneven",
                    Level.WATCH,
                    "The two bearings tell very different settings: a seat that is out of line, or one ring not "
                            + "home."));
        }
        return findings;
    }

    @Override
    public Answer print(Read r) {
        double play = r.endPlayMm();
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(Answer.Figure.fixed(
                play >= 0 ? "end play it ran with" : "preload it ran with",
                Math.abs(play),
                3,
                "mm",
                "between " + Show.fixed(r.leastMm(), 3) + " and " + Show.fixed(r.mostMm(), 3) + " by arcs ± "
                        + Show.number(RanWith.READ_DEG, 0) + "°; − is preload"));
        figures.add(Answer.Figure.fixed("outer, clearance", r.outer().clearanceMm(), 3, "mm", "across, while it ran"));
        figures.add(Answer.Figure.fixed("inner, clearance", r.inner().clearanceMm(), 3, "mm", "across, while it ran"));
        Answer answer = new Answer(
                figures,
                findings(r),
                List.of(
                        "That is the setting hot and under load; what it was cold, End play hot and cold tells.",
                        "On a hub that turns the arc is read on the cone, where the shaft turns on the cup. A load "
                                + "that turns with the ring marks all round, whatever the setting."),
                worksheet(r),
                List.of());
        return answer.with(chart(r));
    }

    private static Chart chart(Read r) {
        Side outer = r.pair().outer();
        Side inner = r.pair().inner();
        Chart.Axis x = new Chart.Axis("load reaches round, °", FROM_DEG, TO_DEG, false);
        List<Chart.Line> lines = List.of(
                new Chart.Line("outer", arc -> RanWith.of(outer.loaded(), arc).axialMm()),
                new Chart.Line("inner", arc -> RanWith.of(inner.loaded(), arc).axialMm()));
        double most = lines.stream()
                .mapToDouble(line -> line.of().applyAsDouble(FROM_DEG))
                .max()
                .orElseThrow();
        double least = lines.stream()
                .mapToDouble(line -> line.of().applyAsDouble(TO_DEG))
                .min()
                .orElseThrow();
        boolean close = Math.abs(outer.arcDeg() - inner.arcDeg()) < CLOSE_DEG;
        return new Chart(
                "ran-with",
                "What an arc tells, as end play of each bearing",
                x,
                new Chart.Axis("mm; under 0 pressed", least * 1.5, most * 1.1, false),
                lines,
                List.of(
                        new Chart.Spot(drawn(outer), r.outer().axialMm(), close ? "" : "outer"),
                        new Chart.Spot(drawn(inner), r.inner().axialMm(), close ? "both" : "inner")),
                List.of());
    }

    private static double drawn(Side side) {
        return Math.max(FROM_DEG, Math.min(TO_DEG, side.arcDeg()));
    }

    private static Worksheet worksheet(Read r) {
        Side outer = r.pair().outer();
        return new Worksheet(
                "Which setting did the pair run with?",
                List.of(
                        Worksheet.given(
                                "2ψ",
                                "arcs",
                                Show.number(outer.arcDeg(), 0) + "°, "
                                        + Show.number(r.pair().inner().arcDeg(), 0) + "°"),
                        Worksheet.computed("ε", "share of the ring that bears", "(1 − cos ψ)/2", ""),
                        Worksheet.computed("Q", "load of the first element", "F/(Z·cos α·Jr(ε))", ""),
                        Worksheet.computed(
                                "δr",
                                "rings come together by",
                                outer.loaded().rollers()
                                        ? "7.68e-5·Q^0.9/l^0.8/(2ε·cos α)"
                                        : "4.36e-4·Q^⅔/D^⅓/(2ε·cos α)",
                                ""),
                        Worksheet.computed(
                                "Pd",
                                "clearance, outer and inner",
                                "2·δr·cos ψ",
                                Show.play(r.outer().clearanceMm()) + ", "
                                        + Show.play(r.inner().clearanceMm())),
                        Worksheet.computed("", "end play of the pair", "Σ Pd/(2·tan α)", Show.play(r.endPlayMm()))),
                List.of(
                        "Load zone after Harris, Rolling Bearing Analysis (integrals of Sjövall); contacts after "
                                + "Palmgren.",
                        "An arc read by eye is good for ± " + Show.number(RanWith.READ_DEG, 0) + "°: our own guide."));
    }

    @Override
    public List<Call<Read>> calls() {
        return List.of(Call.post(
                "ran-with",
                "The end play or preload a pair ran with, by how far round its rings the load reached",
                Shape.of(FIELDS),
                RanWithJson.class,
                RanWithTool::json));
    }

    private static RanWithJson json(Read r) {
        Double set = r.pair().setMm();
        return new RanWithJson(
                r.endPlayMm(),
                r.leastMm(),
                r.mostMm(),
                r.outer().clearanceMm(),
                r.inner().clearanceMm(),
                r.allRound(),
                set == null ? null : Double.valueOf(r.endPlayMm() - set));
    }
}
