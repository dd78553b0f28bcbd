package unbo.core.route;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.fact.FactKey;
import unbo.core.lubrication.HubGreaseInput;
import unbo.core.measure.Show;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.running.HubGreaseFields;
import unbo.core.tools.running.HubGreaseTool;

/** What Grease does with its input: the boxes of every place of the kind, one rule for each kind. */
final class GreaseRule {

    private static final StageRule<HubGreaseInput> UNSAID = rule(null);
    private static final Map<String, StageRule<HubGreaseInput>> RULES = rules();

    private GreaseRule() {}

    /** @param kind null where nothing tells it */
    static StageRule<HubGreaseInput> of(@Nullable AssemblyKind kind) {
        return kind == null ? UNSAID : requireNonNull(RULES.get(kind.code()));
    }

    private static Map<String, StageRule<HubGreaseInput>> rules() {
        Map<String, StageRule<HubGreaseInput>> rules = new HashMap<>();
        AssemblyKind.all().forEach(kind -> rules.put(kind.code(), rule(kind)));
        return Map.copyOf(rules);
    }

    private static StageRule<HubGreaseInput> rule(@Nullable AssemblyKind kind) {
        HubGreaseTool tool = new HubGreaseTool();
        return StageRule.of(
                        RouteStage.GREASE,
                        tool,
                        kind == null ? HubGreaseFields.LIST : HubGreaseFields.of(kind),
                        HubGreaseFields.ASKED)
                .usually(GreaseRule::looseBalls);
    }

    /** Cups and cones are measured by nobody: the room that such balls usually run in. It is no fact of the job. */
    private static List<Fill> looseBalls(Sheet sheet) {
        List<Fill> fills = new ArrayList<>();
        List<KindPlace> places = sheet.places();
        for (int i = 0; i < places.size(); i++) {
            KindPlace place = places.get(i);
            if (place.loose()) {
                String name = FactKey.IN_ORDER.get(i);
                fills.add(mm(name + "Bore", place.usual().boreMm()));
                fills.add(mm(name + "Outside", place.usual().outsideMm()));
                fills.add(mm(name + "Width", place.usual().widthMm()));
            }
        }
        return fills;
    }

    private static Fill mm(String box, double length) {
        return new Fill(box, Show.number(length, 3) + " mm", List.of());
    }
}
