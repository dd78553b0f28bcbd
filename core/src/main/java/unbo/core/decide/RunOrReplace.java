package unbo.core.decide;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.DoubleFunction;

import org.jspecify.annotations.Nullable;

import unbo.core.numeric.Search;

/**
 * Run it or replace it: what each option costs over the owner's horizon, and the chance to fail at which the choice
 * turns. What is uncertain is drawn from PERT, the same draws for all options: where conditions are hard, they are hard
 * for each. A failure is renewed once and no second is counted.
 *
 * @param sums in the order of the options
 * @param turning null where no chance turns the choice
 * @param tornado what moves the difference between the best two most, the largest first
 */
public record RunOrReplace(
        Input input, List<Sum> sums, @Nullable Turning turning, List<Swing> tornado) {

    /** Share by which an input is moved that has no range of its own. */
    public static final double FIFTH = 0.2;

    private static final double LESS = 1 - FIFTH;
    private static final double MORE = 1 + FIFTH;
    private static final double WORST = 0.95;
    private static final int MOST_SWINGS = 8;
    private static final int STEPS = 400;
    private static final double LEAST_CHANCE = 1e-6;
    private static final double MOST_CHANCE = 0.999;
    private static final double ALIKE = 1e-9;

    /**
     * What is asked.
     *
     * @param perYear distance a year, in the unit of all distances
     * @param rate of interest a year
     * @param options two or more
     * @param draws how often what is uncertain is drawn
     */
    public record Input(double years, double perYear, double rate, List<Option> options, int draws, long seed) {

        public Input {
            options = List.copyOf(options);
        }

        Course.Horizon horizon() {
            return new Course.Horizon(years, perYear, rate);
        }
    }

    /**
     * An option over the horizon.
     *
     * @param expected cost, not discounted
     * @param present value of it
     * @param failureChance chance to fail without being seen in time
     * @param worstInTwenty one course in twenty costs at least so much, not discounted
     * @param wins share of draws in which its present value is least; ties are split
     */
    public record Sum(
            Option option, double expected, double present, double failureChance, double worstInTwenty, double wins) {}

    /**
     * Where the choice turns.
     *
     * @param chance of the first option to fail, by its own distance, or over the horizon where it wears
     * @param by that distance
     * @param under the option that costs least under it
     * @param over the option that costs least over it
     */
    public record Turning(double chance, double by, Option under, Option over) {}

    /**
     * How far the second best is dearer than the best, at the low and at the high end of an input.
     *
     * @param low money with the input at its low end
     * @param high money with it at its high end
     */
    public record Swing(String input, double low, double high) {

        double wide() {
            return Math.abs(high - low);
        }
    }

    public static RunOrReplace of(Input in) {
        List<Sum> sums = drawn(in);
        return new RunOrReplace(in, sums, turning(in), tornado(in, sums));
    }

    private static List<Sum> drawn(Input in) {
        int count = in.options().size();
        Course.Horizon horizon = in.horizon();
        double[] expected = new double[count];
        double[] present = new double[count];
        double[] fails = new double[count];
        double[] wins = new double[count];
        double[][] paid = new double[count][in.draws()];
        Fixed[] fixed =
                in.options().stream().map(option -> Fixed.of(option, horizon)).toArray(Fixed[]::new);
        SplittableRandom random = new SplittableRandom(in.seed());
        double[] here = new double[count];
        for (int draw = 0; draw < in.draws(); draw++) {
            double hard = random.nextDouble();
            double luck = 1 - random.nextDouble();
            double seen = random.nextDouble();
            for (int i = 0; i < count; i++) {
                Fixed of = fixed[i].at(hard, horizon);
                expected[i] += of.sum().expected();
                present[i] += of.sum().present();
                fails[i] += of.sum().failureChance();
                here[i] = of.sum().present();
                paid[i][draw] = of.course().paid(luck, seen);
            }
            split(here, wins);
        }
        List<Sum> sums = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Arrays.sort(paid[i]);
            sums.add(new Sum(
                    in.options().get(i),
                    expected[i] / in.draws(),
                    present[i] / in.draws(),
                    fails[i] / in.draws(),
                    paid[i][(int) Math.ceil(WORST * in.draws()) - 1],
                    wins[i] / in.draws()));
        }
        return List.copyOf(sums);
    }

    /** An option whose course is the same in every draw, or must be made anew for each. */
    private record Fixed(Option option, Course course, Course.Sum sum, boolean same) {

        static Fixed of(Option option, Course.Horizon horizon) {
            Pert chance = Course.chance(option);
            Course course = new Course(option, horizon, chance == null ? 0 : chance.likely());
            return new Fixed(option, course, course.sum(), chance == null || chance.high() <= chance.low());
        }

        Fixed at(double hard, Course.Horizon horizon) {
            Pert chance = Course.chance(option);
            if (same || chance == null) {
                return this;
            }
            Course course = new Course(option, horizon, chance.quantile(hard));
            return new Fixed(option, course, course.sum(), false);
        }
    }

    private static void split(double[] costs, double[] wins) {
        double least = Arrays.stream(costs).min().orElseThrow();
        double limit = least + ALIKE * Math.max(1, Math.abs(least));
        long ties = Arrays.stream(costs).filter(cost -> cost <= limit).count();
        for (int i = 0; i < costs.length; i++) {
            if (costs[i] <= limit) {
                wins[i] += 1.0 / ties;
            }
        }
    }

    /** The options, the least present value first; those that cost the same as they stand. */
    public List<Sum> ranked() {
        return ranked(sums);
    }

    private static List<Sum> ranked(List<Sum> sums) {
        return sums.stream().sorted(Comparator.comparingDouble(Sum::present)).toList();
    }

    public Sum best() {
        return ranked().get(0);
    }

    /** Present value of an option, every input at its likeliest. */
    private static double present(Option option, Course.Horizon horizon) {
        return Fixed.of(option, horizon).sum().present();
    }

    /**
     * The chance nearest to the likely one at which another option becomes the best. Options that have the same chance
     * as the first change with it: it is one and the same unknown.
     */
    private static @Nullable Turning turning(Input in) {
        Course.Horizon horizon = in.horizon();
        Option first = in.options().get(0);
        double by = first.risk() instanceof Option.Chance known ? known.by() : horizon.distance();
        double now = Math.max(LEAST_CHANCE, Course.likely(first, horizon));
        double step = Math.pow(MOST_CHANCE / LEAST_CHANCE, 1.0 / STEPS);
        Turning nearest = null;
        double before = LEAST_CHANCE;
        Option was = bestAt(in, before);
        for (int i = 1; i <= STEPS; i++) {
            double chance = LEAST_CHANCE * Math.pow(step, i);
            Option is = bestAt(in, chance);
            if (is != was) {
                Option under = was;
                double at = Search.edge(x -> bestAt(in, x) == under, before, chance);
                if (nearest == null || away(at, now) < away(nearest.chance(), now)) {
                    nearest = new Turning(at, by, was, is);
                }
            }
            before = chance;
            was = is;
        }
        return nearest;
    }

    private static double away(double chance, double from) {
        return Math.abs(Math.log(chance / from));
    }

    /** The option that costs least where the first one fails with a chance; the first of those that cost the same. */
    private static Option bestAt(Input in, double chance) {
        Option first = in.options().get(0);
        Course.Horizon horizon = in.horizon();
        Option best = first;
        double least = Double.POSITIVE_INFINITY;
        for (Option option : in.options()) {
            Option then = option.risk().equals(first.risk()) ? option.with(Course.at(option, horizon, chance)) : option;
            double present = present(then, horizon);
            if (present < least - ALIKE) {
                least = present;
                best = option;
            }
        }
        return best;
    }

    private static List<Swing> tornado(Input in, List<Sum> sums) {
        Option best = ranked(sums).get(0).option();
        Option second = ranked(sums).get(1).option();
        Course.Horizon now = in.horizon();
        List<Swing> swings = new ArrayList<>();
        swings.add(new Swing(
                "chance to fail",
                dearer(risk(best, false), risk(second, false), now),
                dearer(risk(best, true), risk(second, true), now)));
        double failure = best.costs().failure();
        if (failure == second.costs().failure()) {
            swings.add(new Swing(
                    "cost of a failure",
                    dearer(best.failing(failure * LESS), second.failing(failure * LESS), now),
                    dearer(best.failing(failure * MORE), second.failing(failure * MORE), now)));
        }
        for (Moved moved : moved(best, failure != second.costs().failure())) {
            swings.add(new Swing(
                    best.name() + ": " + moved.input(),
                    dearer(moved.low(), second, now),
                    dearer(moved.high(), second, now)));
        }
        for (Moved moved : moved(second, failure != second.costs().failure())) {
            swings.add(new Swing(
                    second.name() + ": " + moved.input(),
                    dearer(best, moved.low(), now),
                    dearer(best, moved.high(), now)));
        }
        swings.add(over("distance a year", best, second, share -> now.perYear(now.perYear() * share)));
        swings.add(over("years ahead", best, second, share -> now.years(now.years() * share)));
        swings.add(over("interest", best, second, share -> now.rate(now.rate() * share)));
        return swings.stream()
                .filter(swing -> swing.wide() > ALIKE)
                .sorted(Comparator.comparingDouble(Swing::wide).reversed())
                .limit(MOST_SWINGS)
                .toList();
    }

    private static Swing over(String input, Option best, Option second, DoubleFunction<Course.Horizon> horizon) {
        return new Swing(input, dearer(best, second, horizon.apply(LESS)), dearer(best, second, horizon.apply(MORE)));
    }

    /** How much dearer the second is, every input at its likeliest. */
    private static double dearer(Option best, Option second, Course.Horizon horizon) {
        return present(second, horizon) - present(best, horizon);
    }

    /** An option at the low and at the high end of one of its inputs. */
    private record Moved(String input, Option low, Option high) {}

    private static List<Moved> moved(Option option, boolean failure) {
        Option.Costs c = option.costs();
        List<Moved> moved = new ArrayList<>(List.of(
                new Moved("cost now", option.with(c.now(c.now() * LESS)), option.with(c.now(c.now() * MORE))),
                new Moved(
                        "access", option.with(c.access(c.access() * LESS)), option.with(c.access(c.access() * MORE)))));
        moved.add(new Moved(
                "costs a year", option.with(c.yearly(c.yearly() * LESS)), option.with(c.yearly(c.yearly() * MORE))));
        if (failure) {
            moved.add(new Moved(
                    "cost of a failure", option.failing(c.failure() * LESS), option.failing(c.failure() * MORE)));
        }
        return moved;
    }

    /** An option at an end of its risk: where conditions are hard, they are hard for each. */
    private static Option risk(Option option, boolean hard) {
        if (option.risk() instanceof Option.Wear wear) {
            return option.with(new Option.Wear(wear.beta(), wear.eta() * (hard ? LESS : MORE), wear.age()));
        }
        Option.Chance chance = (Option.Chance) option.risk();
        Pert range = chance.chance();
        if (range.high() > range.low()) {
            return option.with(chance.at(hard ? range.high() : range.low()));
        }
        return option.with(chance.at(Math.min(MOST_CHANCE, range.likely() * (hard ? MORE : LESS))));
    }
}
