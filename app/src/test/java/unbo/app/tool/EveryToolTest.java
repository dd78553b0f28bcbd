package unbo.app.tool;

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
import unbo.core.bearing.BearingBook;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.designation.Decoder;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.ValueTable;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Field;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.measure.Quantity;
import unbo.core.route.FromSheet;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.tool.Call;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;

/** What holds for whatever the bench can answer: its sample, its limits, and anything between them. */
class EveryToolTest {

    private static final int TRIES = 60;
    private static final BearingBook OWN = new Decoder(List.of(new OwnBearing(
            new Boundary(BearingKind.DEEP_GROOVE_BALL, "HB 25-47-14", 25, 47, 14, "own", ""),
            11_200.0,
            5_900.0,
            7.4,
            4)));

    static List<Tool<?, ?>> tools() {
        return Tools.all();
    }

    private static Answer answer(Tool<?, ?> tool, Map<String, String> texts) {
        return answer(tool, texts, Decoder.SHIPPED);
    }

    private static <I> Answer answer(Tool<I, ?> tool, Map<String, String> texts, BearingBook book) {
        return FieldReader.read(tool.fields(), texts, UnitSystem.METRIC, book)
                .get()
                .map(tool::answer)
                .orElse(null);
    }

    @ParameterizedTest
    @MethodSource("tools")
    void theSampleHasFiguresADerivationAndSources(Tool<?, ?> tool) {
        Answer answer = answer(tool, tool.sample());
        assertThat(answer).as(tool.name() + " by its sample").isNotNull();
        assertThat(answer.figures())
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.value()).isNotBlank().doesNotContain("NaN", "Infinity", "∞"));
        assertThat(answer.worksheet().lines()).isNotEmpty();
        assertThat(answer.worksheet().sources())
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s).isNotBlank());
        assertThat(answer.findings()).allSatisfy(f -> assertThat(f.sentence()).endsWith("."));
    }

    private static double some(FactKey key) {
        if (key.words().startsWith("end play")) {
            return 0.05;
        }
        if (key.words().endsWith("by what it went through")) {
            return 1;
        }
        return key.quantity() == Quantity.TEMPERATURE ? 60 : key.quantity() == Quantity.PITCH ? 1.5 : 20;
    }

    /** A sheet on which every number and every bearing is known. */
    private static Sheet full() {
        List<Fact> facts = new ArrayList<>();
        for (FactKey key : FactKey.all()) {
            if (key.quantity() != null) {
                facts.add(Fact.number(key, some(key), How.MEASURED, "set"));
            } else if (key.bearing()) {
                facts.add(Fact.words(key, "6205", How.TYPED, "identify"));
            }
        }
        facts.add(Fact.words(FactKey.SEAL, "45x65x10", How.TYPED, "identify"));
        facts.add(Fact.words(PlaceProperty.SHAFT_FIT.at(FactKey.FIRST), "k5", How.TYPED, "fit"));
        facts.add(Fact.words(FactKey.VEHICLE_KIND, "trailer", How.TYPED, "position"));
        facts.add(Fact.words(FactKey.GREASE_KIND, "CaS", How.TYPED, "grease"));
        facts.add(Fact.words(FactKey.YEARLY, "2000", How.TYPED, "position"));
        facts.add(Fact.words(FactKey.DAY, "2026-05-04", How.TYPED, "intake"));
        return Sheet.of(facts);
    }

    @Test
    void whatAJobKnowsCanBeReadInEveryBoxThatItFills() {
        int filled = 0;
        for (Tool<?, ?> tool : Tools.all()) {
            Map<String, String> texts = FromSheet.of(tool.fields(), full());
            Reading<?> reading = FieldReader.read(tool.fields(), texts, UnitSystem.INCH, Decoder.SHIPPED);
            for (String box : texts.keySet()) {
                assertThat(reading.fields().get(box).problems())
                        .as(tool.name() + " " + box + " " + texts.get(box))
                        .isEmpty();
                filled++;
            }
        }
        assertThat(filled).isGreaterThan(35);
    }

    /** An own bearing with its maker's ratings, and the size of a listed one. */
    @ParameterizedTest
    @MethodSource("tools")
    void anOwnBearingAndABareSizeComputeWhereverABearingIsAsked(Tool<?, ?> tool) {
        List<String> boxes = tool.fields().fields().stream()
                .filter(field -> field.kind() == Field.Kind.BEARING)
                .map(Field::name)
                .toList();
        for (String typed : boxes.isEmpty() ? List.<String>of() : List.of("hb 25-47-14", "25x52x15")) {
            Map<String, String> texts = new HashMap<>(tool.sample());
            texts.keySet()
                    .removeIf(name -> name.matches("(bore|outside|width)(Mm)?|elements|elementMm|pitchMm|massKg"));
            texts.keySet().removeIf(name -> name.startsWith("plane"));
            boxes.forEach(box -> texts.put(box, typed));
            if (tool.fields().field("plane1").isPresent()) {
                texts.putAll(Map.of("seatRing", "inner", "plane1", "25.00 25.01 25.00"));
            }
            assertThat(FieldReader.read(tool.fields(), texts, UnitSystem.METRIC, OWN)
                            .problems())
                    .as(tool.name() + " of " + typed)
                    .isEmpty();
            assertThat(answer(tool, texts, OWN).figures()).isNotEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("tools")
    void everyDrawingIsNamedTitledAndFinite(Tool<?, ?> tool) {
        Answer answer = answer(tool, tool.sample());
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
    @MethodSource("tools")
    void everyTableHasAsManyCellsAsHeads(Tool<?, ?> tool) {
        List<ValueTable> tables = answer(tool, tool.sample()).tables();
        assertThat(tables).extracting(ValueTable::name).doesNotHaveDuplicates();
        assertThat(tables)
                .allSatisfy(t -> assertThat(t.rows())
                        .allSatisfy(r -> assertThat(r)
                                .hasSameSizeAs(t.heads())
                                .allSatisfy(c -> assertThat(c).doesNotContain("NaN"))));
    }

    /** Each number at both of its limits, the rest as in the sample: an answer or sentences, never a fault. */
    @ParameterizedTest
    @MethodSource("tools")
    void atItsLimitsItAnswersOrSaysWhyNot(Tool<?, ?> tool) {
        for (Field field : tool.fields().fields()) {
            for (String text : ends(field)) {
                Map<String, String> texts = new HashMap<>(tool.sample());
                texts.put(field.name(), text);
                judge(tool, texts);
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
    @MethodSource("tools")
    void anywhereBetweenItAnswersOrSaysWhyNot(Tool<?, ?> tool) {
        Random random = new Random(tool.name().hashCode());
        for (int i = 0; i < TRIES; i++) {
            Map<String, String> texts = new HashMap<>(tool.sample());
            for (Field field : tool.fields().fields()) {
                if (random.nextInt(3) == 0) {
                    texts.put(field.name(), any(field, random));
                }
            }
            judge(tool, texts);
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

    private static void judge(Tool<?, ?> tool, Map<String, String> texts) {
        for (UnitSystem units : UnitSystem.values()) {
            judge(tool, texts, units);
        }
    }

    private static <I> void judge(Tool<I, ?> tool, Map<String, String> texts, UnitSystem units) {
        Reading<I> reading = FieldReader.read(tool.fields(), texts, units, Decoder.SHIPPED);
        if (!reading.ok()) {
            assertThat(reading.problems())
                    .isNotEmpty()
                    .allSatisfy(p -> assertThat(p.sentence()).matches("(?s).*[.?]"));
            return;
        }
        Answer answer = tool.answer(reading.record());
        assertThat(answer.figures())
                .as(tool.name() + " " + texts)
                .allSatisfy(f -> assertThat(f.printed()).doesNotContain("NaN"));
        answer.drawings()
                .forEach(d -> assertThat(new SvgWriter().write(d, false))
                        .as(tool.name() + " " + texts)
                        .doesNotContain("NaN"));
    }

    @Test
    void everyToolStandsOnTheBenchOnce() {
        assertThat(Tools.all()).extracting(Tool::name).doesNotHaveDuplicates();
        List<String> listed = BenchIndex.GROUPS.stream()
                .flatMap(g -> g.entries().stream())
                .map(BenchIndex.Entry::address)
                .toList();
        assertThat(listed).doesNotHaveDuplicates();
        assertThat(Tools.all()).allSatisfy(tool -> assertThat(listed).contains("/bench/" + tool.name()));
    }

    /** The description of calls names a record by its simple name. */
    @Test
    void whatCallsAnswerIsNamedOnceForAll() {
        List<Class<?>> answers = Tools.all().stream()
                .<Class<?>>flatMap(tool -> tool.calls().stream().map(Call::answer))
                .flatMap(answer -> Stream.concat(
                        Stream.of(answer), Stream.of(answer.getEnclosingClass().getDeclaredClasses())))
                .distinct()
                .toList();
        assertThat(answers).hasSizeGreaterThan(40);
        assertThat(answers).extracting(Class::getSimpleName).doesNotHaveDuplicates();
    }
}
