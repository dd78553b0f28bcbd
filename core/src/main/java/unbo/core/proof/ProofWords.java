package unbo.core.proof;

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
import unbo.core.runout.RunoutWords;
import unbo.core.worksheet.Worksheet;

/** The proofs in print. */
public final class ProofWords {

    private ProofWords() {
    }

    public static Answer answer(Proof proof) {
        List<Answer.Figure> figures = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        List<Drawing> drawings = new ArrayList<>();
        if (proof.endPlay() != null) {
            figures.add(new Answer.Figure("end play", Show.fixed(proof.endPlay().meanMm(), 3), "mm", Show.inches(proof.endPlay().meanMm())));
            figures.add(new Answer.Figure("spread of the pairs", Show.fixed(proof.endPlay().spreadMm(), 3), "mm", proof.endPlay().pairsMm().size() + " pairs"));
            drawings.add(scale(proof));
        }
        if (proof.heat() != null) {
            figures.add(new Answer.Figure("over its twin", Show.number(proof.heat().warmerK(), 0), "K", Show.number(Units.of(Quantity.TEMPERATURE_DIFFERENCE, "°F").fromBase(proof.heat().warmerK()), 0) + " °F; limit 15 K"));
        }
        if (proof.runout() != null) {
            Answer runout = RunoutWords.answer(proof.runout());
            figures.addAll(runout.figures().subList(0, 2));
            drawings.addAll(runout.drawings());
        }
        if (!proof.missing().isEmpty()) {
            sentences.add("Still missing before this can be signed: " + String.join("; ", proof.missing()) + ".");
        }
        sentences.add("Wheel nuts star-wise to torque, again after 50 to 100 km; hub felt for heat after 10 km and rechecked after 100 km; pump the brake pedal before moving off.");
        return new Answer(figures, proof.findings(), sentences, worksheet(proof), drawings);
    }

    private static Drawing scale(Proof proof) {
        EndPlay play = proof.endPlay();
        var band = proof.input().band();
        double to = Math.max(EndPlay.stopMm(band) * 1.35, play.meanMm() * 1.05);
        Role role = play.finding().level() == Level.RIGHT ? Role.ANSWER : Role.OUT;
        return LimitScale.of("proof-scale", "End play measured against the band", "end play, mm", 0, to, band.minMm(), band.maxMm(),
                List.of(new LimitScale.Marker(play.meanMm(), Show.fixed(play.meanMm(), 3), role)));
    }

    private static Worksheet worksheet(Proof proof) {
        List<Worksheet.Line> lines = new ArrayList<>();
        ProofInput in = proof.input();
        if (proof.endPlay() != null) {
            EndPlay play = proof.endPlay();
            for (int i = 0; i < play.pairsMm().size(); i++) {
                lines.add(Worksheet.computed("e" + (i + 1), "pair " + (i + 1), Show.fixed(in.pull().get(i), 3) + " − " + Show.fixed(in.push().get(i), 3), Show.play(play.pairsMm().get(i))));
            }
            lines.add(Worksheet.judged("e", "end play", "|mean of the pairs|", Show.play(play.meanMm()), Show.fixed(in.band().minMm(), 3) + " to " + Show.play(in.band().maxMm()) + "; stop over " + Show.play(EndPlay.stopMm(in.band()))));
            lines.add(Worksheet.judged("", "spread", "largest − smallest", Show.play(play.spreadMm()), "must be under the mean"));
        }
        if (proof.heat() != null) {
            lines.add(Worksheet.judged("Δ", "hub over its twin", Show.number(in.hubC(), 1) + " − " + Show.number(in.twinC(), 1), Show.number(proof.heat().warmerK(), 1) + " K", "15 K; stop over 90 °C"));
        }
        if (in.runKm() != null) {
            lines.add(Worksheet.given("", "run before measuring", Show.number(in.runKm(), 1) + " km"));
        }
        if (proof.runout() != null) {
            lines.addAll(RunoutWords.answer(proof.runout()).worksheet().lines());
        }
        lines.add(Worksheet.given("", "new split pin", in.splitPin() ? "yes" : "no"));
        return new Worksheet("Is the hub set right, and does it stay cool?", lines, List.of(
                "Limits where the vehicle's data give none: 0.025 to 0.125 mm right, to 0.15 mm set again, over 0.15 mm stop (usual trade limits for adjusted tapered hubs)."));
    }
}
