package unbo.app.exchange;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.due.FollowUpService;
import unbo.app.job.FactKeys;
import unbo.app.job.JobRecord;
import unbo.app.job.JobRecords;
import unbo.app.job.ShapeNames;
import unbo.app.photo.PhotoLine;
import unbo.app.photo.PhotoService;
import unbo.app.vehicle.CareService;
import unbo.app.vehicle.Immersion;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.SealService;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleCare;
import unbo.app.vehicle.VehicleService;
import unbo.core.drawing.Shape;
import unbo.core.input.UnitSystem;
import unbo.core.tools.identify.SealLedgerFields;

/** Writes jobs, positions and everything into files, and takes files in again: all of a file or nothing of it. */
@Service
@Transactional
public class ExchangeService {

    private static final int MOST_FAULTS = 12;
    /** Jobs that are read together while a file is written. */
    private static final int JOBS_AT_ONCE = 20;

    private final VehicleService vehicles;
    private final JobRecords jobs;
    private final PhotoService photos;
    private final FollowUpService followUps;
    private final ShelfExchange shelf;
    private final MoreRows more;
    private final CareService cares;
    private final SealService seals;
    private final Clock clock;
    private final ObjectMapper json = JsonMapper.builder()
            .addModule(new JavaTimeModule())
            .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.READ_UNKNOWN_ENUM_VALUES_AS_NULL)
            .addModule(FactKeys.module())
            .enable(SerializationFeature.INDENT_OUTPUT)
            .addMixIn(Shape.class, ShapeNames.class)
            .build();

    ExchangeService(
            VehicleService vehicles,
            JobRecords jobs,
            PhotoService photos,
            FollowUpService followUps,
            ShelfExchange shelf,
            MoreRows more,
            CareService cares,
            SealService seals,
            Clock clock) {
        this.vehicles = vehicles;
        this.jobs = jobs;
        this.photos = photos;
        this.followUps = followUps;
        this.shelf = shelf;
        this.more = more;
        this.cares = cares;
        this.seals = seals;
        this.clock = clock;
    }

    /** A file that can be read more than once. */
    @FunctionalInterface
    public interface Source {
        InputStream open() throws IOException;
    }

    /**
     * What came of a file.
     *
     * @param faults why nothing of it was taken in, one sentence each; empty when all of it was
     * @param jobs the new numbers of its jobs
     * @param vehicle the number of its only vehicle; 0 when it holds several
     * @param added the numbers of the vehicles that are new
     */
    public record Taken(List<String> faults, List<Long> jobs, long vehicle, List<Long> added) {

        static Taken refused(Collection<String> faults) {
            List<String> shown =
                    new ArrayList<>(faults.stream().limit(MOST_FAULTS).toList());
            if (faults.size() > MOST_FAULTS) {
                shown.add("and " + (faults.size() - MOST_FAULTS) + " more.");
            }
            return new Taken(List.copyOf(shown), List.of(), 0, List.of());
        }
    }

    /** One job with its vehicle and what its position knows. */
    public byte[] job(long jobId, Position position) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            write(out, "job", chosen(position, List.of(jobId)), false);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** One position with all its jobs. */
    public void position(Position position, OutputStream out) throws IOException {
        write(out, "position", chosen(position, jobs.atPosition(position.id())), false);
    }

    private static List<Chosen> chosen(Position position, List<Long> ids) {
        return List.of(new Chosen(position.vehicle().id(), Map.of(position.id(), ids)));
    }

    /** Everything, as it stands at one moment, bit by bit. */
    public void everything(OutputStream out) throws IOException {
        write(
                out,
                "everything",
                vehicles.ids().stream().map(id -> new Chosen(id, null)).toList(),
                true);
    }

    /** What of a vehicle goes out: jobs by position; null for all of it. */
    private record Chosen(long vehicle, Map<Long, List<Long>> jobs) {}

    private void write(OutputStream out, String holds, List<Chosen> chosen, boolean withShelf) throws IOException {
        try (JsonGenerator file = json.createGenerator(out)) {
            file.disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET);
            file.useDefaultPrettyPrinter();
            file.writeStartObject();
            file.writeStringField("format", UnboFile.FORMAT);
            file.writeNumberField("version", UnboFile.VERSION);
            file.writeStringField("holds", holds);
            file.writeStringField("writtenAt", clock.instant().toString());
            file.writeArrayFieldStart("vehicles");
            for (Chosen one : chosen) {
                json.writeValue(file, vehicle(one));
                letGo();
            }
            file.writeEndArray();
            Map<Long, Integer> written = new LinkedHashMap<>();
            Map<Long, Integer> pictures = new HashMap<>();
            file.writeArrayFieldStart("jobs");
            List<Place> places = new ArrayList<>();
            for (int v = 0; v < chosen.size(); v++) {
                places.addAll(places(chosen.get(v), v + 1));
                letGo();
            }
            jobs(file, places, written);
            file.writeEndArray();
            file.writeArrayFieldStart("photos");
            Set<Long> withPhotos = withShelf ? photos.jobs() : written.keySet();
            for (Map.Entry<Long, Integer> job : written.entrySet()) {
                if (withPhotos.contains(job.getKey())) {
                    photos(file, job, pictures);
                }
            }
            file.writeEndArray();
            file.writeArrayFieldStart("followUps");
            Set<Long> withFollowUps = withShelf ? followUps.jobs() : written.keySet();
            for (Map.Entry<Long, Integer> job : written.entrySet()) {
                if (withFollowUps.contains(job.getKey())) {
                    followUps(file, job.getKey(), job.getValue());
                }
            }
            file.writeEndArray();
            if (withShelf) {
                file.writeFieldName("shelf");
                json.writeValue(file, shelf.part());
                more(file, written, pictures);
            }
            file.writeEndObject();
        }
    }

    private void letGo() {
        vehicles.flush();
        vehicles.letGo();
    }

    /** A job that goes out. @param vehicle number of its vehicle in the file */
    private record Place(int vehicle, String position, long job) {}

    private List<Place> places(Chosen chosen, int vehicle) {
        List<Place> places = new ArrayList<>();
        for (Position position : positions(chosen)) {
            List<Long> ids = chosen.jobs() == null
                    ? jobs.atPosition(position.id())
                    : chosen.jobs().get(position.id());
            ids.forEach(id -> places.add(new Place(vehicle, position.code(), id)));
        }
        return places;
    }

    private void jobs(JsonGenerator file, List<Place> places, Map<Long, Integer> written) throws IOException {
        Map<Long, Integer> visits = new HashMap<>();
        for (int from = 0; from < places.size(); from += JOBS_AT_ONCE) {
            List<Place> some = places.subList(from, Math.min(places.size(), from + JOBS_AT_ONCE));
            List<JobRecord> records = jobs.of(some.stream().map(Place::job).toList(), visits);
            for (int i = 0; i < some.size(); i++) {
                json.writeValue(
                        file,
                        new UnboFile.JobPart(some.get(i).vehicle(), some.get(i).position(), records.get(i)));
                written.put(some.get(i).job(), written.size() + 1);
            }
            letGo();
        }
    }

    private List<Position> positions(Chosen chosen) {
        List<Position> all = vehicles.find(chosen.vehicle()).orElseThrow().positions();
        return all.stream()
                .filter(p -> chosen.jobs() == null || chosen.jobs().containsKey(p.id()))
                .toList();
    }

    private void photos(JsonGenerator file, Map.Entry<Long, Integer> job, Map<Long, Integer> pictures)
            throws IOException {
        for (PhotoLine line : photos.of(job.getKey())) {
            byte[] jpeg = photos.picture(job.getKey(), line.id()).orElseThrow();
            pictures.put(line.id(), pictures.size() + 1);
            json.writeValue(
                    file, new UnboFile.PhotoPart(job.getValue(), line.stage(), line.words(), line.addedAt(), jpeg));
            letGo();
        }
    }

    /** What belongs to a job or a photo of the file, or to none. */
    private void more(JsonGenerator file, Map<Long, Integer> written, Map<Long, Integer> pictures) throws IOException {
        file.writeArrayFieldStart("more");
        for (More what : More.values()) {
            Map<Long, Integer> numbers = what.of() == More.Of.JOB ? written : pictures;
            more.each(what, row -> {
                int of = what.of() == More.Of.NOTHING ? 0 : numbers.getOrDefault(row.of(), 0);
                if (of > 0 || what.of() == More.Of.NOTHING) {
                    written(file, new UnboFile.MorePart(what.word(), of, row.texts()));
                }
            });
        }
        file.writeEndArray();
    }

    private void written(JsonGenerator file, UnboFile.MorePart part) {
        try {
            json.writeValue(file, part);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void followUps(JsonGenerator file, long jobId, int number) throws IOException {
        for (FollowUpService.Open open : followUps.of(jobId)) {
            json.writeValue(file, new UnboFile.FollowUpPart(number, open.code(), open.on()));
        }
    }

    private UnboFile.VehiclePart vehicle(Chosen chosen) {
        Vehicle v = vehicles.find(chosen.vehicle()).orElseThrow();
        List<UnboFile.ImmersionPart> immersions = new ArrayList<>();
        for (Immersion immersion : vehicles.everyImmersion(v.id())) {
            immersions.add(new UnboFile.ImmersionPart(immersion.day(), immersion.times(), immersion.note()));
        }
        List<UnboFile.PositionPart> positions =
                positions(chosen).stream().map(this::part).toList();
        return new UnboFile.VehiclePart(
                v.kind(),
                v.name(),
                v.mark(),
                v.owner(),
                v.counterUnit(),
                v.yearlyDistance(),
                v.use(),
                v.axles(),
                immersions,
                events(v),
                cares.of(v.id()).stream().map(VehicleCare::care).toList(),
                seals.of(v.id()).stream().map(SealLedgerFields.Line::text).toList(),
                positions);
    }

    private List<UnboFile.EventPart> events(Vehicle vehicle) {
        Map<Long, String> codes = vehicle.positions().stream().collect(Collectors.toMap(Position::id, Position::code));
        return vehicles.everyEvent(vehicle.id()).stream()
                .map(event -> new UnboFile.EventPart(
                        event.positionId() == null ? "" : codes.getOrDefault(event.positionId(), ""), event.told()))
                .toList();
    }

    private UnboFile.PositionPart part(Position p) {
        return new UnboFile.PositionPart(
                p.code(),
                jobs.facts(p),
                p.numbers(),
                p.lastWorkedOn(),
                p.lastCounter(),
                p.servedOn(),
                p.dueOn(),
                p.dueCounter(),
                p.dueImmersions(),
                List.of());
    }

    /**
     * Takes a file in, as new vehicles with new numbers. All of it is judged before any of it is taken.
     *
     * @param otherwise system of texts that do not say in which they were typed, as in files of an older release
     */
    public Taken take(Source source, UnitSystem otherwise) throws IOException {
        return take(source, otherwise, null);
    }

    /**
     * The same; its jobs onto a vehicle that is here. @param onto what must be of the kind of the file's only vehicle;
     * null for new vehicles
     */
    public Taken take(Source source, UnitSystem otherwise, Vehicle onto) throws IOException {
        FileReading reading = new FileReading(json);
        FileFaults judged = new FileFaults();
        try {
            FileReading.Head head;
            try (InputStream in = source.open()) {
                head = reading.head(in);
                List<String> faults = faults(head);
                if (!faults.isEmpty()) {
                    return Taken.refused(faults);
                }
            }
            try (InputStream in = source.open()) {
                reading.read(in, judged);
            }
            if (!judged.faults().isEmpty()) {
                return Taken.refused(judged.faults());
            }
            Optional<String> misfit = onto == null ? Optional.empty() : judged.misfit(onto);
            if (misfit.isPresent()) {
                return Taken.refused(List.of(misfit.get()));
            }
            Taking taking = new Taking(otherwise, head.version(), onto);
            try (InputStream in = source.open()) {
                reading.read(in, taking);
            }
            return new Taken(
                    List.of(),
                    List.copyOf(taking.jobs),
                    taking.vehicles.size() == 1 ? taking.vehicles.get(0) : 0,
                    onto == null ? List.copyOf(taking.vehicles) : List.of());
        } catch (FileReading.Unreadable e) {
            return Taken.refused(List.of(e.getMessage()));
        }
    }

    private static List<String> faults(FileReading.Head head) {
        if (!UnboFile.FORMAT.equals(head.format())) {
            return List.of("This file was not written by Unbo: its “format” is not “unbo”.");
        }
        if (head.version() < UnboFile.OLDEST || head.version() > UnboFile.VERSION) {
            return List.of("This file is of version " + head.version() + "; this Unbo reads versions " + UnboFile.OLDEST
                    + " to " + UnboFile.VERSION + ".");
        }
        return List.of();
    }

    /** Takes in what was judged. */
    private final class Taking implements FileReading.Taker {

        private final UnitSystem otherwise;
        private final Vehicle onto;
        private final boolean saysWhenServed;
        private final List<Long> vehicles = new ArrayList<>();
        private final Map<String, Long> positions = new HashMap<>();
        private final Map<String, Long> visits = new HashMap<>();
        private final List<Long> jobs = new ArrayList<>();
        private final List<Long> places = new ArrayList<>();
        private final List<Long> pictures = new ArrayList<>();

        Taking(UnitSystem otherwise, int version, Vehicle onto) {
            this.onto = onto;
            this.otherwise = otherwise;
            this.saysWhenServed = version > UnboFile.OLDEST;
        }

        @Override
        public void vehicle(UnboFile.VehiclePart part, int number) {
            if (onto != null) {
                onto(part, number);
                return;
            }
            Vehicle vehicle =
                    ExchangeService.this.vehicles.add(FileFaults.reading(part).record());
            vehicles.add(vehicle.id());
            for (UnboFile.PositionPart at : part.positions()) {
                Position position = ExchangeService.this
                        .vehicles
                        .position(vehicle, at.code())
                        .orElseThrow();
                restore(position, at);
                positions.put(number + " " + at.code(), position.id());
            }
            for (UnboFile.ImmersionPart immersion : part.immersions()) {
                ExchangeService.this.vehicles.immersed(
                        vehicle.id(), immersion.day(), immersion.times(), immersion.note());
            }
            for (UnboFile.EventPart event : part.events()) {
                ExchangeService.this.vehicles.went(vehicle.id(), event.position(), event.told());
            }
            part.care().forEach(care -> cares.add(vehicle.id(), care));
            if (!part.seals().isEmpty()) {
                seals.keep(vehicle.id(), FileFaults.seals(part.seals()).record().lines(), "");
            }
            letGo();
            part.positions()
                    .forEach(at -> at.jobs()
                            .forEach(job -> job(new UnboFile.JobPart(number, at.code(), job), jobs.size() + 1)));
        }

        /** What the vehicle went through and is due stands here already; a place that knows less takes over. */
        private void onto(UnboFile.VehiclePart part, int number) {
            vehicles.add(onto.id());
            Vehicle here = ExchangeService.this.vehicles.find(onto.id()).orElseThrow();
            for (UnboFile.PositionPart at : part.positions()) {
                Position position =
                        ExchangeService.this.vehicles.position(here, at.code()).orElseThrow();
                if (position.lastWorkedOn() == null
                        || at.lastWorkedOn() != null && at.lastWorkedOn().isAfter(position.lastWorkedOn())) {
                    restore(position, at);
                }
                positions.put(number + " " + at.code(), position.id());
            }
            letGo();
            part.positions()
                    .forEach(at -> at.jobs()
                            .forEach(job -> job(new UnboFile.JobPart(number, at.code(), job), jobs.size() + 1)));
        }

        private void restore(Position position, UnboFile.PositionPart at) {
            if (!position.unknown()) {
                position.remember(ExchangeService.this.jobs.facts(at.facts()), at.numbers());
                position.due(at.dueOn(), at.dueCounter(), at.dueImmersions());
                position.lastJob(at.lastWorkedOn(), at.lastCounter());
                position.served(saysWhenServed ? at.servedOn() : at.lastWorkedOn(), 0);
            }
        }

        @Override
        public void job(UnboFile.JobPart part, int number) {
            JobRecord job = part.job();
            Position position = ExchangeService.this
                    .vehicles
                    .position(positions.get(part.vehicle() + " " + part.position()))
                    .orElseThrow();
            String visit = part.vehicle() + " " + job.visit();
            JobRecords.Placed placed = ExchangeService.this.jobs.take(job, position, visits.get(visit), otherwise);
            visits.put(visit, placed.visit());
            jobs.add(placed.job());
            places.add(position.id());
            letGo();
        }

        @Override
        public void photo(UnboFile.PhotoPart photo, int number) {
            pictures.add(photos.take(
                    jobs.get(photo.job() - 1), photo.stage(), photo.words(), photo.addedAt(), photo.jpeg()));
            letGo();
        }

        @Override
        public void followUp(UnboFile.FollowUpPart part, int number) {
            followUps.take(jobs.get(part.job() - 1), places.get(part.job() - 1), part.code(), part.on());
        }

        @Override
        public void shelf(UnboFile.ShelfPart part) {
            shelf.take(part);
        }

        @Override
        public void more(UnboFile.MorePart part, int number) {
            ExchangeService.this.vehicles.flush();
            More.named(String.valueOf(part.kind()))
                    .ifPresent(what -> more.take(
                            what,
                            switch (what.of()) {
                                case JOB -> jobs.get(part.of() - 1);
                                case PHOTO -> pictures.get(part.of() - 1);
                                case NOTHING -> 0L;
                            },
                            part.texts()));
        }
    }
}
