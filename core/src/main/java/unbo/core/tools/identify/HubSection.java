package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.bearing.BearingBook;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.fact.FactKey;
import unbo.core.measure.Show;
import unbo.core.sheet.Sheet;

/**
 * The half cross-section of a hub with two bearings, to scale from what its job knows; outboard is right. Origin: the
 * inner cone's back face on the axis. Boundary sizes are true; rollers, ribs, hub walls, nut and cap, which no table
 * gives, are drawn by proportion (roller 0.24 of the section's height thick, 0.65 T long; textbook proportions). End
 * play is drawn ten times its size between outer cone and washer, and says so.
 */
public final class HubSection {

    private static final double PLAY_SCALE = 10;
    private static final double WASHER = 3;
    /** Length of axle drawn inboard of the seal. */
    private static final double STUB = 16;

    private final Sheet sheet;
    private final boolean touchable;
    private final HubGeometry g;
    private final List<Shape> shapes = new ArrayList<>();
    private final double outerBack;
    private final double play;
    private final double text;

    private HubSection(Sheet sheet, boolean touchable) {
        this.sheet = sheet;
        this.touchable = touchable;
        this.g = HubGeometry.of(sheet);
        this.outerBack = g.inner().width() + g.between() + g.outer().width();
        Double measured = sheet.number(FactKey.END_PLAY) != null
                ? sheet.number(FactKey.END_PLAY)
                : sheet.number(FactKey.SET_END_PLAY);
        this.play = measured == null ? 0 : Math.min(measured * PLAY_SCALE, 4);
        this.text = outerBack / 17;
    }

    /** Draws the hub of two bearings that the sheet knows; what it does not know is dashed. */
    public static Drawing of(Sheet sheet) {
        return new HubSection(sheet, false).draw();
    }

    /** The same; where one bearing does all, that bearing is drawn. */
    public static Drawing of(Sheet sheet, BearingBook book) {
        return of(sheet, book, false);
    }

    /** The same with every part of the hub told apart, so that it can be touched. */
    public static Drawing touchable(Sheet sheet, BearingBook book) {
        return of(sheet, book, true);
    }

    private static Drawing of(Sheet sheet, BearingBook book, boolean touchable) {
        if (sheet.has(FactKey.OUTER_KIND)
                && !sheet.has(FactKey.INNER_CONE)
                && !sheet.text(FactKey.OUTER_KIND).contains("taper")) {
            Drawing alone = BearingDrawing.of(book.find(sheet.text(FactKey.OUTER_CONE)));
            if (alone != null) {
                return new Drawing(
                        "section",
                        alone.title(),
                        alone.left(),
                        alone.top(),
                        alone.width(),
                        alone.height(),
                        alone.shapes());
            }
        }
        return new HubSection(sheet, touchable).draw();
    }

    private Drawing draw() {
        double sealIn = g.seal().widthMm() + 3;
        part("hub", "hub", () -> hub(sealIn));
        part("spindle", "spindle", () -> spindle(sealIn));
        if (sheet.has(FactKey.GREASE_KIND)) {
            grease();
        }
        bearing("inner", g.inner(), 0, 1);
        bearing("outer", g.outer(), outerBack, -1);
        part("seal", "inner seal", () -> seal(sealIn));
        part("nut", "castellated nut", this::nut);
        play();
        part("cap", "hub cap", this::cap);
        double left = -sealIn - STUB;
        double right = outerBack + nutEnd() + 15;
        shapes.add(Shape.line(Role.CENTRE, Point.of(left, 0), Point.of(right, 0)));
        double top = -flangeRadius() - text * 1.5;
        dimensions(left);
        double bottom = text * 6.6;
        return new Drawing(
                "section",
                "Half section of the hub, outboard right, inner bearing left, outer bearing right: outer "
                        + name(FactKey.OUTER_CONE, FactKey.OUTER_CUP) + ", inner "
                        + name(FactKey.INNER_CONE, FactKey.INNER_CUP),
                left - text * 4.6,
                top,
                right - left + text * 8.4,
                bottom - top,
                shapes);
    }

    private String name(FactKey cone, FactKey cup) {
        String first = sheet.text(cone);
        String second = sheet.text(cup);
        return first.isEmpty() ? "" : second.isEmpty() || second.equals(first) ? first : first + "/" + second;
    }

