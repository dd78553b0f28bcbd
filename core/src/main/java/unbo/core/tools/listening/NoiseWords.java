package unbo.core.tools.listening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.signal.Family;
import unbo.core.signal.Noise;
import unbo.core.signal.Recording;
import unbo.core.worksheet.Worksheet;

/** What a recording says, in print. */
public final class NoiseWords {

    private static final double HARDLY_DB = 2;

    private NoiseWords() {}

    /** The finding in a few words: large on the page. */
    public static String told(Noise noise) {
        return noise.finding() == null ? "none" : noise.finding().words();
    }

    public static Answer answer(Noise noise) {
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(new Answer.Figure(
                "lines that stand out",
                told(noise),
                "",
                noise.finding() == null
                        ? "no bearing line above the floor"
                        : noise.finding().symbol()));
        figures.add(Answer.Figure.number("over what chance gives", noise.marginDb(), 1, "dB", "limit 0 dB"));
        figures.add(Answer.Figure.number(
                "wheel or shaft",
                noise.shaftHz() * 60,
                0,
                "rpm",
                switch (noise.input().speed().kind()) {
                    case FOUND -> "found from its lines";
                    case TACHO -> "mean by the tacho";
                    case RAMP -> "mean of the ramp";
                    case STEADY -> "as typed";
                }));
        return new Answer(figures, List.of(finding(noise)), sentences(noise), worksheet(noise), NoiseDrawing.of(noise))
                .with(NoiseDrawing.table(noise));
    }

    private static Finding finding(Noise noise) {
        if (noise.finding() == null) {
            return new Finding(
                    "noise-none",
                    Level.OPEN,
                    "No bearing line above the floor. That clears no bearing: a worn or dry one "
                            + "may hum without lines. Tyre and gear lines are integer orders of the wheel "
                            + "and were left out.");
        }
        String hardly = noise.marginDb() < HARDLY_DB
                ? " It stands out by little: record once more, louder or longer, before anything is opened."
                : "";
        return new Finding(
                "noise-" + noise.finding().code(),
                Level.SOON,
                "Lines of the " + noise.finding().words() + " stand " + Show.number(noise.marginDb(), 1)
                        + " dB over chance: this bearing is damaged there. Renew it soon." + hardly);
    }

    private static List<String> sentences(Noise noise) {
        List<String> sentences = new ArrayList<>();
        if (noise.input().geometry().estimated()) {
            sentences.add("Estimated geometry: one element more or less and γ ± 10 % were tried, with "
                    + "two harmonics only. Count and measure the elements for a surer answer.");
        }
        noise.standings().stream()
                .filter(s -> noise.finding() != null && s.family() != noise.finding() && s.marginDb() > 0)
                .max(Comparator.comparingDouble(Noise.Standing::marginDb))
                .ifPresent(s -> sentences.add("The " + s.family().words() + "'s lines stand over chance too ("
                        + Show.number(s.marginDb(), 1) + " dB)"
                        + (noise.finding() == Family.ELEMENT && s.family() == Family.CAGE
                                ? ": the cage carries the damaged element through the load."
                                : ".")));
        if (noise.recording().cut()) {
            sentences.add("The file was longer than " + Recording.LONGEST_S + " s or broke off: "
                    + Show.number(noise.recording().seconds(), 0) + " s of it were used.");
        }
        if (noise.resampled()) {
            sentences.add(
                    "The speed changed: the envelope was taken to shaft angle, and lines stand at the mean speed.");
        }
        sentences.add("Compare with the other side, recorded at the same speed on the same road.");
        return sentences;
    }

    private static Worksheet worksheet(Noise noise) {
        BearingGeometry g = noise.input().geometry();
        List<Worksheet.Line> lines = new ArrayList<>();
        String how = g.estimated() ? ", estimated" : "";
        lines.add(Worksheet.given("Z", "rolling elements" + how, String.valueOf(g.elements())));
        lines.add(Worksheet.given("Dw", "element diameter" + how, Show.number(g.elementMm(), 2) + " mm"));
        lines.add(Worksheet.given("dm", "pitch diameter" + how, Show.number(g.pitchMm(), 2) + " mm"));
        lines.add(Worksheet.given("α", "contact angle", Show.number(g.contactDeg(), 1) + "°"));
        lines.add(Worksheet.computed("γ", "", "Dw·cos α/dm", Show.fixed(g.gamma(), 4)));
        lines.add(Worksheet.computed("fr", "turns a second", "", Show.number(noise.shaftHz(), 3) + " Hz"));
        lines.add(Worksheet.computed(
                "",
                "band of the envelope",
                noise.input().band() == null ? "highest spectral kurtosis of octaves and third-octaves" : "typed",
                hz(noise.band().loHz()) + " to " + hz(noise.band().hiHz())));
        lines.add(Worksheet.computed(
                "",
                "bin of the envelope's spectrum",
                "Hann windows, averaged",
                Show.number(noise.lines().stepHz(), 3) + " Hz"));
        for (Noise.Standing s : noise.standings()) {
            lines.add(Worksheet.judged(
                    s.family().symbol(),
                    s.family().words(),
                    formula(s.family(), noise.input().turning() == Turning.OUTER),
                    Show.number(s.byGeometryHz(), 2) + " Hz, found at " + Show.number(s.foundHz(), 2) + " Hz, "
                            + Show.number(s.overDb(), 1) + " dB over the floor",
                    "chance " + Show.number(s.chanceDb(), 1) + " dB: " + (s.marginDb() > 0 ? "over by " : "under by ")
                            + Show.number(Math.abs(s.marginDb()), 1) + " dB"));
        }
        return new Worksheet(
                "Has this recording a bearing's lines in it?",
                lines,
                List.of(
                        "Kinematics of rolling bearings as in textbooks; Randall and Antoni, Rolling "
                                + "element bearing diagnostics: a tutorial, Mechanical Systems and Signal "
                                + "Processing 25 (2011).",
                        "Chance: the same comb, slip factor and harmonics at 200 random base "
                                + "frequencies, the 99.5 % level. Harmonics within two bins of an integer order "
                                + "of the shaft are left out."));
    }

    private static String formula(Family family, boolean outerTurns) {
        return switch (family) {
            case OUTER_RACE -> "Z/2·fr·(1 − γ)";
            case INNER_RACE -> "Z/2·fr·(1 + γ)";
            case ELEMENT -> "2·dm/(2·Dw)·fr·(1 − γ²)";
            case CAGE -> outerTurns ? "fr/2·(1 + γ), outer ring turning" : "fr/2·(1 − γ)";
        };
    }

    static String hz(double hz) {
        return Show.number(hz, hz < 100 ? 1 : 0) + " Hz";
    }
}
