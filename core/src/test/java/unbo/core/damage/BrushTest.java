package unbo.core.damage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.finding.Level;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.strip.RaceMapDrawing;
import unbo.core.tools.strip.RaceMapFields;
import unbo.core.tools.strip.RaceMapTool;
import unbo.core.tools.strip.RaceMapWords;

class BrushTest {

    private static Map<String, String> touch(String... pairs) {
        Map<String, String> touch = new HashMap<>(Map.of(
                "paint",
                "yes",
                "brush-ring",
                "outer",
                "brush-mark",
                "dent",
                "brush-angle",
                "10",
                "brush-across",
                "40",
                "brush-width",
                "12"));
        for (int i = 0; i < pairs.length; i += 2) {
            touch.put(pairs[i], pairs[i + 1]);
        }
        return touch;
    }

    private static List<Stroke> painted(Map<String, String> texts, Map<String, String> touch) {
        return Stroke.read(Brush.touched(texts, touch).getOrDefault("outer", ""))
                .orElseThrow();
    }

    @Test
    void oneSpotIsPaintedWhereItIsTyped() {
        Stroke stroke = painted(Map.of(), touch()).get(0);
        assertThat(stroke.mark().code()).isEqualTo("dent");
        assertThat(stroke.width()).isEqualTo(0.12);
        assertThat(stroke.spots()).containsExactly(new Stroke.Spot(10, 0.4));
    }

    @Test
    void timesRoundRepeatsItEvenly() {
        List<Stroke.Spot> spots =
                painted(Map.of(), touch("brush-repeat", "9")).get(0).spots();
        assertThat(spots).hasSize(9);
        assertThat(spots.get(1).angleDeg() - spots.get(0).angleDeg()).isEqualTo(40);
    }

    @Test
    void fromAndToPaintAnArcAcrossTheSeamToo() {
        Painting arc = Painting.of(
                painted(Map.of(), touch("brush-mark", "track", "brush-angle", "330", "brush-to", "60")), "track", true);
        assertThat(arc.arcDeg()).isBetween(88, 93);
        assertThat(arc.at(0)).isTrue();
        assertThat(arc.at(180)).isFalse();
        assertThat(Painting.of(
                                painted(Map.of(), touch("brush-mark", "track", "brush-angle", "0", "brush-to", "360")),
                                "track",
                                true)
                        .arcDeg())
                .isEqualTo(360);
    }

    @Test
    void theLastStrokeIsTakenBackAndARingWipedOrCopied() {
        Map<String, String> texts = Map.of("outer", "dent/5 10:50|track/30 0:50", "inner", "");
        assertThat(Brush.touched(texts, Map.of("unpaint", "outer"))).containsEntry("outer", "dent/5 10:50");
        assertThat(Brush.touched(Map.of("outer", "dent/5 10:50"), Map.of("unpaint", "outer")))
                .containsEntry("outer", "");
        assertThat(Brush.touched(texts, Map.of("wipe", "outer"))).containsEntry("outer", "");
        assertThat(Brush.touched(texts, Map.of("copy", "outer"))).containsEntry("inner", "dent/5 10:50|track/30 0:50");
    }

    @ParameterizedTest
    @CsvSource({"brush-mark,moon", "brush-angle,far", "brush-across,", "brush-width,wide"})
    void whatCannotBePaintedPaintsNothing(String name, String value) {
        assertThat(Brush.touched(Map.of(), touch(name, value == null ? "" : value)))
                .doesNotContainKey("outer");
    }

    private static Reading<RaceMapInput> read(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(RaceMapFields.LIST, texts, UnitSystem.METRIC);
    }

    @Test
    void theNumberTellsElementsAndKindUnlessTheyAreTyped() {
        RaceMapInput told = read("designation", "6205").record();
        assertThat(told.elements()).isEqualTo(9);
        assertThat(told.elementsEstimated()).isTrue();
        assertThat(told.kind()).isEqualTo(RaceMapInput.Kind.BALL);
        assertThat(read("designation", "32008X").record().kind()).isEqualTo(RaceMapInput.Kind.TAPERED);
        RaceMapInput typed =
                read("designation", "6205", "elements", "8", "kind", "needle").record();
        assertThat(typed.elements()).isEqualTo(8);
        assertThat(typed.elementsEstimated()).isFalse();
        assertThat(typed.kind()).isEqualTo(RaceMapInput.Kind.NEEDLE);
        assertThat(read().record().elements()).isNull();
    }

    @ParameterizedTest
    @ValueSource(strings = {"inner", "outer"})
    void aPaintingThatCannotBeReadSaysHowOneIsWritten(String ring) {
        assertThat(read(ring, "scribble").sentences(ring))
                .singleElement()
                .asString()
                .contains("mark/width angle:across");
    }

    @Test
    void anUnpaintedMapSaysWhatToDoAndAScribbleThatNothingIsClear() {
        Answer empty = RaceMapWords.answer(RaceMap.of(read().record()));
        assertThat(empty.sentences()).singleElement().asString().contains("running track first");
        assertThat(empty.findings()).isEmpty();
        Answer dot =
                RaceMapWords.answer(RaceMap.of(read("outer", "score/10 40:50").record()));
        assertThat(dot.level()).isEqualTo(Level.OPEN);
        assertThat(dot.figures().get(0).value()).isEqualTo("unclear");
    }

    @Test
    void theWorksheetNamesEveryMeasureAndWhatSpokeForAndAgainst() {
        Answer answer = new RaceMapTool()
                .answer(Shipped.read(RaceMapFields.LIST, new RaceMapTool().sample(), UnitSystem.METRIC)
                        .record());
        assertThat(answer.worksheet().lines())
                .anyMatch(l ->
                        l.name().equals("outer race, dark line") && l.value().contains("at the element pitch"));
        assertThat(answer.worksheet().lines())
                .anyMatch(l -> l.name().equals("Etched by water") && l.formula().contains("rust beside them"));
        assertThat(answer.drawings())
                .singleElement()
                .satisfies(d -> assertThat(d.title()).contains("Etched by water"));
    }

    @Test
    void everyMarkIsDrawnAndHasAKeyOfItsOwn() {
        assertThat(Mark.all()).extracting(Mark::key).doesNotHaveDuplicates();
        for (Mark mark : Mark.all()) {
            assertThat(RaceMapDrawing.swatch(mark).shapes()).as(mark.code()).hasSizeGreaterThan(1);
            assertThat(Stroke.read(mark.code() + "/20 350:50 10:50"))
                    .as(mark.code())
                    .isPresent();
        }
        assertThat(Mode.all())
                .hasSize(20)
                .allSatisfy(m -> assertThat(RaceMapDrawing.plate(m).shapes()).isNotEmpty());
    }

    @Test
    void aBandAcrossTheSeamIsDrawnOnBothEnds() {
        RaceMap map = RaceMap.of(read("outer", "track/30 340:50 0:50 20:50").record());
        assertThat(map.outer().track().arcDeg()).isBetween(38.0, 43.0);
        assertThat(map.outer().track().allRound()).isFalse();
    }

    @Test
    void aStrokeOfFourThousandSpotsIsReadAndOneMoreIsNot() {
        String spots = " 12.5:50".repeat(Stroke.MOST_SPOTS);
        assertThat(Stroke.read("dent/5" + spots).orElseThrow())
                .singleElement()
                .satisfies(stroke -> assertThat(stroke.spots()).hasSize(Stroke.MOST_SPOTS));
        assertThat(Stroke.read("dent/5" + spots + " 1:1")).isEmpty();
    }
}
