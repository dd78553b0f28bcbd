package unbo.core.arrange;

/**
 * Cup and cone: set with a trace of play while the axle is not clamped, which vanishes when it is. A turn of the cone
 * moves it by its pitch; clamping takes some hundredths.
 *
 * @param pitchMm of the axle's thread @param backDeg how far the cone is turned back from where play just vanishes,
 *     unclamped
 */
public record ConeHub(double pitchMm, double backDeg, String clamped) {

    /** Play along the axle while it is not clamped, mm. */
    public double playMm() {
        return pitchMm * backDeg / 360;
    }
}
