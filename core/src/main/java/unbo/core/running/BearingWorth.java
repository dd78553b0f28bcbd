package unbo.core.running;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.decide.Option;
import unbo.core.decide.Pert;
import unbo.core.decide.RunOrReplace;
import unbo.core.motion.Friction;

/**
 * Is an upgrade worth its price? The friction power of each candidate at this duty by the friction model, what it saves
 * against the first, its price and the work it asks for a year; beside it the plain alternatives with their own watts.
 * Nothing is claimed beyond the computed watts.
 *
 * @param decision the candidates over the years, with what each asks a year: the sum of {@link RunOrReplace}
 * @param costs one for each candidate, in order; the first is what is fitted now
 */
public record BearingWorth(Input input, List<Cost> costs, RunOrReplace decision) {

    private static final int DRAWS = 1_000;

    /** A candidate. @param hours of service a year */
    public record Choice(String name, Friction.Seals seals, boolean hybrid, double price, double hours) {}

    /** Something else that saves watts. */
    public record Alternative(String name, double savedW, double price) {}

    /** @param bearings how many are changed */
    public record Input(
            BearingDrag.Input duty,
            int bearings,
            List<Choice> choices,
            List<Alternative> alternatives,
            Use use,
            Prices prices) {
        /** How much it runs. */
        public record Use(double hoursAYear, double kmAYear) {}

        /**
         * What things cost, over how many years.
         *
         * @param hourly of work, money an hour
         * @param years looked ahead
         * @param rate of interest a year
         */
        public record Prices(double hourly, double kwhPrice, double years, double rate) {}

        public double hoursAYear() {
            return use.hoursAYear();
        }

        public double kmAYear() {
            return use.kmAYear();
        }

        public double hourly() {
            return prices.hourly();
        }

        public double kwhPrice() {
            return prices.kwhPrice();
        }

        public double years() {
            return prices.years();
        }
    }

    /**
     * What a candidate comes to.
     *
     * @param savedW against the first; negative where it drags more
     * @param perWatt extra cost over the years for each watt saved; null where none is saved
     * @param yearly service and energy a year
     * @param yearsToPay until its extra price is back; null where it never is
     */
    public record Cost(
            Choice choice,
            double watts,
            double savedW,
            double yearly,
            double per1000Km,
            @Nullable Double perWatt,
            @Nullable Double yearsToPay) {}

    public static BearingWorth of(Input in) {
        List<Cost> costs = new ArrayList<>();
        double fittedW = 0;
        double fittedYearly = 0;
        double fittedTotal = 0;
        for (int i = 0; i < in.choices().size(); i++) {
            Choice c = in.choices().get(i);
            double watts = in.bearings()
                    * BearingDrag.of(in.duty().with(c.seals(), c.hybrid())).powerW();
            double yearly = c.hours() * in.hourly() + watts / 1000 * in.hoursAYear() * in.kwhPrice();
            double price = in.bearings() * c.price();
            double total = price + yearly * in.years();
            if (i == 0) {
                fittedW = watts;
                fittedYearly = yearly;
                fittedTotal = total;
            }
            double saved = fittedW - watts;
            double extra = price - in.bearings() * in.choices().get(0).price();
            Double perWatt = i > 0 && saved > 1e-9 ? Double.valueOf((total - fittedTotal) / saved) : null;
            Double pays = i > 0 && fittedYearly > yearly + 1e-9
                    ? Double.valueOf(Math.max(0, extra) / (fittedYearly - yearly))
                    : null;
            costs.add(new Cost(
                    c, watts, saved, yearly, (price / in.years() + yearly) / in.kmAYear() * 1000, perWatt, pays));
        }
        return new BearingWorth(in, List.copyOf(costs), decision(in, costs));
    }

    private static RunOrReplace decision(Input in, List<Cost> costs) {
        Option.Risk none = new Option.Chance(new Pert(0, 0, 0), in.kmAYear());
        return RunOrReplace.of(new RunOrReplace.Input(
                in.years(),
                in.kmAYear(),
                in.prices().rate(),
                costs.stream()
                        .map(cost -> new Option(
                                cost.choice().name(),
                                new Option.Costs(in.bearings() * cost.choice().price(), 0, 0, 0, cost.yearly()),
                                none,
                                null,
                                Option.Watch.NONE))
                        .toList(),
                DRAWS,
                1));
    }
}
