package unbo.core.setting;

/**
 * The rules by which practitioners set a tapered pair; their words and steps stand in {@code schools.csv} and
 * {@code steps.csv}.
 */
public enum School {
    A,
    B,
    C,
    D
}
