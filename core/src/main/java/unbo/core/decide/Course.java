package unbo.core.decide;

import org.jspecify.annotations.Nullable;

/**
 * What one option comes to over a horizon, its chance to fail known. At each renewal the place begins anew; after a
 * failure it is renewed once and nothing more is counted. Failure over the next x at age a: F = 1 − exp(−((a + x)/η)^β
 * + (a/η)^β).
 */
final class Course {

    private static final int SLICES = 200;

    private final Option option;
    private final Horizon horizon;
    /** Of the hazard before the first renewal, (λ·(a + x))^β − (λ·a)^β. */
    private final double beta;

    private final double lambda;
    private final double age;

    /** @param chance by the distance of the option's chance; of no account where its risk is wear */
    Course(Option option, Horizon horizon, double chance) {
        this.option = option;
        this.horizon = horizon;
        if (option.risk() instanceof Option.Wear wear) {
            this.beta = wear.beta();
            this.lambda = 1 / wear.eta();
            this.age = wear.age();
        } else {
            this.beta = 1;
            this.lambda = -Math.log1p(-chance) / ((Option.Chance) option.risk()).by();
            this.age = 0;
        }
    }

    /**
     * What an option comes to.
     *
     * @param failureChance of a failure that was not seen in time
     * @param expected money
     * @param present the same, later money worth less
     */
    record Sum(double expected, double present, double failureChance) {}

    Sum sum() {
        double expected = option.costs().atOnce() + option.costs().yearly() * horizon.years();
        double present = option.costs().atOnce() + option.costs().yearly() * horizon.worthYears();
        double running = 1;
        for (double from = 0; from < horizon.distance(); ) {
            double to = Math.min(horizon.distance(), from + stretch());
            if (from > 0) {
                expected += running * option.costs().again();
                present += running * option.costs().again() * worth(from);
            }
            double begins = from > 0 ? 0 : age;
            present += running * option.failing() * failing(begins, from, to);
            running *= Math.exp(-hazard(begins, to - from));
            from = to;
        }
        double fails = 1 - running;
        expected += fails * option.failing();
        return new Sum(expected, present, fails * (1 - option.watch().seen()));
    }

    private double stretch() {
        Double life = option.lifeAfter();
        return life == null ? horizon.distance() : life;
    }

    /** Cumulative hazard over the next x at an age. */
    private double hazard(double begins, double x) {
        return beta == 1 ? lambda * x : Math.pow(lambda * (begins + x), beta) - Math.pow(lambda * begins, beta);
    }

    /** What is paid after a distance is worth now. */
    private double worth(double distance) {
        return Math.exp(-horizon.discount() * distance);
    }

    /** Chance to fail between two distances, each worth what it is worth now. */
    private double failing(double begins, double from, double to) {
        double discount = horizon.discount();
        double x = to - from;
        if (beta == 1) {
            double both = lambda + discount;
            return both == 0 ? 0 : worth(from) * lambda / both * -Math.expm1(-both * x);
        }
        if (discount == 0) {
            return -Math.expm1(-hazard(begins, x));
        }
        double sum = 0;
        double left = 1;
        for (int i = 1; i <= SLICES; i++) {
            double then = Math.exp(-hazard(begins, x * i / SLICES));
            sum += (left - then) * worth(from + x * (i - 0.5) / SLICES);
            left = then;
        }
        return sum;
    }

    /**
     * What is paid in one run of it, not discounted.
     *
     * @param luck even between 0 and 1: the share of bearings that last longer
     * @param seen even between 0 and 1: whether a failure is seen in time
     */
    double paid(double luck, double seen) {
        double paid = option.costs().atOnce() + option.costs().yearly() * horizon.years();
        double left = -Math.log(luck);
        for (double from = 0; from < horizon.distance(); ) {
            double to = Math.min(horizon.distance(), from + stretch());
            if (from > 0) {
                paid += option.costs().again();
            }
            double hazard = hazard(from > 0 ? 0 : age, to - from);
            if (left < hazard) {
                return paid
                        + (seen < option.watch().seen()
                                ? option.watch().cost()
                                : option.costs().failure());
            }
            left -= hazard;
            from = to;
        }
        return paid;
    }

    /**
     * The distance and time an owner looks ahead.
     *
     * @param rate of interest a year
     * @param years looked ahead
     * @param perYear distance a year, in the counter of the lives
     */
    record Horizon(double years, double perYear, double rate) {

        double distance() {
            return years * perYear;
        }

        /** What one unit of money a year, paid as it goes, is worth now. */
        double worthYears() {
            double interest = Math.log1p(rate);
            return interest == 0 ? years : -Math.expm1(-interest * years) / interest;
        }

        Horizon years(double other) {
            return new Horizon(other, perYear, rate);
        }

        Horizon perYear(double other) {
            return new Horizon(years, other, rate);
        }

        Horizon rate(double other) {
            return new Horizon(years, perYear, other);
        }

        /** Of continuous discounting over distance. */
        double discount() {
            return Math.log1p(rate) / perYear;
        }
    }

    /** The risk at which the option fails with a chance: by its own distance, or over the horizon where it wears. */
    static Option.Risk at(Option option, Horizon horizon, double chance) {
        if (option.risk() instanceof Option.Wear wear) {
            double distance = horizon.distance();
            double powers = Math.pow(wear.age() + distance, wear.beta()) - Math.pow(wear.age(), wear.beta());
            return new Option.Wear(wear.beta(), Math.pow(powers / -Math.log1p(-chance), 1 / wear.beta()), wear.age());
        }
        return ((Option.Chance) option.risk()).at(chance);
    }

    /** The likely chance of an option to fail: by its own distance, or over the horizon where it wears. */
    static double likely(Option option, Horizon horizon) {
        Pert chance = chance(option);
        return chance == null ? new Course(option, horizon, 0).sum().failureChance() : chance.likely();
    }

    /** The chance of an option; null where its risk is wear. */
    static @Nullable Pert chance(Option option) {
        return option.risk() instanceof Option.Chance chance ? chance.chance() : null;
    }
}
