package unbo.core.service;

import java.time.LocalDate;

/**
 * What the next service of a hub hangs on.
 *
 * @param cause       what the job turned out to be
 * @param counterUnit km, mi, h or none
 * @param counter     as it stood, in that unit; null where there is none
 * @param yearly      distance a year in that unit (km where there is no counter); null when unknown
 * @param season      immersions that make a season
 */
public record DueInput(String cause, String note, LocalDate day, String counterUnit, Double counter, Double yearly, boolean immersed,
                       ServiceSchool school, int season) {
}
