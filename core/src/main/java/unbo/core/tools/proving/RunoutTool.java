package unbo.core.tools.proving;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.input.FieldList;
import unbo.core.runout.Harmonic;
import unbo.core.runout.Indexing;
import unbo.core.runout.Runout;
import unbo.core.runout.RunoutInput;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Instrument;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** How far is it out, where is it high, and is there a spot to chalk? */
@AutoService(Offered.class)
public final class RunoutTool implements Tool<RunoutInput, Runout> {

    /** One harmonic. */
    public record Wave(double amplitudeMm, double highSpotDeg) {

        private static Wave of(Harmonic h) {
            return new Wave(h.amplitudeMm(), h.highSpotDeg());
        }
    }

    /** A local spot. */
    public record Spot(double angleDeg, double residualMm) {}

    /** Disc and hub told apart. */
    public record Parted(Wave disc, Wave hub) {}

    /** @param indexed null without a second turn */
    public record RunoutAnswer(
            double tirMm,
            Wave firstHarmonic,
            Wave secondHarmonic,
            List<Spot> spikes,
            String verdict,
            double maxMm,
            double highSpotSigmaDeg,
            @Nullable Parted indexed) {}

    @Override
    public About about() {
        return new About(
                "runout",
                "Runout",
                "How far is it out, where is it high, and is there a spot to chalk?",
                Work.PROVE,
                10);
    }

    @Override
    public FieldList<RunoutInput> fields() {
        return RunoutFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "surface",
                "disc",
                "readings",
                "-0.037 -0.020 -0.006 0.017 0.029 0.045 0.056 0.060 0.060 0.060 0.050 0.043 "
                        + "0.022 0.006 -0.013 -0.028 -0.042 -0.024 -0.058 -0.063 -0.058 -0.055 -0.051 -0.048");
    }

    @Override
    public Runout compute(RunoutInput in) {
        return Runout.of(in);
    }

    @Override
    public Answer print(Runout result) {
        return RunoutWords.answer(result);
    }

    @Override
    public List<Call<Runout>> calls() {
        return List.of(Call.post(
                "runout",
                "Runout, high spot and local spots of one turn of indicator readings; disc against hub from "
                        + "a second one",
                Shape.of(RunoutFields.LIST),
                RunoutAnswer.class,
                RunoutTool::json));
    }

    private static RunoutAnswer json(Runout r) {
        Indexing indexing = r.indexing();
        return new RunoutAnswer(
                r.tirMm(),
                Wave.of(r.first()),
                Wave.of(r.second()),
                r.spikes().stream()
                        .map(s -> new Spot(s.angleDeg(), s.residualMm()))
                        .toList(),
                r.within() ? "within" : "over",
                r.input().limitMm(),
                r.highSpotSigmaDeg(),
                indexing == null ? null : new Parted(Wave.of(indexing.disc()), Wave.of(indexing.hub())));
    }

    @Override
    public Instrument instrument() {
        return Instrument.TURN;
    }
}
