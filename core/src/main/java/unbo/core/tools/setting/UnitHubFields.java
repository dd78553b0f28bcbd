package unbo.core.tools.setting;

import java.util.List;

import unbo.core.arrange.UnitHub;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;

/** What is asked of a unit hub. */
public final class UnitHubFields {

    private static final List<Field.Choice> TURNS = List.of(
            new Field.Choice("free", "turns freely, evenly"),
            new Field.Choice("drags", "drags a little, evenly"),
            new Field.Choice("tight", "tight, or with a tight place"));

    public static final FieldList<UnitHub> LIST = FieldList.of(
            List.of(
                    Field.quantity("torque", "Axle nut tightened to", Quantity.TORQUE, "N·m", 5, 800)
                                    .usually(60, 400)
                                    .must(),
                            Field.quantity("maker", "The maker's torque", Quantity.TORQUE, "N·m", 5, 800)
                                    .usually(60, 400),
                    Field.yesNo("newNut", "New axle nut"),
                            Field.choice("turns", "Turned by hand", TURNS).orElse("free", null)),
            v -> new UnitHub(v.number("torque"), v.maybe("maker"), v.yes("newNut"), v.text("turns")));

    private UnitHubFields() {}
}
