package unbo.app.record;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.fact.FactKey;
import unbo.core.logbook.Pairs;
import unbo.core.vehicle.Place;

/** Left against right over all vehicles, by what was measured at both sides last. */
@Service
@Transactional(readOnly = true)
public class PairsRecord {

    /** What is held against each other, and the least spread that its instrument tells apart. */
    private static final Map<FactKey, Double> MEASURED = measured();

    private final JdbcTemplate rows;

    PairsRecord(JdbcTemplate rows) {
        this.rows = rows;
    }

    /** One measured quantity over all pairs. @param unit of its figures */
    record Compared(String what, String unit, Pairs pairs) {}

    private record Side(long vehicle, String name, String kind, String code, double amount) {}

    private static Map<FactKey, Double> measured() {
        Map<FactKey, Double> all = new java.util.LinkedHashMap<>();
        all.put(FactKey.END_PLAY, 0.005);
        all.put(FactKey.SET_END_PLAY, 0.005);
        all.put(FactKey.TURNING_TORQUE, 0.05);
        all.put(FactKey.HUB_WARMER, 1.0);
        return all;
    }

    /** What was measured at two pairs or more. */
    List<Compared> all() {
        List<Compared> all = new ArrayList<>();
        MEASURED.forEach((key, least) -> {
            List<Pairs.Pair> pairs = pairs(key);
            if (pairs.size() > 1) {
                all.add(new Compared(key.words(), key.unit(), Pairs.of(pairs, least)));
            }
        });
        return all;
    }

    private List<Pairs.Pair> pairs(FactKey key) {
        Map<String, Side> last = new HashMap<>();
        rows.query(
                "SELECT v.id, v.name, v.kind, p.code, f.amount FROM log_fact f JOIN job j ON j.id = f.job_id "
                        + "JOIN vehicle_position p ON p.id = j.position_id JOIN vehicle v ON v.id = p.vehicle_id "
                        + "WHERE f.fact_key = ? AND f.amount IS NOT NULL AND j.state = 'SIGNED' "
                        + "ORDER BY j.worked_on, j.id, f.id",
                row -> {
                    Side side = new Side(
                            row.getLong("id"),
                            row.getString("name"),
                            row.getString("kind"),
                            row.getString("code"),
                            row.getDouble("amount"));
                    last.put(side.vehicle() + " " + side.code(), side);
                },
                key.name());
        List<Pairs.Pair> pairs = new ArrayList<>();
        last.values().stream().filter(side -> side.code().endsWith("left")).forEach(left -> {
            String twin = Place.of(left.kind(), left.code()).map(Place::twin).orElse("");
            Side right = last.get(left.vehicle() + " " + twin);
            if (right != null) {
                pairs.add(new Pairs.Pair(
                        left.name() + ", "
                                + left.code().replaceFirst("-?left$", "").replace('-', ' '),
                        left.amount(),
                        right.amount()));
            }
        });
        pairs.sort(java.util.Comparator.comparing(Pairs.Pair::name));
        return pairs;
    }
}
