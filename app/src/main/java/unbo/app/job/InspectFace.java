package unbo.app.job;

import java.util.Map;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.app.race.RaceView;
import unbo.core.damage.Brush;
import unbo.core.damage.RaceMapInput;
import unbo.core.inspect.Inspection;
import unbo.core.stage.RouteStage;

/** Inspect paints races, an entry for each bearing. */
@Component
class InspectFace implements StageFace {

    @Override
    public RouteStage stage() {
        return RouteStage.INSPECT;
    }

    @Override
    public boolean several() {
        return true;
    }

    @Override
    public Map<String, String> touched(Map<String, String> texts, Map<String, String> sent) {
        return Brush.touched(texts, sent);
    }

    @Override
    public boolean wide() {
        return true;
    }

    @Override
    public void show(Showing shown, Model model) {
        RaceMapInput map =
                shown.work().ok() ? ((Inspection.Input) shown.work().reading().record()).races() : null;
        model.addAttribute("race", RaceView.of(map));
    }
}
