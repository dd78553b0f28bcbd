package unbo.core.duty;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.bearing.Ratings;
import unbo.core.identify.Interchange;
import unbo.core.life.LifeFactor;
import unbo.core.life.SingleLoad;
import unbo.core.motion.Friction;
import unbo.core.motion.SpeedGuide;
import unbo.core.running.BearingDrag;
import unbo.core.running.Candidate;

/**
 * What would hold in a place: the fitted bearing, all with its bore and outside, and a ladder of its own kind on the
 * same bore with larger outsides, each under one load from one direction, at one speed. Equivalent loads by ISO 281 and
 * ISO 76, life modified by a_ISO; speed by the guides; drag after Palmgren.
 *
 * @param fitted null where its sizes or its inside are not known
 * @param same those with its bore and outside; those that hold first, of these those of its width, the longest life
 *     first
 * @param ladder its own kind on its bore with a larger outside, the smallest first
 */
public record Duty(Input input, @Nullable Stand fitted, List<Stand> same, List<Stand> ladder) {

    /** Over this life in hours nothing is told apart any more. */
    public static final double MOST_HOURS = 1e6;

    /** Least static safety that holds. */
    public static final double LEAST_SAFETY = 1;

    private static final double SAME_MM = 0.01;
    private static final int RUNGS = 4;
    private static final int HALVINGS = 60;
    private static final double CONDUCTANCE_W_K = BearingDrag.GUIDE_W_K;

    /**
     * A load on a place.
     *
     * @param loadN of radial and thrust together
     * @param angleDeg from straight across the shaft, 0, to straight along it, 90
     * @param bothWays true where the thrust turns round
     * @param paired true where a second one stands against it: what it cannot take, that one takes
     */
    public record Load(double loadN, double angleDeg, boolean bothWays, boolean paired) {

        public double radialN() {
            return loadN * Math.cos(Math.toRadians(angleDeg));
        }

        public double axialN() {
            return angleDeg < 1e-9 ? 0 : loadN * Math.sin(Math.toRadians(angleDeg));
        }

        Load of(double newton) {
            return new Load(newton, angleDeg, bothWays, paired);
        }
    }

    /** How it runs. @param nu mm²/s at its temperature @param contamination ec of ISO 281 */
    public record Running(double rpm, double kappa, double contamination, double nu) {}

    /** @param hours wanted @param sealed true where it must keep its own grease in */
    public record Input(Bearing bearing, BearingBook book, Load load, Running running, double hours, boolean sealed) {}

    /** Why one does not do. */
    public enum Fault {
        /** It takes no thrust at all. */
        NO_THRUST,
        /** It takes thrust one way, and nothing stands against it. */
        ONE_WAY,
        /** Its ribs take thrust beside a larger radial load only. */
        RIBS,
        /** It takes thrust alone. */
        NO_RADIAL,
        /** It is not made with seals. */
        NOT_SEALED,
        /** It dents: static safety under one. */
        DENTS,
        /** Its life is shorter than what is wanted. */
        SHORT,
        /** It turns faster than its guide. */
        FAST
    }

    /**
     * How one stands under the load.
     *
     * @param hours modified life; 0 where it cannot carry the load
     * @param safety C0/P0; 0 where it cannot carry the load
     * @param limitRpm guide of its kind and seals; null where there is none
     * @param watts that it drags
     * @param wider its width less the fitted one's, mm; null where one is not known
     * @param price of the workshop's own list; null where it has none
     */
    public record Stand(
            Candidate of,
            double hours,
            double safety,
            @Nullable Double limitRpm,
            double watts,
            @Nullable Double wider,
            @Nullable Double price,
            List<Fault> faults) {

        public boolean holds() {
            return faults.isEmpty();
        }

        public Bearing bearing() {
            return of.bearing();
        }

        /** True where it is as wide as the fitted one. */
        public boolean asWide() {
            return wider != null && Math.abs(wider) <= SAME_MM;
        }
    }

