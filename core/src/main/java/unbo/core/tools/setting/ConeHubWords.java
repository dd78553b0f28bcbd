package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.arrange.ConeHub;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A hub of cup and cone, in print. */
public final class ConeHubWords {

    private static final double LEAST_MM = 0.02;
    private static final double MOST_MM = 0.06;

    private ConeHubWords() {}

    public static Answer answer(ConeHub hub) {
        List<Finding> findings = new ArrayList<>();
        switch (hub.clamped()) {
            case "none" ->
                findings.add(
                        new Finding("cone-right", Level.RIGHT, "Clamped there is no play and it turns freely: set."));
            case "play" ->
                findings.add(new Finding(
                        "cone-loose",
                        Level.SOON,
                        "Clamped it still has play: turn the cone in by a few degrees, hold it, lock it again."));
            case "tight" ->
                findings.add(new Finding(
                        "cone-tight",
                        Level.SOON,
                        "Clamped it drags: turn the cone back a few degrees; tight cones pit in weeks."));
            default ->
                findings.add(
                        hub.playMm() >= LEAST_MM && hub.playMm() <= MOST_MM
                                ? new Finding("cone-trace", Level.RIGHT, "A trace of play: clamp it and feel again.")
                                : new Finding(
                                        "cone-try",
                                        Level.WATCH,
                                        hub.playMm() < LEAST_MM
                                                ? "Hardly any play: clamping will make it tight."
                                                : "More play than clamping takes: turn the cone in."));
        }
        double usual = (LEAST_MM + MOST_MM) / 2 / hub.pitchMm() * 360;
        return new Answer(
                List.of(
                        Answer.Figure.fixed("play, not clamped", hub.playMm(), 3, "mm", Show.inches(hub.playMm())),
                        Answer.Figure.number("usual", usual, 0, "°", "back from no play at this pitch")),
                findings,
                List.of("Balls are renewed each time, cones when their track shows pits; cup and cone "
                        + "belong together."),
                new Worksheet(
                        "What play does the cone leave?",
                        List.of(Worksheet.judged(
                                "",
                                "play",
                                "pitch · degrees/360",
                                Show.fixed(hub.playMm(), 4) + " mm",
                                Show.number(LEAST_MM, 2) + " to " + Show.number(MOST_MM, 2)
                                        + " mm, gone when clamped")),
                        List.of("Geometry of the thread; M10×1: 15° are 0.042 mm.")),
                List.of(),
                List.of(
                        new Step(
                                "hold",
                                "Hold the cone, lock its nut against it; feel the play again: locking moves it.",
                                ""),
                        new Step(
                                "clamp",
                                "Clamp the wheel in frame or fork, rock it at the rim, spin it.",
                                "Quick releases and axle nuts closed as the maker says before anybody rides.")));
    }
}
