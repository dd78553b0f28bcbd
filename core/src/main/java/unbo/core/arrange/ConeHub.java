package unbo.core.arrange;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * Cup and cone: set with a trace of play while the axle is not clamped, which vanishes when it is. A turn of the cone
 * moves it by its pitch; clamping takes some hundredths.
 *
 * @param pitchMm of the axle's thread @param backDeg how far the cone is turned back from where play just vanishes,
 *     unclamped
 */
public record ConeHub(double pitchMm, double backDeg, String clamped) {

    private static final double LEAST_MM = 0.02;
    private static final double MOST_MM = 0.06;
    private static final List<Field.Choice> CLAMPED = List.of(
            new Field.Choice("none", "no play, turns freely"),
            new Field.Choice("play", "still some play"),
            new Field.Choice("tight", "no play, but it drags or feels gritty"),
            new Field.Choice("unknown", "not clamped yet"));

    public static final FieldList<ConeHub> LIST = FieldList.of(
            List.of(
                    Field.quantity("pitch", "Pitch of the cone's thread", Quantity.PITCH, "mm", 0.5, 2)
                            .from(FactKey.NUT_PITCH)
                            .usually(0.75, 1.5)
                            .orElse("1", "M10×1 and M9×1"),
                    Field.quantity("back", "Cone turned back from no play", Quantity.ANGLE, "°", 0, 180)
                            .usually(2, 45)
                            .must(),
                    Field.choice("clamped", "Clamped in the frame", CLAMPED).orElse("unknown", null)),
            v -> new ConeHub(v.number("pitch"), v.number("back"), v.text("clamped")));

    /** Play along the axle while it is not clamped, mm. */
    public double playMm() {
        return pitchMm * backDeg / 360;
    }

    /** It in print. */
    public Answer answer() {
        List<Finding> findings = new ArrayList<>();
        switch (clamped) {
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
                        playMm() >= LEAST_MM && playMm() <= MOST_MM
                                ? new Finding("cone-trace", Level.RIGHT, "A trace of play: clamp it and feel again.")
                                : new Finding(
                                        "cone-try",
                                        Level.WATCH,
                                        playMm() < LEAST_MM
                                                ? "Hardly any play: clamping will make it tight."
                                                : "More play than clamping takes: turn the cone in."));
        }
        double usual = (LEAST_MM + MOST_MM) / 2 / pitchMm * 360;
        return new Answer(
                List.of(
                        new Answer.Figure("play, not clamped", Show.fixed(playMm(), 3), "mm", Show.inches(playMm())),
                        new Answer.Figure("usual", Show.number(usual, 0), "°", "back from no play at this pitch")),
                findings,
                List.of("Balls are renewed each time, cones when their track shows pits; cup and cone "
                        + "belong together."),
                new Worksheet(
                        "What play does the cone leave?",
                        List.of(Worksheet.judged(
                                "",
                                "play",
                                "pitch · degrees/360",
                                Show.fixed(playMm(), 4) + " mm",
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
