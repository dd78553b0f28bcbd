package unbo.core.arrange;

import org.jspecify.annotations.Nullable;

/**
 * A unit or cartridge hub: nothing is adjusted; the axle nut's torque, the maker's, holds its inner rings together.
 *
 * @param torqueNm as tightened @param makerNm the maker's figure @param newNut true for a nut that was never torqued
 *     before
 */
public record UnitHub(double torqueNm, @Nullable Double makerNm, boolean newNut, String turns) {}
