package unbo.core.diagnosis;

import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

/**
 * What is known when the question is asked: is it the bearing, and which one?
 *
 * @param vehicle car, van, motorcycle, bicycle or trailer
 * @param axles of a trailer; 1 otherwise
 * @param hubType how its hubs carry their bearings
 * @param seen results, in the order they were noted
 * @param circumstances codes of what the vehicle goes through
 * @param position the position the job is about; null when it is not known
 * @param distanceKm run since the bearing there was last looked after, km; null when unknown
 * @param years gone by since then; null when unknown
 * @param failures earlier bearing failures, by position
 * @param complaint as it was told; may be empty
 * @param loaded a trailer that runs loaded or fast
 */
public record DiagnosisInput(
        String vehicle,
        int axles,
        HubType hubType,
        List<Observation> seen,
        List<String> circumstances,
        @Nullable String position,
        @Nullable Double distanceKm,
        @Nullable Double years,
        Map<String, Integer> failures,
        String complaint,
        boolean loaded) {

    public DiagnosisInput {
        seen = List.copyOf(seen);
        circumstances = List.copyOf(circumstances);
        failures = Map.copyOf(failures);
    }

    /** The same with one more result. */
    public DiagnosisInput with(Observation more) {
        List<Observation> all = new java.util.ArrayList<>(seen);
        all.removeIf(o -> o.done().equals(more.done()));
        all.add(more);
        return new DiagnosisInput(
                vehicle, axles, hubType, all, circumstances, position, distanceKm, years, failures, complaint, loaded);
    }
}
