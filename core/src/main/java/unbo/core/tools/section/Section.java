package unbo.core.tools.section;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartChange;
import unbo.core.assembly.PartKind;
import unbo.core.assembly.Side;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.tools.section.RingShapes.Half;
import unbo.core.tools.section.SectionShape.Form;

/**
 * The section of an assembly along its axis. Bearings are to scale in bore, outside and width, dashed where they are
 * guessed by the kind; what lies between them is as usual for the kind. Parts that are off are not drawn; each part
 * that is there can be touched.
 */
public final class Section {

    /** Kinds whose axis stands upright. */
    private static final Set<String> UPRIGHT = Set.of("steering-head", "headset");

    private static final double MARGIN = 6;
    /** How thin and how thick a part is drawn that nobody measured, mm. */
    private static final double MORE_LEAST = 0.8;

    private static final double MORE_MOST = 4;

    /**
     * What is shown of an assembly.
     *
     * @param gone codes of the parts that are off
     * @param spoiled codes of the parts that cannot be used again
     * @param flags numbers of the parts, by code, in the order of the plan
     * @param push the force on the part that is being moved; null where none is drawn
     */
    public record View(
            Set<String> gone,
            Set<String> spoiled,
            Map<String, String> flags,
            @Nullable Push push) {

        public static final View WHOLE = new View(Set.of(), Set.of(), Map.of(), null);
    }

    /**
     * A part that is being moved.
     *
     * @param ring the ring that the force enters by: inner or outer; null where it is no bearing, or no force is needed
     */
    public record Push(String part, Side exit, @Nullable String ring, boolean force) {}

    private final Assembly assembly;
    private final View view;
    private final PlaceSizes sizes = new PlaceSizes();
    private final boolean upright;
    private final Map<String, Extent> extents = new HashMap<>();
    private final List<Shape> shapes = new ArrayList<>();
    private double left = Double.POSITIVE_INFINITY;
    private double right = Double.NEGATIVE_INFINITY;
    private double most;

    /** How far a part reaches along the axis and away from it, and where on the axis it is highest. */
    private record Extent(double from, double to, double least, double most, double top) {

        Extent and(Extent other) {
            double highest = most == other.most ? (top + other.top) / 2 : most > other.most ? top : other.top;
            return new Extent(
                    Math.min(from, other.from),
                    Math.max(to, other.to),
                    Math.min(least, other.least),
                    Math.max(most, other.most),
                    highest);
        }
    }

    private Section(Assembly assembly, View view) {
        this.assembly = assembly;
        this.view = view;
        this.upright = UPRIGHT.contains(assembly.kind());
    }

    /** @throws IllegalArgumentException for an assembly of no kind */
    public static Drawing of(Assembly assembly, View view) {
        return new Section(assembly, view).drawing();
    }

    private Drawing drawing() {
        List<SectionShape> all = SectionShape.of(assembly.kind(), assembly.options());
        if (all.isEmpty()) {
            throw new IllegalArgumentException("an assembly of no kind is not drawn");
        }
        for (SectionShape shape : all) {
            if (shape.form() == Form.AT) {
                sizes.put(
                        assembly,
                        KindPlace.find(assembly.kind(), shape.part()).orElseThrow(),
                        sizes.value(shape.words().get(0)));
            }
        }
        Map<String, List<Shape>> parts = new LinkedHashMap<>();
        String bench = bench();
        for (SectionShape shape : all) {
            if (shape.form() != Form.AT) {
                boolean there = shape.context() ? bench.isEmpty() : there(shape.part(), bench);
                List<Shape> drawn = draw(shape);
                there = there && (shape.context() || !left(shape.part()));
                if (there) {
                    parts.computeIfAbsent(shape.part(), code -> new ArrayList<>())
                            .addAll(drawn);
                }
            }
        }
        for (PartChange change : assembly.changes()) {
            if (change instanceof PartChange.With with
                    && assembly.part(with.code()).isPresent()) {
                List<Shape> drawn = more(with);
                if (there(with.code(), bench)) {
                    parts.put(with.code(), drawn);
                }
            }
        }
        double unit = unit();
        parts.forEach((code, drawn) -> shapes.add(tagged(code, drawn)));
        shapes.add(Shape.line(Role.CENTRE, at(left - 2 * unit, 0), at(right + 2 * unit, 0)));
        view.spoiled().stream().filter(parts::containsKey).forEach(code -> cross(code, unit));
        if (view.push() != null) {
            push(view.push(), unit);
        }
        double above = flags(unit, parts.keySet());
        return framed(unit, above);
    }

