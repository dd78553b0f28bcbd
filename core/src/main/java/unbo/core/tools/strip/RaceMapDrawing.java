package unbo.core.tools.strip;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.damage.Mark;
import unbo.core.damage.Mode;
import unbo.core.damage.Painting;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RaceMapInput;
import unbo.core.damage.Stroke;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.measure.Show;

/**
 * Both races unrolled one over the other, to scale along and across, outboard edge up (of a taper the large-rib side),
 * with the pitch of the rolling elements as a ruler between them. Marks are drawn as they look on steel.
 */
public final class RaceMapDrawing {

    private static final double JOINED_DEG = 46;
    private static final double USUAL_BORE = 25;
    private static final double USUAL_OUTSIDE = 52;
    private static final double USUAL_WIDTH = 15;
    /** A swatch shows a tenth of a turn. */
    private static final double SWATCH_TURN = 540;

    private final List<Shape> shapes = new ArrayList<>();
    private final double text;
    private final RaceMapInput in;

    private RaceMapDrawing(RaceMapInput in, double length) {
        this.in = in;
        this.text = length / 78;
    }

    public static Drawing of(RaceMap map) {
        RaceMapInput in = map.input();
        double bore = in.boreMm() == null || in.outsideMm() == null ? USUAL_BORE : in.boreMm();
        double outside = in.boreMm() == null || in.outsideMm() == null ? USUAL_OUTSIDE : in.outsideMm();
        double width = in.widthMm() == null ? USUAL_WIDTH : in.widthMm();
        double inner = Math.PI * (bore + 0.25 * (outside - bore));
        double outer = Math.PI * (outside - 0.25 * (outside - bore));
        double across = in.kind() == RaceMapInput.Kind.BALL || in.kind() == RaceMapInput.Kind.ANGULAR
                ? Math.min(0.85 * width, 0.8 * 0.295 * (outside - bore) * 1.1)
                : 0.65 * width;
        return new RaceMapDrawing(in, outer).drawing(map, inner, outer, across);
    }

    /** The races alone, unrolled: nothing of what they are read as. */
    public static Drawing bare(RaceMapInput in) {
        double inner = Math.PI * (USUAL_BORE + 0.25 * (USUAL_OUTSIDE - USUAL_BORE));
        double outer = Math.PI * (USUAL_OUTSIDE - 0.25 * (USUAL_OUTSIDE - USUAL_BORE));
        double across = 0.65 * USUAL_WIDTH;
        RaceMapDrawing d = new RaceMapDrawing(in, outer);
        double top = d.text * 2.4;
        d.heading("outer race", 0, outer);
        d.race("outer", in.outer(), top, outer, across);
        d.ruler(top + across, outer);
        double second = top + across + d.text * 7;
        d.heading("inner race", second - top, inner);
        d.race("inner", in.inner(), second, inner, across);
        d.ruler(second + across, inner);
        return new Drawing(
                "races",
                "Both races unrolled, outboard edge up",
                -d.text,
                0,
                outer + 2 * d.text,
                second + across + d.text * 6,
                d.shapes);
    }

    /** A plate: one painted pair of races without words. */
    public static Drawing plate(Mode mode) {
        int elements = 17;
        RaceMapInput in = new RaceMapInput(
                RaceMapInput.Kind.BALL,
                true,
                elements,
                mode.plate(true, elements),
                mode.plate(false, elements),
                new RaceMapInput.Size(null, null, null),
                new RaceMapInput.Stood(null, null),
                false);
        RaceMapDrawing d = new RaceMapDrawing(in, 160);
        double y = 0;
        for (boolean inner : new boolean[] {false, true}) {
            List<Stroke> strokes = inner ? in.inner() : in.outer();
            if (!strokes.isEmpty()) {
                d.race(inner ? "inner" : "outer", strokes, y, 160, 22);
                d.shapes.add(new Shape.Label(
                        Point.of(0, y + 27), inner ? "inner race" : "outer race", "start", 5.4, Role.THIN));
                y += 34;
            }
        }
        return new Drawing(
                "plate-" + mode.id(), "Reference plate: " + mode.name(), -2, -2, 164, Math.max(y, 34) - 1, d.shapes);
    }

