package unbo.core.service;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

import org.jspecify.annotations.Nullable;

/**
 * Something of a vehicle that is looked after by a rule of its owner's or maker's: oil, a seal, a belt, a hose. Due by
 * months or by the counter, whichever comes first; the counter as a day by what the vehicle goes in a year.
 *
 * @param what it is, in the owner's words
 * @param everyMonths null where time does not count
 * @param everyCounter distance or hours, in the vehicle's counter; null where it does not count
 * @param doneOn when it was last done
 * @param doneCounter how the counter stood then; null where it was not read
 */
public record Care(
        String what,
        @Nullable Integer everyMonths,
        @Nullable Double everyCounter,
        LocalDate doneOn,
        @Nullable Double doneCounter) {

    private static final double DAYS_A_YEAR = 365.25;

    /** The counter at which it is due; null where the counter does not count, or was not read. */
    public @Nullable Double dueCounter() {
        return everyCounter == null || doneCounter == null ? null : Double.valueOf(doneCounter + everyCounter);
    }

    /**
     * The day on which it is due by what is known; null where only a counter counts of which nobody knows how fast it
     * goes.
     *
     * @param yearly what the vehicle goes in a year, in its counter; null where it is not known
     */
    public @Nullable LocalDate dueOn(@Nullable Double yearly) {
        LocalDate byMonths = everyMonths == null ? null : doneOn.plusMonths(everyMonths);
        LocalDate byCounter = everyCounter == null || yearly == null || yearly <= 0
                ? null
                : doneOn.plus((long) Math.floor(everyCounter / yearly * DAYS_A_YEAR), ChronoUnit.DAYS);
        return byMonths == null || byCounter != null && byCounter.isBefore(byMonths) ? byCounter : byMonths;
    }

    /** The same done again. @param counter null where it was not read */
    public Care done(LocalDate day, @Nullable Double counter) {
        return new Care(what, everyMonths, everyCounter, day, counter);
    }
}
