package unbo.core.running;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.lubrication.FreeVolume;
import unbo.core.motion.Friction;

/**
 * All bearings of one vehicle in one sum: what they drag, the grease they hold, the minutes of care they ask a year,
 * and what a lighter seal in one place would save beside plain alternatives.
 *
 * @param lines one for each place, in the order given
 * @param changes what lies open, the most watts for the money first, those without a price last
 */
public record DragSum(Input input, List<Line> lines, List<Change> changes) {

    /** What a bearing turns with. */
    public enum Turns {
        WHEEL,
        CRANK,
        JOCKEY,
        STILL
    }

    /**
     * A place.
     *
     * @param count bearings of it, alike
     * @param fill share of the free room that holds grease, 0 to 1
     * @param minutes of care a year, of all of them
     * @param price of one with lighter seals; null where none is thought of
     */
    public record Place(
            String name,
            Candidate bearing,
            int count,
            Turns turns,
            double loadN,
            double fill,
            double minutes,
            @Nullable Double price) {}

    /** Something else that saves. */
    public record Alternative(String name, double savedW, double price) {}

    /**
     * How it is ridden.
     *
     * @param wheelM rolling radius
     * @param cranks turns of the cranks a minute
     * @param jockeys turns of a jockey wheel for one of the cranks
     * @param nu oil of the grease at running temperature, mm²/s
     */
    public record Ride(double kmh, double wheelM, double cranks, double jockeys, double nu) {

        /** Speed of what turns so, rpm. */
        public double rpm(Turns turns) {
            return switch (turns) {
                case WHEEL -> kmh / 3.6 / (2 * Math.PI * wheelM) * 60;
                case CRANK -> cranks;
                case JOCKEY -> cranks * jockeys;
                case STILL -> 0;
            };
        }
    }

    public record Input(List<Place> places, Ride ride, List<Alternative> alternatives) {

        public Input {
            places = List.copyOf(places);
            alternatives = List.copyOf(alternatives);
        }
    }

    /** @param watts of all of it @param sealsW of that the seals' part @param grams of all of it */
    public record Line(Place place, double rpm, double watts, double sealsW, double grams) {}

    /** @param perMoney watts for one of money; null without a price, and where it costs nothing */
    public record Change(
            String name,
            double savedW,
            @Nullable Double price,
            @Nullable Double perMoney) {}

    public static DragSum of(Input in) {
        List<Line> lines = new ArrayList<>();
        List<Change> changes = new ArrayList<>();
        for (Place place : in.places()) {
            Line line = line(place, place.bearing().seals(), in.ride());
            lines.add(line);
            double saved = line.watts()
                    - line(place, lighter(place.bearing().seals()), in.ride()).watts();
            if (saved > 0) {
                Double each = place.price();
                changes.add(change(
                        place.name() + ", lighter seals",
                        saved,
                        each == null ? null : Double.valueOf(each * place.count())));
            }
        }
        in.alternatives().forEach(a -> changes.add(change(a.name(), a.savedW(), a.price())));
        changes.sort(Comparator.comparing((Change c) -> c.price() == null)
                .thenComparing(Comparator.comparingDouble(DragSum::worth).reversed()));
        return new DragSum(in, List.copyOf(lines), List.copyOf(changes));
    }

    /** The kind of seal a step lighter: full contact to light contact, light contact to none that touches. */
    public static Friction.Seals lighter(Friction.Seals seals) {
        return switch (seals) {
            case CONTACT -> Friction.Seals.LIGHT;
            case ONE_CONTACT -> Friction.Seals.ONE_LIGHT;
            case LIGHT, ONE_LIGHT -> Friction.Seals.LOW_DRAG;
            default -> seals;
        };
    }

    /** Watts for the money; what costs nothing goes before all that costs, what has no price by its watts. */
    private static double worth(Change c) {
        Double price = c.price();
        return price == null ? c.savedW() : price > 0 ? c.savedW() / price : Double.MAX_VALUE;
    }

    private static Change change(String name, double saved, @Nullable Double price) {
        return new Change(name, saved, price, price == null || price <= 0 ? null : Double.valueOf(saved / price));
    }

    private static Line line(Place place, Friction.Seals seals, Ride ride) {
        Candidate b = place.bearing();
        double rpm = ride.rpm(place.turns());
        Friction f = BearingDrag.of(new BearingDrag.Input(
                        b,
                        true,
                        new BearingDrag.Input.Load(
                                b.kind().axial() ? 0 : place.loadN(), b.kind().axial() ? place.loadN() : 0),
                        rpm,
                        ride.nu(),
                        new BearingDrag.Input.Made(seals, b.build().hybrid()),
                        new BearingDrag.Input.Set(
                                b.ratings().c0N(), BearingDrag.GUIDE_W_K * b.boreMm() / BearingDrag.GUIDE_BORE_MM, 0)))
                .friction();
        double sealsW = new Friction(0, 0, f.sealsNmm()).powerW(rpm) * place.count();
        return new Line(place, rpm, f.powerW(rpm) * place.count(), sealsW, grams(place));
    }

    private static double grams(Place place) {
        Candidate b = place.bearing();
        Double width = b.bearing().widthMm();
        Double outside = b.bearing().outsideMm();
        if (width == null || outside == null) {
            return 0;
        }
        return FreeVolume.cm3(
                        FreeVolume.envelopeCm3(b.boreMm(), outside, width),
                        null,
                        b.kind().ball())
                * FreeVolume.GREASE_G_PER_CM3
                * place.fill()
                * place.count();
    }

    /** All of it, W. */
    public double watts() {
        return lines.stream().mapToDouble(Line::watts).sum();
    }

    /** All of it, g. */
    public double grams() {
        return lines.stream().mapToDouble(Line::grams).sum();
    }

    /** All of it, minutes a year. */
    public double minutes() {
        return lines.stream().mapToDouble(l -> l.place().minutes()).sum();
    }
}
