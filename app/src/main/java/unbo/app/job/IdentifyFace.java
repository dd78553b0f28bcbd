package unbo.app.job;

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

    @Override
    public void show(Showing shown, Model model) {
        AssemblyKind said =
                AssemblyKind.find(shown.typed().text(HubFields.KIND)).orElse(null);
        AssemblyKind known = said != null || shown.sheet().guessed()
                ? said
                : shown.sheet().kind().orElse(null);
        model.addAttribute("kind", known);
        model.addAttribute("said", said != null);
        model.addAttribute("kinds", AssemblyKind.all());
        model.addAttribute("boxes", HubFields.boxes(known));
    }
}
