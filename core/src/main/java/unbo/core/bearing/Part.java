package unbo.core.bearing;

/**
 * A group of characters in a marking and what it fixes.
 *
 * @param text as stamped
 * @param role stable code: prefix, angle, series, member, suffix, bore-code, type, number, unknown
 * @param meaning in words
 */
public record Part(String text, String role, String meaning) {}
