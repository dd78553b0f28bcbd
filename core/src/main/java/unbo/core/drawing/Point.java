package unbo.core.drawing;

/** A place on the sheet, in the drawing's unit (mm of the thing drawn, where it is to scale); y grows downwards. */
public record Point(double x, double y) {

    public static Point of(double x, double y) {
        return new Point(x, y);
    }

    /** The point at {@code radius} from the origin, {@code degrees} counter-clockwise from straight up. */
    public static Point polar(double radius, double degrees) {
        double a = Math.toRadians(degrees);
        return new Point(-radius * Math.sin(a), -radius * Math.cos(a));
    }
}
