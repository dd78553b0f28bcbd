package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.Clearances;
import unbo.core.bearing.Part;
import unbo.core.bearing.TaperAngles;
import unbo.core.catalogue.Catalogue;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.measure.Show;

/**
 * The decoded bearing in half section above its centre line, to scale in bore, outside and width; what the rings and
 * elements look like inside follows the kind, with usual proportions. Over it stands what is stamped, group by group,
 * each joined by a line to what it fixes. Dashed outlines are other series of the same bore. A clearance is drawn
 * enlarged.
 */
public final class BearingDrawing {

    private static final double TALL = 190;
    private static final double WIDE = 660;
    private static final double MOST_WIDTH = 170;
    private static final double STAMP = 26;
    private static final double SMALL = 11;

    private final Bearing decoded;
    private final List<Shape> shapes = new ArrayList<>();
    private final double bore;
    private final double outside;
    private final double width;
    private final double scale;
    /** Ball or roller: diameter and the radius at which it runs, mm. */
    private final double element;

    private final double pitch;

    private BearingDrawing(Bearing decoded) {
        this.decoded = decoded;
        this.bore = requireNonNull(decoded.boreMm()) / 2;
        this.outside = requireNonNull(decoded.outsideMm()) / 2;
        this.width = requireNonNull(decoded.widthMm());
        this.scale = Math.min(TALL / outside, MOST_WIDTH / width);
        boolean rows = twoRows();
        double usual = 0.59 * (outside - bore);
        this.element = rows ? Math.min(usual, 0.44 * width) : Math.min(usual, 0.8 * width);
        this.pitch = (bore + outside) / 2;
    }

    /** Null where a size is not known. */
    public static @Nullable Drawing of(Bearing decoded) {
        return drawn(decoded) ? new BearingDrawing(decoded).drawing() : null;
    }

    /** The section of its rings alone, without words, for a line of a list; null where a size is not known. */
    public static @Nullable Drawing small(Bearing decoded) {
        return drawn(decoded) ? new BearingDrawing(decoded).alone() : null;
    }

    private static boolean drawn(Bearing decoded) {
        return decoded.boreMm() != null
                && decoded.outsideMm() != null
                && decoded.widthMm() != null
                && decoded.widthMm() <= 4 * decoded.outsideMm();
    }

    private boolean twoRows() {
        return decoded.kind().rows() == 2;
    }

    private Drawing drawing() {
        neighbours();
        rings();
        seals();
        clearance();
        shapes.add(Shape.line(Role.CENTRE, at(-width / 2 - 8 / scale, 0), at(width / 2 + 8 / scale, 0)));
        sizes();
        stamped();
        double top = -outside * scale - 92;
        return new Drawing("bearing", title(), -WIDE / 2, top, WIDE, -top + 34, shapes);
    }

    private Drawing alone() {
        rings();
        seals();
        return new Drawing("bearing-small", title(), 0, 0, 1, 1, shapes).picture("bearing-small");
    }

    private String title() {
        return decoded.marking() + ": " + Show.number(requireNonNull(decoded.boreMm()), 3) + " × "
                + Show.number(requireNonNull(decoded.outsideMm()), 3) + " × "
                + Show.number(requireNonNull(decoded.widthMm()), 3) + " mm, half section to scale";
    }

    private Point at(double x, double r) {
        return Point.of(x * scale, -r * scale);
    }

    private void area(Role role, double... xr) {
        shapes.add(new Shape.Outline(points(xr), true, role, Known.TABLE));
    }

