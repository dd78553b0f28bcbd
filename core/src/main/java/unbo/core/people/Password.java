package unbo.core.people;

import java.util.Locale;

/**
 * Whether a password will do, by its length alone (NIST SP 800-63B, 5.1.1.2; OWASP ASVS 4.0.3, 2.1): no rules of what
 * characters it has, but not the name itself, nor one sign over and over.
 */
public final class Password {

    public static final int SHORTEST = 12;
    public static final int LONGEST = 128;
    private static final int FEWEST_SIGNS = 5;

    private Password() {}

    /** Why it will not do, in a sentence; empty where it will. @param name of the one it is for */
    public static String refusal(String password, String name) {
        int signs = password.codePointCount(0, password.length());
        if (signs < SHORTEST) {
            return "A password has at least " + SHORTEST + " characters: a few words do well.";
        }
        if (signs > LONGEST) {
            return "A password has at most " + LONGEST + " characters.";
        }
        if (password.codePoints().distinct().count() < FEWEST_SIGNS) {
            return "That is the same few characters over and over: take a few words.";
        }
        String low = password.toLowerCase(Locale.ROOT);
        return !name.isBlank() && low.replace(name.toLowerCase(Locale.ROOT), "").length() < FEWEST_SIGNS
                ? "That is the name itself: take something that others do not know."
                : "";
    }
}
