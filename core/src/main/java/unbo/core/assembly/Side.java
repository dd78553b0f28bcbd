package unbo.core.assembly;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Ends of an assembly's axis: toward the first part of its order, toward the last, both or neither. */
public enum Side {
    INBOARD,
    OUTBOARD,
    BOTH,
    NONE;

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Side> of(String code) {
        return Arrays.stream(values()).filter(side -> side.code().equals(code)).findFirst();
    }

    /** True where {@code one}, an end, is among them. */
    public boolean has(Side one) {
        return this == BOTH || this == one;
    }

    /** The ends themselves. */
    public List<Side> ends() {
        return this == BOTH ? List.of(INBOARD, OUTBOARD) : this == NONE ? List.of() : List.of(this);
    }

    /** The other end. @throws IllegalStateException where it is not one end */
    public Side opposite() {
        return switch (this) {
            case INBOARD -> OUTBOARD;
            case OUTBOARD -> INBOARD;
            default -> throw new IllegalStateException(this + " is not one end");
        };
    }
}