    /** A mark as it looks, for the palette. */
    public static Drawing swatch(Mark mark) {
        List<Stroke.Spot> spots = switch (mark.looks()) {
            case "band", "heat", "frost" -> List.of(new Stroke.Spot(3, 0.5), new Stroke.Spot(33, 0.5));
            case "crack" ->
                List.of(
                        new Stroke.Spot(17, 0.1),
                        new Stroke.Spot(18, 0.35),
                        new Stroke.Spot(17.5, 0.6),
                        new Stroke.Spot(18.5, 0.9));
            default -> List.of(new Stroke.Spot(7, 0.5), new Stroke.Spot(18, 0.5), new Stroke.Spot(29, 0.5));
        };
        List<Shape> ring = new ArrayList<>();
        ring.add(
                Shape.area(Role.RACE, Known.TABLE, Point.of(0, 0), Point.of(54, 0), Point.of(54, 20), Point.of(0, 20)));
        new Race(ring, 0, SWATCH_TURN, 20).swatch(new Stroke(mark, mark.looks().equals("dent") ? 0.3 : 0.6, spots));
        return new Drawing("swatch-" + mark.code(), mark.label(), 0, 0, 54, 20, ring);
    }

    private Drawing drawing(RaceMap map, double inner, double outer, double across) {
        double top = text * 2.4;
        heading("outer race" + (in.innerTurns() ? ", stands" : ", turns"), 0, outer);
        race("outer", in.outer(), top, outer, across);
        ruler(top + across, outer);
        double second = top + across + text * 7;
        heading("inner race" + (in.innerTurns() ? ", turns" : ", stands"), second - top, inner);
        race("inner", in.inner(), second, inner, across);
        ruler(second + across, inner);
        if (in.upDeg() != null) {
            double x = in.upDeg() / 360 * (in.innerTurns() ? outer : inner);
            double y = in.innerTurns() ? top : second;
            shapes.add(Shape.area(
                    Role.ANSWER,
                    Known.MEASURED,
                    Point.of(x, y - 0.1),
                    Point.of(x - text * 0.5, y - text),
                    Point.of(x + text * 0.5, y - text)));
            shapes.add(new Shape.Label(Point.of(x + text * 0.8, y - text * 0.8), "up", "start", text, Role.ANSWER));
        }
        if (in.loadDeg() != null) {
            loadZone(in.innerTurns() ? top : second, in.innerTurns() ? outer : inner);
        }
        String verdict = map.verdict() == null
                ? "no pattern is clear"
                : map.verdict().mode().name();
        return new Drawing(
                "race-map",
                "Both races unrolled to scale, outboard edge up; it reads as: " + verdict,
                -text,
                0,
                outer + 2 * text,
                second + across + text * 4.4,
                shapes);
    }

    /** A bracket of 120° over the still ring, where the load presses; at the seam it goes on from the other end. */
    private void loadZone(double y, double length) {
        for (double[] part : List.of(
                new double[] {requireNonNull(in.loadDeg()) - 60, in.loadDeg() + 60},
                new double[] {in.loadDeg() + 300, in.loadDeg() + 420},
                new double[] {in.loadDeg() - 420, in.loadDeg() - 300})) {
            double from = Math.max(0, part[0]) / 360 * length;
            double to = Math.min(360, part[1]) / 360 * length;
            if (to > from) {
                shapes.add(new Shape.Outline(
                        List.of(
                                Point.of(from, y - text * 0.2),
                                Point.of(from, y - text * 0.5),
                                Point.of(to, y - text * 0.5),
                                Point.of(to, y - text * 0.2)),
                        false,
                        Role.MARK,
                        Known.MEASURED));
            }
        }
        shapes.add(new Shape.Label(
                Point.of(in.loadDeg() / 360 * length, y - text * 1.1), "load zone", "middle", text * 0.9, Role.MARK));
    }

    private void heading(String words, double y, double length) {
        String edge = in.kind() == RaceMapInput.Kind.TAPERED ? "upper edge: large-rib side" : "upper edge: outboard";
        shapes.add(new Shape.Label(Point.of(0, y + text * 1.2), words, "start", text * 1.25, Role.MARK));
        shapes.add(new Shape.Label(Point.of(length, y + text * 1.2), edge, "end", text, Role.THIN));
    }

