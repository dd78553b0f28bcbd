package unbo.core.tools.vehicle;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleKind;

/** A vehicle from above with the places where its bearings are, each joined by a line to the edge where its name is. */
public final class PlacesDrawing {

    /** How much of the sheet's width, at either side, is kept for names. */
    public static final double NAMES = 0.27;

    /** The sheet's width: room for the vehicle, and for names beside it. */
    private static final double WIDE = 520;

    private PlacesDrawing() {}

    /** @param axles of a trailer; of others it does not matter */
    public static Drawing of(String kind, int axles) {
        VehicleOutline.Outline outline = VehicleOutline.of(kind, axles);
        VehicleOutline.Frame frame = outline.frame();
        List<Shape> shapes = new ArrayList<>(outline.shapes());
        for (Spot spot : Spot.of(kind, axles)) {
            shapes.add(new Shape.Tagged(
                    spot.position(),
                    Place.of(kind, spot.position()).map(Place::label).orElse(spot.position()),
                    false,
                    drawn(spot)));
        }
        return new Drawing(
                "places",
                "The " + VehicleKind.find(kind).map(VehicleKind::label).orElse(kind) + " from above, with its places",
                -WIDE / 2,
                frame.top(),
                WIDE,
                frame.height(),
                shapes);
    }

    private static List<Shape> drawn(Spot spot) {
        double x = spot.at().x();
        double y = spot.at().y();
        double half = spot.width() / 2;
        double tall = spot.height() / 2;
        Point[] corners = {
            Point.of(x - half, y - tall),
            Point.of(x + half, y - tall),
            Point.of(x + half, y + tall),
            Point.of(x - half, y + tall)
        };
        int side = spot.words().side();
        double row = spot.words().row();
        double edge = side * WIDE * (0.5 - NAMES);
        double from = Math.max(y - tall, Math.min(y + tall, row));
        return List.of(
                Shape.area(Role.PAPER, Known.TABLE, corners),
                new Shape.Outline(List.of(corners), true, Role.FRAME, Known.TABLE),
                Shape.line(Role.THIN, Point.of(x + side * half, from), Point.of(edge, row)));
    }
}
