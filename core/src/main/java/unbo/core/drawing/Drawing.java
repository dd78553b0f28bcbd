package unbo.core.drawing;

import java.util.List;

/**
 * A drawing as shapes with roles, free of any page: the application turns it into SVG.
 *
 * @param name stable name, for its element on the page
 * @param title what it shows, read out to those who do not see it
 */
public record Drawing(
        String name, String title, double left, double top, double width, double height, List<Shape> shapes) {

    private static final double MARGIN = 0.03;

    public Drawing {
        shapes = List.copyOf(shapes);
    }

    /**
     * The same without words and dimensions, cropped to what is left: a small picture of it.
     *
     * @param as the picture's own name
     */
    public Drawing picture(String as) {
        List<Shape> silent = silent(shapes);
        Bounds bounds = Bounds.of(silent);
        if (bounds.empty()) {
            return new Drawing(as, title, left, top, width, height, silent);
        }
        double margin = MARGIN * Math.max(bounds.width(), bounds.height());
        return new Drawing(
                as,
                title,
                bounds.left() - margin,
                bounds.top() - margin,
                bounds.width() + 2 * margin,
                bounds.height() + 2 * margin,
                silent);
    }

    private static List<Shape> silent(List<Shape> all) {
        return all.stream()
                .filter(shape -> !(shape instanceof Shape.Label) && !(shape instanceof Shape.Dimension))
                .map(Drawing::silent)
                .toList();
    }

    private static Shape silent(Shape shape) {
        if (shape instanceof Shape.Turned turned) {
            return new Shape.Turned(turned.name(), turned.degrees(), silent(turned.shapes()));
        }
        if (shape instanceof Shape.Moved moved) {
            return new Shape.Moved(moved.to(), silent(moved.shapes()));
        }
        if (shape instanceof Shape.Spinning spinning) {
            return new Shape.Spinning(spinning.turns(), silent(spinning.shapes()));
        }
        return shape instanceof Shape.Tagged tagged
                ? new Shape.Tagged(tagged.part(), tagged.title(), tagged.now(), silent(tagged.shapes()))
                : shape;
    }
}
