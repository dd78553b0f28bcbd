package unbo.core.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import unbo.core.stage.RouteStage;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What a stage takes where no plan of its steps says so: our own guide, for a hub that is neither new nor rusted.
 *
 * @param minutes hands-on
 * @param uses resources beside a person
 */
public record StageWork(RouteStage stage, int minutes, List<String> uses) {

    private static final Map<RouteStage, StageWork> ALL = read();

    public StageWork {
        uses = List.copyOf(uses);
    }

    public static StageWork of(RouteStage stage) {
        return java.util.Objects.requireNonNull(ALL.get(stage));
    }

    private static Map<RouteStage, StageWork> read() {
        Map<RouteStage, StageWork> all = new LinkedHashMap<>();
        for (TableRow row : Table.read(StageWork.class, "stages.csv")) {
            RouteStage stage = row.one("stage", RouteStage::of);
            all.put(stage, new StageWork(stage, row.whole("minutes"), row.words("uses")));
        }
        if (all.size() != RouteStage.route().size()) {
            throw new IllegalStateException("stages.csv has " + all.size() + " stages");
        }
        return all;
    }
}
