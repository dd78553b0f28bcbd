package unbo.core.finding;

/** How a finding is to be taken, from harmless to "do not drive". */
public enum Level {
    RIGHT("right"), WATCH("watch"), SOON("soon"), STOP("stop"), OPEN("not known");

    private final String word;

    Level(String word) {
        this.word = word;
    }

    /** The word printed beside the mark. */
    public String word() {
        return word;
    }
}