    public static Duty of(Input in) {
        Bearing from = in.bearing();
        Stand fitted = candidate(from).map(c -> stand(c, in, null)).orElse(null);
        if (from.boreMm() == null || from.outsideMm() == null || fitted == null) {
            return new Duty(in, fitted, List.of(), List.of());
        }
        double bore = from.boreMm();
        double outside = from.outsideMm();
        List<Stand> same = new ArrayList<>();
        List<Stand> ladder = new ArrayList<>();
        for (Boundary b : Interchange.every(in.book())) {
            if (Math.abs(b.boreMm() - bore) > SAME_MM) {
                continue;
            }
            boolean equal = Math.abs(b.outsideMm() - outside) <= SAME_MM;
            boolean rung = b.kind() == from.kind() && b.outsideMm() > outside + SAME_MM;
            if ((equal || rung) && !b.designation().equals(from.number())) {
                candidate(sealed(in, b))
                        .filter(c ->
                                equal || loads(c).thrust() == loads(fitted.of()).thrust())
                        .map(c -> stand(c, in, price(in.book(), b)))
                        .ifPresent(stand -> (equal ? same : ladder).add(stand));
            }
        }
        same.sort(Comparator.comparing(Stand::holds)
                .thenComparing(Stand::asWide)
                .reversed()
                .thenComparing(Comparator.comparingDouble(Stand::hours).reversed()));
        ladder.sort(Comparator.comparingDouble((Stand s) -> s.of().outsideMm())
                .thenComparingDouble(Stand::hours)
                .thenComparing(Comparator.comparingDouble(Duty::width).reversed()));
        return new Duty(in, fitted, List.copyOf(same), rungs(ladder));
    }

    private static double width(Stand stand) {
        Double width = stand.bearing().widthMm();
        return width == null ? 0 : width;
    }

    /** One bearing of each outside, the one that lives longest, of equal ones the narrowest. */
    private static List<Stand> rungs(List<Stand> ladder) {
        List<Stand> rungs = new ArrayList<>();
        for (Stand stand : ladder) {
            if (!rungs.isEmpty()
                    && rungs.get(rungs.size() - 1).of().outsideMm()
                            == stand.of().outsideMm()) {
                rungs.set(rungs.size() - 1, stand);
            } else {
                rungs.add(stand);
            }
        }
        return rungs.stream().limit(RUNGS).toList();
    }

    /** It, with its seals where they are wanted and its kind is made with them. */
    private static Bearing sealed(Input in, Boundary b) {
        Bearing open = in.book().decode(b.designation());
        if (!in.sealed() || !madeSealed(b.kind())) {
            return open;
        }
        Bearing sealed = in.book().decode(b.designation() + "-2RS");
        return sealed.recognised() && sealed.kind() == open.kind() && open.rated() == null ? sealed : open;
    }

    /** Kinds that makers list with seals. */
    static boolean madeSealed(BearingKind kind) {
        return switch (kind) {
            case DEEP_GROOVE_BALL,
                    INCH_DEEP_GROOVE_BALL,
                    DOUBLE_ROW_ANGULAR_CONTACT_BALL,
                    SELF_ALIGNING_BALL,
                    HEADSET_ANGULAR_CONTACT,
                    HUB_CARTRIDGE -> true;
            default -> false;
        };
    }

    private static @Nullable Double price(BearingBook book, Boundary b) {
        return book.own().stream()
                .filter(own -> own.boundary().equals(b))
                .map(OwnBearing::price)
                .filter(price -> price != null)
                .findFirst()
                .orElse(null);
    }

    private static Optional<Candidate> candidate(Bearing bearing) {
        return bearing.boreMm() != null
                        && bearing.outsideMm() != null
                        && bearing.kind() != BearingKind.UNKNOWN
                        && bearing.inside().isPresent()
                ? Optional.of(Candidate.of(bearing))
                : Optional.empty();
    }

    /** Its loads. */
    public static SingleLoad loads(Candidate c) {
        return new SingleLoad(
                c.kind(),
                c.bearing().series(),
                c.geometry().contactDeg(),
                Ratings.staticBallFactor(c.geometry().gamma()),
                c.ratings().c0N());
    }

    private static Stand stand(Candidate c, Input in, @Nullable Double price) {
        List<Fault> faults = new ArrayList<>();
        Optional<Fault> cannot = cannot(c, in.load());
        cannot.ifPresent(faults::add);
        boolean greased = c.bearing().greasedForLife() || c.kind() == BearingKind.HUB_CARTRIDGE;
        if (in.sealed() && !madeSealed(c.kind()) && !greased) {
            faults.add(Fault.NOT_SEALED);
        }
        double hours = cannot.isPresent() ? 0 : hours(c, in.load(), in.running());
        double safety = cannot.isPresent() ? 0 : safety(c, in.load());
        if (cannot.isEmpty()) {
            if (safety < LEAST_SAFETY) {
                faults.add(Fault.DENTS);
            }
            if (hours < in.hours()) {
                faults.add(Fault.SHORT);
            }
        }
        SpeedGuide guide = SpeedGuide.of(
                c.build(), in.running().rpm(), c.geometry().pitchMm(), c.geometry(), SpeedGuide.Lubricant.GREASE);
        if (guide.verdict() == SpeedGuide.Verdict.WRONG) {
            faults.add(Fault.FAST);
        }
        Double limit = guide.nDmLimit();
        Double width = c.bearing().widthMm();
        Double was = in.bearing().widthMm();
        return new Stand(
                c,
                hours,
                safety,
                limit == null ? null : Double.valueOf(limit / c.geometry().pitchMm()),
                watts(c, in),
                width == null || was == null ? null : Double.valueOf(width - was),
                price,
                List.copyOf(faults));
    }

