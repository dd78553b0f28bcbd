package unbo.core.tools.running;

import java.util.List;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.lubrication.Gun;
import unbo.core.measure.Quantity;

/** What is asked for Gun. */
public final class GunFields {

    private static final int LONGEST_NAME = 60;

    public static final FieldList<Gun.Weighing> LIST = FieldList.of(
            List.of(
                    Field.text("gun", "Gun", LONGEST_NAME).must(),
                    Field.whole("strokes", "Strokes onto the scale", 1, 200).orElse("10", null),
                    Field.quantity("weighed", "They weigh", Quantity.MASS, "g", 0.1, 1000)
                            .usually(3, 40)
                            .must()),
            v -> new Gun.Weighing(v.text("gun"), v.whole("strokes"), v.number("weighed")));

    private GunFields() {}
}
