package unbo.app.exchange;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;

import unbo.app.job.JobRecord;
import unbo.core.sheet.Fact;

/**
 * The one file form: a job, a position with its history, or everything. JSON, UTF-8; lengths in mm, masses in kg, times
 * in UTC. Fields that a newer release adds are passed over.
 *
 * @param format always {@code unbo}
 * @param holds  {@code job}, {@code position} or {@code everything}
 * @param shelf  the workshop's own, of everything; null in other files and in those of an older release
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record UnboFile(String format, int version, String holds, Instant writtenAt, List<VehiclePart> vehicles, ShelfPart shelf) {

    static final String FORMAT = "unbo";
    static final int VERSION = 1;

    UnboFile {
        vehicles = vehicles == null ? List.of() : List.copyOf(vehicles);
    }

    /** Shims, greases, guns and own bearings, each as the texts of its form. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record ShelfPart(List<Map<String, String>> shims, List<Map<String, String>> greases, List<Map<String, String>> guns, List<Map<String, String>> bearings) {

        ShelfPart {
            shims = shims == null ? List.of() : shims;
            greases = greases == null ? List.of() : greases;
            guns = guns == null ? List.of() : guns;
            bearings = bearings == null ? List.of() : bearings;
        }
    }

    /** A vehicle, with the positions that the file holds. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record VehiclePart(String kind, String name, String mark, String owner, String counterUnit, Double yearly, String use, int axles,
                       List<ImmersionPart> immersions, List<PositionPart> positions) {

        VehiclePart {
            immersions = immersions == null ? List.of() : List.copyOf(immersions);
            positions = positions == null ? List.of() : List.copyOf(positions);
        }
    }

    @JsonIgnoreProperties(ignoreUnknown = true)
    record ImmersionPart(LocalDate day, int times, String note) {
    }

    /** What outlives the jobs of a position, and those jobs that the file holds, the oldest first. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record PositionPart(String code, List<Fact> facts, String numbers, LocalDate lastWorkedOn, Double lastCounter, LocalDate dueOn, Double dueCounter,
                        Integer dueImmersions, List<JobRecord> jobs) {

        PositionPart {
            facts = facts == null ? List.of() : facts;
            jobs = jobs == null ? List.of() : List.copyOf(jobs);
        }
    }
}
