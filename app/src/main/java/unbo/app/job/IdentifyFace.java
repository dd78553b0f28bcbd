package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.core.assembly.AssemblyKind;
import unbo.core.stage.RouteStage;
import unbo.core.tools.identify.HubFields;

/** Identify asks what kind it is, once, by picture, and then a number for each of its places. */
@Component
class IdentifyFace implements StageFace {

    @Override
    public RouteStage stage() {
        return RouteStage.IDENTIFY;
    }

    @Override
    public Set<String> chooses() {
        return Set.of(HubFields.KIND);
    }

    @Override
    public Optional<StageEntry> entry(JobView view, Map<String, String> sent) {
        return view.station(stage()).entry("");
    }

    /** What stands on each bearing; a cup's number only beside a cone that nobody has read yet. */
    @Override
    public List<String> asksFirst(Showing shown) {
        List<String> first = new ArrayList<>();
        for (HubFields.Boxes boxes : HubFields.boxes(kind(shown))) {
            if (boxes.cone() == null) {
                first.addAll(boxes.seldom());
                continue;
            }
            first.add(boxes.cone());
            if (boxes.cup() != null && shown.typed().text(boxes.cone()).isBlank()) {
                first.add(boxes.cup());
            }
        }
        return first;
    }

    /** What it is is chosen by picture. */
    @Override
    public Set<String> apart(Showing shown) {
        return Set.of(HubFields.KIND);
    }

    @Override
    public List<StageCard.Group> groups(Showing shown) {
        List<StageCard.Group> groups = new ArrayList<>();
        for (HubFields.Boxes boxes : HubFields.boxes(kind(shown))) {
            if (boxes.cone() != null) {
                List<String> names = new ArrayList<>();
                names.add(boxes.cone());
                if (boxes.cup() != null) {
                    names.add(boxes.cup());
                }
                names.addAll(boxes.seldom());
                groups.add(new StageCard.Group(boxes.place().title() + ": sizes by hand, maker, batch", names));
            }
        }
        groups.add(new StageCard.Group("Seal", List.of("seal", "allSame")));
        groups.add(new StageCard.Group(
                "Lengths between the bearings; a stated default stands in",
                List.of("betweenCups", "hubBore", "spindle")));
        return groups;
    }

    private static AssemblyKind said(Showing shown) {
        return AssemblyKind.find(shown.typed().text(HubFields.KIND)).orElse(null);
    }

    private static AssemblyKind kind(Showing shown) {
        AssemblyKind said = said(shown);
        return said != null || shown.sheet().guessed()
                ? said
                : shown.sheet().kind().orElse(null);
    }

    @Override
    public void show(Showing shown, Model model) {
        model.addAttribute("kind", kind(shown));
        model.addAttribute("said", said(shown) != null);
        model.addAttribute("kinds", AssemblyKind.all());
    }
}
