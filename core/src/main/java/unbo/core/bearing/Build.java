package unbo.core.bearing;

/**
 * How a bearing is built, as far as speed goes.
 *
 * @param contactSeals true with seals that rub
 * @param fullComplement true without a cage
 * @param hybrid true with ceramic balls
 */
public record Build(BearingKind kind, boolean contactSeals, boolean fullComplement, boolean hybrid) {}
