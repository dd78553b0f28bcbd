package unbo.core.lubrication;

/** Whether one grease may go onto another, asked on the bench and by JSON. */
public final class Mixture {

    /** Thickener codes. */
    public record Pair(String a, String b) {}

    private Mixture() {}
}
