package unbo.core.finding;

/**
 * One thing a stage found, judged.
 *
 * @param code stable name, for history and counts
 * @param sentence what was found, what is allowed, what to do
 */
public record Finding(String code, Level level, String sentence) {}
