package unbo.core.tools.diagnosing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.diagnosis.CheckOrder;
import unbo.core.diagnosis.DiagnosisInput;
import unbo.core.diagnosis.HubType;
import unbo.core.diagnosis.Observation;
import unbo.core.diagnosis.Observations;
import unbo.core.diagnosis.Priors;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.vehicle.Place;

/** What is asked to diagnose: the vehicle, what it goes through, and the results so far. */
public final class DiagnosisFields {

    /** The kinds of vehicle that can be diagnosed. */
    public static final List<Field.Choice> VEHICLES = List.of(
            new Field.Choice("car", "car"),
            new Field.Choice("van", "van"),
            new Field.Choice("motorcycle", "motorcycle, scooter"),
            new Field.Choice("bicycle", "bicycle"),
            new Field.Choice("trailer", "trailer"));

    public static final FieldList<DiagnosisInput> LIST = FieldList.of(
            List.of(
                    Field.choice("vehicle", "Vehicle", VEHICLES)
                            .from(FactKey.VEHICLE_KIND)
                            .must(),
                    Field.whole("axles", "Axles of a trailer", 1, Place.MOST_AXLES)
                            .hint("one, unless a result names another"),
                    Field.choice("hubType", "Hubs", HubType.choices()).hint("how they carry their bearings"),
                    Field.text("checks", "Results", 4000).hint("check@position=result, parted by blanks"),
                    Field.text("circumstances", "It goes through", 200)
                            .hint(Priors.circumstances().stream()
                                    .map(Field.Choice::code)
                                    .collect(Collectors.joining(", "))),
                    Field.text("position", "Complained of at", 30).hint("code of the position, where it is known"),
                    Field.quantity("distanceKm", "Run since looked after", Quantity.DISTANCE, "km", 0, 2_000_000),
                    Field.quantity("years", "Years since then", Quantity.RATIO, "", 0, 100),
                    Field.text("failures", "Bearings failed before", 200).hint("position=times, parted by blanks"),
                    Field.text("complaint", "Complaint", 500),
                    Field.yesNo("loaded", "Runs loaded or fast").hint("a trailer: one step more urgent"),
                    Field.choice("order", "Next check by", CheckOrder.choices()).orElse("doubt", null)),
            DiagnosisFields::rules,
            DiagnosisFields::make);

    private DiagnosisFields() {}

    /** What a vehicle can go through, as choices. */
    public static List<Field.Choice> circumstances() {
        return Priors.circumstances();
    }

    private static List<Problem> rules(Values v) {
        String vehicle = v.text("vehicle");
        List<Problem> problems = new ArrayList<>(
                Observations.read("checks", v.text("checks"), vehicle).problems());
        List<String> known =
                Priors.circumstances().stream().map(Field.Choice::code).toList();
        words(v.text("circumstances")).stream()
                .filter(c -> !known.contains(c))
                .forEach(c -> problems.add(new Problem(
                        "circumstances", "“" + c + "” is not one of " + String.join(", ", known) + ".", false)));
        String position = v.text("position");
        if (!position.isBlank() && Place.of(vehicle, position).isEmpty()) {
            problems.add(Problem.impossible("position", noPosition(vehicle, position)));
        }
        for (String failure : words(v.text("failures"))) {
            if (!failure.matches("[a-z0-9-]+=\\d{1,3}")) {
                problems.add(new Problem(
                        "failures",
                        "“" + failure + "” cannot be read: write position=times, for instance "
                                + Place.of(vehicle).get(0).code() + "=2.",
                        false));
            } else if (Place.of(vehicle, failure.replaceFirst("=.*", "")).isEmpty()) {
                problems.add(Problem.impossible("failures", noPosition(vehicle, failure.replaceFirst("=.*", ""))));
            }
        }
        return problems;
    }

    private static String noPosition(String vehicle, String position) {
        return "A " + vehicle + " has no position “" + position + "”: it has "
                + Place.of(vehicle).stream().map(Place::code).collect(Collectors.joining(", ")) + ".";
    }

    private static DiagnosisInput make(Values v) {
        String vehicle = v.text("vehicle");
        List<Observation> seen =
                Observations.read("checks", v.text("checks"), vehicle).seen();
        String position =
                v.text("position").isBlank() || v.text("position").equals(Place.UNKNOWN) ? null : v.text("position");
        return new DiagnosisInput(
                new DiagnosisInput.Machine(
                        vehicle,
                        axles(v, seen, position),
                        HubType.find(v.text("hubType")).orElse(HubType.usual(vehicle))),
                seen,
                words(v.text("circumstances")),
                position,
                new DiagnosisInput.Past(v.maybe("distanceKm"), v.maybe("years"), failures(v.text("failures"))),
                v.text("complaint"),
                v.yes("loaded"),
                CheckOrder.of(v.text("order")).orElse(CheckOrder.DOUBT));
    }

    private static int axles(Values v, List<Observation> seen, @Nullable String position) {
        int named = Stream.concat(seen.stream().map(Observation::position), Stream.ofNullable(position))
                .filter(Objects::nonNull)
                .mapToInt(Place::axle)
                .max()
                .orElse(0);
        return Math.max(1, Math.max(named, v.has("axles") ? v.whole("axles") : 1));
    }

    private static Map<String, Integer> failures(String text) {
        Map<String, Integer> failures = new HashMap<>();
        words(text)
                .forEach(entry ->
                        failures.put(entry.replaceFirst("=.*", ""), Integer.valueOf(entry.replaceFirst(".*=", ""))));
        return failures;
    }

    private static List<String> words(String text) {
        return text.isBlank()
                ? List.of()
                : Arrays.stream(text.strip().split("[;,\\s]+")).toList();
    }
}
