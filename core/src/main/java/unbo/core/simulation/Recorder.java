package unbo.core.simulation;

import java.util.List;
import java.util.Locale;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;

/**
 * The simulated recorder: what it is held to, and how long.
 *
 * @param severity 0 to 1
 * @param tyre share of the road noise
 * @param gear the same of a gear
 */
public record Recorder(RecordedHub.Fault fault, double severity, double tyre, double gear, int seconds, long seed) {

    /** Samples a second. */
    public static final int RATE_HZ = 24_000;

    /** Turns a minute of the wheel where none are told. */
    public static final double UNTOLD_RPM = 600;

    private static final double ROAD = 0.5;
    private static final double LEAST_SLIP = 0.005;

    public static final FieldList<Recorder> LIST = FieldList.of(
            List.of(
                    Field.choice(
                                    "fault",
                                    "Held to a hub that is",
                                    List.of(
                                            new Field.Choice("none", "healthy"),
                                            new Field.Choice("outer", "damaged on the outer race"),
                                            new Field.Choice("inner", "damaged on the inner race"),
                                            new Field.Choice("element", "damaged on a rolling element"),
                                            new Field.Choice("cage", "damaged in the cage")))
                            .must(),
                    Field.quantity("severity", "How far gone, 0 to 1", Quantity.RATIO, "", 0, 1)
                            .orElse("0.6", "simulated"),
                    Field.quantity("tyre", "Tyre, 0 to 1", Quantity.RATIO, "", 0, 1)
                            .orElse("0.5", "simulated"),
                    Field.quantity("gear", "Gear, 0 to 1", Quantity.RATIO, "", 0, 1)
                            .orElse("0.2", "simulated"),
                    Field.whole("seconds", "Seconds", 10, 60).orElse("16", "simulated"),
                    Field.whole("seed", "Seed", 0, 1_000_000).orElse("1", "simulated")),
            Recorder::make);

    private static Recorder make(Values v) {
        return new Recorder(
                RecordedHub.Fault.valueOf(v.text("fault").toUpperCase(Locale.ROOT)),
                v.number("severity"),
                v.number("tyre"),
                v.number("gear"),
                v.whole("seconds"),
                v.whole("seed"));
    }

    /** Records a bearing at a speed. Its inside is what it was said to be; slip is 0.5 to 1 %, by the seed. */
    public float[] record(BearingGeometry geometry, Turning turning, double rpm, double endRpm) {
        double slip = LEAST_SLIP * (1 + seed % 10 / 10.0);
        return new RecordedHub(
                        geometry,
                        turning,
                        fault,
                        new RecordedHub.Speed(rpm, endRpm),
                        new RecordedHub.Sound(severity, tyre, gear, ROAD, slip),
                        seconds,
                        RATE_HZ,
                        seed)
                .recorded();
    }
}
