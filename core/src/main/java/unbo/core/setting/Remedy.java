package unbo.core.setting;

/** What can be changed when no locking position is inside the band. */
public sealed interface Remedy {

    /**
     * Another washer under the nut. Thicker by t moves the nut out, so the same slot locks with t less end play.
     *
     * @param changeMm thickness to add (positive) or take away (negative) to reach the middle of the band
     * @param fromMm least change that helps, by size
     * @param toMm most change that helps, by size
     * @param fromPlayMm the end play of that slot before (negative: preload)
     */
    record Washer(double changeMm, double fromMm, double toMm, double fromPlayMm) implements Remedy {}

    /** A second hole at right angles, where the spindle has one or may have one by its maker's data. */
    record CrossedHole(double backOffDeg, double endPlayMm) implements Remedy {}

    /** A nut or retainer with enough locking places that one always falls inside. */
    record FinerNut(int places) implements Remedy {}
}
