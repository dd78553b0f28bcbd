package unbo.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.AssemblyKind;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.life.PressureCentres;
import unbo.core.measure.Show;
import unbo.core.proof.Proof;
import unbo.core.proof.ProofAnswer;
import unbo.core.proof.ProofInput;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.proving.ProofFields;
import unbo.core.tools.proving.ProofWords;

/** What Prove does with its input, one rule for each kind of assembly. */
final class ProveRules {

    /** Name of the text that chooses the kind. */
    static final String KIND = "assembly";

    private static final Set<String> TAKEN =
            Set.of("endPlayMin", "endPlayMax", "earlierTemperature", "spread", "halfCupAngle");
    private static final Map<String, StageRule<ProofInput>> RULES =
            AssemblyKind.all().stream().collect(Collectors.toUnmodifiableMap(AssemblyKind::code, ProveRules::rule));

    private ProveRules() {}

    static @Nullable StageRule<?> of(AssemblyKind kind) {
        return RULES.get(kind.code());
    }

    /** The kind that is asked by where nothing tells. */
    static AssemblyKind usual() {
        return AssemblyKind.all().get(0);
    }

    private static StageRule<ProofInput> rule(AssemblyKind kind) {
        List<String> asked = ProofFields.of(kind).fields().stream()
                .map(Field::name)
                .filter(name -> !TAKEN.contains(name))
                .toList();
        Function<ProofInput, StageRule.Outcome> done = ProveRules::outcome;
        return new StageRule<>(
                        RouteStage.PROVE,
                        ProofFields.of(kind),
                        asked,
                        StageRule.from(
                                "endPlayMin",
                                FactKey.BAND_MIN,
                                "endPlayMax",
                                FactKey.BAND_MAX,
                                "earlierTemperature",
                                FactKey.HUB_HEAT,
                                "hubs",
                                FactKey.HUB_TYPE),
                        done)
                .usually(ProveRules::usual);
    }

    /** What a reading at the rim is worked out by: the spread of the bearings, and the angle of a taper's cup. */
    private static List<Fill> usual(Sheet sheet) {
        List<Fill> fills = new ArrayList<>();
        PressureCentres.of(sheet).ifPresent(mm -> fills.add(new Fill("spread", Show.number(mm, 1) + " mm", List.of())));
        Double half = sheet.number(FactKey.OUTER_HALF_ANGLE);
        if (half != null && half > 0) {
            fills.add(
                    new Fill("halfCupAngle", sheet.typed(FactKey.OUTER_HALF_ANGLE), List.of(FactKey.OUTER_HALF_ANGLE)));
        }
        return fills;
    }

    private static StageRule.Outcome outcome(ProofInput in) {
        Proof proof = Proof.of(in);
        Facts facts = new Facts(RouteStage.PROVE);
        facts.words(FactKey.ASSEMBLY, in.kind().code(), How.TYPED);
        if (proof.endPlay() != null) {
            facts.and(new Fact(
                    FactKey.END_PLAY,
                    "",
                    proof.endPlay().meanMm(),
                    proof.endPlay().spreadMm() / 2,
                    How.MEASURED,
                    RouteStage.PROVE.code()));
        } else if (proof.estimate() != null) {
            double range = (proof.estimate().highMm() - proof.estimate().lowMm()) / 2;
            facts.and(new Fact(
                    FactKey.END_PLAY, "", proof.estimate().endPlayMm(), range, How.ESTIMATED, RouteStage.PROVE.code()));
        }
        facts.number(
                FactKey.RUNOUT, proof.runout() == null ? null : proof.runout().tirMm(), How.MEASURED);
        facts.number(FactKey.HUB_HEAT, in.warmth().hubC(), How.MEASURED);
        facts.number(
                FactKey.HUB_WARMER,
                proof.heat() == null || in.warmth().twinC() == null
                        ? null
                        : proof.heat().warmerK(),
                How.MEASURED);
        in.answers().stream()
                .filter(answer -> answer.item().code().equals("nut-locked"))
                .forEach(answer -> facts.words(
                        FactKey.NUT_LOCK,
                        answer.outcome() == ProofAnswer.Outcome.RIGHT ? "yes" : answer.words(),
                        How.TYPED));
        facts.words(
                FactKey.PROOFS_LEFT,
                proof.later().stream().map(later -> later.code()).collect(Collectors.joining(" ")),
                How.COMPUTED);
        facts.words(FactKey.INITIALS, in.initials(), How.TYPED);
        return new StageRule.Outcome(
                ProofWords.answer(proof), facts.list(), proof.missing().isEmpty());
    }
}
