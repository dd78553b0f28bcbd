package unbo.core.tools.running;

import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.lubrication.Mixing;
import unbo.core.lubrication.Mixture;
import unbo.core.worksheet.Worksheet;

/** Mixing two greases, in print. */
public final class MixtureWords {

    private MixtureWords() {}

    public static Answer answer(Mixture.Pair pair) {
        Mixing.Verdict verdict = Mixing.of(pair.a(), pair.b());
        Level level = switch (verdict) {
            case COMPATIBLE -> Level.RIGHT;
            case DOUBTFUL -> Level.WATCH;
            case INCOMPATIBLE -> Level.STOP;
        };
        return new Answer(
                        List.of(new Answer.Figure("together they are", verdict.word(), "", "")),
                        List.of(new Finding("mix-" + verdict.word(), level, Mixing.sentence(pair.a(), pair.b()))),
                        List.of("Base oils too: silicone, perfluorinated and glycol oils mix with nothing."),
                        new Worksheet(
                                "Do these thickeners mix?",
                                List.of(
                                        Worksheet.given(
                                                pair.a(),
                                                "new grease",
                                                Mixing.thickener(pair.a())
                                                        .orElseThrow()
                                                        .name()),
                                        Worksheet.given(
                                                pair.b(),
                                                "grease that is in",
                                                Mixing.thickener(pair.b())
                                                        .orElseThrow()
                                                        .name()),
                                        Worksheet.judged(
                                                "",
                                                "table of thickeners",
                                                "the same both ways",
                                                verdict.word(),
                                                "unless compatible: wash all out")),
                                List.of("Compatibility chart of thickener types as common in lubrication textbooks; a "
                                        + "test with the two greases at hand wins.")),
                        List.of(MixDrawing.of(pair)))
                .with(MixDrawing.table());
    }
}
