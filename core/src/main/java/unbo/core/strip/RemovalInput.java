package unbo.core.strip;

import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.fit.FitInput;
import unbo.core.fit.Material;

/**
 * A bearing that has to come out.
 *
 * @param designation as stamped; empty when unknown
 * @param tools codes of what this workshop has
 * @param fit of its tight seat, where size and seat are known; null otherwise
 */
public record RemovalInput(
        String designation,
        Reach reach,
        Behind behind,
        Held held,
        List<String> tools,
        @Nullable FitInput fit) {
    /**
     * What holds it, and from where it can be reached.
     *
     * @param tight which ring has interference
     * @param access which face of it can be reached
     * @param through true when its bore or housing is open at both ends
     * @param shoulder true when the housing has a shoulder behind it
     */
    public record Reach(Tight tight, Access access, boolean through, boolean shoulder, boolean reuse) {}

    /**
     * What a jaw finds behind the ring, mm.
     *
     * @param chamferMm of the spacer's end
     * @param cornerMm radius of the bearing's inner corner
     * @param jawMm what the puller's jaw needs to grip
     */
    public record Behind(Spacer spacer, double chamferMm, double cornerMm, double jawMm) {}

    /**
     * What else stands in the way.
     *
     * @param heatAllowed false with carbon, bonded frames, fuel, paint or sensors near
     */
    public record Held(
            boolean clip, Nut nut, Corrosion corrosion, boolean sealed, boolean heatAllowed, Material housing) {}

    /** Which ring sits with interference. */
    public enum Tight {
        INNER,
        OUTER,
        BOTH
    }

    /** The face that can be reached: the one it goes in by, the one behind it, or neither. */
    public enum Access {
        OWN,
        FAR,
        NONE
    }

    /** A tube between two bearings. */
    public enum Spacer {
        NONE,
        SOFT,
        STEEL
    }

    /** The nut that holds it, and what is to be looked at before the spanner goes on. */
    public enum Nut {
        NONE,
        PLAIN,
        STAKED,
        LOCKING,
        CASTLE,
        LEFT_HAND
    }

    public enum Corrosion {
        NONE,
        LIGHT,
        HEAVY
    }

    public RemovalInput {
        tools = List.copyOf(tools);
    }

    /**
     * What an expanding jaw finds behind the inner ring, mm: the spacer's chamfer and the ring's corner; unlimited with
     * no spacer.
     */
    public double gripMm() {
        return spacer() == Spacer.NONE ? Double.POSITIVE_INFINITY : chamferMm() + cornerMm();
    }

    public Tight tight() {
        return reach.tight();
    }

    public Access access() {
        return reach.access();
    }

    public boolean through() {
        return reach.through();
    }

    public boolean shoulder() {
        return reach.shoulder();
    }

    public boolean reuse() {
        return reach.reuse();
    }

    public Spacer spacer() {
        return behind.spacer();
    }

    public double chamferMm() {
        return behind.chamferMm();
    }

    public double cornerMm() {
        return behind.cornerMm();
    }

    public double jawMm() {
        return behind.jawMm();
    }

    public boolean clip() {
        return held.clip();
    }

    public Nut nut() {
        return held.nut();
    }

    public Corrosion corrosion() {
        return held.corrosion();
    }

    public boolean sealed() {
        return held.sealed();
    }

    public boolean heatAllowed() {
        return held.heatAllowed();
    }

    public Material housing() {
        return held.housing();
    }
}
