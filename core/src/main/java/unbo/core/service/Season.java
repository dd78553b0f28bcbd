package unbo.core.service;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

/**
 * A season laid out: at which event each place falls due by its own rule of several counters, whichever comes first. A
 * service stands before the event that would carry a counter beyond its interval, and begins all counters of its place
 * anew; so nothing runs over, unless one event alone is longer than an interval.
 *
 * @param services in the order of the days
 */
public record Season(Input input, List<Service> services) {

    /** What counts. */
    public enum Counter {
        KM("km"),
        HOURS("hours"),
        RACES("races"),
        IMMERSIONS("immersions"),
        MONTHS("months");

        private final String words;

        Counter(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** @param events the season's, in any order */
    public record Input(LocalDate from, List<Event> events, List<Place> places) {

        public Input {
            events = events.stream().sorted(Comparator.comparing(Event::day)).toList();
            places = List.copyOf(places);
        }
    }

    /** @param adds to each counter; those that are left out stay */
    public record Event(LocalDate day, String name, Map<Counter, Double> adds) {}

    /**
     * A place and its rule.
     *
     * @param every interval by counter; none counts where it is left out
     * @param already on each counter when the season begins
     */
    public record Place(String name, Map<Counter, Double> every, Map<Counter, Double> already) {}

    /**
     * A service.
     *
     * @param before the event that it stands before
     * @param by the counter that asks for it
     * @param would what that counter would stand at after the event
     */
    public record Service(String place, Event before, Counter by, double would) {}

    public Season {
        services = List.copyOf(services);
    }

    public static Season of(Input in) {
        List<Service> services = new ArrayList<>();
        in.places().forEach(place -> of(in, place, services));
        services.sort(Comparator.comparing((Service s) -> s.before().day()).thenComparing(Service::place));
        return new Season(in, services);
    }

    private static void of(Input in, Place place, List<Service> services) {
        Map<Counter, Double> stands = new EnumMap<>(Counter.class);
        stands.putAll(place.already());
        LocalDate since = in.from().minusDays(Math.round(days(place.already().getOrDefault(Counter.MONTHS, 0.0))));
        for (Event event : in.events()) {
            Service service = due(place, event, stands, since);
            if (service != null) {
                services.add(service);
                stands.clear();
                since = event.day();
            }
            event.adds().forEach((counter, more) -> stands.merge(counter, more, Double::sum));
        }
    }

    /** The service that stands before an event; null where none does. */
    private static @Nullable Service due(Place place, Event event, Map<Counter, Double> stands, LocalDate since) {
        for (Counter counter : Counter.values()) {
            Double interval = place.every().get(counter);
            double stood = stands.getOrDefault(counter, 0.0);
            double would = counter == Counter.MONTHS
                    ? months(since, event.day())
                    : stood + event.adds().getOrDefault(counter, 0.0);
            boolean fresh = counter != Counter.MONTHS && stood <= 0;
            if (interval != null && would > interval && !fresh) {
                return new Service(place.name(), event, counter, would);
            }
        }
        return null;
    }

    private static double days(double months) {
        return months * 365.25 / 12;
    }

    private static double months(LocalDate from, LocalDate to) {
        return java.time.temporal.ChronoUnit.DAYS.between(from, to) / days(1);
    }

    /** The services that stand before an event. */
    public List<Service> before(Event event) {
        return services.stream().filter(service -> service.before() == event).toList();
    }
}