    /** What is drawn of one part of an adjustable hub, so that it can be touched. */
    private void part(String code, String label, Runnable draws) {
        int before = shapes.size();
        draws.run();
        if (!touchable) {
            return;
        }
        List<Shape> own = shapes.subList(before, shapes.size());
        Shape tagged = new Shape.Tagged(code, label, false, List.copyOf(own));
        own.clear();
        shapes.add(tagged);
    }

    private double flangeRadius() {
        return Math.max(g.inner().outside(), g.outer().outside()) / 2 * 1.78;
    }

    private void hub(double sealIn) {
        HubGeometry.Bearing in = g.inner();
        HubGeometry.Bearing out = g.outer();
        double wall = 0.13 * in.outside();
        double end = outerBack - 0.05 * out.width() + WASHER;
        double cupIn = in.outside() / 2;
        double cupOut = out.outside() / 2;
        double rs = Math.max(g.seal().outsideMm() / 2, cupIn);
        double hollow = g.hubBore() / 2;
        double barrel = Math.max(cupOut, hollow) + wall;
        double inboard = rs + wall;
        double f0 = in.width() + g.between() * 0.15;
        double f1 = f0 + 0.16 * in.outside();
        double rf = flangeRadius();
        Known known = g.betweenKnown().and(g.hubBoreKnown());
        shapes.add(Shape.area(
                Role.SOLID,
                known,
                Point.of(-sealIn, -rs),
                Point.of(-2.5, -rs),
                Point.of(-2.5, -cupIn),
                Point.of(in.width(), -cupIn),
                Point.of(in.width(), -hollow),
                Point.of(in.width() + g.between(), -hollow),
                Point.of(in.width() + g.between(), -cupOut),
                Point.of(end, -cupOut),
                Point.of(end, -cupOut - wall * 0.7),
                Point.of(end - wall, -barrel),
                Point.of(f1 + wall, -barrel),
                Point.of(f1, -barrel - wall),
                Point.of(f1, -rf),
                Point.of(f0, -rf),
                Point.of(f0, -inboard - wall * 0.6),
                Point.of(f0 - wall, -inboard),
                Point.of(-sealIn, -inboard)));
        double stud = barrel + wall + (rf - barrel - wall) * 0.5;
        double half = 0.055 * in.outside();
        shapes.add(Shape.area(
                Role.PART,
                Known.ESTIMATED,
                Point.of(f0 - 5, -stud - half * 1.6),
                Point.of(f0, -stud - half * 1.6),
                Point.of(f0, -stud - half),
                Point.of(f1 + 24, -stud - half),
                Point.of(f1 + 26, -stud),
                Point.of(f1 + 24, -stud + half),
                Point.of(f0, -stud + half),
                Point.of(f0, -stud + half * 1.6),
                Point.of(f0 - 5, -stud + half * 1.6)));
        shapes.add(Shape.line(Role.CENTRE, Point.of(f0 - 9, -stud), Point.of(f1 + 31, -stud)));
    }

    private void spindle(double sealIn) {
        HubGeometry.Bearing in = g.inner();
        HubGeometry.Bearing out = g.outer();
        double land = g.seal().shaftMm() / 2;
        double ri = in.bore() / 2;
        double ro = out.bore() / 2;
        double rs = g.spindle() / 2;
        double thread = ro * 0.88;
        double shoulder = Math.max(land, ri + 2);
        double end = outerBack + nutEnd() + 5;
        double journalIn = in.width() + 2;
        double journalOut = outerBack - out.width() - 3;
        double beam = land * 1.25;
        Known known = g.spindleKnown().and(in.known()).and(out.known());
        shapes.add(Shape.area(
                Role.PART,
                known,
                Point.of(-sealIn - STUB, 0),
                Point.of(-sealIn - STUB, -beam),
                Point.of(-sealIn - 6, -beam),
                Point.of(-sealIn - 4, -shoulder),
                Point.of(0, -shoulder),
                Point.of(0, -ri),
                Point.of(journalIn, -ri),
                Point.of(journalIn + 2, -rs),
                Point.of(journalOut - 2, -rs),
                Point.of(journalOut, -ro),
                Point.of(outerBack + 1, -ro),
                Point.of(outerBack + 1, -thread),
                Point.of(end - 2, -thread),
                Point.of(end, -thread + 2),
                Point.of(end, 0)));
        shapes.add(Shape.line(Role.THIN, Point.of(outerBack + 2, -thread * 0.9), Point.of(end - 1, -thread * 0.9)));
    }

