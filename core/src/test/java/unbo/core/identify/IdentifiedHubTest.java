package unbo.core.identify;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.Shipped;
import unbo.core.designation.Decoder;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.How;
import unbo.core.tools.identify.HubFields;
import unbo.core.tools.identify.HubWords;

class IdentifiedHubTest {

    private static Reading<HubInput> read(String... pairs) {
        Map<String, String> texts = new HashMap<>(
                Map.of("outerCone", "L44643", "outerCup", "L44610", "innerCone", "L68149", "innerCup", "L68110"));
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(HubFields.LIST, texts, UnitSystem.METRIC);
    }

    @Test
    void sizesComeFromTheTableAndLengthsLeftOpenTakeStatedDefaults() {
        IdentifiedHub hub = IdentifiedHub.of(read("spindle", "30").record(), Decoder.SHIPPED);
        assertThat(hub.outer().bore()).isEqualTo(new Size(25.4, How.TABLE));
        assertThat(hub.spindle()).isEqualTo(new Size(30, How.MEASURED));
        assertThat(hub.betweenCups()).isEqualTo(new Size(14.224 + 15.875, How.DEFAULT));
        assertThat(hub.hubBore()).isEqualTo(new Size(50.292 - 8, How.DEFAULT));
        assertThat(hub.defaulted()).hasSize(2);
    }

    @Test
    void aConeAndCupOfDifferentSeriesAreRefusedWithTheReason() {
        assertThat(read("outerCup", "L45410").sentences("outerCup"))
                .singleElement()
                .asString()
                .contains("series L446")
                .contains("own series");
    }

    @Test
    void unknownNumbersAreKeptAndAskForSizesByHand() {
        Reading<HubInput> asked = read("outerCone", "yard 7", "outerCup", "yard 8");
        assertThat(asked.problems())
                .extracting(p -> p.field())
                .containsExactly("outerBore", "outerOutside", "outerWidth");
        Reading<HubInput> sized = read(
                "outerCone",
                "yard 7",
                "outerCup",
                "yard 8",
                "outerBore",
                "1\"",
                "outerOutside",
                "50",
                "outerWidth",
                "14");
        IdentifiedHub hub = IdentifiedHub.of(sized.record(), Decoder.SHIPPED);
        assertThat(hub.outer().bore()).isEqualTo(new Size(25.4, How.MEASURED));
        assertThat(hub.findings()).anyMatch(f -> f.code().equals("pair-unknown"));
    }

    @Test
    void aMeasuredSizeThatDepartsFromTheTableIsNamedAndUsed() {
        IdentifiedHub hub = IdentifiedHub.of(read("outerBore", "26.99").record(), Decoder.SHIPPED);
        assertThat(hub.findings())
                .anyMatch(f -> f.code().equals("size-departs") && f.sentence().contains("26.99"));
        assertThat(hub.outer().bore().mm()).isEqualTo(26.99);
        assertThat(IdentifiedHub.of(read("outerBore", "25.42").record(), Decoder.SHIPPED)
                        .outer()
                        .bore())
                .isEqualTo(new Size(25.4, How.TABLE));
    }

    @Test
    void anInchConeAsksForItsCup() {
        assertThat(read("outerCup", "").sentences("outerCup"))
                .singleElement()
                .asString()
                .contains("what is stamped on the cup");
    }

    @Test
    void aMetricTaperNeedsOneNumberOnly() {
        IdentifiedHub hub = IdentifiedHub.of(
                read("outerCone", "32008X", "outerCup", "", "innerCone", "32010X", "innerCup", "")
                        .record(),
                Decoder.SHIPPED);
        assertThat(hub.outer().name()).isEqualTo("32008X");
        assertThat(hub.inner().outside().mm()).isEqualTo(80);
    }

    @Test
    void lengthsThatCannotBeAreRefusedInSentences() {
        assertThat(read("hubBore", "51").sentences("hubBore"))
                .singleElement()
                .asString()
                .contains("must be under the smaller cup");
        assertThat(read("hubBore", "30", "spindle", "31").sentences("spindle"))
                .singleElement()
                .asString()
                .contains("does not go through");
        assertThat(read("seal", "big").sentences("seal"))
                .singleElement()
                .asString()
                .contains("no seal size");
        assertThat(read("spindle", "-5 mm").sentences("spindle"))
                .singleElement()
                .asString()
                .contains("cannot be negative");
    }

