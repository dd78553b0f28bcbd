package unbo.app.data;

/** Patterns for {@code like … escape '!'}: what was typed stands for itself, wildcards included. */
public final class Like {

    private Like() {}

    /** Matches whatever contains {@code words}. */
    public static String containing(String words) {
        return "%" + starting(words);
    }

    /** Matches whatever begins with {@code words}. */
    public static String starting(String words) {
        return words.strip().replace("!", "!!").replace("%", "!%").replace("_", "!_") + "%";
    }
}
