package unbo.app.vehicle;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import jakarta.persistence.EntityManager;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.data.Like;
import unbo.app.data.Paged;
import unbo.app.data.Window;
import unbo.app.data.Words;
import unbo.core.event.EventKind;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleInput;

/** Vehicles, their positions and their immersions. */
@Service
@Transactional
public class VehicleService {

    /** A vehicle was put right: what reads its facts looks again, in the same transaction. */
    public record VehicleChanged(long id) {}

    private static final LocalDate LONG_AGO = LocalDate.of(1900, 1, 1);

    private final Vehicles vehicles;
    private final Positions positions;
    private final Immersions immersions;
    private final VehicleEvents events;
    private final VehicleCares cares;
    private final ApplicationEventPublisher changes;
    private final EntityManager entities;

    VehicleService(
            Vehicles vehicles,
            Positions positions,
            Immersions immersions,
            VehicleEvents events,
            VehicleCares cares,
            ApplicationEventPublisher changes,
            EntityManager entities) {
        this.vehicles = vehicles;
        this.positions = positions;
        this.immersions = immersions;
        this.events = events;
        this.cares = cares;
        this.changes = changes;
        this.entities = entities;
    }

    public Vehicle add(VehicleInput input) {
        return vehicles.save(Vehicle.of(input));
    }

    /** Adds a vehicle of the practice bench, which no list of the workshop shows. */
    public Vehicle addForPractice(VehicleInput input) {
        return vehicles.save(Vehicle.ofPractice(input));
    }

    /** So long what was taken away can be put back. */
    public static final Duration KEPT = Duration.ofDays(30);

    /** Of a word with a slip so many letters at its beginning are taken to be right. */
    private static final int SURE_LETTERS = 3;

    /** Takes a vehicle out of every list, with a reason. */
    public void takeAway(long id, String why, Instant at) {
        vehicles.withPositions(id).orElseThrow().away(at, why);
    }

    /** Takes several out of every list: all of them or none. */
    public void takeAway(List<Long> ids, String why, Instant at) {
        ids.forEach(id -> takeAway(id, why, at));
    }

    /** Puts it back. @return false where it was taken away too long ago, or never */
    public boolean putBack(long id, Instant now) {
        Vehicle vehicle = vehicles.withPositions(id).orElseThrow();
        boolean there = vehicle.awayAt() != null && vehicle.awayAt().isAfter(now.minus(KEPT));
        if (there) {
            vehicle.away(null, null);
        }
        return there;
    }

    /** Those that can be put back, the newest first. */
    @Transactional(readOnly = true)
    public List<Vehicle> away(Instant now) {
        return vehicles.away(now.minus(KEPT));
    }

    /**
     * Takes a day under water away, with a reason: it counts no more. @return its vehicle; empty where there is none
     */
    public Optional<Long> takeImmersionAway(long id, String why, Instant at) {
        return immersions.findById(id).filter(there -> there.awayAt() == null).map(there -> {
            there.away(at, why);
            immersed(there, -there.times());
            return there.vehicleId();
        });
    }

    /** Puts it back. @return its vehicle; empty where it was taken away too long ago, or never */
    public Optional<Long> putImmersionBack(long id, Instant now) {
        return immersions
                .findById(id)
                .filter(gone -> gone.awayAt() != null && gone.awayAt().isAfter(now.minus(KEPT)))
                .map(gone -> {
                    gone.away(null, null);
                    immersed(gone, gone.times());
                    return gone.vehicleId();
                });
    }

    private void immersed(Immersion immersion, int times) {
        vehicles.withPositions(immersion.vehicleId())
                .orElseThrow()
                .positions()
                .forEach(position -> position.immersed(immersion.day(), times));
    }

    /** Those that can be put back, the newest first. */
    @Transactional(readOnly = true)
    public List<Immersion> immersionsAway(Instant now) {
        return immersions.away(now.minus(KEPT));
    }

    /** Puts a vehicle right. @return false when somebody else changed it since {@code version} was shown */
    public boolean change(long id, int version, VehicleInput input) {
        Vehicle vehicle = vehicles.withPositions(id).orElseThrow();
        if (vehicle.version() != version) {
            return false;
        }
        vehicle.change(input);
        changes.publishEvent(new VehicleChanged(id));
        return true;
    }

    /** With its positions. */
    @Transactional(readOnly = true)
    public Optional<Vehicle> find(long id) {
        return vehicles.withPositions(id);
    }

