package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.motion.Friction;
import unbo.core.running.BearingDrag;
import unbo.core.running.BearingWorth;
import unbo.core.running.Candidate;

/** What is asked of what an upgrade is worth. */
public final class BearingWorthFields {

    private static final int LONGEST = 800;
    private static final String LINE = "one to a line: name; seals (none, low drag, light, contact); steel or hybrid; "
            + "price each; hours of service a year";

    public static final FieldList<BearingWorth.Input> LIST = FieldList.of(
            Stream.of(
                            InsideFields.fields(),
                            BearingDragFields.duty(),
                            List.of(
                                    Field.whole("bearings", "How many are changed", 1, 100)
                                            .orElse("1", null),
                                    Field.lines("candidates", "Candidates, the fitted one first", LONGEST)
                                            .must()
                                            .hint(LINE),
                                    Field.lines("alternatives", "Instead of it", LONGEST)
                                            .hint("one to a line: name; watts saved; price"),
                                    Field.quantity("hoursAYear", "Runs a year", Quantity.RUNNING_TIME, "h", 1, 9000)
                                            .usually(20, 3000)
                                            .must(),
                                    Field.quantity("kmAYear", "Goes a year", Quantity.DISTANCE, "km", 1, 500_000)
                                            .usually(200, 60_000)
                                            .must(),
                                    Field.quantity("hourly", "An hour's work", Quantity.RATIO, "", 0, 1000)
                                            .usually(15, 150)
                                            .orElse("50", null),
                                    Field.quantity(
                                                    "kwhPrice",
                                                    "A kilowatt-hour at the wheel",
                                                    Quantity.RATIO,
                                                    "",
                                                    0,
                                                    100)
                                            .usually(0.05, 2)
                                            .orElse("0.3", "electric; of a rider nothing: 0"),
                                    Field.quantity("years", "Kept for, years", Quantity.RATIO, "", 0.1, 50)
                                            .usually(0.5, 15)
                                            .orElse("3", null),
                                    Field.quantity("rate", "Interest a year, share", Quantity.RATIO, "", 0, 0.5)
                                            .usually(0, 0.12)
                                            .orElse("0", null)
                                            .seldom()))
                    .flatMap(List::stream)
                    .toList(),
            BearingWorthFields::rules,
            BearingWorthFields::make);

    private BearingWorthFields() {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(BearingDragFields.rules(v));
        List<String> lines = lines(v.text("candidates"));
        if (lines.size() < 2) {
            problems.add(Problem.impossible(
                    "candidates", "Write at least two: the one that is fitted, and the one it is compared with."));
        }
        for (int i = 0; i < lines.size(); i++) {
            if (choice(lines.get(i)).isEmpty()) {
                problems.add(new Problem(
                        "candidates",
                        "Line " + (i + 1) + ", “" + lines.get(i)
                                + "”: write name; seals; steel or hybrid; price; hours a year.",
                        false));
            }
        }
        List<String> others = lines(v.text("alternatives"));
        for (int i = 0; i < others.size(); i++) {
            if (alternative(others.get(i)).isEmpty()) {
                problems.add(new Problem(
                        "alternatives",
                        "Line " + (i + 1) + ", “" + others.get(i) + "”: write name; watts saved; price.",
                        false));
            }
        }
        return problems;
    }

    private static List<String> lines(String text) {
        return text.lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
    }

    private static Optional<BearingWorth.Alternative> alternative(String line) {
        String[] parts = line.split(";");
        if (parts.length != 3 || parts[0].isBlank()) {
            return Optional.empty();
        }
        Optional<Double> watts = number(parts[1]);
        Optional<Double> price = number(parts[2]);
        return watts.isEmpty() || price.isEmpty()
                ? Optional.empty()
                : Optional.of(new BearingWorth.Alternative(parts[0].strip(), watts.get(), price.get()));
    }

    private static BearingWorth.Input make(Values v) {
        Candidate b = InsideFields.candidate(v);
        BearingDrag.Input duty = BearingDragFields.input(
                v, b, Friction.Seals.NONE, false, 0, BearingDrag.GUIDE_W_K * b.boreMm() / BearingDrag.GUIDE_BORE_MM);
        return new BearingWorth.Input(
                duty,
                v.whole("bearings"),
                lines(v.text("candidates")).stream()
                        .map(l -> choice(l).orElseThrow())
                        .toList(),
                lines(v.text("alternatives")).stream()
                        .map(l -> alternative(l).orElseThrow())
                        .toList(),
                new BearingWorth.Input.Use(v.number("hoursAYear"), v.number("kmAYear")),
                new BearingWorth.Input.Prices(
                        v.number("hourly"), v.number("kwhPrice"), v.number("years"), v.number("rate")));
    }

    private static Optional<BearingWorth.Choice> choice(String line) {
        String[] parts = line.split(";");
        String seals = parts.length == 5 ? parts[1].strip().replaceFirst("^low[ -]drag$", "low-drag") : "";
        if (parts.length != 5
                || parts[0].isBlank()
                || !seals.matches("none|low-drag|light|contact")
                || !parts[2].strip().matches("steel|hybrid")) {
            return Optional.empty();
        }
        Optional<Double> price = number(parts[3]);
        Optional<Double> hours = number(parts[4]);
        return price.isEmpty() || hours.isEmpty()
                ? Optional.empty()
                : Optional.of(new BearingWorth.Choice(
                        parts[0].strip(),
                        InsideFields.seals(seals).orElseThrow(),
                        parts[2].strip().equals("hybrid"),
                        price.get(),
                        hours.get()));
    }

    private static Optional<Double> number(String text) {
        String plain = text.strip().replace(',', '.');
        return plain.matches("\\d{1,6}(\\.\\d{1,4})?") ? Optional.of(Double.valueOf(plain)) : Optional.empty();
    }
}
