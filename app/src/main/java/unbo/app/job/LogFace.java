package unbo.app.job;

import java.util.List;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.core.stage.RouteStage;

/** Log shows what happened at the position before. */
@Component
class LogFace implements StageFace {

    private final JobService jobs;

    LogFace(JobService jobs) {
        this.jobs = jobs;
    }

    @Override
    public RouteStage stage() {
        return RouteStage.LOG;
    }

    @Override
    public List<String> asksFirst(Showing shown) {
        return List.of("cause", "note");
    }

    @Override
    public List<StageCard.Group> groups(Showing shown) {
        return List.of(new StageCard.Group(
                "Own rule for when it is due", List.of("season", "ownMonths", "ownCount", "ownImmersions")));
    }

    @Override
    public void show(Showing shown, Model model) {
        model.addAttribute("history", jobs.newest(shown.view().position().id(), JobPages.SHORT_LIST));
    }
}