    /** The cavity's share lies as a ring against the hub wall; its thickness follows from its volume. */
    private void grease() {
        double outer = g.hubBore() / 2;
        double inner = g.spindle() / 2;
        Double share = sheet.number(FactKey.GREASE_CAVITY_SHARE);
        double filled = share == null ? 1 / 3.0 : share;
        double surface = Math.sqrt(outer * outer - filled * (outer * outer - inner * inner));
        double from = g.inner().width();
        double to = from + g.between();
        shapes.add(Shape.area(
                Role.GREASE,
                Known.TABLE,
                Point.of(from, -outer),
                Point.of(to, -outer),
                Point.of(to, -surface),
                Point.of(from, -surface)));
        pack(g.inner(), 0, 1);
        pack(g.outer(), outerBack, -1);
    }

    private void pack(HubGeometry.Bearing t, double back, int way) {
        double r = (t.bore() + t.outside()) / 4;
        double h = t.rollerDiameter() * 0.75;
        shapes.add(Shape.area(
                Role.GREASE,
                Known.TABLE,
                at(back, way, 0.1 * t.width(), r - h),
                at(back, way, t.width(), r - h * 1.5),
                at(back, way, t.width(), r + h * 0.4),
                at(back, way, 0.1 * t.width(), r + h)));
    }

    /** {@code way} 1 turns the large rollers' ends inboard, −1 outboard: back to back, as hubs are. */
    private void bearing(String place, HubGeometry.Bearing t, double back, int way) {
        String cone = place + "-cone";
        String cup = place + "-cup";
        if (!t.tapered()) {
            part(cone, place + " bearing", () -> balls(t, back, way));
            return;
        }
        double dw = t.rollerDiameter();
        double lw = Math.min(t.rollerLength(), t.width() * 0.8);
        double cupAngle = Math.toRadians(t.halfAngleDeg());
        double taper = cupAngle * 0.12;
        double axis = cupAngle - taper;
        double cu = 0.52 * t.width();
        double cr = (t.bore() + t.outside()) / 4;
        double ax = Math.cos(axis);
        double ay = -Math.sin(axis);
        double nx = Math.sin(axis);
        double ny = Math.cos(axis);
        double large = dw / 2 + lw / 2 * Math.tan(taper);
        double small = dw / 2 - lw / 2 * Math.tan(taper);
        double lx = cu - ax * lw / 2;
        double lr = cr - ay * lw / 2;
        double sx = cu + ax * lw / 2;
        double sr = cr + ay * lw / 2;
        double coneLx = lx - nx * large;
        double coneLr = lr - ny * large;
        double coneSx = sx - nx * small;
        double coneSr = sr - ny * small;
        double rib = 0.32 * dw;
        double bore = t.bore() / 2;
        double coneEnd = Math.min(t.width() * 0.97, sx + 0.12 * t.width());
        Shape coneRing = Shape.area(
                Role.SOLID_TWIN,
                t.known(),
                at(back, way, 0, bore),
                at(back, way, coneEnd, bore),
                at(back, way, coneEnd, coneSr + rib * 0.5),
                at(back, way, coneSx + 0.02 * t.width(), coneSr + rib * 0.5),
                at(back, way, coneSx, coneSr),
                at(back, way, coneLx, coneLr),
                at(back, way, coneLx + nx * rib, coneLr + ny * rib),
                at(back, way, 0, coneLr + ny * rib));
        double outside = t.outside() / 2;
        double cupStart = 0.22 * t.width();
        double slope = Math.tan(cupAngle);
        double contactX = lx + nx * large;
        double contactR = lr + ny * large;
        Shape cupRing = Shape.area(
                Role.SOLID_TWIN,
                t.known(),
                at(back, way, cupStart, outside),
                at(back, way, t.width(), outside),
                at(back, way, t.width(), contactR - (t.width() - contactX) * slope),
                at(back, way, cupStart, Math.min(outside - 0.6, contactR - (cupStart - contactX) * slope)));
        Shape roller = Shape.area(
                Role.PART,
                t.known(),
                at(back, way, lx + nx * large, lr + ny * large),
                at(back, way, sx + nx * small, sr + ny * small),
                at(back, way, sx - nx * small, sr - ny * small),
                at(back, way, lx - nx * large, lr - ny * large));
        Shape line = Shape.line(
                Role.CENTRE, at(back, way, lx - ax * 2, lr - ay * 2), at(back, way, sx + ax * 2, sr + ay * 2));
        part(cone, place + " cone", () -> shapes.add(coneRing));
        part(cup, place + " cup", () -> shapes.add(cupRing));
        part(cone, place + " cone", () -> shapes.addAll(List.of(roller, line)));
    }

