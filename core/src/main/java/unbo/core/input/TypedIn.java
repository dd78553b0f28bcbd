package unbo.core.input;

/** Tells in which system each text was typed: a bare number keeps its meaning whatever the workshop is set to later. */
@FunctionalInterface
public interface TypedIn {

    /** The system in which the text of a field was typed. */
    UnitSystem of(String field);
}
