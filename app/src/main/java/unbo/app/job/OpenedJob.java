package unbo.app.job;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.route.RouteStage;
import unbo.core.route.SignOff;
import unbo.core.route.StageRules;
import unbo.core.sheet.Fact;
import unbo.core.sheet.FactKey;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.vehicle.Usage;

/** A job with its documents read once: its sheet, its stations and whether it may be signed. */
final class OpenedJob {

    private static final String WHEEL_BEARING = "wheel-bearing";

    private final Job job;
    private final Map<RouteStage, StageDocument> stages = new EnumMap<>(RouteStage.class);
    private final Sheet before;
    private final Sheet frozen;

    OpenedJob(Job job, Documents documents) {
        this.job = job;
        for (RouteStage stage : RouteStage.route()) {
            job.stage(stage).ifPresent(kept -> stages.put(stage, documents.stage(kept)));
        }
        this.frozen = job.sheet() == null ? null : Sheet.of(documents.facts(job.sheet()));
        this.before = Sheet.of(documents.facts(job.position().facts())).with(fromVehicle(job.position().vehicle(), job.complainedOf())).with(fromLastJob(job.position()));
    }

    /** What a stage keeps; empty for one that was never opened. */
    StageDocument document(RouteStage stage) {
        return stages.getOrDefault(stage, StageDocument.EMPTY);
    }

    /** Everything the job knows: as frozen when it was signed, as it stands now otherwise. */
    Sheet sheet() {
        return frozen != null ? frozen : sheetBut(null);
    }

    /** The sheet without what one stage gave, which is what that stage may read. */
    Sheet sheetBut(RouteStage left) {
        Sheet sheet = before;
        for (Map.Entry<RouteStage, StageDocument> kept : stages.entrySet()) {
            if (kept.getKey() != left) {
                sheet = sheet.with(kept.getValue().facts());
            }
        }
        return sheet;
    }

    JobView view() {
        return new JobView(job, job.position(), job.position().vehicle(), stations(), sheet(), signOff(), hubWork(), this::sheetBut);
    }

    Rail rail() {
        return JobView.rail(stations());
    }

    private List<JobView.Station> stations() {
        List<JobView.Station> stations = new ArrayList<>();
        for (RouteStage stage : RouteStage.values()) {
            Optional<Stage> kept = job.stage(stage);
            StageDocument document = document(stage);
            stations.add(new JobView.Station(stage, kept.map(s -> s.state().name()).orElse(stage.used() ? "OPEN" : "UNUSED"),
                    kept.map(Stage::complete).orElse(false), stale(stage), document.answer() == null ? Level.OPEN : document.answer().level(),
                    kept.map(Stage::version).orElse(-1), kept.map(Stage::savedAt).orElse(null), document.texts(), document.answer(), document.skipped()));
        }
        return stations;
    }

    private boolean stale(RouteStage stage) {
        return !job.state().frozen() && job.stage(stage).map(s -> s.state() == Stage.State.DONE).orElse(false)
                && !StageRules.of(stage, sheetBut(stage), document(stage).texts()).hangsOn(sheetBut(stage)).equals(document(stage).hangsOn());
    }

    SignOff signOff() {
        Map<RouteStage, SignOff.Station> at = new EnumMap<>(RouteStage.class);
        stages.forEach((stage, document) -> {
            Stage kept = job.stage(stage).orElseThrow();
            at.put(stage, new SignOff.Station(kept.state() == Stage.State.DONE, kept.state() == Stage.State.SKIPPED, kept.complete(),
                    document.answer() == null ? List.of() : document.answer().findings()));
        });
        return SignOff.of(at, hubWork());
    }

    /** False when Diagnose found a cause at which no hub is opened, and none was set all the same. */
    boolean hubWork() {
        String cause = sheet().text(FactKey.VERDICT_CAUSE);
        return cause.isEmpty() || sheet().has(FactKey.SET_END_PLAY) || cause.equals(WHEEL_BEARING) && job.position().wheel();
    }

    private static List<Fact> fromVehicle(Vehicle vehicle, String complainedOf) {
        List<Fact> facts = new ArrayList<>();
        facts.add(Fact.words(FactKey.VEHICLE_KIND, vehicle.kind(), How.TYPED, "vehicle"));
        facts.add(Fact.words(FactKey.AXLES, String.valueOf(vehicle.axles()), How.TYPED, "vehicle"));
        facts.add(Fact.words(FactKey.POSITION, complainedOf, How.TYPED, "visit"));
        String circumstances = Usage.circumstances(vehicle.use());
        if (!circumstances.isEmpty()) {
            facts.add(Fact.words(FactKey.CIRCUMSTANCES, circumstances, How.TYPED, "vehicle"));
        }
        if (!vehicle.failures().isEmpty()) {
            facts.add(Fact.words(FactKey.FAILURES, vehicle.failures(), How.COMPUTED, "history"));
        }
        facts.add(Fact.words(FactKey.USE, vehicle.use(), How.TYPED, "vehicle"));
        facts.add(Fact.words(FactKey.COUNTER_UNIT, vehicle.counterUnit(), How.TYPED, "vehicle"));
        if (vehicle.yearlyDistance() != null) {
            facts.add(Fact.words(FactKey.YEARLY, Show.number(vehicle.yearlyDistance(), 1), How.ESTIMATED, "vehicle"));
        }
        return facts;
    }

    private static List<Fact> fromLastJob(Position position) {
        List<Fact> facts = new ArrayList<>();
        if (position.lastCounter() != null) {
            facts.add(Fact.words(FactKey.LAST_COUNTER, Show.number(position.lastCounter(), 1), How.TYPED, "position"));
        }
        if (position.lastWorkedOn() != null) {
            facts.add(Fact.words(FactKey.LAST_DAY, position.lastWorkedOn().toString(), How.TYPED, "position"));
        }
        return facts;
    }
}
