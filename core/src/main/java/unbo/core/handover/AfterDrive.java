package unbo.core.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;

/**
 * What the owner felt and heard after the first kilometres, and what it means: a hot hub, something loose or a new
 * noise are not driven on.
 *
 * @param afterKm 10 or 100
 */
public record AfterDrive(int afterKm, Heat heat, boolean noise, boolean loose, boolean leaks, String note) {

    /** After how many kilometres it is asked. */
    public static final List<Integer> ASKED_KM = List.of(10, 100);

    /** How the hub feels to the back of a hand held near it. */
    public enum Heat {
        COOL,
        WARM,
        HOT
    }

    /** The worst first; never empty. */
    public List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        if (loose) {
            findings.add(new Finding(
                    "after-loose", Level.STOP, "Something is loose: do not drive on, have it fetched or looked at."));
        }
        if (heat == Heat.HOT) {
            findings.add(new Finding(
                    "after-hot",
                    Level.STOP,
                    "Too hot to keep a hand near: do not drive on; let it cool, and call the workshop."));
        }
        if (noise) {
            findings.add(new Finding(
                    "after-noise",
                    Level.SOON,
                    "A noise that was not there before: drive slowly and no farther than to the workshop."));
        }
        if (leaks) {
            findings.add(new Finding("after-leak", Level.SOON, "Grease or oil comes out: it is looked at soon."));
        }
        if (heat == Heat.WARM) {
            findings.add(new Finding(
                    "after-warm",
                    Level.WATCH,
                    "Warm is usual at first, on both sides alike: feel again after the next drive, and compare."));
        }
        if (findings.isEmpty()) {
            findings.add(new Finding("after-fine", Level.RIGHT, "As it should be."));
        }
        return List.copyOf(findings);
    }

    /** The worst of it. */
    public Level level() {
        return Objects.requireNonNull(findings().get(0).level());
    }

    /** Whether the workshop looks at it before its own day. */
    public boolean wantsALook() {
        return level() == Level.STOP || level() == Level.SOON;
    }
}
