package unbo.core.input;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.measure.Amount;
import unbo.core.measure.CounterReader;
import unbo.core.measure.PlusMinus;
import unbo.core.measure.Quantity;
import unbo.core.measure.QuantityReader;
import unbo.core.measure.Show;
import unbo.core.measure.Unit;

/**
 * The one reader: turns named texts (a form, a JSON body, a stored draft) into the input record of a computation, or
 * into all the reasons why that cannot be. Also echoes quantities in both systems and asks about likely slips: a value
 * outside the usual range that ten, 25.4 or a thousand times more or less would bring inside.
 */
public final class FieldReader {

    /** Longer lists are echoed by number and range. */
    private static final int MOST_ECHOED = 8;

    private static final double[] SLIPS = {10, 25.4, 1000};
    private static final int FIRST_YEAR = 1950;
    /** A day may lie in the year after next at most. */
    private static final int YEARS_AHEAD = 2;

    private FieldReader() {}

    /** Reads what was typed, each text in the system it was typed in. */
    public static <T> Reading<T> read(FieldList<T> list, Typed typed) {
        return read(list, typed.texts(), typed);
    }

    /** The same, of a list that asks for bearings, which are found in {@code book}. */
    public static <T> Reading<T> read(FieldList<T> list, Typed typed, BearingBook book) {
        return read(list, typed.texts(), typed, book);
    }

    /** Reads {@code texts}; names that are not in the list are left alone, missing ones count as empty. */
    public static <T> Reading<T> read(FieldList<T> list, Map<String, String> texts, TypedIn system) {
        return values(list, texts, system, null);
    }

    /** The same, of a list that asks for bearings, which are found in {@code book}. */
    public static <T> Reading<T> read(FieldList<T> list, Map<String, String> texts, TypedIn system, BearingBook book) {
        return values(list, texts, system, book);
    }

    private static <T> Reading<T> values(
            FieldList<T> list, Map<String, String> texts, TypedIn system, @Nullable BearingBook book) {
        Map<String, FieldReading> readings = new LinkedHashMap<>();
        List<Problem> problems = new ArrayList<>();
        for (Field field : list.fields()) {
            String typed = texts.get(field.name());
            FieldReading reading = field.kind() == Field.Kind.COUNTER
                    ? counter(field, typed == null ? "" : typed, texts.getOrDefault(Field.COUNTS, ""))
                    : readOne(field, typed == null ? "" : typed, system.of(field.name()));
            readings.put(field.name(), book == null ? reading : told(reading, book));
            problems.addAll(reading.problems());
        }
        T record = null;
        Values values = new Values(readings, book);
        problems.addAll(list.early().apply(values));
        if (problems.isEmpty()) {
            problems.addAll(list.rules().apply(values));
            if (problems.isEmpty()) {
                record = list.make().apply(values);
            }
        }
        return new Reading<>(record, List.copyOf(problems), readings);
    }

    /** A bearing's number with what it was found to be beside it. */
    private static FieldReading told(FieldReading reading, BearingBook book) {
        if (reading.field().kind() != Field.Kind.BEARING || !(reading.value() instanceof String text)) {
            return reading;
        }
        Bearing found = book.find(text);
        if (!found.recognised()) {
            return reading;
        }
        boolean other = !found.marking().equalsIgnoreCase(text.strip());
        return new FieldReading(
                reading.field(),
                reading.typed(),
                text,
                (other ? found.designation() + ", " : "") + found.words(),
                reading.doubt(),
                reading.defaulted(),
                reading.problems());
    }

    /** Reads one field by itself, for the echo beside it. */
    public static FieldReading readOne(Field field, String typed, UnitSystem system) {
        String text = typed.strip();
        if (text.isEmpty()) {
            if (field.defaultText() != null) {
                FieldReading byDefault = parse(field, "", field.defaultText(), UnitSystem.METRIC);
                return new FieldReading(
                        field, typed, byDefault.value(), byDefault.echo(), null, true, byDefault.problems());
            }
            List<Problem> missing = field.required()
                    ? List.of(Problem.unreadable(field.name(), field.label() + " is needed: " + ask(field)))
                    : List.of();
            return new FieldReading(field, typed, null, "", null, false, missing);
        }
        return parse(field, typed, text, system);
    }

    private static FieldReading counter(Field field, String typed, String counts) {
        if (typed.isBlank()) {
            return readOne(field, typed, UnitSystem.METRIC);
        }
        CounterReader.Outcome outcome = CounterReader.read(typed, counts);
        if (outcome.refusal() != null) {
            return refused(field, typed, outcome.refusal(), false);
        }
        return requireNonNull(outcome.value()) > field.max()
                ? refused(
                        field,
                        typed,
                        field.label() + " cannot be " + Show.number(outcome.value(), 1) + ": " + limits(field)
                                + " is possible here.",
                        true)
                : new FieldReading(field, typed, outcome.value(), outcome.echo(), null, false, List.of());
    }

