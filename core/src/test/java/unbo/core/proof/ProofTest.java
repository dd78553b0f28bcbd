package unbo.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.assembly.AssemblyKind;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.setting.EndPlayBand;
import unbo.core.tools.proving.ProofFields;
import unbo.core.tools.proving.ProofWords;

class ProofTest {

    private static EndPlay play(double... pulls) {
        List<Double> pull = java.util.Arrays.stream(pulls).boxed().toList();
        return EndPlay.of(pull.stream().map(p -> 0.0).toList(), pull, EndPlayBand.WHEEL_HUB, kind("adjustable-taper"));
    }

    private static AssemblyKind kind(String code) {
        return AssemblyKind.find(code).orElseThrow();
    }

    @Test
    void meanAndSpreadOfThePairs() {
        EndPlay play = EndPlay.of(
                List.of(0.01, 0.0, -0.01), List.of(0.09, 0.08, 0.08), EndPlayBand.WHEEL_HUB, kind("adjustable-taper"));
        assertThat(play.meanMm()).isCloseTo(0.25 / 3, within(1e-12));
        assertThat(play.spreadMm()).isCloseTo(0.01, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({
        "0.08,RIGHT,end-play-right",
        "0.025,RIGHT,end-play-right",
        "0.125,RIGHT,end-play-right",
        "0.01,SOON,end-play-tight",
        "0.14,SOON,end-play-loose",
        "0.15,SOON,end-play-loose",
        "0.16,STOP,end-play-stop"
    })
    void judgesByTheBand(double mm, Level level, String code) {
        assertThat(play(mm, mm, mm).finding()).satisfies(f -> {
            assertThat(f.level()).isEqualTo(level);
            assertThat(f.code()).isEqualTo(code);
        });
    }

    @Test
    void aSpreadOverHalfTheLimitIsNoMeasurement() {
        assertThat(play(0.02, 0.14, 0.08).finding().sentence()).contains("no measurement");
        assertThat(play(0.05, 0.11, 0.08).finding().code()).isEqualTo("end-play-right");
    }

    @ParameterizedTest
    @CsvSource({
        "unit-bolted",
        "cartridge-knuckle",
        "ball-pair",
        "sprocket-carrier",
        "bicycle-front",
        "cup-and-cone",
        "steering-head",
        "crank"
    })
    void zeroIsAMeasurementAndRightWhereThereIsNoPlay(String code) {
        EndPlayBand band = new EndPlayBand(kind(code).leastMm(), kind(code).mostMm());
        for (List<Double> pull : List.of(List.of(0.0, 0.0, 0.0), List.of(0.0, 0.01, 0.0))) {
            Finding finding =
                    EndPlay.of(List.of(0.0, 0.0, 0.0), pull, band, kind(code)).finding();
            assertThat(finding.level()).isEqualTo(Level.RIGHT);
            assertThat(finding.code()).isEqualTo("end-play-right");
        }
    }

    @ParameterizedTest
    @CsvSource({
        "unit-bolted,0.06,STOP",
        "ball-pair,0.06,STOP",
        "cup-and-cone,0.06,SOON",
        "cup-and-cone,0.16,STOP",
        "crank,0.25,RIGHT",
        "bottom-bracket,0.12,SOON"
    })
    void playIsHeldAgainstTheKindsOwnLimit(String code, double mm, Level level) {
        EndPlayBand band = new EndPlayBand(kind(code).leastMm(), kind(code).mostMm());
        assertThat(EndPlay.of(List.of(0.0, 0.0, 0.0), List.of(mm, mm, mm), band, kind(code))
                        .finding()
                        .level())
                .isEqualTo(level);
    }

    @Test
    void anIndicatorMountedTheOtherWayRoundReadsTheSameEndPlay() {
        assertThat(play(-0.08, -0.08, -0.09).meanMm())
                .isCloseTo(play(0.08, 0.08, 0.09).meanMm(), within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({
        "38,36,RIGHT,hub-cool",
        "50,36,RIGHT,hub-cool",
        "51,36,SOON,hub-warm",
        "95,40,STOP,hub-hot",
        "95,96,SOON,hubs-hot",
        "30,40,RIGHT,hub-cool"
    })
    void judgesAHubAgainstItsTwin(double hub, double twin, Level level, String code) {
        assertThat(HubHeat.of(hub, twin).finding().level()).isEqualTo(level);
        assertThat(HubHeat.of(hub, twin).finding().code()).isEqualTo(code);
    }

    @Test
    void namesEveryMissingProof() {
        Proof empty =
                Proof.of(Shipped.read(ProofFields.LIST, Map.of("push", "0 0", "pull", "0.1 0.1"), UnitSystem.METRIC)
                        .record());
        assertThat(empty.missing()).hasSize(3);
        assertThat(empty.complete()).isFalse();
        Proof whole = Proof.of(Shipped.read(
                        ProofFields.LIST,
                        Map.of(
                                "push",
                                "0 0 0",
                                "pull",
                                "3 thou; 3 thou; 3 thou",
                                "hubTemperature",
                                "100F",
                                "twinTemperature",
                                "36 C",
                                "splitPin",
                                "yes",
                                "initials",
                                "AH"),
                        UnitSystem.METRIC)
                .record());
        assertThat(whole.missing()).isEmpty();
        assertThat(whole.complete()).isTrue();
        assertThat(whole.endPlay().meanMm()).isCloseTo(0.0762, within(1e-9));
        assertThat(whole.heat().warmerK()).isCloseTo(1.78, within(0.01));
    }

    private static Proof proof(String kind, Map<String, String> texts) {
        Reading<ProofInput> reading = Shipped.read(ProofFields.of(kind(kind)), texts, UnitSystem.METRIC);
        assertThat(reading.problems()).isEmpty();
        return Proof.of(reading.record());
    }

    @Test
    void anAdjustedHubIsLookedAtAgainHoweverCoolItRan() {
        String cool = String.join(
                " ",
                ProofWords.answer(proof("adjustable-taper", Map.of("hubTemperature", "32", "twinTemperature", "31")))
                        .sentences());
        assertThat(cool).contains("rechecked after 100 km", "Wheel nuts star-wise to torque again, after 50 to 100 km");
        assertThat(ProofWords.answer(proof("unit-bolted", Map.of())).sentences().toString())
                .doesNotContain("rechecked")
                .contains("pump the brake pedal before moving off", "after 50 to 100 km");
    }

    @Test
    void noSplitPinAndNoTwinIsAskedOfAUnit() {
        Proof proof = proof(
                "unit-bolted",
                Map.of(
                        "proof-bolts",
                        "right",
                        "proof-axle-nut",
                        "not-here",
                        "why-axle-nut",
                        "not driven",
                        "initials",
                        "AH"));
        assertThat(proof.missing()).isEmpty();
        assertThat(proof.complete()).isTrue();
        assertThat(ProofWords.answer(proof).worksheet().lines())
                .noneMatch(line -> line.name().contains("split pin"));
        assertThat(proof.later()).extracting(FollowUp::code).containsExactly("wheel-nuts");
    }

    @Test
    void aNeededProofThatWasNotDoneStaysMissingAndSaysWhy() {
        Proof proof = proof(
                "unit-bolted",
                Map.of(
                        "proof-bolts",
                        "not-done",
                        "why-bolts",
                        "wrench at the yard",
                        "proof-axle-nut",
                        "right",
                        "initials",
                        "AH"));
        assertThat(proof.missing()).singleElement().asString().contains("not done, because wrench at the yard");
    }

    @Test
    void whatWasNotLookedAtNeedsAReason() {
        Reading<ProofInput> reading =
                Shipped.read(ProofFields.of(kind("crank")), Map.of("proof-runout", "not-here"), UnitSystem.METRIC);
        assertThat(reading.sentences("why-runout")).singleElement().asString().contains("say in a word why");
    }

    @Test
    void oneOfTwoProofsDoesWhereTheyStandForEachOther() {
        assertThat(proof("ball-pair", Map.of("proof-no-side-load", "right", "initials", "BW"))
                        .missing())
                .isEmpty();
        assertThat(proof("ball-pair", Map.of("initials", "BW")).missing())
                .singleElement()
                .asString()
                .contains(" or ");
    }

    @Test
    void aProofFoundWrongStopsByItsOwnLevel() {
        assertThat(proof("steering-head", Map.of("proof-slack-braking", "wrong"))
                        .findings())
                .extracting(Finding::level)
                .containsExactly(Level.STOP);
        assertThat(proof("steering-head", Map.of("proof-notch", "wrong")).findings())
                .extracting(Finding::level)
                .containsExactly(Level.SOON);
    }

    @Test
    void rockAtTheRimStandsForAnIndicatorAndSaysSo() {
        Proof proof = proof(
                "adjustable-taper",
                Map.of(
                        "rock",
                        "0.15",
                        "rimRadius",
                        "300",
                        "spread",
                        "60",
                        "proof-nut-locked",
                        "right",
                        "initials",
                        "AH"));
        assertThat(proof.missing()).isEmpty();
        assertThat(ProofWords.answer(proof).figures().get(0).what()).contains("estimated by rock at the rim");
    }

    @Test
    void aHubWithoutATwinIsHeldAgainstItself() {
        Map<String, String> lone = Map.of("hubTemperature", "52", "earlierTemperature", "36");
        assertThat(proof("sprocket-carrier", lone).heat().finding().sentence()).contains("16 K over itself last time");
        assertThat(proof("sprocket-carrier", Map.of("hubTemperature", "52"))
                        .heat()
                        .finding()
                        .level())
                .isEqualTo(Level.RIGHT);
        assertThat(proof("sprocket-carrier", Map.of("hubTemperature", "95"))
                        .heat()
                        .finding()
                        .level())
                .isEqualTo(Level.STOP);
    }

    @Test
    void everyKindAsksSomethingAndEveryItemBelongsToAKind() {
        assertThat(AssemblyKind.all()).hasSize(17).allSatisfy(kind -> {
            assertThat(ProofItem.of(kind)).isNotEmpty();
            assertThat(ProofItem.of(kind))
                    .allSatisfy(item ->
                            assertThat(item.measured() || item.level() != null).isTrue());
        });
    }

    @Test
    void eachPushNeedsItsPull() {
        assertThat(Shipped.read(ProofFields.LIST, Map.of("push", "0 0 0", "pull", "0.1"), UnitSystem.METRIC)
                        .sentences("pull"))
                .singleElement()
                .asString()
                .contains("each push has its pull");
    }
}
