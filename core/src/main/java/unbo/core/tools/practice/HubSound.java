package unbo.core.tools.practice;

import java.util.Optional;
import java.util.SplittableRandom;

import unbo.core.assembly.AssemblyKind;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Inside;
import unbo.core.bearing.Turning;
import unbo.core.designation.Decoder;
import unbo.core.simulation.RecordedHub;
import unbo.core.simulation.WavWriter;

/** How a hidden hub sounds: its own bearing where that is what makes the noise, else the tyre or the gear that does. */
final class HubSound {

    private static final int RATE_HZ = 16_000;
    private static final double SECONDS = 4;
    private static final double SLIP = 0.007;
    private static final RecordedHub.Fault[] FAULTS = {
        RecordedHub.Fault.OUTER, RecordedHub.Fault.INNER, RecordedHub.Fault.ELEMENT
    };

    private HubSound() {}

    /** A recording of some seconds, 16 bit at 16 kHz; empty where nothing is known of the inside of its bearing. */
    static Optional<byte[]> of(HiddenHub hub) {
        return inside(hub)
                .map(inside -> WavWriter.write(recorded(hub, inside.geometry()).recorded(), RATE_HZ));
    }

    /** The inside of the bearing that fails, if one does. */
    static Optional<Inside> inside(HiddenHub hub) {
        return Decoder.SHIPPED.decode(hub.ring(hub.failing().place()).number()).inside();
    }

    private static RecordedHub recorded(HiddenHub hub, BearingGeometry geometry) {
        SplittableRandom random = new SplittableRandom(hub.drawn().seed() * 53);
        int level = hub.drawn().level();
        String cause = hub.cause().truth().cause().code();
        double loud = 1 - 0.12 * level;
        double beside = 0.03 * (level - 1);
        double rpm = 400 + random.nextInt(500);
        boolean housing =
                AssemblyKind.find(hub.kind().code()).map(AssemblyKind::housing).orElse(false);
        return new RecordedHub(
                geometry,
                housing ? Turning.OUTER : Turning.INNER,
                hub.own() ? FAULTS[random.nextInt(FAULTS.length)] : RecordedHub.Fault.NONE,
                new RecordedHub.Speed(rpm, rpm),
                new RecordedHub.Sound(
                        hub.own() ? loud : 0,
                        cause.equals("tyre") ? loud : beside,
                        cause.equals("gear-whine") || cause.equals("chain") ? loud : beside,
                        0.15 + 0.05 * level,
                        SLIP),
                SECONDS,
                RATE_HZ,
                random.nextLong());
    }
}
