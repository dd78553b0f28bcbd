package unbo.core.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.fact.FactKey;
import unbo.core.finding.Level;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.tools.identify.RebuildFields;
import unbo.core.tools.identify.RebuildWords;
import unbo.core.tools.parts.PartLineFields;
import unbo.core.tools.parts.PartsList;
import unbo.core.tools.parts.PartsProposed;
import unbo.core.tools.parts.PartsWords;

class PartsPrintTest {

    private static PartLine read(String... pairs) {
        Map<String, String> texts = new java.util.HashMap<>(Map.of("what", "shaft seal"));
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(PartLineFields.LIST, texts, UnitSystem.METRIC).record();
    }

    @Test
    void aLineNeedsNoMoreThanItsName() {
        PartLine line = read();
        assertThat(line.count()).isEqualTo(1);
        assertThat(line.kind()).isEqualTo("other");
        assertThat(line.supplier()).isNull();
        assertThat(PartsWords.count(line)).isEqualTo("1 piece");
        assertThat(PartsWords.count(read("count", "3"))).isEqualTo("3 pieces");
    }

    /** Prices at A and B, whom one wants, and whom one gets. */
    @ParameterizedTest
    @CsvSource({"5,6,cheaper,A", "7,6,cheaper,B", "5,5,cheaper,A", "5,6,b,B", ",6,a,B", "5,,b,A"})
    void theSupplierIsTheOneChosenWhereHeHasAPrice(String a, String b, String from, PartLine.From got) {
        assertThat(read("priceA", a == null ? "" : a, "priceB", b == null ? "" : b, "from", from)
                        .supplier())
                .isEqualTo(got);
    }

    @Test
    void thePrintedListSaysWhatIsMissing() {
        Answer a = PartsWords.answer(new PartsList(
                List.of(read("priceA", "6.40", "count", "2"), read("what", "split pin", "alwaysNew", "yes"))));
        assertThat(a.figures().get(0).value()).isEqualTo("12.80");
        assertThat(a.figures().get(1).other()).isEqualTo("a price is missing");
        assertThat(a.level()).isEqualTo(Level.OPEN);
        assertThat(a.findings().get(0).sentence()).contains("split pin");
        assertThat(a.worksheet().lines().get(1).limit()).isEqualTo("always new");
        assertThat(PartsWords.answer(new PartsList(List.of())).figures().get(1).value())
                .isEqualTo("–");
    }

    @Test
    void whatStripCallsForIsProposedOnce() {
        Sheet sheet = Sheet.of(List.of(
                Fact.words(FactKey.OUTER_CONE, "6005-2RS", How.TYPED, "identify"),
                Fact.words(FactKey.OUTER_KIND, "deep-groove-ball", How.COMPUTED, "identify"),
                Fact.words(FactKey.SEAL, "38x59x9", How.TYPED, "identify"),
                Fact.words(FactKey.ALWAYS_NEW, "clip ring; seal", How.COMPUTED, "strip")));
        assertThat(PartsProposed.of(sheet))
                .extracting(PartLine::what)
                .containsExactly("6005-2RS", "shaft seal 38x59x9", "clip ring");
        Sheet cartridge = Sheet.of(List.of(
                Fact.words(FactKey.OUTER_CONE, "DAC40740036/34", How.TYPED, "identify"),
                Fact.words(FactKey.OUTER_KIND, "hub-cartridge", How.COMPUTED, "identify")));
        assertThat(PartsProposed.of(cartridge))
                .extracting(PartLine::what)
                .containsExactly("DAC40740036/34", "clip ring of the knuckle", "axle nut");
    }

    @ParameterizedTest
    @CsvSource({
        "sound,sound,sound,REBUILD",
        "gone,sound,sound,ASSEMBLY",
        "sound,gone,unseen,ASSEMBLY",
        "sound,unseen,sound,LOOK_FIRST",
        "unseen,unseen,gone,ASSEMBLY"
    })
    void gatesComeBeforeCosts(String bush, String housing, String shaft, Rebuild.Choice choice) {
        Map<String, String> texts = Map.of(
                "parts",
                "38",
                "minutes",
                "60",
                "hourly",
                "54",
                "assembly",
                "149",
                "assemblyMinutes",
                "30",
                "bush",
                bush,
                "housing",
                housing,
                "shaft",
                shaft);
        Rebuild rebuild = Rebuild.of(
                Shipped.read(RebuildFields.LIST, texts, UnitSystem.METRIC).record());
        assertThat(rebuild.choice()).isEqualTo(choice);
        assertThat(RebuildWords.answer(rebuild).findings())
                .singleElement()
                .satisfies(f -> assertThat(f.sentence()).isNotBlank());
    }

    @Test
    void fortyLinesAreTheMost() {
        Map<String, String> texts = new java.util.HashMap<>();
        for (int i = 0; i < 60; i++) {
            texts.put("what-" + i, "part " + i);
        }
        assertThat(PartsList.Typed.of(texts, UnitSystem.METRIC).list().lines()).hasSize(PartsList.MOST);
    }
}
