package unbo.app.vehicle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

import unbo.core.drawing.Drawing;
import unbo.core.tools.vehicle.PlacesDrawing;
import unbo.core.tools.vehicle.Spot;

/**
 * The positions of a vehicle on its drawing, and beside it those that it does not show.
 *
 * @param spots in the order of the drawing
 * @param others of the workshop's own naming, or of an axle that the vehicle no longer has
 */
public record PlacesPlan(Drawing drawing, List<Touch> spots, List<Touch> others) {

    public PlacesPlan {
        spots = List.copyOf(spots);
        others = List.copyOf(others);
    }

    /**
     * A position that can be touched.
     *
     * @param side left or right: the edge of the sheet that its name stands at; empty for one that is not drawn
     * @param row how far down that edge, in hundredths, by twos: a class of the style sheet
     * @param state what is said of it, in a few words; may be empty
     */
    public record Touch(long id, String code, String label, String side, int row, String state) {}

    /** @param state what is said of a position */
    public static PlacesPlan of(Vehicle vehicle, Function<Position, String> state) {
        Drawing drawing = PlacesDrawing.of(vehicle.kind(), vehicle.axles());
        List<Spot> drawn = Spot.of(vehicle.kind(), vehicle.axles());
        List<Touch> spots = new ArrayList<>();
        for (Spot spot : drawn) {
            Optional<Position> position = vehicle.position(spot.position());
            position.ifPresent(there -> spots.add(new Touch(
                    there.id(),
                    there.code(),
                    there.label(),
                    spot.words().side() < 0 ? "left" : "right",
                    2 * (int) Math.round(50 * (spot.words().row() - drawing.top()) / drawing.height()),
                    state.apply(there))));
        }
        List<Touch> others = vehicle.positions().stream()
                .filter(position -> !position.unknown())
                .filter(position ->
                        drawn.stream().noneMatch(spot -> spot.position().equals(position.code())))
                .map(position ->
                        new Touch(position.id(), position.code(), position.label(), "", 0, state.apply(position)))
                .toList();
        return new PlacesPlan(drawing, spots, others);
    }
}
