package unbo.core.input;

/** The system in which a workshop writes bare lengths, torques and temperatures. */
public enum UnitSystem { METRIC, INCH }
