package unbo.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;

import unbo.core.designation.Decoder;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Shape;
import unbo.core.fact.FactKey;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.tools.setting.ShaftSection;

class ShaftSectionTest {

    private static Sheet sheet(Object... pairs) {
        List<Fact> facts = new ArrayList<>();
        for (int i = 0; i < pairs.length; i += 2) {
            facts.add(Fact.words((FactKey) pairs[i], (String) pairs[i + 1], How.TYPED, "fit"));
        }
        return Sheet.of(facts);
    }

    private static List<String> words(Drawing drawing) {
        return drawing.shapes().stream()
                .filter(Shape.Label.class::isInstance)
                .map(s -> ((Shape.Label) s).text())
                .toList();
    }

    @Test
    void theShaftIsDrawnInItsBearingsAsFitWasTold() {
        assertThat(ShaftSection.of(
                        sheet(
                                FactKey.ARRANGEMENT,
                                "two-tight",
                                FactKey.LEFT_BEARING,
                                "6305",
                                FactKey.RIGHT_BEARING,
                                "NU305"),
                        Decoder.SHIPPED))
                .hasValueSatisfying(d -> assertThat(words(d)).contains("6305", "NU305", "held once"));
        assertThat(ShaftSection.of(
                        sheet(
                                FactKey.ARRANGEMENT,
                                "two-tight",
                                FactKey.LEFT_BEARING,
                                "6305",
                                FactKey.RIGHT_BEARING,
                                "6305"),
                        Decoder.SHIPPED))
                .hasValueSatisfying(d -> assertThat(words(d)).contains("held twice"));
    }

    @Test
    void withoutAnArrangementOrABearingNothingIsDrawn() {
        assertThat(ShaftSection.of(sheet(), Decoder.SHIPPED)).isEmpty();
        assertThat(ShaftSection.of(
                        sheet(FactKey.LEFT_BEARING, "6305", FactKey.RIGHT_BEARING, "NU305"), Decoder.SHIPPED))
                .isEmpty();
        assertThat(ShaftSection.of(
                        sheet(FactKey.ARRANGEMENT, "two-tight", FactKey.LEFT_BEARING, "6305"), Decoder.SHIPPED))
                .isEmpty();
        assertThat(ShaftSection.of(
                        sheet(
                                FactKey.ARRANGEMENT,
                                "of an older release",
                                FactKey.LEFT_BEARING,
                                "6305",
                                FactKey.RIGHT_BEARING,
                                "6305"),
                        Decoder.SHIPPED))
                .isEmpty();
    }
}