    @Test
    void aHubOfTwoBallBearingsIsIdentifiedLikeOneOfTapers() {
        IdentifiedHub hub = IdentifiedHub.of(
                read("outerCone", "6005-2RS", "outerCup", "", "innerCone", "6007 2RS C3", "innerCup", "")
                        .record(),
                Decoder.SHIPPED);
        assertThat(hub.outer().taper()).isFalse();
        assertThat(hub.outer().bore()).isEqualTo(new Size(25, How.TABLE));
        assertThat(hub.inner().name()).isEqualTo("6007-2RS/C3");
        assertThat(hub.inner().match()).isNull();
        assertThat(HubWords.answer(hub).sentences())
                .anyMatch(s -> s.contains("Inner bearing: ") && s.contains("full-contact"));
    }

    @Test
    void aCartridgeStandsAlone() {
        IdentifiedHub hub = IdentifiedHub.of(
                read("outerCone", "DAC40740036/34", "outerCup", "", "innerCone", "", "innerCup", "")
                        .record(),
                Decoder.SHIPPED);
        assertThat(hub.inner()).isNull();
        assertThat(hub.outer().outside()).isEqualTo(new Size(74, How.TABLE));
        assertThat(HubWords.answer(hub).figures().get(0).what()).isEqualTo("bearing");
    }

    @Test
    void aTaperNeverStandsAloneAndABallBearingHasNoCup() {
        assertThat(read("innerCone", "", "innerCup", "").sentences("innerCone"))
                .singleElement()
                .asString()
                .contains("never stands alone");
        assertThat(read("outerCone", "6005", "outerCup", "L44610").sentences("outerCup"))
                .isNotEmpty();
    }

    @Test
    void defaultsGiveWayAndRefuseNothing() {
        Reading<HubInput> needles =
                Shipped.read(HubFields.LIST, Map.of("outerCone", "HK2516", "innerCone", "HK2516"), UnitSystem.METRIC);
        assertThat(needles.problems()).isEmpty();
        IdentifiedHub hub = IdentifiedHub.of(needles.record(), Decoder.SHIPPED);
        assertThat(hub.spindle().mm()).isLessThan(hub.hubBore().mm());
        assertThat(hub.hubBore().mm()).isLessThanOrEqualTo(hub.outer().outside().mm());
        IdentifiedHub measured = IdentifiedHub.of(
                Shipped.read(
                                HubFields.LIST,
                                Map.of("outerCone", "HK2516", "innerCone", "HK2516", "hubBore", "24"),
                                UnitSystem.METRIC)
                        .record(),
                Decoder.SHIPPED);
        assertThat(measured.spindle().mm()).isLessThan(24);
        assertThat(Shipped.read(
                                HubFields.LIST,
                                Map.of("outerCone", "HK2516", "innerCone", "HK2516", "hubBore", "24", "spindle", "25"),
                                UnitSystem.METRIC)
                        .sentences("spindle"))
                .singleElement()
                .asString()
                .contains("does not go through");
    }

    @Test
    void whatIsNotRecognisedIsNoTaper() {
        Map<String, String> unknown =
                Map.of("outerCone", "QX-77-1", "outerBore", "25", "outerOutside", "52", "outerWidth", "15");
        Reading<HubInput> alone = Shipped.read(HubFields.LIST, unknown, UnitSystem.METRIC);
        assertThat(alone.problems()).isEmpty();
        IdentifiedHub hub = IdentifiedHub.of(alone.record(), Decoder.SHIPPED);
        assertThat(hub.outer().taper()).isFalse();
        assertThat(hub.hubType()).isEmpty();
    }

    @Test
    void anUnknownConeWithAnUnknownCupIsATaperByWhatWasTyped() {
        Map<String, String> pair = new HashMap<>(Map.of(
                "outerCone",
                "QX771",
                "outerCup",
                "QX710",
                "outerBore",
                "25",
                "outerOutside",
                "52",
                "outerWidth",
                "16"));
        pair.putAll(Map.of(
                "innerCone",
                "QX881",
                "innerCup",
                "QX810",
                "innerBore",
                "30",
                "innerOutside",
                "62",
                "innerWidth",
                "17"));
        Reading<HubInput> reading = Shipped.read(HubFields.LIST, pair, UnitSystem.METRIC);
        assertThat(reading.problems()).isEmpty();
        assertThat(IdentifiedHub.of(reading.record(), Decoder.SHIPPED).outer().taper())
                .isTrue();
    }
}
