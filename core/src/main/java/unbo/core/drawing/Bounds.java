package unbo.core.drawing;

import java.util.List;

/** The smallest upright rectangle about shapes; words are left out. */
final class Bounds {

    private static final int STEP_DEG = 5;

    private double left = Double.MAX_VALUE;
    private double top = Double.MAX_VALUE;
    private double right = -Double.MAX_VALUE;
    private double bottom = -Double.MAX_VALUE;

    /** Where the shapes that are being added stand: moved, then turned about their origin. */
    private record Place(double x, double y, double degrees) {

        Point of(double px, double py) {
            double a = -Math.toRadians(degrees);
            return Point.of(x + px * Math.cos(a) - py * Math.sin(a), y + px * Math.sin(a) + py * Math.cos(a));
        }
    }

    static Bounds of(List<Shape> shapes) {
        Bounds bounds = new Bounds();
        bounds.add(shapes, new Place(0, 0, 0));
        return bounds;
    }

    private void add(List<Shape> shapes, Place place) {
        shapes.forEach(shape -> add(shape, place));
    }

    private void add(Shape shape, Place place) {
        if (shape instanceof Shape.Outline outline) {
            outline.points().forEach(p -> add(place.of(p.x(), p.y())));
        } else if (shape instanceof Shape.Circle circle) {
            round(circle.centre(), circle.radius(), 0, 360, place);
        } else if (shape instanceof Shape.Arc arc) {
            round(Point.of(0, 0), arc.radius(), arc.fromDeg(), arc.toDeg(), place);
        } else if (shape instanceof Shape.Turned turned) {
            add(turned.shapes(), new Place(place.x(), place.y(), place.degrees() + turned.degrees()));
        } else if (shape instanceof Shape.Moved moved) {
            Point to = place.of(moved.to().x(), moved.to().y());
            add(moved.shapes(), new Place(to.x(), to.y(), place.degrees()));
        } else if (shape instanceof Shape.Spinning spinning) {
            add(spinning.shapes(), place);
        } else if (shape instanceof Shape.Tagged tagged) {
            add(tagged.shapes(), place);
        }
    }

    private void round(Point centre, double radius, double fromDeg, double toDeg, Place place) {
        for (double a = fromDeg; a <= toDeg; a += STEP_DEG) {
            Point p = Point.polar(radius, a);
            add(place.of(centre.x() + p.x(), centre.y() + p.y()));
        }
    }

    private void add(Point p) {
        left = Math.min(left, p.x());
        top = Math.min(top, p.y());
        right = Math.max(right, p.x());
        bottom = Math.max(bottom, p.y());
    }

    boolean empty() {
        return left > right;
    }

    double left() {
        return left;
    }

    double top() {
        return top;
    }

    double width() {
        return right - left;
    }

    double height() {
        return bottom - top;
    }
}