    /**
     * Adds a place of the workshop's own naming.
     *
     * @param facts what is known of it from the beginning, as JSON
     * @return false where it is there already
     */
    public boolean place(long vehicleId, Place own, String facts) {
        Optional<Position> added =
                vehicles.withPositions(vehicleId).orElseThrow().add(own);
        added.ifPresent(position -> position.remember(facts, ""));
        return added.isPresent();
    }

    /** A position of a vehicle by its code; the unknown one is made when it is first needed. */
    public Optional<Position> position(Vehicle vehicle, String code) {
        if (!code.equals(Place.UNKNOWN)) {
            return vehicle.position(code);
        }
        Position unknown = vehicle.unknown();
        entities.persist(unknown);
        return Optional.of(unknown);
    }

    @Transactional(readOnly = true)
    public Optional<Position> position(long id) {
        return positions.withVehicle(id);
    }

    /** Every vehicle, by name. */
    @Transactional(readOnly = true)
    public List<Vehicle> all() {
        return vehicles.byName(Pageable.unpaged());
    }

    /** Vehicles by name: all, or those whose name, mark or owner holds some words. */
    @Transactional(readOnly = true)
    public Paged<Vehicle> page(String words, int page) {
        int number = Paged.number(page);
        return Paged.of(
                words.isBlank()
                        ? vehicles.byName(Window.page(number))
                        : vehicles.search(Like.containing(words), Window.page(number)),
                words.strip(),
                number);
    }

    @Transactional(readOnly = true)
    public boolean none() {
        return vehicles.ids(Limit.of(1)).isEmpty();
    }

    /**
     * By name, mark or owner's initials: those with words that begin so, and where none has, or a word is too short for
     * an index, those of the first by name that hold the text as it stands.
     */
    @Transactional(readOnly = true)
    public List<Vehicle> search(String words) {
        List<Long> begun = vehicles.searchAll(Words.all(words), Words.LISTED);
        Set<Long> found = new LinkedHashSet<>();
        if (begun.isEmpty() || !Words.keptAll(words)) {
            found.addAll(vehicles.searchFirst(Like.containing(words), Words.AS_THEY_STAND, Words.LISTED));
        }
        found.addAll(begun);
        return found.isEmpty()
                ? List.of()
                : vehicles.these(found.stream().limit(Words.LISTED).toList());
    }

    /** What vehicles are called: the newest, and those any of whose words begins as one that was typed. */
    @Transactional(readOnly = true)
    public List<VehicleName> names(String words, int most) {
        List<VehicleName> names = new ArrayList<>(vehicles.names(Limit.of(most)));
        if (names.size() == most) {
            Set<Long> there = names.stream().map(VehicleName::id).collect(Collectors.toSet());
            List<Long> more = vehicles.likest(Words.any(words, SURE_LETTERS), most).stream()
                    .filter(id -> !there.contains(id))
                    .toList();
            vehicles.these(more)
                    .forEach(v -> names.add(new VehicleName(v.id(), v.name(), v.mark(), v.owner(), v.kind())));
        }
        return names;
    }

    /** Positions by a number on their rings. */
    @Transactional(readOnly = true)
    public List<Position> searchNumbers(String words) {
        return positions.these(positions.search(
                Like.containing(words.replaceAll("[\\s.-]", "").toUpperCase(java.util.Locale.ROOT)), Words.LISTED));
    }

    /**
     * Positions that are due: by immersions now, the most overdrawn first, then by date until a day; those due by both
     * once. @param most of each kind
     */
    @Transactional(readOnly = true)
    public List<DueLine> due(LocalDate until, int most) {
        Map<Long, DueLine> due = new LinkedHashMap<>();
        positions.dueByImmersions(Limit.of(most)).forEach(at -> due.put(at.getId(), DueLine.of(at)));
        int now = due.size();
        positions.dueUntil(until, Limit.of(most)).forEach(at -> due.putIfAbsent(at.getId(), DueLine.of(at)));
        List<DueLine> lines = List.copyOf(due.values());
        return Stream.concat(
                        lines.stream().limit(now),
                        byDay(lines.stream().skip(now), cares.dueUntil(until, Limit.of(most)).stream()))
                .toList();
    }

    private static Stream<DueLine> byDay(Stream<DueLine> bearings, Stream<VehicleCare> cares) {
        return Stream.concat(bearings, cares.map(DueLine::of)).sorted(Comparator.comparing(DueLine::on));
    }

