package unbo.core.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.motion.Friction;
import unbo.core.worksheet.Worksheet;

/**
 * Is an upgrade worth its price? The friction power of each candidate at this duty by the friction model, what it saves
 * against the first, its price and the work it asks for a year; beside it the plain alternatives with their own watts.
 * Nothing is claimed beyond the computed watts.
 *
 * @param costs one for each candidate, in order; the first is what is fitted now
 */
public record WorthQuestion(Input input, List<Cost> costs) {

    /** A candidate. @param hours of service a year */
    public record Choice(String name, Friction.Seals seals, boolean hybrid, double price, double hours) {}

    /** Something else that saves watts. */
    public record Alternative(String name, double savedW, double price) {}

    /** @param bearings how many are changed */
    public record Input(
            FrictionQuestion.Input duty,
            int bearings,
            List<Choice> choices,
            List<Alternative> alternatives,
            Use use,
            Prices prices) {
        /** How much it runs. */
        public record Use(double hoursAYear, double kmAYear) {}

        /** What things cost, over how many years. */
        public record Prices(double hourly, double kwhPrice, double years) {}

        public double hoursAYear() {
            return use.hoursAYear();
        }

        public double kmAYear() {
            return use.kmAYear();
        }

        public double hourly() {
            return prices.hourly();
        }

        public double kwhPrice() {
            return prices.kwhPrice();
        }

        public double years() {
            return prices.years();
        }
    }

    /**
     * What a candidate comes to.
     *
     * @param savedW against the first; negative where it drags more
     * @param perWatt extra cost over the years for each watt saved; null where none is saved
     * @param yearly service and energy a year
     * @param yearsToPay until its extra price is back; null where it never is
     */
    public record Cost(
            Choice choice,
            double watts,
            double savedW,
            double yearly,
            double per1000Km,
            @Nullable Double perWatt,
            @Nullable Double yearsToPay) {}

    private static final int LONGEST = 800;
    private static final String LINE = "one to a line: name; seals (none, low-drag, light, contact); steel or hybrid; "
            + "price each; hours of service a year";

