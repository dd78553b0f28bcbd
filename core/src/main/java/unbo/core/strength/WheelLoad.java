package unbo.core.strength;

/**
 * What the ground does to a wheel, and the bending it makes in the hub. Camber turns the ground's force into the
 * wheel's own axes: across the axle Fz·cos γ − Fy·sin γ, along it Fy·cos γ + Fz·sin γ. About a section a millimetres
 * inboard of the wheel's plane the first bends by a, the second by the rolling radius, against each other while the
 * ground pushes the wheel towards the vehicle.
 *
 * @param verticalN Fz, over 0
 * @param sideN Fy, towards the vehicle positive: the outer wheel of a bend, a kerb struck sideways
 * @param camberDeg γ, top towards the vehicle positive
 * @param rollingRadiusMm from the axle to the ground
 */
public record WheelLoad(double verticalN, double sideN, double camberDeg, double rollingRadiusMm) {

    /** Across the axle, N. */
    public double acrossN() {
        double camber = Math.toRadians(camberDeg);
        return verticalN * Math.cos(camber) - sideN * Math.sin(camber);
    }

    /** Along the axle towards the vehicle, N. */
    public double alongN() {
        double camber = Math.toRadians(camberDeg);
        return sideN * Math.cos(camber) + verticalN * Math.sin(camber);
    }

    /**
     * Bending moment, N·m, 0 or more: at a hub that turns it goes round once a turn, so that its sign is nothing.
     *
     * @param reachMm from the wheel's plane inboard to the section
     */
    public double bendingNm(double reachMm) {
        return Math.abs(acrossN() * reachMm - alongN() * rollingRadiusMm) / 1000;
    }
}