    /** Two rings with a ball between them; its size by the usual proportion. */
    private void balls(HubGeometry.Bearing t, double back, int way) {
        double mid = (t.bore() + t.outside()) / 4;
        double ball = Math.min(0.59 * (t.outside() - t.bore()) / 2, 0.8 * t.width());
        double inner = mid - 0.3 * ball;
        double outer = mid + 0.3 * ball;
        shapes.add(Shape.area(
                Role.SOLID_TWIN,
                t.known(),
                at(back, way, 0, t.bore() / 2),
                at(back, way, t.width(), t.bore() / 2),
                at(back, way, t.width(), inner),
                at(back, way, 0, inner)));
        shapes.add(Shape.area(
                Role.SOLID_TWIN,
                t.known(),
                at(back, way, 0, t.outside() / 2),
                at(back, way, t.width(), t.outside() / 2),
                at(back, way, t.width(), outer),
                at(back, way, 0, outer)));
        shapes.add(new Shape.Circle(at(back, way, t.width() / 2, mid), ball / 2, Role.PART, Known.ESTIMATED));
    }

    private static Point at(double back, int way, double along, double radius) {
        return Point.of(back + way * along, -radius);
    }

    private void seal(double sealIn) {
        double outside = g.seal().outsideMm() / 2;
        double lip = g.seal().shaftMm() / 2;
        double x0 = -sealIn + 0.5;
        double x1 = x0 + g.seal().widthMm();
        shapes.add(Shape.area(
                Role.PART,
                g.sealKnown(),
                Point.of(x0, -outside),
                Point.of(x1, -outside),
                Point.of(x1, -outside + 1.6),
                Point.of(x0 + 1.6, -outside + 1.6),
                Point.of(x0 + 1.6, -lip - 4),
                Point.of(x0, -lip - 4)));
        shapes.add(Shape.area(
                Role.RUBBER,
                g.sealKnown(),
                Point.of(x0 + 1.6, -lip - 5.5),
                Point.of(x0 + 3.4, -lip - 4.5),
                Point.of(x1 - 1, -lip - 3),
                Point.of(x1 - 0.5, -lip - 1.5),
                Point.of(x1 - 2.6, -lip),
                Point.of(x1 - 4, -lip - 1.6),
                Point.of(x0 + 1.6, -lip - 3)));
    }

    private double nutEnd() {
        return play + WASHER + nutHeight();
    }

    private double nutHeight() {
        return 0.62 * g.outer().bore();
    }

    private void nut() {
        double x = outerBack + play;
        double thread = g.outer().bore() / 2 * 0.88;
        double flats = g.outer().bore() * 0.82;
        Known known = sheet.has(FactKey.NUT_PITCH) ? Known.TABLE : Known.ESTIMATED;
        shapes.add(Shape.area(
                Role.SOLID,
                known,
                Point.of(x, -thread - 0.5),
                Point.of(x + WASHER, -thread - 0.5),
                Point.of(x + WASHER, -flats * 1.08),
                Point.of(x, -flats * 1.08)));
        double n0 = x + WASHER;
        double n1 = n0 + nutHeight();
        double crown = n0 + nutHeight() * 0.62;
        shapes.add(Shape.area(
                Role.PART,
                known,
                Point.of(n0, -thread),
                Point.of(n1, -thread),
                Point.of(n1, -flats * 0.84),
                Point.of(crown, -flats * 0.84),
                Point.of(crown, -flats),
                Point.of(n0 + 1, -flats),
                Point.of(n0, -flats + 1)));
        if (sheet.has(FactKey.NUT_SLOTS)) {
            double slot = (crown + n1) / 2;
            double pin = 1.4;
            shapes.add(Shape.area(
                    Role.PAPER,
                    known,
                    Point.of(crown + 1, -thread - 0.4),
                    Point.of(n1, -thread - 0.4),
                    Point.of(n1, -flats * 0.84),
                    Point.of(crown + 1, -flats * 0.84)));
            boolean fitted = sheet.text(FactKey.SPLIT_PIN).equals("yes");
            shapes.add(Shape.area(
                    fitted ? Role.MARK : Role.BEHIND,
                    fitted ? Known.TABLE : Known.ESTIMATED,
                    Point.of(slot - pin, 0),
                    Point.of(slot + pin, 0),
                    Point.of(slot + pin, -flats * 0.9),
                    Point.of(n1 + 4, -flats * 0.9 - 1),
                    Point.of(n1 + 4, -flats * 0.9 - 2.6),
                    Point.of(slot - pin, -flats * 0.9 - 2.4)));
        }
    }

