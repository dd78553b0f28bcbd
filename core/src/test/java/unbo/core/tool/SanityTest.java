package unbo.core.tool;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import unbo.core.answer.Answer;
import unbo.core.designation.Decoder;
import unbo.core.finding.Finding;
import unbo.core.input.Field;
import unbo.core.input.FieldReader;
import unbo.core.input.FieldReading;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.measure.Unit;

/**
 * Two rules that hold whatever is computed: the unit of an input changes nothing, and what is worse never lasts longer.
 */
class SanityTest {

    private static final int STARTS = 40;
    /** Digits of a converted input. */
    private static final int DIGITS = 12;

    private static final Pattern DECIMALS = Pattern.compile("\\.(\\d+)");
    /** Figures that are a life or an interval, in km, h or revolutions; a share of another life is none. */
    private static final Pattern LIFE = Pattern.compile("life of the pair|.* bearing|grease again after|.*, lasts");

    private static final Set<String> LASTS = Set.of("km", "h");

    /** Inputs of which more is worse, in every tool that has them. */
    private static final Set<String> MORE_IS_WORSE = Set.of(
            "wheelLoadN",
            "loadFactor",
            "radialN",
            "loadN",
            "axialN",
            "vertical",
            "horizontal",
            "axial",
            "waterPpm",
            "temperature");
    /** Inputs of which less is worse: film and cleanliness. */
    private static final Set<String> LESS_IS_WORSE =
            Set.of("kappa", "contamination", "exactContamination", "dirt", "water");

    static List<Tool<?, ?>> tools() {
        return Tools.all();
    }

    private static <I> Reading<I> read(Tool<I, ?> tool, Map<String, String> texts) {
        return FieldReader.read(tool.fields(), texts, UnitSystem.METRIC, Decoder.SHIPPED);
    }

    private static <I> Optional<Answer> answer(Tool<I, ?> tool, Map<String, String> texts) {
        return read(tool, texts).get().map(tool::answer);
    }

    /** Every quantity of a sample typed in the unit of the other system: same figures, same findings. */
    @ParameterizedTest
    @MethodSource("tools")
    void theUnitOfAnInputChangesNothing(Tool<?, ?> tool) {
        Map<String, String> swapped = new HashMap<>(tool.sample());
        read(tool, tool.sample()).fields().forEach((name, reading) -> {
            if (tool.sample().containsKey(name)) {
                inOtherUnits(reading).ifPresent(text -> swapped.put(name, text));
            }
        });
        Answer before = answer(tool, tool.sample()).orElseThrow();
        Answer after = answer(tool, swapped)
                .orElseThrow(() -> new AssertionError(
                        tool.name() + " " + swapped + ": " + read(tool, swapped).problems()));
        assertThat(after.findings().stream().map(Finding::code)).isEqualTo(codes(before));
        assertThat(after.figures()).hasSameSizeAs(before.figures());
        for (int i = 0; i < before.figures().size(); i++) {
            Answer.Figure one = before.figures().get(i);
            Answer.Figure other = after.figures().get(i);
            assertThat(other.what()).isEqualTo(one.what());
            assertThat(other.unit()).isEqualTo(one.unit());
            assertThat(other.numbers())
                    .as(tool.name() + ", " + one.what())
                    .zipSatisfy(
                            one.numbers(),
                            (a, b) -> assertThat(a)
                                    .isCloseTo(b, org.assertj.core.data.Offset.offset(lastDigit(one.value()))));
        }
    }

    private static List<String> codes(Answer answer) {
        return answer.findings().stream().map(Finding::code).toList();
    }

    @Test
    void manyInputsHaveAnotherUnit() {
        long swapped = Tools.all().stream()
                .flatMap(tool -> read(tool, tool.sample()).fields().values().stream()
                        .filter(reading ->
                                tool.sample().containsKey(reading.field().name())))
                .filter(reading -> inOtherUnits(reading).isPresent())
                .count();
        assertThat(swapped).isGreaterThan(80);
    }

    /**
     * What was read, written in the unit of the other system; empty where the trade has no other, or none was typed.
     */
    private static Optional<String> inOtherUnits(FieldReading reading) {
        Field field = reading.field();
        Unit here = field.unit();
        if (here == null || reading.value() == null || reading.defaulted()) {
            return Optional.empty();
        }
        Unit metric = here.quantity().metric();
        Unit other = here.inchSystem() ? metric : here.quantity().inch();
        if (other.equals(here) || other.symbol().isEmpty()) {
            return Optional.empty();
        }
        List<?> values = reading.value() instanceof List<?> list ? list : List.of(reading.value());
        return Optional.of(values.stream()
                .map(value -> text(other.fromBase(here.toBase(((Number) value).doubleValue()))) + " " + other.symbol())
                .collect(Collectors.joining("; ")));
    }

