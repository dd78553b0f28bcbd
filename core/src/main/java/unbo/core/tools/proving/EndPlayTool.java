package unbo.core.tools.proving;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.input.FieldList;
import unbo.core.proof.EndPlay;
import unbo.core.proof.HubHeat;
import unbo.core.proof.Proof;
import unbo.core.proof.ProofInput;
import unbo.core.stage.RouteStage;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Instrument;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** What is the end play, how sure is it, and is the hub as cool as its twin? */
@AutoService(Offered.class)
public final class EndPlayTool implements Tool<ProofInput, Proof> {

    /** Null where it was not measured. */
    public record EndPlayProof(
            @Nullable Double endPlayMm,
            @Nullable Double spreadMm,
            @Nullable Double warmerK,
            List<String> missing) {}

    @Override
    public About about() {
        return new About(
                "end-play",
                "End play and hub heat",
                "What is the end play, how sure is it, and is the hub as cool as its twin?",
                Work.PROVE,
                30);
    }

    @Override
    public FieldList<ProofInput> fields() {
        return ProofFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "push", "0.00 0.01 0.00", "pull", "0.08 0.09 0.08", "hubTemperature", "38", "twinTemperature", "36");
    }

    @Override
    public Proof compute(ProofInput in) {
        return Proof.of(in);
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.assembly("cartridge-knuckle");
    }

    @Override
    public Answer print(Proof result) {
        return ProofWords.answer(result);
    }

    @Override
    public List<Call<Proof>> calls() {
        return List.of(Call.post(
                "end-play",
                "End play from push and pull readings, and hub heat against the twin",
                Shape.of(ProofFields.LIST),
                EndPlayProof.class,
                EndPlayTool::proof));
    }

    private static EndPlayProof proof(Proof proof) {
        EndPlay play = proof.endPlay();
        HubHeat heat = proof.heat();
        return new EndPlayProof(
                play == null ? null : Double.valueOf(play.meanMm()),
                play == null ? null : Double.valueOf(play.spreadMm()),
                heat == null ? null : Double.valueOf(heat.warmerK()),
                proof.missing());
    }

    @Override
    public List<Finding> findings(Proof proof) {
        return proof.findings();
    }

    @Override
    public Instrument instrument() {
        return Instrument.PLAY_AND_WARMTH;
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.at(RouteStage.PROVE));
    }
}
