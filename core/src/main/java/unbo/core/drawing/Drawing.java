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

    public Drawing {
        shapes = List.copyOf(shapes);
    }
}
