package unbo.core.fact;

/** The facts of the bearing at one place of a hub. */
public enum BearingKeys {
    OUTER(
            FactKey.OUTER_CONE,
            FactKey.OUTER_CUP,
            FactKey.OUTER_KIND,
            new Sizes(FactKey.OUTER_BORE, FactKey.OUTER_OUTSIDE, FactKey.OUTER_WIDTH, FactKey.OUTER_HALF_ANGLE)),
    INNER(
            FactKey.INNER_CONE,
            FactKey.INNER_CUP,
            FactKey.INNER_KIND,
            new Sizes(FactKey.INNER_BORE, FactKey.INNER_OUTSIDE, FactKey.INNER_WIDTH, FactKey.INNER_HALF_ANGLE));

    /** Its sizes. */
    private record Sizes(FactKey bore, FactKey outside, FactKey width, FactKey halfAngle) {}

    private final FactKey cone;
    private final FactKey cup;
    private final FactKey kind;
    private final Sizes sizes;

    BearingKeys(FactKey cone, FactKey cup, FactKey kind, Sizes sizes) {
        this.cone = cone;
        this.cup = cup;
        this.kind = kind;
        this.sizes = sizes;
    }

    /** Its number, or that of its cone. */
    public FactKey cone() {
        return cone;
    }

    public FactKey cup() {
        return cup;
    }

    public FactKey kind() {
        return kind;
    }

    public FactKey bore() {
        return sizes.bore();
    }

    public FactKey outside() {
        return sizes.outside();
    }

    public FactKey width() {
        return sizes.width();
    }

    public FactKey halfAngle() {
        return sizes.halfAngle();
    }
}
