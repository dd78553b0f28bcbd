package unbo.core.tools.identify;

import java.util.List;

import unbo.core.bearing.Bearing;
import unbo.core.designation.Decoder;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;

/** What stands on a ring, and whether two rings belong together, asked on the bench. */
public final class MarkingFields {

    /** Two numbers. */
    public record Pair(String cone, String cup) {}

    public static final FieldList<List<Bearing>> MARKINGS = FieldList.of(
            List.of(Field.bearings("marking", "As stamped", 400)
                    .from(FactKey.OUTER_CONE)
                    .must()
                    .hint("? for a worn character; several parted by commas")),
            v -> Decoder.several(v.text("marking"), v.book()));

    public static final FieldList<Pair> PAIR = FieldList.of(
            List.of(
                    Field.text("cone", "Cone", Field.LONGEST_BEARING).must(),
                    Field.text("cup", "Cup", Field.LONGEST_BEARING).must()),
            v -> new Pair(v.text("cone"), v.text("cup")));

    private MarkingFields() {}
}
