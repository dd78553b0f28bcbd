package unbo.core.input;

import java.util.Arrays;
import java.util.Optional;

/** The system in which bare lengths, torques and temperatures are written. */
public enum UnitSystem implements TypedIn {
    METRIC,
    INCH;

    /** Every field was typed in this one. */
    @Override
    public UnitSystem of(String field) {
        return this;
    }

    /** The system by its name; empty for any other text, and for none. */
    public static Optional<UnitSystem> named(String name) {
        return Arrays.stream(values())
                .filter(system -> system.name().equals(name))
                .findFirst();
    }
}
