package unbo.core.diagnosis;

import unbo.core.finding.Level;

/**
 * What a job settles on: the mechanic's choice, or else the leading cause.
 *
 * @param settled false while there is neither a result nor a choice
 */
public record Verdict(VerdictInput input, Diagnosis diagnosis, Hypothesis hypothesis, boolean settled) {

    public static Verdict of(VerdictInput in, OwnCases own) {
        Diagnosis diagnosis = Diagnosis.of(in.asked(), own);
        boolean settled = in.verdict() != null || !in.asked().seen().isEmpty();
        return new Verdict(
                in, diagnosis, in.verdict() == null ? diagnosis.leader().hypothesis() : in.verdict(), settled);
    }

    /** True when it must not be driven as it stands: a result says stop, and nothing was put right. */
    public boolean stops() {
        return diagnosis.urgency() == Level.STOP && input.remedy().isBlank();
    }
}
