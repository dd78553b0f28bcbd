package unbo.core.tools.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;

/** Where a part of a section stands, told by a shape of its own upon it: never by colour alone. */
public enum PartMark {
    BAD("bad", "◆"),
    NEW("goes in new", "▲"),
    UNSEEN("not looked at yet", "○");

    /** Size of a mark as a share of the drawing's width. */
    private static final double SHARE = 0.014;

    private static final double ROUND = 0.75;

    private final String words;
    private final String sign;

    PartMark(String words, String sign) {
        this.words = words;
        this.sign = sign;
    }

    public String words() {
        return words;
    }

    /** The shape as a character, for the line that explains it. */
    public String sign() {
        return sign;
    }

    /** A drawing with marks upon its parts: each in the middle of the uppermost area of its part. */
    static Drawing on(Drawing drawing, Map<String, PartMark> marks) {
        double size = SHARE * drawing.width();
        List<Shape> shapes = new ArrayList<>();
        for (Shape shape : drawing.shapes()) {
            if (shape instanceof Shape.Tagged tagged && marks.containsKey(tagged.part())) {
                List<Shape> with = new ArrayList<>(tagged.shapes());
                uppermost(tagged.shapes())
                        .ifPresent(at -> with.addAll(marks.get(tagged.part()).shapes(at, size)));
                shapes.add(new Shape.Tagged(tagged.part(), tagged.title(), tagged.now(), with));
            } else {
                shapes.add(shape);
            }
        }
        return new Drawing(
                drawing.name(),
                drawing.title(),
                drawing.left(),
                drawing.top(),
                drawing.width(),
                drawing.height(),
                shapes);
    }

    /** Middle of the uppermost closed area; empty where a part has none. */
    static Optional<Point> uppermost(List<Shape> shapes) {
        Point best = null;
        for (Shape shape : shapes) {
            if (shape instanceof Shape.Outline outline && outline.closed()) {
                Point middle = middle(outline.points());
                if (best == null || middle.y() < best.y()) {
                    best = middle;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static Point middle(List<Point> points) {
        double left = points.stream().mapToDouble(Point::x).min().orElseThrow();
        double right = points.stream().mapToDouble(Point::x).max().orElseThrow();
        double top = points.stream().mapToDouble(Point::y).min().orElseThrow();
        double bottom = points.stream().mapToDouble(Point::y).max().orElseThrow();
        return Point.of((left + right) / 2, (top + bottom) / 2);
    }

    private List<Shape> shapes(Point at, double size) {
        return switch (this) {
            case BAD -> List.of(corners(at, size, 0, 90, 180, 270));
            case NEW -> List.of(corners(at, size, 0, 120, 240));
            case UNSEEN -> List.of(new Shape.Circle(at, ROUND * size, Role.PART, Known.TABLE));
        };
    }

    private static Shape corners(Point at, double size, double... degrees) {
        Point[] points = new Point[degrees.length];
        for (int i = 0; i < degrees.length; i++) {
            Point corner = Point.polar(size, degrees[i]);
            points[i] = Point.of(at.x() + corner.x(), at.y() + corner.y());
        }
        return Shape.area(Role.SIGN, Known.TABLE, points);
    }
}
