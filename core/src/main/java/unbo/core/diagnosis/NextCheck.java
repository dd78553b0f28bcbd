package unbo.core.diagnosis;

import java.util.List;

import unbo.core.finding.Level;

/**
 * A check that could be done next.
 *
 * @param position where; null for the whole vehicle
 * @param gainBits what it tells on average: mutual information of its result and the hypotheses, bits
 * @param savedMinutes what it saves on average by what would be decided otherwise, minutes of a mechanic
 * @param first true when it comes first for safety, whatever it tells
 */
public record NextCheck(Way way, String position, double gainBits, double savedMinutes, boolean first) {

    public Check check() {
        return way.check();
    }

    /** Bits a minute. */
    public double rate() {
        return gainBits / way.minutes();
    }

    /** What checks are ranked by: bits a minute, or minutes saved a minute. */
    public double rate(CheckOrder order) {
        return order == CheckOrder.STAKES ? savedMinutes / way.minutes() : rate();
    }

    /** The check and where, as an observation of it begins. */
    public String done() {
        return position == null ? check().id() : check().id() + "@" + position;
    }

    /**
     * What one result would do.
     *
     * @param chance of this result, as things stand
     * @param leader the hypothesis that would lead then
     * @param share its probability then
     * @param urgency as it would be then
     */
    public record Peek(Check.Result result, double chance, Hypothesis leader, double share, Level urgency) {}

    /** All results of a check looked at before it is done. */
    public record Peeked(NextCheck next, List<Peek> results) {}
}
