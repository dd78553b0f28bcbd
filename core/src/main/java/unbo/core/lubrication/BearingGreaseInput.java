package unbo.core.lubrication;

import org.jspecify.annotations.Nullable;

/**
 * One bearing to be greased. Lengths in mm, mass in kg, null where unknown.
 *
 * @param strokeGrams what one stroke of the gun gives, null when it is not calibrated
 * @param cavityCm3 room beside the bearing, null when there is none
 * @param factor what shortens the interval: vertical shaft 0.5, dirt, water
 * @param service how far and from when; null where not asked
 */
public record BearingGreaseInput(
        Size size,
        Made made,
        Duty duty,
        @Nullable Double strokeGrams,
        @Nullable Double cavityCm3,
        double factor,
        @Nullable Service service) {
    /** Boundary and mass. */
    public record Size(
            double boreMm,
            double outsideMm,
            double widthMm,
            @Nullable Double massKg) {}

    /**
     * What it rolls on.
     *
     * @param ball true for ball bearings
     * @param sealed for life, or a hub cartridge: nothing is added
     */
    public record Made(boolean ball, boolean taper, boolean sealed) {}

    /**
     * What it does.
     *
     * @param life factor of the relubrication interval: 10 ball, 5 cylindrical or needle, 1 tapered or spherical
     * @param rpm null when the speed is unknown
     * @param use wheel, race, pivot, pulley or general
     * @param temperature of the bearing, °C
     * @param speedFactor of the grease, n·dm in mm/min; null where its sheet was not asked
     */
    public record Duty(
            double life,
            @Nullable Double rpm,
            String use,
            double temperature,
            @Nullable Double speedFactor) {}

    /**
     * @param meanKmh mean speed while it runs @param yearlyKm null where not known @param from the day it was greased
     */
    public record Service(double meanKmh, @Nullable Double yearlyKm, java.time.@Nullable LocalDate from) {}

    public double boreMm() {
        return size.boreMm();
    }

    public double outsideMm() {
        return size.outsideMm();
    }

    public double widthMm() {
        return size.widthMm();
    }

    public @Nullable Double massKg() {
        return size.massKg();
    }

    public boolean ball() {
        return made.ball();
    }

    public boolean taper() {
        return made.taper();
    }

    public boolean sealed() {
        return made.sealed();
    }

    public double life() {
        return duty.life();
    }

    public @Nullable Double rpm() {
        return duty.rpm();
    }

    public String use() {
        return duty.use();
    }

    public double temperature() {
        return duty.temperature();
    }
}
