package unbo.core.tools.deciding;

import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.survival.Lives;
import unbo.core.survival.Survival;

/** Where one bearing stands on the curve of those like it. */
public final class StandingWords {

    /** Under this share of its like that run so long it is watched. */
    private static final double OLD = 0.5;

    private StandingWords() {}

    /** @param ran what it has run, in the unit of the lives */
    public static Finding finding(Lives lives, double ran) {
        String unit = lives.input().unit();
        String here = "It has run " + LivesWords.counted(ran) + " " + unit + ". ";
        Survival survival = lives.survival();
        String of = survival.failures() + " of " + survival.runs() + " like it failed";
        if (lives.weibull().wanted() > 0) {
            return new Finding(
                    "standing-unknown",
                    Level.OPEN,
                    here + "Not enough yet to say where it stands: " + of + ", "
                            + lives.weibull().wanted() + " more would do.");
        }
        Survival.Step last = survival.last(ran);
        double share = last == null ? 1 : last.share();
        String band = last == null ? "" : " (between " + percent(last.low()) + " and " + percent(last.high()) + ")";
        return new Finding(
                share < OLD ? "standing-old" : "standing-young",
                share < OLD ? Level.WATCH : Level.RIGHT,
                here + percent(share) + " of its like run longer" + band + "; " + of + "."
                        + (share < OLD ? " Have a new one on the shelf, and look at it at every visit." : ""));
    }

    public static Drawing drawing(Lives lives, double ran) {
        return LivesDrawing.of(lives, ran);
    }

    private static String percent(double share) {
        return Show.number(share * 100, 0) + " %";
    }
}
