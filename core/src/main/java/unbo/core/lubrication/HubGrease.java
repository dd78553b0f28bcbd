package unbo.core.lubrication;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;

/**
 * How many grams go into each bearing and into the hub's cavity. Ball bearings of a wheel take 30–50 % of their free
 * volume. Hand-packed cones are filled to 80–100 % of their free volume (the excess moves out into the cavity, which is
 * why the cavity gets a third, never more than a half: grease expands, and a full hub pumps its seals out).
 *
 * @param outerCm3 free volume of the outer bearing
 * @param cavityCm3 V = π/4·L·(Dh² − ds²)
 * @param outerGrams 80 and 100 % of a taper's free volume, 30 and 50 % of a ball bearing's, times 0.90 g/cm³
 * @param cavityGrams at the chosen share
 */
public record HubGrease(
        HubGreaseInput input,
        double outerCm3,
        double innerCm3,
        double cavityCm3,
        Range outerGrams,
        Range innerGrams,
        double cavityGrams,
        List<Finding> findings) {

    static final double PACKED_LEAST = 0.8;
    static final double BALL_LEAST = 0.3;
    static final double BALL_MOST = 0.5;

    /** Least and most, grams. */
    public record Range(double least, double most) {

        static Range of(double cm3, boolean taper) {
            double full = cm3 * FreeVolume.GREASE_G_PER_CM3;
            return taper ? new Range(full * PACKED_LEAST, full) : new Range(full * BALL_LEAST, full * BALL_MOST);
        }
    }

    public static HubGrease of(HubGreaseInput in) {
        double outer = free(in.outer());
        double inner = free(in.inner());
        double cavity = Math.PI
                / 4
                * in.betweenCupsMm()
                * (in.hubBoreMm() * in.hubBoreMm() - in.spindleMm() * in.spindleMm())
                / 1000;
        return new HubGrease(
                in,
                outer,
                inner,
                cavity,
                Range.of(outer, in.outer().taper()),
                Range.of(inner, in.inner().taper()),
                cavity * in.cavityShare() * FreeVolume.GREASE_G_PER_CM3,
                findings(in));
    }

    /** All of it at full packing: what to take from the tub, grams. */
    public double totalGrams() {
        return outerGrams.most() + innerGrams.most() + cavityGrams;
    }

    private static double free(HubGreaseInput.Envelope e) {
        return FreeVolume.cm3(FreeVolume.envelopeCm3(e.boreMm(), e.outsideMm(), e.widthMm()), null, !e.taper());
    }

    private static List<Finding> findings(HubGreaseInput in) {
        List<Finding> findings = new ArrayList<>();
        if (in.oldKind().isBlank()) {
            findings.add(new Finding(
                    "old-grease-unknown",
                    Level.WATCH,
                    "The old grease is unknown: wash all of it out and dry the parts before packing."));
        } else {
            Mixing.Verdict verdict = Mixing.of(in.kind(), in.oldKind());
            Level level = switch (verdict) {
                case COMPATIBLE -> Level.RIGHT;
                case DOUBTFUL -> Level.WATCH;
                case INCOMPATIBLE -> Level.SOON;
            };
            findings.add(new Finding("mix-" + verdict.word(), level, Mixing.sentence(in.kind(), in.oldKind())));
        }
        Mixing.Thickener thickener = Mixing.thickener(in.kind()).orElseThrow();
        if (in.immersed() && !thickener.water().endsWith("good")) {
            findings.add(new Finding(
                    "washes-out",
                    Level.WATCH,
                    "This hub goes under water and " + thickener.name() + " grease resists it only "
                            + (thickener.water().equals("poor") ? "poorly" : "fairly")
                            + ": calcium sulfonate complex holds longer."));
        }
        if (in.hubC() > thickener.hotC()) {
            findings.add(new Finding(
                    "grease-too-hot",
                    Level.SOON,
                    "A hub at " + Show.number(in.hubC(), 0) + " °C is over the " + Show.number(thickener.hotC(), 0)
                            + " °C that " + thickener.name()
                            + " grease usually stands: another family, and find out why it is hot."));
        }
        return List.copyOf(findings);
    }

    /** What a gun adds at a regreasing, grams: 0.005·D·B for each bearing. */
    public double replenishG() {
        return 0.005
                * (input.outer().outsideMm() * input.outer().widthMm()
                        + input.inner().outsideMm() * input.inner().widthMm());
    }

    /** Strokes of the gun for that, rounded up to a half; null without a weighed gun. */
    public @Nullable Double strokes() {
        return input.strokeG() == null ? null : Math.ceil(replenishG() / input.strokeG() * 2 - 1e-9) / 2;
    }
}
