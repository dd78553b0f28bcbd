package unbo.core.lubrication;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.finding.Level;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.running.BearingGreaseFields;
import unbo.core.tools.running.GreaseTool;
import unbo.core.tools.running.HubGreaseTool;
import unbo.core.tools.running.HubGreaseWords;
import unbo.core.tools.running.MixTool;

class GreaseTest {

    static HubGreaseInput.Bearing taper(String place, double bore, double outside, double width) {
        return open(place, bore, outside, width, HubGreaseInput.Rolls.TAPER, Share.PACKED_BY_HAND);
    }

    static HubGreaseInput.Bearing open(
            String place, double bore, double outside, double width, HubGreaseInput.Rolls rolls, Share share) {
        return HubGreaseInput.Bearing.open(
                place, place + " bearing", new HubGreaseInput.Envelope(bore, outside, width, rolls, share));
    }

    private static HubGrease hub(String kind, String old, boolean immersed) {
        return HubGrease.of(new HubGreaseInput(
                List.of(taper("outer", 25, 52, 16.25), taper("inner", 30, 62, 17.25)),
                new HubGreaseInput.Cavity(40, 46, 30, 1 / 3.0),
                new HubGreaseInput.Filling(kind, old),
                new HubGreaseInput.Duty(immersed, 70),
                new HubGreaseInput.By("hand", null)));
    }

    private static Reading<BearingGreaseInput> bearing(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(BearingGreaseFields.LIST, texts, UnitSystem.METRIC);
    }

    @Test
    void freeVolumeOfTheWorkedBall() {
        BearingGrease g =
                BearingGrease.of(bearing("boreMm", "25", "outsideMm", "52", "widthMm", "15", "massKg", "0.128")
                        .record());
        assertThat(g.freeCm3()).isCloseTo(8.1, within(0.05));
        assertThat(g.freeCm3() * 0.4 * 0.9).isCloseTo(2.9, within(0.05));
    }

    @Test
    void theCavityIsAThirdOfTheRoomBetweenHubAndSpindle() {
        HubGrease g = hub("CaS", "CaS", true);
        double volume = Math.PI / 4 * 40 * (46 * 46 - 30 * 30) / 1000;
        assertThat(g.cavityCm3()).isCloseTo(volume, within(1e-9));
        assertThat(g.cavityGrams()).isCloseTo(volume / 3 * 0.9, within(1e-9));
        assertThat(g.portions().get(0).grams().least())
                .isCloseTo(g.portions().get(0).grams().most() * 0.8, within(1e-9));
        assertThat(g.totalGrams())
                .isCloseTo(
                        g.portions().get(0).grams().most()
                                + g.portions().get(1).grams().most()
                                + g.cavityGrams(),
                        within(1e-9));
    }

    @Test
    void theLayerAgainstTheHubWallHoldsTheShare() {
        HubGreaseInput in = hub("Li", "Li", false).input();
        double layer = HubGreaseWords.layerMm(requireNonNull(in.cavity()));
        double ring = 23 * 23 - (23 - layer) * (23 - layer);
        assertThat(ring / (23 * 23 - 15 * 15)).isCloseTo(1 / 3.0, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "PU,LiX,DOUBTFUL",
        "Li,LiX,COMPATIBLE",
        "Li,CaS,DOUBTFUL",
        "Li,clay,INCOMPATIBLE",
        "Ca,clay,COMPATIBLE",
        "CaS,PU,DOUBTFUL",
        "Ca,PU,INCOMPATIBLE",
        "clay,Na,INCOMPATIBLE",
        "AlX,AlX,COMPATIBLE",
        "LiX,CaS,COMPATIBLE"
    })
    void mixesTheSameBothWays(String a, String b, Mixing.Verdict verdict) {
        assertThat(Mixing.of(a, b)).isEqualTo(verdict);
        assertThat(Mixing.of(b, a)).isEqualTo(verdict);
    }

    @Test
    void judgesTheOldGreaseAndTheWater() {
        assertThat(hub("PU", "LiX", false).findings())
                .anyMatch(f -> f.code().equals("mix-doubtful") && f.level() == Level.WATCH);
        assertThat(hub("AlX", "Li", false).findings())
                .anyMatch(f -> f.level() == Level.SOON && f.sentence().contains("incompatible"));
        assertThat(hub("Na", "", true).findings())
                .extracting(f -> f.code())
                .containsExactly("old-grease-unknown", "washes-out");
        assertThat(hub("CaS", "CaS", true).findings()).allMatch(f -> f.level() == Level.RIGHT);
    }

