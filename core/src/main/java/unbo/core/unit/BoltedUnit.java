package unbo.core.unit;

import java.util.ArrayList;
import java.util.List;

/**
 * A unit bolted to its knuckle: the order its bolts are drawn home in, what a runout at its face comes to at the rim or
 * the disc, and what its ring gives to the wheel-speed sensor.
 */
public final class BoltedUnit {

    private static final double KMH = 3.6;

    private BoltedUnit() {}

    /**
     * Bolts round a circle, counted from one clockwise, so that each next one lies as far as can be from those before:
     * across first, then across between.
     *
     * @param bolts 2 to 12
     */
    public static List<Integer> order(int bolts) {
        List<Integer> order = new ArrayList<>(List.of(1));
        while (order.size() < bolts) {
            int next = 0;
            double best = -1;
            for (int i = 1; i <= bolts; i++) {
                if (!order.contains(i)) {
                    double last = apart(i, order.get(order.size() - 1), bolts);
                    int candidate = i;
                    double least = order.stream()
                            .mapToDouble(o -> apart(candidate, o, bolts))
                            .min()
                            .orElse(0);
                    double worth = last + least / bolts;
                    if (worth > best + 1e-9) {
                        best = worth;
                        next = i;
                    }
                }
            }
            order.add(next);
        }
        return List.copyOf(order);
    }

    private static int apart(int one, int other, int bolts) {
        int off = Math.abs(one - other);
        return Math.min(off, bolts - off);
    }

    /** A tilt of the seat grows with the radius: runout there, mm. */
    public static double runoutAtMm(double runoutMm, double faceRadiusMm, double radiusMm) {
        return runoutMm * radiusMm / faceRadiusMm;
    }

    /**
     * Pulses a second of a ring with so many pairs of poles or teeth: v/(2π·R) turns a second each give them all.
     *
     * @param rollingRadiusM of the loaded tyre
     */
    public static double pulsesHz(double speedKmh, double rollingRadiusM, int pairs) {
        return speedKmh / KMH / (2 * Math.PI * rollingRadiusM) * pairs;
    }
}
