package unbo.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import unbo.app.web.SvgWriter;
import unbo.core.answer.Answer;
import unbo.core.answer.Question;
import unbo.core.bearing.BearingBook;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.designation.Decoder;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.ValueTable;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.measure.Quantity;
import unbo.core.route.FromSheet;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;

/** What holds for whatever the bench can answer: its sample, its limits, and anything between them. */
class EveryQuestionTest {

    private static final int TRIES = 60;
    private static final BearingBook OWN = new Decoder(List.of(new OwnBearing(
            new Boundary(BearingKind.DEEP_GROOVE_BALL, "HB 25-47-14", 25, 47, 14, "own", ""),
            11_200.0,
            5_900.0,
            7.4,
            4)));

    static Stream<Question<?>> questions() {
        return Questions.ALL.stream();
    }

    private static Answer answer(Question<?> question, Map<String, String> texts) {
        return answer(question, texts, Decoder.SHIPPED);
    }

    private static <I> Answer answer(Question<I> question, Map<String, String> texts, BearingBook book) {
        return FieldReader.read(question.fields(), texts, UnitSystem.METRIC, book)
                .get()
                .map(question.answer())
                .orElse(null);
    }

    @ParameterizedTest
    @MethodSource("questions")
    void theSampleHasFiguresADerivationAndSources(Question<?> question) {
        Answer answer = answer(question, question.sample());
        assertThat(answer).as(question.name() + " by its sample").isNotNull();
        assertThat(answer.figures())
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.value()).isNotBlank().doesNotContain("NaN", "Infinity", "∞"));
        assertThat(answer.worksheet().lines()).isNotEmpty();
        assertThat(answer.worksheet().sources())
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s).isNotBlank());
        assertThat(answer.findings()).allSatisfy(f -> assertThat(f.sentence()).endsWith("."));
    }

    /** A sheet on which every number and every bearing is known. */
    private static Sheet full() {
        List<Fact> facts = new ArrayList<>();
        for (FactKey key : FactKey.values()) {
            if (key.quantity() != null) {
                facts.add(Fact.number(key, key.quantity() == Quantity.TEMPERATURE ? 60.0 : 20.0, How.MEASURED, "set"));
            } else if (key.bearing()) {
                facts.add(Fact.words(key, "6205", How.TYPED, "identify"));
            }
        }
        facts.add(Fact.words(FactKey.SEAL, "45x65x10", How.TYPED, "identify"));
        facts.add(Fact.words(FactKey.FIT_SEAT, "k5", How.TYPED, "fit"));
        facts.add(Fact.words(FactKey.VEHICLE_KIND, "trailer", How.TYPED, "position"));
        facts.add(Fact.words(FactKey.GREASE_KIND, "CaS", How.TYPED, "grease"));
        facts.add(Fact.words(FactKey.YEARLY, "2000", How.TYPED, "position"));
        facts.add(Fact.words(FactKey.DAY, "2026-05-04", How.TYPED, "intake"));
        return Sheet.of(facts);
    }

    @Test
    void whatAJobKnowsCanBeReadInEveryBoxThatItFills() {
        int filled = 0;
        for (Question<?> question : Questions.ALL) {
            Map<String, String> texts = FromSheet.of(question.fields(), full());
            Reading<?> reading = FieldReader.read(question.fields(), texts, UnitSystem.INCH, Decoder.SHIPPED);
            for (String box : texts.keySet()) {
                assertThat(reading.fields().get(box).problems())
                        .as(question.name() + " " + box + " " + texts.get(box))
                        .isEmpty();
                filled++;
            }
        }
        assertThat(filled).isGreaterThan(35);
    }

    /** An own bearing with its maker's ratings, and the size of a listed one. */
    @ParameterizedTest
    @MethodSource("questions")
    void anOwnBearingAndABareSizeComputeWhereverABearingIsAsked(Question<?> question) {
        List<String> boxes = question.fields().fields().stream()
                .filter(field -> field.kind() == Field.Kind.BEARING)
                .map(Field::name)
                .toList();
        for (String typed : boxes.isEmpty() ? List.<String>of() : List.of("hb 25-47-14", "25x52x15")) {
            Map<String, String> texts = new HashMap<>(question.sample());
            texts.keySet()
                    .removeIf(name -> name.matches("(bore|outside|width)(Mm)?|elements|elementMm|pitchMm|massKg"));
            texts.keySet().removeIf(name -> name.startsWith("plane"));
            boxes.forEach(box -> texts.put(box, typed));
            if (question.fields().field("plane1").isPresent()) {
                texts.putAll(Map.of("seatRing", "inner", "plane1", "25.00 25.01 25.00"));
            }
            assertThat(FieldReader.read(question.fields(), texts, UnitSystem.METRIC, OWN)
                            .problems())
                    .as(question.name() + " of " + typed)
                    .isEmpty();
            assertThat(answer(question, texts, OWN).figures()).isNotEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("questions")
    void everyDrawingIsNamedTitledAndFinite(Question<?> question) {
        Answer answer = answer(question, question.sample());
        assertThat(answer.drawings()).extracting(Drawing::name).doesNotHaveDuplicates();
        for (Drawing drawing : answer.drawings()) {
            assertThat(drawing.title()).isNotBlank();
            assertThat(drawing.name()).matches("[a-z0-9-]{1,40}");
            assertThat(new SvgWriter().write(drawing, false))
                    .startsWith("<svg")
                    .endsWith("</svg>")
                    .doesNotContain("NaN", "Infinity");
        }
    }

    @ParameterizedTest
    @MethodSource("questions")
    void everyTableHasAsManyCellsAsHeads(Question<?> question) {
        List<ValueTable> tables = answer(question, question.sample()).tables();
        assertThat(tables).extracting(ValueTable::name).doesNotHaveDuplicates();
        assertThat(tables)
                .allSatisfy(t -> assertThat(t.rows())
                        .allSatisfy(r -> assertThat(r)
                                .hasSameSizeAs(t.heads())
                                .allSatisfy(c -> assertThat(c).doesNotContain("NaN"))));
    }

    /** Each number at both of its limits, the rest as in the sample: an answer or sentences, never a fault. */
    @ParameterizedTest
    @MethodSource("questions")
    void atItsLimitsItAnswersOrSaysWhyNot(Question<?> question) {
        for (Field field : question.fields().fields()) {
            for (String text : ends(field)) {
                Map<String, String> texts = new HashMap<>(question.sample());
                texts.put(field.name(), text);
                judge(question, texts);
            }
        }
    }

    private static List<String> ends(Field field) {
        return switch (field.kind()) {
            case QUANTITY, LIST -> List.of(plain(field.min()), plain(field.max()), "");
            case WHOLE -> List.of(String.valueOf((int) field.min()), String.valueOf((int) field.max()), "");
            case CHOICE -> field.choices().stream().map(Field.Choice::code).toList();
            case YES_NO -> List.of("yes", "no");
            case DATE -> List.of("1970-01-01", "2199-12-31");
            default -> List.of("", "6205", "LM67048/LM67010", "x".repeat(field.longest()), ";;;", "1:1");
        };
    }

    private static String plain(double value) {
        return java.math.BigDecimal.valueOf(value).toPlainString();
    }

    /** All of its numbers anywhere between their limits. */
    @ParameterizedTest
    @MethodSource("questions")
    void anywhereBetweenItAnswersOrSaysWhyNot(Question<?> question) {
        Random random = new Random(question.name().hashCode());
        for (int i = 0; i < TRIES; i++) {
            Map<String, String> texts = new HashMap<>(question.sample());
            for (Field field : question.fields().fields()) {
                if (random.nextInt(3) == 0) {
                    texts.put(field.name(), any(field, random));
                }
            }
            judge(question, texts);
        }
    }

    private static String any(Field field, Random random) {
        return switch (field.kind()) {
            case QUANTITY -> plain(between(field, random));
            case WHOLE -> String.valueOf((int) between(field, random));
            case LIST -> {
                List<String> values = new ArrayList<>();
                for (int i = 0; i < 1 + random.nextInt(4); i++) {
                    values.add(plain(between(field, random)));
                }
                yield String.join(" ", values);
            }
            case CHOICE ->
                field.choices().get(random.nextInt(field.choices().size())).code();
            case YES_NO -> random.nextBoolean() ? "yes" : "no";
            default -> ends(field).get(random.nextInt(ends(field).size()));
        };
    }

    /** Half of them where they usually are, half anywhere. */
    private static double between(Field field, Random random) {
        boolean usual = field.hasUsual() && random.nextBoolean();
        double low = usual ? field.usualMin() : field.min();
        double high = usual ? field.usualMax() : field.max();
        return Math.round((low + (high - low) * random.nextDouble()) * 1000) / 1000.0;
    }

    private static void judge(Question<?> question, Map<String, String> texts) {
        for (UnitSystem units : UnitSystem.values()) {
            judge(question, texts, units);
        }
    }

    private static <I> void judge(Question<I> question, Map<String, String> texts, UnitSystem units) {
        Reading<I> reading = FieldReader.read(question.fields(), texts, units, Decoder.SHIPPED);
        if (!reading.ok()) {
            assertThat(reading.problems())
                    .isNotEmpty()
                    .allSatisfy(p -> assertThat(p.sentence()).matches("(?s).*[.?]"));
            return;
        }
        Answer answer = question.answer().apply(reading.record());
        assertThat(answer.figures())
                .as(question.name() + " " + texts)
                .allSatisfy(f -> assertThat(f.printed()).doesNotContain("NaN"));
        answer.drawings()
                .forEach(d -> assertThat(new SvgWriter().write(d, false))
                        .as(question.name() + " " + texts)
                        .doesNotContain("NaN"));
    }

    @Test
    void everyQuestionStandsOnTheBenchOnceAndHasAPlaceInAJob() {
        assertThat(Questions.ALL).extracting(Question::name).doesNotHaveDuplicates();
        List<String> listed = Questions.GROUPS.stream()
                .flatMap(g -> g.tools().stream())
                .map(Questions.Tool::address)
                .toList();
        assertThat(Questions.ALL).allSatisfy(q -> assertThat(listed).contains("/bench/" + q.name()));
        List<String> beside = Questions.BESIDE.stream()
                .flatMap(b -> b.questions().stream())
                .map(Question::name)
                .toList();
        assertThat(Questions.ALL)
                .allSatisfy(q ->
                        assertThat(Questions.PLACES.containsKey(q.name())).isNotEqualTo(beside.contains(q.name())));
    }
}
