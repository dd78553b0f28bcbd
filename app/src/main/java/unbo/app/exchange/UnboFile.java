package unbo.app.exchange;

import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;

import unbo.app.job.JobRecord;
import unbo.app.vehicle.VehicleEvent;
import unbo.core.service.Care;
import unbo.core.sheet.Fact;

/**
 * The parts of the one file form, which holds a job, a position with its history, or everything: vehicles, then their
 * jobs, then photos and what is to be done after hand-over, then the workshop's own and what else there is, each part
 * by itself so that files of any size are read and written bit by bit. JSON, UTF-8; lengths in mm, masses in kg, times
 * in UTC; what was typed says in which system it was. Fields that a newer release adds are passed over. Version 2; one
 * of version 1 held the jobs inside the positions.
 */
final class UnboFile {

    static final String FORMAT = "unbo";
    static final int VERSION = 2;
    static final int OLDEST = 1;

    private UnboFile() {}

    /** Shims, greases, guns and own bearings, each as the texts of its form. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record ShelfPart(
            List<Map<String, String>> shims,
            List<Map<String, String>> greases,
            List<Map<String, String>> guns,
            List<Map<String, String>> bearings) {

        ShelfPart {
            shims = texts(shims);
            greases = texts(greases);
            guns = texts(guns);
            bearings = texts(bearings);
        }

        /** A text that is nothing is left out, as one that was never written. */
        private static List<Map<String, String>> texts(List<Map<String, String>> lines) {
            return whole(lines).stream()
                    .map(line -> line.entrySet().stream()
                            .filter(e -> e.getValue() != null)
                            .collect(Collectors.toMap(
                                    Map.Entry::getKey, Map.Entry::getValue, (a, b) -> b, LinkedHashMap::new)))
                    .map(line -> (Map<String, String>) line)
                    .toList();
        }
    }

    /** A vehicle, with the positions that the file holds. @param seals a line for each, as they are written */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record VehiclePart(
            String kind,
            String name,
            String mark,
            String owner,
            String counterUnit,
            Double yearly,
            String use,
            int axles,
            List<ImmersionPart> immersions,
            List<EventPart> events,
            List<Care> care,
            List<String> seals,
            List<PositionPart> positions) {

        VehiclePart {
            immersions = whole(immersions);
            events = whole(events);
            care = whole(care);
            seals = whole(seals);
            positions = whole(positions);
        }
    }

    @JsonIgnoreProperties(ignoreUnknown = true)
    record ImmersionPart(LocalDate day, int times, String note) {}

    /** Something that a vehicle went through. @param position code of the one place that did; empty for all of it */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record EventPart(String position, VehicleEvent.Told told) {}

    /** What outlives the jobs of a position. @param jobs the oldest first, in files of version 1 */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record PositionPart(
            String code,
            List<Fact> facts,
            String numbers,
            LocalDate lastWorkedOn,
            Double lastCounter,
            LocalDate servedOn,
            LocalDate dueOn,
            Double dueCounter,
            Integer dueImmersions,
            List<JobRecord> jobs) {

        PositionPart {
            facts = whole(facts);
            jobs = whole(jobs);
        }
    }

    /** A job and where it was. @param vehicle counted from 1 in the file */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record JobPart(int vehicle, String position, JobRecord job) {}

    /** A photo of a job, as JPEG in base 64. @param job counted from 1 in the file */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record PhotoPart(int job, String stage, String words, Instant addedAt, byte[] jpeg) {}

    /** What is still to be done after hand-over of a job. @param job counted from 1 in the file */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record FollowUpPart(int job, String code, LocalDate on) {}

    /**
     * What else there is: see {@link More}. @param of job or photo it belongs to, counted from 1 in the file; 0 for
     * none
     */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record MorePart(String kind, int of, Map<String, String> texts) {

        MorePart {
            texts = texts == null ? Map.of() : texts;
        }
    }

    private static <T> List<T> whole(List<T> list) {
        return list == null ? List.of() : list.stream().filter(Objects::nonNull).toList();
    }
}
