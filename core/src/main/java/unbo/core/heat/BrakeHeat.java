package unbo.core.heat;

import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.numeric.Search;

/**
 * Brake heat on its way into a hub: a disc or drum that takes the heat and a hub behind it, each losing to the air,
 * joined by what the disc is bolted to. Two masses, two straight equations, solved exactly by their two modes:
 *
 * <p>C1·dT1 = P − Ga·(T1 − Ta) − Gj·(T1 − T2), C2·dT2 = Gj·(T1 − T2) − Gh·(T2 − Ta).
 *
 * @param powerW mean heat into the disc while it works
 * @param settled disc and hub if it went on for ever, °C
 * @param stopped disc and hub when the work ends, °C
 * @param hubMostC hottest the hub comes to, which is after it stops
 * @param hubMostMin minutes after the stop
 * @param jointWPerK as taken or as fitted to the readings
 * @param spreadK readings about the curve, root of their mean square; null without readings
 */
public record BrakeHeat(
        Input input,
        double powerW,
        Pair settled,
        Pair stopped,
        double hubMostC,
        double hubMostMin,
        double jointWPerK,
        @Nullable Double spreadK) {

    /** Fewer readings than these fit no joint. */
    public static final int FEWEST_READINGS = 3;

    private static final double LEAST_JOINT = 0.01;
    private static final double MOST_JOINT = 100;
    private static final double LOOKED_MIN = 240;
    private static final double GRAVITY = 9.81;
    private static final double KMH = 3.6;

    /** Disc and hub at one moment, °C. */
    public record Pair(double discC, double hubC) {}

    /** A mass. @param heatJPerK its mass times its specific heat @param airWPerK what it loses to the air */
    public record Body(double heatJPerK, double airWPerK) {}

    /** @param minutes after the stop @param hubC measured */
    public record Reading(double minutes, double hubC) {}

    /**
     * @param powerW into this disc, mean over the work
     * @param minutes that it works
     * @param jointWPerK between disc and hub; null where it is to be fitted to the readings
     * @param readings empty, or {@link #FEWEST_READINGS} and more
     */
    public record Input(
            double powerW,
            double minutes,
            double airC,
            Body disc,
            Body hub,
            @Nullable Double jointWPerK,
            List<Reading> readings) {

        public Input {
            readings = List.copyOf(readings);
            if (jointWPerK == null && readings.size() < FEWEST_READINGS) {
                throw new IllegalArgumentException("a joint is typed or fitted to readings");
            }
        }
    }

    /** Mean power of stops from one speed to another, W: ½·m·(v1² − v2²)·share over the time of a round. */
    public static double ofStops(double kg, double fromKmh, double toKmh, double share, double roundS) {
        double from = fromKmh / KMH;
        double to = toKmh / KMH;
        return kg * (from * from - to * to) / 2 * share / roundS;
    }

    /** Mean power of a descent on the brakes, W: m·g·h·share over its time; rolling and air take some of it off. */
    public static double ofDescent(double kg, double heightM, double share, double minutes) {
        return kg * GRAVITY * heightM * share / (minutes * 60);
    }

    public static BrakeHeat of(Input in) {
        Double typed = in.jointWPerK();
        double joint = typed != null ? typed : fitted(in);
        Pair cold = new Pair(in.airC(), in.airC());
        Pair stopped = after(in, joint, cold, in.powerW(), in.minutes() * 60);
        double from = 0;
        double to = LOOKED_MIN;
        double at = Search.summit(m -> after(in, joint, stopped, 0, m * 60).hubC(), from, to);
        double most = after(in, joint, stopped, 0, at * 60).hubC();
        return new BrakeHeat(
                in,
                in.powerW(),
                settled(in, joint, in.powerW()),
                stopped,
                Math.max(most, stopped.hubC()),
                most > stopped.hubC() ? at : 0,
                joint,
                in.readings().isEmpty() ? null : Double.valueOf(spread(in, joint)));
    }

    /** Disc and hub so many minutes after the stop. */
    public Pair afterStop(double minutes) {
        return after(input, jointWPerK, stopped, 0, minutes * 60);
    }

    /** Disc and hub so many minutes into the work. */
    public Pair working(double minutes) {
        return after(input, jointWPerK, new Pair(input.airC(), input.airC()), input.powerW(), minutes * 60);
    }

    private static double fitted(Input in) {
        double log = Search.summit(x -> -spread(in, Math.exp(x)), Math.log(LEAST_JOINT), Math.log(MOST_JOINT));
        return Math.exp(log);
    }

    private static double spread(Input in, double joint) {
        Pair stopped = after(in, joint, new Pair(in.airC(), in.airC()), in.powerW(), in.minutes() * 60);
        return Math.sqrt(in.readings().stream()
                .mapToDouble(r -> {
                    double off = after(in, joint, stopped, 0, r.minutes() * 60).hubC() - r.hubC();
                    return off * off;
                })
                .average()
                .orElse(0));
    }

    /** Where both stand still: T2 − Ta = P·Gj/(Ga·Gj + Ga·Gh + Gj·Gh), T1 − Ta = P·(Gj + Gh)/the same. */
    private static Pair settled(Input in, double joint, double powerW) {
        double a = in.disc().airWPerK();
        double h = in.hub().airWPerK();
        double under = a * joint + a * h + joint * h;
        return new Pair(in.airC() + powerW * (joint + h) / under, in.airC() + powerW * joint / under);
    }

    /** From one state on, by the two modes of the matrix. */
    private static Pair after(Input in, double joint, Pair from, double powerW, double seconds) {
        Pair rest = settled(in, joint, powerW);
        double a = (in.disc().airWPerK() + joint) / in.disc().heatJPerK();
        double b = joint / in.disc().heatJPerK();
        double c = joint / in.hub().heatJPerK();
        double d = (in.hub().airWPerK() + joint) / in.hub().heatJPerK();
        double mean = (a + d) / 2;
        double half = Math.sqrt((a - d) * (a - d) / 4 + b * c);
        double slow = mean - half;
        double fast = mean + half;
        double x = from.discC() - rest.discC();
        double y = from.hubC() - rest.hubC();
        // exp(−A·t) = e^(−slow·t)·(fast·I − A)/(fast − slow) + e^(−fast·t)·(A − slow·I)/(fast − slow), A = [a −b; −c d]
        double s = Math.exp(-slow * seconds) / (fast - slow);
        double f = Math.exp(-fast * seconds) / (fast - slow);
        return new Pair(
                rest.discC() + s * ((fast - a) * x + b * y) + f * ((a - slow) * x - b * y),
                rest.hubC() + s * (c * x + (fast - d) * y) + f * (-c * x + (d - slow) * y));
    }
}
