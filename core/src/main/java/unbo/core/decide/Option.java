package unbo.core.decide;

import org.jspecify.annotations.Nullable;

/**
 * One thing that can be done about a bearing that may fail.
 *
 * @param costs what it costs now, at a failure, and when it is renewed again
 * @param risk how likely it fails
 * @param lifeAfter distance after which it is renewed again; null where it lasts to the end
 * @param watch what looking at it sees
 */
public record Option(
        String name, Costs costs, Risk risk, @Nullable Double lifeAfter, Watch watch) {

    /**
     * Money.
     *
     * @param now paid at once, without access
     * @param access what getting there costs, whole
     * @param accessShared share of it that other work pays now, 0 to 1
     * @param failure what a failure costs, its repair with it
     * @param yearly paid every year: service, energy
     */
    public record Costs(double now, double access, double accessShared, double failure, double yearly) {

        /** Costs of what asks nothing while it runs. */
        public Costs(double now, double access, double accessShared, double failure) {
            this(now, access, accessShared, failure, 0);
        }

        Costs now(double other) {
            return new Costs(other, access, accessShared, failure, yearly);
        }

        Costs access(double other) {
            return new Costs(now, other, accessShared, failure, yearly);
        }

        Costs yearly(double other) {
            return new Costs(now, access, accessShared, failure, other);
        }

        /** Paid at once. */
        public double atOnce() {
            return now + access * (1 - accessShared);
        }

        /** Paid each time that it is renewed again: nobody else opens it then. */
        public double again() {
            return now + access;
        }
    }

    /**
     * Looking at it while it runs.
     *
     * @param every distance between two looks; null where nobody looks
     * @param seen share of failures that are seen in time, 0 to 1
     * @param cost what is paid where one is seen in time
     */
    public record Watch(@Nullable Double every, double seen, double cost) {

        public static final Watch NONE = new Watch(null, 0, 0);
    }

    /** How likely it fails. */
    public sealed interface Risk permits Chance, Wear {}

    /**
     * A chance by a distance, the same anywhere on the way: a constant hazard −ln(1 − p)/D.
     *
     * @param by the distance, in the counter of the lives
     */
    public record Chance(Pert chance, double by) implements Risk {

        /** The same distance at one chance. */
        Chance at(double only) {
            return new Chance(new Pert(only, only, only), by);
        }
    }

    /**
     * A life of Weibull's, at an age.
     *
     * @param age in the counter of the life
     */
    public record Wear(double beta, double eta, double age) implements Risk {}

    /** The same with another cost of a failure. */
    Option failing(double cost) {
        return with(new Costs(costs.now(), costs.access(), costs.accessShared(), cost, costs.yearly()));
    }

    /** What a failure comes to, those that are seen in time counted. */
    double failing() {
        return (1 - watch.seen()) * costs.failure() + watch.seen() * watch.cost();
    }

    /** The same at another risk. */
    Option with(Risk other) {
        return new Option(name, costs, other, lifeAfter, watch);
    }

    /** The same at other costs. */
    Option with(Costs other) {
        return new Option(name, other, risk, lifeAfter, watch);
    }
}
