package unbo.app.job;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.core.assembly.AssemblyKind;
import unbo.core.event.EventKind;
import unbo.core.event.Exposure;
import unbo.core.fact.FactKey;
import unbo.core.measure.Show;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.route.Standing;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.Usage;
import unbo.core.vehicle.VehicleKind;

/** A job with its documents read once: its sheet, its stations and whether it may be signed. */
final class OpenedJob {

    private static final String WHEEL_BEARING = "wheel-bearing";
    private static final Set<FactKey> OF_HISTORY =
            Set.of(FactKey.PAST_DAMAGE, FactKey.FAILURES, FactKey.LAST_COUNTER, FactKey.LAST_DAY);

    private final Job job;
    private final Documents documents;
    private Map<RouteStage, StageDocument> stages;
    private Sheet before;
    private final Map<Optional<RouteStage>, Sheet> sheets = new HashMap<>();

    OpenedJob(Job job, Documents documents) {
        this.job = job;
        this.documents = documents;
    }

    /**
     * What was known before this job: of the vehicle and the position, and of earlier jobs there. A job that was closed
     * once keeps what it began with, so that it never counts itself, or what came after it, as its own history.
     */
    private static Sheet known(Job job, Documents documents) {
        List<Fact> vehicle = fromVehicle(job.position().vehicle(), job);
        if (job.knownBefore() != null) {
            return Sheet.of(documents.facts(job.knownBefore()))
                    .with(vehicle.stream()
                            .filter(fact -> !OF_HISTORY.contains(fact.key()))
                            .toList());
        }
        return Sheet.of(documents.facts(job.position().facts())).with(vehicle).with(fromLastJob(job.position()));
    }

    /** Everything that was known before this job. */
    Sheet before() {
        if (before == null) {
            before = known(job, documents);
        }
        return before;
    }

    private Map<RouteStage, StageDocument> stages() {
        if (stages == null) {
            stages = new EnumMap<>(RouteStage.class);
            for (RouteStage stage : RouteStage.route()) {
                job.stage(stage).ifPresent(kept -> stages.put(stage, documents.stage(kept)));
            }
        }
        return stages;
    }

    /** What a stage keeps; empty for one that was never opened. */
    StageDocument document(RouteStage stage) {
        return stages().getOrDefault(stage, StageDocument.EMPTY);
    }

    /** Everything the job knows: as frozen when it was signed, as it stands now otherwise. */
    Sheet sheet() {
        return job.sheet() == null ? sheetBut(null) : Sheet.of(documents.facts(job.sheet()));
    }

    /** The sheet without what one stage gave, which is what that stage may read. */
    Sheet sheetBut(RouteStage left) {
        return sheets.computeIfAbsent(Optional.ofNullable(left), stage -> read(stage.orElse(null)));
    }

    private Sheet read(RouteStage left) {
        Sheet sheet = before();
        for (Map.Entry<RouteStage, StageDocument> kept : stages().entrySet()) {
            if (kept.getKey() != left) {
                sheet = sheet.with(kept.getValue().facts());
            }
        }
        return sheet;
    }

    JobView view() {
        return new JobView(job, this);
    }

    Rail rail() {
        return JobView.rail(stations());
    }

    List<JobView.Station> stations() {
        List<JobView.Station> stations = new ArrayList<>();
        Optional<AssemblyKind> kind =
                !job.state().frozen() && sheet().has(FactKey.WHERE) ? sheet().kind() : Optional.empty();
        for (RouteStage stage : RouteStage.route()) {
            boolean absent = kind.filter(known -> absent(stage, known)).isPresent()
                    || stage == RouteStage.DIAGNOSE
                            && VehicleKind.like(job.position().vehicle().kind()).isEmpty();
            Optional<Stage> kept = job.stage(stage);
            StageDocument document = document(stage);
            List<StageEntry> changed = staleEntries(stage);
            Standing standing = kept.map(s -> new Standing(
                            stage,
                            Standing.State.valueOf(s.state().name()),
                            s.complete(),
                            !changed.isEmpty(),
                            document.findings()))
                    .orElse(absent ? Standing.absent(stage) : Standing.untouched(stage));
            stations.add(new JobView.Station(
                    standing,
                    kept.map(Stage::version).orElse(-1),
                    kept.map(Stage::savedAt).orElse(null),
                    document.entries(),
                    document.skipped(),
                    changed));
        }
        return stations;
    }

