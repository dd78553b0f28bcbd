package unbo.core.tools.strip;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.strip.Method;
import unbo.core.strip.Removal;
import unbo.core.strip.RemovalInput;
import unbo.core.strip.RemovalInput.Spacer;
import unbo.core.strip.RemovalInput.Tight;
import unbo.core.strip.Words;

/** The force's path through the bearing in half section (a scheme), and the lip that a jaw finds, to scale. */
final class RemovalDrawing {

    private static final double LOW = 40;
    private static final double HIGH = 130;
    private static final double WIDE = 70;
    private static final double TEXT = 12;

    private final Removal removal;
    private final List<Shape> shapes = new ArrayList<>();

    private RemovalDrawing(Removal removal) {
        this.removal = removal;
    }

    static List<Drawing> of(Removal r) {
        List<Drawing> drawings = new ArrayList<>();
        if (r.best() != null) {
            drawings.add(new RemovalDrawing(r).path());
        }
        if (r.input().spacer() != Spacer.NONE) {
            drawings.add(new RemovalDrawing(r).grip());
        }
        return drawings;
    }

    private void box(Role role, double left, double right, double low, double high) {
        shapes.add(Shape.area(
                role,
                Known.TABLE,
                Point.of(left, -low),
                Point.of(right, -low),
                Point.of(right, -high),
                Point.of(left, -high)));
    }

    private Drawing path() {
        RemovalInput in = removal.input();
        Removal.Way way = removal.best();
        double mid = (LOW + HIGH) / 2;
        double ball = 50;
        box(
                in.tight() == Tight.OUTER ? Role.BEHIND : Role.PART,
                -150,
                90,
                0,
                LOW - (in.tight() == Tight.OUTER ? 3 : 0));
        boolean housing = in.tight() != Tight.INNER;
        shapes.add(Shape.area(
                housing ? Role.SOLID : Role.BEHIND,
                Known.TABLE,
                Point.of(-130, -(HIGH + (housing ? 0 : 3))),
                Point.of(WIDE / 2 + 6, -(HIGH + (housing ? 0 : 3))),
                Point.of(WIDE / 2 + 6, -HIGH - 34),
                Point.of(-130, -HIGH - 34)));
        if (in.shoulder()) {
            box(Role.SOLID, -130, -WIDE / 2, HIGH - 12, HIGH);
        }
        box(Role.SOLID_TWIN, -WIDE / 2, WIDE / 2, LOW, mid - 0.3 * ball);
        box(Role.SOLID_TWIN, -WIDE / 2, WIDE / 2, mid + 0.3 * ball, HIGH);
        shapes.add(new Shape.Circle(Point.of(0, -mid), ball / 2, Role.PART, Known.TABLE));
        if (in.spacer() != Spacer.NONE) {
            box(Role.PART, -130, -WIDE / 2 - 1, LOW, LOW + 14);
        }
        force(in, requireNonNull(way), mid);
        tight(in);
        shapes.add(Shape.line(Role.CENTRE, Point.of(-160, 0), Point.of(150, 0)));
        String words = requireNonNull(way).crosses()
                ? "force crosses the balls: scrap"
                : way.code().equals("heat-housing") ? "the housing opens" : "force through the tight ring";
        shapes.add(
                new Shape.Label(Point.of(-160, 22), words, "start", TEXT + 3, way.crosses() ? Role.OUT : Role.ANSWER));
        return new Drawing(
                "removal-path",
                "Half section, scheme: " + way.name() + "; " + words,
                -250,
                -HIGH - 70,
                500,
                HIGH + 106,
                shapes);
    }

    /** The arrow of the force from the tool into the ring, and the cross where it leaves the ring for the other. */
    private void force(RemovalInput in, Removal.Way way, double mid) {
        Method m = Method.ALL.stream()
                .filter(x -> x.code().equals(way.code()))
                .findFirst()
                .orElseThrow();
        boolean inner = m.acts().equals("inner") || m.acts().equals("tight") && in.tight() == Tight.INNER;
        boolean both = m.acts().equals("both") || m.acts().equals("tight") && in.tight() == Tight.BOTH;
        if (m.acts().equals("none")) {
            for (double x = -110; x <= 20; x += 32) {
                arrow(x, HIGH + 44, x, HIGH + 60);
            }
            return;
        }
        boolean pulls = m.access().equals("own") && !m.code().equals("new-pushes-old")
                || m.code().equals("splitter");
        double from = pulls ? WIDE / 2 + 4 : -WIDE / 2 - 60;
        double to = pulls ? WIDE / 2 + 70 : -WIDE / 2 - 2;
        if (inner || both) {
            arrow(from, LOW + 9, to, LOW + 9);
        }
        if (!inner || both) {
            arrow(from, HIGH - 9, to, HIGH - 9);
        }
        if (way.crosses()) {
            shapes.add(new Shape.Outline(
                    List.of(Point.of(-26, -mid + 26), Point.of(26, -mid - 26)), false, Role.OUT, Known.MEASURED));
            shapes.add(new Shape.Outline(
                    List.of(Point.of(-26, -mid - 26), Point.of(26, -mid + 26)), false, Role.OUT, Known.MEASURED));
        }
    }