    public static final FieldList<Input> LIST = FieldList.of(
            Stream.of(
                            InsideFields.fields(),
                            FrictionQuestion.duty(),
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
                                            .orElse("3", null)))
                    .flatMap(List::stream)
                    .toList(),
            WorthQuestion::rules,
            WorthQuestion::make);

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(InsideFields.rules(v, false));
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

    private static Optional<Choice> choice(String line) {
        String[] parts = line.split(";");
        if (parts.length != 5
                || parts[0].isBlank()
                || !parts[1].strip().matches("none|low-drag|light|contact")
                || !parts[2].strip().matches("steel|hybrid")) {
            return Optional.empty();
        }
        Optional<Double> price = number(parts[3]);
        Optional<Double> hours = number(parts[4]);
        return price.isEmpty() || hours.isEmpty()
                ? Optional.empty()
                : Optional.of(new Choice(
                        parts[0].strip(),
                        InsideFields.seals(parts[1].strip()).orElseThrow(),
                        parts[2].strip().equals("hybrid"),
                        price.get(),
                        hours.get()));
    }

    private static Optional<Alternative> alternative(String line) {
        String[] parts = line.split(";");
        if (parts.length != 3 || parts[0].isBlank()) {
            return Optional.empty();
        }
        Optional<Double> watts = number(parts[1]);
        Optional<Double> price = number(parts[2]);
        return watts.isEmpty() || price.isEmpty()
                ? Optional.empty()
                : Optional.of(new Alternative(parts[0].strip(), watts.get(), price.get()));
    }

    private static Optional<Double> number(String text) {
        String plain = text.strip().replace(',', '.');
        return plain.matches("\\d{1,6}(\\.\\d{1,4})?") ? Optional.of(Double.valueOf(plain)) : Optional.empty();
    }

    private static Input make(Values v) {
        Candidate b = InsideFields.candidate(v);
        FrictionQuestion.Input duty = FrictionQuestion.input(
                v,
                b,
                Friction.Seals.NONE,
                false,
                0,
                FrictionQuestion.GUIDE_W_K * b.boreMm() / FrictionQuestion.GUIDE_BORE_MM);
        return new Input(
                duty,
                v.whole("bearings"),
                lines(v.text("candidates")).stream()
                        .map(l -> choice(l).orElseThrow())
                        .toList(),
                lines(v.text("alternatives")).stream()
                        .map(l -> alternative(l).orElseThrow())
                        .toList(),
                new Input.Use(v.number("hoursAYear"), v.number("kmAYear")),
                new Input.Prices(v.number("hourly"), v.number("kwhPrice"), v.number("years")));
    }

    public static WorthQuestion of(Input in) {
        List<Cost> costs = new ArrayList<>();
        double fittedW = 0;
        double fittedYearly = 0;
        double fittedTotal = 0;
        for (int i = 0; i < in.choices().size(); i++) {
            Choice c = in.choices().get(i);
            double watts = in.bearings()
                    * FrictionQuestion.of(in.duty().with(c.seals(), c.hybrid())).powerW();
            double yearly = c.hours() * in.hourly() + watts / 1000 * in.hoursAYear() * in.kwhPrice();
            double price = in.bearings() * c.price();
            double total = price + yearly * in.years();
            if (i == 0) {
                fittedW = watts;
                fittedYearly = yearly;
                fittedTotal = total;
            }
            double saved = fittedW - watts;
            double extra = price - in.bearings() * in.choices().get(0).price();
            Double perWatt = i > 0 && saved > 1e-9 ? Double.valueOf((total - fittedTotal) / saved) : null;
            Double pays = i > 0 && fittedYearly > yearly + 1e-9
                    ? Double.valueOf(Math.max(0, extra) / (fittedYearly - yearly))
                    : null;
            costs.add(new Cost(
                    c, watts, saved, yearly, (price / in.years() + yearly) / in.kmAYear() * 1000, perWatt, pays));
        }
        return new WorthQuestion(in, List.copyOf(costs));
    }

    /** The candidate that saves most; the fitted one where none saves. */
    private Cost best() {
        return costs.stream()
                .reduce((a, b) -> b.savedW() > a.savedW() + 1e-12 ? b : a)
                .orElseThrow();
    }

    /** It in print. */
    public Answer answer() {
        Cost best = best();
        List<Answer.Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        if (best.savedW() <= 0) {
            figures.add(new Answer.Figure("saves", "nothing", "", "the fitted one drags least"));
            findings.add(new Finding(
                    "worth-not", Level.WATCH, "None of the others drags less than the fitted one at this duty."));
        } else {
            figures.add(new Answer.Figure(
                    "saves at most",
                    Show.number(best.savedW(), 2),
                    "W",
                    best.choice().name()));
            figures.add(new Answer.Figure(
                    "a watt costs",
                    requireNonNull(best.perWatt()) <= 0
                            ? "nothing"
                            : Show.number(best.perWatt(), best.perWatt() < 100 ? 1 : 0),
                    "",
                    "over " + Show.number(input.years(), 1) + " years, price and service"));
            figures.add(new Answer.Figure(
                    "pays for itself",
                    best.yearsToPay() == null ? "never" : Show.number(best.yearsToPay(), 1),
                    best.yearsToPay() == null ? "" : "years",
                    "by service and energy"));
            input.alternatives().stream()
                    .filter(a -> a.savedW() > 0)
                    .min((a, b) -> Double.compare(a.price() / a.savedW(), b.price() / b.savedW()))
                    .ifPresent(a -> {
                        double each = a.price() / a.savedW();
                        boolean cheaper = requireNonNull(best.perWatt()) > each;
                        findings.add(new Finding(
                                cheaper ? "worth-elsewhere" : "worth-here",
                                cheaper ? Level.WATCH : Level.RIGHT,
                                cheaper
                                        ? "“" + a.name() + "” saves a watt for " + Show.number(each, 1)
                                                + ": do that first."
                                        : "No alternative that is listed saves a watt for less."));
                    });
        }
        if (costs.stream().anyMatch(c -> c.choice().hybrid())) {
            findings.add(new Finding(
                    "hybrid",
                    Level.WATCH,
                    "Ceramic balls are harder, lighter and rounder, and brittle under a blow; "
                            + "their races are still steel and still wear: they want clean, serviced running."));
        }
        return new Answer(
                        figures,
                        findings,
                        List.of(
                                "Watts by the friction model: seals are a guide, a factor of two either way. A "
                                        + "coast-down or a spin-down on the bench tells more than any list.",
                                "Water and dirt decide more than watts: seals that drag less let more in."),
                        worksheet(),
                        List.of())
                .with(table())
                .with(others());
    }

    private ValueTable table() {
        List<List<String>> rows = new ArrayList<>();
        for (Cost c : costs) {
            rows.add(List.of(
                    c.choice().name(),
                    Show.number(c.watts(), 3),
                    c == costs.get(0) ? "–" : Show.number(c.savedW(), 3),
                    Show.number(c.choice().price() * input.bearings(), 2),
                    Show.number(c.choice().hours(), 1),
                    Show.number(c.yearly(), 2),
                    Show.number(c.per1000Km(), 2),
                    c.perWatt() == null ? "–" : Show.number(c.perWatt(), 1),
                    c.yearsToPay() == null ? "–" : Show.number(c.yearsToPay(), 1)));
        }
        return new ValueTable(
                "worth-candidates",
                "Candidates",
                List.of(
                        "candidate",
                        "takes, W",
                        "saves, W",
                        "price",
                        "service, h a year",
                        "service and energy a year",
                        "per 1000 km",
                        "for each W",
                        "years to pay"),
                rows);
    }

    private ValueTable others() {
        return new ValueTable(
                "worth-alternatives",
                "Instead of it",
                List.of("alternative", "saves, W", "price", "for each W"),
                input.alternatives().stream()
                        .map(a -> List.of(
                                a.name(),
                                Show.number(a.savedW(), 2),
                                Show.number(a.price(), 2),
                                a.savedW() > 0 ? Show.number(a.price() / a.savedW(), 1) : "–"))
                        .toList());
    }

    private Worksheet worksheet() {
        List<Worksheet.Line> lines = new ArrayList<>();
        for (Cost c : costs) {
            FrictionQuestion f = FrictionQuestion.of(
                    input.duty().with(c.choice().seals(), c.choice().hybrid()));
            lines.add(Worksheet.computed(
                    "P",
                    c.choice().name(),
                    input.bearings() + " · (M0 " + Show.number(f.friction().lubricantNmm(), 2) + " + M1 "
                            + Show.number(f.friction().loadNmm(), 2) + " + seals "
                            + Show.number(f.friction().sealsNmm(), 2) + " N·mm) · ω",
                    Show.number(c.watts(), 3) + " W"));
        }
        lines.add(Worksheet.computed(
                "",
                "for each watt",
                "(extra price + extra a year · years) / watts saved",
                best().perWatt() == null ? "–" : Show.number(best().perWatt(), 2)));
        return new Worksheet(
                "What does an upgrade save, and what does a watt cost?",
                lines,
                List.of("Palmgren, Ball and Roller Bearing Engineering. Seals and ceramic balls "
                        + "(load's part times 0.7) are guides."));
    }
}
