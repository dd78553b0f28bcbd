package unbo.core.simulation;

import java.util.List;
import java.util.Random;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;

/**
 * A hub under a dial indicator and an infrared thermometer, for practice and for trying things out: chosen
 * eccentricity, oval, dent, end play and temperatures, with scatter by a seed.
 *
 * @param playMm end play between pushed and pulled
 * @param scatterMm one sigma of a reading
 * @param hubC temperature after the run, and its twin's, °C
 */
public record TurningHub(Disc disc, double playMm, double scatterMm, double hubC, double twinC, long seed) {
    /**
     * How its disc is out.
     *
     * @param eccentricMm half of what it is out
     * @param dentMm height of a local spot, + up; it reaches {@value #DENT_REACH_DEG}° to either side
     */
    public record Disc(
            double eccentricMm,
            double eccentricAtDeg,
            double ovalMm,
            double ovalAtDeg,
            double dentMm,
            double dentAtDeg) {}

    private static final double DENT_REACH_DEG = 8;
    private static final double REST_MM = 0.5;
    private static final double THERMOMETER_K = 0.3;

    public static final FieldList<TurningHub> LIST = FieldList.of(
            List.of(
                    Field.quantity("eccentric", "Eccentric", Quantity.LENGTH, "mm", 0, 2)
                            .orElse("0.03", "simulated"),
                    Field.quantity("eccentricAt", "high at", Quantity.ANGLE, "°", -360, 360)
                            .orElse("130", "simulated"),
                    Field.quantity("oval", "Oval", Quantity.LENGTH, "mm", 0, 2).orElse("0", "simulated"),
                    Field.quantity("ovalAt", "high at", Quantity.ANGLE, "°", -360, 360)
                            .orElse("0", "simulated"),
                    Field.quantity("dent", "Local spot", Quantity.LENGTH, "mm", -2, 2)
                            .orElse("0", "simulated"),
                    Field.quantity("dentAt", "at", Quantity.ANGLE, "°", -360, 360)
                            .orElse("250", "simulated"),
                    Field.quantity("play", "End play", Quantity.LENGTH, "mm", 0, 2)
                            .orElse("0.08", "simulated"),
                    Field.quantity("scatter", "Scatter", Quantity.LENGTH, "mm", 0, 0.5)
                            .orElse("0.002", "simulated"),
                    Field.quantity("hub", "Hub", Quantity.TEMPERATURE, "°C", -30, 300)
                            .orElse("38", "simulated"),
                    Field.quantity("twin", "Its twin", Quantity.TEMPERATURE, "°C", -30, 300)
                            .orElse("35", "simulated"),
                    Field.whole("seed", "Seed", 0, 1_000_000).orElse("1", "simulated")),
            TurningHub::make);

    private static TurningHub make(Values v) {
        return new TurningHub(
                new Disc(
                        v.number("eccentric"),
                        v.number("eccentricAt"),
                        v.number("oval"),
                        v.number("ovalAt"),
                        v.number("dent"),
                        v.number("dentAt")),
                v.number("play"),
                v.number("scatter"),
                v.number("hub"),
                v.number("twin"),
                v.whole("seed"));
    }

    /** What the indicator shows with a mark under it, mm, without scatter. */
    public double under(double degrees) {
        double away = Math.abs(Math.IEEEremainder(degrees - dentAtDeg(), 360));
        double dent = away < DENT_REACH_DEG ? dentMm() : 0;
        return REST_MM
                + eccentricMm() * Math.cos(Math.toRadians(degrees - eccentricAtDeg()))
                + ovalMm() * Math.cos(Math.toRadians(2 * (degrees - ovalAtDeg())))
                + dent;
    }

    /** The n-th look at a mark, mm; {@code pulled} with the hub pulled out. */
    public double reading(double degrees, boolean pulled, int look) {
        return under(degrees)
                + (pulled ? playMm : 0)
                + scatterMm
                        * random(Double.hashCode(degrees) + (pulled ? 7 : 0), look)
                                .nextGaussian();
    }

    /** The n-th look of the thermometer, °C. */
    public double temperature(boolean twin, int look) {
        return (twin ? twinC : hubC)
                + THERMOMETER_K * random(twin ? 11 : 13, look).nextGaussian();
    }

    private Random random(long at, int look) {
        return new Random((seed * 1_000_003L + at) * 31 + look * 0x9E3779B97F4A7C15L);
    }

    public double eccentricMm() {
        return disc.eccentricMm();
    }

    public double eccentricAtDeg() {
        return disc.eccentricAtDeg();
    }

    public double ovalMm() {
        return disc.ovalMm();
    }

    public double ovalAtDeg() {
        return disc.ovalAtDeg();
    }

    public double dentMm() {
        return disc.dentMm();
    }

    public double dentAtDeg() {
        return disc.dentAtDeg();
    }
}
