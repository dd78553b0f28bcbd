package unbo.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.Shipped;
import unbo.core.finding.Level;
import unbo.core.input.UnitSystem;
import unbo.core.tool.Tool;
import unbo.core.tools.identify.DecodeTool;
import unbo.core.tools.identify.MatchTool;
import unbo.core.tools.proving.DueTool;
import unbo.core.tools.proving.EndPlayTool;
import unbo.core.tools.running.GreaseTool;
import unbo.core.tools.running.HubGreaseTool;
import unbo.core.tools.running.MixTool;
import unbo.core.tools.setting.UnitHubTool;

/** What the bench prints: figures with units, sentences, and a worksheet that carries the same numbers. */
class PrintedAnswersTest {

    private static <I> Answer ask(Tool<I, ?> question, String... pairs) {
        Map<String, String> texts = new HashMap<>(question.sample());
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return question.answer(
                Shipped.read(question.fields(), texts, UnitSystem.METRIC).record());
    }

    @Test
    void everyQuestionPrintsFiguresSourcesAndADerivation() {
        for (Tool<?, ?> question : List.of(
                new DecodeTool(),
                new MatchTool(),
                new HubGreaseTool(),
                new GreaseTool(),
                new MixTool(),
                new EndPlayTool(),
                new DueTool())) {
            Answer answer = ask(question);
            assertThat(answer.figures())
                    .as(question.name())
                    .isNotEmpty()
                    .allSatisfy(f -> assertThat(f.value()).isNotBlank());
            assertThat(answer.worksheet().lines()).as(question.name()).isNotEmpty();
            assertThat(answer.worksheet().sources()).as(question.name()).isNotEmpty();
        }
    }

    @Test
    void aConeIsPrintedWithItsSizesAndTheWarningThatItsCupDecides() {
        Answer answer = ask(new DecodeTool(), "marking", "L44643");
        assertThat(answer.figures()).extracting(Answer.Figure::value).contains("L44643", "25.4", "50.292", "14.224");
        assertThat(answer.sentences()).anyMatch(s -> s.contains("listed cup L44610"));
        assertThat(answer.worksheet().lines()).anyMatch(l -> l.value().contains("series L446"));
    }

    @Test
    void anUnknownMarkingIsPrintedAsUnknown() {
        Answer answer = ask(new DecodeTool(), "marking", "yard 7");
        assertThat(answer.level()).isEqualTo(Level.OPEN);
        assertThat(answer.figures())
                .filteredOn(f -> f.what().equals("bore"))
                .singleElement()
                .satisfies(f -> assertThat(f.value()).isEqualTo("not told"));
    }

    @Test
    void aWrongPairIsAStop() {
        assertThat(ask(new MatchTool()).level()).isEqualTo(Level.STOP);
        assertThat(ask(new MatchTool(), "cup", "L44610").level()).isEqualTo(Level.RIGHT);
        assertThat(ask(new MatchTool(), "cup", "yard 7").level()).isEqualTo(Level.WATCH);
    }

    @Test
    void hubGreasePrintsGramsAndDrawsTheHub() {
        Answer answer = ask(new HubGreaseTool());
        assertThat(answer.figures()).extracting(Answer.Figure::unit).containsOnly("g");
        assertThat(answer.drawings())
                .singleElement()
                .satisfies(d -> assertThat(d.name()).isEqualTo("section"));
        assertThat(answer.printed().drawings()).isEmpty();
        assertThat(answer.sentences()).anyMatch(s -> s.contains("Never fill the hub"));
    }

    @Test
    void oneBearingPrintsHandPackingForATaperInAWheel() {
        Answer answer = ask(
                new GreaseTool(),
                "designation",
                "32008X",
                "boreMm",
                "",
                "outsideMm",
                "",
                "widthMm",
                "",
                "massKg",
                "",
                "kind",
                "");
        assertThat(answer.figures().get(0).what()).isEqualTo("pack by hand");
        assertThat(answer.sentences()).anyMatch(s -> s.contains("surgical emergency"));
    }

    @Test
    void aFastBearingIsWarnedOfAFullFill() {
        Answer answer = ask(new GreaseTool(), "rpm", "9000", "use", "general");
        assertThat(answer.findings())
                .singleElement()
                .satisfies(f -> assertThat(f.sentence()).contains("346500").contains("churn"));
    }

    @Test
    void aBearingTooFastForGreaseNeedsOil() {
        Answer answer = ask(new GreaseTool(), "kind", "tapered", "massKg", "", "rpm", "40000");
        assertThat(answer.figures()).anyMatch(f -> f.value().equals("needs oil"));
    }

    @Test
    void proofsPrintPairsSpreadAndWhatIsMissing() {
        Answer answer = ask(new EndPlayTool());
        assertThat(answer.figures().get(0))
                .isEqualTo(new Answer.Figure("end play", "0.080", "mm", "0.0031 in").of(0.08));
        assertThat(answer.sentences().get(0))
                .contains("Still missing")
                .contains("nut locked")
                .contains("initials");
        assertThat(answer.worksheet().lines()).anyMatch(l -> l.limit().contains("stop over 0.150 mm"));
        assertThat(answer.drawings()).hasSize(1);
    }

    @Test
    void dueDatesSayWhicheverComesFirst() {
        Answer answer = ask(new DueTool(), "counterUnit", "km", "counter", "15000", "note", "seal replaced");
        assertThat(answer.figures()).extracting(Answer.Figure::value).contains("2027-04-30", "35000", "20");
        assertThat(answer.sentences().get(0)).isEqualTo("seal replaced");
        assertThat(answer.sentences().get(1)).startsWith("Whichever comes first");
    }

    @Test
    void anInchWorkshopReadsInchesLarge() {
        Answer.Figure play = ask(new EndPlayTool()).figures().get(0);
        assertThat(play.in(UnitSystem.INCH)).isEqualTo(new Answer.Figure("end play", "0.0031", "in", "0.080 mm"));
        assertThat(play.in(UnitSystem.METRIC)).isEqualTo(play);
        Answer.Figure grams = ask(new HubGreaseTool()).figures().get(0);
        assertThat(grams.in(UnitSystem.INCH)).isEqualTo(grams);
    }

    @Test
    void theWorstFindingIsTheLevelOfAnAnswer() {
        assertThat(ask(new EndPlayTool(), "hubTemperature", "95", "twinTemperature", "40")
                        .level())
                .isEqualTo(Level.STOP);
        assertThat(ask(new DueTool()).level()).as("nothing was judged").isEqualTo(Level.OPEN);
        assertThat(ask(new UnitHubTool(), "torque", "200", "maker", "", "turns", "tight")
                        .level())
                .as("not known never hides stop")
                .isEqualTo(Level.STOP);
    }
}