    private void race(String name, List<Stroke> strokes, double y, double length, double across) {
        List<Shape> ring = new ArrayList<>();
        ring.add(Shape.area(
                Role.RACE,
                Known.TABLE,
                Point.of(0, y),
                Point.of(length, y),
                Point.of(length, y + across),
                Point.of(0, y + across)));
        Race race = new Race(ring, y, length, across);
        strokes.stream()
                .filter(s -> s.mark().looks().equals("band") || s.mark().looks().equals("heat"))
                .forEach(race::paint);
        strokes.stream()
                .filter(s ->
                        !s.mark().looks().equals("band") && !s.mark().looks().equals("heat"))
                .forEach(race::paint);
        shapes.add(new Shape.Turned("ring-" + name, 0, ring));
    }

    private void ruler(double y, double length) {
        double tick = text * 0.5;
        for (int d = 0; d <= 360; d += 15) {
            double x = d / 360.0 * length;
            shapes.add(Shape.line(Role.THIN, Point.of(x, y), Point.of(x, y + (d % 45 == 0 ? tick * 1.4 : tick * 0.7))));
            if (d % 45 == 0) {
                shapes.add(new Shape.Label(
                        Point.of(x, y + tick * 2.6),
                        d + "°",
                        d == 0 ? "start" : d == 360 ? "end" : "middle",
                        text * 0.9,
                        Role.THIN));
            }
        }
        if (in.elements() != null) {
            double pitch = length / in.elements();
            double at = y + tick * 4.4;
            for (int i = 0; i <= in.elements(); i++) {
                shapes.add(Shape.line(
                        Role.MARK, Point.of(i * pitch, at - tick * 0.5), Point.of(i * pitch, at + tick * 0.5)));
            }
            shapes.add(Shape.line(Role.MARK, Point.of(0, at), Point.of(length, at)));
            shapes.add(new Shape.Label(
                    Point.of(0, at + text * 1.1),
                    "element pitch " + Show.number(360.0 / in.elements(), 1) + "° = " + Show.number(pitch, 1) + " mm"
                            + (in.elementsEstimated() ? ", " + in.elements() + " elements estimated" : ""),
                    "start",
                    text * 0.9,
                    Role.THIN));
        }
    }

    /** Marks of one race as they look, in its own coordinates. */
    private static final class Race {

        private final List<Shape> out;
        private final double y;
        private final double length;
        private final double across;

        Race(List<Shape> out, double y, double length, double across) {
            this.out = out;
            this.y = y;
            this.length = length;
            this.across = across;
        }

        private Point at(double degrees, double share) {
            return Point.of(
                    Math.max(0, Math.min(360, degrees)) / 360 * length, y + Math.max(0, Math.min(1, share)) * across);
        }

        private void area(Role role, Point... points) {
            out.add(Shape.area(role, Known.TABLE, points));
        }

        /** The same without its name on it. */
        void swatch(Stroke s) {
            paint(s);
            out.removeIf(shape -> shape instanceof Shape.Label);
        }

        void paint(Stroke s) {
            switch (s.mark().looks()) {
                case "band" -> band(s, Role.POLISHED);
                case "heat" ->
                    band(
                            s,
                            s.mark().code().equals("blue")
                                    ? Role.HEAT_BLUE
                                    : s.mark().code().equals("brown") ? Role.HEAT_BROWN : Role.HEAT_STRAW);
                case "frost" -> band(s, Role.FROST);
                case "crack" -> crack(s);
                default -> s.spots().forEach(spot -> spot(s, spot));
            }
        }

        private void band(Stroke s, Role role) {
            List<Stroke.Spot> spots = s.spots();
            double half = s.width() / 2;
            boolean round = spots.size() > 2
                    && Math.abs(Painting.turn(
                                    spots.get(spots.size() - 1).angleDeg(),
                                    spots.get(0).angleDeg()))
                            <= JOINED_DEG
                    && spots.size() * JOINED_DEG >= 300;
            for (int i = 0; i < spots.size(); i++) {
                Stroke.Spot a = spots.get(i);
                Stroke.Spot b = i + 1 < spots.size() ? spots.get(i + 1) : round ? spots.get(0) : null;
                double way = b == null ? 0 : Painting.turn(a.angleDeg(), b.angleDeg());
                if (b == null || Math.abs(way) > JOINED_DEG) {
                    if (spots.size() == 1) {
                        segment(role, a.angleDeg() - 3, a.across(), a.angleDeg() + 3, a.across(), half);
                    }
                    continue;
                }
                double from = way >= 0 ? a.angleDeg() : a.angleDeg() + way;
                double fromAcross = way >= 0 ? a.across() : b.across();
                double toAcross = way >= 0 ? b.across() : a.across();
                segment(role, from, fromAcross, from + Math.abs(way), toAcross, half);
            }
            if (!role.name().startsWith("POLISHED") && !spots.isEmpty() && role != Role.FROST) {
                Point p = at(spots.get(0).angleDeg(), spots.get(0).across());
                out.add(new Shape.Label(
                        Point.of(p.x() + length / 200, p.y()), s.mark().code(), "start", across * 0.22, Role.MARK));
            }
        }

