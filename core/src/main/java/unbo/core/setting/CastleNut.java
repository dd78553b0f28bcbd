package unbo.core.setting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

/**
 * Every position in which a castellated nut can be pinned, with the end play it leaves. Asked before a tapered hub is
 * closed: on many hubs one slot is coarser than the whole allowed band.
 *
 * <p>Backing off by β turns slot 0 to {@code free + β}; some slot stands before a hole where {@code free + β − hole} is
 * a multiple of 360/slots, and the end play there is {@code pitch · β / 360}. Geometry only: threads without backlash,
 * the nut's face square. The end play must still be measured (dial indicator, push and pull).
 *
 * @param positions ascending by back-off, unique, 0 ≤ β &lt; 360
 * @param best index of the position in the band nearest its middle; null when none is inside
 * @param largestStepDeg widest way from one position to the next, going once round
 * @param tighterMm end play (negative: preload) of the last position before zero
 * @param remedies what helps when none is in the band; empty when one is
 * @param outcomes where each school's rule leaves this nut
 */
public record CastleNut(
        CastleNutInput input,
        List<LockingPosition> positions,
        @Nullable Integer best,
        double largestStepDeg,
        double tighterMm,
        List<Remedy> remedies,
        List<SchoolOutcome> outcomes) {

    private static final double SAME_DEG = 1e-6;

    /** Computes all of it; never fails for a valid input. */
    public static CastleNut of(CastleNutInput input) {
        List<LockingPosition> positions = locking(input, input.pinHolesDeg());
        Integer best = nearestMiddle(input.band(), positions);
        double tighterMm = endPlay(input, positions.get(positions.size() - 1).backOffDeg() - 360);
        return new CastleNut(
                input,
                positions,
                best,
                largestStep(positions),
                tighterMm,
                best == null ? remedies(input, positions, tighterMm) : List.of(),
                outcomes(input, positions));
    }

    /** The position to use, or null. */
    public @Nullable LockingPosition bestPosition() {
        return best == null ? null : positions.get(best);
    }

    /** End play gained from one locking position to the next, where that is largest, in mm. */
    public double axialPerStepMm() {
        return input.pitchMm() * largestStepDeg / 360;
    }

    /** Where the chosen school leaves the nut. */
    public SchoolOutcome bySchool() {
        return outcomes.stream()
                .filter(o -> o.school() == input.school())
                .findFirst()
                .orElseThrow();
    }

    private static List<LockingPosition> locking(CastleNutInput input, List<Double> holes) {
        double step = input.slotStepDeg();
        List<LockingPosition> found = new ArrayList<>();
        for (double hole : holes) {
            double first = (hole - input.freeAngleDeg()) % step;
            if (first < -SAME_DEG) {
                first += step;
            }
            first = Math.abs(first) < SAME_DEG || step - first < SAME_DEG ? 0 : first;
            for (int k = 0; k < input.slots(); k++) {
                double backOff = first + k * step;
                double play = endPlay(input, backOff);
                found.add(new LockingPosition(backOff, play, input.band().holds(play), hole));
            }
        }
        found.sort(Comparator.comparingDouble(LockingPosition::backOffDeg));
        List<LockingPosition> unique = new ArrayList<>();
        for (LockingPosition position : found) {
            if (unique.isEmpty()
                    || position.backOffDeg() - unique.get(unique.size() - 1).backOffDeg() > SAME_DEG) {
                unique.add(position);
            }
        }
        return List.copyOf(unique);
    }

    private static double endPlay(CastleNutInput input, double backOffDeg) {
        return input.pitchMm() * backOffDeg / 360;
    }

    private static @Nullable Integer nearestMiddle(EndPlayBand band, List<LockingPosition> positions) {
        Integer best = null;
        for (int i = 0; i < positions.size(); i++) {
            if (positions.get(i).inBand()
                    && (best == null || off(band, positions.get(i)) < off(band, positions.get(best)))) {
                best = i;
            }
        }
        return best;
    }

    private static double off(EndPlayBand band, LockingPosition position) {
        return Math.abs(position.endPlayMm() - band.middleMm());
    }

    private static double largestStep(List<LockingPosition> positions) {
        double largest = 360
                - positions.get(positions.size() - 1).backOffDeg()
                + positions.get(0).backOffDeg();
        for (int i = 1; i < positions.size(); i++) {
            largest = Math.max(
                    largest,
                    positions.get(i).backOffDeg() - positions.get(i - 1).backOffDeg());
        }
        return largest;
    }

    private static List<Remedy> remedies(CastleNutInput input, List<LockingPosition> positions, double tighterMm) {
        EndPlayBand band = input.band();
        List<Remedy> remedies = new ArrayList<>();
        positions.stream()
                .filter(p -> p.endPlayMm() > band.maxMm())
                .findFirst()
                .ifPresent(loose -> remedies.add(thicker(band, loose.endPlayMm())));
        double tight = positions.stream()
                .mapToDouble(LockingPosition::endPlayMm)
                .filter(p -> p < band.minMm())
                .max()
                .orElse(tighterMm);
        remedies.add(thinner(band, tight));
        List<Double> crossed = Stream.concat(
                        input.pinHolesDeg().stream(),
                        input.pinHolesDeg().stream().map(h -> (h + 90) % 360))
                .toList();
        List<LockingPosition> withCross = locking(input, crossed);
        Integer crossedBest = nearestMiddle(band, withCross);
        if (crossedBest != null) {
            remedies.add(new Remedy.CrossedHole(
                    withCross.get(crossedBest).backOffDeg(),
                    withCross.get(crossedBest).endPlayMm()));
        }
        remedies.add(new Remedy.FinerNut((int) Math.ceil(input.pitchMm() / band.widthMm() - 1e-9)));
        return List.copyOf(remedies);
    }

    private static Remedy.Washer thicker(EndPlayBand band, double playMm) {
        return new Remedy.Washer(playMm - band.middleMm(), playMm - band.maxMm(), playMm - band.minMm(), playMm);
    }

    private static Remedy.Washer thinner(EndPlayBand band, double playMm) {
        return new Remedy.Washer(playMm - band.middleMm(), band.minMm() - playMm, band.maxMm() - playMm, playMm);
    }

    private static List<SchoolOutcome> outcomes(CastleNutInput input, List<LockingPosition> positions) {
        LockingPosition first = positions.get(0);
        LockingPosition next = first.backOffDeg() > SAME_DEG || positions.size() == 1 ? first : positions.get(1);
        LockingPosition nearest = positions.stream()
                .min(Comparator.comparingDouble(p -> off(input.band(), p)))
                .orElseThrow();
        return List.of(
                outcome(School.A, next), outcome(School.B, first), outcome(School.C, next), outcome(School.D, nearest));
    }

    private static SchoolOutcome outcome(School school, LockingPosition position) {
        return new SchoolOutcome(school, position.backOffDeg(), position.endPlayMm(), position.inBand());
    }
}
