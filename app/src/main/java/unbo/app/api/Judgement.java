package unbo.app.api;

import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;

/**
 * What was judged, beside what was computed.
 *
 * @param level the worst of the findings
 */
record Judgement(String level, List<Judged> findings) {

    /** One thing that was judged. */
    record Judged(String code, @Nullable String level, String sentence) {

        private static Judged of(Finding finding) {
            return new Judged(
                    finding.code(),
                    finding.level() == null ? null : finding.level().code(),
                    finding.sentence());
        }
    }

    static Judgement of(List<Finding> findings) {
        return new Judgement(
                Level.worst(findings.stream().map(Finding::level).toList()).code(),
                findings.stream().map(Judged::of).toList());
    }
}
