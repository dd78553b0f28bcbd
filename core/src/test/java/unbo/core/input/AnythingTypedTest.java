package unbo.core.input;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

import unbo.core.Shipped;
import unbo.core.designation.TaperDecoder;
import unbo.core.designation.TaperMatch;
import unbo.core.tools.identify.DecodeTool;
import unbo.core.tools.identify.HubFields;
import unbo.core.tools.identify.MatchTool;
import unbo.core.tools.intake.IntakeFields;
import unbo.core.tools.proving.DueFields;
import unbo.core.tools.proving.ProofFields;
import unbo.core.tools.running.BearingGreaseFields;
import unbo.core.tools.running.HubGreaseFields;
import unbo.core.tools.running.HubGreaseTool;
import unbo.core.tools.setting.CastleNutFields;
import unbo.core.vehicle.VehicleInput;

/** Whatever anybody types, the reader answers with a record or with sentences, never with a fault. */
class AnythingTypedTest {

    private static final List<FieldList<?>> LISTS = List.of(
            CastleNutFields.LIST,
            HubFields.LIST,
            IntakeFields.LIST,
            HubGreaseFields.LIST,
            BearingGreaseFields.LIST,
            ProofFields.LIST,
            DueFields.LIST,
            VehicleInput.LIST,
            new MatchTool().fields(),
            new DecodeTool().fields());

    @Provide
    Arbitrary<String> typed() {
        return Arbitraries.oneOf(
                Arbitraries.strings()
                        .withChars("0123456789.,;-+/\"' eE°mMinthuNfCFK½¾×x")
                        .ofMaxLength(14),
                Arbitraries.strings().ofMaxLength(20),
                Arbitraries.of(
                        "",
                        " ",
                        "1e999",
                        "-1e-999",
                        "1/0",
                        "NaN",
                        "Infinity",
                        "0x10",
                        "１２",
                        "1,234",
                        "1.2.3",
                        "2026-02-30",
                        "true",
                        "km",
                        "L44649",
                        "32008X",
                        "?",
                        "0,0,0"));
    }

    @Property
    void everyFieldListAnswersWithARecordOrSentences(@ForAll("typed") String one, @ForAll("typed") String other) {
        for (FieldList<?> list : LISTS) {
            Map<String, String> texts = new HashMap<>();
            for (int i = 0; i < list.fields().size(); i++) {
                texts.put(list.fields().get(i).name(), i % 2 == 0 ? one : other);
            }
            for (UnitSystem units : UnitSystem.values()) {
                Reading<?> reading = Shipped.read(list, texts, units);
                assertThat(reading.ok()).isEqualTo(reading.problems().isEmpty());
                assertThat(reading.problems()).allSatisfy(p -> {
                    assertThat(p.sentence()).endsWith(".");
                    assertThat(list.field(p.field())).isPresent();
                });
                reading.fields()
                        .forEach((name, field) -> assertThat(field.typed()).isEqualTo(texts.get(name)));
            }
        }
    }

    @Property
    void oneWildTextAmongGoodOnesIsRefusedOrUsed(@ForAll("typed") String wild) {
        for (String name : new HubGreaseTool().sample().keySet()) {
            Map<String, String> texts = new HashMap<>(new HubGreaseTool().sample());
            texts.put(name, wild);
            Reading<?> reading = Shipped.read(HubGreaseFields.LIST, texts, UnitSystem.METRIC);
            if (reading.ok()) {
                assertThat(new HubGreaseTool()
                                .answer(HubGreaseFields.LIST.make().apply(new Values(reading.fields(), null)))
                                .figures())
                        .isNotEmpty();
            }
        }
    }

    @Property
    void anyMarkingIsDecodedAndKept(@ForAll("typed") String marking, @ForAll("typed") String other) {
        assertThat(TaperDecoder.decode(marking).parts()).isNotEmpty();
        assertThat(TaperMatch.of(marking, other).reason()).endsWith(".");
    }

    @Property
    void whatIsDecodedOnceIsDecodedTheSameAgain(@ForAll("typed") String marking) {
        String once = TaperDecoder.decode(marking).marking();
        assertThat(TaperDecoder.decode(once).marking()).isEqualTo(once);
    }
}