    private void arrow(double x0, double r0, double x1, double r1) {
        double length = Math.hypot(x1 - x0, r1 - r0);
        double ux = (x1 - x0) / length;
        double ur = (r1 - r0) / length;
        shapes.add(
                new Shape.Outline(List.of(Point.of(x0, -r0), Point.of(x1, -r1)), false, Role.ANSWER, Known.MEASURED));
        shapes.add(Shape.area(
                Role.ANSWER,
                Known.MEASURED,
                Point.of(x1, -r1),
                Point.of(x1 - ux * 13 - ur * 6, -(r1 - ur * 13 + ux * 6)),
                Point.of(x1 - ux * 13 + ur * 6, -(r1 - ur * 13 - ux * 6))));
    }

    private void tight(RemovalInput in) {
        if (in.tight() != Tight.OUTER) {
            shapes.add(new Shape.Label(Point.of(WIDE / 2 + 12, -LOW + 6), "tight", "start", TEXT, Role.MARK));
        }
        if (in.tight() != Tight.INNER) {
            shapes.add(new Shape.Label(Point.of(WIDE / 2 + 12, -HIGH - 8), "tight", "start", TEXT, Role.MARK));
        }
    }

    /** Spacer end and inner ring corner, enlarged on one scale with the jaw. */
    private Drawing grip() {
        RemovalInput in = removal.input();
        double k = 60;
        double chamfer = in.chamferMm() * k;
        double corner = in.cornerMm() * k;
        double thick = Math.max(100, chamfer + 60);
        double jaw = in.jawMm() * k;
        boolean holds = in.gripMm() >= in.jawMm();
        shapes.add(Shape.area(
                Role.PART,
                Known.TABLE,
                Point.of(-170, 0),
                Point.of(-chamfer, 0),
                Point.of(0, -chamfer),
                Point.of(0, -thick),
                Point.of(-170, -thick)));
        List<Point> ring = new ArrayList<>(
                List.of(Point.of(170, 0), Point.of(170, -thick), Point.of(0, -thick), Point.of(0, -corner)));
        for (int a = 0; a <= 90; a += 15) {
            ring.add(Point.of(
                    corner - corner * Math.cos(Math.toRadians(a)), -corner + corner * Math.sin(Math.toRadians(a))));
        }
        shapes.add(new Shape.Outline(ring, true, Role.SOLID_TWIN, Known.TABLE));
        double at = (corner - chamfer) / 2;
        shapes.add(Shape.area(
                holds ? Role.ANSWER : Role.OUT,
                Known.MEASURED,
                Point.of(at - jaw / 2, 60),
                Point.of(at + jaw / 2, 60),
                Point.of(at + jaw / 2, 6),
                Point.of(at, -2),
                Point.of(at - jaw / 2, 6)));
        shapes.add(new Shape.Dimension(
                Point.of(-chamfer, 0),
                Point.of(corner, 0),
                Point.of(-chamfer, 86),
                Point.of(corner, 86),
                "",
                TEXT,
                Known.TABLE));
        shapes.add(new Shape.Label(
                Point.of(0, 112),
                "grip " + Words.mm(in.gripMm()) + ", jaw " + Words.mm(in.jawMm()) + (holds ? ": holds" : ": slips"),
                "middle",
                TEXT + 2,
                holds ? Role.ANSWER : Role.OUT));
        shapes.add(new Shape.Label(Point.of(-160, -thick + 16), "spacer", "start", TEXT, Role.MARK));
        shapes.add(new Shape.Label(Point.of(160, -thick + 16), "inner ring", "end", TEXT, Role.MARK));
        return new Drawing(
                "removal-grip",
                "Grip of an expanding jaw between spacer chamfer and ring corner, to scale: " + Words.mm(in.gripMm())
                        + " for a jaw of " + Words.mm(in.jawMm()),
                -250,
                -thick - 12,
                500,
                thick + 140,
                shapes);
    }
}
