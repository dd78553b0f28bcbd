package unbo.core.arrange;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.fit.Material;

/**
 * Two bearings on a shaft: is the shaft located exactly once each way, can it grow when hot, and does closing the case
 * side-load it? A bearing carries the shaft one way when its inner ring is stopped on the shaft, its kind takes thrust
 * that way, and its outer ring is stopped in the case.
 *
 * @param toLeft bearings that hold the shaft from going left
 * @param toRight bearings that hold it from going right
 * @param growsMm what case and shaft differ by when warm
 */
public record Arrangement(
        Input input, int toLeft, int toRight, double growsMm, boolean floating, boolean twice, boolean adjusted) {

    /** Axial stops of a ring: between shoulder and clip, on one side only, or none. A tight ring counts as stopped. */
    public enum Stop {
        BOTH,
        LEFT,
        RIGHT,
        NONE
    }

    /** One bearing. @param opens which way a taper or angular bearing takes thrust; of others not used */
    public record End(Bearing bearing, Stop inner, boolean innerTight, Stop outer, boolean outerTight, String opens) {

        /** True when it keeps the shaft from going that way. */
        public boolean holds(boolean right) {
            boolean ringInner = innerTight || inner == Stop.BOTH || inner == (right ? Stop.LEFT : Stop.RIGHT);
            boolean ringOuter = outerTight || outer == Stop.BOTH || outer == (right ? Stop.RIGHT : Stop.LEFT);
            return ringInner && ringOuter && takes(right);
        }

        private boolean takes(boolean right) {
            String thrust = bearing.kind().thrust();
            if (bearing.kind() == BearingKind.CYLINDRICAL_ROLLER) {
                String s = bearing.series();
                thrust = s.startsWith("NUP") ? "both" : s.startsWith("NJ") || s.startsWith("NF") ? "one" : "none";
            }
            return thrust.startsWith("both") || thrust.startsWith("one") && opens.equals(right ? "right" : "left");
        }

        boolean oneWay() {
            return bearing.kind().taper()
                    || bearing.kind() == BearingKind.ANGULAR_CONTACT_BALL
                    || bearing.kind() == BearingKind.MAGNETO_BALL;
        }
    }

    /** @param washers true where thrust washers locate the shaft */
    public record Input(
            Ready ready, End left, End right, boolean washers, double betweenMm, Material housing, double warmerK) {
        /**
         * The ready arrangement it is.
         *
         * @param code of a ready arrangement, or {@code built}
         */
        public record Ready(String code, String label, String note) {}

        public String code() {
            return ready.code();
        }

        public String label() {
            return ready.label();
        }

        public String note() {
            return ready.note();
        }
    }

    public static Arrangement of(Input in) {
        int washers = in.washers() ? 1 : 0;
        int left = washers + (in.left().holds(false) ? 1 : 0) + (in.right().holds(false) ? 1 : 0);
        int right = washers + (in.left().holds(true) ? 1 : 0) + (in.right().holds(true) ? 1 : 0);
        double grows = (in.housing().perK() - Material.STEEL.perK()) * in.betweenMm() * in.warmerK();
        boolean adjusted = !in.washers()
                && left == 1
                && right == 1
                && in.left().holds(false) != in.left().holds(true);
        return new Arrangement(in, left, right, grows, left == 0 || right == 0, left > 1 && right > 1, adjusted);
    }

    /** True when closing the case can press both bearings sideways: both hold it both ways. */
    public boolean sideLoads() {
        return twice;
    }
}
