package unbo.core.diagnosis;

import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

/**
 * What is known when the question is asked: is it the bearing, and which one?
 *
 * @param seen results, in the order they were noted
 * @param circumstances codes of what the vehicle goes through
 * @param position the position the job is about; null when it is not known
 * @param complaint as it was told; may be empty
 * @param loaded a trailer that runs loaded or fast
 * @param order by what the next check is chosen
 */
public record DiagnosisInput(
        Machine machine,
        List<Observation> seen,
        List<String> circumstances,
        @Nullable String position,
        Past past,
        String complaint,
        boolean loaded,
        CheckOrder order) {
    /**
     * What it is.
     *
     * @param vehicle car, van, motorcycle, bicycle or trailer
     * @param axles of a trailer; 1 otherwise
     * @param hubType how its hubs carry their bearings
     */
    public record Machine(String vehicle, int axles, HubType hubType) {}

    /**
     * What it has been through.
     *
     * @param distanceKm run since the bearing there was last looked after, km; null when unknown
     * @param years gone by since then; null when unknown
     * @param failures earlier bearing failures, by position
     */
    public record Past(
            @Nullable Double distanceKm, @Nullable Double years, Map<String, Integer> failures) {
        public Past {
            failures = Map.copyOf(failures);
        }
    }

    public DiagnosisInput {
        seen = List.copyOf(seen);
        circumstances = List.copyOf(circumstances);
    }

    /** The same with one more result. */
    public DiagnosisInput with(Observation more) {
        List<Observation> all = new java.util.ArrayList<>(seen);
        all.removeIf(o -> o.done().equals(more.done()));
        all.add(more);
        return new DiagnosisInput(
                new Machine(vehicle(), axles(), hubType()),
                all,
                circumstances,
                position,
                new Past(distanceKm(), years(), failures()),
                complaint,
                loaded,
                order);
    }

    public String vehicle() {
        return machine.vehicle();
    }

    public int axles() {
        return machine.axles();
    }

    public HubType hubType() {
        return machine.hubType();
    }

    public @Nullable Double distanceKm() {
        return past.distanceKm();
    }

    public @Nullable Double years() {
        return past.years();
    }

    public Map<String, Integer> failures() {
        return past.failures();
    }
}
