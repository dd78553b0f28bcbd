package unbo.core.life;

import java.util.List;

/**
 * A shaft in two bearings under any loads: equilibrium in two planes through its axis gives each bearing's radial load;
 * the side force goes into the bearing that locates, or with an adjusted pair is shared by what each induces. Basic
 * life by ISO 281, modified by a_ISO and by water in the oil; the pair by the product law. Limits: rigid shaft and
 * case, no preload.
 *
 * @param systemHours modified life of both together
 */
public record ShaftLife(Input input, Side left, Side right, double systemHours) {

    private static final double DRY_PPM = 100;

    /** Which bearing takes thrust. */
    public enum Locates {
        LEFT,
        RIGHT,
        PAIR
    }

    /**
     * A load on the shaft. @param atMm from the left bearing, + to the right @param verticalN, horizontalN, axialN +
     * up, + away from you, + to the right
     */
    public record Load(double atMm, double verticalN, double horizontalN, double axialN) {}

    /** @param spreadMm between the pressure centres */
    public record Input(
            double spreadMm,
            List<Load> loads,
            WheelInput.Bearing left,
            WheelInput.Bearing right,
            Locates locates,
            double rpm,
            Oil oil) {
        /**
         * Film, dirt and water.
         *
         * @param waterPpm in the oil; 0 in grease
         * @param contamination e_C of ISO 281, 0 to 1
         */
        public record Oil(double kappa, double contamination, double waterPpm) {}

        public Input {
            loads = List.copyOf(loads);
        }

        /** The same with so many times all loads. */
        public Input times(double factor) {
            return new Input(
                    spreadMm,
                    loads.stream()
                            .map(l -> new Load(l.atMm, l.verticalN * factor, l.horizontalN * factor, l.axialN * factor))
                            .toList(),
                    left,
                    right,
                    locates,
                    rpm,
                    new Input.Oil(kappa(), contamination(), waterPpm()));
        }

        public double kappa() {
            return oil.kappa();
        }

        public double contamination() {
            return oil.contamination();
        }

        public double waterPpm() {
            return oil.waterPpm();
        }
    }

    /** One bearing. */
    public record Side(WheelInput.Bearing bearing, Forces forces, double basicHours, double hours, double factor) {
        /**
         * What the bearing carries.
         *
         * @param verticalN , horizontalN what it puts on the shaft
         */
        public record Forces(double verticalN, double horizontalN, double radialN, double axialN, double equivalentN) {}

        public double verticalN() {
            return forces.verticalN();
        }

        public double horizontalN() {
            return forces.horizontalN();
        }

        public double radialN() {
            return forces.radialN();
        }

        public double axialN() {
            return forces.axialN();
        }

        public double equivalentN() {
            return forces.equivalentN();
        }
    }

    public static ShaftLife of(Input in) {
        double a = in.spreadMm();
        double[] right = new double[2];
        double[] left = new double[2];
        double axial = 0;
        for (Load load : in.loads()) {
            right[0] -= load.verticalN() * load.atMm() / a;
            right[1] -= load.horizontalN() * load.atMm() / a;
            left[0] -= load.verticalN() * (1 - load.atMm() / a);
            left[1] -= load.horizontalN() * (1 - load.atMm() / a);
            axial += load.axialN();
        }
        double radialLeft = Math.hypot(left[0], left[1]);
        double radialRight = Math.hypot(right[0], right[1]);
        double[] thrust = thrust(in, radialLeft, radialRight, axial);
        Side l = side(in, in.left(), left, radialLeft, thrust[0]);
        Side r = side(in, in.right(), right, radialRight, thrust[1]);
        double m = in.left().rollers() ? 9.0 / 8 : 10.0 / 9;
        return new ShaftLife(in, l, r, Math.pow(Math.pow(l.hours(), -m) + Math.pow(r.hours(), -m), -1 / m));
    }

    /**
     * Thrust on the left and on the right bearing, N. A pair back to back: thrust to the right goes into the left one.
     */
    private static double[] thrust(Input in, double radialLeft, double radialRight, double axial) {
        double inducedLeft = WheelLife.induced(in.left(), radialLeft);
        double inducedRight = WheelLife.induced(in.right(), radialRight);
        return switch (in.locates()) {
            case LEFT -> new double[] {Math.max(Math.abs(axial), inducedLeft), inducedRight};
            case RIGHT -> new double[] {inducedLeft, Math.max(Math.abs(axial), inducedRight)};
            case PAIR -> {
                double onLeft = Math.max(inducedLeft, inducedRight + axial);
                yield new double[] {onLeft, onLeft - axial};
            }
        };
    }

    /** What water in the oil leaves of the life: (100 ppm/x)^0.6 over 100 ppm (a guide of lubrication textbooks). */
    public static double dilution(double ppm) {
        return ppm <= DRY_PPM ? 1 : Math.pow(DRY_PPM / ppm, 0.6);
    }

    private static Side side(Input in, WheelInput.Bearing b, double[] force, double radial, double axial) {
        double p = Math.max(1e-9, WheelLife.equivalent(b, radial, axial));
        double basic = Math.pow(b.cN() / p, b.rollers() ? 10.0 / 3 : 3) * 1e6 / 60 / in.rpm();
        double factor = LifeFactor.of(
                b.rollers(), in.kappa(), in.contamination() * LifeFactor.fatigueLimitN(b.c0N(), b.rollers()) / p);
        factor *= dilution(in.waterPpm());
        return new Side(b, new Side.Forces(force[0], force[1], radial, axial, p), basic, basic * factor, factor);
    }
}
