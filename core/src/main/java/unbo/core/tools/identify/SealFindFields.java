package unbo.core.tools.identify;

import java.util.List;

import unbo.core.identify.SealFind;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** What is asked of finding a seal. */
public final class SealFindFields {

    public static final FieldList<SealFind.Measured> LIST = FieldList.of(
            List.of(
                    Field.quantity("shaft", "Shaft where the lip runs", Quantity.LENGTH, "mm", 4, 110)
                            .usually(6, 100)
                            .must()
                            .hint("beside the worn track"),
                    Field.quantity("housing", "Housing bore", Quantity.LENGTH, "mm", 8, 140)
                            .usually(14, 130)
                            .must()
                            .hint("of the housing, not the old seal: that is pressed in larger"),
                    Field.quantity("depth", "Depth of its seat", Quantity.LENGTH, "mm", 2, 60)
                            .usually(4, 30)),
            SealFindFields::rules,
            v -> new SealFind.Measured(v.number("shaft"), v.number("housing"), v.maybe("depth")));

    private SealFindFields() {}

    private static List<Problem> rules(Values v) {
        return v.number("housing") > v.number("shaft") + 4
                ? List.of()
                : List.of(Problem.impossible(
                        "housing",
                        "A housing of " + Show.number(v.number("housing"), 2)
                                + " mm leaves no room for a seal over a shaft of " + Show.number(v.number("shaft"), 2)
                                + " mm."));
    }
}
