package unbo.app.stock;

/**
 * What something is taken off the shelf for.
 *
 * @param words in words
 * @param job number of the job; null where it is for none
 * @param once tells the form that takes it from every other, so that sent twice it takes once; null where there is none
 */
public record Purpose(String words, Long job, String once) {

    /** For no job. */
    public static Purpose of(String words) {
        return new Purpose(words, null, null);
    }
}
