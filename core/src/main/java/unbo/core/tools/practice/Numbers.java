package unbo.core.tools.practice;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.Decoder;
import unbo.core.measure.Show;

/** Numbers that lessons are made of: deep groove ball bearings of the usual series, from 10 to 60 mm of bore. */
final class Numbers {

    private static final Set<String> SERIES = Set.of("60", "62", "63", "68", "69");
    private static final Set<String> NOT_SHOWN = Set.of("6806", "6904", "6203", "6206", "6802");
    private static final double LEAST_BORE = 10;
    private static final double MOST_BORE = 60;
    private static final int STEPS = 21;
    private static final Pattern NUMBER = Pattern.compile("(\\d{1,6}(?:[.,]\\d{1,6})?)\\s*(?:g|°C|C)?");

    static final List<Boundary> ALL = Catalogue.metricAll().stream()
            .filter(b -> b.kind() == BearingKind.DEEP_GROOVE_BALL)
            .filter(b -> SERIES.contains(b.series()) && !NOT_SHOWN.contains(b.designation()))
            .filter(b -> b.boreMm() >= LEAST_BORE && b.boreMm() <= MOST_BORE)
            .toList();

    private Numbers() {}

    static Boundary any(SplittableRandom random) {
        return ALL.get(random.nextInt(ALL.size()));
    }

    /** A reading of a caliper: off by up to so much, in steps of a hundredth of a millimetre. */
    static double read(double mm, double off, SplittableRandom random) {
        double by = off * (random.nextInt(STEPS) - STEPS / 2) / (STEPS / 2);
        return Math.round((mm + by) * 100) / 100.0;
    }

    /** A number as it was typed, with a unit behind it or without; empty where there is none. */
    static Optional<Double> typed(String answer) {
        Matcher number = NUMBER.matcher(answer.strip());
        return number.matches() ? Optional.of(Double.valueOf(number.group(1).replace(',', '.'))) : Optional.empty();
    }

    static String mm(double value) {
        return Show.fixed(value, 2);
    }

    /** True where an answer names a bearing of just these sizes and kind. */
    static boolean names(Boundary truth, String answer) {
        Bearing b = Decoder.SHIPPED.decode(answer);
        return b.kind() == truth.kind()
                && Double.valueOf(truth.boreMm()).equals(b.boreMm())
                && Double.valueOf(truth.outsideMm()).equals(b.outsideMm())
                && Double.valueOf(truth.widthMm()).equals(b.widthMm());
    }
}
