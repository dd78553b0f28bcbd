package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import unbo.core.bearing.Bearing;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.running.BearingDrag;
import unbo.core.running.Candidate;
import unbo.core.running.DriveLine;
import unbo.core.running.HeatAtSpeed;

/** What is asked of heat at speed. */
public final class HeatAtSpeedFields {

    private static final int MOST_ROWS = 6;
    private static final Pattern LUBRICANT = Pattern.compile(
            "(grease|oil)\\s+(\\d+(?:[.,]\\d+)?)\\s*[/ ]\\s*(\\d+(?:[.,]\\d+)?)(?:\\s+([+−-]?\\d+(?:[.,]\\d+)?))?");

    /** Usual ones: a wheel bearing grease, and two gear oils at the right level. */
    private static final String USUAL = "grease 110 12\noil 100 11\noil 32 5.4";

    public static final FieldList<HeatAtSpeed.Input> LIST = FieldList.of(
            Stream.of(
                            List.of(
                                    BearingSpeedFields.road(),
                                    BearingSpeedFields.radius(),
                                    BearingSpeedFields.through()),
                            InsideFields.fields(),
                            List.of(
                                    Field.lines("others", "Beside it", 400)
                                            .hint("other bearings of the place, a number to a line"),
                                    Field.lines("lubricants", "Lubricants, the present one first", 400)
                                            .orElse(USUAL, "a wheel grease and two oils at the right level")
                                            .hint("a line each: grease or oil, mm²/s at 40 and at 100 °C; of oil its "
                                                    + "level over the middle of the lowest element, mm"),
                                    Field.quantity("loadN", "Radial load", Quantity.FORCE, "N", 0, 500_000)
                                            .usually(10, 50_000)
                                            .must(),
                                    Field.quantity("axialN", "Axial load", Quantity.FORCE, "N", 0, 500_000)
                                            .orElse("0", null),
                                    Field.quantity("ambientC", "Air around it", Quantity.TEMPERATURE, "°C", -40, 60)
                                            .orElse("20", "a mild day"),
                                    Field.quantity(
                                                    "conductance",
                                                    "A hub of 25 mm bore sheds, W a kelvin",
                                                    Quantity.RATIO,
                                                    "",
                                                    0.01,
                                                    100)
                                            .orElse("0.5", "a guide, a factor of two either way")))
                    .flatMap(List::stream)
                    .toList(),
            HeatAtSpeedFields::rules,
            HeatAtSpeedFields::make);

    private HeatAtSpeedFields() {}

    private static List<String> lines(String text) {
        return text.lines().map(String::strip).filter(line -> !line.isEmpty()).toList();
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(InsideFields.rules(v, false));
        DriveLine.refusal(v.text("through"))
                .ifPresent(sentence -> problems.add(Problem.impossible("through", sentence)));
        for (String number : lines(v.text("others"))) {
            refused(v.book().find(number), number)
                    .ifPresent(sentence -> problems.add(Problem.impossible("others", sentence)));
        }
        many(v, "others", problems);
        for (String line : lines(v.text("lubricants"))) {
            if (lubricant(line).isEmpty()) {
                problems.add(Problem.impossible(
                        "lubricants",
                        "“" + line + "”: write grease or oil, its mm²/s at 40 °C and at 100 °C, thinner when hot, "
                                + "and of oil its level in mm; for instance oil 68 8.7 +5."));
            }
        }
        many(v, "lubricants", problems);
        if (problems.isEmpty()
                && InsideFields.candidate(v).bearing().greasedForLife()
                && lines(v.text("lubricants")).stream().noneMatch(line -> line.startsWith("grease"))) {
            problems.add(Problem.impossible(
                    "lubricants",
                    InsideFields.candidate(v).name() + " is greased for life, and oil outside does not reach it: "
                            + "write its grease first."));
        }
        if (problems.isEmpty()) {
            candidates(v).stream()
                    .filter(candidate -> candidate.kind().axial() && v.number("axialN") <= 0)
                    .findFirst()
                    .ifPresent(candidate -> problems.add(new Problem(
                            "axialN", candidate.name() + " carries thrust only: write the axial load.", false)));
        }
        return problems;
    }

    private static void many(Values v, String box, List<Problem> problems) {
        if (lines(v.text(box)).size() > MOST_ROWS) {
            problems.add(Problem.impossible(box, "At most " + MOST_ROWS + " are compared at once."));
        }
    }

    private static Optional<String> refused(Bearing bearing, String number) {
        if (!bearing.recognised() || bearing.boreMm() == null || bearing.outsideMm() == null) {
            return Optional.of("“" + number + "” is not in the tables: write a number that is, or add it as your own.");
        }
        return bearing.inside().isEmpty()
                ? Optional.of("The inside of “" + number + "” is not known: it cannot be run here.")
                : Optional.empty();
    }

    private static Optional<HeatAtSpeed.Lubricant> lubricant(String line) {
        Matcher m = LUBRICANT.matcher(line);
        if (!m.matches()) {
            return Optional.empty();
        }
        double nu40 = number(m.group(2));
        double nu100 = number(m.group(3));
        boolean grease = m.group(1).equals("grease");
        boolean levelled = m.group(4) != null;
        if (nu40 < 2 || nu100 < 1 || nu100 >= nu40 || nu40 > 5000 || grease && levelled) {
            return Optional.empty();
        }
        return Optional.of(new HeatAtSpeed.Lubricant(line, grease, nu40, nu100, levelled ? number(m.group(4)) : 0));
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.').replace('−', '-'));
    }

    private static List<Candidate> candidates(Values v) {
        List<Candidate> candidates = new ArrayList<>();
        candidates.add(InsideFields.candidate(v));
        lines(v.text("others")).stream()
                .map(number -> Candidate.of(v.book().find(number)))
                .filter(other ->
                        candidates.stream().noneMatch(there -> there.name().equals(other.name())))
                .forEach(candidates::add);
        return candidates;
    }

    private static HeatAtSpeed.Input make(Values v) {
        double turns = v.number("speedKmh") * 1000 / 60 / (2 * Math.PI * v.number("rollingRadiusM"));
        return new HeatAtSpeed.Input(
                v.number("speedKmh"),
                turns * DriveLine.of(v.text("through")).ratio(),
                new BearingDrag.Input.Load(v.number("loadN"), v.number("axialN")),
                v.number("ambientC"),
                v.number("conductance"),
                candidates(v),
                lines(v.text("lubricants")).stream()
                        .map(HeatAtSpeedFields::lubricant)
                        .flatMap(Optional::stream)
                        .distinct()
                        .toList());
    }
}
