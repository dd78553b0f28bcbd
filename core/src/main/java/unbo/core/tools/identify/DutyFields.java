package unbo.core.tools.identify;

import java.util.List;

import unbo.core.bearing.Bearing;
import unbo.core.duty.Duty;
import unbo.core.fact.FactKey;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.life.LifeFactor;
import unbo.core.measure.Quantity;
import unbo.core.tools.running.WheelFields;

/** What is asked of a place and its load. */
public final class DutyFields {

    private static final List<Field.Choice> WAYS = List.of(
            new Field.Choice("both", "from both sides in turn"), new Field.Choice("one", "always the same way"));

    private static final BearingInput BEARING = BearingInput.numbered("designation");

    public static final FieldList<Duty.Input> LIST = FieldList.of(
            List.of(
                    Field.bearing("designation", "Fitted now, as stamped")
                            .from(FactKey.OUTER_CONE)
                            .must(),
                    Field.quantity("loadN", "Load on it", Quantity.FORCE, "N", 1, 500_000)
                            .usually(50, 20_000)
                            .must()
                            .hint("radial and thrust together"),
                    Field.quantity("angle", "Its direction", Quantity.ANGLE, "°", 0, 90)
                            .usually(0, 90)
                            .orElse("0", "straight across the shaft; 90 is straight along it")
                            .slides(""),
                    Field.choice("thrust", "Its thrust comes", WAYS).orElse("both", "as in every wheel"),
                    Field.quantity("rpm", "Speed", Quantity.ROTATION, "rpm", 1, 60_000)
                            .usually(20, 15_000)
                            .must(),
                    Field.quantity("hours", "Wanted life", Quantity.RUNNING_TIME, "h", 1, 1_000_000)
                            .usually(500, 50_000)
                            .orElse("5000", "a van of 250 000 km at 50 km/h"),
                    Field.yesNo("sealed", "It must be sealed"),
                    Field.quantity("kappa", "Viscosity ratio κ", Quantity.RATIO, "", 0.05, 20)
                            .usually(0.2, 4)
                            .orElse("1", "see Viscosity"),
                    Field.choice("contamination", "Cleanliness ec", WheelFields.CLEAN)
                            .orElse("0.55", "normal"),
                    Field.quantity("nu", "Its oil when warm", Quantity.VISCOSITY, "mm²/s", 1, 10_000)
                            .usually(5, 500)
                            .orElse("50", "a grease's oil at 60 °C; for its drag")
                            .seldom()),
            DutyFields::rules,
            v -> new Duty.Input(
                    BEARING.of(v),
                    v.book(),
                    new Duty.Load(
                            v.number("loadN"),
                            v.number("angle"),
                            v.text("thrust").equals("both"),
                            BEARING.of(v).kind().paired()),
                    new Duty.Running(
                            v.number("rpm"),
                            v.number("kappa"),
                            Double.parseDouble(v.text("contamination")),
                            v.number("nu")),
                    v.number("hours"),
                    v.yes("sealed")));

    private DutyFields() {}

    private static List<Problem> rules(Values v) {
        Bearing bearing = BEARING.of(v);
        if (bearing.boreMm() == null
                || bearing.outsideMm() == null
                || bearing.inside().isEmpty()) {
            return List.of(Problem.impossible(
                    "designation",
                    "Of this one bore, outside or inside is not known: nothing can be set beside it."
                            + (bearing.warnings().isEmpty()
                                    ? ""
                                    : " " + bearing.warnings().get(0))));
        }
        return v.number("kappa") < LifeFactor.LEAST_KAPPA
                ? List.of(Problem.impossible(
                        "kappa", "Under a viscosity ratio of 0.1 the method of ISO 281 gives no life."))
                : List.of();
    }
}
