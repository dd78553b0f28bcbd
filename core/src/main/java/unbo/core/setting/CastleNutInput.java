package unbo.core.setting;

import java.util.List;

/**
 * A castellated nut on its spindle at the moment when the end play has just become zero. Angles are in degrees, seen
 * face-on and counted in the direction of backing off.
 *
 * @param pitchMm axial way of one turn, 0.35 to 6 mm
 * @param slots slots of the nut, evenly spaced, 3 to 36
 * @param pinHolesDeg one angle for each OPENING of a pin hole: a through hole has two
 * @param freeAngleDeg where slot 0 stands when the end play has just become zero
 * @param band the end play wanted
 * @param school the rule by which the nut is set
 */
public record CastleNutInput(
        double pitchMm, int slots, List<Double> pinHolesDeg, double freeAngleDeg, EndPlayBand band, School school) {

    public CastleNutInput {
        pinHolesDeg = List.copyOf(pinHolesDeg);
        if (!(pitchMm > 0) || slots < 1 || pinHolesDeg.isEmpty()) {
            throw new IllegalArgumentException("no castellated nut: pitch " + pitchMm + ", slots " + slots);
        }
    }

    /** Angle from slot to slot. */
    public double slotStepDeg() {
        return 360.0 / slots;
    }
}
