package unbo.core.route;

import java.util.List;
import java.util.Map;

import unbo.core.answer.Answer;
import unbo.core.arrange.ConeHub;
import unbo.core.arrange.CrankTruing;
import unbo.core.arrange.Preload;
import unbo.core.arrange.SpacerHub;
import unbo.core.arrange.UnitHub;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.setting.CastleNut;
import unbo.core.setting.CastleNutDrawing;
import unbo.core.setting.CastleNutFields;
import unbo.core.setting.CastleNutInput;
import unbo.core.setting.CastleNutWords;
import unbo.core.setting.LockingPosition;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.stack.Stack;
import unbo.core.stack.StackInput;
import unbo.core.stack.StackLines;
import unbo.core.stack.StackWords;

/** What Set does with its input, one rule for each way of setting. */
final class SetRules {

    private static final double NO_PLAY_MM = 0.05;

    private SetRules() {}

    static StageRule<StackInput> stack() {
        return new StageRule<>(
                RouteStage.SET,
                StackLines.LIST,
                StackLines.LIST.fields().stream().map(f -> f.name()).toList(),
                StageRule.from(
                        "outer",
                        FactKey.OUTER_CHAIN,
                        "inner",
                        FactKey.INNER_CHAIN,
                        "min",
                        FactKey.BAND_MIN,
                        "max",
                        FactKey.BAND_MAX),
                in -> {
                    Stack stack = Stack.of(in);
                    Facts facts = new Facts(RouteStage.SET);
                    facts.words(FactKey.OUTER_CHAIN, StackLines.lines(in.outer()), How.TYPED);
                    facts.words(FactKey.INNER_CHAIN, StackLines.lines(in.inner()), How.TYPED);
                    facts.number(FactKey.BAND_MIN, in.minMm(), How.TYPED);
                    facts.number(FactKey.BAND_MAX, in.maxMm(), How.TYPED);
                    facts.words(FactKey.SHIMS, StackWords.taken(stack), How.COMPUTED);
                    facts.number(FactKey.SET_END_PLAY, stack.resultMm(), How.COMPUTED);
                    return new StageRule.Outcome(StackWords.answer(stack), facts.list, stack.inside());
                });
    }

    static StageRule<Preload.Input> preload() {
        return new StageRule<>(
                RouteStage.SET,
                Preload.LIST,
                Preload.LIST.fields().stream().map(f -> f.name()).toList(),
                Map.of(),
                in -> {
                    Preload preload = Preload.of(in);
                    Facts facts = new Facts(RouteStage.SET);
                    facts.number(FactKey.TURNING_TORQUE, preload.torqueNm(), How.MEASURED);
                    return new StageRule.Outcome(preload.answer(), facts.list, preload.torqueNm() != null);
                });
    }

    static StageRule<CrankTruing.Input> crank() {
        return new StageRule<>(
                RouteStage.SET,
                CrankTruing.LIST,
                CrankTruing.LIST.fields().stream().map(f -> f.name()).toList(),
                Map.of(),
                in -> {
                    CrankTruing crank = CrankTruing.of(in);
                    Facts facts = new Facts(RouteStage.SET);
                    facts.number(FactKey.CRANK_TIR, crank.largestMm(), How.MEASURED);
                    return new StageRule.Outcome(crank.answer(), facts.list, crank.inside());
                });
    }

    static StageRule<UnitHub> unitHub() {
        return new StageRule<>(
                RouteStage.SET,
                UnitHub.LIST,
                UnitHub.LIST.fields().stream().map(f -> f.name()).toList(),
                Map.of(),
                in -> {
                    Facts facts = new Facts(RouteStage.SET);
                    facts.number(FactKey.AXLE_NUT, in.torqueNm(), How.MEASURED);
                    return new StageRule.Outcome(in.answer(), noPlay(facts), true);
                });
    }

    static StageRule<SpacerHub.Input> spacerHub() {
        return new StageRule<>(
                RouteStage.SET,
                SpacerHub.LIST,
                SpacerHub.LIST.fields().stream().map(f -> f.name()).toList(),
                StageRule.from("designation", FactKey.OUTER_CONE, "spacer", FactKey.SPACER),
                in -> {
                    Facts facts = new Facts(RouteStage.SET);
                    facts.number(FactKey.SPACER, in.spacerMm(), How.MEASURED);
                    return new StageRule.Outcome(SpacerHub.of(in).answer(), noPlay(facts), true);
                });
    }

