package unbo.core.motion;

import java.util.EnumMap;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Build;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * How a bearing stands against the guide values for speed: n·dm against the limit of its kind and lubricant, and how
 * fast an element spins about itself, which is what heats thin sections. The worse of the two counts. Guide values of
 * textbooks (n·dm) and of this workshop bench (element spin); a maker's own limit comes first.
 *
 * @param nDm speed times pitch diameter, mm/min
 * @param nDmLimit guide limit, mm/min; null for kinds without one (thrust bearings)
 * @param elementRpm turns of an element about itself a minute; null when the inside is not known
 * @param elementWatch over this the element spin is to be watched, rpm
 */
public record SpeedGuide(
        double nDm,
        @Nullable Double nDmLimit,
        @Nullable Double elementRpm,
        double elementWatch,
        double elementWrong,
        Verdict verdict) {

    /** What a bearing runs in. */
    public enum Lubricant {
        GREASE,
        OIL
    }

    /** How it is to be taken, worst last. */
    public enum Verdict {
        FINE,
        WATCH,
        WRONG
    }

    private static final double FULL_COMPLEMENT = 150_000;
    private static final double HOT_SHARE = 0.7;
    private static final double OIL_FACTOR = 1.3;
    private static final double HYBRID_FACTOR = 1.3;
    private static final double SPIN_WATCH = 20_000;
    private static final double SPIN_WRONG = 30_000;
    private static final double SPIN_OIL_FACTOR = 1.5;

    /**
     * @param grease n·dm, rpm·mm
     * @param sealed n·dm, rpm·mm
     */
    private record Limit(double grease, double sealed) {}

    private static final Map<BearingKind, Limit> LIMITS = read();

    /** @param rpm of the turning ring, over 0 @param inside null when not known; then n·dm alone counts */
    public static SpeedGuide of(
            Build build, double rpm, double pitchMm, @Nullable BearingGeometry inside, Lubricant lubricant) {
        double nDm = rpm * pitchMm;
        Double limit = limit(build, lubricant);
        Double spin = inside == null ? null : rpm * inside.elementOrder();
        double oil = lubricant == Lubricant.OIL ? SPIN_OIL_FACTOR : 1;
        Verdict byLimit = limit == null
                ? Verdict.FINE
                : nDm > limit ? Verdict.WRONG : nDm >= HOT_SHARE * limit ? Verdict.WATCH : Verdict.FINE;
        Verdict bySpin = spin == null
                ? Verdict.FINE
                : spin > SPIN_WRONG * oil ? Verdict.WRONG : spin > SPIN_WATCH * oil ? Verdict.WATCH : Verdict.FINE;
        return new SpeedGuide(
                nDm,
                limit,
                spin,
                SPIN_WATCH * oil,
                SPIN_WRONG * oil,
                byLimit.compareTo(bySpin) >= 0 ? byLimit : bySpin);
    }

    /** True when the element's spin, not n·dm, gave the verdict. */
    public boolean spinDecides() {
        return elementRpm != null
                && elementRpm > elementWatch
                && (nDmLimit == null || nDm < HOT_SHARE * nDmLimit || verdict == Verdict.WRONG && nDm <= nDmLimit);
    }

    private static @Nullable Double limit(Build build, Lubricant lubricant) {
        Limit kind = LIMITS.get(build.kind());
        if (kind == null) {
            return null;
        }
        double base = build.fullComplement() ? FULL_COMPLEMENT : build.contactSeals() ? kind.sealed() : kind.grease();
        return base
                * (lubricant == Lubricant.OIL && !build.contactSeals() ? OIL_FACTOR : 1)
                * (build.hybrid() ? HYBRID_FACTOR : 1);
    }

    private static Map<BearingKind, Limit> read() {
        Map<BearingKind, Limit> limits = new EnumMap<>(BearingKind.class);
        for (TableRow row : Table.read(SpeedGuide.class, "speed-limits.csv")) {
            for (String kind : row.words("kinds")) {
                limits.put(
                        BearingKind.of(kind).orElseThrow(() -> row.fault("kinds", "names no kind “" + kind + "”")),
                        new Limit(row.number("grease"), row.number("sealed")));
            }
        }
        return Map.copyOf(limits);
    }
}
