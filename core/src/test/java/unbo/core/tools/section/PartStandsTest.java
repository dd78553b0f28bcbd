package unbo.core.tools.section;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

import unbo.core.assembly.Part;
import unbo.core.designation.Decoder;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.inspect.Inspection;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;

class PartStandsTest {

    private static Map<String, PartMark> marks(boolean asFound, Set<String> unseen, Fact... more) {
        List<Fact> facts = new ArrayList<>(List.of(
                Fact.words(FactKey.ASSEMBLY, "adjustable-taper", How.TYPED, "identify"),
                Fact.words(PlaceProperty.CONE.at("inner"), "32010X", How.TYPED, "identify"),
                Fact.words(PlaceProperty.CONE.at("outer"), "32008X", How.TYPED, "identify")));
        facts.addAll(List.of(more));
        Sheet sheet = Sheet.of(facts);
        List<Part> parts =
                JobSection.assembly(sheet, Decoder.SHIPPED).orElseThrow().parts();
        return PartStands.of(parts, sheet, asFound, unseen);
    }

    private static Fact read(String modes) {
        return Fact.words(PlaceProperty.DAMAGE.at("inner"), modes, How.COMPUTED, "inspect");
    }

    private static Fact seat(String state) {
        return Fact.words(PlaceProperty.HOUSING_STATE.at("inner"), state, How.MEASURED, "inspect");
    }

    private static Fact remedy(String words) {
        return Fact.words(PlaceProperty.HOUSING_REMEDY.at("inner"), words, How.TYPED, "inspect");
    }

    @Test
    void aBearingThatRanAsItShouldIsNotBad() {
        assertThat(marks(true, Set.of(), read("normal"))).doesNotContainValue(PartMark.BAD);
        assertThat(marks(true, Set.of(), read("normal, etching"))).containsValue(PartMark.BAD);
        assertThat(marks(true, Set.of(), read("etching")).entrySet())
                .filteredOn(entry -> entry.getValue() == PartMark.BAD)
                .hasSize(1)
                .allMatch(entry -> entry.getKey().startsWith("inner"));
    }

    @Test
    void aSeatIsBadUntilSomethingIsDoneAboutIt() {
        assertThat(marks(false, Set.of(), seat("spun"))).containsEntry("inner-cup", PartMark.BAD);
        assertThat(marks(false, Set.of(), seat("spun"), remedy(Inspection.AS_IT_IS)))
                .containsEntry("inner-cup", PartMark.BAD);
        for (String done : List.of(Inspection.SLEEVED, Inspection.BONDED, Inspection.RENEWED)) {
            assertThat(marks(false, Set.of(), seat("spun"), remedy(done))).doesNotContainValue(PartMark.BAD);
        }
        assertThat(marks(false, Set.of(), seat("right"))).doesNotContainValue(PartMark.BAD);
    }

    @Test
    void aFittedBearingGoesInNewWhateverTheOldOneHad() {
        Fact fitted = Fact.number(PlaceProperty.HOUSING_INTERFERENCE.at("inner"), 0.03, How.COMPUTED, "fit");
        assertThat(marks(false, Set.of(), read("etching"), fitted).entrySet())
                .filteredOn(entry -> entry.getKey().startsWith("inner-c"))
                .extracting(Map.Entry::getValue)
                .containsExactly(PartMark.NEW);
        assertThat(marks(true, Set.of(), read("etching"), fitted)).containsValue(PartMark.BAD);
        assertThat(marks(true, Set.of("outer"))).containsValue(PartMark.UNSEEN);
        assertThat(marks(true, Set.of())).doesNotContainValue(PartMark.UNSEEN);
    }
}
