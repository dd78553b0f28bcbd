package unbo.core.answer;

/** One step of a procedure; the caution, when there is one, stands before it. @param code stable, for its tick */
public record Step(String code, String text, String caution) {

    /** Code of the step during which the seconds of an answer run out: a warm or cold part is put home. */
    public static final String IN_HAND = "push";
}
