package unbo.core.apart;

/** An assembly, a part of which cannot come out. */
public final class NoWayOut extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String part;
    private final String why;

    /** @param why a sentence that says what holds it */
    NoWayOut(String part, String why) {
        super(why);
        this.part = part;
        this.why = why;
    }

    /** What holds it, in a sentence. */
    public String why() {
        return why;
    }

    /** Code of the part. */
    public String part() {
        return part;
    }
}
