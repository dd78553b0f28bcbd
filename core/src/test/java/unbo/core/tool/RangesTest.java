package unbo.core.tool;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import unbo.core.answer.Answer;
import unbo.core.designation.Decoder;
import unbo.core.finding.Finding;
import unbo.core.input.Field;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.tools.geometry.PlayTiltTool;

/** How far the figures of any tool may be off. */
class RangesTest {

    private static <I, R> Answer answer(Tool<I, R> tool, Map<String, String> texts) {
        Typed typed = Typed.of(texts, UnitSystem.METRIC);
        Reading<I> reading = FieldReader.read(tool.fields(), typed, Decoder.SHIPPED);
        assertThat(reading.problems()).as(tool.name()).isEmpty();
        return Ranges.of(tool, reading, typed, Decoder.SHIPPED, tool.answer(requireNonNull(reading.record())));
    }

    private static Answer.Figure rim(Map<String, String> texts) {
        return answer(new PlayTiltTool(), texts).figures().stream()
                .filter(figure -> figure.what().equals("at the rim"))
                .findFirst()
                .orElseThrow();
    }

    /**
     * The rim moves by radius over spread: 1 % and 2 % are 2.24 % by chance, 3 % at the worst, a fifth from the radius.
     */
    @Test
    void aQuotientsPartsAddAsSquares() {
        Answer.Figure rim = rim(
                Map.of("clearance", "20 µm", "spread", "60 mm ±1.2", "rimRadius", "300 ±3 mm", "discRadius", "100"));
        Answer.Within range = requireNonNull(rim.within());
        double mm = requireNonNull(rim.exact());
        assertThat((range.high() - range.low()) / 2 / mm).isCloseTo(Math.sqrt(0.01 * 0.01 + 0.02 * 0.02), within(1e-4));
        assertThat((range.worstHigh() - range.worstLow()) / 2 / mm).isCloseTo(0.03, within(1e-4));
        assertThat(range.shares().stream().map(Answer.Share::input)).containsExactly("spread", "rimRadius");
        assertThat(range.shares().get(0).share()).isCloseTo(0.8, within(0.001));
    }

    @Test
    void perCentAndInstrumentsSayTheSame() {
        Map<String, String> texts = Map.of("clearance", "20 µm", "spread", "60", "rimRadius", "300");
        Map<String, String> share = new HashMap<>(texts);
        share.put("spread", "60 ± 0.05 %");
        Map<String, String> caliper = new HashMap<>(texts);
        caliper.put("spread", "6 cm ±caliper");
        assertThat(rim(texts).within()).isNull();
        assertThat(requireNonNull(rim(caliper).within()).high())
                .isCloseTo(requireNonNull(rim(share).within()).high(), within(1e-9));
    }

    @Test
    void whatToMeasureNextIsSaid() {
        Answer answer = answer(
                new PlayTiltTool(),
                Map.of("clearance", "20 µm ±2", "spread", "60 +/- 1.2", "rimRadius", "300", "discRadius", "100"));
        assertThat(answer.sentences())
                .anyMatch(s -> s.startsWith("Measure “Clearance of each bearing, mounted” closer"));
        assertThat(answer.tables()).anyMatch(table -> table.name().equals("within"));
    }

    /** A judgement that hangs on what was not measured closely enough is said to. */
    @Test
    void aJudgementThatTurnsInsideTheRangeIsSaid() {
        Answer plain = answer(new PlayTiltTool(), Map.of("endPlay", "0.5", "spread", "60", "rimRadius", "300"));
        Answer wide = answer(new PlayTiltTool(), Map.of("endPlay", "0.5 ±0.45", "spread", "60", "rimRadius", "300"));
        Answer close = answer(new PlayTiltTool(), Map.of("endPlay", "0.5 ±0.0001", "spread", "60", "rimRadius", "300"));
        assertThat(plain.sentences()).noneMatch(s -> s.contains("does not hold"));
        assertThat(wide.sentences()).anyMatch(s -> s.startsWith("The judgement does not hold over all that “End play"));
        assertThat(wide.findings().stream().map(Finding::code))
                .isEqualTo(close.findings().stream().map(Finding::code).toList());
    }

    static List<Tool<?, ?>> tools() {
        return Tools.all();
    }

    /** With ±2 % behind every quantity the figures stay as they are, and no range by chance is wider than the worst. */
    @ParameterizedTest
    @MethodSource("tools")
    void everyToolCarriesThem(Tool<?, ?> tool) {
        Map<String, String> off = withRanges(tool);
        Answer before = answer(tool, tool.sample());
        Answer after = answer(tool, off);
        assertThat(after.figures().stream().map(Answer.Figure::printed))
                .isEqualTo(before.figures().stream().map(Answer.Figure::printed).toList());
        for (Answer.Figure figure : after.figures()) {
            Answer.Within range = figure.within();
            if (range != null) {
                assertThat(range.high() - range.low())
                        .as(tool.name() + ", " + figure.what())
                        .isLessThanOrEqualTo((range.worstHigh() - range.worstLow()) * (1 + 1e-9))
                        .isPositive();
                assertThat(range.shares().stream()
                                .mapToDouble(Answer.Share::share)
                                .sum())
                        .isCloseTo(1, within(1e-9));
            }
        }
    }

    @Test
    void mostToolsThatAskQuantitiesTellOne() {
        List<Tool<?, ?>> asking = Tools.all().stream()
                .filter(tool -> !withRanges(tool).equals(tool.sample()))
                .toList();
        List<String> silent = asking.stream()
                .filter(tool ->
                        answer(tool, withRanges(tool)).figures().stream().noneMatch(figure -> figure.within() != null))
                .map(Tool::name)
                .toList();
        assertThat(asking.size()).isGreaterThan(30);
        assertThat(silent.size()).as(silent.toString()).isLessThan(asking.size() / 4);
    }

    private static Map<String, String> withRanges(Tool<?, ?> tool) {
        Map<String, String> off = new HashMap<>(tool.sample());
        off.replaceAll((name, text) -> tool.fields()
                        .field(name)
                        .filter(field -> (field.kind() == Field.Kind.QUANTITY || field.kind() == Field.Kind.LIST)
                                && !text.isBlank())
                        .isPresent()
                ? text + " ±2 %"
                : text);
        return off;
    }
}