    @ParameterizedTest
    @CsvSource({
        "wheel,800,0.3,0.5",
        "pulley,800,0.25,0.35",
        "pivot,5,0.8,0.9",
        "general,1000,0.5,0.75",
        "general,4000,0.3,0.5",
        "general,9000,0.25,0.3"
    })
    void fillsByUseAndSpeed(String use, String rpm, double least, double most) {
        BearingGrease g =
                BearingGrease.of(bearing("boreMm", "25", "outsideMm", "52", "widthMm", "15", "use", use, "rpm", rpm)
                        .record());
        assertThat(g.share()).isEqualTo(new Share(least, most));
    }

    @ParameterizedTest
    @CsvSource({
        "ball,800,70,30000",
        "tapered,800,70,3400",
        "tapered,800,71,1700",
        "tapered,800,100,850",
        "tapered,800,40,3400",
        "tapered,40000,70,0"
    })
    void relubricatesByTheTextbookFormula(String kind, String rpm, String temperature, double hours) {
        BearingGrease g = BearingGrease.of(bearing(
                        "boreMm",
                        "25",
                        "outsideMm",
                        "52",
                        "widthMm",
                        "15",
                        "kind",
                        kind,
                        "rpm",
                        rpm,
                        "temperature",
                        temperature)
                .record());
        assertThat(g.hours()).isCloseTo(hours, within(1e-6));
    }

    @Test
    void strokesAreRoundedUpToAHalf() {
        BearingGrease g =
                BearingGrease.of(bearing("boreMm", "25", "outsideMm", "52", "widthMm", "15", "strokeGrams", "1.2")
                        .record());
        assertThat(g.replenishGrams()).isCloseTo(3.9, within(1e-9));
        assertThat(g.strokes()).isEqualTo(3.5);
    }

    @Test
    void takesADesignationOrASetInsteadOfSizes() {
        assertThat(bearing("designation", "6205-2RS").record().outsideMm()).isEqualTo(52);
        assertThat(bearing("designation", "L44649/L44610").record().taper()).isTrue();
        assertThat(bearing("designation", "yard 7").sentences("designation"))
                .singleElement()
                .asString()
                .contains("not in the tables");
        assertThat(bearing().problems())
                .singleElement()
                .satisfies(p -> assertThat(p.readable()).isFalse());
        assertThat(bearing("boreMm", "52", "outsideMm", "25", "widthMm", "15").ok())
                .isFalse();
        assertThat(bearing("boreMm", "25", "outsideMm", "52", "widthMm", "15", "massKg", "9")
                        .sentences("massKg"))
                .singleElement()
                .asString()
                .contains("do not fit");
    }

    @Test
    void questionsAnswerTheirOwnSamples() {
        assertThat(ask(new HubGreaseTool())).isGreaterThan(3);
        assertThat(ask(new GreaseTool())).isGreaterThan(3);
        assertThat(ask(new MixTool())).isEqualTo(1);
    }

    private static <I> int ask(unbo.core.tool.Tool<I, ?> q) {
        return q.answer(Shipped.read(q.fields(), q.sample(), UnitSystem.METRIC).record())
                .figures()
                .size();
    }

    @Test
    void ballBearingsOfAHubTakeAThirdToAHalfTapersAllOfTheirRoom() {
        HubGrease g = HubGrease.of(new HubGreaseInput(
                List.of(
                        open("outer", 25, 47, 12, HubGreaseInput.Rolls.BALL, Share.of("wheel", null)),
                        taper("inner", 30, 62, 17.25)),
                new HubGreaseInput.Cavity(40, 46, 30, 1 / 3.0),
                new HubGreaseInput.Filling("CaS", ""),
                new HubGreaseInput.Duty(false, 70),
                new HubGreaseInput.By("hand", null)));
        assertThat(g.portions().get(0).grams().least() / g.portions().get(0).cm3())
                .isCloseTo(0.27, within(1e-9));
        assertThat(g.portions().get(0).grams().most() / g.portions().get(0).cm3())
                .isCloseTo(0.45, within(1e-9));
        assertThat(g.portions().get(1).grams().most() / g.portions().get(1).cm3())
                .isCloseTo(0.9, within(1e-9));
        assertThat(HubGreaseWords.answer(g).figures().get(0).what()).isEqualTo("outer bearing, 30 to 50 % of its room");
    }
}