    private static FieldReading parse(Field field, String typed, String text, UnitSystem system) {
        return switch (field.kind()) {
            case COUNTER -> counter(field, typed, "");
            case QUANTITY -> quantity(field, typed, text, system);
            case WHOLE -> whole(field, typed, text);
            case LIST -> list(field, typed, text, system);
            case CHOICE -> choice(field, typed, text);
            case TEXT, BEARING, LINES ->
                text.length() > field.longest()
                        ? refused(
                                field,
                                typed,
                                field.label() + " has " + text.length() + " characters; at most " + field.longest()
                                        + " are kept: shorten it.",
                                true)
                        : read(field, typed, text, "");
            case YES_NO -> yesNo(field, typed, text);
            case DATE -> date(field, typed, text);
        };
    }

    private static FieldReading quantity(Field field, String typed, String text, UnitSystem system) {
        PlusMinus parted = PlusMinus.of(text).orElse(null);
        if (parted == null) {
            return exact(field, typed, text, system);
        }
        Unit bare = requireNonNull(field.bareUnit(system));
        String measured = parted.measured(bare);
        FieldReading reading = exact(field, typed, measured, system);
        Amount amount = QuantityReader.read(measured, bare).amount();
        if (!(reading.value() instanceof Double value) || amount == null) {
            return reading;
        }
        PlusMinus.Outcome off = parted.half(amount);
        if (off.refusal() != null) {
            return refused(field, typed, off.refusal(), false);
        }
        Unit unit = unitOf(field);
        double half = Math.abs(unit.fromBase(amount.base() + off.half()) - value);
        Unit told = amount.unit().inchSystem() ? amount.unit().quantity().metric() : amount.unit();
        double shown = Math.abs(told.fromBase(amount.base() + off.half()) - told.fromBase(amount.base()));
        return reading.within(
                half, reading.echo() + (reading.echo().isEmpty() ? "±" : ", ±") + Show.value(shown, told));
    }

    private static FieldReading exact(Field field, String typed, String text, UnitSystem system) {
        Unit bare = requireNonNull(field.bareUnit(system));
        QuantityReader.Outcome outcome = QuantityReader.read(text, bare);
        Amount amount = outcome.amount();
        if (amount == null) {
            return refused(field, typed, outcome.refusal(), false);
        }
        double value = amount.in(unitOf(field));
        boolean same = bare.quantity().metric().equals(bare.quantity().inch())
                && amount.unit().equals(bare);
        String echo = same ? "" : amount.echo();
        Slip slip = slip(field, value, amount.unit());
        String outside = outsideLimits(field, value);
        if (outside != null) {
            return new FieldReading(
                    field,
                    typed,
                    null,
                    echo,
                    slip.asDoubt(),
                    false,
                    List.of(Problem.impossible(field.name(), outside)));
        }
        return new FieldReading(field, typed, value, echo, slip.asDoubt(), false, List.of());
    }

    /** The sentence for a value that cannot be; null when it can. */
    private static @Nullable String outsideLimits(Field field, double value) {
        if (value >= field.min() && value <= field.max()) {
            return null;
        }
        String limits = limits(field);
        if (value < 0 && field.min() >= 0) {
            return field.label() + " cannot be negative: " + limits + " is possible here.";
        }
        return field.label() + " cannot be " + Show.value(value, unitOf(field)) + ": " + limits + " is possible here.";
    }

    /** The unit of a field that asks a quantity. */
    private static Unit unitOf(Field field) {
        return requireNonNull(field.unit(), field.name());
    }

    private static String limits(Field field) {
        return Show.number(field.min(), 4) + " to " + Show.value(field.max(), unitOf(field));
    }

    private record Slip(double suggestion, double factor, boolean tooLarge, Field field, Unit unit, double value) {

        FieldReading.@Nullable Doubt asDoubt() {
            if (Double.isNaN(suggestion)) {
                return null;
            }
            String meant = Show.base(unitOf(field).toBase(suggestion), unit);
            String times = factor == 25.4 ? "25.4 times" : factor == 10 ? "ten times" : "a thousand times";
            return new FieldReading.Doubt(
                    Show.base(unitOf(field).toBase(value), unit) + " is about " + times + (tooLarge ? " more" : " less")
                            + " than this place expects. Did you mean " + meant + "?",
                    meant.replace('−', '-'));
        }
    }

    private static Slip slip(Field field, double value, Unit unit) {
        Slip none = new Slip(Double.NaN, 1, false, field, unit, value);
        if (!field.hasUsual()
                || value <= 0
                || value >= field.usualMin() && value <= field.usualMax()
                || unitOf(field).quantity() == Quantity.TEMPERATURE) {
            return none;
        }
        boolean tooLarge = value > field.usualMax();
        for (double factor : SLIPS) {
            double meant = tooLarge ? value / factor : value * factor;
            if (meant >= field.usualMin() && meant <= field.usualMax()) {
                return new Slip(meant, factor, tooLarge, field, unit, value);
            }
        }
        return none;
    }

