package unbo.core.damage;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * What is seen on the races of a removed bearing.
 *
 * @param innerTurns true where the inner ring turns and the outer stands
 * @param elements rolling elements of a row; null when they were not counted
 * @param stood how it stood, and what is seen beside the races
 * @param elementsEstimated true when they were not counted
 */
public record RaceMapInput(
        Kind kind,
        boolean innerTurns,
        @Nullable Integer elements,
        List<Stroke> inner,
        List<Stroke> outer,
        Size size,
        Stood stood,
        boolean elementsEstimated) {
    /**
     * Boundary.
     *
     * @param boreMm null when unknown, as are the others: the map is drawn in usual proportions then
     */
    public record Size(
            @Nullable Double boreMm,
            @Nullable Double outsideMm,
            @Nullable Double widthMm) {}

    /**
     * How it stood.
     *
     * @param upDeg angle of the still ring's mark that stood up; null when it was not marked
     * @param loadDeg middle of the load zone on the still ring; null when it was not seen
     * @param seen rolling elements, cage, seats, lip, grease: what was seen of each that was looked at
     */
    public record Stood(@Nullable Double upDeg, @Nullable Double loadDeg, List<Seen> seen) {

        public Stood {
            seen = List.copyOf(seen);
        }

        /** Nothing but the races was looked at. */
        public Stood(@Nullable Double upDeg, @Nullable Double loadDeg) {
            this(upDeg, loadDeg, List.of());
        }
    }

    /** Rolling elements. */
    public enum Kind {
        BALL,
        ANGULAR,
        CYLINDRICAL,
        TAPERED,
        NEEDLE
    }

    public RaceMapInput {
        inner = List.copyOf(inner);
        outer = List.copyOf(outer);
    }

    public @Nullable Double boreMm() {
        return size.boreMm();
    }

    public @Nullable Double outsideMm() {
        return size.outsideMm();
    }

    public @Nullable Double widthMm() {
        return size.widthMm();
    }

    public @Nullable Double upDeg() {
        return stood.upDeg();
    }

    public @Nullable Double loadDeg() {
        return stood.loadDeg();
    }

    public List<Seen> seen() {
        return stood.seen();
    }
}
