package unbo.core.runout;

import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * End play from rocking the wheel, where there is no indicator: a wheel that moves by s at its rim turns by s/R about
 * the pair; over the spread a that is s·a/R across the cups, half of it at each, and 1/tan α of that along the axle: e
 * ≈ s·a/(2·R·tan α). Geometry of an opposed tapered pair. An estimate: tyre, rim and joints move as well.
 *
 * @param endPlayMm estimated end play
 * @param lowMm with the uncertainty of {@value #UNCERTAIN} either way
 */
public record RimRock(Input input, double endPlayMm, double lowMm, double highMm) {

    /** Share by which the estimate may be off. */
    static final double UNCERTAIN = 0.4;

    private static final double LEAST_MM = 0.025;
    private static final double RIGHT_MM = 0.125;
    private static final double STOP_MM = 0.15;

    /** Rock range at the rim, rim radius, effective spread of the pair, all mm; half cup angle in degrees. */
    public record Input(double rockMm, double rimRadiusMm, double spreadMm, double halfCupAngleDeg) {}

    public static final FieldList<Input> LIST = FieldList.of(
            List.of(
                    Field.quantity("rock", "Rock at the rim, end to end", Quantity.LENGTH, "mm", 0, 20)
                            .usually(0.02, 5)
                            .must()
                            .hint("held at 12 and 6, or at 3 and 9"),
                    Field.quantity("rimRadius", "Rim radius where it was held", Quantity.LENGTH, "mm", 50, 800)
                            .usually(120, 450)
                            .must(),
                    Field.quantity("spread", "Effective spread of the pair", Quantity.LENGTH, "mm", 10, 400)
                            .usually(25, 150)
                            .must()
                            .hint("between the pressure centres of the two bearings"),
                    Field.quantity("halfCupAngle", "Half cup angle", Quantity.ANGLE, "°", 5, 45)
                            .usually(9, 30)
                            .orElse("14", "middle of usual wheel hub tapers")),
            v -> new Input(v.number("rock"), v.number("rimRadius"), v.number("spread"), v.number("halfCupAngle")));

    public static RimRock of(Input in) {
        double play =
                in.rockMm() * in.spreadMm() / (2 * in.rimRadiusMm() * Math.tan(Math.toRadians(in.halfCupAngleDeg())));
        return new RimRock(in, play, play * (1 - UNCERTAIN), play * (1 + UNCERTAIN));
    }

    /** Judged only as far as the estimate goes: what is surely too much stops, what may be is measured. */
    public Finding finding() {
        String range = Show.fixed(lowMm, 3) + " to " + Show.play(highMm);
        if (lowMm > STOP_MM) {
            return new Finding(
                    "rim-rock-stop",
                    Level.STOP,
                    "End play of " + range + " is over " + Show.play(STOP_MM)
                            + " whatever the estimate is worth: do not drive.");
        }
        if (highMm < LEAST_MM || lowMm >= LEAST_MM && highMm <= RIGHT_MM) {
            return new Finding(
                    "rim-rock-right", Level.RIGHT, "End play of " + range + " is what an adjusted taper hub may have.");
        }
        return new Finding(
                "rim-rock-unsure",
                Level.SOON,
                "End play of " + range + " may be too much: set a dial indicator on the hub, or set the hub again.");
    }

    public Answer answer() {
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "end play, estimated", Show.number(endPlayMm, 2), "mm", Show.inches(endPlayMm)),
                        new Answer.Figure(
                                "it may be", Show.number(lowMm, 2) + " to " + Show.number(highMm, 2), "mm", "± 40 %")),
                List.of(finding()),
                List.of("An estimate: tyre and rim give, and a worn joint moves too. Rock with the "
                        + "brake on as well: what stays is a joint."),
                new Worksheet(
                        "What end play does this rock come from?",
                        List.of(
                                Worksheet.given("s", "rock at the rim", Show.play(input.rockMm())),
                                Worksheet.given("R", "rim radius", Show.number(input.rimRadiusMm(), 1) + " mm"),
                                Worksheet.given("a", "effective spread", Show.number(input.spreadMm(), 1) + " mm"),
                                Worksheet.given("α", "half cup angle", Show.number(input.halfCupAngleDeg(), 1) + "°"),
                                Worksheet.judged(
                                        "e",
                                        "end play",
                                        "s·a/(2·R·tan α)",
                                        Show.play(endPlayMm),
                                        "± 40 %; 0.025 to 0.125 mm right, over 0.15 mm stop")),
                        List.of("Geometry of an opposed tapered pair.")),
                List.of());
    }
}
