package unbo.core.damage;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * What is seen on the races of a removed bearing.
 *
 * @param innerTurns true where the inner ring turns and the outer stands
 * @param elements rolling elements of a row; null when they were not counted
 * @param boreMm null when unknown, as are the others: the map is drawn in usual proportions then
 * @param elementsEstimated true when they were not counted
 * @param loadDeg middle of the load zone on the still ring; null when it was not seen
 * @param upDeg angle of the still ring's mark that stood up; null when it was not marked
 */
public record RaceMapInput(
        Kind kind,
        boolean innerTurns,
        @Nullable Integer elements,
        List<Stroke> inner,
        List<Stroke> outer,
        @Nullable Double boreMm,
        @Nullable Double outsideMm,
        @Nullable Double widthMm,
        @Nullable Double upDeg,
        @Nullable Double loadDeg,
        boolean elementsEstimated) {

    /** Rolling elements. */
    public enum Kind {
        BALL,
        CYLINDRICAL,
        TAPERED,
        NEEDLE
    }

    public RaceMapInput {
        inner = List.copyOf(inner);
        outer = List.copyOf(outer);
    }
}
