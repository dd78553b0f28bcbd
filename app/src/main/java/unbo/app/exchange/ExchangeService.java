package unbo.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.job.JobRecord;
import unbo.app.job.JobRecords;
import unbo.app.vehicle.Immersion;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Fact;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleInput;

/** Writes jobs, positions and everything into files, and takes files in again: all of a file or nothing of it. */
@Service
@Transactional
public class ExchangeService {

    private static final int MOST_FAULTS = 12;

    private final VehicleService vehicles;
    private final JobRecords jobs;
    private final ShelfExchange shelf;
    private final Clock clock;
    private final ObjectMapper json = JsonMapper.builder().addModule(new JavaTimeModule()).disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).enable(DeserializationFeature.READ_UNKNOWN_ENUM_VALUES_AS_NULL)
            .enable(SerializationFeature.INDENT_OUTPUT).build();

    ExchangeService(VehicleService vehicles, JobRecords jobs, ShelfExchange shelf, Clock clock) {
        this.vehicles = vehicles;
        this.jobs = jobs;
        this.shelf = shelf;
        this.clock = clock;
    }

    /**
     * What came of a file.
     *
     * @param faults why nothing of it was taken in, one sentence each; empty when all of it was
     * @param jobs   the new numbers of its jobs
     * @param vehicle the number of its only vehicle; 0 when it holds several
     */
    public record Taken(List<String> faults, List<Long> jobs, long vehicle) {

        static Taken refused(Collection<String> faults) {
            List<String> shown = new ArrayList<>(faults.stream().limit(MOST_FAULTS).toList());
            if (faults.size() > MOST_FAULTS) {
                shown.add("and " + (faults.size() - MOST_FAULTS) + " more.");
            }
            return new Taken(List.copyOf(shown), List.of(), 0);
        }
    }

    /** One job with its vehicle and what its position knows. */
    @Transactional(readOnly = true)
    public byte[] job(long jobId, Position position) {
        return write("job", vehicle(position.vehicle(), List.of(part(position, jobs.of(List.of(jobId), new HashMap<>())))));
    }

    /** One position with all its jobs. */
    @Transactional(readOnly = true)
    public byte[] position(Position position) {
        return write("position", vehicle(position.vehicle(), List.of(part(position, jobs.of(jobs.atPosition(position.id()), new HashMap<>())))));
    }

    private byte[] write(String holds, UnboFile.VehiclePart vehicle) {
        try {
            return json.writeValueAsBytes(new UnboFile(UnboFile.FORMAT, UnboFile.VERSION, holds, clock.instant(), List.of(vehicle), null));
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Everything, as it stands at one moment, vehicle by vehicle. */
    @Transactional(readOnly = true)
    public void everything(OutputStream out) throws IOException {
        try (JsonGenerator file = json.createGenerator(out)) {
            file.disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET);
            file.writeStartObject();
            file.writeStringField("format", UnboFile.FORMAT);
            file.writeNumberField("version", UnboFile.VERSION);
            file.writeStringField("holds", "everything");
            file.writeStringField("writtenAt", clock.instant().toString());
            file.writeArrayFieldStart("vehicles");
            for (long id : vehicles.ids()) {
                Vehicle vehicle = vehicles.find(id).orElseThrow();
                Map<Long, Integer> visits = new HashMap<>();
                json.writeValue(file, vehicle(vehicle, vehicle.positions().stream().map(p -> part(p, jobs.of(jobs.atPosition(p.id()), visits))).toList()));
                vehicles.letGo();
            }
            file.writeEndArray();
            file.writeFieldName("shelf");
            json.writeValue(file, shelf.part());
            file.writeEndObject();
        }
    }

    private UnboFile.VehiclePart vehicle(Vehicle v, List<UnboFile.PositionPart> positions) {
        List<UnboFile.ImmersionPart> immersions = new ArrayList<>();
        for (Immersion immersion : vehicles.everyImmersion(v.id())) {
            immersions.add(new UnboFile.ImmersionPart(immersion.day(), immersion.times(), immersion.note()));
        }
        return new UnboFile.VehiclePart(v.kind(), v.name(), v.mark(), v.owner(), v.counterUnit(), v.yearlyDistance(), v.use(), v.axles(), immersions, positions);
    }

    private UnboFile.PositionPart part(Position p, List<JobRecord> at) {
        return new UnboFile.PositionPart(p.code(), jobs.facts(p), p.numbers(), p.lastWorkedOn(), p.lastCounter(), p.dueOn(), p.dueCounter(), p.dueImmersions(), at);
    }

    /** Takes a file in, as new vehicles with new numbers. Nothing of it is taken in when any of it cannot be. */
    public Taken take(InputStream in) {
        UnboFile file;
        try {
            file = json.readValue(in, UnboFile.class);
        } catch (JsonMappingException e) {
            return Taken.refused(List.of(where(e) + "cannot be read: " + e.getOriginalMessage().lines().findFirst().orElse("")));
        } catch (IOException e) {
            return Taken.refused(List.of("This is no JSON file that can be read to its end. Take one that Unbo has written."));
        }
        List<String> faults = faults(file);
        if (!faults.isEmpty()) {
            return Taken.refused(faults);
        }
        if (file.shelf() != null) {
            shelf.take(file.shelf());
        }
        List<Long> ids = new ArrayList<>();
        long last = 0;
        for (UnboFile.VehiclePart part : file.vehicles()) {
            last = take(part, ids);
        }
        return new Taken(List.of(), List.copyOf(ids), file.vehicles().size() == 1 ? last : 0);
    }

    private long take(UnboFile.VehiclePart part, List<Long> ids) {
        Vehicle vehicle = vehicles.add(reading(part).record());
        List<JobRecords.Placed> placed = new ArrayList<>();
        for (UnboFile.PositionPart at : part.positions()) {
            Position position = vehicles.position(vehicle, at.code()).orElseThrow();
            position.remember(jobs.facts(at.facts()), at.numbers());
            position.due(at.dueOn(), at.dueCounter(), at.dueImmersions());
            position.worked(at.lastWorkedOn(), at.lastCounter(), 0);
            at.jobs().forEach(job -> placed.add(new JobRecords.Placed(job, position)));
        }
        for (UnboFile.ImmersionPart immersion : part.immersions()) {
            vehicles.immersed(vehicle.id(), immersion.day(), immersion.times(), immersion.note());
        }
        ids.addAll(jobs.take(vehicle, placed));
        return vehicle.id();
    }

    private static List<String> faults(UnboFile file) {
        if (!UnboFile.FORMAT.equals(file.format())) {
            return List.of("This file was not written by Unbo: its “format” is not “unbo”.");
        }
        if (file.version() != UnboFile.VERSION) {
            return List.of("This file is of version " + file.version() + "; this Unbo reads version " + UnboFile.VERSION + ".");
        }
        List<String> faults = new ArrayList<>();
        if (file.vehicles().isEmpty()) {
            faults.add("The file holds no vehicle.");
        }
        if (file.shelf() != null) {
            faults.addAll(ShelfExchange.faults(file.shelf()));
        }
        for (int v = 0; v < file.vehicles().size(); v++) {
            faults(file.vehicles().get(v), "vehicle " + (v + 1), faults);
        }
        return faults;
    }

    private static void faults(UnboFile.VehiclePart vehicle, String here, List<String> faults) {
        Reading<VehicleInput> reading = reading(vehicle);
        reading.problems().forEach(p -> faults.add(here + ": " + p.sentence()));
        for (UnboFile.ImmersionPart immersion : vehicle.immersions()) {
            if (immersion.day() == null || immersion.times() < 1 || immersion.times() > 1000 || immersion.note() == null || immersion.note().length() > 200) {
                faults.add(here + ": an immersion needs its day, 1 to 1000 times and a note of at most 200 characters.");
            }
        }
        if (!reading.ok()) {
            return;
        }
        List<String> places = Stream.concat(reading.record().places().stream().map(Place::code), Stream.of(Place.UNKNOWN)).toList();
        for (UnboFile.PositionPart position : vehicle.positions()) {
            String at = here + ", " + position.code();
            if (!places.contains(position.code())) {
                faults.add(at + ": a " + vehicle.kind() + " has no such position.");
            }
            if (position.numbers() == null || position.numbers().length() > 255) {
                faults.add(at + ": numbers are missing or longer than 255 characters.");
            }
            position.facts().stream().filter(f -> f != null && f.key() != null).map(Fact::fault).filter(Objects::nonNull).forEach(f -> faults.add(at + ": " + f));
            for (int j = 0; j < position.jobs().size(); j++) {
                faults.addAll(position.jobs().get(j).faults(at + ", job " + (j + 1)));
            }
        }
        if (vehicle.positions().stream().map(UnboFile.PositionPart::code).distinct().count() < vehicle.positions().size()) {
            faults.add(here + ": a position stands in it twice.");
        }
    }

    /** The vehicle's texts through the one reader, so that the limits are those of its form. */
    private static Reading<VehicleInput> reading(UnboFile.VehiclePart v) {
        VehicleInput input = new VehicleInput(v.kind(), v.name(), v.mark(), v.owner(), v.counterUnit(), v.yearly(), v.use(), v.axles());
        return FieldReader.read(VehicleInput.LIST, input.texts(), UnitSystem.METRIC);
    }

    private static String where(JsonMappingException e) {
        String path = e.getPath().stream().map(r -> r.getFieldName() == null ? "[" + (r.getIndex() + 1) + "]" : r.getFieldName()).collect(Collectors.joining(" "));
        return path.isEmpty() ? "The file " : path + " ";
    }
}
