package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.finding.Level;
import unbo.core.table.Table;
import unbo.core.table.TableRow;
import unbo.core.vehicle.Place;

/**
 * How urgent it is, from the results themselves whatever the probabilities say; the worst one counts. One step up for
 * the front wheel of a motorcycle or bicycle, and for a trailer that runs loaded or fast.
 *
 * @param level RIGHT when nothing is wrong yet
 * @param reasons the worst first
 */
public record Urgency(Level level, List<Reason> reasons) {

    private static final List<Rule> RULES = read();
    private static final List<String> ON_TWO_WHEELS = List.of("motorcycle", "bicycle");

    /**
     * One result that says something about urgency.
     *
     * @param why in words
     * @param stepped true when it counts one step more for where it is
     */
    public record Reason(Level level, Observation seen, String why, boolean stepped) {}

    private record Rule(String check, String result, List<String> hubs, Level level, String reason) {}

    static Urgency of(DiagnosisInput in) {
        List<Reason> reasons = new ArrayList<>();
        for (Observation seen : in.seen()) {
            Reason reason = of(seen, in);
            if (reason != null) {
                reasons.add(reason);
            }
        }
        reasons.sort(Comparator.comparing(Reason::level).reversed());
        return new Urgency(reasons.isEmpty() ? Level.RIGHT : reasons.get(0).level(), List.copyOf(reasons));
    }

    /** What one result says by itself; null when it says nothing of the kind. */
    static @Nullable Reason of(Observation seen, DiagnosisInput in) {
        Rule rule = RULES.stream()
                .filter(r -> r.check().equals(seen.check().id())
                        && r.result().equals(seen.result().code()))
                .filter(r -> r.hubs().contains("*")
                        || !hub(seen, in)
                        || r.hubs().contains(in.hubType().code()))
                .findFirst()
                .orElse(null);
        if (rule == null && seen.result().state() != Check.State.FOUND) {
            return null;
        }
        Level level = rule == null ? Level.WATCH : rule.level();
        boolean steps = level != Level.STOP && steps(seen, in);
        return new Reason(
                steps ? level == Level.WATCH ? Level.SOON : Level.STOP : level,
                seen,
                rule == null ? "" : rule.reason(),
                steps);
    }

    /** True where a wheel turns; anywhere else the kind of hub says nothing, and the strictest rule counts. */
    private static boolean hub(Observation seen, DiagnosisInput in) {
        return seen.position() != null
                && Place.of(in.vehicle(), seen.position()).map(Place::wheel).orElse(false);
    }

    private static boolean steps(Observation seen, DiagnosisInput in) {
        return seen.position() != null
                && (ON_TWO_WHEELS.contains(in.vehicle()) && seen.position().equals("front")
                        || in.vehicle().equals("trailer") && in.loaded());
    }

    private static List<Rule> read() {
        List<Rule> rules = new ArrayList<>();
        for (TableRow row : Table.read(Urgency.class, "urgency.csv")) {
            Check check = Checks.of(row.get("check"));
            if (check.index(row.get("result")) < 0) {
                throw new IllegalStateException("urgency.csv: " + check.id() + " has no result " + row.get("result"));
            }
            rules.add(new Rule(
                    check.id(),
                    row.get("result"),
                    Checks.words(row.get("hubs")),
                    row.one("level", Level.class),
                    row.get("reason")));
        }
        return List.copyOf(rules);
    }
}
