package unbo.core.seek;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import unbo.core.measure.Amount;
import unbo.core.measure.Quantity;
import unbo.core.measure.QuantityReader;
import unbo.core.measure.Show;
import unbo.core.measure.Unit;
import unbo.core.measure.Units;
import unbo.core.seek.Meaning.Kind;
import unbo.core.seek.Meaning.Lead;

/** A quantity with its unit, a span of two, a fraction of an inch, a thread: in all units of its kind. */
final class AmountMeaning {

    private static final double SURE = 0.96;
    private static final double BARE = 0.55;
    private static final Pattern THREAD = Pattern.compile(
            "m\\s*\\d+(?:[.,]\\d+)?\\s*[x×*]\\s*\\d.*|(?:\\d+\\s*-\\s*)?\\d+/\\d+\\s*\"?\\s*-\\s*\\d+(?:\\s*un[a-z]*)?"
                    + "|\\d+(?:\\.\\d+)?\\s*tpi",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FRACTION =
            Pattern.compile("(?:\\d+\\s*[-\\s]\\s*)?\\d+/(?:2|4|8|16|32|64)|\\d*[½¼¾⅛⅜⅝⅞]");
    private static final Pattern BARE_DECIMAL = Pattern.compile("\\d*[.,]\\d+");
    private static final Pattern SPAN = Pattern.compile(
            "([\\d.,]+)\\s*(\\D*?)\\s*(?:-|–|\\bto\\b|\\.\\.)\\s*([\\d.,]+)\\s*(\\D.*)", Pattern.CASE_INSENSITIVE);
    /** Where a newton, a kelvin or an hour could as well be a letter behind a number. */
    private static final Pattern NUMBER_WITH_LETTER = Pattern.compile("\\d{3,5}\\s?[NKHWEM]", Pattern.CASE_INSENSITIVE);

    private static final double LEAST_METRIC = 0.009;
    private static final double LEAST_INCH = 0.0009;
    private static final double MOST_SHOWN = 1e6;
    private static final int ROUND = 100;

    private AmountMeaning() {}

    static List<Meaning> of(String text) {
        List<Meaning> meanings = new ArrayList<>();
        if (THREAD.matcher(text).matches()) {
            read(text, Quantity.PITCH).ifPresent(amount -> meanings.add(meaning(amount, 0.97)));
            return meanings;
        }
        Matcher span = SPAN.matcher(text);
        if (span.matches() && !FRACTION.matcher(text).matches()) {
            meanings.addAll(spans(
                    span.group(1),
                    span.group(3),
                    span.group(2).isBlank() ? span.group(4) : span.group(2),
                    span.group(4)));
        }
        boolean named = text.chars().anyMatch(c -> Character.isLetter(c) || c == '"' || c == '”' || c == '°');
        if (named) {
            double sure = NUMBER_WITH_LETTER.matcher(text).matches() && !rather(text) ? BARE : SURE;
            for (Quantity quantity : Quantity.values()) {
                if (quantity != Quantity.PITCH && quantity != Quantity.TEMPERATURE_DIFFERENCE) {
                    read(text, quantity)
                            .ifPresent(amount -> meanings.add(
                                    meaning(amount, sure - 0.01 * meanings.size() - (heavy(amount) ? 0 : 0.001))));
                }
            }
        } else if (FRACTION.matcher(text).matches()) {
            read(text + " in", Quantity.LENGTH).ifPresent(amount -> meanings.add(meaning(amount, 0.9)));
        } else if (BARE_DECIMAL.matcher(text).matches()) {
            read(text + " mm", Quantity.LENGTH).ifPresent(amount -> meanings.add(meaning(amount, BARE)));
            read(text + " in", Quantity.LENGTH).ifPresent(amount -> meanings.add(meaning(amount, BARE - 0.01)));
        }
        return meanings;
    }

    /** A pound is a mass before it is a force. */
    private static boolean heavy(Amount amount) {
        return amount.unit().quantity() != Quantity.FORCE
                || !amount.unit().symbol().equals("lbf");
    }

    /** True for a round amount with its unit apart, such as 6000 N, which is rather a force than a number. */
    static boolean rather(String text) {
        return NUMBER_WITH_LETTER.matcher(text.strip()).matches()
                && text.strip().contains(" ")
                && Integer.parseInt(text.strip().replaceAll("\\D.*", "")) % ROUND == 0;
    }

    private static Optional<Amount> read(String text, Quantity quantity) {
        return Optional.ofNullable(QuantityReader.read(text, quantity.metric()).amount());
    }

    private static List<Meaning> spans(String from, String to, String unit, String unitTo) {
        List<Meaning> spans = new ArrayList<>();
        for (Quantity quantity : Quantity.values()) {
            if (quantity == Quantity.PITCH || quantity == Quantity.TEMPERATURE_DIFFERENCE) {
                continue;
            }
            read(from + " " + unit, quantity)
                    .ifPresent(low -> read(to + " " + unitTo, quantity)
                            .filter(high -> high.base() > low.base())
                            .ifPresent(high -> spans.add(new Meaning(
                                    Kind.QUANTITY,
                                    written(low) + " to " + written(high),
                                    SURE,
                                    units(quantity).stream()
                                            .map(other -> Show.base(low.base(), other) + " to "
                                                    + Show.base(high.base(), other))
                                            .toList(),
                                    leads(quantity, low)))));
        }
        return spans;
    }

    /** Centimetres and metres are no measures of a bench until there is one of them. */
    private static double least(Unit unit) {
        boolean large = unit.symbol().equals("cm") || unit.symbol().equals("m");
        return large ? 1 : unit.inchSystem() ? LEAST_INCH : LEAST_METRIC;
    }

    private static String written(Amount amount) {
        return Show.base(amount.base(), amount.unit());
    }

    private static Meaning meaning(Amount amount, double score) {
        Quantity quantity = amount.unit().quantity();
        Set<String> others = new LinkedHashSet<>();
        for (Unit unit : units(quantity)) {
            double value = Math.abs(unit.fromBase(amount.base()));
            if (!unit.equals(amount.unit())
                    && (value >= least(unit) && value < MOST_SHOWN || quantity == Quantity.TEMPERATURE)) {
                others.add(Show.base(amount.base(), unit));
            }
        }
        String title = written(amount)
                + (others.isEmpty()
                        ? ""
                        : " = " + Objects.requireNonNull(others.iterator().next()));
        return new Meaning(Kind.QUANTITY, title, score, others.stream().skip(1).toList(), leads(quantity, amount));
    }

    /** The other system first. */
    private static List<Unit> units(Quantity quantity) {
        Set<Unit> units = new LinkedHashSet<>(List.of(quantity.metric(), quantity.inch()));
        units.addAll(Units.all(quantity));
        return List.copyOf(units);
    }

    private static List<Lead> leads(Quantity quantity, Amount amount) {
        String text = written(amount);
        return switch (quantity) {
            case LENGTH ->
                List.of(
                        new Lead("As a bore", "ladder", Meanings.inputs("bore", text)),
                        new Lead("As rock at the rim", "rim-rock", Meanings.inputs("rock", text)),
                        new Lead("As an interference to heat for", "heat", Meanings.inputs("interferenceUm", text)),
                        new Lead("As a bore to find", "find", Meanings.inputs()));
            case TEMPERATURE ->
                List.of(
                        new Lead("As the limit of heating", "heat", Meanings.inputs("limit", text)),
                        new Lead("The other part chilled to it", "heat", Meanings.inputs("shaft", text)),
                        new Lead("The workshop as warm as that", "heat", Meanings.inputs("ambient", text)),
                        new Lead("Heat and cold", "heat", Meanings.inputs()));
            case PITCH -> List.of(new Lead("As the thread of a nut", "nut", Meanings.inputs("pitch", text)));
            case TORQUE ->
                List.of(
                        new Lead("As a turning torque", "preload", Meanings.inputs("torque", text)),
                        new Lead("Axle nut of a unit hub", "unit-hub", Meanings.inputs()));
            case SPEED, ROTATION, DISTANCE, RUNNING_TIME, ANGLE, RATIO ->
                List.of(new Lead("Speed of a bearing", "speed", Meanings.inputs()));
            case FORCE -> List.of(new Lead("Press force of a fit", "fit", Meanings.inputs()));
            case PRESSURE, POWER -> List.of(new Lead("Friction of a bearing", "friction", Meanings.inputs()));
            case MASS, VOLUME -> List.of(new Lead("Grease for one bearing", "grease", Meanings.inputs()));
            case VISCOSITY -> List.of(new Lead("As the oil at 40 °C", "viscosity", Meanings.inputs("nu40", text)));
            case TEMPERATURE_DIFFERENCE -> List.of(new Lead("Heat of a hub", "end-play", Meanings.inputs()));
        };
    }
}
