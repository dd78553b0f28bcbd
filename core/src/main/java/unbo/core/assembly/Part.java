package unbo.core.assembly;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * A part of an assembly.
 *
 * @param code unique in its assembly
 * @param label in words, without an article
 * @param ring which rings of a bearing it is; NONE where it is no bearing
 * @param place code of the bearing's place that it belongs to; null where it belongs to none
 */
public record Part(
        String code,
        String label,
        PartKind kind,
        Stand stand,
        Ring ring,
        @Nullable String place,
        Upkeep upkeep) {
    /**
     * Where it stands.
     *
     * @param shaft true on the shaft's side, false on the housing's
     * @param body what it sits in or on: parts cover each other within one body only
     * @param order along the axis, inboard first
     * @param rides code of the part that it comes off with, to be taken off that on the bench; empty where it comes off
     *     alone
     */
    public record Stand(boolean shaft, String body, double order, String rides) {}

    /**
     * What is kept of it.
     *
     * @param renewed true where it is never used twice
     * @param measure what is measured before it moves
     */
    public record Upkeep(boolean renewed, List<String> measure) {

        public Upkeep {
            measure = List.copyOf(measure);
        }
    }

    /** Which rings of a bearing a part is. */
    public enum Ring {
        /** No bearing. */
        NONE,
        /** Both rings and their elements, which stay together. */
        WHOLE,
        /** An outer ring or cup that comes apart from its elements or with them. */
        OUTER,
        /** An inner ring or cone. */
        INNER,
        /** A drawn needle cup, which is destroyed when it is pressed out. */
        DRAWN,
        /** Loose balls. */
        BALLS
    }

    public boolean onShaft() {
        return stand.shaft();
    }

    /** True for a ring that a drift passes through, or that is pushed along with what it lies against. */
    public boolean open() {
        return ring == Ring.OUTER || ring == Ring.DRAWN || kind == PartKind.SLEEVE || thin();
    }

    /** True for what is pushed along with what it lies against. */
    public boolean thin() {
        return kind == PartKind.SHIM || kind == PartKind.WASHER || kind == PartKind.GASKET;
    }
}
