package unbo.core.motion;

import java.util.List;

import unbo.core.input.Field;

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

    public static List<Field.Choice> choices() {
        return List.of(new Field.Choice(INNER.code, INNER.label), new Field.Choice(OUTER.code, OUTER.label));
    }
}