    /** True for a part of the kind that was said not to be there. */
    private boolean left(String code) {
        return assembly.changes().stream()
                .anyMatch(change -> change instanceof PartChange.Without without
                        && without.part().equals(code));
    }

    /** A part more, beside its neighbour: a ring as long as a fifth of that, dashed, for nobody measured it. */
    private List<Shape> more(PartChange.With with) {
        Extent by = extents.get(with.by());
        if (by == null) {
            return List.of();
        }
        boolean shaft = assembly.the(with.code()).onShaft();
        double width = Math.max(MORE_LEAST, Math.min(MORE_MOST, 0.2 * (by.to - by.from)));
        double from = with.side() == Side.OUTBOARD ? by.to : by.from - width;
        double height = Math.max(MORE_LEAST, 0.7 * (by.most - by.least));
        double least = shaft ? by.least : by.most - height;
        double[] box = box(new double[] {from, least, from + width, least + height});
        reach(with.code(), box);
        boolean rubber = with.kind() == PartKind.SEAL || with.kind() == PartKind.GASKET;
        Role role = rubber ? Role.RUBBER : Role.SOLID;
        return List.of(outline(role, Known.ESTIMATED, box, 1), outline(role, Known.ESTIMATED, box, -1));
    }

    /** What lies on the bench while a part is taken off it; empty while the work is on the vehicle. */
    private String bench() {
        String rides = view.push() == null
                ? ""
                : assembly.the(view.push().part()).stand().rides();
        return view.gone().contains(rides) ? rides : "";
    }

    /** True where a part is seen: on the bench what came off with the carrier, else what has not come off. */
    private boolean there(String code, String bench) {
        String rides = assembly.part(code).map(part -> part.stand().rides()).orElse("");
        if (!bench.isEmpty()) {
            return code.equals(bench) || rides.equals(bench) && !view.gone().contains(code);
        }
        return !view.gone().contains(code) && !view.gone().contains(rides);
    }

    /** Size of what is written, in the drawing's unit. */
    private double unit() {
        return Math.max(right - left, 2 * most) / 60;
    }

    private Drawing framed(double unit, double above) {
        double margin = MARGIN * unit / 2;
        String title = "Section: " + assembly.kind().replace('-', ' ');
        return upright
                ? new Drawing(
                        "section",
                        title,
                        -most - margin,
                        -right - margin,
                        most + above + 2 * margin,
                        right - left + 2 * margin,
                        shapes)
                : new Drawing(
                        "section",
                        title,
                        left - margin,
                        -above - margin,
                        right - left + 2 * margin,
                        above + most + 2 * margin,
                        shapes);
    }

    private Shape tagged(String code, List<Shape> drawn) {
        if (code.startsWith("~")) {
            return new Shape.Tagged("", code.substring(1).replace('-', ' '), false, drawn);
        }
        boolean now = view.push() != null && view.push().part().equals(code);
        return new Shape.Tagged(code, assembly.part(code).map(Part::label).orElse(code), now, drawn);
    }

    private Point at(double x, double r) {
        return upright ? Point.of(r, -x) : Point.of(x, -r);
    }

    /** The pairs of x and radius that stand in a row. */
    private double[] pairs(SectionShape shape) {
        double[] points = new double[2 * shape.words().size()];
        int n = 0;
        for (String word : shape.words()) {
            String[] both = word.split(",", 2);
            points[n++] = sizes.value(both[0]);
            points[n++] = both.length > 1 ? sizes.value(both[1]) : 0;
        }
        return points;
    }

