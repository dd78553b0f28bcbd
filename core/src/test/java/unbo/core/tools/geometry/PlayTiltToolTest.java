package unbo.core.tools.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.finding.Level;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;

class PlayTiltToolTest {

    private static final PlayTiltTool TOOL = new PlayTiltTool();

    private static Reading<PlayTiltTool.Wheel> read(String... pairs) {
        Map<String, String> texts = new HashMap<>(TOOL.sample());
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(TOOL.fields(), texts, UnitSystem.METRIC);
    }

    @Test
    void aTenthOfEndPlayIsWithinATolerance() {
        Answer answer = TOOL.answer(read().record());
        assertThat(answer.figures()).extracting(Answer.Figure::value).containsExactly("0.048", "0.25", "0.116", "0.42");
        assertThat(answer.level()).isEqualTo(Level.RIGHT);
    }

    /** 0.13 mm of end play knock the pads back by 0.151 mm at 140 mm; 0.53 mm wander by 0.2524°. */
    @ParameterizedTest
    @CsvSource({"0.12,RIGHT", "0.128,RIGHT", "0.13,WATCH", "0.52,WATCH", "0.53,SOON"})
    void playIsJudgedByWhatItDoes(String play, Level level) {
        assertThat(TOOL.answer(read("endPlay", play).record()).level()).isEqualTo(level);
    }

    /** 0.2° over 60 mm at 14°: 0.2·π/180·60/2/tan 14° = 0.420 mm. */
    @Test
    void theReverseFromAnAlignmentThatWandered() {
        assertThat(TOOL.compute(read().record()).explainsMm()).isCloseTo(0.4200, within(1e-4));
        assertThat(TOOL.answer(read("wandered", "0.5").record()).sentences())
                .anyMatch(s -> s.contains("look at joints"));
    }

    /** Balls are asked for their clearance: 0.2·π/180·48/2 = 0.0838 mm; at 0.5° it is 0.209 mm, no bearing's. */
    @Test
    void ballsAreExplainedByTheirClearance() {
        Answer answer = TOOL.answer(
                read("endPlay", "", "clearance", "15", "spread", "48").record());
        assertThat(answer.figures())
                .anyMatch(f -> f.what().equals("clearance that would explain it")
                        && f.value().equals("0.084"));
        assertThat(answer.sentences()).anyMatch(s -> s.startsWith("Measure the clearance"));
        assertThat(TOOL.answer(read("endPlay", "", "clearance", "15", "spread", "48", "wandered", "0.5")
                                .record())
                        .sentences())
                .anyMatch(s -> s.startsWith("No hub has so much clearance"));
    }

    @Test
    void tapersOrBallsNotBoth() {
        assertThat(read("clearance", "15").sentences("clearance")).anyMatch(s -> s.contains("one of them"));
        assertThat(read("endPlay", "").sentences("endPlay")).anyMatch(s -> s.contains("one of them"));
        assertThat(TOOL.compute(read("endPlay", "", "clearance", "15", "spread", "48")
                                .record())
                        .rimMm())
                .isCloseTo(0.1875, within(1e-9));
    }
}
