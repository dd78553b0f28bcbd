package unbo.core.route;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.input.Field;
import unbo.core.input.FieldReading;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Sheet;

/**
 * What a stage asks next. First what cannot be used as it stands, then what it needs and does not have, then what its
 * station begins with, then the empty boxes that would move its answer: each is tried at both ends of its usual range,
 * or with each of its choices, everything else as it is, and those that turn the verdict stand before those that only
 * move the main figure.
 *
 * @param now what is asked, the most pressing first
 * @param settled true where the stage has its answer and no empty box would turn its verdict or move it noticeably
 */
public record Asking(List<Question> now, boolean settled) {

    /** Boxes that are asked at once. */
    public static final int MOST = 3;

    /** Of those that nobody needs but that would move the answer, so many at once. */
    private static final int MOST_MOVING = 2;

    /** Boxes that are tried: those further down are seldom filled. */
    private static final int TRIED = 10;

    private static final int CHOICES_TRIED = 3;
    /** Share of the main figure below which nobody would measure again. */
    private static final double NOTICED = 0.02;
    /** How far a box without a usual range is tried about its default, as a factor. */
    private static final double ABOUT = 1.25;

    private static final Pattern PLAIN = Pattern.compile("-?\\d+(\\.\\d+)?");

    public Asking {
        now = List.copyOf(now);
    }

    /** Why a box is asked. */
    public enum Because {
        REFUSED,
        NEEDED,
        BEGINS,
        TURNS_THE_VERDICT,
        MOVES_THE_ANSWER
    }

    /**
     * A box that is asked.
     *
     * @param moves how far it moves the main figure over its range, as a share of it; 0 where that was not tried
     */
    public record Question(String field, Because because, double moves) {}

    /** Nothing is asked, and nothing is known of what would. */
    public static final Asking NOTHING = new Asking(List.of(), false);

    /**
     * Where a stage stands: its rule, its texts, and what came of them.
     *
     * @param kept true where these texts were kept: what would move their answer is not looked for again
     */
    public record Stand(
            StageRule<?> rule, StageRule.Work work, Typed typed, Sheet sheet, Knowledge known, boolean kept) {

        private boolean empty(String name) {
            return typed.text(name).isBlank();
        }

        private FieldReading reading(String name) {
            return Objects.requireNonNull(work.reading().fields().get(name));
        }

        private boolean refused(String name) {
            return !work.reading().sentences(name).isEmpty();
        }

        private @Nullable Answer with(String name, String text) {
            StageRule.Outcome outcome = rule.work(typed.with(name, text, UnitSystem.METRIC), sheet, known)
                    .outcome();
            return outcome == null ? null : outcome.answer();
        }
    }

    /**
     * What is asked where a stage stands.
     *
     * @param begins boxes that the stage begins with where they are empty, whatever hangs on them
     * @param apart boxes that are asked elsewhere, and never here
     */
    public static Asking of(Stand stand, List<String> begins, Set<String> apart) {
        List<String> names = stand.rule().asked().stream()
                .filter(name -> !apart.contains(name))
                .toList();
        Map<String, Question> now = new LinkedHashMap<>();
        for (String name : names) {
            if (!stand.empty(name)
                    && (stand.refused(name) || stand.reading(name).doubt() != null)) {
                now.put(name, new Question(name, Because.REFUSED, 0));
            }
        }
        for (String name : names) {
            if (stand.empty(name) && stand.refused(name)) {
                now.put(name, new Question(name, Because.NEEDED, 0));
            }
        }
        for (String name : begins) {
            if (names.contains(name) && stand.empty(name)) {
                now.putIfAbsent(name, new Question(name, Because.BEGINS, 0));
            }
        }
        if (now.size() < MOST && stand.work().ok() && !stand.kept()) {
            names.stream()
                    .filter(name -> stand.empty(name) && !now.containsKey(name))
                    .filter(name -> !stand.reading(name).field().fine())
                    .limit(TRIED)
                    .flatMap(name -> moves(stand, name))
                    .sorted(Comparator.comparing(Question::because)
                            .thenComparing(
                                    Comparator.comparingDouble(Question::moves).reversed()))
                    .limit(MOST_MOVING)
                    .forEach(question -> now.put(question.field(), question));
        }
        return new Asking(
                now.values().stream().limit(MOST).toList(),
                now.isEmpty() && stand.work().ok() && !stand.kept());
    }

    private static Stream<Question> moves(Stand stand, String name) {
        Answer base = Objects.requireNonNull(stand.work().outcome()).answer();
        boolean turns = false;
        double most = 0;
        for (String text : tries(stand.reading(name).field())) {
            Answer other = stand.with(name, text);
            if (other != null) {
                turns |= other.level() != base.level();
                most = Math.max(most, moved(base, other));
            }
        }
        return turns
                ? Stream.of(new Question(name, Because.TURNS_THE_VERDICT, most))
                : most > NOTICED ? Stream.of(new Question(name, Because.MOVES_THE_ANSWER, most)) : Stream.empty();
    }

    /** How far the main figure moved, as a share of what it was; 1 where it is another one. */
    private static double moved(Answer base, Answer other) {
        if (base.figures().isEmpty() || other.figures().isEmpty()) {
            return base.figures().size() == other.figures().size() ? 0 : 1;
        }
        Answer.Figure before = base.figures().get(0);
        Answer.Figure after = other.figures().get(0);
        if (!before.what().equals(after.what())) {
            return 1;
        }
        if (before.numbers().isEmpty() || after.numbers().isEmpty()) {
            return before.value().equals(after.value()) ? 0 : 1;
        }
        double from = before.numbers().get(0);
        double to = after.numbers().get(0);
        double least = Math.max(Math.abs(from), Math.abs(to));
        return least == 0 ? 0 : Math.abs(to - from) / least;
    }

    /** What is typed into a box to see whether it matters; nothing where no text stands for all. */
    private static List<String> tries(Field field) {
        return switch (field.kind()) {
            case QUANTITY, WHOLE ->
                ends(field).stream().map(v -> text(field, v)).toList();
            case LIST ->
                ends(field).stream()
                        .map(v -> String.join("; ", java.util.Collections.nCopies(field.fewest(), text(field, v))))
                        .filter(text -> !text.isEmpty())
                        .toList();
            case CHOICE ->
                field.choices().stream()
                        .map(Field.Choice::code)
                        .filter(code -> !code.equals(field.defaultText()))
                        .limit(CHOICES_TRIED)
                        .toList();
            case YES_NO -> List.of("yes");
            case TEXT, BEARING, LINES, DATE, COUNTER -> List.of();
        };
    }

    private static List<Double> ends(Field field) {
        if (field.hasUsual()) {
            return List.of(field.usualMin(), field.usualMax());
        }
        String usual = field.defaultText();
        if (usual == null || !PLAIN.matcher(usual).matches()) {
            return List.of();
        }
        double about = Double.parseDouble(usual);
        return Stream.of(about / ABOUT, about * ABOUT)
                .filter(v -> v >= field.min() && v <= field.max())
                .toList();
    }

    private static String text(Field field, double value) {
        if (field.kind() == Field.Kind.WHOLE) {
            return Long.toString(Math.round(value));
        }
        String number = java.math.BigDecimal.valueOf(value)
                .setScale(4, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
        return field.unit() == null ? number : number + " " + field.unit().symbol();
    }
}
