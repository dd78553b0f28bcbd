package unbo.core.tools.diagnosing;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.diagnosis.Verdict;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;

/** A verdict in print. */
public final class VerdictWords {

    private VerdictWords() {}

    public static Answer answer(Verdict verdict) {
        Answer answer = DiagnosisWords.of(verdict.diagnosis()).answer();
        List<Finding> findings = new ArrayList<>();
        String vehicle = verdict.input().asked().vehicle();
        if (verdict.input().verdict() != null
                && !verdict.hypothesis().equals(verdict.diagnosis().leader().hypothesis())) {
            findings.add(new Finding(
                    "verdict",
                    Level.WATCH,
                    "The mechanic's verdict is " + verdict.hypothesis().words(vehicle) + ", not the leading cause."));
        }
        for (Finding finding : answer.findings()) {
            boolean settled = finding.level() == Level.STOP && !verdict.stops();
            findings.add(
                    settled
                            ? new Finding(
                                    finding.code(),
                                    Level.WATCH,
                                    finding.sentence() + " Put right: "
                                            + verdict.input().remedy())
                            : finding);
        }
        return new Answer(answer.figures(), findings, answer.sentences(), answer.worksheet(), answer.drawings());
    }
}
