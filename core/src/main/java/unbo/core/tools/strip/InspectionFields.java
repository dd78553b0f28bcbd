package unbo.core.tools.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import unbo.core.assembly.BearingPlaces;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.inspect.Compound;
import unbo.core.inspect.Inspection;
import unbo.core.inspect.Seat;
import unbo.core.measure.Show;

/** What is asked of Inspect. */
public final class InspectionFields {

    private static final String REMEDY = "remedy";
    private static final List<String> SHARED = List.of("designation");

    /** The map's fields, the seat's, which bearing, and what was found before. */
    public static final FieldList<Inspection.Input> LIST = FieldList.of(
            fields(),
            InspectionFields::rules,
            v -> new Inspection.Input(
                    v.text("which"),
                    RaceMapFields.make(v),
                    SeatFields.asked(v) ? SeatFields.make(v) : null,
                    v.text(REMEDY),
                    v.text("past")));

    private InspectionFields() {}

    private static List<Field> fields() {
        Stream<Field> seat = SeatFields.fields().stream().filter(f -> !SHARED.contains(f.name()));
        return Stream.of(
                        Stream.of(BearingPlaces.field()),
                        RaceMapFields.fields().stream(),
                        seat,
                        Stream.of(
                                Field.choice(REMEDY, "Seat put right by", Inspection.REMEDIES)
                                        .hint("nothing is begun before it is chosen"),
                                Field.text("past", "Found here before", 500)))
                .flatMap(s -> s)
                .toList();
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(RaceMapFields.rules(v));
        if (SeatFields.asked(v)) {
            problems.addAll(SeatFields.rules(v));
        }
        if (v.text(REMEDY).equals(Inspection.COMPOUND) && problems.isEmpty()) {
            compound(v).ifPresent(problems::add);
        }
        return problems;
    }

    /** Why compound cannot be the remedy; empty where it can. */
    private static Optional<Problem> compound(Values v) {
        if (!SeatFields.asked(v)) {
            return Optional.of(Problem.impossible(REMEDY, "Compound is chosen by the gap: measure the seat first."));
        }
        Seat seat = Seat.of(SeatFields.make(v));
        if (seat.gapMm() <= 0) {
            return Optional.of(Problem.impossible(
                    REMEDY, "This seat has no gap that compound could fill: leave it, or choose another remedy."));
        }
        return Compound.of(seat.gapMm()).isPresent()
                ? Optional.empty()
                : Optional.of(Problem.impossible(
                        REMEDY,
                        "The gap of up to " + Show.play(seat.gapMm())
                                + " is wider than any compound bridges (0.5 mm): sleeve or renew."));
    }
}
