package unbo.core.simulation;

import java.util.SplittableRandom;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;

/**
 * A hub that is recorded: what its bearing, its tyre, a gear and the road sound like, made by a seed. Impacts of a
 * damaged place ring a resonance and die away; their spacing slips and scatters; they are modulated as the place passes
 * through the load. The tyre has lines at low multiples of the wheel's rate and at its tread blocks, the gear at its
 * mesh with the shaft's sidebands; the road is broad noise. For practice, demonstration and tests; it knows nothing of
 * the analysis.
 *
 * @param fault what is damaged
 * @param seconds recorded
 */
public record RecordedHub(
        BearingGeometry geometry,
        Turning turning,
        Fault fault,
        Speed speed,
        Sound sound,
        double seconds,
        int rateHz,
        long seed) {
    /**
     * Where the speed begins and ends.
     *
     * @param rpm at the beginning
     * @param endRpm at the end
     */
    public record Speed(double rpm, double endRpm) {}

    /**
     * What is heard beside each other.
     *
     * @param severity loudness of the impacts, 0 to 1 (0.3 begins, 1 is late)
     * @param tyre loudness of the tyre, 0 to 1
     * @param gear loudness of the gear, 0 to 1
     * @param road loudness of the road, 0 to 1
     * @param slip share by which impacts come late, 0.005 to 0.01 usually
     */
    public record Sound(double severity, double tyre, double gear, double road, double slip) {}

    /** What is damaged. */
    public enum Fault {
        NONE,
        OUTER,
        INNER,
        ELEMENT,
        CAGE
    }

    private static final int BLOCKS = 64;
    private static final int TEETH = 23;
    private static final double SCATTER = 0.004;
    private static final double LOUDEST = 0.25;
    private static final double WHITE = 0.02;
    private static final double[] SINE = sine();

    /** The parts of a recording, before they are laid together. */
    public record Parts(float[] impacts, float[] tyreAndGear, float[] road) {

        /** All of it, each part by its own loudness. */
        public float[] mixed(double impactGain, double tyreGain, double roadGain) {
            float[] sum = new float[impacts.length];
            for (int i = 0; i < sum.length; i++) {
                sum[i] = (float) (impactGain * impacts[i] + tyreGain * tyreAndGear[i] + roadGain * road[i]);
            }
            return sum;
        }
    }

    /** The sound as it is recorded, between −1 and 1. */
    public float[] recorded() {
        float[] sound = parts().mixed(severity(), 1, road());
        float most = 1e-9f;
        for (float s : sound) {
            most = Math.max(most, Math.abs(s));
        }
        float scale = most > 1 ? 1 / most : 1;
        for (int i = 0; i < sound.length; i++) {
            sound[i] *= scale;
        }
        return sound;
    }

    public Parts parts() {
        SplittableRandom random = new SplittableRandom(seed);
        double[] turns = turns();
        float[] impacts = impacts(turns, random.split());
        return new Parts(impacts, tyreAndGear(turns, random.split()), road(random.split()));
    }

    /** Turns of the wheel at each sample. */
    private double[] turns() {
        int n = (int) (seconds * rateHz);
        double[] turns = new double[n];
        for (int i = 0; i < n; i++) {
            double t = i / (double) rateHz;
            turns[i] = (rpm() * t + (endRpm() - rpm()) * t * t / (2 * seconds)) / 60;
        }
        return turns;
    }

    private double order() {
        return switch (fault) {
            case OUTER -> geometry.outerOrder();
            case INNER -> geometry.innerOrder();
            case ELEMENT -> 2 * geometry.elementOrder();
            case CAGE -> geometry.cageOrder(turning);
            case NONE -> 0;
        };
    }

    private float[] impacts(double[] turns, SplittableRandom random) {
        float[] sound = new float[turns.length];
        if (fault == Fault.NONE) {
            return sound;
        }
        double resonance = Math.min(0.38 * rateHz, 2500 + 3000 * random.nextDouble());
        double dies = 0.0006 + 0.0012 * random.nextDouble();
        double every = (1 + slip()) / order();
        double cage = geometry.cageOrder(turning);
        double phase = random.nextDouble();
        double next = every * random.nextDouble();
        int count = 0;
        for (int i = 0; i < turns.length; i++) {
            if (turns[i] >= next) {
                ring(
                        sound,
                        i,
                        resonance * (1 + 0.01 * random.nextGaussian()),
                        dies,
                        loud(next, cage, phase, count++) * (1 + 0.15 * random.nextGaussian()));
                if (fault == Fault.CAGE) {
                    ring(sound, i + (int) (rateHz * 0.002 * (1 + random.nextDouble())), resonance, dies, 0.6);
                }
                next += every * (1 + SCATTER * random.nextGaussian());
            }
        }
        return sound;
    }

    /** How loud an impact is where the damaged place then stands in the load. */
    private double loud(double turn, double cage, double phase, int count) {
        boolean still =
                fault == Fault.OUTER && turning == Turning.INNER || fault == Fault.INNER && turning == Turning.OUTER;
        return switch (fault) {
            case OUTER, INNER -> still ? 1 : 0.55 + 0.45 * wave(turn + phase);
            case ELEMENT -> (count % 2 == 0 ? 1 : 0.8) * (0.6 + 0.4 * wave(cage * turn + phase));
            default -> 1;
        };
    }

    private void ring(float[] sound, int from, double hz, double dies, double loud) {
        int to = Math.min(sound.length, from + (int) (8 * dies * rateHz));
        for (int i = from; i < to; i++) {
            double t = (i - from) / (double) rateHz;
            sound[i] += (float) (LOUDEST * loud * StrictMath.exp(-t / dies) * StrictMath.sin(2 * Math.PI * hz * t));
        }
    }

    private float[] tyreAndGear(double[] turns, SplittableRandom random) {
        float[] sound = new float[turns.length];
        double[] phases = random.doubles(16).toArray();
        double low = 0;
        for (int i = 0; i < turns.length; i++) {
            double turn = turns[i];
            double tread = 0;
            for (int k = 1; k <= 6; k++) {
                tread += 0.10 / k * wave(k * turn + phases[k]);
            }
            double wobble = 1 + 0.4 * wave(turn + phases[0]);
            tread += wobble * (0.10 * wave(BLOCKS * turn + phases[7]) + 0.05 * wave(2 * BLOCKS * turn + phases[8]));
            low += 0.1 * (random.nextGaussian() - low);
            tread += 0.12 * wobble * low;
            double depth = 1 + 0.5 * wave(turn + phases[9]) + 0.25 * wave(2 * turn + phases[10]);
            double mesh = depth
                            * (0.08 * wave(TEETH * turn + phases[11])
                                    + 0.05 * wave(2 * TEETH * turn + phases[12])
                                    + 0.03 * wave(3 * TEETH * turn + phases[13]))
                    + 0.02 * depth * random.nextGaussian();
            sound[i] = (float) (tyre() * tread + gear() * mesh);
        }
        return sound;
    }

    /** A sine of so many turns, from a table. */
    private static double wave(double turns) {
        return SINE[(int) ((turns - Math.floor(turns)) * SINE.length) & SINE.length - 1];
    }

    private static double[] sine() {
        double[] sine = new double[1 << 14];
        for (int i = 0; i < sine.length; i++) {
            sine[i] = StrictMath.sin(2 * Math.PI * i / sine.length);
        }
        return sine;
    }

    private float[] road(SplittableRandom random) {
        int n = (int) (seconds * rateHz);
        float[] sound = new float[n];
        double low = 0;
        for (int i = 0; i < n; i++) {
            double white = random.nextGaussian();
            low += 0.05 * (white - low);
            sound[i] = (float) (WHITE * white + 0.25 * low);
        }
        return sound;
    }

    public double rpm() {
        return speed.rpm();
    }

    public double endRpm() {
        return speed.endRpm();
    }

    public double severity() {
        return sound.severity();
    }

    public double tyre() {
        return sound.tyre();
    }

    public double gear() {
        return sound.gear();
    }

    public double road() {
        return sound.road();
    }

    public double slip() {
        return sound.slip();
    }
}
