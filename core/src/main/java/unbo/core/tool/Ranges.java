package unbo.core.tool;

import static java.util.Objects.requireNonNull;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.bearing.BearingBook;
import unbo.core.drawing.ValueTable;
import unbo.core.input.Field;
import unbo.core.input.FieldReader;
import unbo.core.input.FieldReading;
import unbo.core.input.Reading;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;

/**
 * How far the figures of an answer may be off, by what was typed with ±: done once, for every tool. Each such input is
 * moved to both ends of its range, everything else as it is; half of what a figure moves by is that input's part (first
 * order by central differences). Parts are put together as the root of the sum of their squares, and as their plain sum
 * for the worst case. After the Guide to the Expression of Uncertainty in Measurement (JCGM 100:2008), 5.1.
 */
public final class Ranges {

    /** So many inputs are moved; of more the answer would be waited for. */
    private static final int MOST = 16;

    /** Share of a figure below which it moved by the last places of the arithmetic alone. */
    private static final double NOISE = 1e-9;

    private static final MathContext DIGITS = new MathContext(12);
    private static final String NAME = "within";

    /** An input that was moved, and what came of it at either end; null where the end cannot be. */
    private record Moved(
            FieldReading input,
            @Nullable Answer up,
            @Nullable Answer down) {

        private Optional<Double> part(int at, Answer.Figure figure) {
            Double above = number(up, at, figure);
            Double below = number(down, at, figure);
            Double here = figure.known();
            if (here == null || above == null && below == null) {
                return Optional.empty();
            }
            if (above != null && below != null) {
                return Optional.of((above - below) / 2);
            }
            return Optional.of(above != null ? above - here : here - requireNonNull(below));
        }

        private boolean turns(Answer base) {
            return up != null && up.level() != base.level() || down != null && down.level() != base.level();
        }
    }

    private Ranges() {}

    /** An answer of a tool with ranges where something was typed with ±. */
    public static <I, R> Answer of(Tool<I, R> tool, Reading<I> reading, Typed typed, BearingBook book, Answer answer) {
        return of(
                reading,
                answer,
                moved -> FieldReader.read(tool.fields(), typed.with(moved), book)
                        .get()
                        .map(tool::answer)
                        .orElse(null));
    }

    /**
     * An answer with ranges where something was typed with ±.
     *
     * @param reading what was read
     * @param answer what it came to
     * @param again what comes of the same texts with some of them changed; null where that cannot be used
     */
    public static Answer of(Reading<?> reading, Answer answer, Function<Typed, @Nullable Answer> again) {
        List<Moved> moved = reading.fields().values().stream()
                .filter(input -> input.half() > 0)
                .limit(MOST)
                .map(input -> new Moved(input, again.apply(at(input, 1)), again.apply(at(input, -1))))
                .toList();
        return moved.isEmpty() ? answer : told(answer, moved);
    }

    private static Answer told(Answer answer, List<Moved> moved) {
        List<Answer.Figure> figures = new ArrayList<>();
        for (int i = 0; i < answer.figures().size(); i++) {
            Answer.Figure figure = answer.figures().get(i);
            Answer.Within within = within(i, figure, moved);
            figures.add(within == null ? figure : figure.within(within));
        }
        List<String> sentences = new ArrayList<>(answer.sentences());
        sentences.addAll(said(answer, figures, moved));
        Answer with = new Answer(
                figures,
                answer.findings(),
                sentences,
                answer.worksheet(),
                answer.drawings(),
                answer.steps(),
                answer.tables());
        List<List<String>> rows =
                figures.stream().flatMap(figure -> row(figure).stream()).toList();
        return rows.isEmpty()
                ? with
                : with.with(new ValueTable(
                        NAME,
                        "How far the figures may be off",
                        List.of("figure", "between, by chance", "at the worst", "most of it from"),
                        rows));
    }

    private static Answer.@Nullable Within within(int at, Answer.Figure figure, List<Moved> moved) {
        double squares = 0;
        double sum = 0;
        List<Answer.Share> parts = new ArrayList<>();
        for (Moved one : moved) {
            double part = one.part(at, figure).map(Math::abs).orElse(0.0);
            squares += part * part;
            sum += part;
            parts.add(new Answer.Share(
                    one.input().field().name(), one.input().field().label(), part * part));
        }
        Double here = figure.known();
        if (here == null || Math.sqrt(squares) <= NOISE * Math.abs(here)) {
            return null;
        }
        double all = squares;
        double root = Math.sqrt(squares);
        return new Answer.Within(
                here - root,
                here + root,
                here - sum,
                here + sum,
                parts.stream()
                        .map(p -> new Answer.Share(p.input(), p.label(), p.share() / all))
                        .filter(p -> p.share() > 0)
                        .sorted(Comparator.comparingDouble(Answer.Share::share).reversed())
                        .toList());
    }

    /** What to measure next, and whether the judgement holds over all that was typed. */
    private static List<String> said(Answer answer, List<Answer.Figure> figures, List<Moved> moved) {
        Set<String> said = new LinkedHashSet<>();
        Set<String> turning = moved.stream()
                .filter(one -> one.turns(answer))
                .map(one -> "“" + one.input().field().label() + "”")
                .collect(Collectors.toCollection(LinkedHashSet::new));
        if (!turning.isEmpty()) {
            said.add("The judgement does not hold over all that " + String.join(" and ", turning)
                    + " may be: measure that closer before acting on it.");
        }
        figures.stream()
                .flatMap(figure -> Optional.ofNullable(figure.within()).stream())
                .findFirst()
                .filter(within -> within.shares().size() > 1)
                .map(within -> within.shares().get(0))
                .ifPresent(first -> said.add("Measure “" + first.label() + "” closer first: it has "
                        + Math.round(first.share() * 100) + " % of how far the main figure may be off."));
        return List.copyOf(said);
    }

    private static Optional<List<String>> row(Answer.Figure figure) {
        return Optional.ofNullable(figure.within())
                .map(within -> List.of(
                        figure.what() + (figure.unit().isEmpty() ? "" : ", " + figure.unit()),
                        within.told(within.low(), within.high()),
                        within.told(within.worstLow(), within.worstHigh()),
                        within.shares().get(0).label() + " "
                                + Math.round(within.shares().get(0).share() * 100) + " %"));
    }

    private static @Nullable Double number(@Nullable Answer answer, int at, Answer.Figure figure) {
        if (answer == null
                || answer.figures().size() <= at
                || !answer.figures().get(at).what().equals(figure.what())) {
            return null;
        }
        return answer.figures().get(at).known();
    }

    /** The text of an input at one end of its range, held inside what is possible there. */
    private static Typed at(FieldReading input, int end) {
        Field field = input.field();
        String text = input.value() instanceof List<?> list
                ? list.stream()
                        .map(v -> text(field, (Double) v + end * input.half()))
                        .collect(Collectors.joining("; "))
                : text(field, (Double) requireNonNull(input.value()) + end * input.half());
        return new Typed(Map.of(field.name(), text), Collections.emptyMap(), UnitSystem.METRIC);
    }

    private static String text(Field field, double value) {
        double inside = Math.max(field.min(), Math.min(field.max(), value));
        String number =
                BigDecimal.valueOf(inside).round(DIGITS).stripTrailingZeros().toPlainString();
        return field.unit() == null ? number : number + " " + field.unit().symbol();
    }
}
