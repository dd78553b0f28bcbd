package unbo.core.lubrication;

import java.time.LocalDate;
import java.util.List;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;

/**
 * A grease gun, weighed: what one stroke of it gives.
 *
 * @param strokeG grams a stroke, usually 1.0 to 1.4
 * @param on the day it was weighed
 */
public record Gun(String name, double strokeG, LocalDate on) {

    private static final int LONGEST_NAME = 60;

    /** A weighing: strokes onto a scale, and what they weigh. The day is put to it. */
    public record Weighing(String name, int strokes, double grams) {

        /** The gun as it was weighed. */
        public Gun on(LocalDate day) {
            return new Gun(name, grams / strokes, day);
        }
    }

    public static final FieldList<Weighing> LIST = FieldList.of(
            List.of(
                    Field.text("gun", "Gun", LONGEST_NAME).must(),
                    Field.whole("strokes", "Strokes onto the scale", 1, 200).orElse("10", null),
                    Field.quantity("weighed", "They weigh", Quantity.MASS, "g", 0.1, 1000)
                            .usually(3, 40)
                            .must()),
            v -> new Weighing(v.text("gun"), v.whole("strokes"), v.number("weighed")));
}
