package unbo.app.day;

import java.time.LocalDate;
import java.util.List;

import unbo.core.measure.Show;

/**
 * A step of the plan as it is kept and printed.
 *
 * @param code what is done, in words; a step keeps it when the day is planned anew
 * @param uses resources beside a person
 * @param waits true where nobody need be there
 * @param promise null where nobody waits for it
 * @param job number of its job; null where it is nobody's
 * @param moved true where it begins at another time than in the plan before
 */
public record PlannedStep(
        LocalDate day,
        String code,
        Span span,
        List<String> uses,
        boolean waits,
        Promise promise,
        Long job,
        boolean moved) {

    /** Minutes from the midnight that the day begins with. */
    public record Span(int begins, int minutes) {

        int ends() {
            return begins + minutes;
        }
    }

    /** @param by minutes from midnight @param chance to be kept; null where it was not drawn */
    public record Promise(int by, Double chance) {}

    /** Under this chance a promise is at risk. */
    private static final double AT_RISK = 0.8;

    public String from() {
        return Clocks.shown(span.begins(), day);
    }

    public String until() {
        return Clocks.shown(span.ends(), day);
    }

    public boolean late() {
        return promise != null && span.ends() > promise.by();
    }

    /** In time by the plan, though not surely. */
    public boolean atRisk() {
        return promise != null && !late() && promise.chance() != null && promise.chance() < AT_RISK;
    }

    /** What is promised, and how likely it is kept. */
    public String promised() {
        return promise == null
                ? ""
                : Clocks.shown(promise.by(), day)
                        + (promise.chance() == null
                                ? ""
                                : ", kept " + Show.number(promise.chance() * 100, 0) + " in 100");
    }
}
