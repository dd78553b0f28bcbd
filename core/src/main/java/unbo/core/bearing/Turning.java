package unbo.core.bearing;

/** Which ring turns: the inner one with a shaft, the outer one with a bicycle, motorcycle or trailer hub. */
public enum Turning {
    INNER("inner", "inner ring (shaft turns)"),
    OUTER("outer", "outer ring (hub turns)");

    private final String code;
    private final String label;

    Turning(String code, String label) {
        this.code = code;
        this.label = label;
    }

    public static Turning of(String code) {
        return code.equals(OUTER.code) ? OUTER : INNER;
    }

    public String code() {
        return code;
    }

    public String label() {
        return label;
    }
}