        private void segment(Role role, double from, double fromAcross, double to, double toAcross, double half) {
            if (from < 0) {
                segment(role, from + 360, fromAcross, to + 360, toAcross, half);
                return;
            }
            area(
                    role,
                    at(from, fromAcross - half),
                    at(to, toAcross - half),
                    at(to, toAcross + half),
                    at(from, fromAcross + half));
            if (to > 360) {
                double mid = fromAcross + (toAcross - fromAcross) * (360 - from) / (to - from);
                area(
                        role,
                        at(0, mid - half),
                        at(to - 360, toAcross - half),
                        at(to - 360, toAcross + half),
                        at(0, mid + half));
            }
        }

        private void crack(Stroke s) {
            List<Point> line = new ArrayList<>();
            int i = 0;
            for (Stroke.Spot spot : s.spots()) {
                line.add(at(spot.angleDeg() + (i++ % 2 == 0 ? 0.5 : -0.5), spot.across()));
            }
            if (line.size() == 1) {
                Stroke.Spot spot = s.spots().get(0);
                line = List.of(
                        at(spot.angleDeg(), spot.across() - 0.3),
                        at(spot.angleDeg() + 1, spot.across() - 0.1),
                        at(spot.angleDeg() - 0.5, spot.across() + 0.1),
                        at(spot.angleDeg() + 0.6, spot.across() + 0.3));
            }
            out.add(new Shape.Outline(line, false, Role.MARK, Known.MEASURED));
        }

        private void spot(Stroke s, Stroke.Spot spot) {
            double a = spot.angleDeg();
            double c = spot.across();
            double half = s.width() / 2;
            switch (s.mark().looks()) {
                case "pits" -> pit(a, c, half);
                case "line" ->
                    area(
                            Role.STAIN,
                            at(a - 0.7, c - half),
                            at(a + 0.7, c - half),
                            at(a + 0.7, c + half),
                            at(a - 0.7, c + half));
                case "dent" ->
                    out.add(new Shape.Circle(at(a, c), Math.max(half, 0.02) * across, Role.DENT, Known.TABLE));
                case "rust" -> rust(a, c, half);
                case "smear" ->
                    out.add(new Shape.Outline(
                            List.of(
                                    at(a - 4, c - half * 0.4),
                                    at(a - 2, c + half * 0.6),
                                    at(a, c - half * 0.4),
                                    at(a + 2, c + half * 0.6),
                                    at(a + 4, c - half * 0.4)),
                            false,
                            Role.MARK,
                            Known.MEASURED));
                default -> {
                    for (int i = -1; i <= 1; i++) {
                        out.add(Shape.line(Role.MARK, at(a - 5, c + i * half * 0.8), at(a + 5, c + i * half * 0.8)));
                    }
                }
            }
        }

        /** An irregular pit, always the same at the same place. */
        private void pit(double a, double c, double half) {
            List<Point> edge = new ArrayList<>();
            double along = Math.min(2.6, 0.9 + half * 8);
            for (int i = 0; i < 9; i++) {
                double r = 0.72 + 0.28 * Math.abs(Math.sin(12.9898 * (a + 1) + 78.233 * i));
                edge.add(at(
                        a + along * r * Math.cos(i * Math.PI * 2 / 9), c + half * r * Math.sin(i * Math.PI * 2 / 9)));
            }
            out.add(new Shape.Outline(edge, true, Role.PIT, Known.TABLE));
        }

        private void rust(double a, double c, double half) {
            for (int i = 0; i < 6; i++) {
                double turn = i * 2.4 + a;
                double r = 0.25 + 0.75 * Math.abs(Math.sin(7.1 * i + a));
                out.add(new Shape.Circle(
                        at(a + 2.6 * r * Math.cos(turn), c + half * r * Math.sin(turn)),
                        across * 0.035,
                        Role.RUST,
                        Known.TABLE));
            }
        }
    }
}
