package unbo.core.lubrication;

import org.jspecify.annotations.Nullable;

/** A hub with two bearings to be greased; lengths in mm. */
public record HubGreaseInput(Envelope outer, Envelope inner, Cavity cavity, Filling filling, Duty duty, By by) {
    /** The cavity between the bearings. */
    public record Cavity(double betweenCupsMm, double hubBoreMm, double spindleMm) {}

    /**
     * What goes in, and on what.
     *
     * @param kind thickener code of the new grease
     * @param oldKind thickener code of what is in, or empty when unknown or all washed out
     * @param cavityShare share of the cavity to fill, a third to a half
     */
    public record Filling(String kind, String oldKind, double cavityShare) {}

    /**
     * What the hub goes through.
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

    /** Boundary of one bearing, mm; of a taper the width is the assembled width T. {@code taper}: packed by hand. */
    public record Envelope(double boreMm, double outsideMm, double widthMm, boolean taper) {}

    public double betweenCupsMm() {
        return cavity.betweenCupsMm();
    }

    public double hubBoreMm() {
        return cavity.hubBoreMm();
    }

    public double spindleMm() {
        return cavity.spindleMm();
    }

    public String kind() {
        return filling.kind();
    }

    public String oldKind() {
        return filling.oldKind();
    }

    public double cavityShare() {
        return filling.cavityShare();
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
