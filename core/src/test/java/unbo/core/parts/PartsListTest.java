package unbo.core.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.fact.FactKey;
import unbo.core.finding.Level;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.tools.identify.RebuildWords;
import unbo.core.tools.parts.PartsList;
import unbo.core.tools.parts.PartsProposed;
import unbo.core.tools.parts.PartsWords;

class PartsListTest {

    private static PartLine line(String what, double count, Double a, Double b, PartLine.From from) {
        return new PartLine("bearing", what, "", count, "pieces", false, new PartLine.Prices(a, b, from));
    }

    @Test
    void theMixTakesTheCheaperUnlessOneIsChosen() {
        PartsList list = new PartsList(List.of(
                line("L44643", 2, 8.0, 7.5, PartLine.From.CHEAPER),
                line("L44610", 2, 4.0, 3.0, PartLine.From.A),
                line("pin", 1, null, 0.4, PartLine.From.A)));
        assertThat(list.total()).isEqualTo(15 + 8 + 0.4);
        assertThat(list.totalA()).isNull();
        assertThat(list.totalB()).isEqualTo(15 + 6 + 0.4);
        assertThat(list.from(PartLine.From.B)).extracting(PartLine::what).containsExactly("L44643", "pin");
        assertThat(list.unpriced()).isEmpty();
    }

    @Test
    void aTubCostsWhatItCostsWhateverTheGrams() {
        PartLine grease = new PartLine(
                "grease", "CaS", "", 42, "g", true, new PartLine.Prices(11.0, null, PartLine.From.CHEAPER));
        assertThat(grease.cost()).isEqualTo(11);
        assertThat(PartsWords.count(grease)).isEqualTo("42 g");
    }

    @Test
    void rowsAreReadOneByOneAndEmptyOnesPassedOver() {
        PartsList.Typed typed = PartsList.Typed.of(
                Map.of(
                        "what-0",
                        "seal",
                        "count-0",
                        "2",
                        "priceA-0",
                        "6.40",
                        "what-3",
                        "",
                        "kind-3",
                        "pin",
                        "what-7",
                        "pin",
                        "count-7",
                        "many",
                        "other-9",
                        "x"),
                UnitSystem.METRIC);
        assertThat(typed.read()).containsOnlyKeys(0, 7);
        assertThat(typed.ok()).isFalse();
        assertThat(typed.problems())
                .singleElement()
                .satisfies(p -> assertThat(p.field()).isEqualTo("count-7"));
        assertThat(typed.list().lines())
                .singleElement()
                .satisfies(l -> assertThat(l.costA()).isEqualTo(12.8));
    }

    @Test
    void aPriceWithoutAPartIsAsked() {
        assertThat(PartsList.Typed.of(Map.of("priceB-2", "4"), UnitSystem.METRIC)
                        .problems())
                .singleElement()
                .satisfies(p -> assertThat(p.field()).isEqualTo("what-2"));
    }

    @Test
    void theSheetProposesBearingsCupsSealPinAndGrease() {
        Sheet sheet = Sheet.of(List.of(
                Fact.words(FactKey.OUTER_CONE, "L44643", How.TYPED, "identify"),
                Fact.words(FactKey.OUTER_CUP, "L44610", How.TYPED, "identify"),
                Fact.words(FactKey.INNER_CONE, "32008X", How.TYPED, "identify"),
                Fact.words(FactKey.INNER_KIND, "tapered-roller", How.COMPUTED, "identify"),
                Fact.words(FactKey.SEAL, "45x65x10", How.TYPED, "identify"),
                Fact.words(FactKey.GREASE_KIND, "CaS", How.TYPED, "grease"),
                Fact.number(FactKey.GREASE_TOTAL, 41.2, How.COMPUTED, "grease")));
        List<PartLine> lines = PartsProposed.of(sheet);
        assertThat(lines)
                .extracting(PartLine::kind)
                .containsExactly("bearing", "cup", "bearing", "seal", "pin", "grease");
        assertThat(lines)
                .filteredOn(PartLine::alwaysNew)
                .extracting(PartLine::kind)
                .containsExactly("seal", "pin", "grease");
        assertThat(lines.get(5).count()).isEqualTo(42);
        assertThat(PartsProposed.of(Sheet.of(List.of()))).isEmpty();
    }

    @Test
    void aGateThatIsGoneDecidesWhateverTheCost() {
        Rebuild.Input sound = new Rebuild.Input(
                38, 60, 54, 149, 30, List.of(Rebuild.Gate.SOUND, Rebuild.Gate.SOUND, Rebuild.Gate.SOUND), null);
        assertThat(Rebuild.of(sound).rebuildCost()).isEqualTo(92);
        assertThat(Rebuild.of(sound).assemblyCost()).isEqualTo(176);
        assertThat(Rebuild.of(sound).choice()).isEqualTo(Rebuild.Choice.REBUILD);
        Rebuild gone = Rebuild.of(new Rebuild.Input(
                38, 60, 54, 149, 30, List.of(Rebuild.Gate.SOUND, Rebuild.Gate.SOUND, Rebuild.Gate.GONE), null));
        assertThat(gone.choice()).isEqualTo(Rebuild.Choice.ASSEMBLY);
        assertThat(RebuildWords.answer(gone).findings().get(0).sentence()).contains("its shaft is gone");
        Rebuild unseen = Rebuild.of(new Rebuild.Input(
                38, 60, 54, 149, 30, List.of(Rebuild.Gate.SOUND, Rebuild.Gate.UNSEEN, Rebuild.Gate.SOUND), null));
        assertThat(RebuildWords.answer(unseen).level()).isEqualTo(Level.OPEN);
        assertThat(Rebuild.of(new Rebuild.Input(
                                138,
                                60,
                                54,
                                99,
                                30,
                                List.of(Rebuild.Gate.SOUND, Rebuild.Gate.SOUND, Rebuild.Gate.SOUND),
                                null))
                        .choice())
                .isEqualTo(Rebuild.Choice.ASSEMBLY);
    }
}
