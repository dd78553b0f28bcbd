package unbo.core.route;

import java.util.List;
import java.util.Optional;

import unbo.core.assembly.AssemblyKind;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;

/**
 * A way in which a position is set: one for each tool that stands at Set. The place or the kind of hub has a usual one;
 * another may be chosen.
 */
public final class SetWay {

    /** Name of the text that chooses the way. */
    public static final String BY = "by";

    /** Where neither the place nor the kind of hub tells. */
    private static final String OTHERWISE = "nut";

    private static final List<SetWay> ALL = Tools.all().stream()
            .filter(tool -> tool.stand().map(Stand::stage).equals(Optional.of(RouteStage.SET)))
            .map(SetWay::new)
            .toList();

    private final Stand stand;
    private final String asks;
    private final StageRule<?> rule;

    private SetWay(Tool<?, ?> tool) {
        this.stand = tool.stand().orElseThrow();
        this.asks = tool.asks();
        List<String> boxes = tool.fields().fields().stream().map(Field::name).toList();
        this.rule = StageRule.of(RouteStage.SET, tool, boxes).named(typed -> new EntryName(code(), label()));
    }

    /** Every way, in the order of the bench. */
    public static List<SetWay> all() {
        return ALL;
    }

    public String code() {
        return stand.way();
    }

    public String label() {
        return stand.label();
    }

    /** The question it answers. */
    public String asks() {
        return asks;
    }

    StageRule<?> rule() {
        return rule;
    }

    /** The way by its code; empty for any other text. */
    public static Optional<SetWay> of(String code) {
        return ALL.stream().filter(way -> way.code().equals(code)).findFirst();
    }

    /** The usual way: by the position (a head, a crank, a gearbox), then by the kind of hub or of assembly. */
    public static SetWay usual(Sheet sheet) {
        FactKey known = sheet.has(FactKey.VERDICT_AT)
                ? FactKey.VERDICT_AT
                : sheet.has(FactKey.WHERE) ? FactKey.WHERE : FactKey.POSITION;
        return at(sheet.text(known))
                .or(() -> at(sheet.text(FactKey.HUB_TYPE)))
                .or(() -> sheet.kind().map(AssemblyKind::code).flatMap(SetWay::at))
                .or(() -> of(OTHERWISE))
                .orElseThrow();
    }

    private static Optional<SetWay> at(String code) {
        return ALL.stream().filter(way -> way.stand.usual().contains(code)).findFirst();
    }
}
