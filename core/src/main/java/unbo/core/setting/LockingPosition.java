package unbo.core.setting;

/**
 * A place where a slot stands before a pin hole.
 *
 * @param backOffDeg turn back from the point of zero end play, 0 to below 360
 * @param endPlayMm the end play there
 * @param inBand whether that is inside the wanted band
 * @param holeDeg the opening that takes the pin (the first, when several do)
 */
public record LockingPosition(double backOffDeg, double endPlayMm, boolean inBand, double holeDeg) {}
