package unbo.core.gear;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * What a contact pattern on a ring gear's tooth tells. A pinion that stands too far out bears high on the tooth, toward
 * the heel on the drive side and toward the toe on the coast side; one too far in the other way round. A gear too far
 * from its pinion bears toward the heel on both sides, one too near toward the toe. Both are told apart by adding and
 * taking away the two sides. How much a millimetre moves it differs between gears: it is a guide until two rounds tell.
 *
 * @param outward how far the pinion stands out, as a share of a tooth: + out, − in
 * @param away how far the gear stands away, in the same measure: + away, − near
 * @param first what is put right first
 * @param depthMm shim behind the pinion's head, + in; 0 where the depth is right
 * @param gearMm gear along its axis, + toward the pinion; 0 where that is right
 * @param learned true where rounds tell how much a millimetre moves it
 */
public record ToothContact(
        Input input, double outward, double away, First first, double depthMm, double gearMm, boolean learned) {

    /** Nearer than this share of a tooth a pattern is where it belongs. */
    public static final double RIGHT = 0.08;

    /** Share of a tooth by which a millimetre moves it: our own guide, about a quarter by a tenth of a millimetre. */
    private static final double GUIDE_PER_MM = 2.5;
    /** Where it lies unloaded: a little to the toe, for load moves it to the heel. */
    private static final double LENGTH = 0.45;

    private static final double HEIGHT = 0.5;
    /** No single step is larger, mm. */
    private static final double MOST_STEP_MM = 0.15;
    /** Both sides that disagree by more in height are no setting: wear, a bent tooth, a mixed set. */
    private static final double TWISTED = 0.35;

    /** What is put right first. */
    public enum First {
        NOTHING,
        PINION,
        GEAR,
        /** No shim explains both sides. */
        NO_SETTING
    }

    /**
     * Where the middle of the pattern lies on one side of the tooth.
     *
     * @param length 0 at the toe, the small end, to 1 at the heel
     * @param height 0 at the root to 1 at the tip
     */
    public record Side(double length, double height) {}

    /** @param shimMm behind the pinion's head in that round */
    public record Round(double shimMm, Side drive, Side coast) {

        private double outward() {
            return (height() + (drive.length() - coast.length()) / 2) / 2;
        }

        private double height() {
            return (drive.height() + coast.height()) / 2 - HEIGHT;
        }

        private double away() {
            return (drive.length() + coast.length()) / 2 - LENGTH;
        }
    }

    /** @param rounds the last as it stands now */
    public record Input(List<Round> rounds) {

        public Input {
            rounds = List.copyOf(rounds);
        }

        public Round now() {
            return rounds.get(rounds.size() - 1);
        }
    }

    public static ToothContact of(Input in) {
        Round now = in.now();
        double outward = now.outward();
        double away = now.away();
        First first = first(now, outward, away);
        Double told = told(in);
        double per = told == null ? GUIDE_PER_MM : told;
        return new ToothContact(
                in,
                outward,
                away,
                first,
                first == First.PINION ? step(outward / per) : 0,
                first == First.GEAR ? step(away / GUIDE_PER_MM) : 0,
                told != null);
    }

    private static First first(Round now, double outward, double away) {
        if (Math.abs(now.drive().height() - now.coast().height()) > TWISTED) {
            return First.NO_SETTING;
        }
        if (Math.abs(outward) <= RIGHT && Math.abs(away) <= RIGHT) {
            return First.NOTHING;
        }
        return Math.abs(outward) >= Math.abs(away) ? First.PINION : First.GEAR;
    }

    private static double step(double mm) {
        return Math.max(-MOST_STEP_MM, Math.min(MOST_STEP_MM, mm));
    }

    /** What a millimetre of shim moved it by, by least squares; null where rounds do not tell. */
    private static @Nullable Double told(Input in) {
        double shim = in.rounds().stream().mapToDouble(Round::shimMm).average().orElseThrow();
        double mean = in.rounds().stream().mapToDouble(Round::outward).average().orElseThrow();
        double above = 0;
        double below = 0;
        for (Round round : in.rounds()) {
            above += (round.shimMm() - shim) * (round.outward() - mean);
            below += (round.shimMm() - shim) * (round.shimMm() - shim);
        }
        return below == 0 || above >= 0 ? null : Double.valueOf(-above / below);
    }
}
