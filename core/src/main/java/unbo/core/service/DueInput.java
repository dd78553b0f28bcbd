package unbo.core.service;

import java.time.LocalDate;

import org.jspecify.annotations.Nullable;

/**
 * What the next service of a position hangs on.
 *
 * @param cause what the job turned out to be
 * @param yearly distance a year in the counter's unit (km where there is no counter); null when unknown
 * @param season immersions that make a season
 * @param rule the school, the season, on condition, or an own rule
 */
public record DueInput(
        String cause,
        String note,
        LocalDate day,
        Counter counter,
        @Nullable Double yearly,
        boolean immersed,
        Rule rule,
        int season) {

    /**
     * The vehicle's counter.
     *
     * @param unit km, mi, h or none
     * @param stands as it stood, in that unit; null where there is none
     */
    public record Counter(String unit, @Nullable Double stands) {}

    /**
     * By what it falls due.
     *
     * @param counted own distance or hours, in the counter's unit; null where the school's own counts
     * @param immersions own number of immersions; null where the school's own count
     */
    public record Rule(
            ServiceSchool school,
            @Nullable Double counted,
            @Nullable Integer immersions) {

        /** True where figures of one's own stand. */
        public boolean own() {
            return school.code().equals(ServiceSchool.OWN);
        }
    }
}
