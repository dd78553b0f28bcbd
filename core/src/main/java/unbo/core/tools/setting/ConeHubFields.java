package unbo.core.tools.setting;

import java.util.List;

import unbo.core.arrange.ConeHub;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;

/** What is asked of a hub of cup and cone. */
public final class ConeHubFields {

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

    private ConeHubFields() {}
}
