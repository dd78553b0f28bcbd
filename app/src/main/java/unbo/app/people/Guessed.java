package unbo.app.people;

import java.util.List;

import com.nulabinc.zxcvbn.Strength;
import com.nulabinc.zxcvbn.Zxcvbn;

import unbo.core.people.Password;

/**
 * How soon a password would be guessed by who first tries what leaked from elsewhere, words, names, days and rows of
 * keys (zxcvbn, Wheeler 2016; its lists come with it, nothing is asked of anybody).
 *
 * @param step 0 to 4: under a thousand guesses, a million, a hundred million, ten thousand million, more
 */
record Guessed(int step) {

    static final int LEAST = 2;
    private static final List<String> WORDS = List.of(
            "would be guessed at once",
            "would be guessed soon",
            "is enough where guesses are slowed, as here",
            "is good",
            "is very good");
    /** The cost grows by the square of the length; what begins well is good. */
    private static final int MEASURED = 60;

    private static final Zxcvbn MEASURE = new Zxcvbn();

    static Guessed of(String password, String name) {
        Strength strength = MEASURE.measure(
                password.substring(0, Math.min(MEASURED, password.length())),
                List.of(name, "unbo", "workshop", "bearing"));
        return new Guessed(strength.getScore());
    }

    /** It, in words that follow "This password". */
    String words() {
        return WORDS.get(step);
    }

    /** Why a password will not do, by its length and by how it would be guessed; empty where it will. */
    static String refusal(String password, String name) {
        String refusal = Password.refusal(password, name);
        return refusal.isEmpty() && of(password, name).step() < LEAST
                ? "That stands among the first million that are tried: take a few words that do not belong together."
                : refusal;
    }
}
