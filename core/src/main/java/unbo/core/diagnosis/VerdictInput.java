package unbo.core.diagnosis;

import org.jspecify.annotations.Nullable;

/**
 * A diagnosis as a job keeps it: what was asked, and what the mechanic makes of it.
 *
 * @param verdict the cause the mechanic settles on; null for the leading one
 * @param remedy what was put right here and then; empty when nothing was
 * @param initials of the one who judged; may be empty
 */
public record VerdictInput(DiagnosisInput asked, @Nullable Hypothesis verdict, String remedy, String initials) {}
