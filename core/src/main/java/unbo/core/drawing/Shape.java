package unbo.core.drawing;

import java.util.List;

/** A primitive of a drawing. */
public sealed interface Shape {

    /** Straight lines through points; closed ones are areas. */
    record Outline(List<Point> points, boolean closed, Role role, Known known) implements Shape {}

    /** A full circle. */
    record Circle(Point centre, double radius, Role role, Known known) implements Shape {}

    /**
     * Part of a circle about the origin, counter-clockwise from {@code fromDeg} to {@code toDeg}, both from straight
     * up.
     */
    record Arc(double radius, double fromDeg, double toDeg, Role role) implements Shape {}

    /** A short text. {@code anchor}: start, middle or end; {@code size} in the drawing's unit. */
    record Label(Point at, String text, String anchor, double size, Role role) implements Shape {}

    /** A dimension line between two points, with arrows and its value; extension lines reach to the points. */
    record Dimension(Point from, Point to, Point lineFrom, Point lineTo, String text, double size, Known known)
            implements Shape {}

    /** Shapes turned counter-clockwise about the origin; {@code name} lets a pointer turn them. */
    record Turned(String name, double degrees, List<Shape> shapes) implements Shape {}

    /** Shapes moved so that their origin stands at {@code to}. */
    record Moved(Point to, List<Shape> shapes) implements Shape {}

    /**
     * Shapes that turn about their origin, clockwise as seen where positive: turns of theirs in a turn of the shaft.
     * Still where nothing moves them.
     */
    record Spinning(double turns, List<Shape> shapes) implements Shape {}

    /**
     * Shapes of one part of what is drawn, so that it can be touched and told apart.
     *
     * @param part its code
     * @param title what it is, in words
     * @param now true where it is what is being done
     */
    record Tagged(String part, String title, boolean now, List<Shape> shapes) implements Shape {}

    static Outline area(Role role, Known known, Point... points) {
        return new Outline(List.of(points), true, role, known);
    }

    static Outline rectangle(Role role, Known known, double left, double top, double right, double bottom) {
        return area(
                role,
                known,
                Point.of(left, top),
                Point.of(right, top),
                Point.of(right, bottom),
                Point.of(left, bottom));
    }

    static Outline line(Role role, Point... points) {
        return new Outline(List.of(points), false, role, Known.TABLE);
    }
}
