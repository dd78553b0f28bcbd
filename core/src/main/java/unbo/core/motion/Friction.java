package unbo.core.motion;

import static java.util.Objects.requireNonNull;

import java.util.EnumMap;
import java.util.Map;

import unbo.core.bearing.BearingKind;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What a bearing drags, N·mm: a part of the lubricant, a part of the load, and its seals. M0 = f0·10⁻⁷·(ν·n)^(2/3)·dm³
 * from ν·n 2000 up, f0·160·10⁻⁷·dm³ below; M1 = f1·P1·dm (Palmgren, Ball and Roller Bearing Engineering). Seals are a
 * guide, a factor of two either way: about 20 N·mm for a contact seal at 25 mm bore, with the bore squared; light
 * contact 5.
 *
 * @param lubricantNmm M0
 * @param loadNmm M1
 * @param sealsNmm of its one or two seals together
 */
public record Friction(double lubricantNmm, double loadNmm, double sealsNmm) {

    private static final double FLOWS = 2000;
    private static final double CONTACT_NMM = 20;
    private static final double LIGHT_NMM = 5;
    private static final double GUIDE_BORE_MM = 25;
    private static final double HYBRID = 0.7;
    private static final double NMM_PER_W = 1e-3 * 2 * Math.PI / 60;

    /**
     * f0 in oil and in grease, and f1 = first·(P0/C0)^power, of one kind.
     *
     * @param f0Oil a plain number
     * @param f0Grease a plain number
     * @param first a plain number
     * @param power a plain number
     */
    private record Factors(double f0Oil, double f0Grease, double first, double power) {

        double f1(double share) {
            return power == 0 ? first : first * Math.pow(Math.max(0, share), power);
        }
    }

    private static final Map<BearingKind, Factors> FACTORS = factors();
    /** Of kinds that are not listed: those of a deep groove ball bearing. */
    private static final Factors USUAL = requireNonNull(FACTORS.get(BearingKind.DEEP_GROOVE_BALL));

    /** Seals of a bearing: how many and how they touch. */
    public enum Seals {
        NONE,
        LOW_DRAG,
        LIGHT,
        CONTACT,
        ONE_LIGHT,
        ONE_CONTACT
    }

    /** What turns: pitch and bore in mm, seals, and whether its balls are of ceramic. */
    public record Turned(BearingKind kind, double pitchMm, double boreMm, Seals seals, boolean hybrid) {}

    /** What it turns in. @param nu mm²/s at its running temperature */
    public record Oil(boolean grease, double nu, double rpm) {}

    /** What presses on it. @param p1N load of the friction, N @param share of the static load, P0/C0 */
    public record Pressed(double p1N, double share) {}

    /**
     * @param grease true for grease, false for oil
     * @param nu kinematic viscosity at running temperature, mm²/s
     * @param p1N load that counts, P1
     * @param staticLoad P0/C0, for deep groove and angular contact
     */
    public static Friction of(Turned bearing, Oil oil, Pressed load) {
        Factors factors = FACTORS.getOrDefault(bearing.kind(), USUAL);
        double f0 = oil.grease() ? factors.f0Grease() : factors.f0Oil();
        double f1 = factors.f1(load.share());
        double cube = bearing.pitchMm() * bearing.pitchMm() * bearing.pitchMm();
        double m0 = oil.nu() * oil.rpm() >= FLOWS
                ? f0 * 1e-7 * Math.pow(oil.nu() * oil.rpm(), 2.0 / 3) * cube
                : f0 * 160e-7 * cube;
        return new Friction(
                m0,
                f1 * load.p1N() * bearing.pitchMm() * (bearing.hybrid() ? HYBRID : 1),
                sealNmm(bearing.seals(), bearing.boreMm()));
    }

    /** A guide of its one or two seals together, N·mm. */
    public static double sealNmm(Seals seals, double boreMm) {
        double all = switch (seals) {
            case CONTACT -> 2 * CONTACT_NMM;
            case ONE_CONTACT -> CONTACT_NMM;
            case LIGHT -> 2 * LIGHT_NMM;
            case ONE_LIGHT -> LIGHT_NMM;
            case NONE, LOW_DRAG -> 0;
        };
        return all * boreMm * boreMm / (GUIDE_BORE_MM * GUIDE_BORE_MM);
    }

    private static Map<BearingKind, Factors> factors() {
        Map<BearingKind, Factors> all = new EnumMap<>(BearingKind.class);
        for (TableRow row : Table.read(Friction.class, "friction.csv")) {
            Factors factors = new Factors(
                    row.number("f0_least"), row.number("f0_most"), row.number("f1"), row.number("share_power"));
            for (String code : row.words("kinds")) {
                all.put(
                        BearingKind.of(code).orElseThrow(() -> row.fault("kinds", "names no kind “" + code + "”")),
                        factors);
            }
        }
        return all;
    }

    public double totalNmm() {
        return lubricantNmm + loadNmm + sealsNmm;
    }

    /** Heat it makes, W. */
    public double powerW(double rpm) {
        return totalNmm() * rpm * NMM_PER_W;
    }
}