    private static FieldReading whole(Field field, String typed, String text) {
        if (!text.matches("[+-]?\\d{1,9}")) {
            return refused(
                    field,
                    typed,
                    "“" + text + "” is not a whole number: write " + (int) field.min() + " to " + (int) field.max()
                            + ".",
                    false);
        }
        int value = Integer.parseInt(text);
        if (value < field.min() || value > field.max()) {
            return refused(
                    field,
                    typed,
                    field.label() + " cannot be " + value + ": " + (int) field.min() + " to " + (int) field.max()
                            + " is possible here.",
                    true);
        }
        return read(field, typed, value, "");
    }

    private static FieldReading list(Field field, String typed, String text, UnitSystem system) {
        List<Double> values = new ArrayList<>();
        double half = 0;
        List<Problem> problems = new ArrayList<>();
        PlusMinus parted = PlusMinus.of(text).orElse(null);
        String joined = (parted == null ? text : parted.number()).replaceAll("(?<=[\\d.])\\s+(?=[^\\d\\s;,.+-])", "");
        boolean wide = joined.matches("(?s).*[;\\s].*");
        for (String part : joined.split(wide ? ";\\s*|,?\\s+" : ",")) {
            if (part.isBlank()) {
                continue;
            }
            FieldReading one = quantity(
                    field, part, parted == null ? part.strip() : part.strip() + " ±" + parted.behind(), system);
            problems.addAll(one.problems());
            if (one.value() != null) {
                values.add((Double) one.value());
                half = Math.max(half, one.half());
            }
        }
        if (problems.isEmpty() && (values.size() < field.fewest() || values.size() > field.longest())) {
            problems.add(Problem.impossible(
                    field.name(),
                    field.label() + " has " + values.size() + " entries: " + field.fewest() + " to " + field.longest()
                            + " are possible here."));
        }
        if (!problems.isEmpty()) {
            return new FieldReading(field, typed, null, "", null, false, problems);
        }
        String echo = values.size() > MOST_ECHOED
                ? values.size() + " values, " + Show.value(Collections.min(values), unitOf(field)) + " to "
                        + Show.value(Collections.max(values), unitOf(field))
                : String.join(
                        ", ",
                        values.stream().map(v -> Show.value(v, unitOf(field))).toList());
        FieldReading reading = read(field, typed, List.copyOf(values), echo);
        return half == 0 ? reading : reading.within(half, echo + ", each ±" + Show.value(half, unitOf(field)));
    }

    private static FieldReading choice(Field field, String typed, String text) {
        return field.choices().stream()
                .filter(c -> c.code().equalsIgnoreCase(text))
                .findFirst()
                .map(c -> read(field, typed, c.code(), ""))
                .orElseGet(() -> refused(
                        field,
                        typed,
                        "“" + text + "” is not one of the choices of " + field.label() + ": "
                                + String.join(
                                        ", ",
                                        field.choices().stream()
                                                .map(Field.Choice::code)
                                                .toList()) + ".",
                        false));
    }

    private static FieldReading yesNo(Field field, String typed, String text) {
        return switch (text.toLowerCase(Locale.ROOT)) {
            case "yes", "true", "on" -> read(field, typed, true, "");
            case "no", "false", "off" -> read(field, typed, false, "");
            default -> refused(field, typed, field.label() + " is yes or no.", false);
        };
    }

    private static FieldReading date(Field field, String typed, String text) {
        try {
            LocalDate day = LocalDate.parse(text);
            int last = LocalDate.now().getYear() + YEARS_AHEAD;
            if (day.getYear() < FIRST_YEAR || day.getYear() > last) {
                return refused(
                        field,
                        typed,
                        field.label() + " cannot be in the year " + day.getYear() + ": days from " + FIRST_YEAR
                                + " to the end of " + last + " are possible here.",
                        true);
            }
            return read(field, typed, day, "");
        } catch (DateTimeParseException e) {
            return refused(
                    field, typed, "“" + text + "” is not a day: write year-month-day, for instance 2026-04-30.", false);
        }
    }

    private static FieldReading read(Field field, String typed, Object value, String echo) {
        return new FieldReading(field, typed, value, echo, null, false, List.of());
    }

    private static FieldReading refused(Field field, String typed, @Nullable String sentence, boolean readable) {
        return new FieldReading(
                field, typed, null, "", null, false, List.of(new Problem(field.name(), sentence, readable)));
    }

    private static String ask(Field field) {
        return switch (field.kind()) {
            case COUNTER -> "write it as it stands, for instance 123456.";
            case QUANTITY, LIST ->
                field.kind() == Field.Kind.LIST && unitOf(field).quantity() == Quantity.ANGLE
                        ? "write each angle, for instance 0, 180."
                        : "write " + limits(field) + ".";
            case WHOLE -> "write a whole number from " + (int) field.min() + " to " + (int) field.max() + ".";
            case CHOICE -> "choose one.";
            case TEXT -> "write it in a few words.";
            case BEARING -> "write what is stamped on it, or its sizes, for instance 25x52x15.";
            case LINES -> "write one to a line.";
            case YES_NO -> "answer yes or no.";
            case DATE -> "write year-month-day.";
        };
    }
}
