package unbo.app.seek;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import org.springframework.stereotype.Component;

import unbo.app.job.JobLine;
import unbo.app.job.JobService;
import unbo.app.vehicle.DueLine;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleName;
import unbo.app.vehicle.VehicleService;
import unbo.core.seek.Likeness;
import unbo.core.seek.Meaning.Kind;

/** Vehicles, positions and jobs of the record by whatever is known of them: a name, a mark, a number, words noted. */
@Component
class RecordSeek {

    private static final Pattern JOB =
            Pattern.compile("(?:#|job\\s*#?)\\s*(\\d{1,15})|(\\d{1,15})", Pattern.CASE_INSENSITIVE);
    private static final int MOST = 4;
    /** So many names, and as many again, are compared one by one where nothing holds the words as they stand. */
    private static final int MOST_NAMES = 300;

    private static final double SURE = 0.9;
    private static final double LIKE = 0.7;
    private static final int SHORTEST = 2;

    private final VehicleService vehicles;
    private final JobService jobs;
    private final Clock clock;

    RecordSeek(VehicleService vehicles, JobService jobs, Clock clock) {
        this.vehicles = vehicles;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** Lines of the record that hold some words as they stand. */
    record Held(List<Vehicle> vehicles, List<Position> positions, List<JobLine> jobs) {}

    /** What holds the words; nothing for a text too short to tell. */
    Held held(String text) {
        String words = text.strip();
        if (words.length() < SHORTEST && !words.matches("\\d")) {
            return new Held(List.of(), List.of(), List.of());
        }
        Matcher number = JOB.matcher(words);
        boolean named = number.matches() && number.group(1) != null;
        return new Held(
                vehicles.search(words),
                vehicles.searchNumbers(words),
                jobs.search(named ? "#" + number.group(1) : words));
    }

    /** @param otherwise score of the best other reading */
    List<Reading> of(String text, Held held, double otherwise) {
        String words = text.strip();
        List<Reading> found = new ArrayList<>();
        Matcher number = JOB.matcher(words);
        boolean named = number.matches() && number.group(1) != null;
        held.jobs().stream()
                .filter(line -> !named || line.id() == Long.parseLong(number.group(1)))
                .limit(MOST)
                .forEach(line -> found.add(job(line, words, named)));
        if (named) {
            return found;
        }
        held.vehicles().stream()
                .limit(MOST)
                .forEach(v -> found.add(vehicle(
                        new VehicleName(v.id(), v.name(), v.mark(), v.owner(), v.kind()),
                        score(words, v.name(), v.mark(), v.owner()))));
        if (words.matches(".*\\d.*")) {
            held.positions().stream().limit(MOST).forEach(p -> found.add(position(p, 0.7)));
        }
        boolean vehicle = found.stream().anyMatch(r -> r.kind() == Kind.VEHICLE);
        if (!vehicle && otherwise <= SURE && words.length() >= SHORTEST) {
            found.addAll(alike(words));
        }
        return found;
    }

    private static double score(String words, String... held) {
        String typed = folded(words);
        return Arrays.stream(held)
                .map(RecordSeek::folded)
                .mapToDouble(text -> text.equals(typed) ? 0.98 : text.startsWith(typed) ? 0.91 : 0.78)
                .max()
                .orElseThrow();
    }

    private static String folded(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[\\s.-]", "");
    }

    private Reading job(JobLine line, String words, boolean named) {
        boolean number = words.equals(String.valueOf(line.id()));
        return new Reading(
                Kind.JOB,
                "Job #" + line.id() + ": " + line.vehicle() + ", " + line.position(),
                named ? 0.99 : number ? 0.66 : 0.5,
                Stream.of(
                                line.state().words() + ", " + line.day(),
                                line.complaint(),
                                line.cause().isEmpty() ? "" : "It was: " + line.cause())
                        .filter(s -> !s.isBlank())
                        .toList(),
                List.of(
                        new Reading.Way("Open the job", "/jobs/" + line.id()),
                        new Reading.Way("Its position", "/positions/" + line.positionId())),
                null);
    }

    private static Reading vehicle(VehicleName v, double score) {
        return new Reading(
                Kind.VEHICLE,
                v.name(),
                score,
                Stream.of(v.kindWords(), (v.mark() + " " + v.owner()).strip())
                        .filter(s -> !s.isBlank())
                        .toList(),
                List.of(
                        new Reading.Way("Open the vehicle", "/vehicles/" + v.id()),
                        new Reading.Way("New visit with it", "/visits/new?vehicle=" + v.id())),
                null);
    }

    private Reading position(Position p, double score) {
        LocalDate today = LocalDate.now(clock);
        DueLine due = DueLine.of(p);
        return new Reading(
                Kind.POSITION,
                p.vehicle().name() + ", " + p.label(),
                score,
                Stream.of(
                                p.numbers().isBlank() ? "" : "Bears " + p.numbers(),
                                due.over(today) ? "Due now" : p.dueOn() == null ? "" : "Due on " + p.dueOn(),
                                p.lastWorkedOn() == null ? "" : "Last worked on " + p.lastWorkedOn())
                        .filter(s -> !s.isEmpty())
                        .toList(),
                List.of(
                        new Reading.Way("Open the position", "/positions/" + p.id()),
                        new Reading.Way(
                                "Its vehicle", "/vehicles/" + p.vehicle().id())),
                null);
    }

    /** Vehicles whose names are like the words, with a slip or in another order; with a place, its position. */
    private List<Reading> alike(String words) {
        record Like(VehicleName vehicle, Likeness likeness) {}
        List<VehicleName> names = vehicles.names(words, MOST_NAMES);
        String typed = folded(words);
        List<Reading> written = names.stream()
                .filter(v -> typed.length() > SHORTEST
                        && Stream.of(v.name(), v.mark(), v.owner())
                                .anyMatch(t -> folded(t).contains(typed)))
                .limit(MOST)
                .map(v -> vehicle(v, score(words, v.name(), v.mark(), v.owner())))
                .toList();
        if (!written.isEmpty()) {
            return written;
        }
        List<Like> likes = names.stream()
                .map(v -> new Like(v, Likeness.of(words, v.name() + " " + v.mark() + " " + v.owner())))
                .filter(like -> like.likeness().share() > 0)
                .sorted((a, b) ->
                        Double.compare(b.likeness().share(), a.likeness().share()))
                .limit(MOST)
                .toList();
        List<Reading> found = new ArrayList<>();
        for (Like like : likes) {
            if (like.likeness().rest().isEmpty()) {
                found.add(vehicle(like.vehicle(), 0.92 * like.likeness().least()));
                continue;
            }
            vehicles.find(like.vehicle().id()).stream()
                    .flatMap(v -> v.positions().stream())
                    .filter(p -> Likeness.of(like.likeness().rest(), p.label())
                            .rest()
                            .isEmpty())
                    .map(p -> position(p, SURE))
                    .forEach(found::add);
            if (found.isEmpty() && like.likeness().share() > LIKE) {
                found.add(vehicle(like.vehicle(), LIKE * like.likeness().share()));
            }
        }
        return found.stream().filter(Objects::nonNull).limit(MOST).toList();
    }
}