    private static String text(double value) {
        return new BigDecimal(value, new MathContext(DIGITS)).toPlainString();
    }

    /** One step of the last digit that is printed. */
    private static double lastDigit(String text) {
        int decimals = DECIMALS.matcher(text)
                .results()
                .mapToInt(found -> found.group(1).length())
                .max()
                .orElse(0);
        return 1.01 * Math.pow(10, -decimals);
    }

    /** More load, hotter, dirtier, a thinner film: from any start, no life and no interval gets longer. */
    @Test
    void whatIsWorseNeverLastsLonger() {
        Map<String, Set<String>> tried = new TreeMap<>();
        for (Tool<?, ?> tool : Tools.all()) {
            Random random = new Random(tool.name().hashCode());
            for (int i = 0; i < STARTS; i++) {
                Map<String, String> start = start(tool, random);
                Map<String, Double> before = lives(tool, start);
                for (Field field :
                        before.isEmpty() ? List.<Field>of() : tool.fields().fields()) {
                    for (String worse : worse(tool, field, start, random)) {
                        Map<String, String> texts = new HashMap<>(start);
                        texts.put(field.name(), worse);
                        lives(tool, texts).forEach((what, after) -> {
                            if (before.containsKey(what)) {
                                tried.computeIfAbsent(tool.name(), any -> new TreeSet<>())
                                        .add(field.name());
                                assertThat(after)
                                        .as(tool.name() + " " + what + ", " + field.name() + " "
                                                + start.get(field.name()) + " → " + worse + " of " + start)
                                        .isLessThanOrEqualTo(requireNonNull(before.get(what)));
                            }
                        });
                    }
                }
            }
        }
        assertThat(tried).containsKeys("wheel-life", "shaft-life", "grease", "duty");
        assertThat(tried.get("wheel-life")).contains("wheelLoadN", "loadFactor", "kappa", "contamination");
        assertThat(tried.get("shaft-life")).contains("vertical", "loadFactor", "kappa", "contamination", "waterPpm");
        assertThat(tried.get("grease")).contains("temperature", "dirt", "water");
    }

    /** The sample with its monotone inputs somewhere in their usual range. */
    private static Map<String, String> start(Tool<?, ?> tool, Random random) {
        Map<String, String> start = new HashMap<>(tool.sample());
        for (Field field : tool.fields().fields()) {
            boolean moves = MORE_IS_WORSE.contains(field.name()) || LESS_IS_WORSE.contains(field.name());
            if (moves && field.hasUsual() && field.kind() == Field.Kind.QUANTITY && random.nextBoolean()) {
                start.put(field.name(), text(between(field.usualMin(), field.usualMax(), random)));
            }
        }
        return start;
    }

    private static double between(double low, double high, Random random) {
        return Math.round((low + (high - low) * random.nextDouble()) * 1000) / 1000.0;
    }

    private static Map<String, Double> lives(Tool<?, ?> tool, Map<String, String> texts) {
        Map<String, Double> lives = new HashMap<>();
        answer(tool, texts)
                .ifPresent(answer -> answer.figures().stream()
                        .filter(figure -> LIFE.matcher(figure.what()).matches() && LASTS.contains(figure.unit()))
                        .forEach(figure -> lives.put(
                                figure.what() + " in " + figure.unit(),
                                figure.numbers().get(0))));
        return lives;
    }

    /** A worse text of a field; nothing where it has none, or more of it is neither. */
    private static List<String> worse(Tool<?, ?> tool, Field field, Map<String, String> start, Random random) {
        boolean more = MORE_IS_WORSE.contains(field.name());
        if (!more && !LESS_IS_WORSE.contains(field.name())) {
            return List.of();
        }
        FieldReading reading = requireNonNull(read(tool, start).fields().get(field.name()));
        double factor = more ? 1 + 2 * random.nextDouble() : random.nextDouble();
        if (field.kind() == Field.Kind.CHOICE) {
            double now = Double.parseDouble(String.valueOf(reading.value()));
            return field.choices().stream()
                    .map(Field.Choice::code)
                    .filter(code -> Double.parseDouble(code) < now)
                    .toList();
        }
        if (reading.value() instanceof Double value && value > 0) {
            return List.of(text(value * factor));
        }
        return reading.value() instanceof List<?> list && !list.isEmpty()
                ? List.of(list.stream()
                        .map(value -> text((Double) value * factor))
                        .collect(Collectors.joining("; ")))
                : List.of();
    }
}