    static StageRule<ConeHub> coneHub() {
        return new StageRule<>(
                RouteStage.SET,
                ConeHub.LIST,
                ConeHub.LIST.fields().stream().map(f -> f.name()).toList(),
                StageRule.from("pitch", FactKey.NUT_PITCH),
                in -> {
                    Facts facts = new Facts(RouteStage.SET);
                    facts.number(FactKey.CONE_BACK, in.backDeg(), How.MEASURED);
                    return new StageRule.Outcome(in.answer(), noPlay(facts), true);
                });
    }

    static StageRule<CastleNutInput> nut() {
        return new StageRule<>(
                RouteStage.SET,
                CastleNutFields.LIST,
                CastleNutFields.LIST.fields().stream().map(f -> f.name()).toList(),
                StageRule.from(
                        "pitch",
                        FactKey.NUT_PITCH,
                        "slots",
                        FactKey.NUT_SLOTS,
                        "pinHolesDeg",
                        FactKey.PIN_HOLES,
                        "freeAngleDeg",
                        FactKey.FREE_ANGLE,
                        "endPlayMin",
                        FactKey.BAND_MIN,
                        "endPlayMax",
                        FactKey.BAND_MAX,
                        "school",
                        FactKey.SCHOOL),
                in -> {
                    CastleNut nut = CastleNut.of(in);
                    LockingPosition best = nut.bestPosition();
                    Facts facts = new Facts(RouteStage.SET);
                    facts.number(FactKey.NUT_PITCH, in.pitchMm(), How.TYPED);
                    facts.words(FactKey.NUT_SLOTS, String.valueOf(in.slots()), How.TYPED);
                    facts.words(
                            FactKey.PIN_HOLES,
                            String.join(
                                    "; ",
                                    in.pinHolesDeg().stream()
                                            .map(h -> Show.number(h, 2).replace('−', '-'))
                                            .toList()),
                            How.TYPED);
                    facts.number(FactKey.FREE_ANGLE, in.freeAngleDeg(), How.MEASURED);
                    facts.number(FactKey.BAND_MIN, in.band().minMm(), How.TYPED);
                    facts.number(FactKey.BAND_MAX, in.band().maxMm(), How.TYPED);
                    facts.words(FactKey.SCHOOL, in.school().name(), How.TYPED);
                    facts.number(
                            FactKey.SET_END_PLAY,
                            best == null ? nut.bySchool().endPlayMm() : best.endPlayMm(),
                            How.COMPUTED);
                    return new StageRule.Outcome(nutAnswer(nut), facts.list, true);
                });
    }

    /** Hubs that are not adjusted by a nut are proved by having no play to feel: 0.05 mm at most. */
    private static List<Fact> noPlay(Facts facts) {
        facts.number(FactKey.BAND_MIN, 0.0, How.DEFAULT);
        facts.number(FactKey.BAND_MAX, NO_PLAY_MM, How.DEFAULT);
        return facts.list;
    }

    private static Answer nutAnswer(CastleNut nut) {
        LockingPosition best = nut.bestPosition();
        double back = best == null ? nut.bySchool().backOffDeg() : best.backOffDeg();
        double play = best == null ? nut.bySchool().endPlayMm() : best.endPlayMm();
        Finding finding = best == null
                ? new Finding(
                        "no-slot",
                        Level.SOON,
                        "No slot leaves an end play inside "
                                + CastleNutWords.words(nut.input().band())
                                + ": change the washer before the hub is closed.")
                : new Finding(
                        "slot-right",
                        Level.RIGHT,
                        "A slot leaves an end play inside "
                                + CastleNutWords.words(nut.input().band()) + ".");
        return new Answer(
                List.of(
                        new Answer.Figure("back off from zero end play", Show.number(back, 1), "°", ""),
                        new Answer.Figure("end play there", Show.fixed(play, 3), "mm", Show.inches(play))),
                List.of(finding),
                CastleNutWords.sentences(nut),
                CastleNutWords.worksheet(nut),
                List.of(CastleNutDrawing.face(nut), CastleNutDrawing.scale(nut)),
                List.of(),
                CastleNutWords.tables(nut));
    }
}
