package unbo.core.stack;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

/**
 * A gap by arithmetic: outer chain less inner chain, float when positive, preload when negative; how far off it may be
 * (worst case, and root of the sum of squares); what it becomes when hot; and the shims that bring it into the band.
 * One would ask it instead of three sums done aloud.
 *
 * @param solvedMm length of the unknown link for the middle of the band; null where none is unknown
 * @param shimsMm chosen, thickest first; null when no set fits
 * @param buyMm one shim that would do, to a hundredth; null when a set fits, or when the gap is too small for any
 * @param questions links that may be off by ten times or by inch against millimetre
 */
public record Stack(
        StackInput input,
        Gap gap,
        @Nullable Double solvedMm,
        @Nullable List<Double> shimsMm,
        @Nullable Double buyMm,
        List<Question> questions) {
    /**
     * The gap before shims, its spreads, and hot.
     *
     * @param gapMm at 20 °C, before shims, with an unknown link solved
     * @param hotGapMm of that gap, at the working temperature
     */
    public record Gap(double gapMm, double worstMm, double rssMm, double hotGapMm) {}

    private static final double INCH = 25.4;
    private static final double ABSURD_MM = 4;
    private static final double SOUND_MM = 3.5;

    /** A link whose length may have slipped. @param suggestedMm what would make sense */
    public record Question(String name, double lengthMm, double suggestedMm) {}

    /** @param input with at most one unknown link */
    public static Stack of(StackInput input) {
        Link unknown = Stream.concat(input.outer().stream(), input.inner().stream())
                .filter(Link::unknown)
                .findFirst()
                .orElse(null);
        Double solved = null;
        StackInput in = input;
        if (unknown != null) {
            double others = length(input.outer()) - length(input.inner());
            solved = input.outer().contains(unknown) ? input.wantedMm() - others : others - input.wantedMm();
            Link known = new Link(unknown.name(), solved, unknown.plusMinusMm(), unknown.material());
            in = new StackInput(
                    replaced(input.outer(), unknown, known),
                    replaced(input.inner(), unknown, known),
                    input.minMm(),
                    input.maxMm(),
                    input.stock(),
                    input.workingC());
        }
        double gap = length(in.outer()) - length(in.inner());
        double worst = Stream.concat(in.outer().stream(), in.inner().stream())
                .mapToDouble(Link::plusMinusMm)
                .sum();
        double rss = Math.sqrt(Stream.concat(in.outer().stream(), in.inner().stream())
                .mapToDouble(l -> l.plusMinusMm() * l.plusMinusMm())
                .sum());
        double hot = hot(in.outer(), in.workingC()) - hot(in.inner(), in.workingC());
        List<Double> shims = ShimChoice.of(gap - in.maxMm(), gap - in.minMm(), in.stock());
        double wanted = Math.round((gap - in.wantedMm()) * 100) / 100.0;
        Double buy = shims == null && wanted > 0 ? Double.valueOf(wanted) : null;
        return new Stack(
                in,
                new Gap(gap, worst, rss, hot),
                solved,
                shims,
                buy,
                unknown == null ? questions(in, gap) : List.of());
    }

    private static List<Link> replaced(List<Link> links, Link from, Link to) {
        return links.stream().map(l -> l == from ? to : l).toList();
    }

    private static double length(List<Link> links) {
        return links.stream()
                .filter(l -> !l.unknown())
                .mapToDouble(Link::lengthMm)
                .sum();
    }

    private static double hot(List<Link> links, double celsius) {
        return links.stream().mapToDouble(l -> l.atMm(celsius)).sum();
    }

    /** Links that, ten or 25.4 times longer or shorter, would turn an absurd gap into a sound one. */
    private static List<Question> questions(StackInput in, double gap) {
        List<Question> questions = new ArrayList<>();
        double absurd = Math.abs(gap - in.wantedMm());
        if (absurd < ABSURD_MM) {
            return questions;
        }
        for (List<Link> chain : List.of(in.outer(), in.inner())) {
            double sign = chain == in.outer() ? 1 : -1;
            for (Link link : chain) {
                for (double factor : new double[] {0.1, 10, 1 / INCH, INCH}) {
                    double other = requireNonNull(link.lengthMm()) * factor;
                    double then = gap + sign * (other - link.lengthMm());
                    if (Math.abs(then - in.wantedMm()) <= SOUND_MM && Math.abs(then - in.wantedMm()) < absurd / 2) {
                        questions.add(new Question(link.name(), link.lengthMm(), other));
                    }
                }
            }
        }
        return questions;
    }

    /** Sum of the chosen shims, mm; 0 where none fits. */
    public double shimSumMm() {
        return shimsMm == null
                ? 0
                : shimsMm.stream().mapToDouble(Double::doubleValue).sum();
    }

    /** Gap with the chosen shims; null when none fits. */
    public @Nullable Double resultMm() {
        return shimsMm == null ? null : gapMm() - shimSumMm();
    }

    /** The same when hot; shims count as steel on the shaft's side. */
    public @Nullable Double hotResultMm() {
        return shimsMm == null
                ? null
                : hotGapMm() - shimSumMm() * (1 + 11.7e-6 * (input.workingC() - StackInput.MEASURED_C));
    }

    /** True when the worst case of every link still lies in the band. */
    public boolean worstInside() {
        return shimsMm != null
                && requireNonNull(resultMm()) - worstMm() >= input.minMm() - 1e-9
                && resultMm() + worstMm() <= input.maxMm() + 1e-9;
    }

    public boolean inside() {
        return shimsMm != null
                && requireNonNull(resultMm()) >= input.minMm() - 1e-9
                && resultMm() <= input.maxMm() + 1e-9;
    }

    public double gapMm() {
        return gap.gapMm();
    }

    public double worstMm() {
        return gap.worstMm();
    }

    public double rssMm() {
        return gap.rssMm();
    }

    public double hotGapMm() {
        return gap.hotGapMm();
    }
}
