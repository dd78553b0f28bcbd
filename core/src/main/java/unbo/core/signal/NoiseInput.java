package unbo.core.signal;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;

/**
 * What is known of a recorded bearing.
 *
 * @param band to take the envelope of; null for the spikiest
 * @param gearTeeth teeth of a gear on the shaft, 0 when there is none or it is not known
 * @param treadBlocks blocks round the tyre, 0 when not known
 */
public record NoiseInput(
        BearingGeometry geometry,
        Turning turning,
        Speed speed,
        @Nullable Band band,
        int gearTeeth,
        int treadBlocks) {}
