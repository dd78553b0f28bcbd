package unbo.core.proof;

import java.util.Arrays;
import java.util.Optional;

/**
 * What was said of one proof.
 *
 * @param why the reason where it was not looked at; empty where none was given
 */
public record ProofAnswer(ProofItem item, Outcome outcome, String why) {

    /** What can be said of a proof. */
    public enum Outcome {
        RIGHT("right", "right"),
        WRONG("wrong", "not right"),
        NOT_HERE("not-here", "does not apply here"),
        NOT_DONE("not-done", "not done"),
        LATER("later", "to be done after hand-over");

        private final String code;
        private final String words;

        Outcome(String code, String words) {
            this.code = code;
            this.words = words;
        }

        public String code() {
            return code;
        }

        public String words() {
            return words;
        }

        /** True where nobody looked, so that a reason is asked. */
        public boolean unseen() {
            return this == NOT_HERE || this == NOT_DONE;
        }

        public static Optional<Outcome> of(String code) {
            return Arrays.stream(values())
                    .filter(outcome -> outcome.code.equals(code))
                    .findFirst();
        }
    }

    /** True where it settles what was asked: found right or wrong, or said with a reason not to apply. */
    boolean settles() {
        return outcome == Outcome.RIGHT || outcome == Outcome.WRONG || outcome == Outcome.NOT_HERE && !why.isBlank();
    }

    /** As it is printed. */
    public String words() {
        return switch (outcome) {
            case RIGHT -> item.right();
            case WRONG -> item.wrong();
            case NOT_HERE, NOT_DONE -> outcome.words() + (why.isBlank() ? "" : ", because " + why.strip());
            case LATER -> outcome.words();
        };
    }
}
