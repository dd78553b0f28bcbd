package unbo.core.sheet;

/** How a fact is known. */
public enum How {
    MEASURED("measured"),
    TYPED("typed"),
    TABLE("table"),
    COMPUTED("computed"),
    ESTIMATED("estimated"),
    DEFAULT("default");

    private final String word;

    How(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
