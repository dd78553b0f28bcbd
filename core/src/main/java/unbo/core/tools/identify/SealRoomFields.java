package unbo.core.tools.identify;

import java.util.List;

import unbo.core.designation.SealSize;
import unbo.core.fact.FactKey;
import unbo.core.identify.SealRoom;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** What is asked of a shaft seal on its seat. */
public final class SealRoomFields {

    public static final FieldList<SealRoom.Input> LIST = FieldList.of(
            List.of(
                    Field.text("marking", "Seal, as stamped", 40)
                            .from(FactKey.SEAL)
                            .must()
                            .hint("shaft × outside × width and type, for instance 25x47x7 AS"),
                    Field.quantity("seat", "Depth of its seat", Quantity.LENGTH, "mm", 1, 100)
                            .usually(4, 40)
                            .hint("from the rim of the housing to the bearing"),
                    Field.quantity("groove", "Groove worn in the shaft", Quantity.LENGTH, "mm", 0, 3)
                            .usually(0, 0.8)
                            .hint("by nail or profile; under 0.1 may run")),
            SealRoomFields::rules,
            v -> new SealRoom.Input(
                    SealRoom.size(v.text("marking")).orElseThrow(),
                    SealRoom.type(v.text("marking")),
                    v.maybe("seat"),
                    v.maybe("groove")));

    private SealRoomFields() {}

    private static List<Problem> rules(Values v) {
        if (SealRoom.size(v.text("marking")).isEmpty()) {
            return List.of(Problem.impossible(
                    "marking",
                    "“" + v.text("marking")
                            + "” is no seal size: write shaft × outside × width, for instance 25x47x7."));
        }
        SealSize size = SealRoom.size(v.text("marking")).orElseThrow();
        return v.has("seat") && v.number("seat") < size.widthMm()
                ? List.of(Problem.impossible(
                        "seat",
                        "A seat of " + Show.number(v.number("seat"), 1) + " mm is shallower than a seal of "
                                + Show.number(size.widthMm(), 1) + " mm."))
                : List.of();
    }
}
