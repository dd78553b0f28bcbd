package unbo.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * A wheel that was spun by hand and clicks as it runs down, for practice and for trying things out.
 *
 * @param startRadS when it is let go, rad/s
 * @param rubbing rad/s²
 * @param shear 1/s
 * @param air a plain number
 * @param jitterSeconds one sigma of the moment of a click
 * @param perTurn clicks in a turn
 */
public record SpunWheel(
        double startRadS, double rubbing, double shear, double air, double jitterSeconds, int perTurn, long seed) {

    private static final double STEP = 1e-3;
    private static final double SLOWEST_RAD_S = 0.8;
    private static final int MOST = 2000;

    /** Moments of its clicks until it all but stands, in seconds. */
    public List<Double> clicks() {
        SplittableRandom random = new SplittableRandom(seed);
        List<Double> clicks = new ArrayList<>();
        double speed = startRadS;
        double turned = 0;
        double next = 0;
        double at = 0;
        while (speed > SLOWEST_RAD_S && clicks.size() < MOST) {
            double slows = rubbing + shear * speed + air * speed * speed;
            double mean = speed - slows * STEP / 2;
            if (turned + mean * STEP >= next) {
                clicks.add(at + (next - turned) / mean + jitterSeconds * random.nextGaussian());
                next += 2 * Math.PI / perTurn;
            }
            turned += mean * STEP;
            speed -= slows * STEP;
            at += STEP;
        }
        return clicks;
    }
}
