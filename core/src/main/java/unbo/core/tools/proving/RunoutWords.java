package unbo.core.tools.proving;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.measure.Show;
import unbo.core.runout.Harmonic;
import unbo.core.runout.Indexing;
import unbo.core.runout.Runout;
import unbo.core.runout.RunoutInput;
import unbo.core.runout.Surface;
import unbo.core.worksheet.Worksheet;

/** Runout in print. */
public final class RunoutWords {

    private static final double UNSURE_DEG = 20;
    private static final double OVAL_SHARE = 0.5;

    private RunoutWords() {}

    public static Answer answer(Runout runout) {
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(Answer.Figure.fixed("total runout (TIR)", runout.tirMm(), 3, "mm", Show.inches(runout.tirMm())));
        figures.add(new Answer.Figure(
                "high spot",
                angle(runout.first().highSpotDeg()),
                "",
                "± " + Show.number(runout.highSpotSigmaDeg(), 0) + "°"));
        figures.add(Answer.Figure.fixed(
                "eccentric or wobbling", runout.first().amplitudeMm(), 3, "mm", "half of its share"));
        return new Answer(
                figures, runout.findings(), sentences(runout), worksheet(runout), List.of(RunoutDrawing.of(runout)));
    }

    private static List<String> sentences(Runout runout) {
        List<String> sentences = new ArrayList<>();
        if (runout.highSpotSigmaDeg() > UNSURE_DEG) {
            sentences.add("The readings scatter as much as the wave is high: the high spot is not to be trusted.");
        } else {
            sentences.add("Chalk the high spot at " + angle(runout.first().highSpotDeg())
                    + ", counted in the order of the readings.");
        }
        if (runout.second().amplitudeMm() > OVAL_SHARE * runout.first().amplitudeMm()
                && runout.second().amplitudeMm() > 3 * runout.amplitudeSigmaMm()) {
            sentences.add("Two waves a turn of " + Show.play(runout.second().amplitudeMm()) + ", high at "
                    + angle(runout.second().highSpotDeg()) + " and "
                    + angle(runout.second().highSpotDeg() + 180)
                    + ": oval, or distorted by how it is clamped. Loosen, tighten crosswise, measure again.");
        }
        Surface surface = runout.input().surface();
        if (surface.finishMm() != null && !runout.within()) {
            sentences.add("True it, and finish at " + Show.play(surface.finishMm()) + " or less.");
        }
        if (runout.indexing() != null) {
            sentences.add(parted(runout.indexing()));
        } else if (surface.code().equals("disc") && !runout.within()) {
            sentences.add("Disc or hub? Turn the disc by half a turn or one stud on the hub, measure "
                    + "again from the hub's mark 0, and write those readings too.");
        }
        if (runout.input().readings().size() < Runout.FEWEST_FOR_SPIKES) {
            sentences.add("With fewer than " + Runout.FEWEST_FOR_SPIKES + " readings no local spot can be named.");
        }
        return sentences;
    }

    private static String parted(Indexing parted) {
        boolean disc = parted.disc().amplitudeMm() > parted.hub().amplitudeMm();
        return "Of the wave " + Show.play(parted.disc().amplitudeMm()) + " is the disc's own (high at "
                + angle(parted.disc().highSpotDeg()) + " as it stood first) and "
                + Show.play(parted.hub().amplitudeMm()) + " the hub's (high at "
                + angle(parted.hub().highSpotDeg()) + "): the " + (disc ? "disc" : "hub")
                + " is the larger part."
                + (parted.growth() > 0.75
                        ? " Turned by so little, errors of the readings grow " + Show.number(parted.growth(), 1)
                                + " times."
                        : "");
    }

    static String angle(double degrees) {
        return Show.number(Harmonic.turn(Math.round(degrees), 360), 0) + "°";
    }

    private static Worksheet worksheet(Runout runout) {
        RunoutInput in = runout.input();
        int n = in.readings().size();
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given("N", "readings of one turn, at 360°·k/N", String.valueOf(n)));
        lines.add(Worksheet.judged(
                "TIR",
                "total runout",
                "max − min",
                Show.play(runout.tirMm()),
                Show.play(in.limitMm())
                        + (in.typed() ? ", typed" : ": " + in.surface().source())));
        lines.add(Worksheet.computed("r̄", "mean", "least squares", Show.play(runout.meanMm())));
        lines.add(Worksheet.computed(
                "a1",
                "first wave, amplitude",
                "r = r̄ + a1·cos(θ − φ1) + a2·cos(2θ − φ2)",
                Show.fixed(runout.first().amplitudeMm(), 4) + " mm"));
        lines.add(Worksheet.computed(
                "φ1",
                "first wave, high spot",
                "± σ·√(2/N)/a1",
                Show.number(runout.first().highSpotDeg(), 1) + "° ± " + Show.number(runout.highSpotSigmaDeg(), 1)
                        + "°"));
        lines.add(Worksheet.computed(
                "a2", "second wave, amplitude", "", Show.fixed(runout.second().amplitudeMm(), 4) + " mm"));
        lines.add(Worksheet.computed(
                "φ2/2",
                "second wave, high spots",
                "and 180° on",
                Show.number(runout.second().highSpotDeg(), 1) + "°"));
        lines.add(Worksheet.computed(
                "σ",
                "scatter of one reading",
                "1.4826 × MAD of the rest, at least 0.0017 mm",
                Show.fixed(runout.sigmaMm(), 4) + " mm"));
        for (Runout.Spike s : runout.spikes()) {
            lines.add(Worksheet.judged(
                    "r" + s.reading(),
                    "reading at " + angle(s.angleDeg()) + " against the others",
                    "residual",
                    Show.fixed(s.residualMm(), 4) + " mm = " + Show.number(s.sigmas(), 1) + " σ",
                    "over " + Show.number(Runout.limitSigmas(n), 1) + " σ and over "
                            + Show.play(Runout.LEAST_SPIKE_MM)));
        }
        if (runout.indexing() != null) {
            lines.add(Worksheet.given("β", "disc turned on the hub by", Show.number(in.indexDeg(), 1) + "°"));
            lines.add(Worksheet.computed(
                    "d",
                    "disc's own first wave",
                    "(m0 − mβ)/(1 − e^iβ)",
                    Show.fixed(runout.indexing().disc().amplitudeMm(), 4) + " mm at "
                            + angle(runout.indexing().disc().highSpotDeg())));
            lines.add(Worksheet.computed(
                    "h",
                    "hub's first wave",
                    "m0 − d",
                    Show.fixed(runout.indexing().hub().amplitudeMm(), 4) + " mm at "
                            + angle(runout.indexing().hub().highSpotDeg())));
        }
        return new Worksheet(
                "How far is it out, and where?",
                lines,
                List.of(
                        "Linear least squares with leverages and a robust scale, as in textbooks of regression.",
                        "The limit of sigmas is 4 + 15/ν + 60/ν², ν = N − 5: about four for many "
                                + "readings, higher for few, so that scatter alone is named in under 2 % of "
                                + "turns (by simulation)."));
    }
}
