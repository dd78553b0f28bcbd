package unbo.core.lubrication;

import java.time.LocalDate;

/**
 * A grease gun, weighed: what one stroke of it gives.
 *
 * @param strokeG grams a stroke, usually 1.0 to 1.4
 * @param on the day it was weighed
 */
public record Gun(String name, double strokeG, LocalDate on) {

    /** A weighing: strokes onto a scale, and what they weigh. The day is put to it. */
    public record Weighing(String name, int strokes, double grams) {

        /** The gun as it was weighed. */
        public Gun on(LocalDate day) {
            return new Gun(name, grams / strokes, day);
        }
    }
}
