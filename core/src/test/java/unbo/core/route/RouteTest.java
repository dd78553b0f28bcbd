package unbo.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.strip.RemovalFields;

class RouteTest {

    private static final Map<String, String> HUB = Map.of(
            "outerCone", "L44643", "outerCup", "L44610", "innerCone", "L68149", "innerCup", "L68110", "hubBore", "43");

    private static Sheet identified() {
        return Sheet.of(
                work(RouteStage.IDENTIFY, HUB, Sheet.of(List.of())).outcome().facts());
    }

    private static StageRule.Work work(RouteStage stage, Map<String, String> texts, Sheet sheet) {
        return StageRules.of(stage).work(Typed.of(texts, UnitSystem.METRIC), sheet, Knowledge.SHIPPED);
    }

    @Test
    void noStageFillsABoxWithAFactOfAnotherType() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new StageRule<>(
                        RouteStage.STRIP,
                        RemovalFields.LIST,
                        List.of("designation"),
                        StageRule.from("designation", FactKey.SEAL),
                        in -> null))
                .withMessage("designation takes no seal");
    }

    @Test
    void theRouteHasTenStations() {
        assertThat(RouteStage.values()).hasSize(10);
        assertThat(RouteStage.route())
                .containsExactly(
                        RouteStage.INTAKE,
                        RouteStage.DIAGNOSE,
                        RouteStage.IDENTIFY,
                        RouteStage.STRIP,
                        RouteStage.INSPECT,
                        RouteStage.FIT,
                        RouteStage.GREASE,
                        RouteStage.SET,
                        RouteStage.PROVE,
                        RouteStage.LOG);
        assertThat(RouteStage.INTAKE.next()).contains(RouteStage.DIAGNOSE);
        assertThat(RouteStage.LOG.next()).isEmpty();
    }

    @Test
    void setAsksByTheKindOfHub() {
        Sheet pair = Sheet.of(
                work(RouteStage.IDENTIFY, Map.of("outerCone", "6005-2RS", "innerCone", "6005-2RS"), Sheet.of(List.of()))
                        .outcome()
                        .facts());
        assertThat(pair.text(FactKey.HUB_TYPE)).isEqualTo("ball-pair");
        assertThat(StageRules.of(RouteStage.SET, pair).asked())
                .contains("spacer", "shoulders")
                .doesNotContain("pinHolesDeg");
        Sheet cartridge = Sheet.of(work(RouteStage.IDENTIFY, Map.of("outerCone", "DAC40740036/34"), Sheet.of(List.of()))
                .outcome()
                .facts());
        StageRule.Work nut = StageRules.of(RouteStage.SET, cartridge)
                .work(
                        Typed.of(Map.of("torque", "250", "maker", "250", "newNut", "yes"), UnitSystem.METRIC),
                        cartridge,
                        Knowledge.SHIPPED);
        assertThat(Sheet.of(nut.outcome().facts()).number(FactKey.BAND_MAX)).isEqualTo(0.05);
        assertThat(StageRules.of(RouteStage.SET, identified()).asked()).contains("pinHolesDeg");
        Sheet head = Sheet.of(List.of(Fact.words(FactKey.POSITION, "steering-head", How.TYPED, "visit")));
        assertThat(StageRules.of(RouteStage.SET, head)
                        .work(
                                Typed.of(
                                        Map.of("place", "steering-head", "scale", "10", "radius", "350"),
                                        UnitSystem.METRIC),
                                head,
                                Knowledge.SHIPPED)
                        .outcome()
                        .complete())
                .isTrue();
        Sheet crank = Sheet.of(List.of(Fact.words(FactKey.POSITION, "crank", How.TYPED, "visit")));
        assertThat(StageRules.of(RouteStage.SET, crank)
                        .work(
                                Typed.of(
                                        Map.of(
                                                "leftTir",
                                                "0.1",
                                                "leftAngle",
                                                "0",
                                                "rightTir",
                                                "0.1",
                                                "rightAngle",
                                                "0"),
                                        UnitSystem.METRIC),
                                crank,
                                Knowledge.SHIPPED)
                        .outcome()
                        .complete())
                .isFalse();
    }

    @Test
    void greaseTakesItsSizesFromTheSheetAndAsksForNoneOfThem() {
        StageRule<?> grease = StageRules.of(RouteStage.GREASE);
        assertThat(grease.asked())
                .containsExactly("kind", "oldKind", "cavityShare", "hubTemperature", "method", "strokeGrams");
        StageRule.Work work = work(RouteStage.GREASE, Map.of("kind", "CaS"), identified());
        assertThat(work.ok()).isTrue();
        assertThat(grease.hangsOn(identified(), Typed.NOTHING)).containsEntry("HUB_BORE", "43 mm");
    }

    @Test
    void greaseWithoutIdentifyNamesWhatIsMissing() {
        assertThat(work(RouteStage.GREASE, Map.of("kind", "CaS"), Sheet.of(List.of()))
                        .reading()
                        .problems())
                .extracting(p -> p.field())
                .contains("outerBore", "outerOutside", "outerWidth");
    }

    @Test
    void factsThatOutliveTheJobPrefillTheNextOne() {
        Sheet kept = Sheet.of(
                identified().all().stream().filter(f -> f.key().outlives()).toList());
        assertThat(StageRules.of(RouteStage.IDENTIFY).prefill(kept))
                .containsEntry("outerCone", "L44643")
                .containsEntry("innerCup", "L68110");
    }

    @Test
    void proveReadsTheBandThatSetGave() {
        Sheet sheet = Sheet.of(work(
                        RouteStage.SET,
                        Map.of(
                                "pitch",
                                "1.5",
                                "slots",
                                "6",
                                "pinHolesDeg",
                                "0 180",
                                "freeAngleDeg",
                                "40",
                                "endPlayMin",
                                "0.05",
                                "endPlayMax",
                                "0.10",
                                "school",
                                "D"),
                        Sheet.of(List.of()))
                .outcome()
                .facts());
        StageRule.Work work = work(RouteStage.PROVE, Map.of("push", "0 0 0", "pull", "0.03 0.03 0.03"), sheet);
        assertThat(work.outcome().answer().findings()).extracting(Finding::code).containsExactly("end-play-tight");
        assertThat(work.outcome().complete()).isFalse();
    }

    @Test
    void aFactSaysHowItIsKnown() {
        assertThat(identified().get(FactKey.HUB_BORE)).map(Fact::how).contains(How.MEASURED);
        assertThat(identified().get(FactKey.OUTER_BORE)).map(Fact::how).contains(How.TABLE);
        assertThat(identified().get(FactKey.SPINDLE)).map(Fact::how).contains(How.DEFAULT);
        assertThat(identified().get(FactKey.OUTER_HALF_ANGLE)).map(Fact::how).contains(How.ESTIMATED);
    }

    private static Standing at(RouteStage stage, Standing.State state, boolean complete, Finding... findings) {
        return new Standing(stage, state, complete, false, List.of(findings));
    }

    /** Every station done, but for those that are given. */
    private static List<Standing> all(Standing... others) {
        return RouteStage.route().stream()
                .map(stage -> List.of(others).stream()
                        .filter(other -> other.stage() == stage)
                        .findFirst()
                        .orElse(at(stage, Standing.State.DONE, true)))
                .toList();
    }

    private static Finding stop(String sentence) {
        return new Finding("x", Level.STOP, sentence);
    }

    @Test
    void aWholeJobMayBeSigned() {
        assertThat(SignOff.of(all(), true).allowed()).isTrue();
    }

    @Test
    void aGateThatAlwaysPassedWouldBeNoticed() {
        List<Standing> each = List.of(
                at(RouteStage.PROVE, Standing.State.DONE, true, stop("End play is over 0.150 mm.")),
                at(RouteStage.PROVE, Standing.State.DONE, false),
                at(RouteStage.PROVE, Standing.State.SKIPPED, false),
                at(RouteStage.SET, Standing.State.DRAFT, true),
                at(RouteStage.SET, Standing.State.DONE, false),
                Standing.untouched(RouteStage.GREASE),
                new Standing(RouteStage.FIT, Standing.State.DONE, true, true, List.of()),
                new Standing(RouteStage.SET, Standing.State.SKIPPED, true, true, List.of()));
        for (Standing standing : each) {
            assertThat(SignOff.of(all(standing), true).allowed())
                    .as(standing.stage() + " " + standing.state())
                    .isFalse();
            assertThat(standing.settled() && standing.state() == Standing.State.DONE)
                    .isFalse();
        }
        assertThat(SignOff.of(List.of(), true).allowed()).isTrue();
    }

    @Test
    void aStationSaysInAWordHowItStands() {
        assertThat(at(RouteStage.SET, Standing.State.DONE, true).word()).isEqualTo("done");
        assertThat(at(RouteStage.SET, Standing.State.DONE, false).word()).isEqualTo("incomplete");
        Finding soon = new Finding("a", Level.SOON, "Too much.");
        assertThat(at(RouteStage.SET, Standing.State.DONE, true, soon).word()).isEqualTo("set again");
        assertThat(at(RouteStage.PROVE, Standing.State.DONE, true, soon).word()).isEqualTo("set again");
        assertThat(at(RouteStage.FIT, Standing.State.DONE, true, soon).word()).isEqualTo("soon");
        assertThat(at(RouteStage.STRIP, Standing.State.DONE, true, soon).word()).isEqualTo("done");
        assertThat(at(RouteStage.INSPECT, Standing.State.DONE, true, stop("Spalled."))
                        .word())
                .isEqualTo("done");
        assertThat(at(RouteStage.SET, Standing.State.DRAFT, true).word()).isEqualTo("draft");
        assertThat(at(RouteStage.SET, Standing.State.SKIPPED, true).word()).isEqualTo("skipped");
        assertThat(Standing.untouched(RouteStage.SET).word()).isEqualTo("open");
    }

    @Test
    void whatIsSettledLeavesNothingToDo() {
        assertThat(at(RouteStage.SET, Standing.State.DONE, true).settled()).isTrue();
        assertThat(at(RouteStage.SET, Standing.State.SKIPPED, false).settled()).isTrue();
        assertThat(at(RouteStage.SET, Standing.State.DRAFT, true).settled()).isFalse();
        assertThat(at(RouteStage.STRIP, Standing.State.DONE, true, stop("Scrap."))
                        .settled())
                .isTrue();
        assertThat(at(RouteStage.DIAGNOSE, Standing.State.DONE, true, stop("Play."))
                        .settled())
                .isTrue();
        assertThat(at(RouteStage.FIT, Standing.State.DONE, true, stop("Cracked."))
                        .settled())
                .isFalse();
    }

    @Test
    void aStopFindingBarsSigning() {
        Standing prove = at(RouteStage.PROVE, Standing.State.DONE, true, stop("End play is over 0.150 mm."));
        assertThat(SignOff.of(all(prove), true).reasons())
                .singleElement()
                .asString()
                .contains("Prove: End play");
        assertThat(prove.word()).isEqualTo("stop");
        assertThat(prove.settled()).isFalse();
    }

    @Test
    void whatIsNotKnownNeverHidesAStop() {
        Standing set = at(
                RouteStage.SET,
                Standing.State.DONE,
                true,
                new Finding("a", Level.OPEN, "Not known."),
                stop("It is tight."),
                new Finding("b", Level.WATCH, "Old nut."));
        assertThat(set.level()).isEqualTo(Level.STOP);
        assertThat(set.word()).isEqualTo("stop");
        assertThat(set.settled()).isFalse();
        assertThat(SignOff.of(all(set), true).reasons()).containsExactly("Set: It is tight.");
    }

    @Test
    void whereNothingWasJudgedNothingIsRight() {
        assertThat(at(RouteStage.SET, Standing.State.DONE, true).level()).isEqualTo(Level.OPEN);
        assertThat(Level.worst(List.of(Level.RIGHT, Level.OPEN))).isEqualTo(Level.OPEN);
        assertThat(Level.worst(List.of(Level.OPEN, Level.WATCH, Level.RIGHT))).isEqualTo(Level.WATCH);
    }

    @Test
    void aMissingProofOrAnOpenStageBarsSigning() {
        assertThat(SignOff.of(all(at(RouteStage.PROVE, Standing.State.DONE, false)), true)
                        .reasons())
                .singleElement()
                .asString()
                .contains("needed proof is missing");
        assertThat(SignOff.of(all(Standing.untouched(RouteStage.GREASE)), true).reasons())
                .singleElement()
                .asString()
                .contains("Grease is not done");
    }

    @Test
    void aResultThatHangsOnAChangedFactBarsSigning() {
        Standing fit = new Standing(RouteStage.FIT, Standing.State.DONE, true, true, List.of());
        assertThat(SignOff.of(all(fit), true).reasons())
                .singleElement()
                .asString()
                .contains("Fit hangs on a fact that has changed");
        assertThat(fit.word()).isEqualTo("recalculate");
        assertThat(fit.settled()).isFalse();
    }

    @Test
    void aStageMayBeSkippedButNeverProve() {
        Standing grease = at(RouteStage.GREASE, Standing.State.SKIPPED, false);
        Standing prove = at(RouteStage.PROVE, Standing.State.SKIPPED, false);
        assertThat(SignOff.of(all(grease), true).allowed()).isTrue();
        assertThat(SignOff.of(all(grease, prove), true).reasons()).containsExactly("Prove is not done.");
        assertThat(SignOff.of(all(grease, prove), false).allowed()).isTrue();
    }

    @Test
    void skippingAStageDoesNotPassOverWhatItFound() {
        Standing set = at(RouteStage.SET, Standing.State.SKIPPED, false, stop("It is tight."));
        assertThat(SignOff.of(all(set), true).reasons()).containsExactly("Set: It is tight.");
    }

    @Test
    void aServiceNeedsNoDiagnosis() {
        assertThat(SignOff.of(all(Standing.untouched(RouteStage.DIAGNOSE)), true)
                        .allowed())
                .isTrue();
    }

    @Test
    void whatDiagnoseFoundToStopForIsSettledByProve() {
        Standing diagnose = at(RouteStage.DIAGNOSE, Standing.State.DONE, true, stop("Play in the hub."));
        assertThat(SignOff.of(all(diagnose), true).allowed()).isTrue();
        Standing skipped = at(RouteStage.PROVE, Standing.State.SKIPPED, false);
        assertThat(SignOff.of(all(diagnose, skipped), false).reasons()).containsExactly("Diagnose: Play in the hub.");
    }

    @Test
    void aStationThatTheKindDoesNotHaveBarsNothing() {
        Standing none = Standing.absent(RouteStage.GREASE);

        assertThat(none.word()).isEqualTo("none here");
        assertThat(none.settled()).isTrue();
        assertThat(SignOff.of(List.of(none), true).allowed()).isTrue();
        assertThat(SignOff.of(List.of(Standing.untouched(RouteStage.GREASE)), true)
                        .allowed())
                .isFalse();
    }
}
