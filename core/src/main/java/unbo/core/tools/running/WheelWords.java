package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.drawing.Chart;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.life.WheelInput;
import unbo.core.life.WheelLife;
import unbo.core.life.WheelSweep;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A wheel's two bearings in print: life of each, what a change does to it, the forces drawn. */
public final class WheelWords {

    private static final double FINE = 2;
    /** More than any wheel goes. */
    private static final double MOST_KM = 1e6;

    private static final double MOST_THOUSAND_KM = 1e6;

    private WheelWords() {}

    public static Answer answer(WheelFields.Asked asked) {
        WheelLife life = WheelLife.of(asked.wheel());
        List<Answer.Figure> figures = new ArrayList<>(List.of(
                new Answer.Figure("life of the pair", life(life.systemLifeKm()), "km", "nine of ten pairs reach it")
                        .of(life.systemLifeKm()),
                figure("outer", life.outer()),
                figure("inner", life.inner()),
                Answer.Figure.number(
                        "flange moment, largest",
                        Math.abs(life.flangeMomentNm()),
                        0,
                        "N·m",
                        "bends flange and bolts")));
        List<Finding> findings = new ArrayList<>();
        if (asked.changes()) {
            WheelLife then = WheelLife.of(asked.changed());
            figures.add(
                    0,
                    new Answer.Figure(
                            "changed, the pair",
                            percent(then.systemLifeKm() / life.systemLifeKm() - 1),
                            "",
                            life(then.systemLifeKm()) + " km"));
            figures.add(
                    1,
                    new Answer.Figure(
                            "outer, inner",
                            percent(then.outer().lifeKm() / life.outer().lifeKm() - 1) + ", "
                                    + percent(
                                            then.inner().lifeKm() / life.inner().lifeKm() - 1),
                            "",
                            "of their life"));
        }
        findings.add(kerb(asked, life));
        List<String> sentences =
                new ArrayList<>(cautions(life.inner().bearing(), life.outer().bearing()));
        double moved = asked.changed().offsetMm() - asked.wheel().offsetMm();
        if (Math.abs(moved) > 0.05) {
            sentences.add(
                    0,
                    "The load line goes " + Show.number(Math.abs(moved), 1) + " mm "
                            + (moved > 0
                                    ? "outboard: the outer bearing carries more of the wheel running straight, the "
                                            + "inner one less"
                                    : "inboard: the inner bearing carries more of the wheel running straight, the "
                                            + "outer one less")
                            + "; in bends the side force decides. Wheel bolts and flange see it too: the "
                            + "vehicle maker's limit and the law on changed wheels come first.");
        }
        return new Answer(
                        figures,
                        findings,
                        sentences,
                        worksheet(life),
                        List.of(WheelSection.of(life, asked.changes() ? WheelLife.of(asked.changed()) : null)))
                .with(chart(asked.sweep(), asked.wheel()))
                .with(states(life));
    }

    /** What a life says and does not say. */
    static List<String> cautions(WheelInput.Bearing one, WheelInput.Bearing other) {
        return List.of(
                "Life is a statistic: one in ten ends earlier, and water, blows and dirt end most of them first.",
                "Ratings "
                        + (one.estimated() || other.estimated()
                                ? "are estimated by ISO 281 from the boundary: catalogues differ by up to 12 %."
                                : "as typed."));
    }

    private static Answer.Figure figure(String name, WheelLife.Side side) {
        return new Answer.Figure(
                        name + " bearing",
                        life(side.lifeKm()),
                        "km",
                        "basic " + life(side.basicLifeKm()) + " km, a " + Show.number(side.factor(), 2) + "; up to "
                                + Show.number(side.radialN(), 0) + " N radial")
                .of(side.lifeKm());
    }

    /** A life in km or hours to two figures. */
    static String life(double km) {
        if (km >= MOST_KM) {
            return "over 1 000 000";
        }
        return Show.rough(km);
    }

    private static String percent(double share) {
        return (share < 0 ? "−" : "+") + Show.number(Math.abs(share) * 100, Math.abs(share) < 0.1 ? 1 : 0) + " %";
    }

    private static Finding kerb(WheelFields.Asked asked, WheelLife life) {
        double safety = life.kerbSafety(asked.impact());
        String words = "Kerb strike at " + Show.number(asked.impact(), 1)
                + " times the load and once the load from the side at the rim: static safety " + Show.number(safety, 1)
                + ". ";
        return safety >= FINE
                ? new Finding("kerb-fine", Level.RIGHT, words + "No dents.")
                : safety >= 1
                        ? new Finding("kerb-inspect", Level.WATCH, words + "Inspect after one.")
                        : new Finding("kerb-dents", Level.WATCH, words + "It dents: replace after one, even if quiet.");
    }

