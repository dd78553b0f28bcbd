package unbo.core.life;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A wheel's two bearings in print: life of each, what a change does to it, the forces drawn. */
public final class WheelWords {

    private static final double FINE = 2;
    /** More than any wheel goes. */
    private static final double MOST_KM = 1e6;

    private WheelWords() {
    }

    static Answer answer(WheelFields.Asked asked) {
        WheelLife life = WheelLife.of(asked.wheel());
        List<Answer.Figure> figures = new ArrayList<>(List.of(new Answer.Figure("life of the pair", km(life.systemLifeKm()), "km", "nine of ten pairs reach it"),
                figure("outer", life.outer()), figure("inner", life.inner())));
        List<Finding> findings = new ArrayList<>();
        if (asked.changes()) {
            WheelLife then = WheelLife.of(asked.wheel().changed(asked.newOffsetMm(), asked.loadFactor(), asked.newKappa()));
            figures.add(0, new Answer.Figure("changed, the pair", percent(then.systemLifeKm() / life.systemLifeKm() - 1), "", km(then.systemLifeKm()) + " km"));
            figures.add(1, new Answer.Figure("outer, inner", percent(then.outer().lifeKm() / life.outer().lifeKm() - 1) + ", " + percent(then.inner().lifeKm() / life.inner().lifeKm() - 1), "", "of their life"));
        }
        findings.add(kerb(asked, life));
        List<String> sentences = List.of("Life is a statistic: one in ten ends earlier, and water, blows and dirt end most of them first.",
                "Ratings " + (life.inner().bearing().estimated() || life.outer().bearing().estimated() ? "are estimated by ISO 281 from the boundary: catalogues differ by up to 12 %." : "as typed."));
        return new Answer(figures, findings, sentences, worksheet(life), List.of(forces(life)));
    }

    private static Answer.Figure figure(String name, WheelLife.Side side) {
        return new Answer.Figure(name + " bearing", km(side.lifeKm()), "km", "basic " + km(side.basicLifeKm()) + " km, a " + Show.number(side.factor(), 2) + "; up to " + Show.number(side.radialN(), 0) + " N radial");
    }

    private static String km(double km) {
        if (km >= MOST_KM) {
            return "over 1 000 000";
        }
        double step = Math.pow(10, Math.max(0, Math.floor(Math.log10(Math.max(1, km))) - 1));
        return Show.number(Math.round(km / step) * step, 0);
    }

    private static String percent(double share) {
        return (share < 0 ? "−" : "+") + Show.number(Math.abs(share) * 100, Math.abs(share) < 0.1 ? 1 : 0) + " %";
    }

    private static Finding kerb(WheelFields.Asked asked, WheelLife life) {
        double safety = Math.min(life.inner().bearing().c0N() / Math.max(1, life.inner().radialN() * asked.impact()), life.outer().bearing().c0N() / Math.max(1, life.outer().radialN() * asked.impact()));
        String words = "Kerb strike at " + Show.number(asked.impact(), 1) + " times the load: static safety " + Show.number(safety, 1) + ". ";
        return safety >= FINE ? new Finding("kerb-fine", Level.RIGHT, words + "No dents.") : safety >= 1 ? new Finding("kerb-inspect", Level.WATCH, words + "Inspect after one.") : new Finding("kerb-dents", Level.SOON, words + "It dents: replace after one, even if quiet.");
    }

    private static Worksheet worksheet(WheelLife life) {
        List<Worksheet.Line> lines = new ArrayList<>();
        WheelInput in = life.input();
        lines.add(Worksheet.given("W, R, a, s", "wheel", Show.number(in.wheelLoadN(), 0) + " N, " + Show.number(in.rollingRadiusM(), 3) + " m, " + Show.number(in.spreadMm(), 1) + " mm, " + Show.number(in.offsetMm(), 1) + " mm"));
        for (int i = 0; i < in.states().size(); i++) {
            WheelInput.State s = in.states().get(i);
            WheelLife.Load o = life.outer().states().get(i);
            WheelLife.Load n = life.inner().states().get(i);
            lines.add(Worksheet.computed(Show.number(s.lateralG(), 2) + " g", Show.number(s.share() * 100, 0) + " % of the way", "outer Fr, Fa, P / inner Fr, Fa, P", load(o) + " / " + load(n)));
        }
        for (WheelLife.Side side : List.of(life.outer(), life.inner())) {
            String name = side == life.outer() ? "outer" : "inner";
            lines.add(Worksheet.given("C, C0", name + " " + side.bearing().name(), Show.number(side.bearing().cN(), 0) + ", " + Show.number(side.bearing().c0N(), 0) + " N" + (side.bearing().estimated() ? " (estimated)" : "")));
            lines.add(Worksheet.computed("Pm", name + ", mean", "(Σ q·P^p)^(1/p)", Show.number(side.equivalentN(), 0) + " N"));
            lines.add(Worksheet.computed("L10, a", name + ", life", "(C/Pm)^p·2πR·1000 km, a_ISO by κ and ec·Cu/P", Show.number(side.basicLifeKm(), 0) + " km, " + Show.number(side.factor(), 3)));
        }
        lines.add(Worksheet.computed("", "pair", "(Lo^−m + Li^−m)^(−1/m)", Show.number(life.systemLifeKm(), 0) + " km"));
        lines.add(Worksheet.computed("M", "flange moment, largest", "W'·s − Fy·R", Show.number(life.flangeMomentNm(), 0) + " N·m"));
        return new Worksheet("What does this wheel ask of its bearings?", lines, List.of("Equilibrium of the wheel; ISO 281:2007 (ratings, equivalent load, a_ISO); ISO 76.", "Rigid hub, no preload; induced thrust 0.5·Fr/Y of tapers."));
    }