    private List<Shape> draw(SectionShape shape) {
        return switch (shape.form()) {
            case AT -> List.of();
            case BALL -> ring(shape, RingShapes.ball(sizes.at(shape.words().get(0))));
            case ANGULAR ->
                ring(shape, RingShapes.angular(sizes.at(shape.words().get(0)), outboard(shape)));
            case DOUBLE ->
                ring(shape, RingShapes.cartridge(sizes.at(shape.words().get(0))));
            case HALF -> ring(shape, RingShapes.innerHalf(sizes.at(shape.words().get(0))));
            case CUP -> ring(shape, RingShapes.cup(sizes.at(shape.words().get(0)), outboard(shape)));
            case CONE -> ring(shape, RingShapes.cone(sizes.at(shape.words().get(0)), outboard(shape)));
            case ROLLER_OUTER ->
                ring(shape, RingShapes.rollerOuter(sizes.at(shape.words().get(0))));
            case ROLLER_INNER ->
                ring(shape, RingShapes.rollerInner(sizes.at(shape.words().get(0))));
            case DRAWN -> ring(shape, RingShapes.drawn(sizes.at(shape.words().get(0))));
            case BOX -> both(shape, body(shape), box(pairs(shape)));
            case POLY -> both(shape, body(shape), pairs(shape));
            case ROUND -> round(shape);
            case BAR -> bar(shape);
            case LOOSE -> loose(shape);
            case SEAL -> seal(shape);
            case NUT -> nut(shape);
            case PIN -> pin(shape);
            case CLIP -> both(shape, Role.RUBBER, box(pairs(shape)));
            case BOLT -> bolt(shape);
        };
    }

    private static boolean outboard(SectionShape shape) {
        return shape.words().get(1).equals("out");
    }

    private static Role body(SectionShape shape) {
        return shape.context() ? Role.SOLID_TWIN : Role.SOLID;
    }

    private static double[] box(double[] p) {
        return new double[] {p[0], p[1], p[2], p[1], p[2], p[3], p[0], p[3]};
    }

    private List<Shape> ring(SectionShape shape, List<Half> halves) {
        List<Shape> drawn = new ArrayList<>();
        for (Half half : halves) {
            if (half.radius() > 0) {
                double x = half.points()[0];
                double r = half.points()[1];
                drawn.add(new Shape.Circle(at(x, r), half.radius(), half.role(), half.known()));
                drawn.add(new Shape.Circle(at(x, -r), half.radius(), half.role(), half.known()));
                reach(shape, new double[] {x - half.radius(), r, x + half.radius(), r});
            } else {
                drawn.addAll(both(shape, half.role(), half.known(), half.points()));
            }
        }
        return drawn;
    }

    private List<Shape> both(SectionShape shape, Role role, double[] points) {
        return both(shape, role, Known.TABLE, points);
    }

    /** A section above the axis and below it. */
    private List<Shape> both(SectionShape shape, Role role, Known known, double[] points) {
        reach(shape, points);
        return List.of(outline(role, known, points, 1), outline(role, known, points, -1));
    }

    private Shape outline(Role role, Known known, double[] points, int side) {
        List<Point> outline = new ArrayList<>();
        for (int i = 0; i < points.length; i += 2) {
            outline.add(at(points[i], side * points[i + 1]));
        }
        return new Shape.Outline(outline, true, role, known);
    }

    /** A turned part is not cut: its profile above, and below it backwards. */
    private List<Shape> round(SectionShape shape) {
        double[] p = pairs(shape);
        reach(shape, p);
        List<Point> outline = new ArrayList<>();
        outline.add(at(p[0], 0));
        for (int i = 0; i < p.length; i += 2) {
            outline.add(at(p[i], p[i + 1]));
        }
        for (int i = p.length - 2; i >= 0; i -= 2) {
            outline.add(at(p[i], -p[i + 1]));
        }
        List<Shape> drawn = new ArrayList<>();
        drawn.add(new Shape.Outline(outline, true, Role.PART, Known.TABLE));
        for (int i = 2; i < p.length; i += 2) {
            if (p[i + 1] != p[i - 1] && p[i] == p[i - 2]) {
                double r = Math.min(p[i + 1], p[i - 1]);
                drawn.add(Shape.line(Role.THIN, at(p[i], r), at(p[i], -r)));
            }
        }
        return drawn;
    }

