package unbo.core.heat;

import org.jspecify.annotations.Nullable;

import unbo.core.fit.Material;

/**
 * A ring as a body that takes and gives heat over all its surfaces.
 *
 * @param massKg null where it was not weighed: by its sizes then
 * @param filled share of its section that is metal
 */
record Ring(
        double insideMm,
        double outsideMm,
        double widthMm,
        @Nullable Double massKg,
        Material of,
        double filled) {

    /** Share of a whole bearing's section that is metal. */
    static final double BEARING_FILLED = 0.7;

    /** Time constant in air, s: mass times heat by conductance. @param hWm2K W/m²K */
    double tauS(double hWm2K) {
        double area = Math.PI * (insideMm + outsideMm) * widthMm
                + Math.PI / 2 * (outsideMm * outsideMm - insideMm * insideMm);
        double mass = massKg != null
                ? massKg
                : Math.PI / 4 * (outsideMm * outsideMm - insideMm * insideMm) * widthMm * of.kgPerM3() * 1e-9 * filled;
        return mass * of.heatJPerKgK() / (hWm2K * area * 1e-6);
    }
}