    /** True where a kind has no such station: one that is only guessed may turn out to have it, but for grease. */
    private boolean absent(RouteStage stage, AssemblyKind kind) {
        boolean grease = stage == RouteStage.GREASE;
        return !kind.route().stages().contains(stage.code()) && (grease || !sheet().guessed())
                || grease && sheet().greasedForLife();
    }

    /** Entries whose facts have changed since; none of a closed job, or of a stage that is no result. */
    private List<StageEntry> staleEntries(RouteStage stage) {
        boolean result = !job.state().frozen()
                && job.stage(stage).map(s -> s.state() == Stage.State.DONE).orElse(false);
        if (!result) {
            return List.of();
        }
        Sheet sheet = sheetBut(stage);
        return document(stage).entries().stream()
                .filter(entry -> stale(StageRules.of(stage, sheet, entry.typed().texts()), sheet, entry))
                .toList();
    }

    /** False when Diagnose found a cause at which no hub is opened, and none was set all the same. */
    boolean hubWork() {
        String cause = sheet().text(FactKey.VERDICT_CAUSE);
        return cause.isEmpty()
                || sheet().has(FactKey.SET_END_PLAY)
                || cause.endsWith("-bearing")
                        && (job.position().wheel() || !cause.equals(WHEEL_BEARING))
                        && !job.position().unknown();
    }

    private static List<Fact> fromVehicle(Vehicle vehicle, Job job) {
        List<Fact> facts = new ArrayList<>();
        facts.add(Fact.words(FactKey.VEHICLE_KIND, vehicle.kind(), How.TYPED, "vehicle"));
        facts.add(Fact.words(FactKey.AXLES, String.valueOf(vehicle.axles()), How.TYPED, "vehicle"));
        facts.add(Fact.words(FactKey.POSITION, job.complainedOf(), How.TYPED, "visit"));
        if (!job.position().unknown()) {
            facts.add(Fact.words(FactKey.WHERE, job.position().code(), How.TYPED, "visit"));
        }
        String circumstances = Stream.of(
                        Usage.circumstances(vehicle.use()),
                        job.position().unknown() ? "" : job.position().wentThrough())
                .flatMap(codes -> Stream.of(codes.split(" ")))
                .filter(code -> !code.isEmpty())
                .distinct()
                .collect(Collectors.joining(" "));
        if (!circumstances.isEmpty()) {
            facts.add(Fact.words(FactKey.CIRCUMSTANCES, circumstances, How.TYPED, "vehicle"));
        }
        Exposure left = job.position().unknown()
                ? Exposure.NONE
                : EventKind.left(job.position().wentThrough());
        leaves(facts, FactKey.CLEANLINESS, left.cleanliness());
        leaves(facts, FactKey.LOAD_TIMES, left.loadTimes());
        leaves(facts, FactKey.BLOW_TIMES, left.blowTimes());
        if (!vehicle.failures().isEmpty()) {
            facts.add(Fact.words(FactKey.FAILURES, vehicle.failures(), How.COMPUTED, "history"));
        }
        facts.add(Fact.words(FactKey.USE, vehicle.use(), How.TYPED, "vehicle"));
        facts.add(Fact.words(FactKey.COUNTER_UNIT, vehicle.counterUnit(), How.TYPED, "vehicle"));
        if (vehicle.yearlyDistance() != null) {
            facts.add(Fact.words(FactKey.YEARLY, counted(vehicle.yearlyDistance()), How.ESTIMATED, "vehicle"));
        }
        return facts;
    }

    private static void leaves(List<Fact> facts, FactKey key, Double left) {
        if (left != null) {
            facts.add(Fact.number(key, left, How.ESTIMATED, "vehicle"));
        }
    }

    /** A counter as a fact holds it. */
    static String counted(double counter) {
        return Show.number(counter, 1);
    }

    private static List<Fact> fromLastJob(Position position) {
        List<Fact> facts = new ArrayList<>();
        if (position.lastCounter() != null) {
            facts.add(Fact.words(FactKey.LAST_COUNTER, counted(position.lastCounter()), How.TYPED, "position"));
        }
        if (position.lastWorkedOn() != null) {
            facts.add(Fact.words(FactKey.LAST_DAY, position.lastWorkedOn().toString(), How.TYPED, "position"));
        }
        return facts;
    }

    private static boolean stale(StageRule<?> rule, Sheet sheet, StageEntry entry) {
        return entry.older() ? rule.changed(sheet, entry.hangsOn()) : rule.stale(sheet, entry.typed(), entry.hangsOn());
    }
}
