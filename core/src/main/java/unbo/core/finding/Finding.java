package unbo.core.finding;

import org.jspecify.annotations.Nullable;

/**
 * One thing a stage found, judged.
 *
 * @param code stable name, for history and counts
 * @param sentence what was found, what is allowed, what to do
 */
public record Finding(String code, @Nullable Level level, String sentence) {}
