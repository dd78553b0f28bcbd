package unbo.core.sheet;

import unbo.core.drawing.Known;

/** How a fact is known. */
public enum How {
    MEASURED("measured", Known.MEASURED),
    TYPED("typed", Known.TABLE),
    TABLE("table", Known.TABLE),
    COMPUTED("computed", Known.TABLE),
    ESTIMATED("estimated", Known.ESTIMATED),
    DEFAULT("default", Known.ESTIMATED);

    private final String word;
    private final Known line;

    How(String word, Known line) {
        this.word = word;
        this.line = line;
    }

    public String word() {
        return word;
    }

    /** The line a size known this way is drawn with. */
    public Known line() {
        return line;
    }
}
