package unbo.core.event;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * A kind of thing that a vehicle goes through. Days after which its hubs are looked at are this bench's own.
 *
 * @param asks what amount is written with it
 * @param days after a usual one its hubs are looked at within so many days; null where nothing is made due
 * @param hardDays the same after a hard one
 * @param circumstance of Diagnose that it is from then on; empty where none
 * @param why what is looked at
 */
public record EventKind(
        String code,
        String label,
        Asks asks,
        @Nullable Integer days,
        @Nullable Integer hardDays,
        String circumstance,
        String why) {

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

    public static Optional<EventKind> find(String code) {
        return ALL.stream().filter(kind -> kind.code.equals(code)).findFirst();
    }

    /**
     * The day by which its hubs are looked at after one; null where nothing is made due. @param hard 1 easy to 3 hard
     */
    public @Nullable LocalDate dueBy(LocalDate day, int hard) {
        Integer within = hard >= HARD ? hardDays : hard <= 1 ? null : days;
        return within == null ? null : day.plusDays(within);
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
                days == null ? null : Integer.valueOf(days.intValue()),
                hard == null ? null : Integer.valueOf(hard.intValue()),
                row.get("circumstance"),
                row.get("why"));
    }

    /** Codes of all kinds, for a sentence that names them. */
    public static String codes() {
        return String.join(", ", ALL.stream().map(EventKind::code).toList());
    }
}
