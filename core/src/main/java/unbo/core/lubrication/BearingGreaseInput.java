package unbo.core.lubrication;

import org.jspecify.annotations.Nullable;

/**
 * One bearing to be greased. Lengths in mm, mass in kg, null where unknown.
 *
 * @param ball true for ball bearings
 * @param rpm null when the speed is unknown
 * @param use wheel, pivot, pulley or general
 * @param temperature of the bearing, °C
 * @param strokeGrams what one stroke of the gun gives, null when it is not calibrated
 * @param cavityCm3 room beside the bearing, null when there is none
 * @param factor what shortens the interval: vertical shaft 0.5, dirt, water
 * @param service how far and from when; null where not asked
 * @param life factor of the relubrication interval: 10 ball, 5 cylindrical or needle, 1 tapered or spherical
 */
public record BearingGreaseInput(
        double boreMm,
        double outsideMm,
        double widthMm,
        @Nullable Double massKg,
        boolean ball,
        boolean taper,
        double life,
        @Nullable Double rpm,
        String use,
        double temperature,
        @Nullable Double strokeGrams,
        @Nullable Double cavityCm3,
        double factor,
        @Nullable Service service) {

    /**
     * @param meanKmh mean speed while it runs @param yearlyKm null where not known @param from the day it was greased
     */
    public record Service(double meanKmh, @Nullable Double yearlyKm, java.time.@Nullable LocalDate from) {}
}