    private List<Shape> bar(SectionShape shape) {
        double[] p = box(pairs(shape));
        reach(shape, p);
        return List.of(outline(Role.PART, Known.TABLE, p, 1));
    }

    private List<Shape> loose(SectionShape shape) {
        double[] p = pairs(shape);
        reach(shape, new double[] {p[0], p[1] - p[2] / 2, p[0], p[1] + p[2] / 2});
        return List.of(
                new Shape.Circle(at(p[0], p[1]), p[2] / 2, Role.PART, Known.ESTIMATED),
                new Shape.Circle(at(p[0], -p[1]), p[2] / 2, Role.PART, Known.ESTIMATED));
    }

    /** Rubber round its case, a lip on what turns. */
    private List<Shape> seal(SectionShape shape) {
        double[] p = pairs(shape);
        double w = p[2] - p[0];
        double h = p[3] - p[1];
        double[] rubber = {
            p[0],
            p[3],
            p[2],
            p[3],
            p[2],
            p[3] - 0.3 * h,
            p[0] + 0.45 * w,
            p[3] - 0.3 * h,
            p[0] + 0.45 * w,
            p[1] + 0.35 * h,
            p[0] + 0.75 * w,
            p[1],
            p[0] + 0.35 * w,
            p[1] + 0.1 * h,
            p[0],
            p[1] + 0.45 * h
        };
        return both(shape, Role.RUBBER, rubber);
    }

    /** Seen from outside: its flats by two lines. */
    private List<Shape> nut(SectionShape shape) {
        double[] p = pairs(shape);
        reach(shape, p);
        List<Shape> drawn = new ArrayList<>();
        drawn.add(outline(Role.PART, Known.TABLE, box(new double[] {p[0], -p[3], p[2], p[3]}), 1));
        for (double r : new double[] {0.5 * p[3], -0.5 * p[3]}) {
            drawn.add(Shape.line(Role.THIN, at(p[0], r), at(p[2], r)));
        }
        return drawn;
    }

    private List<Shape> pin(SectionShape shape) {
        double[] p = pairs(shape);
        reach(shape, new double[] {p[0] - 1, 0, p[0] + 1, p[1] + 2});
        double r = p[1] + 2;
        return List.of(
                outline(Role.RUBBER, Known.TABLE, box(new double[] {p[0] - 0.9, -r, p[0] + 0.9, r}), 1),
                Shape.line(Role.MARK, at(p[0], -r), at(p[0] + 3, -r + 1)));
    }

    /** Shank and head above the axis and, where it is not on it, below. */
    private List<Shape> bolt(SectionShape shape) {
        double[] p = pairs(shape);
        double d = p[3] / 2;
        double head = Math.signum(p[2] - p[0]) * d * 1.4;
        List<Shape> drawn = new ArrayList<>();
        for (int side : p[1] == 0 ? new int[] {1} : new int[] {1, -1}) {
            double r = p[1];
            drawn.add(outline(Role.PART, Known.TABLE, box(new double[] {p[0] + head, r - d, p[2], r + d}), side));
            drawn.add(outline(
                    Role.PART, Known.TABLE, box(new double[] {p[0], r - 1.8 * d, p[0] + head, r + 1.8 * d}), side));
        }
        reach(shape, new double[] {p[0], p[1] - 1.8 * d, p[2], p[1] + 1.8 * d});
        return drawn;
    }

    private void reach(SectionShape shape, double[] points) {
        reach(shape.part(), points);
    }

    private void reach(String part, double[] points) {
        Extent extent = null;
        for (int i = 0; i < points.length; i += 2) {
            double r = Math.abs(points[i + 1]);
            Extent here = new Extent(points[i], points[i], r, r, points[i]);
            extent = extent == null ? here : extent.and(here);
        }
        if (extent != null) {
            left = Math.min(left, extent.from);
            right = Math.max(right, extent.to);
            most = Math.max(most, extent.most);
            extents.merge(part, extent, Extent::and);
        }
    }