    private static Worksheet worksheet(WheelLife life) {
        List<Worksheet.Line> lines = new ArrayList<>();
        WheelInput in = life.input();
        lines.add(Worksheet.given(
                "W, R, a, s",
                "wheel",
                Show.number(in.wheelLoadN(), 0) + " N, " + Show.number(in.rollingRadiusM(), 3) + " m, "
                        + Show.number(in.spreadMm(), 1) + " mm, " + Show.number(in.offsetMm(), 1) + " mm"));
        for (int i = 0; i < in.states().size(); i++) {
            WheelInput.State s = in.states().get(i);
            WheelLife.Load o = life.outer().states().get(i);
            WheelLife.Load n = life.inner().states().get(i);
            lines.add(Worksheet.computed(
                    Show.number(s.lateralG(), 2) + " g",
                    Show.number(s.share() * 100, 0) + " % of the way",
                    "outer Fr, Fa, P / inner Fr, Fa, P",
                    load(o) + " / " + load(n)));
        }
        for (WheelLife.Side side : List.of(life.outer(), life.inner())) {
            String name = side == life.outer() ? "outer" : "inner";
            lines.add(Worksheet.given(
                    "C, C0",
                    name + " " + side.bearing().name(),
                    Show.number(side.bearing().cN(), 0) + ", "
                            + Show.number(side.bearing().c0N(), 0) + " N"
                            + (side.bearing().estimated() ? " (estimated)" : "")));
            lines.add(Worksheet.computed(
                    "Pm", name + ", mean", "(Σ q·P^p)^(1/p)", Show.number(side.equivalentN(), 0) + " N"));
            lines.add(Worksheet.computed(
                    "L10, a",
                    name + ", life",
                    "(C/Pm)^p·2πR·1000 km, a_ISO by κ and ec·Cu/P",
                    Show.number(side.basicLifeKm(), 0) + " km, " + Show.number(side.factor(), 3)));
        }
        lines.add(
                Worksheet.computed("", "pair", "(Lo^−m + Li^−m)^(−1/m)", Show.number(life.systemLifeKm(), 0) + " km"));
        lines.add(Worksheet.computed(
                "M", "flange moment, largest", "W'·s − Fy·R", Show.number(life.flangeMomentNm(), 0) + " N·m"));
        return new Worksheet(
                "What does this wheel ask of its bearings?",
                lines,
                List.of(
                        "Equilibrium of the wheel; ISO 281:2007 (ratings, equivalent load, a_ISO); ISO 76.",
                        "Rigid hub, no preload; induced thrust 0.5·Fr/Y of tapers."));
    }

    private static String load(WheelLife.Load l) {
        return Show.number(l.radialN(), 0) + ", " + Show.number(l.axialN(), 0) + ", " + Show.number(l.equivalentN(), 0)
                + " N";
    }

    /** What each bearing carries in each running state. */
    private static ValueTable states(WheelLife life) {
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < life.input().states().size(); i++) {
            WheelInput.State state = life.input().states().get(i);
            List<String> row = new ArrayList<>(List.of(
                    state.lateralG() == 0 ? "straight" : state.lateralG() > 0 ? "bend, outside" : "bend, inside",
                    Show.number(state.share() * 100, 0),
                    Show.number(state.lateralG(), 2)));
            for (WheelLife.Load l :
                    List.of(life.outer().states().get(i), life.inner().states().get(i))) {
                row.addAll(List.of(
                        Show.number(l.radialN(), 0), Show.number(l.axialN(), 0), Show.number(l.equivalentN(), 0)));
            }
            rows.add(row);
        }
        return new ValueTable(
                "wheel-states",
                "Running states",
                List.of(
                        "state",
                        "% of the way",
                        "g",
                        "outer: radial, N",
                        "axial, N",
                        "counts as, N",
                        "inner: radial, N",
                        "axial, N",
                        "counts as, N"),
                rows);
    }

    /** Modified life of both bearings and of the pair over the quantity; the present value marked. */
    public static Chart chart(WheelSweep sweep, WheelInput wheel) {
        List<Chart.Line> lines = List.of(
                new Chart.Line(
                        "pair", v -> thousands(WheelLife.of(sweep.at(wheel, v)).systemLifeKm())),
                new Chart.Line(
                        "outer",
                        v -> thousands(WheelLife.of(sweep.at(wheel, v)).outer().lifeKm())),
                new Chart.Line(
                        "inner",
                        v -> thousands(WheelLife.of(sweep.at(wheel, v)).inner().lifeKm())));
        Chart.Axis x = new Chart.Axis(
                sweep.label(),
                sweep.span().from(),
                sweep.span().to(),
                sweep.span().log());
        double present = sweep.present(wheel);
        double pair = thousands(WheelLife.of(wheel).systemLifeKm());
        return new Chart(
                "life-over-" + sweep.code(),
                "Life of outer, inner and pair over " + sweep.label(),
                x,
                Chart.decades("1000 km", x, lines, 0.01, MOST_THOUSAND_KM),
                lines,
                List.of(new Chart.Spot(present, pair, Show.number(pair, pair < 10 ? 1 : 0) + " now")),
                List.of());
    }

    private static double thousands(double km) {
        return Math.max(0.001, Math.min(MOST_THOUSAND_KM, km / 1000));
    }
}