    private List<Point> points(double... xr) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < xr.length; i += 2) {
            points.add(at(xr[i], xr[i + 1]));
        }
        return points;
    }

    private void ball(double x, double r, double diameter) {
        shapes.add(new Shape.Circle(at(x, r), diameter / 2 * scale, Role.PART, Known.ESTIMATED));
    }

    private void rings() {
        switch (decoded.kind()) {
            case CYLINDRICAL_ROLLER -> cylindrical();
            case DRAWN_CUP_NEEDLE_ROLLER -> drawnCup();
            case MACHINED_NEEDLE_ROLLER -> machinedNeedle();
            case NEEDLE_CAGE, THRUST_NEEDLE_ROLLER -> cageOfNeedles();
            case TAPERED_ROLLER, INCH_TAPERED_CONE, INCH_TAPERED_CUP -> taper();
            case THRUST_BALL, THRUST_CYLINDRICAL_ROLLER -> thrust(decoded.kind() == BearingKind.THRUST_BALL);
            case SELF_ALIGNING_BALL -> aligning(true);
            case SPHERICAL_ROLLER -> aligning(false);
            case DOUBLE_ROW_ANGULAR_CONTACT_BALL, DOUBLE_ROW_DEEP_GROOVE_BALL, HUB_CARTRIDGE -> doubleRow();
            case UNKNOWN -> area(Role.PART, -width / 2, bore, width / 2, bore, width / 2, outside, -width / 2, outside);
            default -> singleRow();
        }
    }

    /** A ring from its flat side to its grooves; {@code inner} says which; a shoulder may be missing on either end. */
    private void grooved(
            boolean inner, List<Double> rows, double ball, double leftShoulder, double rightShoulder, Role role) {
        double flat = inner ? bore : outside;
        double side = inner ? -1 : 1;
        List<Point> points = new ArrayList<>(points(-width / 2, flat, -width / 2, pitch + side * leftShoulder * ball));
        for (double x : rows) {
            double groove = ball / 2 * 1.04;
            for (int a = -66; a <= 66; a += 6) {
                double r = pitch + side * groove * Math.cos(Math.toRadians(a));
                double shoulder = pitch
                        + side
                                * (a < 0
                                        ? x == rows.get(0) ? leftShoulder : 0.3
                                        : x == rows.get(rows.size() - 1) ? rightShoulder : 0.3)
                                * ball;
                points.add(at(
                        x + groove * Math.sin(Math.toRadians(a)),
                        inner ? Math.min(r, shoulder) : Math.max(r, shoulder)));
            }
        }
        points.addAll(points(width / 2, pitch + side * rightShoulder * ball, width / 2, flat));
        shapes.add(new Shape.Outline(points, true, role, Known.TABLE));
    }

    private void singleRow() {
        boolean angular = decoded.kind() == BearingKind.ANGULAR_CONTACT_BALL
                || decoded.kind() == BearingKind.HEADSET_ANGULAR_CONTACT
                || decoded.kind() == BearingKind.MAGNETO_BALL;
        grooved(true, List.of(0.0), element, 0.3, 0.3, Role.SOLID);
        grooved(false, List.of(0.0), element, 0.3, angular ? 0.485 : 0.3, Role.SOLID_TWIN);
        ball(0, pitch, element);
        if (decoded.kind() == BearingKind.FOUR_POINT_BALL) {
            shapes.add(Shape.line(Role.MARK, at(0, bore), at(0, pitch - element * 0.52)));
            contact(0, pitch, 35);
            contact(0, pitch, -35);
        } else if (angular) {
            contact(
                    0,
                    pitch,
                    decoded.suffixes().contactDeg() == null
                            ? 30
                            : decoded.suffixes().contactDeg());
        }
    }

    private void contact(double x, double r, double degrees) {
        double reach = element * 0.75;
        double dx = reach * Math.sin(Math.toRadians(degrees));
        double dr = reach * Math.cos(Math.toRadians(degrees));
        shapes.add(Shape.line(Role.CENTRE, at(x + dx, r - dr), at(x - dx, r + dr)));
    }

    private void doubleRow() {
        List<Double> rows = List.of(-width * 0.235, width * 0.235);
        grooved(true, rows, element, 0.3, 0.3, Role.SOLID);
        grooved(false, rows, element, 0.3, 0.3, Role.SOLID_TWIN);
        rows.forEach(x -> ball(x, pitch, element));
        if (decoded.kind() != BearingKind.DOUBLE_ROW_DEEP_GROOVE_BALL) {
            contact(rows.get(0), pitch, -28);
            contact(rows.get(1), pitch, 28);
        }
    }

    /** The outer race is part of a sphere about the middle of the bearing: it lets the inner ring tilt. */
    private void aligning(boolean balls) {
        double sphere = pitch + element * 0.5;
        List<Point> outer = new ArrayList<>(
                points(-width / 2, outside, -width / 2, Math.sqrt(sphere * sphere - width * width / 4)));
        for (double x = -width / 2; x <= width / 2; x += width / 24) {
            outer.add(at(x, Math.sqrt(sphere * sphere - x * x)));
        }
        outer.addAll(points(width / 2, Math.sqrt(sphere * sphere - width * width / 4), width / 2, outside));
        shapes.add(new Shape.Outline(outer, true, Role.SOLID_TWIN, Known.TABLE));
        double x = width * 0.235;
        double r = Math.sqrt(Math.pow(sphere - element / 2, 2) - x * x);
        double low = r - element * 0.36;
        area(
                Role.SOLID,
                -width / 2,
                bore,
                -width / 2,
                low,
                -x - element * 0.3,
                r - element * 0.5,
                0,
                r - element * 0.28,
                x + element * 0.3,
                r - element * 0.5,
                width / 2,
                low,
                width / 2,
                bore);
        for (int side = -1; side <= 1; side += 2) {
            if (balls) {
                ball(side * x, r, element);
            } else {
                barrel(side * x, r, side);
            }
        }
    }

    private void barrel(double x, double r, int side) {
        double tilt = Math.asin(x / r);
        double half = width * 0.2;
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= 24; i++) {
            double t = -1 + i / 12.0;
            points.add(turned(x, r, half * t, element / 2 * (1 - 0.14 * t * t), tilt));
        }
        for (int i = 24; i >= 0; i--) {
            double t = -1 + i / 12.0;
            points.add(turned(x, r, half * t, -element / 2 * (1 - 0.14 * t * t), tilt));
        }
        shapes.add(new Shape.Outline(points, true, Role.PART, Known.ESTIMATED));
    }

    private Point turned(double x, double r, double along, double across, double tilt) {
        return at(
                x + along * Math.cos(tilt) + across * Math.sin(tilt),
                r - along * Math.sin(tilt) + across * Math.cos(tilt));
    }

    /**
     * Ribs as the letters say: NU none inside, N none outside, NJ one inside, NUP two inside (one loose), NF one
     * outside.
     */
    private void cylindrical() {
        String s = decoded.series();
        boolean inLeft = !s.startsWith("NU") || s.startsWith("NUP");
        boolean inRight = s.startsWith("NUP") || s.matches("N\\d.*") || s.startsWith("NF");
        boolean outLeft = !s.matches("N\\d.*");
        boolean outRight = outLeft && !s.startsWith("NF");
        double roller = Math.min(element * 0.9, 0.72 * width);
        double half = Math.min(roller / 2 * 1.1, 0.38 * width);
        double in = pitch - roller / 2;
        double out = pitch + roller / 2;
        double rib = 0.28 * roller;
        area(
                Role.SOLID,
                -width / 2,
                bore,
                -width / 2,
                in + (inLeft ? rib : 0),
                -half,
                in + (inLeft ? rib : 0),
                -half,
                in,
                half,
                in,
                half,
                in + (inRight ? rib : 0),
                width / 2,
                in + (inRight ? rib : 0),
                width / 2,
                bore);
        area(
                Role.SOLID_TWIN,
                -width / 2,
                outside,
                -width / 2,
                out - (outLeft ? rib : 0),
                -half,
                out - (outLeft ? rib : 0),
                -half,
                out,
                half,
                out,
                half,
                out - (outRight ? rib : 0),
                width / 2,
                out - (outRight ? rib : 0),
                width / 2,
                outside);
        area(Role.PART, -half, in, half, in, half, out, -half, out);
        if (s.startsWith("NUP")) {
            shapes.add(Shape.line(Role.MARK, at(half * 1.05, bore), at(half * 1.05, in + rib)));
        }
    }

    private void drawnCup() {
        double wall = Math.max(0.6, (outside - bore) * 0.28);
        double roller = outside - bore - wall;
        double lip = 0.07 * width;
        boolean closed = decoded.series().equals("BK");
        area(
                Role.SOLID_TWIN,
                -width / 2,
                outside,
                width / 2,
                outside,
                width / 2,
                bore + roller * 0.35,
                width / 2 - lip * 0.6,
                bore + roller * 0.35,
                width / 2 - lip * 0.6,
                outside - wall,
                -width / 2 + lip * 0.6,
                outside - wall,
                -width / 2 + lip * 0.6,
                closed ? 0 : bore + roller * 0.35,
                -width / 2,
                closed ? 0 : bore + roller * 0.35);
        area(
                Role.PART,
                -width / 2 + 2 * lip,
                bore,
                width / 2 - 2 * lip,
                bore,
                width / 2 - 2 * lip,
                outside - wall,
                -width / 2 + 2 * lip,
                outside - wall);
    }

    private void machinedNeedle() {
        boolean ring = decoded.series().startsWith("NA") || decoded.series().equals("NKI");
        double wall = (outside - bore) * (ring ? 0.26 : 0.4);
        double inner = bore + (ring ? wall * 1.1 : 0);
        double out = outside - wall;
        double half = width * 0.38;
        double rib = (out - inner) * 0.35;
        if (ring) {
            area(Role.SOLID, -width / 2, bore, -width / 2, inner, width / 2, inner, width / 2, bore);
        }
        area(
                Role.SOLID_TWIN,
                -width / 2,
                outside,
                -width / 2,
                out - rib,
                -half,
                out - rib,
                -half,
                out,
                half,
                out,
                half,
                out - rib,
                width / 2,
                out - rib,
                width / 2,
                outside);
        area(Role.PART, -half, inner, half, inner, half, out, -half, out);
    }

    private void cageOfNeedles() {
        boolean thrust = decoded.kind().axial();
        double edge = thrust ? (outside - bore) * 0.12 : 0;
        double end = thrust ? 0 : width * 0.1;
        area(
                Role.SOLID,
                -width / 2 * (thrust ? 0.7 : 1),
                bore,
                width / 2 * (thrust ? 0.7 : 1),
                bore,
                width / 2 * (thrust ? 0.7 : 1),
                outside,
                -width / 2 * (thrust ? 0.7 : 1),
                outside);
        area(
                Role.PART,
                -width / 2 + end,
                bore + edge,
                width / 2 - end,
                bore + edge,
                width / 2 - end,
                outside - edge,
                -width / 2 + end,
                outside - edge);
    }

    private void thrust(boolean ball) {
        double ring = width * 0.3;
        double dw = Math.min((outside - bore) * 0.62, width * 0.5);
        area(Role.SOLID, -width / 2, bore, -width / 2 + ring, bore, -width / 2 + ring, outside, -width / 2, outside);
        area(Role.SOLID_TWIN, width / 2 - ring, bore, width / 2, bore, width / 2, outside, width / 2 - ring, outside);
        if (ball) {
            ball(0, pitch, dw);
        } else {
            area(
                    Role.PART,
                    -width / 2 + ring,
                    pitch - dw / 2,
                    width / 2 - ring,
                    pitch - dw / 2,
                    width / 2 - ring,
                    pitch + dw / 2,
                    -width / 2 + ring,
                    pitch + dw / 2);
        }
    }

    /** Large rib to the left; the cup stands over the right end, the cone over the left. */
    private void taper() {
        double half = Math.toRadians(decoded.halfAngleDeg() == null ? TaperAngles.UNKNOWN_DEG : decoded.halfAngleDeg());
        double roller = 0.24 * (outside - bore) * 2;
        double length = 0.62 * width;
        double mid = pitch;
        double slope = Math.tan(half);
        double cupLeft = -width / 2 + 0.16 * width;
        double coneRight = width / 2 - 0.14 * width;
        area(
                Role.SOLID_TWIN,
                cupLeft,
                outside,
                cupLeft,
                mid + roller / 2 - slope * cupLeft,
                width / 2,
                mid + roller / 2 - slope * width / 2,
                width / 2,
                outside);
        double in = mid - roller / 2;
        double small = slope * 0.55;
        area(
                Role.SOLID,
                -width / 2,
                bore,
                -width / 2,
                in + small * width / 2 + roller * 0.22,
                -length / 2,
                in + small * length / 2 + roller * 0.22,
                -length / 2,
                in + small * length / 2,
                length / 2,
                in - small * length / 2,
                length / 2,
                in - small * length / 2 + roller * 0.12,
                coneRight,
                in - small * length / 2 + roller * 0.12,
                coneRight,
                bore);
        area(
                Role.PART,
                -length / 2,
                in + small * length / 2,
                length / 2,
                in - small * length / 2,
                length / 2,
                mid + roller / 2 - slope * length / 2,
                -length / 2,
                mid + roller / 2 + slope * length / 2);
    }

    private void seals() {
        String sealing = decoded.suffixes().sealing();
        if (sealing.equals("open") || decoded.kind().roller() || decoded.kind().axial()) {
            return;
        }
        boolean both = sealing.startsWith("two");
        for (int side = both ? -1 : 1; side <= 1; side += 2) {
            double x = side * (width / 2 - 0.055 * width);
            double top = pitch + 0.32 * element;
            double foot = pitch
                    - (sealing.contains("shield") ? 0.22 : decoded.suffixes().rubbing() ? 0.31 : 0.26) * element;
            double thick = 0.028 * width;
            area(
                    sealing.contains("shield") ? Role.PART : Role.RUBBER,
                    x - thick,
                    top,
                    x + thick,
                    top,
                    x + thick,
                    foot,
                    x - thick,
                    foot);
        }
    }

    /** The gap, enlarged, with the class band beside it. */
    private void clearance() {
        String code = decoded.suffixes().clearance();
        if (code == null || !Clearances.listed(decoded.kind())) {
            return;
        }
        Point top = at(0, pitch + element / 2);
        shapes.add(Shape.line(Role.OUT, Point.of(top.x() - 9, top.y() - 1.5), Point.of(top.x() + 9, top.y() - 1.5)));
        shapes.add(Shape.line(Role.OUT, Point.of(top.x() - 9, top.y() + 1.5), Point.of(top.x() + 9, top.y() + 1.5)));
    }

    /**
     * Other series of the same kind and bore, dashed, on the same bore line to the left, each under its number; the
     * tallest first.
     */
    private void neighbours() {
        List<Boundary> others = Catalogue.numbers().stream()
                .filter(b -> b.kind().equals(decoded.kind())
                        && b.boreMm() == requireNonNull(decoded.boreMm())
                        && b.designation().length() < 8)
                .filter(b -> b.outsideMm() != requireNonNull(decoded.outsideMm()) || b.widthMm() != width)
                .filter(b -> b.outsideMm() / 2 * scale < TALL * 1.25 && b.widthMm() * scale < MOST_WIDTH * 0.7)
                .sorted(Comparator.comparingDouble(Boundary::outsideMm).reversed())
                .toList();
        double x = -width / 2 * scale - 96;
        String last = "";
        for (Boundary b : others) {
            double w = b.widthMm() * scale;
            double room = Math.max(w, 9 * 0.62 * b.designation().length()) + 8;
            if (x - room < -WIDE / 2 || b.series().equals(last)) {
                continue;
            }
            last = b.series();
            double middle = x - room / 2;
            double high = -b.outsideMm() / 2 * scale;
            double low = -bore * scale;
            shapes.add(new Shape.Outline(
                    List.of(
                            Point.of(middle - w / 2, low),
                            Point.of(middle - w / 2, high),
                            Point.of(middle + w / 2, high),
                            Point.of(middle + w / 2, low)),
                    true,
                    Role.BEHIND,
                    Known.ESTIMATED));
            shapes.add(new Shape.Label(Point.of(middle, high - 8), b.designation(), "middle", 9, Role.THIN));
            x -= room;
        }
        if (!last.isEmpty()) {
            shapes.add(new Shape.Label(
                    Point.of(-width / 2 * scale - 100, -bore * scale + 12),
                    "same bore, other series",
                    "end",
                    9,
                    Role.THIN));
        }
    }

    private void sizes() {
        double left = -width / 2 * scale;
        double right = width / 2 * scale;
        shapes.add(new Shape.Dimension(
                at(-width / 2, 0),
                at(-width / 2, bore),
                Point.of(left - 26, 0),
                Point.of(left - 26, -bore * scale),
                "",
                SMALL,
                Known.TABLE));
        shapes.add(new Shape.Label(
                Point.of(left - 32, -bore * scale / 2),
                "Ø " + Show.number(requireNonNull(decoded.boreMm()), 3),
                "end",
                13,
                Role.MARK));
        shapes.add(new Shape.Dimension(
                at(width / 2, 0),
                at(width / 2, outside),
                Point.of(right + 62, 0),
                Point.of(right + 62, -outside * scale),
                "",
                SMALL,
                Known.TABLE));
        shapes.add(new Shape.Label(
                Point.of(right + 68, -outside * scale / 2),
                "Ø " + Show.number(requireNonNull(decoded.outsideMm()), 3),
                "start",
                13,
                Role.MARK));
        shapes.add(new Shape.Dimension(
                Point.of(left, 0),
                Point.of(right, 0),
                Point.of(left, 18),
                Point.of(right, 18),
                "",
                SMALL,
                Known.TABLE));
        shapes.add(new Shape.Label(Point.of(0, 28), Show.number(width, 3), "middle", 13, Role.MARK));
    }

    /** The groups as stamped, over the section, each with its line. */
    private void stamped() {
        List<Part> parts = decoded.parts().stream()
                .filter(p -> !p.text().isBlank())
                .limit(8)
                .toList();
        double length = parts.stream().mapToDouble(p -> wide(p) + 16).sum();
        double x = -length / 2;
        double y = -outside * scale - 66;
        for (Part part : parts) {
            double middle = x + (wide(part) + 16) / 2;
            Point target = target(part);
            Role role = part.role().equals("unknown") ? Role.OUT : Role.MARK;
            shapes.add(new Shape.Label(Point.of(middle, y), part.text(), "middle", STAMP, role));
            if (target != null) {
                shapes.add(Shape.line(Role.THIN, Point.of(middle, y + 17), target));
                shapes.add(new Shape.Circle(target, 2.2, Role.ANSWER, Known.TABLE));
            }
            x += wide(part) + 16;
        }
    }

    private static double wide(Part part) {
        return part.text().length() * STAMP * 0.62;
    }

    private @Nullable Point target(Part part) {
        return switch (part.role()) {
            case "type", "prefix", "cone" -> at(twoRows() ? -width * 0.235 : -element * 0.3, pitch);
            case "series", "outside", "member", "cup" -> at(-width * 0.3, outside);
            case "bore-code", "bore", "number" -> at(0, bore);
            case "width" -> at(width / 2, (bore + outside) / 2);
            case "sealing" -> at(width / 2 - 0.055 * width, pitch + 0.2 * element);
            case "clearance" -> at(0, pitch + element / 2);
            case "contact-angle", "angle" -> at(-element * 0.25, pitch + element * 0.4);
            case "tolerance" -> at(0, outside);
            case "cage" -> at(element * 0.42, pitch);
            default -> null;
        };
    }
}
