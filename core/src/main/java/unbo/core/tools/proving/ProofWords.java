package unbo.core.tools.proving;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.LimitScale;
import unbo.core.drawing.Role;
import unbo.core.finding.Level;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.measure.Units;
import unbo.core.proof.EndPlay;
import unbo.core.proof.HubHeat;
import unbo.core.proof.Proof;
import unbo.core.proof.ProofAnswer;
import unbo.core.proof.ProofInput;
import unbo.core.proof.ProofItem;
import unbo.core.setting.EndPlayBand;
import unbo.core.worksheet.Worksheet;

/** The proofs in print. */
public final class ProofWords {

    private ProofWords() {}

    public static Answer answer(Proof proof) {
        List<Answer.Figure> figures = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        List<Drawing> drawings = new ArrayList<>();
        if (proof.endPlay() != null) {
            figures.add(Answer.Figure.fixed(
                    "end play",
                    proof.endPlay().meanMm(),
                    3,
                    "mm",
                    Show.inches(proof.endPlay().meanMm())));
            figures.add(Answer.Figure.fixed(
                    "spread of the pairs",
                    proof.endPlay().spreadMm(),
                    3,
                    "mm",
                    proof.endPlay().pairsMm().size() + " pairs"));
            drawings.add(scale(proof));
        }
        if (proof.heat() != null) {
            figures.add(warmth(proof));
        }
        if (proof.endPlay() == null && proof.estimate() != null) {
            figures.add(Answer.Figure.number(
                    "end play, estimated by rock at the rim",
                    proof.estimate().endPlayMm(),
                    2,
                    "mm",
                    Show.number(proof.estimate().lowMm(), 2) + " to "
                            + Show.number(proof.estimate().highMm(), 2) + " mm"));
        }
        if (proof.runout() != null) {
            Answer runout = RunoutWords.answer(proof.runout());
            figures.addAll(runout.figures().subList(0, 2));
            drawings.addAll(runout.drawings());
        }
        if (!proof.missing().isEmpty()) {
            sentences.add("Still missing before this can be signed: " + String.join("; ", proof.missing()) + ".");
        }
        sentences.add(proof.input().kind().handOver());
        proof.later()
                .forEach(later -> sentences.add("After hand-over: " + later.words() + ", after "
                        + Show.number(later.fromKm(), 0) + " to " + Show.number(later.toKm(), 0) + " km."));
        return new Answer(figures, proof.findings(), sentences, worksheet(proof), drawings);
    }

    private static Answer.Figure warmth(Proof proof) {
        HubHeat heat = proof.heat();
        if (requireNonNull(heat).against().isEmpty()) {
            return Answer.Figure.number(
                    "this hub after the run",
                    requireNonNull(proof.input().warmth().hubC()),
                    0,
                    "°C",
                    "stop over 90 °C");
        }
        double fahrenheit = Units.of(Quantity.TEMPERATURE_DIFFERENCE, "°F").fromBase(heat.warmerK());
        return Answer.Figure.number(
                "over " + heat.against(), heat.warmerK(), 0, "K", Show.number(fahrenheit, 0) + " °F; limit 15 K");
    }

    private static Drawing scale(Proof proof) {
        EndPlay play = proof.endPlay();
        EndPlayBand band = proof.input().play().band();
        double to = Math.max(
                EndPlay.stopMm(band, proof.input().kind()) * 1.35,
                requireNonNull(play).meanMm() * 1.05);
        Role role = play.finding().level() == Level.RIGHT ? Role.ANSWER : Role.OUT;
        return LimitScale.of(
                "proof-scale",
                "End play measured against the band",
                "end play, mm",
                new LimitScale.Range(0, to),
                new LimitScale.Range(band.minMm(), band.maxMm()),
                List.of(new LimitScale.Marker(play.meanMm(), Show.fixed(play.meanMm(), 3), role)));
    }

    private static Worksheet worksheet(Proof proof) {
        List<Worksheet.Line> lines = new ArrayList<>();
        ProofInput in = proof.input();
        if (proof.endPlay() != null) {
            endPlay(proof, lines);
        } else if (proof.estimate() != null) {
            lines.addAll(RimRockWords.answer(proof.estimate()).worksheet().lines());
        }
        if (proof.heat() != null) {
            Double before = in.warmth().twinC() != null
                    ? in.warmth().twinC()
                    : in.warmth().earlierC();
            lines.add(Worksheet.judged(
                    "Δ",
                    "hub over "
                            + (before == null
                                    ? "what it is held against"
                                    : proof.heat().against()),
                    Show.number(requireNonNull(in.warmth().hubC()), 1)
                            + (before == null ? "" : " − " + Show.number(before, 1)),
                    before == null ? "nothing yet" : Show.number(proof.heat().warmerK(), 1) + " K",
                    "15 K; stop over 90 °C"));
        }
        if (in.warmth().runKm() != null) {
            lines.add(Worksheet.given(
                    "", "run before measuring", Show.number(in.warmth().runKm(), 1) + " km"));
        }
        if (proof.runout() != null) {
            lines.addAll(RunoutWords.answer(proof.runout()).worksheet().lines());
        }
        for (ProofItem item : ProofItem.of(in.kind())) {
            if (!item.measured()) {
                lines.add(Worksheet.given(
                        "",
                        item.label().toLowerCase(java.util.Locale.ROOT),
                        in.answer(item).map(ProofAnswer::words).orElse("not said")));
            }
        }
        return new Worksheet(
                "Is it set right, and does it stay cool? (" + in.kind().label() + ")",
                lines,
                List.of("Limits where the vehicle's data give none: "
                        + in.kind().label() + ", " + Show.fixed(in.play().band().minMm(), 3) + " to "
                        + Show.play(in.play().band().maxMm()) + " right, over "
                        + Show.play(EndPlay.stopMm(in.play().band(), in.kind())) + " stop (usual trade limits)."));
    }

    private static void endPlay(Proof proof, List<Worksheet.Line> lines) {
        ProofInput in = proof.input();
        EndPlay play = proof.endPlay();
        EndPlayBand band = in.play().band();
        for (int i = 0; i < requireNonNull(play).pairsMm().size(); i++) {
            String difference = Show.fixed(in.play().pull().get(i), 3) + " − "
                    + Show.fixed(in.play().push().get(i), 3);
            lines.add(Worksheet.computed(
                    "e" + (i + 1),
                    "pair " + (i + 1),
                    difference,
                    Show.play(play.pairsMm().get(i))));
        }
        lines.add(Worksheet.judged(
                "e",
                "end play",
                "|mean of the pairs|",
                Show.play(play.meanMm()),
                Show.fixed(band.minMm(), 3) + " to " + Show.play(band.maxMm()) + "; stop over "
                        + Show.play(EndPlay.stopMm(band, in.kind()))));
        lines.add(Worksheet.judged(
                "",
                "spread",
                "largest − smallest",
                Show.play(play.spreadMm()),
                "at most " + Show.play(EndPlay.mostSpreadMm(band))));
    }
}
