package unbo.core.plain;

/** How a bearing without rolling elements is made. */
public enum PlainForm {
    BUSH("bush"),
    SPHERICAL("spherical plain bearing"),
    ROD_END_FEMALE("rod end, thread inside"),
    ROD_END_MALE("rod end, thread outside");

    private final String words;

    PlainForm(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether it has a shank with a thread. */
    public boolean threaded() {
        return this == ROD_END_FEMALE || this == ROD_END_MALE;
    }
}
