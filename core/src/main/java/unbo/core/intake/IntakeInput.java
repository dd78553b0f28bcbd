package unbo.core.intake;

import java.time.LocalDate;

import org.jspecify.annotations.Nullable;

/**
 * What is written down when a vehicle comes in. Distances in the counter's own unit, null where unknown.
 *
 * @param counterUnit km, mi, h or none
 * @param yearly distance (or hours) a year by estimate
 * @param loadKg static load on this wheel, kg
 * @param lastCounter counter at the last work on this position
 * @param lastDay day of the last work on this position
 */
public record IntakeInput(
        String complaint,
        LocalDate day,
        String counterUnit,
        @Nullable Double counter,
        @Nullable Double yearly,
        @Nullable Double loadKg,
        @Nullable Double lastCounter,
        @Nullable LocalDate lastDay) {}
