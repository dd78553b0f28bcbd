package unbo.core.tools.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.bearing.Turning;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.motion.SpeedGuide;
import unbo.core.running.BearingSpeed;
import unbo.core.worksheet.Worksheet;

/** Speed, in print. */
public final class BearingSpeedWords {

    private BearingSpeedWords() {}

    public static Answer answer(BearingSpeed speed) {
        List<Answer.Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>(List.of(judged("This one", speed.guide())));
        List<FaceDrawing.View> views = new ArrayList<>(List.of(new FaceDrawing.View(
                speed.input().bearing(),
                "element " + Show.number(requireNonNull(speed.guide().elementRpm()), 0) + " rpm")));
        if (speed.other() != null) {
            figures.add(new Answer.Figure(
                    "the other's elements spin",
                    Show.number(requireNonNull(speed.spinRatio()), 2) + " times",
                    "",
                    Show.number(requireNonNull(speed.other().elementRpm()), 0) + " against "
                            + Show.number(speed.guide().elementRpm(), 0) + " rpm"));
            findings.add(judged("The other", speed.other()));
            views.add(new FaceDrawing.View(
                    requireNonNull(speed.input().other()),
                    "element " + Show.number(speed.other().elementRpm(), 0) + " rpm"));
        }
        figures.add(Answer.Figure.number(
                "bearing",
                speed.rpm(),
                0,
                "rpm",
                "cage " + Show.number(speed.cageRpm(), 0) + ", element "
                        + Show.number(speed.guide().elementRpm(), 0) + " rpm"));
        figures.add(Answer.Figure.number(
                "n·dm",
                speed.guide().nDm(),
                0,
                "mm/min",
                "guide limit "
                        + (speed.guide().nDmLimit() == null
                                ? "–"
                                : Show.number(speed.guide().nDmLimit(), 0))));
        return new Answer(
                figures,
                findings,
                List.of(
                        "Guides, not promises: a maker's own limit comes first.",
                        "Drawn to one scale, a turn of the shaft in twelve seconds; the marked ring turns."),
                worksheet(speed),
                List.of(FaceDrawing.of(
                        "running",
                        "Bearings face-on to scale; elements spin "
                                + (speed.other() == null
                                        ? Show.number(speed.guide().elementRpm(), 0) + " rpm"
                                        : Show.number(requireNonNull(speed.spinRatio()), 2)
                                                + " times as fast in the other"),
                        views,
                        speed.input().turning(),
                        null)));
    }

    private static Worksheet worksheet(BearingSpeed speed) {
        List<Worksheet.Line> lines = new ArrayList<>();
        speed.input()
                .drive()
                .steps()
                .forEach(step -> lines.add(Worksheet.given("i", step.words(), Show.number(step.ratio(), 4))));
        lines.add(Worksheet.computed(
                "n",
                "bearing",
                "v/(2πR)·" + Show.number(speed.input().ratio(), 4),
                Show.number(speed.rpm(), 1) + " rpm"));
        lines.add(Worksheet.computed(
                "",
                "cage",
                speed.input().turning() == Turning.INNER ? "n/2·(1 − γ)" : "n/2·(1 + γ)",
                Show.number(speed.cageRpm(), 1) + " rpm"));
        lines.add(spin("element", speed.guide()));
        lines.add(factor("speed factor", speed.guide()));
        if (speed.other() != null) {
            lines.add(spin("the other's element", speed.other()));
            lines.add(factor("the other's speed factor", speed.other()));
        }
        return new Worksheet(
                "Is it too fast?",
                lines,
                List.of("Kinematics of rolling bearings: Harris and Kotzalas. Limits of n·dm: "
                        + "textbooks; of the element's spin: this bench's own guide."));
    }

    private static Worksheet.Line spin(String name, SpeedGuide g) {
        return Worksheet.judged(
                "",
                name,
                "n·dm/(2·Dw)·(1 − γ²)",
                Show.number(requireNonNull(g.elementRpm()), 0) + " rpm",
                "watch " + Show.number(g.elementWatch(), 0) + ", wrong " + Show.number(g.elementWrong(), 0));
    }

    private static Worksheet.Line factor(String name, SpeedGuide g) {
        return Worksheet.judged(
                "n·dm",
                name,
                "n·dm",
                Show.number(g.nDm(), 0),
                g.nDmLimit() == null ? "–" : Show.number(g.nDmLimit(), 0));
    }

    private static Finding judged(String name, SpeedGuide g) {
        String why = g.spinDecides()
                ? "its elements spin at " + Show.number(requireNonNull(g.elementRpm()), 0) + " rpm"
                : "n·dm " + Show.number(g.nDm(), 0);
        return switch (g.verdict()) {
            case FINE -> new Finding("speed-fine", Level.RIGHT, name + ": no trouble, " + why + ".");
            case WATCH -> new Finding("speed-watch", Level.WATCH, name + ": it runs hot, " + why + ".");
            case WRONG -> new Finding("speed-wrong", Level.STOP, name + ": too fast, " + why + ".");
        };
    }
}
