package unbo.core.bearing;

/**
 * A cone and cup that are listed together; all in mm.
 *
 * @param widthMm assembled width T
 */
public record TaperSet(String cone, String cup, double boreMm, double outsideMm, double widthMm) {}
