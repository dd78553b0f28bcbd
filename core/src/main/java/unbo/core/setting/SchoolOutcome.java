package unbo.core.setting;

/**
 * Where one school's rule leaves this nut.
 *
 * @param backOffDeg turn back from zero end play
 * @param endPlayMm the end play it leaves
 * @param inBand whether that is inside the wanted band
 */
public record SchoolOutcome(School school, double backOffDeg, double endPlayMm, boolean inBand) {}