    /** The end play between the outer cone and the washer, drawn ten times its size. */
    private void play() {
        double flats = g.outer().bore() * 0.82;
        if (play > 0) {
            shapes.add(Shape.line(
                    Role.THIN,
                    Point.of(outerBack + play / 2, -flats * 1.05),
                    Point.of(outerBack + play / 2 + 8, -flats * 1.05 - text * 1.6)));
            Double mm = sheet.number(FactKey.END_PLAY) != null
                    ? sheet.number(FactKey.END_PLAY)
                    : sheet.number(FactKey.SET_END_PLAY);
            shapes.add(new Shape.Label(
                    Point.of(outerBack + play / 2 + 9, -flats * 1.05 - text * 2.1),
                    "play " + Show.fixed(requireNonNull(mm), 3) + " (×10)",
                    "start",
                    text * 0.82,
                    Role.ANSWER));
        }
    }

    private void cap() {
        double seat = g.outer().outside() / 2;
        double x0 = outerBack + WASHER - 4;
        double x1 = outerBack + nutEnd() + 9;
        List<Point> dome = new ArrayList<>();
        dome.add(Point.of(x0, -seat));
        double flat = x1 - (x1 - x0) * 0.55;
        dome.add(Point.of(flat, -seat));
        for (int k = 0; k <= 8; k++) {
            double a = Math.PI / 2 * k / 8;
            dome.add(Point.of(flat + (x1 - flat) * Math.sin(a), -seat * (0.35 + 0.65 * Math.cos(a))));
        }
        dome.add(Point.of(x1, 0));
        shapes.add(new Shape.Outline(dome, false, Role.THIN, Known.ESTIMATED));
    }

    private void dimensions(double left) {
        double line = text * 2.2;
        length(0, g.inner().width(), line, "T", g.inner().width(), g.inner().known());
        length(g.inner().width(), g.inner().width() + g.between(), line, "L", g.between(), g.betweenKnown());
        length(
                outerBack - g.outer().width(),
                outerBack,
                line,
                "T",
                g.outer().width(),
                g.outer().known());
        double mid = g.inner().width() + g.between() / 2;
        diameter(mid - text * 1.1, g.spindle(), g.spindleKnown(), mid - text * 1.1);
        diameter(mid + text * 1.7, g.hubBore(), g.hubBoreKnown(), mid + text * 1.7);
        diameter(left - text * 1.0, g.inner().bore(), g.inner().known(), 0);
        diameter(left - text * 3.0, g.inner().outside(), g.inner().known(), -2.5);
        double right = outerBack + nutEnd() + 15;
        diameter(right + text * 0.6, g.outer().bore(), g.outer().known(), outerBack);
        diameter(right + text * 2.6, g.outer().outside(), g.outer().known(), outerBack);
        shapes.add(new Shape.Label(
                Point.of(left, text * 4.4),
                ("inner bearing " + name(FactKey.INNER_CONE, FactKey.INNER_CUP)).strip(),
                "start",
                text * 0.95,
                Role.ANSWER));
        shapes.add(new Shape.Label(
                Point.of(right, text * 5.7),
                ("outer bearing " + name(FactKey.OUTER_CONE, FactKey.OUTER_CUP)).strip(),
                "end",
                text * 0.95,
                Role.ANSWER));
        shapes.add(new Shape.Label(Point.of(left, -flangeRadius()), "← inboard", "start", text * 0.9, Role.THIN));
        shapes.add(new Shape.Label(Point.of(right, -flangeRadius()), "outboard →", "end", text * 0.9, Role.THIN));
    }

    private void length(double from, double to, double line, String symbol, double mm, Known known) {
        shapes.add(new Shape.Dimension(
                Point.of(from, 0),
                Point.of(to, 0),
                Point.of(from, line),
                Point.of(to, line),
                symbol + " " + Show.number(mm, 3),
                text * 0.9,
                known));
    }

    private void diameter(double x, double mm, Known known, double from) {
        shapes.add(new Shape.Dimension(
                Point.of(x, 0),
                Point.of(from, -mm / 2),
                Point.of(x, 0),
                Point.of(x, -mm / 2),
                "Ø " + Show.number(mm, 3),
                text * 0.9,
                known));
    }
}
