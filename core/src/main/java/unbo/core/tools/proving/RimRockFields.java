package unbo.core.tools.proving;

import java.util.List;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.runout.RimRock;

/** What is asked of rock at the rim. */
public final class RimRockFields {

    public static final FieldList<RimRock.Input> LIST = FieldList.of(
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
            v -> new RimRock.Input(
                    v.number("rock"), v.number("rimRadius"), v.number("spread"), v.number("halfCupAngle")));

    private RimRockFields() {}
}
