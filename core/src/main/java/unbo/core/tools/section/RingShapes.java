package unbo.core.tools.section;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Known;
import unbo.core.drawing.Role;
import unbo.core.tools.section.PlaceSizes.Sizes;

/** Rings and elements of bearings in half section above the axis, by usual proportions inside true boundaries. */
final class RingShapes {

    private static final double TAPER_TAN = Math.tan(Math.toRadians(14));

    /**
     * An area or a circle above the axis.
     *
     * @param points x and radius in turn; of a circle its middle
     * @param radius of a circle; 0 for an area
     */
    record Half(Role role, Known known, double[] points, double radius) {}

    private RingShapes() {}

    private static Half area(Role role, Sizes s, double... points) {
        return new Half(role, s.known(), points, 0);
    }

    private static Half circle(Sizes s, double x, double r, double radius) {
        return new Half(Role.PART, s.known(), new double[] {x, r}, radius);
    }

    /** A ball bearing of one row. */
    static List<Half> ball(Sizes s) {
        double ball = Math.min(0.59 * (s.outer() - s.inner()), 0.8 * s.widthMm());
        double middle = (s.fromMm() + s.toMm()) / 2;
        double pitch = (s.inner() + s.outer()) / 2;
        return List.of(
                grooved(s, true, List.of(middle), ball, s.fromMm(), s.toMm()),
                grooved(s, false, List.of(middle), ball, s.fromMm(), s.toMm()),
                circle(s, middle, pitch, ball / 2));
    }

    /** A cartridge of two rows: its outer ring, both rows, and its inboard inner half. */
    static List<Half> cartridge(Sizes s) {
        double ball = Math.min(0.5 * (s.outer() - s.inner()), 0.38 * s.widthMm());
        double pitch = (s.inner() + s.outer()) / 2;
        double middle = (s.fromMm() + s.toMm()) / 2;
        double off = s.widthMm() * 0.235;
        List<Half> shapes = new ArrayList<>();
        shapes.add(grooved(s, false, List.of(middle - off, middle + off), ball, s.fromMm(), s.toMm()));
        shapes.add(grooved(s, true, List.of(middle - off), ball, s.fromMm(), middle - 0.2));
        shapes.add(circle(s, middle - off, pitch, ball / 2));
        shapes.add(circle(s, middle + off, pitch, ball / 2));
        return shapes;
    }

    /** The outboard inner half of a cartridge. */
    static List<Half> innerHalf(Sizes s) {
        double ball = Math.min(0.5 * (s.outer() - s.inner()), 0.38 * s.widthMm());
        double middle = (s.fromMm() + s.toMm()) / 2;
        double off = s.widthMm() * 0.235;
        return List.of(grooved(s, true, List.of(middle + off), ball, middle + 0.2, s.toMm()));
    }

    private static Half grooved(Sizes s, boolean inner, List<Double> rows, double ball, double from, double to) {
        double pitch = (s.inner() + s.outer()) / 2;
        double flat = inner ? s.inner() : s.outer();
        double side = inner ? -1 : 1;
        double shoulder = pitch + side * 0.3 * ball;
        List<Double> points = new ArrayList<>(List.of(from, flat, from, shoulder));
        double groove = ball / 2 * 1.04;
        for (double x : rows) {
            for (int a = -66; a <= 66; a += 12) {
                double r = pitch + side * groove * Math.cos(Math.toRadians(a));
                points.add(x + groove * Math.sin(Math.toRadians(a)));
                points.add(inner ? Math.min(r, shoulder) : Math.max(r, shoulder));
            }
        }
        points.addAll(List.of(to, shoulder, to, flat));
        return new Half(
                inner ? Role.SOLID : Role.SOLID_TWIN,
                s.known(),
                points.stream().mapToDouble(Double::doubleValue).toArray(),
                0);
    }

    /** A headset's bearing: chamfers toward race and cup, balls at an angle. */
    static List<Half> angular(Sizes s, boolean outboard) {
        double h = s.outer() - s.inner();
        double ball = Math.min(0.5 * h, 0.6 * s.widthMm());
        double cut = 0.3 * h;
        double a = s.fromMm();
        double b = s.toMm();
        double pitch = (s.inner() + s.outer()) / 2;
        double middle = (a + b) / 2;
        double up = outboard ? b : a;
        double down = outboard ? a : b;
        double in = outboard ? -cut : cut;
        return List.of(
                area(
                        Role.SOLID,
                        s,
                        up,
                        s.inner() + cut,
                        up + in,
                        s.inner(),
                        down,
                        s.inner(),
                        down,
                        pitch - 0.5 * ball,
                        up,
                        pitch),
                area(
                        Role.SOLID_TWIN,
                        s,
                        up,
                        s.outer(),
                        down - in,
                        s.outer(),
                        down,
                        s.outer() - cut,
                        down,
                        pitch,
                        up,
                        pitch + 0.5 * ball),
                circle(s, middle, pitch, ball / 2));
    }

