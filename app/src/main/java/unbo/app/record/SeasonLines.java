package unbo.app.record;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleEvent;
import unbo.core.measure.Show;

/** The positions of a vehicle as lines of a season: what each is due by, and what it has on it already. */
final class SeasonLines {

    private SeasonLines() {}

    /** One line for each position that is due by something; empty where none is. */
    static String of(Vehicle vehicle, List<VehicleEvent> events, LocalDate today) {
        Double now = Stream.concat(
                        vehicle.positions().stream().map(Position::lastCounter),
                        events.stream().map(event -> event.told().counter()))
                .filter(Objects::nonNull)
                .max(Double::compare)
                .orElse(null);
        return vehicle.positions().stream()
                .filter(position -> !position.unknown() && position.lastWorkedOn() != null)
                .flatMap(position -> line(position, vehicle.counterUnit(), now, today))
                .collect(Collectors.joining("\n"));
    }

    private static Stream<String> line(Position at, String unit, Double now, LocalDate today) {
        LocalDate served = at.lastWorkedOn();
        Double far = at.dueCounter() == null || at.lastCounter() == null ? null : at.dueCounter() - at.lastCounter();
        Double gone = far == null || now == null ? null : now - at.lastCounter();
        Double months = at.dueOn() == null ? null : Double.valueOf(ChronoUnit.MONTHS.between(served, at.dueOn()));
        if (far == null && at.dueImmersions() == null && (months == null || months < 1)) {
            return Stream.empty();
        }
        boolean hours = unit.equals("h");
        List<Double> cells = new ArrayList<>();
        cells.add(hours ? null : far);
        cells.add(hours ? far : null);
        cells.add(null);
        cells.add(at.dueImmersions() == null ? null : Double.valueOf(at.dueImmersions()));
        cells.add(months);
        cells.add(hours ? null : gone);
        cells.add(hours ? gone : null);
        cells.add(null);
        cells.add((double) at.immersed());
        cells.add((double) Math.max(0, ChronoUnit.MONTHS.between(served, today)));
        return Stream.of(at.label().replace(';', ',') + "; "
                + cells.stream()
                        .map(cell -> cell == null || cell <= 0 ? "" : Show.number(cell, 0))
                        .collect(Collectors.joining("; ")));
    }
}