    /** Everything with a date, one at a time: positions first, then the rest of a vehicle, each by its day. */
    @Transactional(readOnly = true)
    public void eachDue(Consumer<DueLine> reader) {
        try (Stream<DueRow> bearings = positions.everyDue()) {
            bearings.map(DueLine::of).forEach(reader);
        }
        try (Stream<VehicleCare> others = cares.everyDue()) {
            others.forEach(care -> {
                reader.accept(DueLine.of(care));
                entities.detach(care);
            });
        }
    }

    public void immersed(long vehicleId, LocalDate day, int times, String note) {
        immersions.save(new Immersion(vehicleId, day, times, note));
        vehicles.withPositions(vehicleId).orElseThrow().positions().forEach(position -> position.immersed(day, times));
    }

    /**
     * A vehicle went through something. What that makes due is due sooner, and why is kept with it.
     *
     * @param place code of the position that went through it; empty for the whole vehicle
     * @return how many positions are due sooner for it
     */
    public int went(long vehicleId, String place, VehicleEvent.Told told) {
        Vehicle vehicle = vehicles.withPositions(vehicleId).orElseThrow();
        Optional<Position> only = place.isEmpty() ? Optional.empty() : vehicle.position(place);
        VehicleEvent event =
                events.save(new VehicleEvent(vehicleId, only.map(Position::id).orElse(null), told));
        if (told.counter() != null) {
            cares.every(vehicleId).forEach(care -> care.counted(told.day(), told.counter()));
        }
        int sooner = 0;
        for (Position position : vehicle.positions()) {
            LocalDate before = position.dueOn();
            goThrough(position, event);
            position.counted(event);
            sooner += Objects.equals(before, position.dueOn()) ? 0 : 1;
        }
        return sooner;
    }

    /** What was named with it goes through it, else what it reaches and something is known of. */
    private static void goThrough(Position position, VehicleEvent event) {
        EventKind.find(event.kind())
                .filter(kind -> event.positionId() == null
                        ? position.lookedAfter() && position.reachedBy(kind)
                        : event.positionId().equals(position.id()))
                .ifPresent(kind -> position.wentThrough(event, kind));
    }

    /** The bearings of a position were looked after on a day; what came after it counts. Null where they never were. */
    public void served(Position position, LocalDate day) {
        long vehicle = position.vehicle().id();
        position.served(day, immersionsAfter(vehicle, day));
        events.after(vehicle, day == null ? LONG_AGO : day).forEach(event -> goThrough(position, event));
    }

    @Transactional(readOnly = true)
    public List<VehicleEvent> events(long vehicleId) {
        return events.latest(vehicleId);
    }

    /** What a vehicle went through after a day, up to and with another, the newest first. */
    @Transactional(readOnly = true)
    public List<EventLine> wentThrough(long vehicleId, LocalDate after, LocalDate to) {
        Vehicle vehicle = vehicles.withPositions(vehicleId).orElseThrow();
        return EventLine.of(vehicle, events.every(vehicleId), immersions.every(vehicleId)).stream()
                .filter(line -> line.day().isAfter(after) && !line.day().isAfter(to))
                .toList();
    }

    /** All of them, the oldest first. */
    @Transactional(readOnly = true)
    public List<VehicleEvent> everyEvent(long vehicleId) {
        return events.every(vehicleId);
    }

    @Transactional(readOnly = true)
    public List<Immersion> immersions(long vehicleId) {
        return immersions.latest(vehicleId);
    }

    /** All of them, the oldest first. */
    @Transactional(readOnly = true)
    public List<Immersion> everyImmersion(long vehicleId) {
        return immersions.every(vehicleId);
    }

    /** The numbers of all vehicles. */
    @Transactional(readOnly = true)
    public List<Long> ids() {
        return vehicles.ids(Limit.unlimited());
    }

    /** Writes what was changed so far. */
    public void flush() {
        entities.flush();
    }

    /** Lets go of what was read so far, so that a long reading stays small. */
    @Transactional(readOnly = true)
    public void letGo() {
        entities.clear();
    }

    /** Immersions since a day; all when it is null. */
    @Transactional(readOnly = true)
    public int immersionsAfter(long vehicleId, LocalDate day) {
        return Math.toIntExact(immersions.after(vehicleId, day == null ? LONG_AGO : day));
    }
}