    /** What the two rings of a taper share: where its race runs, mirrored for a large end outboard. */
    private record Taper(Sizes s, boolean outboard) {

        double h() {
            return s.outer() - s.inner();
        }

        /** A point so far from the large end's face. */
        double x(double from) {
            return outboard ? s.toMm() - from : s.fromMm() + from;
        }

        /** Radius of the outer race so far from the large end's face. */
        double outerRace(double from) {
            return s.outer() - 0.15 * h() - Math.max(0, from - 0.2 * s.widthMm()) * TAPER_TAN;
        }

        double roller(double from) {
            return h() * (0.46 - 0.1 * from / s.widthMm());
        }
    }

    /** A taper's cup, its thick end away from its large end. */
    static List<Half> cup(Sizes s, boolean outboard) {
        Taper t = new Taper(s, outboard);
        double w = s.widthMm();
        double open = 0.2 * w;
        return List.of(area(
                Role.SOLID_TWIN,
                s,
                t.x(open),
                s.outer(),
                t.x(w),
                s.outer(),
                t.x(w),
                t.outerRace(w),
                t.x(open),
                t.outerRace(open)));
    }

    /** A taper's cone with its rollers: large rib at its large end. */
    static List<Half> cone(Sizes s, boolean outboard) {
        Taper t = new Taper(s, outboard);
        double w = s.widthMm();
        double from = 0.16 * w;
        double to = 0.84 * w;
        double big = t.outerRace(from) - t.roller(from);
        double small = t.outerRace(to) - t.roller(to);
        double rib = big + 0.4 * t.roller(from);
        double lip = small + 0.15 * t.roller(to);
        double end = 0.95 * w;
        return List.of(
                area(
                        Role.SOLID,
                        s,
                        t.x(0),
                        s.inner(),
                        t.x(0),
                        rib,
                        t.x(from),
                        rib,
                        t.x(from),
                        big,
                        t.x(to),
                        small,
                        t.x(to),
                        lip,
                        t.x(end),
                        lip,
                        t.x(end),
                        s.inner()),
                area(
                        Role.PART,
                        s,
                        t.x(from),
                        big,
                        t.x(to),
                        small,
                        t.x(to),
                        t.outerRace(to),
                        t.x(from),
                        t.outerRace(from)));
    }

    /** A cylindrical roller bearing's outer ring with its two ribs and its rollers. */
    static List<Half> rollerOuter(Sizes s) {
        double h = s.outer() - s.inner();
        double pitch = (s.inner() + s.outer()) / 2;
        double roller = 0.46 * h;
        double half = 0.32 * s.widthMm();
        double middle = (s.fromMm() + s.toMm()) / 2;
        double race = pitch + roller / 2;
        double rib = race - 0.28 * roller;
        return List.of(
                area(
                        Role.SOLID_TWIN,
                        s,
                        s.fromMm(),
                        s.outer(),
                        s.fromMm(),
                        rib,
                        middle - half,
                        rib,
                        middle - half,
                        race,
                        middle + half,
                        race,
                        middle + half,
                        rib,
                        s.toMm(),
                        rib,
                        s.toMm(),
                        s.outer()),
                area(
                        Role.PART,
                        s,
                        middle - half,
                        pitch - roller / 2,
                        middle + half,
                        pitch - roller / 2,
                        middle + half,
                        race,
                        middle - half,
                        race));
    }

    /** A cylindrical roller bearing's plain inner ring. */
    static List<Half> rollerInner(Sizes s) {
        double race = (s.inner() + s.outer()) / 2 - 0.23 * (s.outer() - s.inner());
        return List.of(
                area(Role.SOLID, s, s.fromMm(), s.inner(), s.fromMm(), race, s.toMm(), race, s.toMm(), s.inner()));
    }

    /** A drawn cup with its needles. */
    static List<Half> drawn(Sizes s) {
        double wall = Math.max(0.6, 0.28 * (s.outer() - s.inner()));
        double lip = 0.06 * s.widthMm();
        double in = s.inner() + 0.3;
        return List.of(
                area(
                        Role.SOLID_TWIN,
                        s,
                        s.fromMm(),
                        s.outer(),
                        s.toMm(),
                        s.outer(),
                        s.toMm(),
                        in,
                        s.toMm() - lip,
                        in,
                        s.toMm() - lip,
                        s.outer() - wall,
                        s.fromMm() + lip,
                        s.outer() - wall,
                        s.fromMm() + lip,
                        in,
                        s.fromMm(),
                        in),
                area(
                        Role.PART,
                        s,
                        s.fromMm() + 2 * lip,
                        s.inner(),
                        s.toMm() - 2 * lip,
                        s.inner(),
                        s.toMm() - 2 * lip,
                        s.outer() - wall,
                        s.fromMm() + 2 * lip,
                        s.outer() - wall));
    }
}