    /** Why a kind cannot carry a load from there at all; empty where it can. */
    public static Optional<Fault> cannot(Candidate c, Load load) {
        SingleLoad loads = loads(c);
        if (c.kind().axial()) {
            return load.radialN() > 1e-6 * load.loadN() ? Optional.of(Fault.NO_RADIAL) : oneWay(loads, load);
        }
        if (load.axialN() > 0 && loads.thrust() == SingleLoad.Thrust.NONE) {
            return Optional.of(Fault.NO_THRUST);
        }
        if (c.kind() == BearingKind.CYLINDRICAL_ROLLER && load.axialN() > SingleLoad.RIB_SHARE * load.radialN()) {
            return Optional.of(Fault.RIBS);
        }
        return oneWay(loads, load);
    }

    /**
     * One that takes thrust one way: where a second one stands against it, that takes the other way. Alone it needs
     * thrust that never turns round, and of those whose radial load pushes them apart so much of it.
     */
    private static Optional<Fault> oneWay(SingleLoad loads, Load load) {
        if (load.paired() || loads.thrust() != SingleLoad.Thrust.ONE_WAY) {
            return Optional.empty();
        }
        boolean turns = load.bothWays() && load.axialN() > 0;
        return turns || load.axialN() < loads.inducedN(load.radialN()) ? Optional.of(Fault.ONE_WAY) : Optional.empty();
    }

    /** Modified life, h, held at {@link #MOST_HOURS}. */
    static double hours(Candidate c, Load load, Running running) {
        Ratings r = c.ratings();
        double p = Math.max(1e-9, loads(c).dynamicN(load.radialN(), load.axialN()));
        double basic = Math.pow(r.cN() / p, r.rollers() ? 10.0 / 3 : 3) * 1e6 / 60 / running.rpm();
        double relative = running.contamination() * LifeFactor.fatigueLimitN(r.c0N(), r.rollers()) / p;
        return Math.min(MOST_HOURS, basic * LifeFactor.of(r.rollers(), running.kappa(), relative));
    }

    static double safety(Candidate c, Load load) {
        return c.ratings().c0N() / Math.max(1e-9, loads(c).staticN(load.radialN(), load.axialN()));
    }

    private static double watts(Candidate c, Input in) {
        Friction.Seals seals = c.seals();
        return BearingDrag.of(new BearingDrag.Input(
                        c,
                        true,
                        new BearingDrag.Input.Load(
                                in.load().radialN(), in.load().axialN()),
                        in.running().rpm(),
                        in.running().nu(),
                        new BearingDrag.Input.Made(seals, c.build().hybrid()),
                        new BearingDrag.Input.Set(c.ratings().c0N(), CONDUCTANCE_W_K, 0)))
                .powerW();
    }

    /**
     * The largest load from an angle that one carries for the hours that are wanted without denting, N; 0 where it
     * carries none from there.
     */
    public double carriesN(Candidate c, double angleDeg) {
        Load from = new Load(1, angleDeg, input.load().bothWays(), input.load().paired());
        if (cannot(c, from).isPresent()) {
            return 0;
        }
        double low = 0;
        double high = 20 * c.ratings().c0N() + 20 * c.ratings().cN();
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            boolean carried = safety(c, from.of(middle)) >= LEAST_SAFETY
                    && hours(c, from.of(middle), input.running()) >= input.hours();
            low = carried ? middle : low;
            high = carried ? high : middle;
        }
        return low;
    }

    /** The smallest that holds: of the same boundary, else the first rung; empty where none does. */
    public Optional<Stand> holds() {
        return Stream.concat(same.stream(), ladder.stream())
                .filter(Stand::holds)
                .findFirst();
    }
}
