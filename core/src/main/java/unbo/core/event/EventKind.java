package unbo.core.event;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.table.Table;
import unbo.core.table.TableRow;
import unbo.core.vehicle.Place;

/**
 * A kind of thing that a vehicle goes through. Days after which its hubs are looked at are this bench's own.
 *
 * @param asks what amount is written with it
 * @param reach which places of the vehicle it reaches
 * @param circumstance of Diagnose that it is from then on; empty where none
 * @param leaves what a life is counted with from then on, until it was looked after
 * @param why what is looked at
 */
public record EventKind(
        String code,
        String label,
        Asks asks,
        Within within,
        Reach reach,
        String circumstance,
        Exposure leaves,
        String why) {

    /** Days within which what it reached is looked at, after a usual and after a hard one; null where not at all. */
    public record Within(@Nullable Integer days, @Nullable Integer hardDays) {}

    /**
     * What it reaches; what is buried or turns elsewhere is left alone.
     *
     * @param wheels true for what a wheel turns on
     * @param places codes of the others
     */
    public record Reach(boolean wheels, List<String> places) {}

    /** From this on an event is hard. */
    public static final int HARD = 3;

    private static final List<EventKind> ALL = Table.read(EventKind.class, "events.csv").stream()
            .map(EventKind::read)
            .toList();

    /** What amount is written with an event. */
    public enum Asks {
        NONE(""),
        /** In the vehicle's own counter. */
        DISTANCE("how far, or how long"),
        MASS("how heavy, kg"),
        DAYS("how many days");

        private final String words;

        Asks(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static List<EventKind> all() {
        return ALL;
    }

    /** What is left by all that a place went through. @param circumstances codes, parted by blanks */
    public static Exposure left(String circumstances) {
        List<String> codes = List.of(circumstances.split("\\s+"));
        return ALL.stream()
                .filter(kind -> !kind.circumstance.isEmpty() && codes.contains(kind.circumstance))
                .map(EventKind::leaves)
                .reduce(Exposure.NONE, Exposure::and);
    }

    public static Optional<EventKind> find(String code) {
        return ALL.stream().filter(kind -> kind.code.equals(code)).findFirst();
    }

    /**
     * The day by which its hubs are looked at after one; null where nothing is made due. @param hard 1 easy to 3 hard
     */
    public @Nullable LocalDate dueBy(LocalDate day, int hard) {
        Integer days = hard >= HARD ? within.hardDays() : hard <= 1 ? null : within.days();
        return days == null ? null : day.plusDays(days);
    }

    /** True where it reaches a place that was not named with it. */
    public boolean reaches(Place place) {
        return place.wheel() ? reach.wheels() : reach.places().contains(place.code());
    }

    /** Why that is so, with its day. */
    public String because(LocalDate day) {
        return label + " on " + day + ": " + why;
    }

    private static EventKind read(TableRow row) {
        Double days = row.maybe("days");
        Double hard = row.maybe("hard_days");
        return new EventKind(
                row.word("code"),
                row.word("label"),
                row.one("asks", Asks.class),
                new Within(
                        days == null ? null : Integer.valueOf(days.intValue()),
                        hard == null ? null : Integer.valueOf(hard.intValue())),
                new Reach(row.yes("wheels"), row.words("places")),
                row.get("circumstance"),
                new Exposure(row.maybe("cleanliness"), row.maybe("load_times"), row.maybe("blow_times")),
                row.get("why"));
    }
}