    private static String load(WheelLife.Load l) {
        return Show.number(l.radialN(), 0) + ", " + Show.number(l.axialN(), 0) + ", " + Show.number(l.equivalentN(), 0) + " N";
    }

    /** The wheel with its two bearings to scale along the axle, forces of straight running as arrows. */
    private static Drawing forces(WheelLife life) {
        WheelInput in = life.input();
        double r = in.rollingRadiusM() * 1000;
        double k = 150 / r;
        double a = in.spreadMm() * k;
        double s = in.offsetMm() * k;
        List<Shape> shapes = new ArrayList<>();
        double tyre = 0.24 * r * k;
        shapes.add(Shape.area(Role.PART, Known.ESTIMATED, Point.of(s - tyre / 2, 150), Point.of(s + tyre / 2, 150), Point.of(s + tyre / 2, 92), Point.of(s - tyre / 2, 92)));
        shapes.add(Shape.line(Role.CENTRE, Point.of(s, 158), Point.of(s, -20)));
        shapes.add(Shape.line(Role.CENTRE, Point.of(-a * 1.6 - 40, 0), Point.of(a * 1.6 + 40, 0)));
        for (double x : new double[] {-a / 2, a / 2}) {
            shapes.add(Shape.area(Role.SOLID_TWIN, Known.TABLE, Point.of(x - 6, -12), Point.of(x + 6, -12), Point.of(x + 6, 12), Point.of(x - 6, 12)));
        }
        double most = Math.max(in.wheelLoadN(), Math.max(life.outer().states().get(0).radialN(), life.inner().states().get(0).radialN()));
        double unit = 90 / most;
        arrow(shapes, s, 150 + in.wheelLoadN() * unit, s, 152, "W " + Show.number(in.wheelLoadN(), 0) + " N", Role.MARK, 1);
        double w = in.wheelLoadN() * (in.leaning() ? 1 : 1);
        double fo = w * (in.spreadMm() / 2 + in.offsetMm()) / in.spreadMm();
        double fi = w * (in.spreadMm() / 2 - in.offsetMm()) / in.spreadMm();
        force(shapes, a / 2, fo, unit, "outer " + Show.number(Math.abs(fo), 0) + " N", 1);
        force(shapes, -a / 2, fi, unit, "inner " + Show.number(Math.abs(fi), 0) + " N", -1);
        shapes.add(new Shape.Label(Point.of(a * 1.6 + 46, 0), "outboard", "start", 12, Role.THIN));
        return new Drawing("wheel-forces", "Forces on the wheel running straight, along the axle to scale: outer " + Show.number(fo, 0) + " N, inner " + Show.number(fi, 0) + " N", -260, -120, 520, 385, shapes);
    }

    /** The load that a bearing puts on the hub: down where positive. */
    private static void force(List<Shape> shapes, double x, double newton, double unit, String words, int way) {
        double length = Math.abs(newton) * unit;
        if (newton >= 0) {
            arrow(shapes, x, -14 - length, x, -14, words, Role.ANSWER, way);
        } else {
            arrow(shapes, x, 14 + length, x, 14, words, Role.OUT, way);
        }
    }

    private static void arrow(List<Shape> shapes, double x0, double y0, double x1, double y1, String words, Role role, int way) {
        double up = Math.signum(y1 - y0);
        shapes.add(Shape.line(role, Point.of(x0, y0), Point.of(x1, y1)));
        shapes.add(Shape.area(role, Known.MEASURED, Point.of(x1, y1), Point.of(x1 - 5, y1 - up * 11), Point.of(x1 + 5, y1 - up * 11)));
        shapes.add(new Shape.Label(Point.of(x0 + way * 10, y0 + (y1 - y0) * 0.2), words, way > 0 ? "start" : "end", 14, role));
    }
}
