package unbo.core.lubrication;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * An assembly whose bearings are to be greased; lengths in mm.
 *
 * @param bearings one a place, along the axis; at least one
 * @param cavity room between the bearings that takes grease; null where none is filled
 */
public record HubGreaseInput(
        List<Bearing> bearings, @Nullable Cavity cavity, Filling filling, Duty duty, By by) {

    public HubGreaseInput {
        bearings = List.copyOf(bearings);
    }

    /**
     * A bearing at its place.
     *
     * @param place code of the place
     * @param label of the place, as it stands in a sentence
     * @param envelope null where it is greased for life, and nothing is added, or where its sizes are not known
     * @param sealed true where it is greased for life
     */
    public record Bearing(
            String place, String label, @Nullable Envelope envelope, boolean sealed) {

        public static Bearing open(String place, String label, Envelope envelope) {
            return new Bearing(place, label, envelope, false);
        }
    }

    /** The cavity between the bearings, and the share of it to fill: a third to a half. */
    public record Cavity(double betweenCupsMm, double hubBoreMm, double spindleMm, double share) {}

    /**
     * What goes in, and on what.
     *
     * @param kind thickener code of the new grease
     * @param oldKind thickener code of what is in, or empty when unknown or all washed out
     */
    public record Filling(String kind, String oldKind) {}

    /**
     * What it goes through.
     *
     * @param immersed true where it goes under water
     * @param hubC heat of the hub, measured or expected
     */
    public record Duty(boolean immersed, double hubC) {}

    /**
     * How it is packed.
     *
     * @param method hand, packer or gun
     * @param strokeG what one stroke of the gun gives; null when it is not weighed
     */
    public record By(String method, @Nullable Double strokeG) {}

    /**
     * Boundary of one bearing, mm; of a taper the width is the assembled width T.
     *
     * @param rolls what takes the room between its rings
     * @param share of its free room that is filled
     */
    public record Envelope(double boreMm, double outsideMm, double widthMm, Rolls rolls, Share share) {}

    /** What rolls in it. */
    public enum Rolls {
        TAPER,
        ROLLER,
        BALL
    }

    /** Those that take grease. */
    public List<Bearing> open() {
        return bearings.stream().filter(bearing -> bearing.envelope() != null).toList();
    }

    public String kind() {
        return filling.kind();
    }

    public String oldKind() {
        return filling.oldKind();
    }

    public boolean immersed() {
        return duty.immersed();
    }

    public double hubC() {
        return duty.hubC();
    }

    public String method() {
        return by.method();
    }

    public @Nullable Double strokeG() {
        return by.strokeG();
    }
}