    /** What is spoiled is crossed, above the axis. */
    private void cross(String code, double unit) {
        Extent extent = extents.get(code);
        if (extent == null) {
            return;
        }
        double x = extent.top;
        double r = extent.most - Math.min(1.2 * unit, (extent.most - extent.least) / 2);
        double half = 0.9 * unit;
        shapes.add(Shape.line(Role.OUT, at(x - half, r - half), at(x + half, r + half)));
        shapes.add(Shape.line(Role.OUT, at(x - half, r + half), at(x + half, r - half)));
    }

    /** An arrow on the face that the force enters by, above and below the axis. */
    private void push(Push push, double unit) {
        Extent extent = extents.get(push.part());
        if (extent == null || push.exit() == Side.NONE || push.exit() == Side.BOTH) {
            return;
        }
        boolean out = push.exit() == Side.OUTBOARD;
        double way = out ? 1 : -1;
        double face = out ? extent.from : extent.to;
        double start = push.force() ? face : out ? extent.to : extent.from;
        double r = push.ring() == null
                ? (extent.least + extent.most) / 2
                : push.ring().equals("inner")
                        ? extent.least + 0.15 * (extent.most - extent.least)
                        : extent.most - 0.15 * (extent.most - extent.least);
        for (int side : new int[] {1, -1}) {
            double tip = push.force() ? start : start + way * 6 * unit;
            double tail = tip - way * 5 * unit;
            double head = tip - way * 1.6 * unit;
            left = Math.min(left, Math.min(tip, tail));
            right = Math.max(right, Math.max(tip, tail));
            shapes.add(new Shape.Outline(
                    List.of(
                            at(tail, side * r + 0.35 * unit),
                            at(head, side * r + 0.35 * unit),
                            at(head, side * r + unit),
                            at(tip, side * r),
                            at(head, side * r - unit),
                            at(head, side * r - 0.35 * unit),
                            at(tail, side * r - 0.35 * unit)),
                    true,
                    Role.ANSWER,
                    Known.MEASURED));
        }
    }

    /** The numbers of the parts in a row beside the drawing, each with its line; how far they reach from the axis. */
    private double flags(double unit, Set<String> there) {
        List<String> codes = view.flags().keySet().stream()
                .filter(there::contains)
                .filter(extents::containsKey)
                .sorted(Comparator.comparingDouble(code -> of(code).top()))
                .toList();
        if (codes.isEmpty()) {
            return most;
        }
        double radius = 1.6 * unit;
        double gap = 2 * radius + 0.4 * unit;
        double row = most + 4 * unit;
        double[] x = codes.stream().mapToDouble(code -> of(code).top()).toArray();
        for (int i = 1; i < x.length; i++) {
            x[i] = Math.max(x[i], x[i - 1] + gap);
        }
        double over = Math.max(0, x[x.length - 1] - (right - radius));
        for (int i = x.length - 1; i >= 0; i--) {
            double limit = i == x.length - 1 ? x[i] - over : x[i + 1] - gap;
            x[i] = Math.min(x[i], limit);
        }
        for (int i = 0; i < x.length; i++) {
            Extent part = of(codes.get(i));
            double r = part.most - Math.min(unit, 0.3 * (part.most - part.least));
            shapes.add(Shape.line(Role.THIN, at(x[i], row - radius), at(part.top(), r)));
            shapes.add(new Shape.Circle(at(x[i], row), radius, Role.PAPER, Known.TABLE));
            shapes.add(new Shape.Circle(at(x[i], row), radius, Role.FRAME, Known.TABLE));
            Point middle = at(x[i], row);
            shapes.add(new Shape.Label(
                    Point.of(middle.x(), middle.y() + 0.7 * unit),
                    view.flags().getOrDefault(codes.get(i), ""),
                    "middle",
                    2 * unit,
                    Role.MARK));
        }
        left = Math.min(left, x[0] - radius);
        return row + radius;
    }

    private Extent of(String code) {
        return java.util.Objects.requireNonNull(extents.get(code));
    }
}
