package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Something that a vehicle went through, as lists and the strip show it.
 *
 * @param where empty for the whole vehicle
 * @param immersion number of the day under water; null for what is none
 */
public record EventLine(LocalDate day, String what, String much, String where, int hard, String note, Long immersion) {

    private static final int USUAL = 2;
    private static final int MANY = 3;

    /** Events and immersions, the newest first. */
    public static List<EventLine> of(Vehicle vehicle, List<VehicleEvent> events, List<Immersion> immersions) {
        Map<Long, String> labels =
                vehicle.positions().stream().collect(Collectors.toMap(Position::id, Position::label));
        return Stream.concat(
                        events.stream()
                                .map(event -> new EventLine(
                                        event.day(),
                                        event.label(),
                                        event.much(vehicle.counterUnit()),
                                        event.positionId() == null ? "" : labels.getOrDefault(event.positionId(), ""),
                                        event.hard(),
                                        event.note(),
                                        null)),
                        immersions.stream()
                                .map(in -> new EventLine(
                                        in.day(),
                                        "under water",
                                        in.times() > 1 ? in.times() + " times" : "",
                                        "",
                                        in.times() >= MANY ? MANY : USUAL,
                                        in.note(),
                                        in.id())))
                .sorted(Comparator.comparing(EventLine::day).reversed())
                .toList();
    }
}
