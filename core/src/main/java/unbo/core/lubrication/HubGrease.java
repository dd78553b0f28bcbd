package unbo.core.lubrication;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;

/**
 * How many grams go into each bearing of an assembly and into its cavity. Bearings are filled by their {@link Share};
 * one that is greased for life gets none, one of unknown sizes is not counted and said. The cavity gets a third, never
 * more than a half: grease expands, and a full hub pumps its seals out.
 *
 * @param portions one a place, along the axis
 * @param cavityCm3 V = π/4·L·(Dh² − ds²); zero where none is filled
 * @param cavityGrams at the chosen share
 */
public record HubGrease(
        HubGreaseInput input, List<Portion> portions, double cavityCm3, double cavityGrams, List<Finding> findings) {

    public HubGrease {
        portions = List.copyOf(portions);
    }

    /**
     * What goes into one bearing.
     *
     * @param cm3 its free volume; zero where it is greased for life or not known
     * @param grams its share of that, times 0.90 g/cm³
     */
    public record Portion(HubGreaseInput.Bearing bearing, double cm3, Share.Range grams) {}

    public static HubGrease of(HubGreaseInput in) {
        HubGreaseInput.Cavity c = in.cavity();
        double cavity = c == null
                ? 0
                : Math.PI
                        / 4
                        * c.betweenCupsMm()
                        * (c.hubBoreMm() * c.hubBoreMm() - c.spindleMm() * c.spindleMm())
                        / 1000;
        return new HubGrease(
                in,
                in.bearings().stream().map(HubGrease::portion).toList(),
                cavity,
                c == null ? 0 : cavity * c.share() * FreeVolume.GREASE_G_PER_CM3,
                findings(in));
    }

    private static Portion portion(HubGreaseInput.Bearing bearing) {
        HubGreaseInput.Envelope e = bearing.envelope();
        if (e == null) {
            return new Portion(bearing, 0, Share.NONE.grams(0));
        }
        double free = FreeVolume.cm3(
                FreeVolume.envelopeCm3(e.boreMm(), e.outsideMm(), e.widthMm()),
                null,
                e.rolls() == HubGreaseInput.Rolls.BALL);
        return new Portion(bearing, free, e.share().grams(free));
    }

    /** Those of bearings that take grease. */
    public List<Portion> open() {
        return portions.stream()
                .filter(portion -> portion.bearing().envelope() != null)
                .toList();
    }

    /** All of it at full packing: what to take from the tub, grams. */
    public double totalGrams() {
        return portions.stream().mapToDouble(portion -> portion.grams().most()).sum() + cavityGrams;
    }

    private static List<Finding> findings(HubGreaseInput in) {
        List<Finding> findings = new ArrayList<>();
        in.bearings().stream()
                .filter(bearing -> bearing.envelope() == null && !bearing.sealed())
                .forEach(bearing -> findings.add(new Finding(
                        "sizes-unknown",
                        Level.WATCH,
                        "The " + bearing.label()
                                + " is not counted: neither its number nor its three sizes are known.")));
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
                    "It goes under water and " + thickener.name() + " grease resists it only "
                            + (thickener.water().equals("poor") ? "poorly" : "fairly")
                            + ": calcium sulfonate complex holds longer."));
        }
        if (in.hubC() > thickener.hotC()) {
            findings.add(new Finding(
                    "grease-too-hot",
                    Level.SOON,
                    "At " + Show.number(in.hubC(), 0) + " °C it is over the " + Show.number(thickener.hotC(), 0)
                            + " °C that " + thickener.name()
                            + " grease usually stands: another family, and find out why it is hot."));
        }
        return List.copyOf(findings);
    }

    /** What a gun adds at a regreasing, grams: 0.005·D·B for each bearing that takes grease, never over its room. */
    public double replenishG() {
        return open().stream()
                .mapToDouble(portion -> {
                    HubGreaseInput.Envelope e = requireNonNull(portion.bearing().envelope());
                    return Math.min(0.005 * e.outsideMm() * e.widthMm(), portion.cm3() * FreeVolume.GREASE_G_PER_CM3);
                })
                .sum();
    }

    /** Strokes of the gun for that, rounded up to a half; null without a weighed gun. */
    public @Nullable Double strokes() {
        return input.strokeG() == null ? null : Math.ceil(replenishG() / input.strokeG() * 2 - 1e-9) / 2;
    }
}
