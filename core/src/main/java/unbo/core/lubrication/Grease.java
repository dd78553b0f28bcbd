package unbo.core.lubrication;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;

/**
 * A grease as its sheet describes it, and whether it suits a position.
 *
 * @param name the workshop's own word for it
 * @param thickener code of its family
 * @param nlgi consistency: 00, 0, 1, 2, 3
 */
public record Grease(String name, String thickener, String nlgi, BaseOil base, Range range, boolean ep) {
    /**
     * Its base oil, mm²/s at 40 and 100 °C.
     *
     * @param oil code of its base oil
     * @param nu40 , nu100 base oil, mm²/s; null where the sheet does not tell
     */
    public record BaseOil(
            String oil, @Nullable Double nu40, @Nullable Double nu100) {}

    /**
     * What it is good for.
     *
     * @param coldC , hotC its working range
     * @param nDm speed factor, n·dm in mm/min; null where the sheet does not tell
     */
    public record Range(double coldC, double hotC, @Nullable Double nDm) {}

    /** Share of its speed factor from which a grease is watched. */
    private static final double NEAR = 0.8;

    private static final List<String> ALONE = List.of("silicone", "perfluorinated", "glycol");

    /**
     * Whether it suits a position: onto what was in it, at its heat, with its water. Worst first.
     *
     * @param oldKind thickener code of what was in; empty when unknown or washed out
     */
    public List<Finding> at(String oldKind, double hubC, boolean immersed) {
        List<Finding> findings = new ArrayList<>();
        if (!oldKind.isEmpty()) {
            Mixing.Verdict verdict = Mixing.of(thickener, oldKind);
            boolean alone = ALONE.contains(oil());
            findings.add(
                    alone
                            ? new Finding(
                                    "oil-alone",
                                    Level.SOON,
                                    "Its " + oil() + " oil mixes with nothing: wash every trace of the old grease out.")
                            : new Finding(
                                    "mix-" + verdict.word(),
                                    verdict == Mixing.Verdict.COMPATIBLE
                                            ? Level.RIGHT
                                            : verdict == Mixing.Verdict.DOUBTFUL ? Level.WATCH : Level.SOON,
                                    verdict == Mixing.Verdict.COMPATIBLE
                                            ? "Mixes with what was in."
                                            : "Wash what was in out: " + verdict.word() + "."));
        }
        if (hubC > hotC()) {
            findings.add(new Finding(
                    "too-hot",
                    Level.SOON,
                    "The hub's " + Show.number(hubC, 0) + " °C is over its " + Show.number(hotC(), 0) + " °C."));
        }
        Mixing.Thickener family = Mixing.thickener(thickener).orElseThrow();
        if (immersed && !family.water().endsWith("good")) {
            findings.add(new Finding(
                    "washes-out", Level.WATCH, "Goes under water: " + family.name() + " grease washes out."));
        }
        findings.sort(java.util.Comparator.comparing(Finding::level).reversed());
        return List.copyOf(findings);
    }

    public String oil() {
        return base.oil();
    }

    public @Nullable Double nu40() {
        return base.nu40();
    }

    public @Nullable Double nu100() {
        return base.nu100();
    }

    public double coldC() {
        return range.coldC();
    }

    public double hotC() {
        return range.hotC();
    }

    public @Nullable Double nDm() {
        return range.nDm();
    }

    /** How a speed stands against a speed factor; empty where nothing speaks against it. @param nDm mm/min */
    public static Optional<Finding> fast(double nDm, double factor) {
        if (nDm <= NEAR * factor) {
            return Optional.empty();
        }
        boolean over = nDm > factor;
        return Optional.of(new Finding(
                over ? "over-its-speed" : "near-its-speed",
                over ? Level.SOON : Level.WATCH,
                "n·dm is " + Show.number(nDm, 0) + (over ? ": over" : ", near") + " the grease's own "
                        + Show.number(factor, 0)
                        + (over ? ". It is thrown out and runs hot: take a grease with a thinner oil." : ".")));
    }
}
